package ripplerest.evening;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.apache.commons.csv.CSVRecord;
import ripplerest.core.drawer.Kept;
import ripplerest.core.dressing.Part;
import ripplerest.core.material.Materials;
import ripplerest.core.quantity.Table;
import ripplerest.core.sizing.SizedPattern;
import ripplerest.core.tying.Card;
import ripplerest.core.tying.OwnTimes;

/**
 * Reads off a fly's card how it is tied: in which time, on which thread, what is made ready first.
 */
public final class Jobs {
  /** A first coat of varnish dries so long before the second (common practice, no source). */
  static final long COAT_DRIES_SECONDS = 20 * 60;

  private static final String COAT = "coat ";

  private static final Map<String, Once> ONCE = read();

  private Jobs() {}

  /**
   * @param kept only of what is kept so in the drawer: a wing of yarn has no tips to be paired;
   *     empty: of anything
   */
  private record Once(String kept, long seconds, String what) {
    boolean isFor(String material, Materials materials) {
      return kept.isEmpty() || Kept.of(material, materials).by().name().equals(kept);
    }
  }

  /**
   * How one fly is tied.
   *
   * @param id of pattern, size and colouring
   * @param takes what it takes of each thing, in thousandths of its unit
   */
  public static Job of(
      String id,
      SizedPattern sized,
      Card card,
      OwnTimes times,
      Materials materials,
      Map<String, Long> takes) {
    List<Card.Step> steps = card.steps();
    int coat = steps.size();
    for (int i = 0; i < steps.size(); i++) {
      if (steps.get(i).key().startsWith(COAT)) {
        coat = i;
      }
    }
    double assumed = steps.stream().mapToDouble(Card.Step::seconds).sum();
    double hookInAndOut = card.seconds() - assumed;
    double first = steps.subList(0, coat).stream().mapToDouble(times::seconds).sum();
    double finish = steps.subList(coat, steps.size()).stream().mapToDouble(times::seconds).sum();
    return new Job(
        id,
        thread(sized, materials),
        sized.hook().spec().size() + " " + sized.hook().spec().shape(),
        prepared(sized, materials),
        Math.max(1, Math.round(first + hookInAndOut)),
        finish > 0 ? COAT_DRIES_SECONDS : 0,
        Math.round(finish),
        takes);
  }

  /** The thread by its colour: the part's own, else the head's; what neither says is any. */
  private static String thread(SizedPattern sized, Materials materials) {
    Optional<Part> thread = sized.pattern().part(Part.Thread.class).map(t -> t);
    Optional<Part> head = sized.pattern().part(Part.Head.class).map(h -> h);
    String colour =
        thread
            .map(t -> t.tie().colour().name())
            .filter(c -> !c.isEmpty())
            .or(() -> head.map(h -> h.tie().colour().name()).filter(c -> !c.isEmpty()))
            .orElse("");
    String kind = thread.map(Part::material).orElse("thread");
    String label = materials.knows(kind) ? materials.get(kind).label().toLowerCase() : kind;
    return colour.isEmpty() ? label : colour + " " + label;
  }

  /** What is made ready once for all flies that ask for the same. */
  private static Map<String, Long> prepared(SizedPattern sized, Materials materials) {
    Map<String, Long> all = new HashMap<>();
    for (Part part : sized.pattern().parts()) {
      Once once = ONCE.get(part.kind());
      String of = part.material();
      if (once != null && once.isFor(of, materials)) {
        String label = materials.knows(of) ? materials.get(of).label().toLowerCase() : of;
        all.put(
            "%s for size %d, %s".formatted(once.what(), sized.hook().spec().size(), label),
            once.seconds());
      }
    }
    return all;
  }

  private static Map<String, Once> read() {
    Map<String, Once> rows = new HashMap<>();
    for (CSVRecord r : Table.rows(Jobs.class, "once.csv")) {
      rows.put(
          r.get("part"), new Once(r.get("kept"), Long.parseLong(r.get("seconds")), r.get("what")));
    }
    return Map.copyOf(rows);
  }
}
