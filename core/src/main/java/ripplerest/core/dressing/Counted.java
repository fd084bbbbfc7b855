package ripplerest.core.dressing;

/** A part of which so many are tied in. */
public interface Counted {
  int count();

  Length length();

  /** How many bunches of so many: one, or one to each side. */
  default int bunches() {
    return 2;
  }
}
