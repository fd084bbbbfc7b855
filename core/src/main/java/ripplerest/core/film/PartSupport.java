package ripplerest.core.film;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.stream.IntStream;
import ripplerest.core.assembly.FlyBody;

/** What the water does to the parts of a fly in the pose that was settled last. */
final class PartSupport {
  /** Water bridges thick members that come nearer than this, mm (assumption). */
  private static final double BRIDGED_MM = 0.2;

  private PartSupport() {}

  /** Parts whose thick members the water joins, each set of two or more. */
  static List<Set<String>> joined(FlyBody body, Slices slices, FilmState state) {
    int members = body.members().size();
    boolean[] asked = new boolean[members * members]; // pairs that are joined, or of one part
    for (int m = 0; m < members; m++) {
      for (int n = 0; n < members; n++) {
        asked[m * members + n] = body.members().get(m).part().equals(body.members().get(n).part());
      }
    }
    List<Set<String>> sets = new ArrayList<>();
    int[] taken = IntStream.range(0, slices.count).filter(k -> state.taken[k]).toArray();
    for (int i = 0; i < taken.length; i++) {
      for (int j = 0; j < i; j++) {
        int here = slices.member[taken[i]];
        int there = slices.member[taken[j]];
        if (!asked[here * members + there] && slices.isWithin(taken[i], taken[j], BRIDGED_MM)) {
          asked[here * members + there] = true;
          join(sets, body.members().get(here).part(), body.members().get(there).part());
        }
      }
    }
    return sets;
  }

  private static void join(List<Set<String>> sets, String here, String there) {
    Set<String> both = new TreeSet<>(Set.of(here, there));
    sets.removeIf(
        set -> {
          boolean meets = set.contains(here) || set.contains(there);
          both.addAll(meets ? set : Set.of());
          return meets;
        });
    sets.add(both);
  }

  /**
   * Part name to {force of the film, buoyancy, moment that turns the tail end up}, µN and µN·mm
   * about the centre of mass.
   */
  static Map<String, double[]> of(FlyBody body, Slices slices, Fibres fibres, FilmState state) {
    Map<String, double[]> byPart = new TreeMap<>();
    for (int k = 0; k < slices.count; k++) {
      String part = body.members().get(slices.member[k]).part();
      double[] held = byPart.computeIfAbsent(part, p -> new double[3]);
      held[0] += slices.film[k];
      held[1] += slices.total[k] - slices.film[k];
      held[2] += slices.total[k] * slices.x[k];
    }
    for (int i = 0; i < fibres.count; i++) {
      double[] held = byPart.computeIfAbsent(body.fibres().get(i).part(), p -> new double[3]);
      double buoyancy = fibres.buoyancy(i, state.fibres[i]);
      held[0] += fibres.force[i];
      held[1] += buoyancy;
      held[2] += fibres.force[i] * fibres.x(i, fibres.reach[i]);
      if (buoyancy > 0) {
        double middle = fibres.buoyancyReach(i, state.fibres[i]);
        held[2] += buoyancy * fibres.x(i, middle);
      }
    }
    return byPart;
  }

  /** Number of lying fibres that the film bears. */
  static int lyingLoaded(Fibres fibres, FilmState state) {
    int loaded = 0;
    for (int i = 0; i < fibres.count; i++) {
      if (state.fibres[i] == FibreState.LYING && FibreShape.bears(fibres.force[i])) {
        loaded++;
      }
    }
    return loaded;
  }
}
