package ripplerest.exchange.format;

import java.time.Instant;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.UUID;
import org.hipparchus.geometry.euclidean.twod.Vector2D;
import ripplerest.core.calibration.GlassPhotograph;
import ripplerest.core.calibration.Ladder;
import ripplerest.core.calibration.Prediction;
import ripplerest.core.calibration.Seen;
import ripplerest.core.quantity.OutOfRangeException;
import ripplerest.core.quantity.Require;
import ripplerest.core.rest.Sitting;
import ripplerest.core.water.Conditions;
import ripplerest.core.water.Floatant;

/**
 * A tied fly that was put into a glass of water: what was foretold before anything was measured,
 * and what was seen.
 *
 * @param id its own
 * @param fly of the log
 * @param madeAt when
 * @param temperatureC of the water, °C
 * @param floatant how it was prepared
 * @param laid how it came down: 1 laid on the water, 2 let fall from low, 4 from high
 * @param foretold before it was measured; it stays as it was then. Null until it is worked out, and
 *     until then nothing can be seen
 * @param seen what was seen
 * @param picture what was marked in a picture of it; null without one
 * @param leftOut whether nothing is to be learnt from it
 * @param notes free words
 */
public record LoggedTest(
    UUID id,
    UUID fly,
    Instant madeAt,
    double temperatureC,
    Floatant floatant,
    double laid,
    Foretold foretold,
    Noted seen,
    GlassMarks picture,
    boolean leftOut,
    String notes) {
  private static final int LONGEST_NOTES = 2000;
  private static final int MOST = 50;
  private static final Instant EARLIEST = Instant.parse("1900-01-01T00:00:00Z");
  private static final Instant LATEST = Instant.parse("2200-01-01T00:00:00Z");

  /** The same under another id, of a fly under another. */
  public LoggedTest identified(UUID as, UUID ofFly) {
    return new LoggedTest(
        as, ofFly, madeAt, temperatureC, floatant, laid, foretold, seen, picture, leftOut, notes);
  }

  public LoggedTest {
    Require.present("id", id);
    Require.present("fly", fly);
    Require.present("madeAt", madeAt);
    if (madeAt.isBefore(EARLIEST) || madeAt.isAfter(LATEST)) {
      throw new OutOfRangeException(
          "madeAt", madeAt, "from " + EARLIEST + " to " + LATEST, "Give the time of the test.");
    }
    seen = seen == null ? Noted.NOTHING : seen;
    if (foretold == null && !seen.equals(Noted.NOTHING)) {
      throw new OutOfRangeException(
          "seen", "before anything was foretold", "after it", "Wait for what is foretold.");
    }
    notes = notes == null ? "" : notes;
    if (notes.length() > LONGEST_NOTES) {
      throw new OutOfRangeException(
          "notes", notes.length() + " characters", "at most 2000 characters", "Shorten the notes.");
    }
    PatternReader.checkText("notes", notes);
    day(temperatureC, floatant, laid); // refuses water that is none
  }

  /** Noted was foretold; null minutes: longer than it is followed. */
  public record Foretold(
      List<Prediction.Way> ways,
      List<Prediction.Range> measures,
      List<Double> bearsMg,
      double popsBack,
      Double minutes,
      int byTests) {
    public Foretold {
      ways = most("ways", ways);
      measures = most("measures", measures);
      bearsMg = most("bearsMg", bearsMg);
      Require.inRange("popsBack", popsBack, 0, 1, "");
      bearsMg.forEach(mg -> Require.inRange("bearsMg", mg, 0, 1e6, "mg"));
      ways.forEach(w -> Require.inRange("share", w.share(), 0, 1, ""));
      for (Prediction.Range r : measures) {
        Require.present("what", r.what());
        Require.inRange("low", r.low(), -500, 500, "");
        Require.inRange("middle", r.middle(), -500, 500, "");
        Require.inRange("high", r.high(), -500, 500, "");
      }
      if (minutes != null) {
        Require.inRange("minutes", minutes, 0, 1e5, "min");
      }
      Require.inRange("byTests", byTests, 0, 100_000, "");
    }

    /** For the core. */
    public Prediction read() {
      return new Prediction(
          ways, measures, bearsMg, popsBack, Optional.ofNullable(minutes), byTests);
    }

    public static Foretold of(Prediction p) {
      return new Foretold(
          p.ways(), p.measures(), p.bearsMg(), p.popsBack(), p.minutes().orElse(null), p.byTests());
    }
  }

  /** Noted was seen; what is null nobody looked at. */
  public record Noted(
      Sitting sits,
      List<Seen.Measure> measured,
      List<Seen.Hung> hung,
      Boolean popsBack,
      Seen.Lasted lasted,
      boolean unlike) {
    static final Noted NOTHING = new Noted(null, List.of(), List.of(), null, null, false);

    public Noted {
      measured = most("measured", measured);
      hung = most("hung", hung);
      seen(sits, measured, hung, popsBack, lasted, unlike); // refuses what contradicts itself
    }

    /** For the core. */
    public Seen read() {
      return seen(sits, measured, hung, popsBack, lasted, unlike);
    }

    private static Seen seen(
        Sitting sits,
        List<Seen.Measure> measured,
        List<Seen.Hung> hung,
        Boolean popsBack,
        Seen.Lasted lasted,
        boolean unlike) {
      return new Seen(
          Optional.ofNullable(sits),
          measured,
          hung,
          Optional.ofNullable(popsBack),
          Optional.ofNullable(lasted),
          unlike);
    }

    /** The same with what a picture told in place of what was measured of the same before. */
    Noted pictured(List<Seen.Measure> told) {
      List<Seen.Measure> others =
          measured.stream()
              .filter(m -> told.stream().noneMatch(t -> t.what() == m.what()))
              .toList();
      List<Seen.Measure> all = new java.util.ArrayList<>(others);
      all.addAll(told);
      return new Noted(sits, all, hung, popsBack, lasted, unlike);
    }
  }

  /** A place in a picture, px from its top left corner. */
  public record MarkedPlace(double x, double y) {
    public MarkedPlace {
      Require.inRange("x", x, -30_000, 30_000, "px");
      Require.inRange("y", y, -30_000, 30_000, "px");
    }

    Vector2D vector() {
      return new Vector2D(x, y);
    }
  }

  /** Noted was marked in a picture through glass; {@code point} is null if it is not to be seen. */
  public record GlassMarks(
      double lensToWallMm,
      double wallToFlyMm,
      int widthPx,
      int heightPx,
      MarkedPlace eye,
      MarkedPlace bend,
      MarkedPlace point,
      List<MarkedPlace> film) {
    public GlassMarks {
      taken(lensToWallMm, wallToFlyMm, widthPx, heightPx); // refuses where no camera can be
      film = most("film", film);
      if (eye == null || bend == null || film.size() != 2) {
        throw new OutOfRangeException(
            "marks",
            "not all there",
            "eye, bend, and the water left and right",
            "Mark what is missing.");
      }
    }

    private static GlassPhotograph.Taken taken(
        double lensToWallMm, double wallToFlyMm, int widthPx, int heightPx) {
      return new GlassPhotograph.Taken(lensToWallMm, wallToFlyMm, widthPx, heightPx);
    }

    /** Where camera and fly were. */
    public GlassPhotograph.Taken taken() {
      return taken(lensToWallMm, wallToFlyMm, widthPx, heightPx);
    }

    /** For the core. */
    public GlassPhotograph.Marks read() {
      return new GlassPhotograph.Marks(
          eye.vector(),
          bend.vector(),
          Optional.ofNullable(point).map(MarkedPlace::vector),
          film.stream().map(MarkedPlace::vector).toList());
    }
  }

  private static <T> List<T> most(String name, List<T> list) {
    List<T> all = list == null ? List.of() : list.stream().filter(Objects::nonNull).toList();
    Require.inRange(name, all.size(), 0, MOST);
    return all;
  }

  private static Conditions day(double temperatureC, Floatant floatant, double laid) {
    return new Conditions(temperatureC, 1, floatant, laid, Optional.empty(), 0);
  }

  /** The water in the glass, and how the fly came to it: clean, still, no tippet. */
  public Conditions conditions() {
    return day(temperatureC, floatant, laid);
  }

  /** Which fly it was and how it was prepared: tests of one are repetitions of one another. */
  public String tied() {
    return fly + " " + floatant;
  }

  /** Whether there is something to learn from it. */
  public boolean counts() {
    return foretold != null && !leftOut && !seen.read().saysNothing();
  }

  /** Noted to hang from it next, if that would still tell something. */
  public Optional<Ladder.Rung> next() {
    return foretold == null || foretold.bearsMg().isEmpty()
        ? Optional.empty()
        : Ladder.next(foretold.bearsMg(), seen.hung());
  }

  /** A test that is about to be made. */
  public static LoggedTest fresh(
      UUID fly, Instant at, double temperatureC, Floatant floatant, double laid) {
    return new LoggedTest(
        UUID.randomUUID(), fly, at, temperatureC, floatant, laid, null, null, null, false, "");
  }

  /** The same test with what is foretold of it; what was foretold before stays. */
  public LoggedTest foretold(Foretold what) {
    return new LoggedTest(
        id,
        fly,
        madeAt,
        temperatureC,
        floatant,
        laid,
        foretold == null ? what : foretold,
        seen,
        picture,
        leftOut,
        notes);
  }

  /** The same test with what was seen since. */
  public LoggedTest with(Noted seen, boolean leftOut, String notes) {
    return new LoggedTest(
        id, fly, madeAt, temperatureC, floatant, laid, foretold, seen, picture, leftOut, notes);
  }

  /** The same test with what a picture told. */
  public LoggedTest pictured(GlassMarks marks, GlassPhotograph told) {
    Noted with = seen.pictured(told.measured());
    return new LoggedTest(
        id, fly, madeAt, temperatureC, floatant, laid, foretold, with, marks, leftOut, notes);
  }
}
