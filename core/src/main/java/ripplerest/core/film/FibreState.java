package ripplerest.core.film;

/**
 * How a fibre meets the film. Stored, never guessed from the pose: a barb can rest in two of them.
 */
public enum FibreState {
  /** Clear of the water, or lying on the film unbroken. */
  LYING,
  /** The tip has pierced the film and is wet; the root is dry. */
  CROSSING_TIP_DOWN,
  /** The root is wet; the tip stands out of the water. */
  CROSSING_ROOT_DOWN,
  /** Wholly under water. */
  DROWNED;

  /** Whether it goes through the film. */
  boolean isCrossing() {
    return this == CROSSING_TIP_DOWN || this == CROSSING_ROOT_DOWN;
  }
}
