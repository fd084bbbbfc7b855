package ripplerest.core.calibration;

import java.util.EnumSet;
import java.util.List;
import java.util.Set;
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
  /** A reading that tests can move. */
  public enum Reading {
    POSTURE,
    HEIGHTS,
    RESERVE,
    POP_BACK
  }

  /** What moves by less nobody sees. */
  private static final double SEEN_DEG = 1;

  private static final double SEEN_MM = 0.1;
  private static final double SEEN_WEIGHTS = 0.1;
  private static final double SEEN_MG = 1;

  /** Readings that tests move by so much that it is seen. */
  public Set<Reading> moved() {
    Set<Reading> moved = EnumSet.noneOf(Reading.class);
    if (with.sits() != without.sits()
        || Math.abs(with.pitchDeg() - without.pitchDeg()) >= SEEN_DEG) {
      moved.add(Reading.POSTURE);
    }
    if (Math.abs(with.eyeMm() - without.eyeMm()) >= SEEN_MM
        || Math.abs(with.bendMm() - without.bendMm()) >= SEEN_MM
        || Math.abs(with.pointMm() - without.pointMm()) >= SEEN_MM) {
      moved.add(Reading.HEIGHTS);
    }
    if (Math.abs(with.keepsPostureTo() - without.keepsPostureTo()) >= SEEN_WEIGHTS) {
      moved.add(Reading.RESERVE);
    }
    if (Math.abs(popBackWith - popBackWithout) >= SEEN_MG) {
      moved.add(Reading.POP_BACK);
    }
    return moved;
  }

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
