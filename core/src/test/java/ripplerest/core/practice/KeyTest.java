package ripplerest.core.practice;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.time.Instant;
import java.util.Arrays;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import ripplerest.core.quantity.OutOfRangeException;
import ripplerest.core.quantity.Sentence;

class KeyTest {
  private static final Instant NOW = Instant.EPOCH;
  private static final Key LENGTH = setting("set-by-eye/hackle barb", 7, 0.05, 15, 0, "mm");
  private static final Key PLACE = setting("set-by-eye/seat", 2, 0.05, 8, 8, "mm");
  private static final Key CHOICE =
      Key.chosen(Skill.named("which-hook/hooks"), 0.12, 4, 2, Sentence.of("A 14."));

  private static Key setting(
      String skill, double truth, double low, double high, double scale, String unit) {
    return new Key(
        List.of(new Key.Question(Skill.named(skill), 0, 0, truth, low, high, scale, unit)),
        Sentence.of("It is so."));
  }

  @ParameterizedTest
  @CsvSource({
    "7.0, 0, You set just that.",
    "7.7, 0.0953, 'You set 7.7 mm, 10 % more.'",
    "6.3, -0.1054, 'You set 6.3 mm, 10 % less.'"
  })
  void aLengthIsOffByARatio(double said, double off, String words) {
    Key.Judged judged = LENGTH.judge(List.of(said), NOW);
    assertThat(judged.right()).isEmpty();
    assertThat(judged.trials().get(0).off()).isCloseTo(off, within(1e-4));
    assertThat(judged.words().toString()).isEqualTo("It is so. " + words);
  }

  @Test
  void aPlaceIsOffByAShareOfTheShank() {
    assertThat(PLACE.judge(List.of(4.0), NOW).trials().get(0).off()).isCloseTo(0.25, within(1e-9));
  }

  @Test
  void aChoiceIsRightOrWrong() {
    assertThat(CHOICE.judge(List.of(2.0), NOW).right()).contains(true);
    assertThat(CHOICE.judge(List.of(1.0), NOW).right()).contains(false);
    assertThat(CHOICE.judge(List.of(2.0), NOW).words().toString()).isEqualTo("A 14.");
  }

  @ParameterizedTest
  @CsvSource({"-1", "4", "NaN", "Infinity"})
  void whatCannotBeChosenIsRefused(double said) {
    assertThatThrownBy(() -> CHOICE.judge(List.of(said), NOW))
        .isInstanceOf(OutOfRangeException.class)
        .hasMessageContaining("answer");
  }

  @Test
  void tooManyTooFewAndNoneAreRefused() {
    for (List<Double> said :
        List.of(List.<Double>of(), List.of(1.0, 2.0), Arrays.asList((Double) null))) {
      assertThatThrownBy(() -> CHOICE.judge(said, NOW)).isInstanceOf(OutOfRangeException.class);
    }
  }
}
