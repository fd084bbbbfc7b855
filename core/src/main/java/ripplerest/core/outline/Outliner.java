package ripplerest.core.outline;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.DoubleFunction;
import java.util.function.UnaryOperator;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import ripplerest.core.assembly.FlyBody;
import ripplerest.core.dressing.PartKind;
import ripplerest.core.dressing.Pattern;
import ripplerest.core.dressing.Soft;
import ripplerest.core.dressing.tie.Tint;
import ripplerest.core.estimate.Estimate;
import ripplerest.core.estimate.Estimator;
import ripplerest.core.estimate.Options;
import ripplerest.core.estimate.PreparedFly;
import ripplerest.core.film.FibreState;
import ripplerest.core.film.FilmSolution;
import ripplerest.core.hook.Hook;
import ripplerest.core.sizing.SizedPattern;

/** Draws a fly as it was solved, or as it is before any water touches it. Solves nothing. */
public final class Outliner {
  private static final double FILM_REACH_MM = 24;
  private static final int FILM_POINTS = 193;
  private static final int EYE_POINTS = 24;

  private static final double WIRE_STEP_MM = 0.25;

  /** How far behind the point its barb is, in wire diameters. */
  private static final double BARB_BEHIND = 4;

  /** How deep a sunk fly is drawn. */
  private static final double SUNK_MM = 9;

  private Outliner() {}

  /** The fly as it comes to rest, found here. */
  public static Outline atRest(PreparedFly fly) {
    return of(Estimator.estimate(fly, Options.poseOnly()));
  }

  /** The fly in the rest that was found, or sunk. */
  public static Outline of(Estimate estimate) {
    return estimate
        .rest()
        .map(rest -> of(estimate.sized(), rest.film()))
        .orElseGet(() -> sunk(estimate.fly()));
  }

  /** The fly as it was solved in one pose. */
  public static Outline of(SizedPattern sized, FilmSolution film) {
    FlyBody body = film.body();
    List<Outline.Thin> fibres = new ArrayList<>();
    for (int i = 0; i < body.fibres().size(); i++) {
      fibres.add(thin(body.fibres().get(i), film.state().fibre(i), film.bears(i), film.shapeOf(i)));
    }
    List<Vector3D> level = level(film, t -> new Vector3D(t, 0, 0));
    double deepest =
        level.stream().min(Comparator.comparingDouble(Vector3D::getZ)).orElseThrow().getX();
    return draw(
        sized, body, film::place, fibres, level, level(film, t -> new Vector3D(deepest, t, 0)));
  }

  /** A fly that sinks: level, under a flat film, nothing bent. */
  public static Outline sunk(PreparedFly fly) {
    Vector3D centre = fly.body().centreOfMass();
    return unbent(fly, p -> p.subtract(centre).add(new Vector3D(0, 0, -SUNK_MM)));
  }

  /** A fly in the vise: level, nothing bent, its eye at height 0. */
  public static Outline inVise(PreparedFly fly) {
    Vector3D centre = fly.body().centreOfMass();
    double eye = fly.sized().hook().wire(WIRE_STEP_MM).get(0).getZ();
    return unbent(
        fly, p -> new Vector3D(p.getX() - centre.getX(), p.getY() - centre.getY(), p.getZ() - eye));
  }

  /** A hook with nothing on it, in the body frame. */
  public static Outline bare(Hook hook) {
    List<Vector3D> wire = hook.wire(WIRE_STEP_MM);
    return new Outline(
        hook.eye(EYE_POINTS),
        wire,
        hook.wireMm(),
        hook.spec().barbed() ? barb(wire, hook.wireMm()) : List.of(),
        List.of(),
        List.of(),
        List.of(),
        flat(t -> new Vector3D(t, 0, 0)),
        flat(t -> new Vector3D(-FILM_REACH_MM, t, 0)),
        Map.of());
  }

