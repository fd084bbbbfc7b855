package ripplerest.core.rest;

import java.util.Optional;

/** How a fly sits, for lists and comparisons: its posture, or why it has none. */
public enum Sitting {
  ON_TIPS,
  HALF_DOWN,
  FLUSH,
  HANGING,
  ON_ITS_TAIL,
  HEAD_DOWN,
  ON_ITS_SIDE,
  UPSIDE_DOWN,
  /** It went under. */
  SUNK,
  /** No rest was found, and it is not known to sink. */
  UNSETTLED;

  public static Sitting of(Posture posture) {
    return valueOf(posture.name());
  }

  /** The posture counts only where it rests. */
  public static Sitting of(Outcome outcome, Optional<Posture> posture) {
    return switch (outcome) {
      case RESTS -> of(posture.orElseThrow());
      case SINKS -> SUNK;
      case UNSETTLED -> UNSETTLED;
    };
  }
}
