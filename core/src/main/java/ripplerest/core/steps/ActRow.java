package ripplerest.core.steps;

import static ripplerest.core.dressing.Part.Bands.Made.MARKED;
import static ripplerest.core.dressing.Part.Bands.Made.WOUND;
import static ripplerest.core.dressing.Part.ExtendedBody.Core.NEEDLE;
import static ripplerest.core.dressing.Part.ExtendedBody.Core.STRAND;
import static ripplerest.core.dressing.Part.SpunPlume.Held.LOOP;
import static ripplerest.core.dressing.Part.SpunPlume.Held.SPLIT_THREAD;

import java.util.List;
import org.apache.commons.csv.CSVRecord;
import ripplerest.core.dressing.Finish;
import ripplerest.core.dressing.Part;
import ripplerest.core.dressing.PartKind;
import ripplerest.core.dressing.Pattern;
import ripplerest.core.dressing.WhipPlace;
import ripplerest.core.quantity.Table;
import ripplerest.core.quantity.Words;

/**
 * What is done to a kind of part, and what is said of it, with gaps for a fly's numbers (all of it
 * common practice, no source).
 *
 * @param kind of part, {@code hook}, or {@code any} for what some do to any part
 * @param operation what is done
 * @param handling of the material it is meant for; empty: any other
 * @param when on which flies only; empty: on all
 * @param share of the part's time
 * @param easier way for large fingers or weak eyes; may be empty
 */
public record ActRow(
    String kind,
    String operation,
    String handling,
    String when,
    double share,
    String prepare,
    String how,
    String check,
    String mistake,
    String remedy,
    String caution,
    String way,
    String taken,
    String easier) {
  private static final List<ActRow> ALL =
      Table.rows(ActRow.class, "acts.csv").stream().map(ActRow::row).toList();

  /** Tails of more fibres than this are fanned by their own bump and not divided one by one. */
  private static final int MOST_DIVIDED = 3;

  static List<ActRow> all() {
    return ALL;
  }

  private static ActRow row(CSVRecord r) {
    return new ActRow(
        r.get("part"),
        r.get("do"),
        r.get("handling"),
        r.get("when"),
        Double.parseDouble(r.get("share")),
        r.get("prepare"),
        r.get("how"),
        r.get("check"),
        r.get("mistake"),
        r.get("remedy"),
        r.get("caution"),
        r.get("way"),
        r.get("taken"),
        r.get("easier"));
  }

  /** Whether it is done to this part of this fly. */
  boolean isDone(Pattern fly, Part part, String handled) {
    return (handling.isEmpty() || handling.equals(handled)) && applies(fly, part);
  }

  private boolean applies(Pattern fly, Part part) {
    if (when.startsWith("has:")) {
      return fly.parts().stream().anyMatch(p -> p.kind().equals(when.substring(4)));
    }
    return switch (when) {
      case "", "last" -> true;
      case "barbless" -> !fly.hook().barbed();
      case "also" -> part.tie().also().stream().anyMatch(a -> Words.id(a).equals(operation));
      case "on-extension" ->
          part instanceof Part.Tail
              && part.tie().seat().isEmpty()
              && fly.part(Part.ExtendedBody.class).isPresent();
      case "needle" -> part instanceof Part.ExtendedBody e && e.core() == NEEDLE;
      case "strand" -> part instanceof Part.ExtendedBody e && e.core() == STRAND;
      case "marked" -> part instanceof Part.Bands b && b.made() == MARKED;
      case "wound" -> part instanceof Part.Bands b && b.made() == WOUND;
      case "split" -> part instanceof Part.SpunPlume s && s.held() == SPLIT_THREAD;
      case "loop" -> part instanceof Part.SpunPlume s && s.held() == LOOP;
      case "divided" ->
          part instanceof Part.Tail tail && tail.count() <= MOST_DIVIDED && tail.splay() > 0;
      case "standing" ->
          fly.part(Part.UprightWing.class).isPresent()
              || fly.part(Part.SpentWing.class).isPresent();
      case "trimmed" -> !"full".equals(PartKind.of(part).values(part).get("trim"));
      case "sealed" -> part instanceof Part.Head head && head.finish() != Finish.NONE;
      case "once" -> !(part instanceof Part.Head h) || h.second() == 0 && h.at() == WhipPlace.EYE;
      case "twice" -> part instanceof Part.Head h && h.second() > 0 && h.at() == WhipPlace.EYE;
      case "on-post" -> part instanceof Part.Head h && h.at() == WhipPlace.POST;
      case "coats" -> part instanceof Part.Head h && h.coats() > 1 && h.finish() != Finish.NONE;
      default -> throw new IllegalStateException("no such condition: " + when);
    };
  }
}
