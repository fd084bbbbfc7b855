package ripplerest.core.rest;

/** How following a fly under a load ended. */
public enum Outcome {
  /** In a balance that it keeps. */
  RESTS,
  /** Under water. */
  SINKS,
  /** In neither, as far as was followed: where it comes to rest is not known. */
  UNSETTLED
}
