package ripplerest.core.estimate;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.function.Consumer;
import java.util.stream.Stream;
import ripplerest.core.assembly.FlyBody;
import ripplerest.core.estimate.Estimate.Band;
import ripplerest.core.estimate.Estimate.PartWeight;
import ripplerest.core.quantity.Together;
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
    return estimate(fly, options, early -> {});
  }

  /**
   * The same for somebody who does not wait.
   *
   * @param early told, of a full estimate, what is known while more casts and the band are on their
   *     way: the band is empty, the headline of few casts
   */
  public static Estimate estimate(PreparedFly fly, Options options, Consumer<Estimate> early) {
    options.work().throwIfCancelled();
    LandedFly landed = LandedFly.of(fly);
    return switch (options.depth()) {
      case POSE ->
          Told.of(landed, Optional.empty(), Optional.empty())
              .with(Optional.empty(), List.of(), Optional.empty());
      case RESERVE ->
          pressed(landed, landed.reserve()).with(Optional.empty(), List.of(), Optional.empty());
      case FULL ->
          Together.both(
              landed::reserve,
              () -> landed.others(options.work()::cancelled),
              (reserve, others) -> full(landed, pressed(landed, reserve), others, options, early));
    };
  }

  private static Told pressed(LandedFly landed, Optional<FilmReserve> reserve) {
    double reach = landed.finder().reachMm();
    return Told.of(landed, reserve, landed.rest().map(r -> Footprint.of(r, reach)));
  }

  private static Estimate full(
      LandedFly landed, Told told, List<Rest> others, Options options, Consumer<Estimate> early) {
    List<Rest> known = new ArrayList<>(others);
    landed.rest().ifPresent(known::add);
    Headline headline =
        Headline.of(
            landed.fly(),
            known,
            options.seed(),
            options.work(),
            sofar -> early.accept(told.with(Optional.of(sofar), others, Optional.empty())));
    List<Rest> all = Stream.concat(others.stream(), headline.found().stream()).toList();
    Estimate unbanded = told.with(Optional.of(headline), all, Optional.empty());
    if (options.samples() == 0) {
      return unbanded;
    }
    early.accept(unbanded);
    options.work().throwIfCancelled();
    Band band = Bands.of(landed, options.samples(), options.seed(), options.work());
    return told.with(Optional.of(headline), all, Optional.of(band));
  }

  /** What is known once a fly has landed and was pressed down. */
  private record Told(
      PreparedFly fly,
      Landing upright,
      Optional<FilmReserve> reserve,
      Optional<Footprint> footprint,
      List<Warning> warnings) {
    static Told of(LandedFly landed, Optional<FilmReserve> reserve, Optional<Footprint> footprint) {
      PreparedFly fly = landed.fly();
      Landing upright = landed.landing();
      return new Told(fly, upright, reserve, footprint, warned(fly, upright, reserve));
    }

    Estimate with(Optional<Headline> headline, List<Rest> others, Optional<Band> band) {
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
          warnings,
          LEFT_OUT);
    }
  }

  private static List<Warning> warned(
      PreparedFly fly, Landing upright, Optional<FilmReserve> reserve) {
    List<Warning> warnings = new ArrayList<>(fly.sized().warnings());
    warnings.addAll(OrderOfWork.warnings(fly.sized(), fly.materials()));
    warnings.addAll(ModelRange.warnings(fly.body(), upright, reserve));
    reserve.filter(r -> r.path().isRough()).ifPresent(r -> warnings.add(rough(r)));
    return List.copyOf(warnings);
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
