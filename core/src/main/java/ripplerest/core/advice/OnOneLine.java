package ripplerest.core.advice;

import java.util.ArrayList;
import java.util.List;
import ripplerest.core.estimate.Answers;
import ripplerest.core.estimate.Estimate;
import ripplerest.core.estimate.PreparedFly;
import ripplerest.core.estimate.Work;
import ripplerest.core.material.Wear;
import ripplerest.core.rest.Carry;

/**
 * Two flies on one line: whether the one that floats carries the one that hangs below it, in still
 * water.
 *
 * @param top index of the fly that floats
 * @param below index of the fly that hangs from its bend
 * @param carriesMg the most in water that the upper one carries
 * @param more whether it carries more than that
 * @param weighsMg what the lower one weighs in water, wet through and its air gone; negative if it
 *     floats even so
 */
public record OnOneLine(int top, int below, double carriesMg, boolean more, double weighsMg) {
  /** Whether the upper one stays up. */
  public boolean holds() {
    return carriesMg >= weighsMg;
  }

  /** Every order of two of these flies in which the upper one rests by itself. */
  static List<OnOneLine> of(List<Estimate> flies, Work work) {
    List<OnOneLine> all = new ArrayList<>();
    for (int top = 0; top < flies.size() && flies.size() > 1; top++) {
      if (flies.get(top).rest().isPresent()) {
        Carry carry = Answers.carry(flies.get(top).fly(), Work.until(work::cancelled)).carry();
        for (int below = 0; below < flies.size(); below++) {
          if (below != top) {
            double weighs = inWaterMg(flies.get(below).fly());
            all.add(new OnOneLine(top, below, carry.mg(), carry.more(), weighs));
          }
        }
      }
    }
    return List.copyOf(all);
  }

  private static double inWaterMg(PreparedFly fly) {
    return -fly.with(fly.materials().worn(Wear.SOAKED)).popBackMg();
  }
}
