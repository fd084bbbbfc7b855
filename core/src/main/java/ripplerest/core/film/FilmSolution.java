package ripplerest.core.film;

import java.util.List;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import ripplerest.core.assembly.FlyBody;

/**
 * Film and fly as they were solved in one pose: what is drawn and measured afterwards is read off
 * this, so that nothing is solved a second time. World frame, mm. Immutable, but for the state that
 * it hands out, which is copied by whoever goes on from it.
 */
public final class FilmSolution {
  private final FlyBody body;
  private final Vector3D centreOfMass;
  private final Pose pose;
  private final FilmState state;
  private final Sheet.Level level;
  private final FibreShape shapes;

  FilmSolution(
      FlyBody body,
      Vector3D centreOfMass,
      Pose pose,
      FilmState state,
      Sheet.Level level,
      FibreShape shapes) {
    this.body = body;
    this.centreOfMass = centreOfMass;
    this.pose = pose;
    this.state = state;
    this.level = level;
    this.shapes = shapes;
  }

  public FlyBody body() {
    return body;
  }

  public Pose pose() {
    return pose;
  }

  /** What the fly remembers of its way here. */
  public FilmState state() {
    return state;
  }

  /** Where a place on the fly is. */
  public Vector3D place(Vector3D bodyPoint) {
    return pose.place(bodyPoint, centreOfMass);
  }

  /** Level of the film over the undisturbed one. */
  public double levelAt(double x, double y) {
    return level.at(x, y);
  }

  /** Whether the film pushes a fibre up. */
  public boolean bears(int fibre) {
    return shapes.bears(fibre);
  }

  /** Bent shape of a fibre: places along it from root to tip. */
  public List<Vector3D> shapeOf(int fibre) {
    return shapes.of(fibre, state.fibre(fibre));
  }
}
