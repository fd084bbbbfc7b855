package ripplerest.core.sizing;

import java.util.ArrayList;
import java.util.List;
import ripplerest.core.dressing.Length;
import ripplerest.core.dressing.Part;
import ripplerest.core.hook.Hook;
import ripplerest.core.hook.HookSpec;
import ripplerest.core.quantity.Sentence;

/**
 * A body that reaches past the bend makes a short hook as long as a larger one: a body on the
 * larger hook would cover its shank. The bend of the extension is left out: its length along the
 * shank counts.
 */
final class AsLongAs {
  private AsLongAs() {}

  /**
   * Extensions that make the body as long as on each larger hook of the same shape, short first.
   */
  static List<Handle.Snap> snaps(SizedPattern sized, String name, Part.ExtendedBody body) {
    List<Handle.Snap> all = new ArrayList<>();
    HookSpec spec = sized.pattern().hook();
    double along = Math.cos(Math.toRadians(body.rise()));
    for (int size = spec.size() - 1; size >= HookSpec.LARGEST; size--) {
      double mm = (shankMm(spec, size) - sized.seatMm(name)) / along;
      if (mm >= 0.5 && mm <= Length.MOST_MM) {
        all.add(new Handle.Snap("as long as a size " + size, mm, new Length.Pinned(mm)));
      }
    }
    return all;
  }

  /** The size of hook whose shank is as long as this body; empty words without an extension. */
  static Sentence words(SizedPattern sized) {
    return sized
        .pattern()
        .part(Part.ExtendedBody.class)
        .map(body -> Sentence.of("As long as a body on a size %s.", size(sized, body)))
        .orElse(Sentence.EMPTY);
  }

  private static String size(SizedPattern sized, Part.ExtendedBody body) {
    double reach =
        sized.seatMm("extended-body")
            + sized.mm("extended-body", "length") * Math.cos(Math.toRadians(body.rise()));
    HookSpec spec = sized.pattern().hook();
    for (int size = spec.size(); size > HookSpec.LARGEST; size--) {
      double here = shankMm(spec, size);
      double next = shankMm(spec, size - 1);
      if (reach < next) {
        long nearest = Math.round(size - (reach - here) / (next - here));
        return String.valueOf(nearest);
      }
    }
    return HookSpec.LARGEST + " or longer";
  }

  /** As the table has it, also where the hook itself was measured. */
  private static double shankMm(HookSpec spec, int size) {
    return Hook.of(spec.withSize(size)).shankMm();
  }
}
