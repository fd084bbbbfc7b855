package ripplerest.evening;

import ai.timefold.solver.core.api.score.buildin.hardmediumsoftlong.HardMediumSoftLongScore;

/**
 * What counts how much in a plan. Hard is what cannot be; medium is what is left out, by its worth;
 * soft is time that ties nothing, in seconds.
 */
final class Weights {
  /** To cut one thread off the bobbin and thread another through (common practice, no source). */
  static final long THREAD_SECONDS = 40;

  /** To put one packet of hooks away and lay another out (common practice, no source). */
  static final long HOOK_SECONDS = 20;

  /**
   * To clear away the materials of one kind and lay those of another out (common practice, no
   * source).
   */
  static final long LAY_OUT_SECONDS = 60;

  /** What it is worth that an evening later stays free, s for each fly: sooner is safer. */
  static final long LATER_SECONDS = 15;

  static final HardMediumSoftLongScore CANNOT_BE = HardMediumSoftLongScore.ONE_HARD;
  static final HardMediumSoftLongScore LEFT_OUT = HardMediumSoftLongScore.ONE_MEDIUM;
  static final HardMediumSoftLongScore A_SECOND = HardMediumSoftLongScore.ONE_SOFT;

  private Weights() {}
}
