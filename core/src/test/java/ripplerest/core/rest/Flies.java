package ripplerest.core.rest;

import ripplerest.core.assembly.Assembler;
import ripplerest.core.assembly.FlyBody;
import ripplerest.core.assembly.Mesh;
import ripplerest.core.dressing.Part;
import ripplerest.core.dressing.Pattern;
import ripplerest.core.estimate.Estimate;
import ripplerest.core.estimate.Estimator;
import ripplerest.core.estimate.Options;
import ripplerest.core.estimate.Work;
import ripplerest.core.film.FilmSolver;
import ripplerest.core.film.Wetting;
import ripplerest.core.hook.HookSpec;
import ripplerest.core.material.Materials;
import ripplerest.core.sizing.School;
import ripplerest.core.sizing.Sizer;
import ripplerest.core.water.Conditions;
import ripplerest.core.water.Floatant;

/** The schools' own flies and their usual changes. */
public final class Flies {
  public static final Materials MATERIALS = Materials.standard();
  public static final Conditions GEL = Conditions.DEFAULT;
  public static final Conditions UNDRESSED = GEL.with(Floatant.NONE);

  private Flies() {}

  public static Pattern of(String school, int size) {
    HookSpec hook = new HookSpec(size, HookSpec.Shape.STRAIGHT, 0, 0);
    return Sizer.defaults(School.named(school), hook, "test");
  }

  public static Pattern collar(int size, double turns, boolean clipped) {
    Pattern p = of("upright-collar", size);
    Part.CollarHackle h = p.part(Part.CollarHackle.class).orElseThrow();
    Part.Trim trim = clipped ? Part.Trim.BELOW : Part.Trim.FULL;
    return p.withPart(new Part.CollarHackle(h.material(), turns, h.barb(), trim, 0));
  }

  public static Estimate pose(Pattern pattern, Conditions conditions) {
    return pose(pattern, conditions, Mesh.WORKING);
  }

  public static Estimate pose(Pattern pattern, Conditions conditions, Mesh mesh) {
    Options options = new Options(Options.Depth.POSE, 1, 0, mesh, Work.unwatched());
    return Estimator.estimate(new Sizer(MATERIALS).size(pattern), MATERIALS, conditions, options);
  }

  /** A solver for a fly that has solved nothing yet. */
  static FilmSolver solver(Pattern pattern, Conditions conditions) {
    FlyBody body =
        Assembler.assemble(
            new Sizer(MATERIALS).size(pattern), MATERIALS, conditions.floatant(), Mesh.WORKING);
    Wetting wetting = Wetting.of(MATERIALS, conditions.floatant());
    return new FilmSolver(body, wetting, conditions.water(), Mesh.WORKING, conditions.tippet());
  }

  public static Rest rest(Pattern pattern, Conditions conditions) {
    return pose(pattern, conditions).rest().orElseThrow();
  }
}
