package ripplerest.core.calibration;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import ripplerest.core.calibration.Beside.Stands;
import ripplerest.core.calibration.Prediction.Range;
import ripplerest.core.calibration.Prediction.Way;
import ripplerest.core.calibration.Seen.By;
import ripplerest.core.calibration.Seen.Hung;
import ripplerest.core.calibration.Seen.Lasted;
import ripplerest.core.calibration.Seen.Measure;
import ripplerest.core.calibration.Seen.What;
import ripplerest.core.estimate.RestSummary;
import ripplerest.core.rest.Outcome;
import ripplerest.core.rest.Posture;
import ripplerest.core.rest.Sitting;

/** What stands beside what is told once, here. */
class BesideTest {
  /** Bears 10 to 100 mg by twentieths: 10 mg at the second, 90 at the eighteenth. */
  private static final Prediction HANGER =
      new Prediction(
          List.of(
              new Way(Sitting.HANGING, 0.9),
              new Way(Sitting.HALF_DOWN, 0.08),
              new Way(Sitting.SUNK, 0.02)),
          List.of(new Range(What.ANGLE, 44, 55, 60), new Range(What.EYE, -2, -1.3, -0.5)),
          IntStream.range(1, 20).mapToObj(i -> 5.0 * i).toList(),
          0.67,
          Optional.of(40.0),
          3);

  private static Seen measured(What what, double value) {
    return new Seen(
        Optional.empty(),
        List.of(new Measure(what, value, what.errorByEye(), By.EYE)),
        List.of(),
        Optional.empty(),
        Optional.empty(),
        false);
  }

  private static Seen hung(Hung... all) {
    return new Seen(
        Optional.empty(), List.of(), List.of(all), Optional.empty(), Optional.empty(), false);
  }

  @ParameterizedTest
  @CsvSource({
    "ANGLE, 50, AS_FORETOLD",
    "ANGLE, 43.9, LOWER",
    "ANGLE, 61, HIGHER",
    "EYE, -0.4, HIGHER",
    "POINT, 0, NOT_FORETOLD"
  })
  void aNumberLiesInItsBandOrOnOneSideOfIt(What what, double value, Stands stands) {
    assertThat(Beside.of(HANGER, measured(what, value)))
        .singleElement()
        .satisfies(
            b -> {
              assertThat(b.stands()).isEqualTo(stands);
              assertThat(b.what()).isEqualTo(what.word());
            });
  }

  @ParameterizedTest
  @CsvSource({"HANGING, AS_FORETOLD", "HALF_DOWN, UNLIKELY", "HEAD_DOWN, UNLIKELY"})
  void aWayThatWasHardlyForetoldIsSaidToBe(Sitting sits, Stands stands) {
    Seen seen =
        new Seen(
            Optional.of(sits), List.of(), List.of(), Optional.of(false), Optional.empty(), false);
    List<Beside> told = Beside.of(HANGER, seen);
    assertThat(told.get(0).stands()).isEqualTo(stands);
    assertThat(told.get(0).foretold()).hasToString("hanging 90 %, half down 8 %");
    assertThat(told.get(1).seen()).hasToString("stays under");
    assertThat(told.get(1).stands()).as("one in three").isEqualTo(Stands.AS_FORETOLD);
  }

  @Test
  void weightsAreHeldAgainstTheBandOfWhatItBears() {
    assertThat(stands(hung(new Hung(24, true), new Hung(52, false)))).isEqualTo(Stands.AS_FORETOLD);
    assertThat(stands(hung(new Hung(9, false)))).isEqualTo(Stands.LOWER);
    assertThat(stands(hung(new Hung(95, true)))).isEqualTo(Stands.HIGHER);
    Beside told = Beside.of(HANGER, hung(new Hung(24, true), new Hung(52, false))).get(0);
    assertThat(told.foretold()).hasToString("10 mg to 90 mg");
    assertThat(told.seen()).hasToString("24 mg, not 52 mg");
  }

  private static Stands stands(Seen seen) {
    return Beside.of(HANGER, seen).get(0).stands();
  }

  @Test
  void allOfItIsToldInALine() {
    assertThat(Beside.of(HANGER))
        .hasToString(
            "hanging 90 %, half down 8 %; 44° tail down to 60° tail down; comes back up: 67 %");
    Seen seen =
        new Seen(
            Optional.of(Sitting.ON_TIPS),
            List.of(
                new Measure(What.ANGLE, 0.3, 3, By.EYE), new Measure(What.EYE, -1.52, 0.4, By.EYE)),
            List.of(new Hung(24, true)),
            Optional.of(true),
            Optional.of(new Lasted(9.5, false, 0, 0)),
            false);
    assertThat(Beside.of(seen))
        .hasToString(
            "on its tips, level ± 3°, eye -1.5 mm ± 0.4 mm, bears 24 mg and more, comes back up,"
                + " still up after 9.5 min");
    assertThat(Beside.of(Seen.NOTHING)).hasToString("nothing yet");
  }

  @Test
  void onlyWhatIsSeenCountsAsMoved() {
    RestSummary sits = sits(16, 2.4, 2.1);
    assertThat(new ByTests(3, sits, sits(16.6, 2.45, 2.12), -14, -14.4, List.of()).moved())
        .isEmpty();
    assertThat(new ByTests(3, sits, sits(11, 1.6, 2.12), -14, -16, List.of()).moved())
        .containsExactly(
            ByTests.Reading.POSTURE, ByTests.Reading.HEIGHTS, ByTests.Reading.POP_BACK);
    assertThat(new ByTests(3, sits, sits(16, 2.4, 1.7), -14, -14, List.of()).moved())
        .containsExactly(ByTests.Reading.RESERVE);
  }

  private static RestSummary sits(double pitchDeg, double eyeMm, double keeps) {
    return new RestSummary(
        Outcome.RESTS, Optional.of(Posture.ON_TIPS), pitchDeg, eyeMm, 0.5, -2, keeps, 9, 20);
  }
}
