package ripplerest.core.calibration;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import ripplerest.core.quantity.OutOfRangeException;
import ripplerest.core.quantity.Require;
import ripplerest.core.quantity.Words;
import ripplerest.core.rest.Sitting;

/**
 * What a tier saw of a fly in a glass of water. All of it may be left out.
 *
 * @param sits how it sat, in words; {@link Sitting#UNSETTLED} is none
 * @param measured angle and heights
 * @param hung weights that were hung from the start of its bend, and whether it floated with them
 * @param popsBack whether it came back up after it had been pushed under
 * @param lasted how long it was watched
 * @param unlike whether it sat in a way that none of this can tell
 */
public record Seen(
    Optional<Sitting> sits,
    List<Measure> measured,
    List<Hung> hung,
    Optional<Boolean> popsBack,
    Optional<Lasted> lasted,
    boolean unlike) {
  /** Nothing yet. */
  public static final Seen NOTHING =
      new Seen(Optional.empty(), List.of(), List.of(), Optional.empty(), Optional.empty(), false);

  private static final int MOST_HUNG = 20;

  /** What hands miss by between the jaws over water, mm (assumption). */
  private static final double BY_CALIPER_MM = 0.2;

  /** What can be measured of a fly on the water. */
  public enum What {
    /** Angle of the shank, tail down is positive, °. */
    ANGLE("°", -180, 180, 3),
    /** Height of the rear edge of the eye over the level of the water, mm. */
    EYE("mm", -40, 40, 0.4),
    /** Height of the start of the bend, mm. */
    BEND("mm", -40, 40, 0.4),
    /** Height of the hook point, mm. */
    POINT("mm", -40, 40, 0.4);

    private final String unit;
    private final double low;
    private final double high;
    private final double byEye;

    What(String unit, double low, double high, double byEye) {
      this.unit = unit;
      this.low = low;
      this.high = high;
      this.byEye = byEye;
    }

    public String unit() {
      return unit;
    }

    /** One standard deviation of what eyes read off a ruler behind the glass (assumption). */
    public double errorByEye() {
      return byEye;
    }

    /** The same between the jaws of a caliper over water, mm; no caliper reads an angle. */
    public double errorByCaliper() {
      return this == ANGLE ? byEye : BY_CALIPER_MM;
    }

    public double low() {
      return low;
    }

    public double high() {
      return high;
    }

    /** In a tier's words. */
    public String word() {
      return Words.of(this);
    }
  }

  /** How something was measured. */
  public enum By {
    EYE,
    CALIPER,
    PHOTOGRAPH
  }

  /**
   * One number.
   *
   * @param what was measured
   * @param value in its unit
   * @param error one standard deviation, same unit, over 0
   * @param by which means
   */
  public record Measure(What what, double value, double error, By by) {
    public Measure {
      Require.present("what", what);
      Require.present("by", by);
      Require.inRange(what.word(), value, what.low, what.high, what.unit);
      Require.inRange("error of " + what.word(), error, 0.01, what.high / 2, what.unit);
    }
  }

  /**
   * A weight that was hung from it.
   *
   * @param mg in water, mg, over 0
   * @param floats whether it stayed up
   */
  public record Hung(double mg, boolean floats) {
    public Hung {
      Require.inRange("hung weight", mg, 0.1, 5000, "mg");
    }
  }

  /**
   * How long it was watched.
   *
   * @param minutes until it was down, or until nobody watched any more
   * @param down whether it was down then
   * @param dunkings times that it was put under meanwhile
   * @param fish that it took
   */
  public record Lasted(double minutes, boolean down, int dunkings, int fish) {
    public Lasted {
      Require.inRange("minutes", minutes, 0.1, 10_000, "min");
      Require.inRange("dunkings", dunkings, 0, 1000, "");
      Require.inRange("fish", fish, 0, 200, "");
    }
  }

  public Seen {
    measured = List.copyOf(measured);
    hung = List.copyOf(hung);
    Require.inRange("hung weights", hung.size(), 0, MOST_HUNG, "");
    if (measured.stream().map(Measure::what).distinct().count() < measured.size()) {
      throw new OutOfRangeException(
          "measured", "the same thing twice", "each once", "Keep the better of the two.");
    }
    boolean under = sits.filter(s -> s == Sitting.SUNK).isPresent();
    if (under && (!measured.isEmpty() || hung.stream().anyMatch(Hung::floats))) {
      throw new OutOfRangeException(
          "sits", "sunk", "afloat, for what was measured", "Say that it floated, or clear that.");
    }
    if (sits.filter(s -> s == Sitting.UNSETTLED).isPresent()) {
      throw new OutOfRangeException(
          "sits", "unsettled", "a way to sit", "Tick that it sat like none of these.");
    }
  }

  /** Whether there is anything to learn from. */
  public boolean saysNothing() {
    return unlike
        || sits.isEmpty()
            && measured.isEmpty()
            && hung.isEmpty()
            && popsBack.isEmpty()
            && lasted.isEmpty();
  }

  /** Whether it is known to have floated by itself; empty where nothing says so. */
  Optional<Boolean> floated() {
    if (sits.isPresent()) {
      return Optional.of(sits.get() != Sitting.SUNK);
    }
    boolean seenUp = !measured.isEmpty() || hung.stream().anyMatch(Hung::floats);
    return seenUp ? Optional.of(true) : Optional.empty();
  }

  /** What was measured, by what it is of. */
  Optional<Measure> of(What what) {
    return measured.stream().filter(m -> m.what() == what).findFirst();
  }

  /** What there is of it in words: "posture", "angle", "hung weights"…. */
  public List<String> kinds() {
    List<String> kinds = new ArrayList<>();
    sits.ifPresent(s -> kinds.add("posture"));
    measured.forEach(m -> kinds.add(m.what().word()));
    if (!hung.isEmpty()) {
      kinds.add("hung weights");
    }
    popsBack.ifPresent(p -> kinds.add("push-under"));
    lasted.ifPresent(l -> kinds.add("minutes"));
    return kinds;
  }
}
