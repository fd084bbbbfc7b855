package ripplerest.core.box;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.function.ToIntFunction;

/**
 * What outings lack, one after the other: what one uses up the next no longer has, and what is tied
 * for one and comes home is there for the next.
 */
public final class Lacking {
  private Lacking() {}

  /**
   * Flies that an outing asks for.
   *
   * @param outing id of it
   * @param flies which
   * @param wanted how many
   * @param used how many it is expected to use up
   * @param inItsBoxes how many of them lie in the boxes that go along
   */
  public record Ask(String outing, Flies flies, int wanted, double used, int inItsBoxes) {}

  /** How many of these there will be for it, and how many have to be tied. */
  public record Line(String outing, Flies flies, int wanted, int there, int lacking) {}

  /**
   * Goes through the outings.
   *
   * @param asks in order of their days
   * @param there how many of these there are in all boxes now
   */
  public static List<Line> of(List<Ask> asks, ToIntFunction<Flies> there) {
    Map<Flies, Double> left = new HashMap<>();
    List<Line> lines = new ArrayList<>();
    for (Ask ask : asks) {
      double all = left.computeIfAbsent(ask.flies(), f -> (double) there.applyAsInt(f));
      boolean isFirst = lines.stream().noneMatch(l -> l.flies().equals(ask.flies()));
      int here = (int) Math.floor(isFirst ? Math.min(all, ask.inItsBoxes()) : all);
      int lacking = Math.max(0, ask.wanted() - here);
      lines.add(new Line(ask.outing(), ask.flies(), ask.wanted(), here, lacking));
      left.put(ask.flies(), Math.max(0, all + lacking - ask.used()));
    }
    return lines;
  }
}
