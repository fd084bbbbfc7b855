package ripplerest.exchange.view;

import java.util.List;
import ripplerest.core.calibration.ByTests;
import ripplerest.core.calibration.Lesson;
import ripplerest.core.estimate.RestSummary;
import ripplerest.core.rest.Judgement;
import ripplerest.core.rest.Sitting;

/**
 * What tests change of the estimate of one fly.
 *
 * @param tests that were learnt from; 0 if they change nothing
 * @param without by the table of materials alone
 * @param with by the tests
 * @param moved readings that they move by so much that it is seen
 * @param lessons what was learnt of its materials
 */
public record ByTestsView(
    int tests, Sat without, Sat with, List<ByTests.Reading> moved, List<LessonView> lessons) {
  /** How a fly sits; angles in °, heights in mm, loads in its own weight, pop-back in mg. */
  public record Sat(
      Sitting sits,
      double pitchDeg,
      Judgement.Tilt tilt,
      double eyeMm,
      double bendMm,
      double pointMm,
      double keepsPostureTo,
      double sinksAt,
      double popBackMg) {
    static Sat of(RestSummary s, double popBackMg) {
      return new Sat(
          s.sits(),
          s.pitchDeg(),
          Judgement.tilt(s.pitchDeg()),
          s.eyeMm(),
          s.bendMm(),
          s.pointMm(),
          s.keepsPostureTo(),
          s.sinksAt(),
          popBackMg);
    }
  }

  /** One thing that was learnt, and of which materials. */
  public record LessonView(String words, List<String> materials, double moved, double narrowed) {
    public static LessonView of(Lesson l) {
      return new LessonView(l.words(), l.materials(), l.moved(), l.narrowed());
    }
  }

  static ByTestsView of(ByTests t) {
    return new ByTestsView(
        t.tests(),
        Sat.of(t.without(), t.popBackWithout()),
        Sat.of(t.with(), t.popBackWith()),
        List.copyOf(t.moved()),
        t.lessons().stream().map(LessonView::of).toList());
  }
}
