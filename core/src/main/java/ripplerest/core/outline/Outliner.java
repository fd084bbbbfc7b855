package ripplerest.core.outline;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.function.DoubleFunction;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import ripplerest.core.assembly.Assembler;
import ripplerest.core.assembly.FlyBody;
import ripplerest.core.assembly.Mesh;
import ripplerest.core.film.ContactLine;
import ripplerest.core.film.FilmSolver;
import ripplerest.core.film.FilmState;
import ripplerest.core.film.Pose;
import ripplerest.core.film.Wetting;
import ripplerest.core.hook.Hook;
import ripplerest.core.material.Materials;
import ripplerest.core.rest.Rest;
import ripplerest.core.sizing.SizedPattern;
import ripplerest.core.water.Conditions;
import ripplerest.core.water.Floatant;

/** Draws a fly in a rest that was found for it. */
public final class Outliner {
  private static final double FILM_REACH_MM = 24;
  private static final int FILM_POINTS = 193;
  private static final int EYE_POINTS = 24;

  /** High enough that nothing touches the film. */
  private static final double CLEAR_MM = 60;

  /** How deep a sunk fly is drawn. */
  private static final double SUNK_MM = 9;

  private Outliner() {}

  /** Outline of the fly in this rest, under the conditions it was found for. */
  public static Outline of(
      SizedPattern sized, Materials materials, Conditions conditions, Rest rest) {
    return at(sized, materials, conditions, rest.pose(), rest.state());
  }

  /** Outline of the fly in any pose that it was found in, its fibres in their states then. */
  public static Outline at(
      SizedPattern sized, Materials materials, Conditions conditions, Pose pose, FilmState state) {
    FilmSolver film = onWater(sized, materials, conditions);
    film.setTolerance(1e-4 * film.weight());
    film.evaluate(pose, state, ContactLine.MEAN);
    return draw(sized, film, pose, state);
  }

  /** Outline of a fly that sinks: level, under a flat film, nothing bent. */
  public static Outline dry(SizedPattern sized, Materials materials, Conditions conditions) {
    return unbent(sized, materials, conditions, -SUNK_MM);
  }

  /** Outline of a fly in the vise: level, nothing bent, its eye at height 0. */
  public static Outline inVise(SizedPattern sized, Materials materials, Conditions conditions) {
    Outline level = unbent(sized, materials, conditions, 0);
    return moved(level, new Vector3D(0, 0, -level.wire().get(0).getZ()));
  }

  private static Outline unbent(
      SizedPattern sized, Materials materials, Conditions conditions, double height) {
    FilmSolver film = onWater(sized, materials, conditions);
    Pose clear = new Pose(CLEAR_MM, 0, 0);
    FilmState state = film.dryState();
    film.evaluate(clear, state, ContactLine.ADVANCING);
    return moved(draw(sized, film, clear, state), new Vector3D(0, 0, height - CLEAR_MM));
  }

  private static Outline moved(Outline o, Vector3D by) {
    return new Outline(
        moved(o.eye(), by),
        moved(o.wire(), by),
        o.wireMm(),
        o.members().stream()
            .map(m -> new Outline.Thick(m.part(), moved(m.axis(), by), m.radiiMm()))
            .toList(),
        o.strands().stream()
            .map(w -> new Outline.Wound(w.part(), moved(w.axis(), by), w.thickMm()))
            .toList(),
        o.fibres().stream()
            .map(f -> new Outline.Thin(f.part(), f.state(), false, moved(f.line(), by)))
            .toList(),
        o.film(),
        o.across());
  }

  private static List<Vector3D> moved(List<Vector3D> line, Vector3D by) {
    return line.stream().map(p -> p.add(by)).toList();
  }

  static FilmSolver onWater(SizedPattern sized, Materials materials, Conditions conditions) {
    Floatant floatant = conditions.floatant();
    FlyBody body = Assembler.assemble(sized, materials, floatant, Mesh.WORKING);
    Wetting wetting = Wetting.of(materials, floatant);
    return new FilmSolver(body, wetting, conditions.water(), Mesh.WORKING, conditions.tippet());
  }

  static Outline draw(SizedPattern sized, FilmSolver film, Pose pose, FilmState state) {
    Vector3D centre = film.centreOfMass();
    Hook hook = sized.hook();
    List<Outline.Wound> strands =
        sized.strands().stream()
            .map(
                w -> new Outline.Wound(w.part(), placed(w.points(hook), pose, centre), w.thickMm()))
            .toList();
    List<Outline.Thick> members = new ArrayList<>();
    for (FlyBody.Member m : film.body().members()) {
      if (!m.part().equals("hook")) {
        members.add(
            new Outline.Thick(
                m.part(),
                m.slices().stream().map(s -> pose.place(s.at(), centre)).toList(),
                m.slices().stream().map(FlyBody.Slice::radiusMm).toList()));
      }
    }
    List<Outline.Thin> fibres = new ArrayList<>();
    for (int i = 0; i < film.body().fibres().size(); i++) {
      fibres.add(
          new Outline.Thin(
              film.body().fibres().get(i).part(),
              state.fibre(i),
              film.bears(i),
              film.shapeOf(i, state.fibre(i))));
    }
    List<Vector3D> level = level(film, t -> new Vector3D(t, 0, 0));
    double deepest =
        level.stream().min(Comparator.comparingDouble(Vector3D::getZ)).orElseThrow().getX();
    return new Outline(
        placed(hook.eye(EYE_POINTS), pose, centre),
        placed(hook.wire(0.25), pose, centre),
        hook.wireMm(),
        members,
        strands,
        fibres,
        level,
        level(film, t -> new Vector3D(deepest, t, 0)));
  }

  /** The film along a line through the undisturbed level. */
  private static List<Vector3D> level(FilmSolver film, DoubleFunction<Vector3D> along) {
    List<Vector3D> level = new ArrayList<>();
    for (int i = 0; i < FILM_POINTS; i++) {
      Vector3D at = along.apply(FILM_REACH_MM * (2.0 * i / (FILM_POINTS - 1) - 1));
      level.add(at.add(new Vector3D(0, 0, film.levelAt(at.getX(), at.getY()))));
    }
    return level;
  }

  private static List<Vector3D> placed(List<Vector3D> line, Pose pose, Vector3D centre) {
    return line.stream().map(p -> pose.place(p, centre)).toList();
  }
}
