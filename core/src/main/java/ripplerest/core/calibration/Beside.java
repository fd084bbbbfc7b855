package ripplerest.core.calibration;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import ripplerest.core.calibration.Prediction.Range;
import ripplerest.core.calibration.Prediction.Way;
import ripplerest.core.calibration.Seen.Hung;
import ripplerest.core.calibration.Seen.Measure;
import ripplerest.core.calibration.Seen.What;
import ripplerest.core.quantity.Quantity;
import ripplerest.core.quantity.Sentence;
import ripplerest.core.quantity.Words;
import ripplerest.core.rest.Judgement;
import ripplerest.core.rest.Sitting;

/**
 * One thing that was foretold of a test beside what was seen, in a tier's words.
 *
 * @param what it is, a kind of {@link Seen#kinds()}
 * @param foretold eight times in ten, or how likely
 * @param seen with its error
 * @param stands how the one stands to the other
 */
public record Beside(String what, Sentence foretold, Sentence seen, Stands stands) {
  /** How what was seen stands to what was foretold. */
  public enum Stands {
    AS_FORETOLD,
    LOWER,
    HIGHER,
    /** Foretold less than one time in ten. */
    UNLIKELY,
    /** Nothing was foretold of it that could be held against it. */
    NOT_FORETOLD
  }

  /** The middle eight tenths lie between these of a prediction's twentieths. */
  private static final int LOW = 1;

  private static final int HIGH = 17;
  private static final double LIKELY = 0.1;

  /** Ways that are rarer are not told. */
  private static final double TOLD = 0.05;

  private static final Sentence NOTHING = Sentence.of("–");

  /** All that was seen, each beside what was foretold of it. */
  public static List<Beside> of(Prediction foretold, Seen seen) {
    List<Beside> all = new ArrayList<>();
    seen.sits().ifPresent(s -> all.add(posture(foretold, s)));
    seen.measured().forEach(m -> all.add(measure(foretold, m)));
    if (!seen.hung().isEmpty()) {
      all.add(bears(foretold, seen.hung()));
    }
    seen.popsBack().ifPresent(up -> all.add(popsBack(foretold, up)));
    seen.lasted().ifPresent(l -> all.add(minutes(foretold, l)));
    return List.copyOf(all);
  }

  private static Beside posture(Prediction foretold, Sitting sits) {
    double share =
        foretold.ways().stream()
            .filter(w -> w.sits() == sits)
            .mapToDouble(Way::share)
            .findFirst()
            .orElse(0);
    return new Beside(
        "posture",
        ways(foretold),
        word(sits),
        share >= LIKELY ? Stands.AS_FORETOLD : Stands.UNLIKELY);
  }

  private static Beside measure(Prediction foretold, Measure m) {
    Optional<Range> range =
        foretold.measures().stream().filter(r -> r.what() == m.what()).findFirst();
    Sentence read = Sentence.of("%s ± %s", told(m.what(), m.value()), error(m));
    return range
        .map(
            r ->
                new Beside(m.what().word(), between(r), read, stands(r.low(), m.value(), r.high())))
        .orElse(new Beside(m.what().word(), NOTHING, read, Stands.NOT_FORETOLD));
  }

  private static Stands stands(double low, double value, double high) {
    return value < low ? Stands.LOWER : value > high ? Stands.HIGHER : Stands.AS_FORETOLD;
  }

  private static Beside bears(Prediction foretold, List<Hung> hung) {
    double up = hung.stream().filter(Hung::floats).mapToDouble(Hung::mg).max().orElse(0);
    double down =
        hung.stream()
            .filter(h -> !h.floats())
            .mapToDouble(Hung::mg)
            .min()
            .orElse(Double.POSITIVE_INFINITY);
    Sentence read =
        Double.isInfinite(down)
            ? Sentence.of("%s and more", mg(up))
            : Sentence.of("%s, not %s", mg(up), mg(down));
    if (foretold.bearsMg().size() <= HIGH) {
      return new Beside("hung weights", NOTHING, read, Stands.NOT_FORETOLD);
    }
    double low = foretold.bearsMg().get(LOW);
    double high = foretold.bearsMg().get(HIGH);
    Stands stands = down <= low ? Stands.LOWER : up >= high ? Stands.HIGHER : Stands.AS_FORETOLD;
    return new Beside("hung weights", Sentence.of("%s to %s", mg(low), mg(high)), read, stands);
  }

