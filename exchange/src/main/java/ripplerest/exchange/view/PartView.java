package ripplerest.exchange.view;

import java.util.List;
import java.util.Locale;
import ripplerest.core.dressing.Feathered;
import ripplerest.core.dressing.Part;
import ripplerest.core.dressing.PartKind;
import ripplerest.core.material.Material;
import ripplerest.core.material.Materials;
import ripplerest.core.sizing.DefaultParts;
import ripplerest.core.sizing.Style;
import ripplerest.exchange.format.PatternNodes;
import tools.jackson.databind.JsonNode;

/**
 * A kind of part as a working sheet needs it.
 *
 * @param id name in the pattern file
 * @param label name for people
 * @param fields all but the material
 * @param materials what it can be made of
 * @param severalFeathers whether others can be wound with its first
 */
public record PartView(
    String id,
    String label,
    List<FieldView> fields,
    List<MaterialView> materials,
    boolean severalFeathers) {
  /**
   * One field; bounds and unit of a count or number, words of a choice, and for a length the
   * dimension of the hook that its usual rule goes by.
   */
  public record FieldView(
      String name,
      String type,
      double low,
      double high,
      String unit,
      List<String> options,
      String reference) {}

  /** A material. */
  public record MaterialView(String id, String label) {}

  /** Every kind there is, in the order in which most are tied. */
  public static List<PartView> all(Materials materials) {
    return PartKind.all().stream().map(k -> of(k, materials)).toList();
  }

  /** A part of this kind at a style's default, as it stands in a document. */
  public static JsonNode usual(Style style, String kind) {
    Part part = DefaultParts.of(style, PartKind.named(kind));
    return PatternNodes.part(part);
  }

  private static PartView of(PartKind kind, Materials materials) {
    return new PartView(
        kind.id(),
        kind.label(),
        kind.fields().stream().map(f -> field(kind, f)).toList(),
        materials.offered().stream().filter(kind::isMadeOf).map(PartView::material).toList(),
        kind.can(Feathered.class));
  }

  private static FieldView field(PartKind kind, PartKind.Field f) {
    String reference = f.type() == PartKind.Type.LENGTH ? DefaultParts.reference(kind, f) : "";
    return new FieldView(
        f.name(),
        f.type().name().toLowerCase(Locale.ROOT),
        f.low(),
        f.high(),
        f.unit(),
        f.options(),
        reference);
  }

  private static MaterialView material(Material m) {
    return new MaterialView(m.id(), m.label());
  }
}
