package ripplerest.core.film.numerics;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;

class AndersonTest {
  /** x ← b - 0.95·mean(x)·(1,…,1) - diag·x: one slow collective mode over many quick ones. */
  private static double[] sweep(double[] x) {
    double mean = 0;
    for (double v : x) {
      mean += v / x.length;
    }
    double[] next = new double[x.length];
    for (int i = 0; i < x.length; i++) {
      next[i] = 1 + 0.1 * i + 0.95 * mean - 0.2 * x[i];
    }
    return next;
  }

  private static int sweepsTo(double tolerance, boolean accelerated) {
    double[] x = new double[12];
    Anderson mixer = new Anderson(x.length);
    mixer.begin(x.length);
    for (int n = 1; n < 1000; n++) {
      double[] next = sweep(x);
      double moved = 0;
      for (int i = 0; i < x.length; i++) {
        moved += Math.abs(next[i] - x[i]);
      }
      if (moved < tolerance) {
        return n;
      }
      if (accelerated) {
        mixer.mix(x, next);
      }
      x = next;
    }
    return 1000;
  }

  // Source: the method converges on a linear problem in as many steps as it has distinct modes
  // (Walker and Ni, SIAM J. Numer. Anal. 49 (2011) 1715, equivalence with GMRES).
  @Test
  void findsTheCollectiveMotion() {
    assertThat(sweepsTo(1e-9, true)).isLessThanOrEqualTo(8);
    assertThat(sweepsTo(1e-9, false)).isGreaterThan(60);
  }

  @Test
  void leavesAFixedPointAlone() {
    double[] at = {1, 2, 3};
    double[] image = at.clone();
    Anderson mixer = new Anderson(3);
    mixer.begin(3);
    mixer.mix(at, image);
    mixer.mix(at, image);
    assertThat(image).containsExactly(new double[] {1, 2, 3}, within(1e-12));
  }
}
