package ripplerest.core.estimate;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import ripplerest.core.dressing.Part;
import ripplerest.core.dressing.PartKind;
import ripplerest.core.dressing.Pattern;
import ripplerest.core.hook.HookSpec;
import ripplerest.core.material.Form;
import ripplerest.core.material.Material;
import ripplerest.core.material.Wear;
import ripplerest.core.quantity.Words;
import ripplerest.core.rest.Outcome;
import ripplerest.core.rest.Rest;

/**
 * What a tier asks of a fly before trusting it: the same fly with one thing otherwise, each
 * estimated anew.
 *
 * @param now the fly as it is
 * @param soaked with each part in turn wet through, and what the water joins together, the one that
 *     costs most first
 * @param without each part in turn left off, its weight with it, and what the water joins together,
 *     the one that costs most first; what cannot be tied without it is not asked
 * @param heavier on a hook one wire heavier; empty if there is none
 * @param lean why it leans as it does; empty if it sinks
 */
public record WhatIfs(
    RestSummary now,
    List<WhatIf> soaked,
    List<WhatIf> without,
    Optional<WhatIf> heavier,
    Optional<PitchBalance> lean) {
  /** A fly floats by a part without which no more than this share of its reserve is left. */
  private static final double FLOATS_BY = 2.0 / 3;

  /** A loss of film reserve smaller than this share is not worth naming. */
  private static final double WORTH_NAMING = 0.1;

  public WhatIfs {
    soaked = List.copyOf(soaked);
    without = List.copyOf(without);
  }

  /**
   * One thing otherwise.
   *
   * @param parts what was changed
   * @param then how it sits so
   */
  public record WhatIf(List<String> parts, RestSummary then) {
    public WhatIf {
      parts = List.copyOf(parts);
    }

    /** Its parts, as they are told. */
    public String words() {
      return parts.stream().map(Words::of).collect(Collectors.joining(" and "));
    }
  }

  /** The part whose soaking costs most, if any costs enough to be named. */
  public Optional<WhatIf> weakest() {
    return soaked.stream()
        .findFirst()
        .filter(w -> w.then().bearsMg(now) < (1 - WORTH_NAMING) * now.bearsMg(now));
  }

  /** What the fly floats by, if it floats by one thing. */
  public Optional<WhatIf> floatsBy() {
    return without.stream()
        .findFirst()
        .filter(w -> w.then().sinksAtMg() < FLOATS_BY * now.sinksAtMg());
  }

  /** What the fly loses most without, its parts by themselves; empty if it sinks as it is. */
  public static Optional<List<String>> mainstay(PreparedFly fly, Work work) {
    if (RestSummary.posed(fly).outcome() != Outcome.RESTS) {
      return Optional.empty();
    }
    return fly.pattern().names().stream()
        .filter(name -> isLeftOff(fly, name))
        .min(
            Comparator.comparingDouble(
                name -> {
                  work.throwIfCancelled();
                  return without(fly, List.of(name)).sinksAtMg();
                }))
        .map(List::of);
  }

  /** How a fly sits with some of its parts left off, and what is tied round them. */
  public static RestSummary without(PreparedFly fly, List<String> parts) {
    return RestSummary.of(leftOff(fly, parts));
  }

  /** A fly with some of its parts left off, and what is tied round them. */
  public static PreparedFly leftOff(PreparedFly fly, List<String> names) {
    List<Part> off = names.stream().map(name -> part(fly, name)).toList();
    List<Part> left = new ArrayList<>(fly.pattern().parts());
    left.removeIf(part -> off.stream().anyMatch(o -> o == part || isTiedRound(part, o)));
    return fly.with(fly.pattern().withParts(left));
  }

  private static boolean isTiedRound(Part part, Part held) {
    return held instanceof Part.Post && part instanceof Part.ParachuteHackle
        || held instanceof Part.Thorax && part instanceof Part.ThoraxCover;
  }

  private static Part part(PreparedFly fly, String name) {
    return fly.pattern().parts().get(fly.pattern().names().indexOf(name));
  }

  /** Names of the parts that can be left off. */
  public static List<String> losable(PreparedFly fly) {
    return fly.pattern().names().stream().filter(n -> isLeftOff(fly, n)).toList();
  }

  /** Every fly has thread and head. */
  private static boolean isLeftOff(PreparedFly fly, String name) {
    Part part = part(fly, name);
    return !(part instanceof Part.Thread || part instanceof Part.Head);
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
      LandedFly landed = LandedFly.of(fly);
      Optional<Rest> rest = landed.rest();
      List<List<String>> each = fly.pattern().names().stream().map(List::of).toList();
      List<List<String>> asked = new ArrayList<>(each);
      asked.addAll(rest.map(this::joined).orElse(List.of()));
      List<List<String>> soak =
          asked.stream().filter(p -> p.stream().allMatch(this::soaks)).toList();
      List<List<String>> leave =
          asked.stream().filter(p -> p.stream().allMatch(n -> isLeftOff(fly, n))).toList();
      all = soak.size() + leave.size() + 3;
      RestSummary now = sits(landed);
      Comparator<WhatIf> holdsMost =
          Comparator.comparingDouble(
              w ->
                  -w.parts().stream()
                      .mapToDouble(p -> rest.map(r -> r.holds(p)).orElse(0.0))
                      .sum());
      List<WhatIf> soaked = new ArrayList<>(soak.stream().map(this::soaked).toList());
      soaked.sort(
          Comparator.<WhatIf>comparingDouble(w -> w.then().bearsMg(now))
              .thenComparingDouble(w -> w.then().sinksAt())
              .thenComparing(holdsMost));
      List<WhatIf> without =
          new ArrayList<>(
              leave.stream().map(p -> new WhatIf(p, sits(LandedFly.of(leftOff(fly, p))))).toList());
      without.sort(
          Comparator.<WhatIf>comparingDouble(w -> w.then().sinksAtMg())
              .thenComparingInt(w -> w.parts().size())
              .thenComparing(holdsMost));
      Optional<WhatIf> heavier = heavier();
      Optional<PitchBalance> lean = rest.map(r -> PitchBalance.of(fly, r));
      tell();
      return new WhatIfs(now, soaked, without, heavier, lean);
    }

    /** What the water joins, and what can be told of together; not the whole of the fly. */
    private List<List<String>> joined(Rest rest) {
      List<String> names = fly.pattern().names().stream().filter(n -> isLeftOff(fly, n)).toList();
      return rest.held().stream()
          .map(h -> h.parts().stream().filter(names::contains).toList())
          .filter(parts -> parts.size() > 1 && parts.size() < names.size())
          .toList();
    }

    /** Wire and beads take up no water. */
    private boolean soaks(String name) {
      Form form = PartKind.of(part(fly, name)).form();
      return form != Form.STRAND && form != Form.SOLID;
    }

    /** Only these parts wet through, others of the same material stay as they are. */
    private WhatIf soaked(List<String> parts) {
      PreparedFly soaked = fly;
      for (String name : parts) {
        Part part = part(fly, name);
        Material wet = fly.materials().get(part.material()).worn(Wear.SOAKED);
        String id = wet.id() + SOAKED;
        int index = fly.pattern().names().indexOf(name);
        soaked =
            soaked
                .with(soaked.sized().withPart(index, part.withMaterial(id)))
                .with(soaked.materials().with(wet.named(id)));
      }
      return new WhatIf(parts, sits(LandedFly.of(soaked)));
    }

    private Optional<WhatIf> heavier() {
      Pattern pattern = fly.pattern();
      int steps = pattern.hook().wireSteps() + 1;
      if (steps > HookSpec.HEAVIEST) {
        return Optional.empty();
      }
      Pattern heavier = pattern.withHook(pattern.hook().withWire(steps));
      return Optional.of(new WhatIf(List.of("hook"), sits(LandedFly.of(fly.with(heavier)))));
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
