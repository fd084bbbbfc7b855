package ripplerest.core.estimate;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.SplittableRandom;
import java.util.TreeMap;
import java.util.function.ToDoubleFunction;
import org.hipparchus.stat.StatUtils;
import ripplerest.core.assembly.Assembler;
import ripplerest.core.assembly.FlyBody;
import ripplerest.core.estimate.Estimate.Band;
import ripplerest.core.estimate.Estimate.Interval;
import ripplerest.core.estimate.Estimate.PartWeight;
import ripplerest.core.film.FilmSolver;
import ripplerest.core.film.Wetting;
import ripplerest.core.material.Materials;
import ripplerest.core.quantity.Warning;
import ripplerest.core.rest.Attitude;
import ripplerest.core.rest.FilmReserve;
import ripplerest.core.rest.Footprint;
import ripplerest.core.rest.Landing;
import ripplerest.core.rest.Rest;
import ripplerest.core.rest.RestFinder;
import ripplerest.core.rest.RestSearch;
import ripplerest.core.sizing.SizedPattern;
import ripplerest.core.water.Conditions;

/** The one estimate: whatever needs to know how a fly sits calls this. */
public final class Estimator {
  /** Spread of the logarithm of the touchdown factor between casts (assumption). */
  private static final double TOUCHDOWN_SPREAD = 0.35;

  private static final List<String> LEFT_OUT =
      List.of(
          "waves, current and drag",
          "sag and twist of the tippet",
          "the slope of the film along a thick member",
          "air that a tuft loses little by little");

  private Estimator() {}

  /** Estimates one fly. Same input and seed, same output. */
  public static Estimate estimate(
      SizedPattern sized, Materials materials, Conditions conditions, Options options) {
    stopIf(options);
    Trial trial = new Trial(sized, materials, conditions, options);
    Landing upright = trial.land(Attitude.UPRIGHT);
    boolean pressed = options.depth() != Options.Depth.POSE;
    boolean full = options.depth() == Options.Depth.FULL;
    Optional<FilmReserve> reserve =
        upright.rest().filter(r -> pressed).map(r -> FilmReserve.from(r, trial.finder));
    List<Rest> others = full ? trial.others(upright, options) : List.of();
    stopIf(options);
    Optional<Footprint> footprint =
        upright.rest().filter(r -> pressed).map(r -> Footprint.of(r, trial.finder));
    Optional<Band> band =
        !full || options.samples() == 0
            ? Optional.empty()
            : Optional.of(band(sized, materials, conditions, options, upright));
    List<Warning> warnings = new ArrayList<>(sized.warnings());
    warnings.addAll(ModelRange.warnings(trial.body, upright));
    return new Estimate(
        sized,
        conditions,
        weight(trial.body),
        trial.body.massMg(),
        trial.popBackMg(),
        upright.rest(),
        upright.reason(),
        others,
        reserve,
        footprint,
        band,
        Verdict.of(upright, others),
        List.copyOf(warnings),
        LEFT_OUT);
  }

  private static List<PartWeight> weight(FlyBody body) {
    Map<String, Double> byPart = new TreeMap<>();
    body.lumps().forEach(l -> byPart.merge(l.part(), l.massMg(), Double::sum));
    return byPart.entrySet().stream().map(e -> new PartWeight(e.getKey(), e.getValue())).toList();
  }

  /** One draw of everything that is only roughly known. */
  private record Draw(Optional<Rest> rest, double reserve, double popBackMg) {}

  private static Band band(
      SizedPattern sized,
      Materials materials,
      Conditions conditions,
      Options options,
      Landing nominal) {
    SplittableRandom random = new SplittableRandom(options.seed());
    List<SplittableRandom> sources = new ArrayList<>();
    for (int i = 0; i < options.samples(); i++) {
      sources.add(random.split());
    }
    List<Draw> draws =
        sources.parallelStream()
            .map(own -> draw(sized, materials, conditions, options, own))
            .toList();
    List<Draw> floated = draws.stream().filter(d -> d.rest().isPresent()).toList();
    long same =
        floated.stream()
            .filter(
                d ->
                    nominal.rest().filter(n -> n.posture() == d.rest().get().posture()).isPresent())
            .count();
    return new Band(
        draws.size(),
        floated.size(),
        (int) same,
        interval(floated, d -> d.rest().get().eyeMm()),
        interval(floated, d -> d.rest().get().bendMm()),
        interval(floated, d -> d.rest().get().pointMm()),
        interval(floated, d -> Math.toDegrees(d.rest().get().pose().pitchRad())),
        interval(floated, Draw::reserve),
        interval(draws, Draw::popBackMg).get());
  }

  private static Draw draw(
      SizedPattern sized,
      Materials materials,
      Conditions conditions,
      Options options,
      SplittableRandom random) {
    stopIf(options);
    Materials drawn = materials.drawn(random);
    double cast = conditions.touchdownFactor() * Math.exp(TOUCHDOWN_SPREAD * random.nextGaussian());
    double factor = Math.max(1, Math.min(8, cast));
    Trial trial = new Trial(sized, drawn, conditions.withTouchdown(factor), options);
    Landing landing = trial.land(Attitude.UPRIGHT);
    stopIf(options);
    double reserve =
        landing.rest().map(r -> FilmReserve.keepsPostureTo(r, trial.finder)).orElse(0.0);
    return new Draw(landing.rest(), reserve, trial.popBackMg());
  }

  private static Optional<Interval> interval(List<Draw> draws, ToDoubleFunction<Draw> value) {
    if (draws.isEmpty()) {
      return Optional.empty();
    }
    double[] values = draws.stream().mapToDouble(value).toArray();
    return Optional.of(
        new Interval(StatUtils.percentile(values, 10), StatUtils.percentile(values, 90)));
  }

  private static void stopIf(Options options) {
    if (options.cancelled().getAsBoolean()) {
      throw new Cancelled();
    }
  }

  /** A fly assembled and ready to land. */
  private static final class Trial {
    final FlyBody body;
    final RestFinder finder;
    final Conditions conditions;
    private final SizedPattern sized;
    private final Materials materials;
    private final Options options;

    Trial(SizedPattern sized, Materials materials, Conditions conditions, Options options) {
      this.sized = sized;
      this.materials = materials;
      this.options = options;
      this.conditions = conditions;
      this.body = Assembler.assemble(sized, materials, conditions.floatant(), options.mesh());
      this.finder = finder();
    }

    private RestFinder finder() {
      Wetting wetting = Wetting.of(materials, conditions.floatant());
      FilmSolver film =
          new FilmSolver(body, wetting, conditions.water(), options.mesh(), conditions.tippet());
      return new RestFinder(film, sized.hook());
    }

    /** Every other rest; a fly is assembled with its two sides alike. */
    List<Rest> others(Landing upright, Options options) {
      return RestSearch.all(
          this::finder,
          conditions.touchdownFactor(),
          true,
          upright.rest().stream().toList(),
          options.cancelled());
    }

    Landing land(Attitude attitude) {
      return finder.land(attitude, conditions.touchdownFactor());
    }

    double popBackMg() {
      return body.drownedVolumeMm3() * conditions.water().density() - body.massMg();
    }
  }
}
