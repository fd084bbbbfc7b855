package ripplerest.core.material;

import java.io.IOException;
import java.io.Reader;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import org.apache.commons.csv.CSVRecord;
import ripplerest.core.quantity.OutOfRangeException;
import ripplerest.core.quantity.Prior;
import ripplerest.core.quantity.Require;
import ripplerest.core.quantity.Table;

/**
 * One value of the material table, as its file has it.
 *
 * @param material stable name, such as {@code dry-hackle}: small letters, digits, hyphens
 * @param label name for people; empty but in the first row of a material
 * @param property what is given
 * @param value in the property's file unit
 * @param spread standard deviation, same unit
 * @param kind how well founded it is
 * @param source the publication, or in words where it comes from
 */
public record MaterialRow(
    String material,
    String label,
    Property property,
    double value,
    double spread,
    Prior.Kind kind,
    String source) {
  /** Columns of the file, in order. */
  public static final List<String> COLUMNS =
      List.of("material", "label", "property", "value", "spread", "unit", "kind", "source");

  public MaterialRow {
    Require.text("material", material, 60);
    if (!material.matches("[a-z0-9]+(-[a-z0-9]+)*")) {
      throw new OutOfRangeException(
          "material",
          "\"" + material + "\"",
          "small letters, digits and hyphens",
          "Name it like dry-hackle.");
    }
    if (!label.isEmpty()) {
      Require.text("label", label, 80);
    }
    Require.present("property", property).check(value);
    Require.inRange("spread", spread, 0, Math.max(1, Math.abs(value)), property.fileUnit());
    Require.present("kind", kind);
    Require.text("source", source, 300);
  }

  /** The same value of a material of another name. */
  public MaterialRow of(String otherMaterial) {
    return new MaterialRow(otherMaterial, label, property, value, spread, kind, source);
  }

  Prior prior() {
    double factor = property.factor();
    return new Prior(value * factor, spread * factor, kind, source);
  }

  /** One row a value of a material, its label in the first. */
  public static List<MaterialRow> of(Material material) {
    List<MaterialRow> rows = new ArrayList<>();
    for (Property p : Property.values()) {
      Prior prior = material.priors().get(p);
      if (prior != null) {
        String label = rows.isEmpty() ? material.label() : "";
        double value = rounded(prior.mean() / p.factor());
        double spread = rounded(prior.spread() / p.factor());
        rows.add(
            new MaterialRow(material.id(), label, p, value, spread, prior.kind(), prior.source()));
      }
    }
    return rows;
  }

  /** Without the last bits that a change of units leaves. */
  private static double rounded(double v) {
    return Double.parseDouble("%.9g".formatted(v));
  }

  /** Reads a whole file; refuses the first row that does not fit, naming its line. */
  public static List<MaterialRow> readAll(Reader reader) throws IOException {
    List<MaterialRow> rows = new ArrayList<>();
    try (var records = Table.parse(reader)) {
      Table.requireColumns(records, COLUMNS);
      for (CSVRecord r : records) {
        rows.add(read(r, r.getRecordNumber() + 1));
      }
    }
    return rows;
  }

  private static MaterialRow read(CSVRecord r, long line) {
    try {
      Table.requireWhole(r, COLUMNS);
      Property property = Property.named(r.get("property"));
      if (!property.fileUnit().equals(r.get("unit"))) {
        throw new OutOfRangeException(
            "unit", "\"" + r.get("unit") + "\"", property.fileUnit(), "Give it in this unit.");
      }
      return new MaterialRow(
          r.get("material"),
          r.get("label"),
          property,
          Table.number(r, "value"),
          Table.number(r, "spread"),
          kind(r.get("kind")),
          r.get("source"));
    } catch (OutOfRangeException e) {
      throw new OutOfRangeException(
          "line " + line + "/" + e.field(), e.value(), e.bound(), e.remedy());
    }
  }

  private static Prior.Kind kind(String word) {
    return Arrays.stream(Prior.Kind.values())
        .filter(k -> k.name().equals(word))
        .findFirst()
        .orElseThrow(
            () ->
                new OutOfRangeException(
                    "kind",
                    "\"" + word + "\"",
                    "one of " + Arrays.toString(Prior.Kind.values()),
                    "Use one of these."));
  }
}
