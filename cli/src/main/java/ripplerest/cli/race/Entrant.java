package ripplerest.cli.race;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.HashMap;
import java.util.Map;
import java.util.Optional;
import java.util.function.BiFunction;
import ripplerest.core.estimate.Answers;
import ripplerest.core.estimate.Estimate;
import ripplerest.core.estimate.Estimator;
import ripplerest.core.estimate.Options;
import ripplerest.core.estimate.PreparedFly;
import ripplerest.core.estimate.Work;
import ripplerest.core.hook.HookSpec;
import ripplerest.core.material.Materials;
import ripplerest.core.rest.Rest;
import ripplerest.core.sizing.Sizer;
import ripplerest.core.sizing.Style;
import ripplerest.core.water.Conditions;
import ripplerest.core.water.Floatant;
import ripplerest.exchange.format.PatternFile;
import ripplerest.exchange.format.PatternReader;

/**
 * One version of the core in a race: this class is loaded once beside each, so it asks only what
 * all of them have. A question is a {@link Measure}'s name and a fly as {@link Race} names it; the
 * answer is milliseconds and, where it rests, eye, bend and point, mm, pitch and roll, °.
 */
public final class Entrant implements BiFunction<String, String, double[]> {
  private final Map<String, PreparedFly> flies = new HashMap<>();

  @Override
  public double[] apply(String measure, String name) {
    PreparedFly known = flies.computeIfAbsent(name, Entrant::read);
    // put together anew, as when a hand changes it
    PreparedFly fly = PreparedFly.of(known.sized(), known.materials(), known.conditions());
    long start = System.nanoTime();
    Optional<Rest> rest = ask(Measure.valueOf(measure), fly);
    double ms = (System.nanoTime() - start) / 1e6;
    return rest.map(
            r ->
                new double[] {
                  ms,
                  r.eyeMm(),
                  r.bendMm(),
                  r.pointMm(),
                  Math.toDegrees(r.pose().pitchRad()),
                  Math.toDegrees(r.pose().rollRad())
                })
        .orElse(new double[] {ms});
  }

  private static Optional<Rest> ask(Measure measure, PreparedFly fly) {
    if (measure == Measure.CASTS) {
      Answers.landing(fly, Answers.CASTS, 1, Work.unwatched());
      return Optional.empty();
    }
    Estimate found =
        Estimator.estimate(
            fly,
            switch (measure) {
              case POSE -> Options.poseOnly();
              case RESERVE -> Options.withReserve();
              case WHOLE -> Options.withoutBand();
              default -> Options.withBand(1);
            });
    return found.rest();
  }

  /** {@code style:size:FLOATANT} or {@code file:FLOATANT}. */
  private static PreparedFly read(String name) {
    String[] words = name.split(":");
    Floatant floatant = Floatant.valueOf(words[words.length - 1]);
    Conditions water = Conditions.DEFAULT;
    Conditions day =
        new Conditions(
            water.temperatureC(),
            water.filmFactor(),
            floatant,
            water.touchdownFactor(),
            water.tippet(),
            water.falseCastsPerMinute());
    Sizer sizer = new Sizer(Materials.standard());
    if (words.length > 2) {
      HookSpec hook = new HookSpec(Integer.parseInt(words[1]), HookSpec.Shape.STRAIGHT, 0, 0);
      return PreparedFly.of(
          sizer.size(Sizer.defaults(Style.named(words[0]), hook, "race")), sizer.materials(), day);
    }
    try (InputStream in = Files.newInputStream(Path.of(words[0]))) {
      PatternFile file = new PatternReader(sizer).read(in);
      Sizer own = file.carried().onto(sizer);
      return PreparedFly.of(own.size(file.pattern()), own.materials(), day);
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }
}
