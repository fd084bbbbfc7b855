package ripplerest.core.film;

import java.util.List;
import java.util.Optional;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import ripplerest.core.assembly.FlyBody;
import ripplerest.core.assembly.Mesh;
import ripplerest.core.water.Water;

/** A fly of one fibre, rooted at its centre of mass, for checks through the production solver. */
final class OneFibre {
  static final Water WATER = Water.at(20, 1);
  final double length;
  final double radius;
  final double youngs;
  final double theta;
  final FilmSolver solver;
  final FilmState state;

  OneFibre(double degrees, double length, double radius, double youngs, double thetaDegrees) {
    this(degrees, length, radius, 0, youngs, thetaDegrees, Mesh.WORKING);
  }

  OneFibre(
      double degrees,
      double length,
      double radius,
      double taper,
      double youngs,
      double thetaDegrees,
      Mesh mesh) {
    this.length = length;
    this.radius = radius;
    this.youngs = youngs;
    this.theta = Math.toRadians(thetaDegrees);
    double a = Math.toRadians(degrees);
    FlyBody.Fibre fibre =
        new FlyBody.Fibre(
            "tail",
            "test",
            Vector3D.ZERO,
            new Vector3D(Math.cos(a), 0, -Math.sin(a)),
            length,
            radius,
            taper,
            youngs);
    FlyBody body =
        new FlyBody(List.of(new FlyBody.Lump("tail", Vector3D.ZERO, 1)), List.of(), List.of(fibre));
    Wetting wetting = Wetting.uniform("test", new Wetting.Angles(theta, theta));
    solver = new FilmSolver(body, wetting, WATER, mesh, Optional.empty());
    solver.setTolerance(1e-10);
    state = solver.dryState();
  }

  OneFibre in(FibreState fibreState) {
    state.set(0, fibreState);
    return this;
  }

  Load at(double heightMm) {
    return solver.evaluate(new Pose(heightMm, 0, 0), state, ContactLine.ADVANCING);
  }

  Fibres fibre() {
    return solver.fibres();
  }

  /** Γ = 2πrγ(-cos θ) at the root, µN. */
  double pull() {
    return -2 * Math.PI * radius * WATER.tension() * Math.cos(theta);
  }

  double weightOfWaterPerMm() {
    return WATER.specificWeight() * Math.PI * radius * radius;
  }

  double stiffness() {
    return youngs * Math.PI * Math.pow(radius, 4) / 4;
  }
}
