package ripplerest.core.dressing.tie;

/** How several feathers make one hackle. */
public enum Winding {
  /** One wound, then the next in front of it. */
  IN_TURN,
  /** The next wound through the turns of the one before. */
  THROUGH,
  /** Laid on each other and wound as one. */
  TOGETHER
}
