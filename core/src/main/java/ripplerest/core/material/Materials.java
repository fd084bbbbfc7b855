package ripplerest.core.material;

import java.io.IOException;
import java.io.InputStreamReader;
import java.io.Reader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.Collection;
import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.function.UnaryOperator;
import java.util.random.RandomGenerator;
import ripplerest.core.quantity.OutOfRangeException;
import ripplerest.core.quantity.Prior;

/** The material table as a value, passed to whatever needs it. */
public final class Materials {
  private static final String RESOURCE = "materials.csv";

  /** As the table has them. */
  private final Map<String, Material> base;

  /** As tests left them: the same where nothing was learnt. */
  private final Map<String, Material> byId;

  /** Known, because something was tied with them, but no longer to choose from. */
  private final Set<String> retired;

  private final Optional<Learnt> learnt;

  private Materials(
      Map<String, Material> base,
      Map<String, Material> byId,
      Set<String> retired,
      Optional<Learnt> learnt) {
    this.base = base;
    this.byId = byId;
    this.retired = retired;
    this.learnt = learnt;
  }

  private Materials(Map<String, Material> base, Set<String> retired, Optional<Learnt> learnt) {
    this(base, learnt.map(l -> each(base, m -> m.taught(l))).orElse(base), retired, learnt);
  }

  private static Map<String, Material> each(
      Map<String, Material> all, UnaryOperator<Material> change) {
    Map<String, Material> changed = new LinkedHashMap<>();
    all.forEach((id, material) -> changed.put(id, change.apply(material)));
    return changed;
  }

  /** The table that ships with the program; one row a value, each with its source. */
  public static Materials standard() {
    try (Reader reader =
        new InputStreamReader(
            Materials.class.getResourceAsStream("/ripplerest/core/material/" + RESOURCE),
            StandardCharsets.UTF_8)) {
      return new Materials(Map.of(), Set.of(), Optional.empty()).with(MaterialRow.readAll(reader));
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
    base.forEach(
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
    all.values().stream().filter(m -> !base.containsKey(m.id())).forEach(Materials::floats);
    return new Materials(all, retired, learnt);
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
    Map<String, Material> more = new LinkedHashMap<>(base);
    more.put(material.id(), material);
    return new Materials(more, retired, learnt);
  }

  /** The same table, of which these are no longer offered; what names them can still be read. */
  public Materials retiring(Set<String> ids) {
    return new Materials(base, byId, Set.copyOf(ids), learnt);
  }

  /** All materials that a document may name, in file order, retired ones too. */
  public Iterable<Material> all() {
    return byId.values();
  }

  /** The materials to choose from, in file order. */
  public List<Material> offered() {
    return byId.values().stream().filter(m -> !retired.contains(m.id())).toList();
  }

  /** The same table as tests left it. */
  public Materials taught(Learnt other) {
    return new Materials(base, retired, Optional.of(other));
  }

  /** The same table as if nothing had been tested. */
  public Materials untaught() {
    return learnt.isEmpty() ? this : new Materials(base, retired, Optional.empty());
  }

  /** What tests taught of it. */
  public Optional<Learnt> learnt() {
    return learnt;
  }

  /** A material as it is without tests. */
  public Material untaught(String id) {
    get(id); // refuses one that is not there
    return base.get(id);
  }

  /** Whether tests moved any value of a material. */
  public boolean isMoved(String id) {
    return !get(id).equals(base.get(id));
  }

  /**
   * A table whose priors have each been drawn once, in file order; what has one {@link Causes
   * cause} is off together, and what tests taught is drawn as they left it.
   */
  public Materials sampled(RandomGenerator random) {
    return sampled(drawn(random));
  }

  /** One draw of all that the table is off by, as tests left it. */
  public Deviates drawn(RandomGenerator random) {
    return learnt.map(l -> l.drawn(random)).orElseGet(() -> new Deviates(random));
  }

  /** The table as it is in one draw. */
  public Materials sampled(Deviates deviates) {
    return new Materials(each(base, m -> m.sampled(deviates)), retired, Optional.empty());
  }

  /** What the values of some materials are off by: names for {@link Deviates}. */
  public Set<String> causes(Collection<String> ids) {
    Set<String> causes = new TreeSet<>();
    for (String id : ids) {
      get(id); // refuses one that is not there
      base.get(id)
          .priors()
          .forEach(
              (p, prior) ->
                  causes.addAll(prior.spread() == 0 ? Set.of() : Causes.of(p, prior).keySet()));
    }
    return causes;
  }

  /** The table of a fly that has been fished. */
  public Materials worn(Wear wear) {
    Map<String, Material> worn = each(base, m -> m.worn(wear));
    return learnt.isEmpty()
        ? new Materials(worn, retired, learnt)
        : new Materials(worn, each(byId, m -> m.worn(wear)), retired, learnt);
  }

  /**
   * A table with one prior moved by so many of its spreads; contact angles of a material together.
   */
  public Materials moved(String id, Property property, double spreads) {
    Map<String, Material> moved = new LinkedHashMap<>(byId);
    moved.put(id, get(id).moved(property, spreads));
    return new Materials(moved, retired, Optional.empty());
  }
}
