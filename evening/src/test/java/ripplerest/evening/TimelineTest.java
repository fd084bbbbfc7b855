package ripplerest.evening;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import ripplerest.evening.Timeline.Entry;
import ripplerest.evening.Timeline.What;

class TimelineTest {
  private static final long LAID_OUT =
      Weights.THREAD_SECONDS + Weights.HOOK_SECONDS + Weights.LAY_OUT_SECONDS;

  private static Job job(String id, String thread, Map<String, Long> prepare, long cure) {
    return new Job(id, thread, "14", prepare, 600, cure, cure > 0 ? 60 : 0, Map.of());
  }

  /** Worked by hand: 120 s of laying out, 300 s of stacking hair, then ten minutes a fly. */
  @Test
  void whatAllNeedIsMadeReadyOnce() {
    Job sedge = job("sedge", "tan", Map.of("hair", 300L), 0);
    Timeline three = Timeline.of(List.of(sedge, sedge, sedge));
    assertThat(three.entries())
        .containsExactly(
            new Entry(What.TIE, 0, 0, LAID_OUT + 300, LAID_OUT + 900),
            new Entry(What.TIE, 1, LAID_OUT + 900, LAID_OUT + 900, LAID_OUT + 1500),
            new Entry(What.TIE, 2, LAID_OUT + 1500, LAID_OUT + 1500, LAID_OUT + 2100));
    assertThat(three.threadChanges()).isEqualTo(1);
    Job other = job("stone", "tan", Map.of("hair", 300L), 0);
    Timeline shared = Timeline.of(List.of(sedge, other, sedge));
    assertThat(shared.preparingSeconds()).isEqualTo(300);
    assertThat(shared.threadChanges()).isEqualTo(1);
    assertThat(shared.layOuts()).isEqualTo(3);
  }

  /** The first dries for 15 min while the second is tied, and is finished when that is out. */
  @Test
  void whileOneDriesTheNextIsTied() {
    Job glued = job("glued", "black", Map.of(), 900);
    Job plain = job("plain", "black", Map.of(), 0);
    Timeline two = Timeline.of(List.of(glued, plain, plain, plain));
    assertThat(two.waitingSeconds()).isZero();
    Entry finish = two.entries().get(3);
    assertThat(finish.what()).isEqualTo(What.FINISH);
    assertThat(finish.place()).isZero();
    assertThat(finish.startsAt()).isGreaterThanOrEqualTo(LAID_OUT + 600 + 900);
    Timeline alone = Timeline.of(List.of(plain, glued));
    assertThat(alone.waitingSeconds()).isEqualTo(900);
    assertThat(alone.seconds())
        .isEqualTo(LAID_OUT + 600 + Weights.LAY_OUT_SECONDS + 600 + 900 + 60);
    assertThat(Timeline.of(List.of()).seconds()).isZero();
  }
}
