package ripplerest.core.material;

import java.io.IOException;
import java.io.InputStreamReader;
import java.io.Reader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import java.util.random.RandomGenerator;
import ripplerest.core.quantity.OutOfRangeException;
import ripplerest.core.quantity.Prior;

/** The material table as a value, passed to whatever needs it. */
public final class Materials {
  private static final String RESOURCE = "materials.csv";

  private final Map<String, Material> byId;

  /** Known, because something was tied with them, but no longer to choose from. */
  private final Set<String> retired;

  private Materials(Map<String, Material> byId, Set<String> retired) {
    this.byId = byId;
    this.retired = retired;
  }

  /** The table that ships with the program; one row a value, each with its source. */
  public static Materials standard() {
    try (Reader reader =
        new InputStreamReader(
            Materials.class.getResourceAsStream("/ripplerest/core/material/" + RESOURCE),
            StandardCharsets.UTF_8)) {
      return new Materials(Map.of(), Set.of()).with(MaterialRow.readAll(reader));
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  /**
   * A table in which these rows win: they change values of materials there are, and add more. A
   * material that is new needs a label in its first row.
   */
  public Materials with(List<MaterialRow> rows) {
    Map<String, String> labels = new LinkedHashMap<>();
    Map<String, Map<Property, Prior>> priors = new LinkedHashMap<>();
    byId.forEach(
        (id, material) -> {
          labels.put(id, material.label());
          priors.put(id, new EnumMap<>(material.priors()));
        });
    for (MaterialRow row : rows) {
      if (!row.label().isEmpty()) {
        labels.put(row.material(), row.label());
      }
      priors
          .computeIfAbsent(row.material(), k -> new EnumMap<>(Property.class))
          .put(row.property(), row.prior());
    }
    Map<String, Material> all = new LinkedHashMap<>();
    priors.forEach((id, values) -> all.put(id, new Material(id, labels.get(id), values)));
    all.values().stream().filter(m -> !byId.containsKey(m.id())).forEach(Materials::floats);
    return new Materials(all, retired);
  }

  /** Refuses a material of which too little is known to put it on the water. */
  private static void floats(Material material) {
    for (Property p : Property.values()) {
      if ((p == Property.DENSITY || p.isContactAngle()) && !material.has(p)) {
        throw new OutOfRangeException(
            material.id(), "no " + p.fileName(), "given", "Add a row for it.");
      }
    }
  }

  public boolean knows(String id) {
    return byId.containsKey(id);
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
    return new Materials(more, retired);
  }

  /** The same table, of which these are no longer offered; what names them can still be read. */
  public Materials retiring(Set<String> ids) {
    return new Materials(byId, Set.copyOf(ids));
  }

  /** All materials that a document may name, in file order, retired ones too. */
  public Iterable<Material> all() {
    return byId.values();
  }

  /** The materials to choose from, in file order. */
  public List<Material> offered() {
    return byId.values().stream().filter(m -> !retired.contains(m.id())).toList();
  }

  /**
   * A table whose priors have each been drawn once, in file order; what has one {@link Causes
   * cause} is off together.
   */
  public Materials sampled(RandomGenerator random) {
    Map<String, Material> drawn = new LinkedHashMap<>();
    Causes causes = new Causes(random);
    byId.forEach((id, material) -> drawn.put(id, material.sampled(causes)));
    return new Materials(drawn, retired);
  }

  /** The table of a fly that has been fished. */
  public Materials worn(Wear wear) {
    Map<String, Material> worn = new LinkedHashMap<>();
    byId.forEach((id, material) -> worn.put(id, material.worn(wear)));
    return new Materials(worn, retired);
  }

  /**
   * A table with one prior moved by so many of its spreads; contact angles of a material together.
   */
  public Materials moved(String id, Property property, double spreads) {
    Map<String, Material> moved = new LinkedHashMap<>(byId);
    moved.put(id, get(id).moved(property, spreads));
    return new Materials(moved, retired);
  }
}
