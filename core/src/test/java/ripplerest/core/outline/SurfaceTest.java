package ripplerest.core.outline;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import ripplerest.core.estimate.Estimate;
import ripplerest.core.estimate.PreparedFly;
import ripplerest.core.estimate.Work;
import ripplerest.core.rest.Flies;
import ripplerest.core.rest.Rest;
import ripplerest.core.sizing.Handle;
import ripplerest.core.sizing.SizedPattern;
import ripplerest.core.sizing.Sizer;

/** The film from above and below, the way down to the rest, and where a hand takes hold. */
class SurfaceTest {
  private static final int N = 81;
  private static final double CELL = 0.5;

  private static double[][] film(java.util.function.DoubleBinaryOperator height) {
    double[][] grid = new double[N][N];
    for (int r = 0; r < N; r++) {
      for (int c = 0; c < N; c++) {
        grid[r][c] = height.applyAsDouble((c - N / 2) * CELL, (r - N / 2) * CELL);
      }
    }
    return grid;
  }

  private static double total(double[][] light) {
    double sum = 0;
    for (double[] row : light) {
      for (double v : row) {
        sum += v;
      }
    }
    return sum;
  }

  private static double at(LightPattern p, double x, double y) {
    int row = (int) Math.round((y - p.fromMm()) / p.cellMm());
    int column = (int) Math.round((x - p.fromMm()) / p.cellMm());
    return p.light()[row][column];
  }

  @Test
  void anUndentedFilmThrowsEvenLight() {
    LightPattern p = LightPattern.of(film((x, y) -> 0), CELL, -20, 80);
    for (double[] row : p.light()) {
      for (double v : row) {
        assertThat(v).isCloseTo(1, within(1e-9));
      }
    }
  }

  /** Snell's law: a plane film of slope 0.2 bends light by asin(sin i / n), i = atan 0.2. */
  @Test
  void anEvenSlopeBendsLightBySnellsLaw() {
    double in = Math.atan(0.2);
    double bent = in - Math.asin(Math.sin(in) / 1.333);
    double[] shift = LightPattern.shift(0.2, 0);
    assertThat(shift[0]).isCloseTo(Math.tan(bent), within(1e-12));
    assertThat(shift[1]).isZero();
    // small slopes: (1 - 1/n) of the slope
    assertThat(LightPattern.shift(0, 0.01)[1]).isCloseTo(0.01 * (1 - 1 / 1.333), within(1e-5));
  }

  /** The critical angle of water, 48.6° (any handbook of optics), and its tangent. */
  @Test
  void snellsWindowIsAsWideAsTheCriticalAngle() {
    assertThat(Math.toDegrees(Math.atan(LightPattern.WINDOW_PER_DEPTH)))
        .isCloseTo(48.6, within(0.05));
  }

  @Test
  void aDimpleThrowsADarkDiscWithABrightRimAndLosesNoLight() {
    double[][] dimple = film((x, y) -> -0.5 * Math.exp(-(x * x + y * y) / 8));
    LightPattern p = LightPattern.of(dimple, CELL, -20, 40);
    assertThat(at(p, 0, 0)).isLessThan(0.6);
    int n = p.light().length;
    double brightest = 0;
    for (int r = 0; r < n; r++) {
      for (int c = 0; c < n; c++) {
        brightest = Math.max(brightest, p.light()[r][c]);
        assertThat(p.light()[r][c]).isCloseTo(p.light()[r][n - 1 - c], within(1e-6));
        assertThat(p.light()[r][c]).isCloseTo(p.light()[c][r], within(1e-6));
      }
    }
    assertThat(brightest).isGreaterThan(1.3);
    double even = total(LightPattern.of(film((x, y) -> 0), CELL, -20, 40).light());
    assertThat(total(p.light())).isCloseTo(even, within(0.002 * even));
  }

  @Test
  void theMapIsTheFilmThatTheRestWasFoundOn() {
    Estimate fly = Flies.pose(Flies.of("upright-collar", 14), Flies.GEL);
    Rest rest = fly.rest().orElseThrow();
    Surface map = Surface.of(fly.sized(), rest.film());
    Outline drawn = Outliner.of(fly);
    int middle = (int) Math.round(-map.fromMm() / map.cellMm());
    for (Vector3D along : drawn.film()) {
      double column = (along.getX() - map.fromMm()) / map.cellMm();
      if (column >= 0 && Math.abs(column - Math.rint(column)) < 1e-9) {
        if (column < map.heightMm().length) {
          assertThat(map.heightMm()[middle][(int) Math.rint(column)])
              .isCloseTo(along.getZ(), within(1e-12));
        }
      }
    }
    double deepest = drawn.film().stream().mapToDouble(Vector3D::getZ).min().orElseThrow();
    assertThat(drawn.across()).anySatisfy(p -> assertThat(p.getZ()).isEqualTo(deepest));
  }

  @Test
  void settlingBeginsClearAndEndsAtTheRest() {
    Estimate fly = Flies.pose(Flies.of("parachute", 14), Flies.GEL);
    Rest rest = fly.rest().orElseThrow();
    List<Outline> way =
        Settling.of(PreparedFly.of(fly.sized(), Flies.MATERIALS, Flies.GEL), 25, Work.unwatched())
            .stream()
            .map(Scene::fly)
            .toList();
    assertThat(way).hasSizeBetween(10, 26);
    double first = way.get(0).wire().get(0).getZ();
    Vector3D last = way.get(way.size() - 1).wire().get(0);
    assertThat(last.getZ()).isCloseTo(rest.eyeMm(), within(0.02));
    assertThat(first).isGreaterThan(last.getZ());
    double deepest = way.stream().mapToDouble(o -> o.wire().get(0).getZ()).min().orElseThrow();
    assertThat(deepest).as("pressed down before it rises").isLessThan(last.getZ());
  }

  @ParameterizedTest
  @ValueSource(
      strings = {
        "upright-collar",
        "parachute",
        "forward-plume",
        "flat-plume",
        "high-floating-hopper"
      })
  void everyLengthThatIsDrawnCanBeTakenHoldOf(String style) {
    SizedPattern sized = new Sizer(Flies.MATERIALS).size(Flies.of(style, 12));
    Estimate fly = Flies.pose(sized.pattern(), Flies.GEL);
    Outline drawn = Outliner.of(fly);
    int held = 0;
    for (Handle handle : Handle.of(sized)) {
      List<Vector3D> reach = Anchor.of(handle, drawn);
      if (handle.unit().equals("mm") && Double.isNaN(handle.shankMm())) {
        assertThat(reach).as("%s %s", handle.part(), handle.field()).hasSize(2);
        double chord = reach.get(0).distance(reach.get(1));
        assertThat(chord).as(handle.part()).isBetween(0.2 * handle.mm(), 1.35 * handle.mm());
        held++;
      }
    }
    assertThat(held).isPositive();
  }
}
