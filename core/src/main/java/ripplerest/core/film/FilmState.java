package ripplerest.core.film;

import java.util.Arrays;

/**
 * What a fly remembers of its way onto the water: each fibre's state, which slices the film has
 * hold of and which are wet, which tufts have lost their air.
 */
public final class FilmState {
  private static final int MOST_CHANGES = 6;

  final FibreState[] fibres;
  final boolean[] taken;
  final boolean[] wet;
  final boolean[] soaked;

  /** How often each fibre has changed since the fly was last let go. */
  private final int[] changes;

  private FilmState(
      FibreState[] fibres, boolean[] taken, boolean[] wet, boolean[] soaked, int[] changes) {
    this.fibres = fibres;
    this.taken = taken;
    this.wet = wet;
    this.soaked = soaked;
    this.changes = changes;
  }

  /** A dry fly in the air. */
  static FilmState dry(int fibres, int slices, int members) {
    FibreState[] states = new FibreState[fibres];
    Arrays.fill(states, FibreState.LYING);
    return new FilmState(
        states, new boolean[slices], new boolean[slices], new boolean[members], new int[fibres]);
  }

  public FilmState copy() {
    return new FilmState(
        fibres.clone(), taken.clone(), wet.clone(), soaked.clone(), changes.clone());
  }

  public FibreState fibre(int i) {
    return fibres[i];
  }

  /** Puts one fibre into a state; for bodies built by hand. */
  public void set(int fibre, FibreState state) {
    fibres[fibre] = state;
  }

  void change(int fibre, FibreState state) {
    fibres[fibre] = state;
    changes[fibre]++;
  }

  /** Counts changes afresh: no fibre is caught between two states. */
  public void letGo() {
    Arrays.fill(changes, 0);
  }

  /**
   * Whether a fibre has gone back and forth so often that it counts as caught between two states
   * that each call for the other: its contact line holds on somewhere on the way.
   */
  boolean isCaught(int fibre) {
    return changes[fibre] >= MOST_CHANGES;
  }

  /** Number of fibres caught between two states. */
  public int caught() {
    int n = 0;
    for (int i = 0; i < fibres.length; i++) {
      n += isCaught(i) ? 1 : 0;
    }
    return n;
  }

  /** Whether a member's tuft has lost its air. */
  public boolean isSoaked(int member) {
    return soaked[member];
  }

  /** Whether the film has hold of a slice, counted through all members. */
  public boolean isTaken(int slice) {
    return taken[slice];
  }

  /** Whether a slice is wet, counted through all members. */
  public boolean isWet(int slice) {
    return wet[slice];
  }

  /** Takes the air out of a member's tuft. */
  public void soak(int member) {
    soaked[member] = true;
  }

  /** Number of fibres in a state. */
  public int count(FibreState state) {
    int n = 0;
    for (FibreState s : fibres) {
      n += s == state ? 1 : 0;
    }
    return n;
  }
}
