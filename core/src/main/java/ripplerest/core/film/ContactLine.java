package ripplerest.core.film;

/**
 * Which way the lines creep along which the film meets wetted surfaces. A surface holds its line
 * anywhere between the receding and the advancing contact angle, so a floating fly has not one rest
 * but an interval of them: from all lines receding to all advancing.
 */
public enum ContactLine {
  /** Water creeps on over the surface: the fly goes down, or the level rises. */
  ADVANCING,
  /** At the mean cosine of both angles, where ripples drive a line that is free to choose. */
  MEAN,
  /** Water draws back: the fly comes up. */
  RECEDING,
  /** Where it was when {@link FilmSolver#pin} was called: a small disturbance moves no line. */
  PINNED;

  /** Those that slide, in the order in which laws are kept. */
  static final ContactLine[] SLIDING = {ADVANCING, MEAN, RECEDING};
}
