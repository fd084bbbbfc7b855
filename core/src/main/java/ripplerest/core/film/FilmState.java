package ripplerest.core.film;

import java.util.Arrays;

/** What a fly remembers of its way onto the water: each fibre's state and which slices are wet. */
public final class FilmState {
  final FibreState[] fibres;
  final boolean[] wet;

  private FilmState(FibreState[] fibres, boolean[] wet) {
    this.fibres = fibres;
    this.wet = wet;
  }

  /** A dry fly in the air. */
  static FilmState dry(int fibres, int slices) {
    FibreState[] states = new FibreState[fibres];
    Arrays.fill(states, FibreState.LYING);
    return new FilmState(states, new boolean[slices]);
  }

  public FilmState copy() {
    return new FilmState(fibres.clone(), wet.clone());
  }

  public FibreState fibre(int i) {
    return fibres[i];
  }

  /** Puts one fibre into a state; for bodies built by hand. */
  public void set(int fibre, FibreState state) {
    fibres[fibre] = state;
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
