package ripplerest.core.estimate;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.function.ToDoubleFunction;
import ripplerest.core.dressing.Part;
import ripplerest.core.dressing.PartKind;
import ripplerest.core.dressing.Pattern;
import ripplerest.core.hook.HookSpec;
import ripplerest.core.material.Form;
import ripplerest.core.material.Material;
import ripplerest.core.material.Wear;
import ripplerest.core.rest.Rest;

/**
 * What a tier asks of a fly before trusting it: the same fly with one thing otherwise, each
 * estimated anew.
 *
 * @param now the fly as it is
 * @param soaked with each part in turn wet through, the one that costs most first
 * @param without each part in turn left off, its weight with it, the one that costs most first;
 *     what cannot be tied without it is not asked
 * @param heavier on a hook one wire heavier; empty if there is none
 * @param lean why it leans as it does; empty if it sinks
 */
public record WhatIfs(
    RestSummary now,
    List<WhatIf> soaked,
    List<WhatIf> without,
    Optional<WhatIf> heavier,
    Optional<PitchBalance> lean) {
  /** A fly floats by a part without which a third or more of its reserve is gone. */
  private static final double FLOATS_BY = 1.0 / 3;

  /** A loss of film reserve smaller than this share is not worth naming. */
  private static final double WORTH_NAMING = 0.1;

  public WhatIfs {
    soaked = List.copyOf(soaked);
    without = List.copyOf(without);
  }

  /**
   * One thing otherwise.
   *
   * @param part what was changed
   * @param then how it sits so
   */
  public record WhatIf(String part, RestSummary then) {}

  /** The part whose soaking costs most, if any costs enough to be named. */
  public Optional<WhatIf> weakest() {
    return soaked.stream()
        .findFirst()
        .filter(w -> w.then().bearsMg(now) < (1 - WORTH_NAMING) * now.bearsMg(now));
  }

  /** The part that the fly floats by, if it floats by one. */
  public Optional<WhatIf> floatsBy() {
    return without.stream()
        .findFirst()
        .filter(
            w ->
                w.then().sinksAt() * w.then().massMg()
                    < (1 - FLOATS_BY) * now.sinksAt() * now.massMg());
  }

  /** How a fly sits with one part left off. */
  public static RestSummary without(PreparedFly fly, int index) {
    return RestSummary.of(leftOff(fly, index));
  }

  /** Without a part and what is tied round it. */
  private static PreparedFly leftOff(PreparedFly fly, int index) {
    Part part = fly.pattern().parts().get(index);
    List<Part> left = new ArrayList<>(fly.pattern().parts());
    left.remove(index);
    if (part instanceof Part.Post) {
      left.removeIf(Part.ParachuteHackle.class::isInstance);
    }
    if (part instanceof Part.Thorax) {
      left.removeIf(Part.ThoraxCover.class::isInstance);
    }
    return fly.with(fly.pattern().withParts(left));
  }

  /** Asks all of it. */
  public static WhatIfs of(PreparedFly fly, Work work) {
    return new Asking(fly, work).answer();
  }

  /** One fly's questions under way. */
  private static final class Asking {
    private static final String SOAKED = "/soaked";

    private final PreparedFly fly;
    private final Work work;
    private int done;
    private int all;

    Asking(PreparedFly fly, Work work) {
      this.fly = fly;
      this.work = work;
    }

    WhatIfs answer() {
      List<String> names = fly.pattern().names();
      all = 2 * names.size() + 3;
      LandedFly landed = LandedFly.of(fly);
      Optional<Rest> rest = landed.rest();
      RestSummary now = sits(landed);
      ToDoubleFunction<WhatIf> holds = w -> rest.map(r -> r.holds(w.part())).orElse(0.0);
      List<WhatIf> soaked = new ArrayList<>();
      for (int i = 0; i < names.size(); i++) {
        if (soaks(fly.pattern().parts().get(i))) {
          soaked.add(new WhatIf(names.get(i), soaked(i)));
        } else {
          tell();
        }
      }
      soaked.sort(
          Comparator.<WhatIf>comparingDouble(w -> w.then().bearsMg(now))
              .thenComparingDouble(w -> w.then().sinksAt())
              .thenComparing(Comparator.comparingDouble(holds).reversed()));
      List<WhatIf> without = new ArrayList<>();
      for (int i = 0; i < names.size(); i++) {
        String name = names.get(i);
        without(i).ifPresent(then -> without.add(new WhatIf(name, then)));
      }
      without.sort(
          Comparator.<WhatIf>comparingDouble(w -> w.then().sinksAt() * w.then().massMg())
              .thenComparing(Comparator.comparingDouble(holds).reversed()));
      Optional<WhatIf> heavier = heavier();
      Optional<PitchBalance> lean = rest.map(r -> PitchBalance.of(fly, r));
      tell();
      return new WhatIfs(now, soaked, without, heavier, lean);
    }

    /** Wire and beads take up no water. */
    private static boolean soaks(Part part) {
      Form form = PartKind.of(part).form();
      return form != Form.STRAND && form != Form.SOLID;
    }

    /** Without this part and what is tied round it; empty for what every fly has. */
    private Optional<RestSummary> without(int index) {
      Part part = fly.pattern().parts().get(index);
      if (part instanceof Part.Thread || part instanceof Part.Head) {
        tell();
        return Optional.empty();
      }
      return Optional.of(sits(LandedFly.of(leftOff(fly, index))));
    }

    /** Only this part wet through, others of the same material stay as they are. */
    private RestSummary soaked(int index) {
      Part part = fly.pattern().parts().get(index);
      Material wet = fly.materials().get(part.material()).worn(Wear.SOAKED);
      String name = wet.id() + SOAKED;
      return sits(
          LandedFly.of(
              fly.with(fly.sized().withPart(index, part.withMaterial(name)))
                  .with(fly.materials().with(wet.named(name)))));
    }

    private Optional<WhatIf> heavier() {
      Pattern pattern = fly.pattern();
      int steps = pattern.hook().wireSteps() + 1;
      if (steps > HookSpec.HEAVIEST) {
        return Optional.empty();
      }
      Pattern heavier = pattern.withHook(pattern.hook().withWire(steps));
      return Optional.of(new WhatIf("hook", sits(LandedFly.of(fly.with(heavier)))));
    }

    private RestSummary sits(LandedFly landed) {
      work.throwIfCancelled();
      RestSummary sits = RestSummary.of(landed);
      tell();
      return sits;
    }

    private void tell() {
      done++;
      work.progress(done, all);
    }
  }
}
