package ripplerest.core.estimate;

import java.util.Map;
import java.util.Optional;
import java.util.random.RandomGenerator;
import ripplerest.core.dressing.Part;
import ripplerest.core.dressing.PartKind;
import ripplerest.core.dressing.Pattern;
import ripplerest.core.hook.Hook;
import ripplerest.core.hook.HookSpec;
import ripplerest.core.sizing.SizedPattern;

/**
 * A fly as a hand ties it to the plan, and on a hook as it comes out of the packet: one draw of how
 * far lengths, turns, counts and thicknesses come out otherwise. All of it assumption, but that a
 * hand is good to about as much as it can measure.
 */
final class Hand {
  /** Spread of a length, mm, and as a share of a long one. */
  private static final double LENGTH_MM = 0.2;

  private static final double LENGTH_SHARE = 0.03;

  /** Spread of a number of turns. */
  private static final double TURNS = 0.25;

  /** Spread of a number of fibres, as a share of it. */
  private static final double COUNT_SHARE = 0.08;

  /** Spread of a wound thickness, as a share of it. */
  private static final double THICK_SHARE = 0.08;

  /** Spread of a hook's dimensions off its table, and off what was measured of one of its kind. */
  private static final double CATALOGUE = 0.03;

  private static final double MEASURED = 0.01;

  /** Furthest that anything strays, in spreads. */
  private static final double MOST = 2.5;

  private final RandomGenerator random;

  private Hand(RandomGenerator random) {
    this.random = random;
  }

  /** The fly as it comes out this time. */
  static PreparedFly tied(PreparedFly fly, RandomGenerator random) {
    return new Hand(random).tie(fly);
  }

  private PreparedFly tie(PreparedFly fly) {
    Pattern pattern = fly.pattern().withHook(hook(fly.sized().hook(), fly.pattern().hook()));
    for (int i = 0; i < pattern.parts().size(); i++) {
      pattern = pattern.withPart(i, part(pattern.parts().get(i)));
    }
    SizedPattern sized = fly.sizer().size(pattern);
    return fly.with(
        sized.withLengths(
            mm -> Math.max(mm / 2, mm + stray() * Math.max(LENGTH_MM, LENGTH_SHARE * mm))));
  }

  private HookSpec hook(Hook hook, HookSpec spec) {
    double off = spec.measured().isPresent() ? MEASURED : CATALOGUE;
    Optional<Double> tenMg = spec.measured().flatMap(HookSpec.Measured::tenMg);
    HookSpec.Measured drawn =
        new HookSpec.Measured(
            spec.measured().map(HookSpec.Measured::name).orElse("as it comes"),
            hook.shankMm() * (1 + off * stray()),
            hook.gapMm() * (1 + off * stray()),
            hook.wireMm() * (1 + off * stray()),
            hook.eyeMm() * (1 + off * stray()),
            tenMg);
    return new HookSpec(
        spec.size(),
        spec.shape(),
        spec.lengthSteps(),
        spec.wireSteps(),
        spec.barbed(),
        Optional.of(drawn));
  }

  private Part part(Part part) {
    Part tied = part;
    Map<String, Object> values = PartKind.of(part).values(part);
    for (PartKind.Field f : PartKind.of(part).fields()) {
      if (values.get(f.name()) instanceof Number n && n.doubleValue() > 0) {
        double spread =
            switch (f.unit()) {
              case "turns" -> TURNS;
              case "fibres", "hairs", "barbs" -> COUNT_SHARE * n.doubleValue();
              case "wire diameters" -> THICK_SHARE * n.doubleValue();
              default -> 0;
            };
        if (spread > 0) {
          double at = n.doubleValue() + spread * stray();
          at = Math.max(f.low(), Math.min(f.high(), at));
          tied = tied.with(f.name(), f.type() == PartKind.Type.COUNT ? Math.rint(at) : at);
        }
      }
    }
    return tied;
  }

  private double stray() {
    return Math.max(-MOST, Math.min(MOST, random.nextGaussian()));
  }
}
