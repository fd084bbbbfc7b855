package ripplerest.core.rest;

import java.util.ArrayList;
import java.util.List;
import java.util.SplittableRandom;
import ripplerest.core.dressing.Length;
import ripplerest.core.dressing.Part;
import ripplerest.core.dressing.Pattern;
import ripplerest.core.hook.HookSpec;
import ripplerest.core.sizing.School;
import ripplerest.core.sizing.Sizer;

/** Valid patterns from a seeded generator. */
public final class RandomFlies {
  private RandomFlies() {}

  public static Pattern pattern(SplittableRandom random) {
    List<School> schools = School.standard();
    School school = schools.get(random.nextInt(schools.size()));
    HookSpec hook =
        new HookSpec(
            random.nextInt(8, 23),
            random.nextBoolean() ? HookSpec.Shape.STRAIGHT : HookSpec.Shape.CURVED,
            random.nextInt(-2, 5),
            random.nextInt(-2, 3));
    List<Part> parts = new ArrayList<>();
    for (Part p : Sizer.defaults(school, hook, "x").parts()) {
      parts.add(varied(p, random));
    }
    return new Pattern("random", school.id(), hook, parts, "");
  }

  private static Part varied(Part part, SplittableRandom random) {
    String m = part.material();
    if (part instanceof Part.Tail) {
      return new Part.Tail(m, random.nextInt(2, 25), length(random));
    } else if (part instanceof Part.Body) {
      return new Part.Body(m, random.nextDouble(1.2, 6));
    } else if (part instanceof Part.UprightWing) {
      return new Part.UprightWing(m, length(random));
    } else if (part instanceof Part.CollarHackle) {
      return new Part.CollarHackle(
          m, random.nextDouble(1, 12), length(random), random.nextBoolean());
    } else if (part instanceof Part.Post) {
      return new Part.Post(m, length(random));
    } else if (part instanceof Part.ParachuteHackle) {
      return new Part.ParachuteHackle(m, random.nextDouble(1, 12), length(random));
    }
    return new Part.ForwardPlume(m, random.nextInt(1, 9), length(random));
  }

  private static Length length(SplittableRandom random) {
    return random.nextBoolean()
        ? new Length.Pinned(random.nextDouble(0.5, 20))
        : new Length.Rule(Length.Reference.GAP, random.nextDouble(0.3, 3));
  }
}
