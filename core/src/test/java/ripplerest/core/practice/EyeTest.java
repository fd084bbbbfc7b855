package ripplerest.core.practice;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneOffset;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;
import java.util.SplittableRandom;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import ripplerest.core.quantity.OutOfRangeException;
import ripplerest.core.tied.Trend;

class EyeTest {
  private static final Skill WINGS = Skill.named("part-off/wing length");
  private static final Skill BARBS = Skill.named("set-by-eye/hackle barb");
  private static final Instant SPRING = Instant.parse("2026-03-01T18:00:00Z");

  /** Looks of an eye of this threshold, so many on a day. */
  static List<Trial> looks(Skill skill, double threshold, int count, Instant day, long seed) {
    SplittableRandom random = new SplittableRandom(seed);
    List<Trial> all = new ArrayList<>();
    Staircase staircase = Staircase.of(skill.usual());
    for (int i = 0; i < count; i++) {
      double level = staircase.next(0.02, 0.6, 4);
      double seen = 1 - Math.exp(-Math.pow(level / threshold, 2));
      boolean right = random.nextDouble() < seen || random.nextInt(4) == 0;
      staircase = staircase.after(level, 4, right);
      all.add(Trial.chosen(skill, day.plusSeconds(10L * i), level, 4, right));
    }
    return all;
  }

  static List<Trial> settings(Skill skill, Instant day, double... off) {
    List<Trial> all = new ArrayList<>();
    for (int i = 0; i < off.length; i++) {
      all.add(Trial.set(skill, day.plusSeconds(10L * i), off[i]));
    }
    return all;
  }

  private static Eye eye(Skill skill, List<Trial> trials) {
    return Eye.of(skill, trials, ZoneOffset.UTC);
  }

  @Test
  void anEyeThatLearnsIsToldBesideWhatItWas() {
    List<Trial> all = looks(WINGS, 0.2, 40, SPRING, 1);
    all.addAll(looks(WINGS, 0.06, 40, SPRING.plus(92, ChronoUnit.DAYS), 2));
    Eye eye = eye(WINGS, all);
    assertThat(eye.looks()).isEqualTo(80);
    assertThat(eye.curve()).hasSize(2);
    assertThat(eye.curve().get(0).day()).isEqualTo(LocalDate.of(2026, 3, 1));
    assertThat(eye.curve().get(0).threshold().value()).isCloseTo(0.2, within(0.08));
    assertThat(eye.now().orElseThrow().value()).isCloseTo(0.06, within(0.025));
    assertThat(eye.words().toString())
        .matches("You see \\d %.* \\(\\d+ to \\d+ %\\) of wing length; 3 months before, \\d+ %\\.");
  }

  @Test
  void oldLooksAreForgotten() {
    List<Trial> blind = looks(WINGS, 0.5, 200, SPRING, 1);
    blind.addAll(looks(WINGS, 0.06, Eye.LATEST, SPRING.plus(1, ChronoUnit.DAYS), 2));
    Eye alone = eye(WINGS, looks(WINGS, 0.06, Eye.LATEST, SPRING.plus(1, ChronoUnit.DAYS), 2));
    assertThat(eye(WINGS, blind).now()).isEqualTo(alone.now());
  }

  @ParameterizedTest
  @CsvSource({
    "0, Not practised yet.",
    "1, Wing length: 1 look so far; after 5 something can be said.",
    "4, Wing length: 4 looks so far; after 5 something can be said."
  })
  void nothingIsSaidOfAFewLooks(int looks, String words) {
    Eye eye = eye(WINGS, looks(WINGS, 0.1, looks, SPRING, 1));
    assertThat(eye.now()).isEmpty();
    assertThat(eye.words().toString()).isEqualTo(words);
  }

  @Test
  void whatIsSetHasItsBias() {
    Eye short5 = eye(BARBS, settings(BARBS, SPRING, -0.05, -0.06, -0.04, -0.05, -0.05, -0.06));
    assertThat(short5.bias()).isCloseTo(-0.052, within(0.001));
    assertThat(short5.words().toString()).contains("hackle barb").contains("too little on average");
    Eye straight = eye(BARBS, settings(BARBS, SPRING, -0.05, 0.05, -0.04, 0.04, -0.06, 0.06));
    assertThat(straight.words().toString()).doesNotContain("on average");
  }

  @Test
  void unitsAreThoseOfTheSkill() {
    Skill angle = Skill.named("how-it-sits/angle");
    Skill line = Skill.named("how-it-sits/waterline");
    Skill room = Skill.named("room-left/room for the head");
    double[] off = {4, -6, 9, 2, -3, 5};
    assertThat(eye(angle, settings(angle, SPRING, off)).words().toString())
        .startsWith("You foresee the angle to within ")
        .contains("°");
    assertThat(eye(line, settings(line, SPRING, off)).words().quantities())
        .allSatisfy(q -> assertThat(q.unit()).isEqualTo("mm"))
        .isNotEmpty();
    assertThat(eye(room, settings(room, SPRING, off)).words().toString()).contains("eye lengths");
  }

  @Test
  void aCountIsTheMoreTheBetter() {
    Skill tail = Skill.named("count/tail fibres");
    List<Trial> all = new ArrayList<>();
    for (int i = 0; i < 40; i++) {
      int count = 3 + i % 7;
      all.add(Trial.chosen(tail, SPRING.plusSeconds(i), 1.0 / count, 8, count <= 6));
    }
    Threshold counts = eye(tail, all).now().orElseThrow();
    assertThat(counts.value()).isBetween(5.5, 8.0);
    assertThat(counts.low()).isLessThan(counts.value());
    assertThat(counts.high()).isGreaterThan(counts.value());
    assertThat(eye(tail, all).words().toString())
        .matches("You count \\d \\(\\d to \\d\\) tail fibres at a glance\\.");
  }

  @Test
  void eyeAndHandsStandBesideEachOther() {
    List<Trial> all = looks(WINGS, 0.08, 40, SPRING, 3);
    Eye eye = eye(WINGS, all);
    assertThat(hands(eye, 0.3)).contains("30 ±").contains("Your eye sees that");
    assertThat(hands(eye, 0.03)).contains("less than your eye sees");
    assertThat(hands(eye, 0.005)).contains("keeps to the plan").doesNotContain("Your eye");
    assertThat(EyeAndHands.words(eye, List.of())).isEmpty();
    assertThat(EyeAndHands.words(eye(WINGS, List.of()), List.of(habit(0.3)))).isEmpty();
  }

  private static Trend habit(double share) {
    return new Trend("wing", "length", 9, share, 0.01);
  }

  private static String hands(Eye eye, double share) {
    return EyeAndHands.words(eye, List.of(habit(share))).orElseThrow().toString();
  }

  @ParameterizedTest
  @CsvSource({"wing length", "/wing", "nothing/wing", "''"})
  void noSkillButOnesThereAre(String id) {
    assertThatThrownBy(() -> Skill.named(id)).isInstanceOf(OutOfRangeException.class);
  }

  @Test
  void anIdLeadsBack() {
    for (Drill drill : Drill.values()) {
      Skill skill = new Skill(drill, "wing length");
      assertThat(Skill.named(skill.id())).isEqualTo(skill);
    }
  }
}
