package ripplerest.core.dressing;

import java.util.List;
import java.util.Optional;
import ripplerest.core.hook.HookSpec;
import ripplerest.core.quantity.OutOfRangeException;
import ripplerest.core.quantity.Require;

/**
 * A dressing: a hook and an ordered list of parts, following a school's rules.
 *
 * @param name what the tier calls it, 1 to 80 characters
 * @param school id of the school whose rules it follows
 * @param hook the hook it is tied on
 * @param parts in tying order, at most one of a kind
 * @param notes free words, may be empty, at most 4,000 characters
 */
public record Pattern(String name, String school, HookSpec hook, List<Part> parts, String notes) {
  public Pattern {
    Require.text("name", name, 80);
    Require.text("school", school, 60);
    Require.present("hook", hook);
    parts = Require.copy("parts", parts);
    Require.present("notes", notes);
    if (notes.length() > 4000) {
      throw new OutOfRangeException(
          "notes", notes.length() + " characters", "at most 4000 characters", "Shorten the notes.");
    }
    Require.inRange("parts", parts.size(), 1, 20);
    for (int i = 0; i < parts.size(); i++) {
      for (int j = 0; j < i; j++) {
        if (parts.get(i).kind().equals(parts.get(j).kind())) {
          throw new OutOfRangeException(
              "parts[" + i + "]",
              parts.get(i).kind(),
              "a kind that is not in the list yet",
              "Remove one of the two.");
        }
      }
    }
    needs(parts, Part.ParachuteHackle.class, Part.Post.class, "Add a post to wind it on.");
  }

  private static void needs(
      List<Part> parts, Class<? extends Part> one, Class<? extends Part> other, String remedy) {
    boolean hasOne = parts.stream().anyMatch(one::isInstance);
    if (hasOne && parts.stream().noneMatch(other::isInstance)) {
      throw new OutOfRangeException(
          "parts", one.getSimpleName(), "tied with a " + other.getSimpleName(), remedy);
    }
  }

  /** The part of this kind, if the pattern has one. */
  public <T extends Part> Optional<T> part(Class<T> kind) {
    return parts.stream().filter(kind::isInstance).map(kind::cast).findFirst();
  }

  public Pattern withHook(HookSpec other) {
    return new Pattern(name, school, other, parts, notes);
  }

  /** The same pattern with the part of the same kind replaced. */
  public Pattern withPart(Part replacement) {
    List<Part> replaced =
        parts.stream().map(p -> p.kind().equals(replacement.kind()) ? replacement : p).toList();
    return new Pattern(name, school, hook, replaced, notes);
  }
}
