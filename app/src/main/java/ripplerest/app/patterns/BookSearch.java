package ripplerest.app.patterns;

import jakarta.persistence.EntityManager;
import jakarta.persistence.Query;
import jakarta.persistence.Tuple;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import ripplerest.app.library.InUse;
import ripplerest.core.quantity.Words;
import ripplerest.core.rest.Sitting;

/** Finds patterns in the book, by PostgreSQL's own indexes and full-text search. */
@Service
public class BookSearch implements InUse {
  private final EntityManager manager;

  BookSearch(EntityManager manager) {
    this.manager = manager;
  }

  /** What a page is sorted by. */
  public enum Sort {
    NAME("lower(name), id"),
    NATURAL("lower(natural_insect), lower(name), id"),
    /** Large hooks first. */
    HOOK("hook_size, lower(name), id"),
    STYLE("style, lower(name), id"),
    /** Changed last first. */
    CHANGED("updated_at desc, id");

    private final String sql;

    Sort(String sql) {
      this.sql = sql;
    }
  }

  /**
   * What is looked for; empty fields leave open.
   *
   * @param words all of them, each at least the beginning of a word
   * @param materials all of them in one pattern
   * @param atHand materials that there are: only patterns that need nothing else
   * @param missing of those, how many may be missing, 0 to 2
   */
  public record Wanted(
      String words,
      List<String> materials,
      List<String> atHand,
      int missing,
      Optional<Integer> hookSize,
      String natural,
      String style,
      Optional<Sitting> posture,
      boolean archived) {}

  /** A pattern in the list; {@code posture} is null until it has been put on the water. */
  public record Row(
      UUID id,
      String name,
      String natural,
      String style,
      int hookSize,
      String hookShape,
      Sitting posture,
      List<String> materials,
      boolean archived,
      Instant changed) {}

  /** One page. */
  public record Page(List<Row> rows, long total) {}

  /**
   * One page of what was found.
   *
   * @param page from 0
   * @param size rows of a page
   */
  public Page find(Wanted wanted, Sort sort, int page, int size) {
    Map<String, Object> values = new HashMap<>();
    String where = where(wanted, values);
    Query count = manager.createNativeQuery("select count(*) from pattern where " + where);
    values.forEach(count::setParameter);
    Query rows =
        manager.createNativeQuery(
            "select id, name, natural_insect, style, hook_size, hook_shape, posture, materials,"
                + " archived_at, updated_at from pattern where "
                + where
                + " order by "
                + sort.sql
                + " limit :size offset :from",
            Tuple.class);
    values.forEach(rows::setParameter);
    rows.setParameter("size", size);
    rows.setParameter("from", (long) page * size);
    List<Row> found = new ArrayList<>();
    for (Object o : rows.getResultList()) {
      found.add(row((Tuple) o));
    }
    return new Page(found, ((Number) count.getSingleResult()).longValue());
  }

  /** How many patterns have not been put on the water since they were changed. */
  public long withoutPosture() {
    Query count =
        manager.createNativeQuery(
            "select count(*) from pattern where posture is null and deleted_at is null"
                + " and posture_tries < 3");
    return ((Number) count.getSingleResult()).longValue();
  }

  /** How many patterns use each material; archived ones count, deleted ones do not. */
  @Override
  public Map<String, Long> materials() {
    Map<String, Long> used = new HashMap<>();
    Query all =
        manager.createNativeQuery(
            "select m, count(*) from pattern, unnest(materials) m where deleted_at is null"
                + " group by m",
            Tuple.class);
    for (Object o : all.getResultList()) {
      Tuple t = (Tuple) o;
      used.put(t.get(0, String.class), t.get(1, Number.class).longValue());
    }
    return used;
  }

  @Override
  public long followers(String style) {
    return manager
        .createQuery(
            "select count(p) from PatternEntity p where p.style = :style and p.deletedAt is null",
            Long.class)
        .setParameter("style", style)
        .getSingleResult();
  }

  /** The naturals that patterns stand for, by name. */
  public List<String> naturals() {
    List<?> all =
        manager
            .createNativeQuery(
                "select distinct natural_insect from pattern where deleted_at is null"
                    + " and natural_insect <> '' order by 1 limit 500")
            .getResultList();
    return all.stream().map(Object::toString).toList();
  }

  private static String where(Wanted w, Map<String, Object> values) {
    List<String> all = new ArrayList<>();
    all.add("deleted_at is null");
    all.add(w.archived() ? "archived_at is not null" : "archived_at is null");
    String query = prefixes(w.words());
    if (!query.isEmpty()) {
      all.add("search @@ to_tsquery('simple', :words)");
      values.put("words", query);
    }
    if (!w.materials().isEmpty()) {
      all.add("materials @> cast(:materials as text[])");
      values.put("materials", w.materials().toArray(String[]::new));
    }
    if (!w.atHand().isEmpty()) {
      all.add(
          w.missing() == 0
              ? "materials <@ cast(:atHand as text[])"
              : "(select count(*) from unnest(materials) m where m <> all(cast(:atHand as text[])))"
                  + " <= :missing");
      values.put("atHand", w.atHand().toArray(String[]::new));
      if (w.missing() > 0) {
        values.put("missing", w.missing());
      }
    }
    w.hookSize()
        .ifPresent(
            size -> {
              all.add("hook_size = :hook");
              values.put("hook", size);
            });
    equal("lower(natural_insect)", "natural", w.natural().toLowerCase(), all, values);
    equal("style", "style", w.style(), all, values);
    equal("posture", "posture", w.posture().map(Words::id).orElse(""), all, values);
    return String.join(" and ", all);
  }

  private static void equal(
      String column, String name, String value, List<String> all, Map<String, Object> values) {
    if (!value.isBlank()) {
      all.add(column + " = :" + name);
      values.put(name, value.strip());
    }
  }

  /** Every word as the beginning of one: {@code pale spin} finds a pale evening spinner. */
  static String prefixes(String words) {
    return Arrays.stream(words.toLowerCase().split("[^\\p{L}\\p{N}]+"))
        .filter(w -> !w.isEmpty())
        .limit(12)
        .map(w -> w + ":*")
        .collect(Collectors.joining(" & "));
  }

  private static Row row(Tuple t) {
    Object materials = t.get("materials");
    return new Row(
        t.get("id", UUID.class),
        t.get("name", String.class),
        t.get("natural_insect", String.class),
        t.get("style", String.class),
        t.get("hook_size", Number.class).intValue(),
        t.get("hook_shape", String.class),
        Optional.ofNullable(t.get("posture", String.class))
            .map(p -> Sitting.valueOf(Words.constant(p)))
            .orElse(null),
        List.of((String[]) materials),
        t.get("archived_at") != null,
        t.get("updated_at", Instant.class));
  }
}
