package ripplerest.core.water;

/** What the fly is dressed with before it is fished. */
public enum Floatant {
  NONE,
  GEL
}
