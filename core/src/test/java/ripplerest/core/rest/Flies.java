package ripplerest.core.rest;

import ripplerest.core.assembly.Assembler;
import ripplerest.core.assembly.FlyBody;
import ripplerest.core.assembly.Mesh;
import ripplerest.core.dressing.Part;
import ripplerest.core.dressing.Pattern;
import ripplerest.core.dressing.Trim;
import ripplerest.core.estimate.Estimate;
import ripplerest.core.estimate.Estimator;
import ripplerest.core.estimate.Options;
import ripplerest.core.estimate.PreparedFly;
import ripplerest.core.film.FilmSolver;
import ripplerest.core.film.Wetting;
import ripplerest.core.hook.HookSpec;
import ripplerest.core.material.Materials;
import ripplerest.core.sizing.Sizer;
import ripplerest.core.sizing.Style;
import ripplerest.core.water.Conditions;
import ripplerest.core.water.Floatant;

/** The styles' own flies and their usual changes. */
public final class Flies {
  public static final Materials MATERIALS = Materials.standard();
  public static final Conditions GEL = Conditions.DEFAULT;
  public static final Conditions UNDRESSED = GEL.with(Floatant.NONE);

  private Flies() {}

  public static Pattern of(String style, int size) {
    HookSpec hook = new HookSpec(size, HookSpec.Shape.STRAIGHT, 0, 0);
    return Sizer.defaults(Style.named(style), hook, "test");
  }

  public static Pattern collar(int size, double turns, boolean clipped) {
    Pattern p = of("upright-collar", size);
    Part.CollarHackle h = p.part(Part.CollarHackle.class).orElseThrow();
    Trim trim = clipped ? Trim.BELOW : Trim.FULL;
    return p.withPart(new Part.CollarHackle(h.tie(), turns, h.barb(), trim, h.clip(), 0));
  }

  public static Estimate pose(Pattern pattern, Conditions conditions) {
    return pose(pattern, conditions, Mesh.WORKING);
  }

  public static Estimate pose(Pattern pattern, Conditions conditions, Mesh mesh) {
    return Estimator.estimate(prepared(pattern, conditions).on(mesh), Options.poseOnly());
  }

  /** A fly of the shipped materials. */
  public static PreparedFly prepared(Pattern pattern, Conditions conditions) {
    return PreparedFly.of(new Sizer(MATERIALS).size(pattern), MATERIALS, conditions);
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
