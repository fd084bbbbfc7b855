package ripplerest.core.dressing;

/** A part that is wound in turns. */
public interface Turned {
  double turns();
}
