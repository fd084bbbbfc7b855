package ripplerest.core.dressing;

/** How wound barbs are cut. */
public enum Trim {
  FULL,
  /** Level under the shank. */
  BELOW,
  /** Level over the shank. */
  ABOVE,
  /** Short all round, as a rib. */
  ALL_ROUND
}
