package ripplerest.core.dressing;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import ripplerest.core.dressing.tie.Colour;
import ripplerest.core.hook.HookSpec;
import ripplerest.core.quantity.OutOfRangeException;
import ripplerest.core.quantity.Require;

/**
 * A dressing: a hook and an ordered list of parts, following a style's rules.
 *
 * @param name what the tier calls it, 1 to 80 characters
 * @param style id of the style whose rules it follows
 * @param hook the hook it is tied on
 * @param parts in tying order
 * @param notes free words, may be empty, at most 4,000 characters
 * @param natural the insect it stands for, in a tier's words; may be empty, at most 80 characters
 * @param making what the tier adds: order, preparation, colourings, for whom
 */
public record Pattern(
    String name,
    String style,
    HookSpec hook,
    List<Part> parts,
    String notes,
    String natural,
    Making making) {
  /** Most parts of one fly. */
  public static final int MOST_PARTS = 20;

  public Pattern {
    Require.text("name", name, 80);
    Require.text("style", style, 60);
    Require.present("hook", hook);
    parts = Require.copy("parts", parts);
    parts.forEach(PartKind::check);
    Require.present("notes", notes);
    if (notes.length() > 4000) {
      throw new OutOfRangeException(
          "notes", notes.length() + " characters", "at most 4000 characters", "Shorten the notes.");
    }
    if (Require.present("natural", natural).length() > 80) {
      throw new OutOfRangeException(
          "natural", natural.length() + " characters", "at most 80 characters", "Shorten it.");
    }
    Require.present("making", making);
    Require.inRange("parts", parts.size(), 1, MOST_PARTS);
    needs(parts, Part.ParachuteHackle.class, Part.Post.class, "Add a post to wind it on.");
  }

  /** A dressing that stands for no insect in particular. */
  public Pattern(String name, String style, HookSpec hook, List<Part> parts, String notes) {
    this(name, style, hook, parts, notes, "", Making.NONE);
  }

  private static void needs(
      List<Part> parts, Class<? extends Part> one, Class<? extends Part> other, String remedy) {
    boolean hasOne = parts.stream().anyMatch(one::isInstance);
    if (hasOne && parts.stream().noneMatch(other::isInstance)) {
      throw new OutOfRangeException(
          "parts", one.getSimpleName(), "tied with a " + other.getSimpleName(), remedy);
    }
  }

  /**
   * Names of the parts, in order: the kind, and from the second of a kind on its number, such as
   * {@code collar-hackle-2}.
   */
  public List<String> names() {
    List<String> names = new ArrayList<>();
    Map<String, Integer> seen = new HashMap<>();
    for (Part part : parts) {
      String kind = part.kind();
      int nth = seen.merge(kind, 1, Integer::sum);
      names.add(nth == 1 ? kind : kind + "-" + nth);
    }
    return names;
  }

  /** The kind in a part's name. */
  public static String kindOf(String name) {
    int end = name.length();
    while (end > 0 && Character.isDigit(name.charAt(end - 1))) {
      end--;
    }
    boolean isNumbered = end < name.length() && end > 0 && name.charAt(end - 1) == '-';
    return isNumbered ? name.substring(0, end - 1) : name;
  }

  /** The part of this name, if the pattern has one. */
  public Optional<Part> part(String name) {
    int i = names().indexOf(name);
    return i < 0 ? Optional.empty() : Optional.of(parts.get(i));
  }

  /** The first part of this kind, if the pattern has one. */
  public <T extends Part> Optional<T> part(Class<T> kind) {
    return parts.stream().filter(kind::isInstance).map(kind::cast).findFirst();
  }

  public Pattern named(String other) {
    return new Pattern(other, style, hook, parts, notes, natural, making);
  }

  /** The same pattern by the rules of another style. */
  public Pattern following(String otherStyle) {
    return new Pattern(name, otherStyle, hook, parts, notes, natural, making);
  }

  public Pattern withHook(HookSpec other) {
    return new Pattern(name, style, other, parts, notes, natural, making);
  }

  /** The same pattern with the first part of the same kind replaced. */
  public Pattern withPart(Part replacement) {
    int i = parts.stream().map(Part::kind).toList().indexOf(replacement.kind());
    return i < 0 ? this : withPart(i, replacement);
  }

  /** The same pattern with one part replaced. */
  public Pattern withPart(int index, Part replacement) {
    List<Part> replaced = new ArrayList<>(parts);
    replaced.set(index, replacement);
    return withParts(replaced);
  }

  public Pattern with(Making other) {
    return new Pattern(name, style, hook, parts, notes, natural, other);
  }

  public Pattern withParts(List<Part> others) {
    return new Pattern(name, style, hook, others, notes, natural, making);
  }

  /**
   * The same in the colours of one of its colourings; parts that it does not name stay as they are.
   *
   * @param colouring its name; empty for the pattern's own colours
   */
  public Pattern inColours(String colouring) {
    if (colouring.isEmpty()) {
      return this;
    }
    Map<String, Colour> colours =
        making.colourings().stream()
            .filter(c -> c.name().equals(colouring))
            .findFirst()
            .orElseThrow(
                () ->
                    new OutOfRangeException(
                        "colouring",
                        "\"" + colouring + "\"",
                        "one of this pattern",
                        "Choose one of its colourings, or none."))
            .byPart();
    List<String> names = names();
    List<Part> coloured = new ArrayList<>();
    for (int i = 0; i < parts.size(); i++) {
      Part part = parts.get(i);
      Colour colour = colours.get(names.get(i));
      coloured.add(colour == null ? part : part.tied(part.tie().in(colour)));
    }
    return withParts(coloured);
  }
}
