package ripplerest.core.dressing;

/** Which way legs are set. */
public enum LegSet {
  DOWN,
  UP
}
