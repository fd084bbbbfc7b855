package ripplerest.core.dressing;

/** A wing that has a tip: its length may reach to the bend or to the end of the tail. */
public interface Wing {
  Length length();
}