  private static Outline unbent(PreparedFly fly, UnaryOperator<Vector3D> place) {
    List<Outline.Thin> fibres =
        fly.body().fibres().stream()
            .map(
                f -> {
                  Vector3D tip = f.tip();
                  List<Vector3D> line = List.of(place.apply(f.root()), place.apply(tip));
                  return thin(f, FibreState.LYING, false, line);
                })
            .toList();
    List<Vector3D> along = flat(t -> new Vector3D(t, 0, 0));
    List<Vector3D> across = flat(t -> new Vector3D(-FILM_REACH_MM, t, 0));
    return draw(fly.sized(), fly.body(), place, fibres, along, across);
  }

  private static Outline draw(
      SizedPattern sized,
      FlyBody body,
      UnaryOperator<Vector3D> place,
      List<Outline.Thin> fibres,
      List<Vector3D> film,
      List<Vector3D> across) {
    Hook hook = sized.hook();
    List<Outline.Wound> strands =
        sized.strands().stream()
            .map(w -> new Outline.Wound(w.part(), placed(w.points(hook), place), w.thickMm()))
            .toList();
    List<Outline.Thick> members = new ArrayList<>();
    for (FlyBody.Member m : body.members()) {
      if (!m.part().equals("hook")) {
        members.add(
            new Outline.Thick(
                m.part(),
                PartKind.can(m.part(), Soft.class),
                m.slices().stream().map(s -> place.apply(s.at())).toList(),
                m.slices().stream().map(FlyBody.Slice::radiusMm).toList()));
      }
    }
    List<Vector3D> wire = placed(hook.wire(WIRE_STEP_MM), place);
    return new Outline(
        placed(hook.eye(EYE_POINTS), place),
        wire,
        hook.wireMm(),
        sized.pattern().hook().barbed() ? barb(wire, hook.wireMm()) : List.of(),
        members,
        strands,
        fibres,
        film,
        across,
        tints(sized.pattern()));
  }

  /** A barb stands off the wire behind its point, toward the shank (common practice, no source). */
  private static List<Vector3D> barb(List<Vector3D> wire, double wireMm) {
    Vector3D point = wire.get(wire.size() - 1);
    int behind = (int) Math.round(BARB_BEHIND * wireMm / WIRE_STEP_MM);
    Vector3D base = wire.get(Math.max(0, wire.size() - 1 - Math.max(1, behind)));
    Vector3D back = base.subtract(point).normalize();
    Vector3D toShank = wire.get(wire.size() / 3).subtract(base);
    Vector3D up = toShank.subtract(back.scalarMultiply(back.dotProduct(toShank))).normalize();
    Vector3D tip = base.add(back.scalarMultiply(1.5 * wireMm)).add(up.scalarMultiply(1.1 * wireMm));
    return List.of(base, tip);
  }

  private static Map<String, Tint> tints(Pattern pattern) {
    Map<String, Tint> tints = new LinkedHashMap<>();
    List<String> names = pattern.names();
    for (int i = 0; i < names.size(); i++) {
      String name = names.get(i);
      Tint.of(pattern.parts().get(i).tie()).ifPresent(tint -> tints.put(name, tint));
    }
    return tints;
  }

  private static Outline.Thin thin(
      FlyBody.Fibre f, FibreState state, boolean bears, List<Vector3D> line) {
    return new Outline.Thin(f.part(), state, bears, f.radiusMm(), f.taper(), line);
  }

  /** The film along a line through the undisturbed level. */
  private static List<Vector3D> level(FilmSolution film, DoubleFunction<Vector3D> along) {
    return flat(along).stream()
        .map(at -> at.add(new Vector3D(0, 0, film.levelAt(at.getX(), at.getY()))))
        .toList();
  }

  /** The undisturbed level along a line. */
  private static List<Vector3D> flat(DoubleFunction<Vector3D> along) {
    List<Vector3D> level = new ArrayList<>();
    for (int i = 0; i < FILM_POINTS; i++) {
      level.add(along.apply(FILM_REACH_MM * (2.0 * i / (FILM_POINTS - 1) - 1)));
    }
    return level;
  }

  private static List<Vector3D> placed(List<Vector3D> line, UnaryOperator<Vector3D> place) {
    return line.stream().map(place).toList();
  }
}
