package ripplerest.core.film;

import ripplerest.core.water.Water;

/**
 * Upward force on a slice of a thick round member against the depth of its axis.
 *
 * <p>While the film hangs on both flanks of a long level cylinder, radius R, the wet part spans the
 * angle ψ on either side of the bottom, the film leaves it at the slope ε = θ + ψ - π, and the
 * exact two-dimensional meniscus (Young–Laplace, first integral) gives
 *
 * <pre>
 *   depth of the axis     d = 2ℓ·sin(ε/2) - R·cos ψ
 *   force per length      f = 2γ·sin ε + ρg·[R²(ψ - sin ψ cos ψ) + 2R sin ψ · 2ℓ sin(ε/2)]
 * </pre>
 *
 * whose first term is the weight of water that the meniscus displaces (Keller, Physics of Fluids 10
 * (1998) 3009).
 *
 * <p>A perfect long cylinder would hold that branch until ε reaches a right angle, and let go of it
 * later than it took it up. A member of a fly always has a wet end from which the film can close or
 * open, so each slice takes the state of least energy: dry, film-held or drowned. The force then
 * integrates from dry to drowned to exactly 2πRγ(-cos θ) and the work of buoyancy, so that an
 * inclined member crossing the film bears the law of a prism, pγ(-cos θ)/sin β, without a case of
 * its own. The two jumps are spread over {@link #spread} because a real front is not sharp.
 *
 * <p>Left out: ends of the member, the slope of the film along it.
 */
final class CylinderLaw {
  private static final int BRANCH = 240;
  private static final int POINTS = 96;

  private final double from;
  private final double step;
  private final double[] total = new double[POINTS + 1];
  private final double[] film = new double[POINTS + 1];

  /**
   * @param water film and its weight
   * @param radius of the envelope, mm
   * @param theta contact angle, rad
   * @param buoyantShare share of the envelope that displaces water, 0 to 1
   */
  CylinderLaw(Water water, double radius, double theta, double buoyantShare) {
    Branch branch = new Branch(water, radius, theta);
    double width = spread(radius);
    this.from = branch.low - width;
    double to = Math.max(branch.high, radius) + width;
    this.step = (to - from) / POINTS;
    double drowned = water.specificWeight() * Math.PI * radius * radius;
    int fine = 8 * POINTS;
    double[] filmWork = new double[fine + 1];
    double[] totalWork = new double[fine + 1];
    double h = (to - from + 2 * width) / fine;
    for (int i = 1; i <= fine; i++) {
      double d = from - width + (i - 0.5) * h;
      double held = branch.film(d);
      double lift = branch.pressure(d) + buoyantShare * branch.buoyancy(d, drowned);
      filmWork[i] = filmWork[i - 1] + held * h;
      totalWork[i] = totalWork[i - 1] + (held + lift) * h;
    }
    for (int i = 0; i <= POINTS; i++) {
      double d = from + i * step;
      film[i] = mean(filmWork, d - from + width, width, h);
      total[i] = mean(totalWork, d - from + width, width, h);
    }
    film[POINTS] = 0;
    total[POINTS] = buoyantShare * drowned;
    film[0] = 0;
    total[0] = 0;
  }

  /** Width over which a jump is spread, mm (assumption). */
  static double spread(double radius) {
    return 0.1 + 0.4 * radius;
  }

  /** Force per length, µN/mm, film and buoyancy together, at a depth of the axis in mm. */
  double total(double depth) {
    return look(total, depth);
  }

  /** The film's own share of {@link #total}, µN/mm. */
  double film(double depth) {
    return look(film, depth);
  }

  /** Depth of the axis at which the film lets go of a slice for good, mm. */
  double drownedFrom() {
    return from + POINTS * step;
  }

  /** Depth of the axis (negative: height) at which the film first touches a slice, mm. */
  double touchesFrom() {
    return from;
  }

  private double look(double[] table, double depth) {
    double t = (depth - from) / step;
    if (!(t > 0)) {
      return 0;
    }
    int i = (int) t;
    return i >= POINTS ? table[POINTS] : table[i] + (t - i) * (table[i + 1] - table[i]);
  }

