package ripplerest.core.calibration;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import ripplerest.core.material.Learnt;
import ripplerest.core.material.Material;
import ripplerest.core.material.Materials;
import ripplerest.core.material.Property;
import ripplerest.core.quantity.Prior;
import ripplerest.core.quantity.Table;

/**
 * One thing that tests taught, in a tier's words.
 *
 * @param words such as "Water is shed less well by your dressed hackle than assumed: by 8° ± 4°."
 * @param materials that it was learnt of, by id
 * @param moved by how many of its spreads it moved from what was assumed, never negative
 * @param narrowed its spread now over what it was, 0 to 1 or so
 */
public record Lesson(String words, List<String> materials, double moved, double narrowed) {
  /** What moved by less is not worth a word, however well it is known now. */
  private static final double LEAST_MOVED = 0.25;

  /** What is known hardly better is not worth one either, unless it moved by this. */
  private static final double LEAST_NARROWED = 0.9;

  private static final double MOVED_FAR = 0.75;

  /** So many materials are named where several are off for one cause. */
  private static final int NAMED = 3;

  private static final Map<Property, Row> ROWS = read();

  private record Row(boolean degrees, String more, String less) {}

  /** A value of several materials that is off for one cause. */
  private record Alike(Property property, Prior before, Prior now, List<Material> of) {
    Lesson told() {
      Row row = ROWS.get(property);
      double change = now.mean() - before.mean();
      String what = (change > 0 ? row.more : row.less).replace("{material}", names());
      String by =
          row.degrees
              ? "%.0f° ± %.0f°"
                  .formatted(Math.toDegrees(Math.abs(change)), Math.toDegrees(now.spread()))
              : "%.0f %% ± %.0f %%"
                  .formatted(
                      100 * Math.abs(change) / before.mean(), 100 * now.spread() / before.mean());
      return new Lesson(
          what + ": by " + by + ".",
          of.stream().map(Material::id).toList(),
          Math.abs(change) / before.spread(),
          now.spread() / before.spread());
    }

    private String names() {
      List<String> labels = of.stream().map(m -> small(m.label())).limit(NAMED).toList();
      int more = of.size() - labels.size();
      if (more > 0) {
        return String.join(", ", labels) + " and " + more + " more like them";
      }
      int last = labels.size() - 1;
      return last == 0
          ? labels.get(0)
          : String.join(", ", labels.subList(0, last)) + " and " + labels.get(last);
    }

    private static String small(String label) {
      boolean word = label.length() > 1 && Character.isLowerCase(label.charAt(1));
      return word ? Character.toLowerCase(label.charAt(0)) + label.substring(1) : label;
    }
  }

  /** What was learnt of these materials, what moved most first. */
  public static List<Lesson> of(Materials taught, Set<String> ids) {
    Map<List<String>, Alike> alike = new LinkedHashMap<>();
    for (String id : ids) {
      Material before = taught.untaught(id);
      Map<Property, Prior> after = taught.get(id).priors();
      before
          .priors()
          .forEach(
              (property, prior) -> {
                Prior now = after.get(property);
                if (ROWS.containsKey(property) && prior.spread() > 0 && !now.equals(prior)) {
                  List<String> cause = List.of(property.name(), prior.source());
                  alike
                      .computeIfAbsent(
                          cause, k -> new Alike(property, prior, now, new ArrayList<>()))
                      .of()
                      .add(before);
                }
              });
    }
    List<Lesson> all = new ArrayList<>();
    alike.values().forEach(same -> all.add(same.told()));
    taught.learnt().ifPresent(learnt -> hands(learnt, all));
    return all.stream()
        .filter(Lesson::isWorthAWord)
        .sorted(Comparator.comparingDouble(Lesson::moved).reversed())
        .toList();
  }

  private boolean isWorthAWord() {
    return moved >= MOVED_FAR || moved >= LEAST_MOVED && narrowed < LEAST_NARROWED;
  }

  /** What is not of one material. */
  private static void hands(Learnt learnt, List<Lesson> all) {
    double dressing = learnt.mean(Learnt.DRESSING);
    all.add(
        new Lesson(
            dressing > 0
                ? "What you dress sheds water better than assumed, whatever it is."
                : "What you dress sheds water less well than assumed, whatever it is.",
            List.of(),
            Math.abs(dressing),
            learnt.spread(Learnt.DRESSING)));
    double wetting = learnt.mean(Learnt.WETTING);
    double factor = Math.exp(FloatMinutes.SPREAD * Math.abs(wetting));
    all.add(
        new Lesson(
            "Your flies go down %.1f times as %s as assumed."
                .formatted(factor, wetting > 0 ? "soon" : "late"),
            List.of(),
            Math.abs(wetting),
            learnt.spread(Learnt.WETTING)));
  }

  private static Map<Property, Row> read() {
    Map<Property, Row> rows = new LinkedHashMap<>();
    Table.rows(Lesson.class, "lessons.csv")
        .forEach(
            r ->
                rows.put(
                    Property.named(r.get("property")),
                    new Row(r.get("told").equals("degrees"), r.get("more"), r.get("less"))));
    return rows;
  }
}
