package ripplerest.core.material;

import java.io.IOException;
import java.io.InputStreamReader;
import java.io.Reader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.TreeSet;
import java.util.random.RandomGenerator;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVRecord;
import ripplerest.core.quantity.OutOfRangeException;
import ripplerest.core.quantity.Prior;

/** The material table as a value, passed to whatever needs it. */
public final class Materials {
  private static final String RESOURCE = "materials.csv";

  private final Map<String, Material> byId;

  private Materials(Map<String, Material> byId) {
    this.byId = byId;
  }

  /** The table that ships with the program; one row a value, each with its source. */
  public static Materials standard() {
    Map<String, String> labels = new LinkedHashMap<>();
    Map<String, Map<Property, Prior>> priors = new LinkedHashMap<>();
    try (Reader reader =
            new InputStreamReader(
                Materials.class.getResourceAsStream("/ripplerest/core/material/" + RESOURCE),
                StandardCharsets.UTF_8);
        var rows =
            CSVFormat.RFC4180.builder().setHeader().setSkipHeaderRecord(true).get().parse(reader)) {
      for (CSVRecord row : rows) {
        String id = row.get("material");
        if (!row.get("label").isEmpty()) {
          labels.put(id, row.get("label"));
        }
        Property property = Property.named(row.get("property"));
        priors
            .computeIfAbsent(id, k -> new EnumMap<>(Property.class))
            .put(property, prior(row, property));
      }
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
    Map<String, Material> byId = new LinkedHashMap<>();
    priors.forEach((id, values) -> byId.put(id, new Material(id, labels.get(id), values)));
    return new Materials(byId);
  }

  private static Prior prior(CSVRecord row, Property property) {
    if (!property.fileUnit().equals(row.get("unit"))) {
      throw new IllegalStateException(
          RESOURCE
              + ": "
              + property
              + " must be in "
              + property.fileUnit()
              + ", not "
              + row.get("unit"));
    }
    return new Prior(
        Double.parseDouble(row.get("value")) * property.factor(),
        Double.parseDouble(row.get("spread")) * property.factor(),
        Prior.Kind.valueOf(row.get("kind")),
        row.get("source"));
  }

  /** The material of this name; refuses an unknown one and lists those there are. */
  public Material get(String id) {
    Material material = byId.get(id);
    if (material == null) {
      throw new OutOfRangeException(
          "material",
          "\"" + id + "\"",
          "one of " + new TreeSet<>(byId.keySet()),
          "Choose a material from this list.");
    }
    return material;
  }

  /** A table with one more material; one of the same name is replaced. */
  public Materials with(Material material) {
    Map<String, Material> more = new LinkedHashMap<>(byId);
    more.put(material.id(), material);
    return new Materials(more);
  }

  /** All materials, in file order. */
  public Iterable<Material> all() {
    return byId.values();
  }

  /** A table whose priors have each been drawn once from {@code random}, in file order. */
  public Materials drawn(RandomGenerator random) {
    Map<String, Material> drawn = new LinkedHashMap<>();
    byId.forEach((id, material) -> drawn.put(id, material.drawn(random)));
    return new Materials(drawn);
  }

  /** The table of a fly that has been fished. */
  public Materials worn(Wear wear) {
    Map<String, Material> worn = new LinkedHashMap<>();
    byId.forEach((id, material) -> worn.put(id, material.worn(wear)));
    return new Materials(worn);
  }

  /**
   * A table with one prior moved by so many of its spreads; contact angles of a material together.
   */
  public Materials moved(String id, Property property, double spreads) {
    Map<String, Material> moved = new LinkedHashMap<>(byId);
    moved.put(id, get(id).moved(property, spreads));
    return new Materials(moved);
  }
}
