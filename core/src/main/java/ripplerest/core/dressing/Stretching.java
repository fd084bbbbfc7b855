package ripplerest.core.dressing;

/** A part whose own length says how much of the shank it takes. */
public interface Stretching {
  Length length();

  /** Whether its border moves toward the eye as it grows. */
  boolean growsTowardEye();
}
