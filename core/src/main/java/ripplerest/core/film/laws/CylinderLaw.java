package ripplerest.core.film.laws;

import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;

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
 * <p>That is the film of an endless cylinder that bears the same all along. A member of a fly is
 * short, and what its other slices do to the film is the {@link ripplerest.core.film Sheet}'s: so
 * of the depth at which the film meets it, only the share is counted here that a slice's own
 * surroundings make, in the sheet's own measure, ℓ·sin ε times {@code own}; what the exact meniscus
 * has beyond that sheet, 2ℓ·sin(ε/2) - ℓ·sin ε, is all its own. With the others' share on top, the
 * middle of a long member has the exact meniscus again, and its ends press less film down.
 *
 * <p>A perfect long cylinder would hold that branch until ε reaches a right angle, and let go of it
 * later than it took it up. A member of a fly always has a wet end from which the film can close or
 * open, so each slice takes the state of least energy: dry, film-held or drowned. The force then
 * integrates from dry to drowned to exactly 2πRγ(-cos θ) and the work of buoyancy, so that an
 * inclined member crossing the film bears the law of a prism, pγ(-cos θ)/sin β, without a case of
 * its own. The two jumps are spread over {@link #spread} because a real front is not sharp.
 *
 * <p>Worked out once in units of ℓ and γ for radii to half a per cent, angles to a tenth of a
 * degree and shares to a two-hundredth, and kept.
 *
 * <p>Left out: the slope of the film along the member.
 */
public final class CylinderLaw {
  private static final int BRANCH = 120;
  private static final int POINTS = 96;
  private static final int FINE = 4;
  private static final double ALIKE_RADIUS = Math.log(1.005);
  private static final double ALIKE_ANGLE = Math.toRadians(0.1);
  private static final double ALIKE_SHARE = 0.005;
  private static final int MOST_KEPT = 20_000;
  private static final Map<Long, CylinderLaw> KEPT = new ConcurrentHashMap<>();

  private final double radius;
  private final double from;
  private final double step;
  private final double perStep;
  private final double holdsFrom;
  private final double[] filmAt = new double[POINTS + 1];
  private final double[] dentAt = new double[POINTS + 1];
  private final double[] wetAt = new double[POINTS + 1];

  /**
   * The law nearest to a radius, an angle and a share.
   *
   * @param radius of the envelope, ℓ
   * @param theta contact angle, rad
   * @param own share of an endless cylinder's dent that a slice makes by itself, 0 to 1
   */
  public static CylinderLaw of(double radius, double theta, double own) {
    long r = Math.round(Math.log(radius) / ALIKE_RADIUS);
    long t = Math.round(theta / ALIKE_ANGLE);
    long o = share(own);
    long key = (r * 10_000 + t) * 1000 + o;
    CylinderLaw kept = KEPT.get(key);
    if (kept == null) {
      if (KEPT.size() > MOST_KEPT) {
        KEPT.clear();
      }
      kept = new CylinderLaw(Math.exp(r * ALIKE_RADIUS), t * ALIKE_ANGLE, o * ALIKE_SHARE);
      KEPT.put(key, kept); // whoever else makes it meanwhile makes the same
    }
    return kept;
  }

  /** Of which of the shares that laws are worked out for a share is. */
  public static long share(double own) {
    return Math.max(1, Math.round(own / ALIKE_SHARE));
  }

  private CylinderLaw(double radius, double theta, double own) {
    this.radius = radius;
    Branch branch = new Branch(radius, theta, own);
    double width = spread(radius);
    this.holdsFrom = branch.low;
    this.from = branch.low - width;
    double to = Math.max(branch.high, radius) + width;
    this.step = (to - from) / POINTS;
    this.perStep = 1 / step;
    double drowned = Math.PI * radius * radius;
    int fine = FINE * POINTS;
    double[] work = new double[3 * (fine + 1)];
    double h = (to - from + 2 * width) / fine;
    for (int i = 1; i <= fine; i++) {
      double d = from - width + (i - 0.5) * h;
      branch.evaluate(d, drowned);
      int at = 3 * i;
      work[at] = work[at - 3] + branch.heldFilm * h;
      work[at + 1] = work[at - 2] + (branch.heldFilm + branch.heldPressure) * h;
      work[at + 2] = work[at - 1] + branch.buoyancy * h;
    }
    for (int i = 1; i < POINTS; i++) {
      double d = i * step + width;
      filmAt[i] = mean(work, 0, d, width, h);
      dentAt[i] = mean(work, 1, d, width, h);
      wetAt[i] = mean(work, 2, d, width, h);
    }
    wetAt[POINTS] = drowned;
  }

  /** Width over which a jump is spread, ℓ (assumption). */
  static double spread(double radius) {
    return 0.04 + 0.4 * radius;
  }

  /** Radius that the law was worked out for, ℓ. */
  public double radius() {
    return radius;
  }

  /** Depth of the axis below which there is no force yet, ℓ; negative, above the level. */
  public double touch() {
    return from;
  }

  /** Depth of the axis from which the film holds on to a slice that it has taken hold of, ℓ. */
  public double holdsFrom() {
    return holdsFrom;
  }

  /** Film force alone a length, γ, at a depth of the axis, ℓ. */
  public double film(double depth) {
    return at(filmAt, depth);
  }

  /**
   * The film's force and the weight of the water that its meniscus keeps off, a length, γ: what
   * dents the film round about.
   */
  public double dent(double depth) {
    return at(dentAt, depth);
  }

  /** Volume under the water a length, ℓ², of the whole envelope. */
  public double wet(double depth) {
    return at(wetAt, depth);
  }

  private double at(double[] table, double depth) {
    double t = (depth - from) * perStep;
    if (!(t > 0)) {
      return 0;
    }
    int i = Math.min(POINTS - 1, (int) t);
    return table[i] + Math.min(1, t - i) * (table[i + 1] - table[i]);
  }

  private static double mean(double[] work, int which, double at, double width, double h) {
    double ahead = work(work, which, (at + width / 2) / h);
    return (ahead - work(work, which, (at - width / 2) / h)) / width;
  }

  private static double work(double[] work, int which, double place) {
    double t = Math.max(0, Math.min(work.length / 3 - 1.001, place));
    int at = 3 * (int) t + which;
    return work[at] + (t - (int) t) * (work[at + 3] - work[at]);
  }

  /** Sine and cosine of an angle that grows in even steps, by the addition theorems. */
  private static final class Angle {
    private final double sineOfStep;
    private final double cosineOfStep;
    double sine;
    double cosine;

    Angle(double from, double step) {
      sine = Math.sin(from);
      cosine = Math.cos(from);
      sineOfStep = Math.sin(step);
      cosineOfStep = Math.cos(step);
    }

    void turn() {
      double next = sine * cosineOfStep + cosine * sineOfStep;
      cosine = cosine * cosineOfStep - sine * sineOfStep;
      sine = next;
    }
  }

  /** The film-held branch, cut where another state costs less. */
  private static final class Branch {
    final double[] depth = new double[BRANCH + 1];
    public final double[] film = new double[BRANCH + 1];
    final double[] pressure = new double[BRANCH + 1];
    final double[] wet = new double[BRANCH + 1];
    public final double radius;
    int first;
    int last;
    double heldFilm;
    double heldPressure;
    public double buoyancy;
    private int at;

    /** Depths between which the film holds on, where its energy equals that of dry or drowned. */
    double low;

    double high;

    Branch(double radius, double theta, double own) {
      this.radius = radius;
      double top = Math.min(Math.PI, 1.5 * Math.PI - theta);
      int flat = (int) Math.round(BRANCH * Math.min(1, (Math.PI - theta) / top));
      double[] energy = new double[BRANCH + 1];
      Angle wetted = new Angle(0, top / BRANCH);
      Angle slope = new Angle(theta - Math.PI, top / BRANCH);
      Angle half = new Angle((theta - Math.PI) / 2, top / BRANCH / 2);
      for (int i = 0; i <= BRANCH; i++) {
        double psi = top * i / BRANCH;
        double sunk = 2 * half.sine;
        depth[i] = sunk - (1 - own) * slope.sine - radius * wetted.cosine;
        film[i] = 2 * slope.sine;
        pressure[i] = 2 * radius * wetted.sine * sunk;
        wet[i] = radius * radius * (psi - wetted.sine * wetted.cosine);
        wetted.turn();
        slope.turn();
        half.turn();
      }
      double psi = top * flat / BRANCH;
      energy[flat] =
          2 * radius * (-Math.cos(theta) * psi - Math.sin(psi))
              + 2.0 / 3 * Math.pow(radius * Math.sin(psi), 3)
              - wet[flat] * radius * Math.cos(psi);
      for (int i = flat + 1; i <= BRANCH; i++) {
        energy[i] = energy[i - 1] + work(i);
      }
      for (int i = flat - 1; i >= 0; i--) {
        energy[i] = energy[i + 1] - work(i + 1);
      }
      double soaked = -2 * Math.PI * radius * Math.cos(theta);
      double column = Math.PI * radius * radius;
      first = flat;
      // Dry costs nothing, but cannot be once the bottom is under the level.
      while (first > 0 && (depth[first - 1] >= -radius || energy[first - 1] <= 0)) {
        first--;
      }
      last = flat;
      // Drowned costs less than held, but not while the top stands out of the water.
      while (last < BRANCH
          && (depth[last + 1] <= radius || energy[last + 1] <= soaked + column * depth[last + 1])) {
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
        double share = under < 0 ? under / (under - over) : 0;
        low = Math.min(-radius, low + (depth[first - 1] - depth[first]) * share);
        first--;
      }
      high = depth[last];
      if (last < BRANCH) {
        double under = energy[last] - soaked - column * depth[last];
        double over = energy[last + 1] - soaked - column * depth[last + 1];
        double share = under < 0 ? under / (under - over) : 0;
        high = Math.max(radius, high + (depth[last + 1] - depth[last]) * share);
        last++;
      }
    }

    private double work(int i) {
      double here = film[i] + pressure[i] + wet[i];
      double before = film[i - 1] + pressure[i - 1] + wet[i - 1];
      return (here + before) / 2 * (depth[i] - depth[i - 1]);
    }

    /** Depths are asked in rising order. */
    void evaluate(double d, double drowned) {
      boolean held = d >= low && d <= high;
      heldFilm = 0;
      heldPressure = 0;
      buoyancy = d < low ? 0 : drowned;
      if (held) {
        at = Math.max(at, first);
        while (at < last - 1 && depth[at + 1] <= d) {
          at++;
        }
        double t = (d - depth[at]) / (depth[at + 1] - depth[at]);
        heldFilm = film[at] + t * (film[at + 1] - film[at]);
        heldPressure = pressure[at] + t * (pressure[at + 1] - pressure[at]);
        buoyancy = wet[at] + t * (wet[at + 1] - wet[at]);
      }
    }
  }
}
