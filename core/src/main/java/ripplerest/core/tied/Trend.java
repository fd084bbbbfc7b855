package ripplerest.core.tied;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.hipparchus.distribution.continuous.TDistribution;
import org.hipparchus.stat.descriptive.DescriptiveStatistics;
import ripplerest.core.dressing.PartKind;
import ripplerest.core.dressing.Pattern;
import ripplerest.core.material.Form;
import ripplerest.core.quantity.Words;

/**
 * What a tier's hands do again and again: the mean departure from the plan of one field of one sort
 * of part, over the flies of the log.
 *
 * @param kind sort of part: wings of all kinds are one, and so are hackles
 * @param field of it
 * @param flies that it was measured on
 * @param share mean of what was made over what was planned, less 1
 * @param error half of the 90 % interval of that mean, by Student's t (Student, Biometrika 6 (1908)
 *     1)
 */
public record Trend(String kind, String field, int flies, double share, double error) {
  /** Fewer flies say nothing of a hand. */
  private static final int LEAST_FLIES = 3;

  private static final double INSIDE = 0.95;

  /** A habit of less than this is not worth a word. */
  private static final double LEAST_SHARE = 0.02;

  /** Of all that was measured, kind by kind, what was measured often enough. */
  public static List<Trend> of(List<Made> all) {
    Map<List<String>, List<Made>> byField = new LinkedHashMap<>();
    for (Made m : all) {
      List<String> key = List.of(sort(m.planned().part()), m.planned().field());
      byField.computeIfAbsent(key, k -> new ArrayList<>()).add(m);
    }
    return byField.entrySet().stream()
        .filter(e -> e.getValue().size() >= LEAST_FLIES)
        .map(e -> of(e.getKey().get(0), e.getKey().get(1), e.getValue()))
        .toList();
  }

  /** The sort of part that a part of this name is. */
  public static String sort(String part) {
    String kind = Pattern.kindOf(part);
    if (PartKind.named(kind).form() == Form.HACKLE) {
      return "hackle";
    }
    boolean wing = kind.endsWith("wing") || kind.endsWith("plume") || kind.endsWith("shuttle");
    return wing || kind.equals("post") ? "wing" : kind;
  }

  private static Trend of(String kind, String field, List<Made> all) {
    DescriptiveStatistics shares = new DescriptiveStatistics();
    all.forEach(m -> shares.addValue(m.share()));
    int n = all.size();
    double t = new TDistribution(n - 1.0).inverseCumulativeProbability(INSIDE);
    double error = t * shares.getStandardDeviation() / Math.sqrt(n);
    return new Trend(kind, field, n, shares.getMean(), error);
  }

  /** Of what, such as {@code wing length}. */
  public String name() {
    return kind + " " + field;
  }

  /** Whether it is a habit rather than chance. */
  public boolean isHabit() {
    return Math.abs(share) > Math.max(error, LEAST_SHARE);
  }

  /** The habit in a tier's words. */
  public String words() {
    String name = Words.of(name());
    if (!isHabit()) {
      return "Your %s %s to the plan, within %.0f %% over %d flies."
          .formatted(
              name, verb("keep"), Math.max(1, Math.ceil(100 * (Math.abs(share) + error))), flies);
    }
    return "Your %s %s %.0f ± %.0f %% %s over %d flies."
        .formatted(name, verb("run"), 100 * Math.abs(share), 100 * error, way(), flies);
  }

  private String verb(String plural) {
    return field.equals("turns") ? plural : plural + "s";
  }

  private String way() {
    boolean more = share > 0;
    return switch (field) {
      case "length", "barb" -> more ? "long" : "short";
      case "thickness", "diameter" -> more ? "thick" : "thin";
      default -> more ? "high" : "low";
    };
  }
}
