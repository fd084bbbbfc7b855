package ripplerest.core.film;

import java.util.Arrays;

/**
 * What a fly remembers of its way onto the water: each fibre's state, which slices are wet, which
 * tufts have lost their air.
 */
public final class FilmState {
  final FibreState[] fibres;
  final boolean[] wet;
  final boolean[] soaked;

  private FilmState(FibreState[] fibres, boolean[] wet, boolean[] soaked) {
    this.fibres = fibres;
    this.wet = wet;
    this.soaked = soaked;
  }

  /** A dry fly in the air. */
  static FilmState dry(int fibres, int slices, int members) {
    FibreState[] states = new FibreState[fibres];
    Arrays.fill(states, FibreState.LYING);
    return new FilmState(states, new boolean[slices], new boolean[members]);
  }

  public FilmState copy() {
    return new FilmState(fibres.clone(), wet.clone(), soaked.clone());
  }

  public FibreState fibre(int i) {
    return fibres[i];
  }

  /** Puts one fibre into a state; for bodies built by hand. */
  public void set(int fibre, FibreState state) {
    fibres[fibre] = state;
  }

  /** Whether a member's tuft has lost its air. */
  public boolean isSoaked(int member) {
    return soaked[member];
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