  private static Beside popsBack(Prediction foretold, boolean up) {
    double share = up ? foretold.popsBack() : 1 - foretold.popsBack();
    return new Beside(
        "push-under",
        back(foretold),
        Sentence.of(up ? "comes back up" : "stays under"),
        share >= LIKELY ? Stands.AS_FORETOLD : Stands.UNLIKELY);
  }

  private static Beside minutes(Prediction foretold, Seen.Lasted l) {
    return new Beside(
        "minutes",
        Sentence.of(
            foretold
                .minutes()
                .map("half are down after %.0f min"::formatted)
                .orElse("half outlast two hours")),
        Sentence.of(
            (l.down() ? "down after %s min" : "still up after %s min")
                .formatted(Words.tenths(l.minutes()))),
        Stands.NOT_FORETOLD);
  }

  /** All that is foretold, in a line. */
  public static Sentence of(Prediction foretold) {
    List<Sentence> all = new ArrayList<>(List.of(ways(foretold)));
    foretold.measures().stream()
        .filter(r -> r.what() == What.ANGLE)
        .forEach(r -> all.add(between(r)));
    all.add(back(foretold));
    return Sentence.join("; ", all);
  }

  /** All that was seen, in a line. */
  public static Sentence of(Seen seen) {
    List<Sentence> all = new ArrayList<>();
    if (seen.unlike()) {
      all.add(Sentence.of("like none of these"));
    }
    for (Beside b : of(Prediction.NOTHING, seen)) {
      boolean height = b.what.equals("eye") || b.what.equals("bend") || b.what.equals("point");
      boolean bears = b.what.equals("hung weights");
      all.add(
          height
              ? Sentence.of("%s %s", b.what, b.seen)
              : bears ? Sentence.of("bears %s", b.seen) : b.seen);
    }
    return all.isEmpty() ? Sentence.of("nothing yet") : Sentence.join(", ", all);
  }

  private static Sentence ways(Prediction foretold) {
    return Sentence.join(
        ", ",
        foretold.ways().stream()
            .filter(w -> w.share() >= TOLD)
            .map(w -> Sentence.of("%s %.0f %%", word(w.sits()), 100 * w.share()))
            .toList());
  }

  private static Sentence back(Prediction foretold) {
    return Sentence.of("comes back up: %.0f %%", 100 * foretold.popsBack());
  }

  private static Sentence between(Range r) {
    return Sentence.of("%s to %s", told(r.what(), r.low()), told(r.what(), r.high()));
  }

  private static Sentence word(Sitting sits) {
    return Sentence.of(
        switch (sits) {
          case SUNK -> "sinks";
          case ON_TIPS -> "on its tips";
          default -> Words.of(sits);
        });
  }

  private static Sentence told(What what, double value) {
    if (what != What.ANGLE) {
      return Sentence.of("%s", Quantity.mm(value, 1));
    }
    String way =
        switch (Judgement.tilt(value)) {
          case LEVEL -> "";
          case TAIL_DOWN -> "tail";
          case HEAD_DOWN -> "head";
        };
    return way.isEmpty()
        ? Sentence.of("level")
        : Sentence.of("%d° %s down", Math.round(Math.abs(value)), way);
  }

  private static Sentence error(Measure m) {
    return m.what() == What.ANGLE
        ? Sentence.of("%.0f°", Math.max(1, m.error()))
        : Sentence.of("%s", Quantity.mm(m.error(), 1));
  }

  private static Sentence mg(double mg) {
    return Sentence.of("%.0f mg", mg);
  }
}
