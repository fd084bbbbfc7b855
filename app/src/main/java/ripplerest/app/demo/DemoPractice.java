package ripplerest.app.demo;

import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.SplittableRandom;
import java.util.UUID;
import org.springframework.stereotype.Component;
import ripplerest.app.practice.PracticeStore;
import ripplerest.core.practice.Skill;
import ripplerest.core.practice.Trial;
import ripplerest.exchange.table.PracticeTable;

/**
 * What the warden's eye saw on evenings of the last three months; invented, like all of the demo.
 */
@Component
class DemoPractice {
  private static final int WEEKS = 13;
  private static final int LOOKS = 8;
  private static final long SEED = 3;

  private final PracticeStore store;

  DemoPractice(PracticeStore store) {
    this.store = store;
  }

  void load(Instant now) {
    SplittableRandom random = new SplittableRandom(SEED);
    List<PracticeTable.Line> lines = new ArrayList<>();
    for (int week = WEEKS; week >= 1; week--) {
      Instant evening = now.minus(Duration.ofDays(7L * week)).minusSeconds(3600);
      double learnt = (double) week / WEEKS;
      for (int i = 0; i < LOOKS; i++) {
        Instant at = evening.plusSeconds(30L * i);
        lines.add(seen("part-off/wing length", at, 0.06 + 0.09 * learnt, 5, random));
        lines.add(seen("part-off/hackle barb", at, 0.08 + 0.04 * learnt, 5, random));
        lines.add(set("set-by-eye/hackle barb", at, 0.02, 0.05 + 0.05 * learnt, random));
        lines.add(set("room-left/room for the head", at, -0.1, 0.25 + 0.2 * learnt, random));
      }
    }
    store.take(lines);
  }

  private static PracticeTable.Line seen(
      String skill, Instant at, double threshold, int choices, SplittableRandom random) {
    double level = threshold * (0.5 + 1.4 * random.nextDouble());
    boolean sees = random.nextDouble() < 1 - Math.exp(-Math.pow(level / threshold, 2));
    boolean right = sees || random.nextInt(choices) == 0;
    return line(random, new Trial(Skill.named(skill), at, level, choices, right, 0));
  }

  private static PracticeTable.Line set(
      String skill, Instant at, double bias, double spread, SplittableRandom random) {
    double off = bias + spread * random.nextGaussian();
    return line(random, new Trial(Skill.named(skill), at, 0, 0, false, off));
  }

  private static PracticeTable.Line line(SplittableRandom random, Trial trial) {
    return new PracticeTable.Line(new UUID(random.nextLong(), random.nextLong()), "", trial);
  }
}
