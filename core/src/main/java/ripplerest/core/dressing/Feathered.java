package ripplerest.core.dressing;

/** A part that is wound of a feather: its barbs, and the feather at hand. */
public interface Feathered extends Turned {
  Length barb();

  /** Usable length of the feather at hand, mm; 0 where nobody measured it. */
  double feather();
}
