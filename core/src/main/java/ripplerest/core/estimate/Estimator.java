package ripplerest.core.estimate;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import ripplerest.core.assembly.FlyBody;
import ripplerest.core.estimate.Estimate.Band;
import ripplerest.core.estimate.Estimate.PartWeight;
import ripplerest.core.quantity.Warning;
import ripplerest.core.rest.FilmReserve;
import ripplerest.core.rest.Footprint;
import ripplerest.core.rest.Landing;
import ripplerest.core.rest.Rest;
import ripplerest.core.steps.OrderOfWork;

/** The one estimate: whatever needs to know how a fly sits calls this. */
public final class Estimator {
  private static final List<String> LEFT_OUT =
      List.of(
          "waves, current and drag",
          "sag and twist of the tippet",
          "the slope of the film along a thick member");

  private Estimator() {}

  /** Estimates one fly. Same input and seed, same output. */
  public static Estimate estimate(PreparedFly fly, Options options) {
    options.work().throwIfCancelled();
    LandedFly landed = LandedFly.of(fly);
    Landing upright = landed.landing();
    boolean pressed = options.depth() != Options.Depth.POSE;
    boolean full = options.depth() == Options.Depth.FULL;
    Optional<FilmReserve> reserve = pressed ? landed.reserve() : Optional.empty();
    List<Rest> others = full ? landed.others(options.work()::cancelled) : List.of();
    List<Rest> known = new ArrayList<>(others);
    upright.rest().ifPresent(known::add);
    Optional<Headline> headline =
        full
            ? Optional.of(Headline.of(fly, known, options.seed(), options.work()))
            : Optional.empty();
    options.work().throwIfCancelled();
    Optional<Footprint> footprint =
        upright.rest().filter(r -> pressed).map(r -> Footprint.of(r, landed.finder().reachMm()));
    Optional<Band> band =
        !full || options.samples() == 0
            ? Optional.empty()
            : Optional.of(Bands.of(landed, options.samples(), options.seed(), options.work()));
    List<Warning> warnings = new ArrayList<>(fly.sized().warnings());
    warnings.addAll(OrderOfWork.warnings(fly.sized(), fly.materials()));
    warnings.addAll(ModelRange.warnings(fly.body(), upright, reserve));
    reserve.filter(r -> r.path().isRough()).ifPresent(r -> warnings.add(rough(r)));
    return new Estimate(
        fly,
        weight(fly.body()),
        upright.outcome(),
        upright.rest(),
        upright.noRest(),
        headline,
        others,
        reserve,
        footprint,
        band,
        Verdict.of(upright, headline, others),
        List.copyOf(warnings),
        LEFT_OUT);
  }

  private static Warning rough(FilmReserve reserve) {
    FilmReserve.Path path = reserve.path();
    String words =
        path.ranOut()
            ? "The film reserve is a least one: its search ended before the fly was under."
            : "The film reserve is rough: at %d of %d depths the fly was still turning when its steps ran out."
                .formatted(path.unturned(), path.heights());
    return new Warning("reserve-rough", "fly", words, reserve.sinksAt(), "× weight");
  }

  private static List<PartWeight> weight(FlyBody body) {
    Map<String, Double> byPart = new TreeMap<>();
    body.lumps().forEach(l -> byPart.merge(l.part(), l.massMg(), Double::sum));
    return byPart.entrySet().stream().map(e -> new PartWeight(e.getKey(), e.getValue())).toList();
  }
}
