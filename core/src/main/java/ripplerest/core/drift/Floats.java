package ripplerest.core.drift;

import java.util.List;
import java.util.function.Function;
import java.util.stream.IntStream;
import ripplerest.core.material.Wear;
import ripplerest.core.quantity.Together;

/**
 * How a fly floats at every stage of wear: worked out at the corners of a grid and blended in
 * between.
 */
public final class Floats {
  private static final double[] DRYNESS = {0, 0.25, 0.5, 0.75, 1};
  private static final double[] AIR = {0, 0.5, 1};
  private static final double[] SLIME = {0, 0.5, 1};

  /** Stages that are worked out. */
  static final int CORNERS = DRYNESS.length * AIR.length * SLIME.length;

  /**
   * How it floats.
   *
   * @param sinksAt weights at which it goes under, 0 if it does not float
   * @param keepsAt weights up to which it sits as it did when it was fresh, 0 if it does not
   * @param popBackMg drowned buoyancy less weight, mg
   */
  public record Lift(double sinksAt, double keepsAt, double popBackMg) {}

  private final Lift[] at;

  private Floats(Lift[] at) {
    this.at = at;
  }

  /** Asks for every corner of the grid, several at once. */
  public static Floats of(Function<Wear, Lift> fly) {
    List<Wear> corners = IntStream.range(0, CORNERS).mapToObj(Floats::corner).toList();
    return new Floats(Together.map(corners, fly).toArray(Lift[]::new));
  }

  private static Wear corner(int i) {
    int d = i % DRYNESS.length;
    int a = i / DRYNESS.length % AIR.length;
    int s = i / DRYNESS.length / AIR.length;
    return new Wear(DRYNESS[d], AIR[a], SLIME[s]);
  }

  /** How the fly floats at some stage, by trilinear blending. */
  public Lift at(Wear wear) {
    double d = wear.dryness() * (DRYNESS.length - 1);
    double a = wear.air() * (AIR.length - 1);
    double s = wear.slime() * (SLIME.length - 1);
    double sinks = 0;
    double keeps = 0;
    double pops = 0;
    for (int c = 0; c < 8; c++) {
      int i = Math.min(DRYNESS.length - 1, (int) d + (c & 1));
      int j = Math.min(AIR.length - 1, (int) a + (c >> 1 & 1));
      int k = Math.min(SLIME.length - 1, (int) s + (c >> 2));
      double weight = share(d, c & 1) * share(a, c >> 1 & 1) * share(s, c >> 2);
      Lift corner = at[i + DRYNESS.length * (j + AIR.length * k)];
      sinks += weight * corner.sinksAt();
      keeps += weight * corner.keepsAt();
      pops += weight * corner.popBackMg();
    }
    return new Lift(sinks, keeps, pops);
  }

  private static double share(double at, int upper) {
    double t = at - Math.floor(at);
    return upper == 1 ? t : 1 - t;
  }
}
