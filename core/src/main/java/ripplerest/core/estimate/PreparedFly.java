package ripplerest.core.estimate;

import ripplerest.core.assembly.Assembler;
import ripplerest.core.assembly.FlyBody;
import ripplerest.core.assembly.Mesh;
import ripplerest.core.dressing.Pattern;
import ripplerest.core.film.FilmSolver;
import ripplerest.core.film.Wetting;
import ripplerest.core.material.Materials;
import ripplerest.core.rest.RestFinder;
import ripplerest.core.sizing.SizedPattern;
import ripplerest.core.sizing.Sizer;
import ripplerest.core.water.Conditions;

/**
 * A sized fly, what it is made of and the water it goes on: all that any answer about it needs. It
 * is assembled once, when its body is first asked for.
 */
public final class PreparedFly {
  private final SizedPattern sized;
  private final Materials materials;
  private final Conditions conditions;
  private final Mesh mesh;
  private FlyBody body;

  private PreparedFly(SizedPattern sized, Materials materials, Conditions conditions, Mesh mesh) {
    this.sized = sized;
    this.materials = materials;
    this.conditions = conditions;
    this.mesh = mesh;
  }

  /** A fly on the mesh that is used for all that is shown. */
  public static PreparedFly of(SizedPattern sized, Materials materials, Conditions conditions) {
    return new PreparedFly(sized, materials, conditions, Mesh.WORKING);
  }

  /** The same fly cut up otherwise. */
  public PreparedFly on(Mesh other) {
    return new PreparedFly(sized, materials, conditions, other);
  }

  /** Another fly of the same materials on the same water. */
  public PreparedFly with(SizedPattern other) {
    return new PreparedFly(other, materials, conditions, mesh);
  }

  /** The pattern otherwise, sized in the same style. */
  public PreparedFly with(Pattern other) {
    return with(sizer().size(other));
  }

  /** The same fly of materials with other values. */
  public PreparedFly with(Materials other) {
    return new PreparedFly(sized, other, conditions, mesh);
  }

  /** The same fly on other water. */
  public PreparedFly with(Conditions other) {
    return new PreparedFly(sized, materials, other, mesh);
  }

  public SizedPattern sized() {
    return sized;
  }

  public Pattern pattern() {
    return sized.pattern();
  }

  public Materials materials() {
    return materials;
  }

  public Conditions conditions() {
    return conditions;
  }

  /** What sizes other patterns in the style of this one. */
  public Sizer sizer() {
    return Sizer.like(sized, materials);
  }

  /** The fly in three dimensions. */
  public synchronized FlyBody body() {
    if (body == null) {
      body = Assembler.assemble(sized, materials, conditions.floatant(), mesh);
    }
    return body;
  }

  /** A workspace in which it is landed; one a thread. */
  public RestFinder finder() {
    Wetting wetting = Wetting.of(materials, conditions.floatant());
    FilmSolver film =
        new FilmSolver(body(), wetting, conditions.water(), mesh, conditions.tippet());
    return new RestFinder(film, sized.hook());
  }

  /** Buoyancy of the whole fly under water less its weight, mg; positive: it comes back up. */
  public double popBackMg() {
    return body().drownedVolumeMm3() * conditions.water().density() - body().massMg();
  }
}
