package ripplerest.core.calibration;

import java.util.List;
import ripplerest.core.estimate.PreparedFly;
import ripplerest.core.estimate.RestSummary;

/**
 * What a tier's tests change of the estimate of one fly.
 *
 * @param tests that were learnt from; 0 if nothing was, or nothing of what this fly is made of
 * @param without how it would sit by the table of materials alone
 * @param with how it sits by the tests
 * @param popBackWithout mg
 * @param popBackWith mg
 * @param lessons what was learnt of its materials
 */
public record ByTests(
    int tests,
    RestSummary without,
    RestSummary with,
    double popBackWithout,
    double popBackWith,
    List<Lesson> lessons) {
  /** Lands the fly twice. */
  public static ByTests of(PreparedFly fly) {
    PreparedFly untaught = fly.with(fly.materials().untaught());
    RestSummary with = RestSummary.of(fly);
    boolean moved = Runs.materials(fly).stream().anyMatch(fly.materials()::isMoved);
    if (!moved) {
      return new ByTests(0, with, with, fly.popBackMg(), fly.popBackMg(), List.of());
    }
    return new ByTests(
        fly.materials().learnt().orElseThrow().tests(),
        RestSummary.of(untaught),
        with,
        untaught.popBackMg(),
        fly.popBackMg(),
        Lesson.of(fly.materials(), Runs.materials(fly)));
  }
}