  private static double mean(double[] work, double at, double width, double h) {
    return (look(work, at + width / 2, h) - look(work, at - width / 2, h)) / width;
  }

  private static double look(double[] work, double at, double h) {
    double t = Math.max(0, Math.min(work.length - 1.001, at / h));
    int i = (int) t;
    return work[i] + (t - i) * (work[i + 1] - work[i]);
  }

  /** The film-held branch, cut where another state costs less. */
  private static final class Branch {
    final double[] depth = new double[BRANCH + 1];
    final double[] film = new double[BRANCH + 1];
    final double[] pressure = new double[BRANCH + 1];
    final double[] wet = new double[BRANCH + 1];
    final double radius;
    int first;
    int last;

    /** Depths between which the film holds on, where its energy equals that of dry or drowned. */
    double low;

    double high;

    Branch(Water water, double radius, double theta) {
      this.radius = radius;
      double gamma = water.tension();
      double weight = water.specificWeight();
      double ell = water.capillaryLength();
      double top = Math.min(Math.PI, 1.5 * Math.PI - theta);
      int flat = (int) Math.round(BRANCH * Math.min(1, (Math.PI - theta) / top));
      double[] energy = new double[BRANCH + 1];
      for (int i = 0; i <= BRANCH; i++) {
        double psi = top * i / BRANCH;
        double eps = theta + psi - Math.PI;
        double sunk = 2 * ell * Math.sin(eps / 2);
        depth[i] = sunk - radius * Math.cos(psi);
        film[i] = 2 * gamma * Math.sin(eps);
        pressure[i] = weight * 2 * radius * Math.sin(psi) * sunk;
        wet[i] = weight * radius * radius * (psi - Math.sin(psi) * Math.cos(psi));
      }
      double psi = top * flat / BRANCH;
      energy[flat] =
          2 * gamma * radius * (-Math.cos(theta) * psi - Math.sin(psi))
              + weight * 2 / 3 * Math.pow(radius * Math.sin(psi), 3)
              - wet[flat] * radius * Math.cos(psi);
      for (int i = flat + 1; i <= BRANCH; i++) {
        energy[i] = energy[i - 1] + work(i);
      }
      for (int i = flat - 1; i >= 0; i--) {
        energy[i] = energy[i + 1] - work(i + 1);
      }
      double soaked = -2 * Math.PI * radius * gamma * Math.cos(theta);
      double column = weight * Math.PI * radius * radius;
      first = flat;
      while (first > 0 && energy[first - 1] <= 0) {
        first--;
      }
      last = flat;
      while (last < BRANCH && energy[last + 1] <= soaked + column * depth[last + 1]) {
        last++;
      }
      if (last == first) {
        last = Math.min(BRANCH, first + 1);
        first = last - 1;
      }
      low = depth[first];
      if (first > 0) {
        double over = energy[first - 1];
        double under = energy[first];
        low += (depth[first - 1] - depth[first]) * under / (under - over);
        first--;
      }
      high = depth[last];
      if (last < BRANCH) {
        double under = energy[last] - soaked - column * depth[last];
        double over = energy[last + 1] - soaked - column * depth[last + 1];
        high += (depth[last + 1] - depth[last]) * under / (under - over);
        last++;
      }
    }

    private double work(int i) {
      double here = film[i] + pressure[i] + wet[i];
      double before = film[i - 1] + pressure[i - 1] + wet[i - 1];
      return (here + before) / 2 * (depth[i] - depth[i - 1]);
    }

    double film(double d) {
      return held(d) ? at(film, d) : 0;
    }

    double pressure(double d) {
      return held(d) ? at(pressure, d) : 0;
    }

    double buoyancy(double d, double drowned) {
      if (d < low) {
        return 0;
      }
      return held(d) ? at(wet, d) : drowned;
    }

    private boolean held(double d) {
      return d >= low && d <= high;
    }

    private double at(double[] values, double d) {
      int low = first;
      int high = last;
      while (high - low > 1) {
        int mid = (low + high) >>> 1;
        if (depth[mid] <= d) {
          low = mid;
        } else {
          high = mid;
        }
      }
      double t = (d - depth[low]) / (depth[high] - depth[low]);
      return values[low] + t * (values[high] - values[low]);
    }
  }
}
