package ripplerest.core.rest;

/** Thresholds of what is told in words, one for each, wherever it is told (assumptions). */
public final class Judgement {
  /** Less than this is level to the eye, °. */
  public static final double LEVEL_DEG = 2.5;

  /** Nearer than this is at the film to the eye, mm. */
  public static final double AT_FILM_MM = 0.2;

  private Judgement() {}

  /** Which end is down. */
  public enum Tilt {
    LEVEL,
    TAIL_DOWN,
    HEAD_DOWN
  }

  /** On which side of the film a place of the fly is. */
  public enum Side {
    CLEAR,
    AT_FILM,
    UNDER
  }

  public static Tilt tilt(double pitchDeg) {
    if (Math.abs(pitchDeg) < LEVEL_DEG) {
      return Tilt.LEVEL;
    }
    return pitchDeg > 0 ? Tilt.TAIL_DOWN : Tilt.HEAD_DOWN;
  }

  public static Side side(double heightMm) {
    if (Math.abs(heightMm) < AT_FILM_MM) {
      return Side.AT_FILM;
    }
    return heightMm > 0 ? Side.CLEAR : Side.UNDER;
  }

  /** Whether a drowned fly comes back up by itself, as far as is known. */
  public enum PopsBack {
    YES,
    UNSURE,
    NO
  }

  /**
   * Judges a lift by its band.
   *
   * @param lowMg lower end, mg
   * @param highMg upper end
   */
  public static PopsBack popsBack(double lowMg, double highMg) {
    if (lowMg >= 0) {
      return PopsBack.YES;
    }
    return highMg < 0 ? PopsBack.NO : PopsBack.UNSURE;
  }
}
