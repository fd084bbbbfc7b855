package ripplerest.core.practice;

/** What the eye of a tier is trained at. */
public enum Drill {
  /** A drawn fly with one part too long, short, thick or thin. */
  PART_OFF(0.15, true, false),
  /** A bar that is set to a length, a mark to a place. */
  SET_BY_EYE(0.08, true, false),
  /** How many, of what is seen for a moment. */
  COUNT(0.17, true, false),
  /** How much room the head will have once all else is wound. */
  ROOM_LEFT(0.4, true, false),
  /** Line and angle at which a fly in the vise will sit on the water. */
  HOW_IT_SITS(8, false, true),
  /** Which loss costs a fly most, which change levels it. */
  WHAT_HOLDS(0.3, false, true),
  /** Which hook an insect asks for. */
  WHICH_HOOK(0.15, false, false),
  /** Which of the feathers in the drawer suits a hook. */
  WHICH_FEATHER(0.12, false, false);

  /** How long a thing that is counted is seen, ms (our choice: too short for counting it out). */
  public static final int GLANCE_MS = 700;

  private final double usual;
  private final boolean visual;
  private final boolean slow;

  Drill(double usual, boolean visual, boolean slow) {
    this.usual = usual;
    this.visual = visual;
    this.slow = slow;
  }

  /**
   * What most eyes may be taken to see before this one is known, in the skill's unit (assumption).
   */
  double usual() {
    return usual;
  }

  /** Whether it is about seeing alone, so that words cannot stand for the picture. */
  public boolean isVisual() {
    return visual;
  }

  /** Whether it is seen for a moment only. */
  public boolean isGlance() {
    return this == COUNT;
  }

  /** Whether it takes seconds to make. */
  public boolean isSlow() {
    return slow;
  }

  /** Whether something is chosen or counted, right or wrong; else something is set. */
  public boolean isChosen() {
    return this != SET_BY_EYE && this != ROOM_LEFT && this != HOW_IT_SITS;
  }
}
