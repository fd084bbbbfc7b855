package ripplerest.core.dressing;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import org.junit.jupiter.api.Test;
import ripplerest.core.rest.Flies;
import ripplerest.core.water.Conditions;
import ripplerest.core.water.Floatant;

class StepNameTest {
  private static final Conditions GEL = Conditions.DEFAULT;

  private final Pattern fly = Flies.of("upright-collar", 14);

  private String to(Pattern after) {
    return StepName.of(fly, GEL, after, GEL);
  }

  private Part hackle() {
    return fly.part(Part.CollarHackle.class).orElseThrow();
  }

  @Test
  void aStepIsCalledByWhatChanged() {
    assertThat(to(fly)).isEmpty();
    assertThat(to(fly.named("Osier"))).isEqualTo("named Osier");
    assertThat(to(fly.withHook(fly.hook().withSize(12)))).isEqualTo("hook 14 → 12");
    assertThat(to(fly.withPart(hackle().with("turns", 6.0))))
        .matches("collar hackle turns \\d → 6");
    assertThat(to(fly.withPart(hackle().with("barb", new Length.Pinned(6.5)))))
        .isEqualTo("collar hackle barb 1.75 × gap → 6.5 mm");
    assertThat(to(fly.withPart(hackle().withMaterial("game-hackle"))))
        .isEqualTo("collar hackle of game hackle");
    assertThat(StepName.of(fly, GEL, fly, GEL.with(Floatant.NONE)))
        .isEqualTo("floatant gel → none");
  }

  @Test
  void partsThatComeGoOrMoveAreNamed() {
    List<Part> parts = new ArrayList<>(fly.parts());
    parts.remove(0);
    assertThat(to(fly.withParts(parts))).isEqualTo("left out tail");
    parts = new ArrayList<>(fly.parts());
    parts.add(2, hackle());
    assertThat(to(fly.withParts(parts))).isEqualTo("added collar hackle 2");
    parts = new ArrayList<>(fly.parts());
    Collections.swap(parts, 0, 1);
    assertThat(to(fly.withParts(parts))).isEqualTo("tying order");
  }

  @Test
  void manyChangesAtOnceAreCounted() {
    Pattern other = fly.withHook(fly.hook().withSize(12)).named("Osier");
    Pattern more = other.withPart(hackle().with("turns", 7.0).with("trim", "below"));
    assertThat(to(more)).isEqualTo("named Osier, hook 14 → 12 and 2 more");
  }
}
