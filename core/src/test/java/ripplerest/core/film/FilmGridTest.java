package ripplerest.core.film;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.assertj.core.data.Percentage;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import ripplerest.core.assembly.FlyBody;
import ripplerest.core.assembly.Mesh;
import ripplerest.core.water.Water;

/** Rigid fibres through the production solver beside the grid of {@link FilmGrid}. */
class FilmGridTest {
  private static final Water WATER = Water.at(20, 1);
  private static final double CELL_MM = 0.1;
  private static final double RIGID = 1e14;

  private final List<FlyBody.Fibre> fibres = new ArrayList<>();
  private final FilmGrid grid = new FilmGrid(CELL_MM, WATER);

  /** A rigid fibre about as thick as one grid point is: 0.2 of a cell. */
  private void lay(double x, double y, double z, double towards, double down, double length) {
    Vector3D along =
        new Vector3D(
            Math.cos(down) * Math.cos(towards),
            Math.cos(down) * Math.sin(towards),
            -Math.sin(down));
    Vector3D root = new Vector3D(x, y, z);
    fibres.add(new FlyBody.Fibre("tail", "test", root, along, length, 0.2 * CELL_MM, 0, RIGID));
    grid.lay(x, y, z, towards, down, length);
  }

  private double bySolver() {
    FlyBody body =
        new FlyBody(List.of(new FlyBody.Lump("tail", Vector3D.ZERO, 1)), List.of(), fibres);
    Wetting wetting =
        Wetting.uniform("test", new Wetting.Angles(Math.toRadians(120), Math.toRadians(120)));
    FilmSolver solver = new FilmSolver(body, wetting, WATER, Mesh.WORKING, Optional.empty());
    solver.setTolerance(1e-6);
    return solver.evaluate(new Pose(0, 0, 0), solver.dryState(), ContactLine.ADVANCING).lift();
  }

  private void agreesWithin(double percent) {
    assertThat(bySolver()).isCloseTo(grid.force(), Percentage.withPercentage(percent));
  }

  @ParameterizedTest
  @ValueSource(doubles = {0.1, 0.3, 0.6})
  void oneLying(double depth) {
    lay(-4, 0, -depth, 0, 0, 8);
    agreesWithin(5);
  }

  // At 1 mm the two points by which a fibre feels its neighbour show most.
  @ParameterizedTest
  @CsvSource({"0.4, 8", "1.0, 12", "3.0, 5"})
  void twoParallel(double apart, double percent) {
    lay(-4, apart / 2, -0.3, 0, 0, 8);
    lay(-4, -apart / 2, -0.3, 0, 0, 8);
    agreesWithin(percent);
  }

  // Source: dimples add (Young–Laplace, small slopes), so two parallel fibres at one depth bear
  // less
  // than twice what one does, the less the closer, and all of it once far over 2ℓ = 5.4 mm apart.
  @Test
  void closeFibresBearLessThanTwiceOne() {
    lay(-4, 0, -0.3, 0, 0, 8);
    double one = bySolver();
    double before = one;
    for (double apart : List.of(0.4, 1.5, 3.0, 5.4)) {
      fibres.clear();
      lay(-4, apart / 2, -0.3, 0, 0, 8);
      lay(-4, -apart / 2, -0.3, 0, 0, 8);
      assertThat(bySolver()).isBetween(before, 2 * one);
      before = bySolver();
    }
    fibres.clear();
    lay(-4, 11, -0.3, 0, 0, 8);
    lay(-4, -11, -0.3, 0, 0, 8);
    assertThat(bySolver()).isCloseTo(2 * one, Percentage.withPercentage(0.1));
  }

  // A rigid steep tip is a point whose size the chain takes from its segment, not from the fibre; a
  // barb is so much softer than the film that this does not show there.
  @ParameterizedTest
  @CsvSource({"5, 0.3, 5", "20, 1.5, 8", "60, 5.6, 12"})
  void oneInclined(double degrees, double rootMm, double percent) {
    lay(-3, 0, rootMm, 0, Math.toRadians(degrees), 7);
    agreesWithin(percent);
  }

  @Test
  void aFanOfTen() {
    for (int i = 0; i < 10; i++) {
      double towards = Math.toRadians(-45 + 10 * i);
      lay(-3, 0.05 * i - 0.25, 1.0, towards, Math.toRadians(12), 7);
    }
    agreesWithin(10);
  }
}
