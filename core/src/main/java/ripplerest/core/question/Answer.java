package ripplerest.core.question;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import ripplerest.core.advice.Disagreement;
import ripplerest.core.advice.FootprintMatch;
import ripplerest.core.advice.SizeRun;
import ripplerest.core.advice.SmallestChanges;
import ripplerest.core.advice.Substitutes;
import ripplerest.core.advice.WantedSupport;
import ripplerest.core.calibration.ByTests;
import ripplerest.core.calibration.Calibration;
import ripplerest.core.calibration.NextTest;
import ripplerest.core.calibration.Prediction;
import ripplerest.core.drift.FloatOverTime;
import ripplerest.core.drift.Stretch;
import ripplerest.core.estimate.CarryLimit;
import ripplerest.core.estimate.Estimate;
import ripplerest.core.estimate.PreparedFly;
import ripplerest.core.estimate.WhatIfs;
import ripplerest.core.outline.Outline;
import ripplerest.core.outline.Scene;
import ripplerest.core.outline.Surface;
import ripplerest.core.rest.Casts;
import ripplerest.core.rest.LandingShares;
import ripplerest.core.sizing.SizedPattern;
import ripplerest.core.tied.AsTied;
import ripplerest.core.tying.Amount;
import ripplerest.core.water.Conditions;

/** What was found for a {@link Question}, with what is needed to tell it. */
public sealed interface Answer {
  record Whole(Estimate estimate) implements Answer {}

  record WhatIf(WhatIfs found) implements Answer {}

  /** Shares of many casts that came down as {@code casts} says. */
  record Landing(LandingShares shares, Casts casts) implements Answer {}

  record Carry(CarryLimit limit, SizedPattern sized) implements Answer {}

  record OverTime(Map<Stretch, FloatOverTime> byWater) implements Answer {}

  record Takes(List<Amount> amounts) implements Answer {}

  record Sizes(List<SizeRun.Row> rows) implements Answer {}

  record Instead(Substitutes found) implements Answer {}

  record Support(WantedSupport found) implements Answer {}

  record Footprints(FootprintMatch found) implements Answer {}

  /** Changes to {@code fly}. */
  record Changes(SmallestChanges found, PreparedFly fly) implements Answer {}

  /** Empty where the fly does not rest. */
  record Film(Optional<Surface> surface) implements Answer {}

  record Settles(List<Scene> pictures) implements Answer {}

  /** A fly on the water, and the same in the vise. */
  record Seen(Scene scene, Outline inVise) implements Answer {}

  record EitherWay(List<Disagreement> ways, Conditions conditions) implements Answer {}

  record Compared(ripplerest.core.advice.Comparison found) implements Answer {}

  record Tied(AsTied found) implements Answer {}

  record Foretold(Prediction found) implements Answer {}

  record Taught(ByTests found) implements Answer {}

  record Learning(Calibration found) implements Answer {}

  record Tests(List<NextTest> found) implements Answer {}

  /** Flies and what tests change of each, by name. */
  record Changed(Map<String, ByTests> byFly) implements Answer {}

  /** It is kept with what was asked about, which is to be read again. */
  record Stored() implements Answer {}
}
