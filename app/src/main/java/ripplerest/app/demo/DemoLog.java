package ripplerest.app.demo;

import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;
import java.util.SplittableRandom;
import org.springframework.stereotype.Component;
import ripplerest.app.library.MaterialStore;
import ripplerest.app.log.LogStore;
import ripplerest.app.patterns.PatternEntity;
import ripplerest.core.estimate.Estimator;
import ripplerest.core.estimate.Options;
import ripplerest.core.estimate.PreparedFly;
import ripplerest.core.outline.Outline;
import ripplerest.core.outline.Outliner;
import ripplerest.core.sizing.SizedPattern;
import ripplerest.core.sizing.Sizer;
import ripplerest.core.tied.Planned;
import ripplerest.exchange.card.SidePicture;
import ripplerest.exchange.format.LoggedFly;
import ripplerest.exchange.format.PatternFile;

/**
 * The log of Fennel Hut's loan box, all of it invented: a hand whose wings come out long and whose
 * tails come out a little short, and a made-up picture of three of its flies.
 */
@Component
class DemoLog {
  private static final Instant FIRST = Instant.parse("2026-09-12T18:30:00Z");
  private static final int EACH = 3;
  private static final int TIED = 4;
  private static final double WINGS_LONG = 0.08;
  private static final double TAILS_SHORT = -0.04;
  private static final double SCATTER = 0.04;
  private static final List<String> NOTES =
      List.of(
          "For the hut's box.",
          "Cold fingers; the last turn slipped.",
          "",
          "Went out with the Tuesday party.",
          "Second try, the first wing rolled.");

  private final LogStore log;
  private final Sizer sizer;
  private final MaterialStore materials;

  DemoLog(LogStore log, Sizer sizer, MaterialStore materials) {
    this.log = log;
    this.sizer = sizer;
    this.materials = materials;
  }

  /**
   * Logs three flies of each of the first patterns, in the order in which they would be tied.
   *
   * @return them, in this order
   */
  List<LoggedFly> load(List<PatternEntity> patterns, List<PatternFile> files) {
    List<LoggedFly> logged = new ArrayList<>();
    SplittableRandom random = new SplittableRandom(20260912);
    for (int n = 0; n < TIED * EACH; n++) {
      int which = n % TIED;
      PatternFile file = files.get(which);
      SizedPattern sized = sizer.size(file.pattern());
      Instant at = FIRST.plus(4L * n, ChronoUnit.DAYS).plus(random.nextInt(90), ChronoUnit.MINUTES);
      double seconds = 60 * (19 - 0.4 * n + random.nextGaussian());
      LoggedFly fresh = LoggedFly.fresh(patterns.get(which).document(), at, Math.rint(seconds));
      List<LoggedFly.Measurement> made = made(Planned.of(sized), random);
      LoggedFly fly =
          new LoggedFly(
              fresh.id(),
              at,
              fresh.seconds(),
              0,
              NOTES.get(n % NOTES.size()),
              fresh.document(),
              LoggedFly.made(Planned.of(sized), made),
              null);
      log.keep(fly, patterns.get(which).id(), List.of(), "");
      logged.add(fly);
      if (n < EACH) {
        log.picture(fly.id(), new LogStore.Picture("image/png", picture(file, sized, n)));
      }
    }
    return logged;
  }

  private static List<LoggedFly.Measurement> made(List<Planned> planned, SplittableRandom random) {
    List<LoggedFly.Measurement> made = new ArrayList<>();
    for (Planned p : planned) {
      boolean length = p.field().equals("length");
      if (length || p.field().equals("turns")) {
        double habit = p.part().equals("tail") ? TAILS_SHORT : WINGS_LONG;
        double share = 1 + habit + SCATTER * random.nextGaussian();
        double value =
            length
                ? Math.round(10 * p.value() * share) / 10.0
                : p.value() + (random.nextInt(4) == 0 ? 1 : 0);
        made.add(new LoggedFly.Measurement(p.part(), p.field(), value, 0));
      }
    }
    return made;
  }

  private byte[] picture(PatternFile file, SizedPattern sized, int n) {
    PreparedFly fly = PreparedFly.of(sized, materials.materials(), file.conditions());
    Outline drawn = Outliner.of(Estimator.estimate(fly, Options.poseOnly()));
    return new SidePicture(52 - 4 * n, 2 - 3 * n).png(drawn);
  }
}
