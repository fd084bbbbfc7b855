package ripplerest.core.dressing;

/** What seals the last whip. */
public enum Finish {
  NONE,
  VARNISH,
  GLUE,
  RESIN
}
