package ripplerest.core.question;

import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.function.Consumer;
import ripplerest.core.advice.Disagreement;
import ripplerest.core.advice.FootprintMatch;
import ripplerest.core.advice.Goal;
import ripplerest.core.advice.SizeRun;
import ripplerest.core.advice.SmallestChanges;
import ripplerest.core.advice.Substitutes;
import ripplerest.core.advice.WantedSupport;
import ripplerest.core.calibration.ByTests;
import ripplerest.core.drift.FloatOverTime;
import ripplerest.core.drift.Floats;
import ripplerest.core.drift.Rates;
import ripplerest.core.drift.Stretch;
import ripplerest.core.estimate.Answers;
import ripplerest.core.estimate.Estimator;
import ripplerest.core.estimate.Options;
import ripplerest.core.estimate.PreparedFly;
import ripplerest.core.estimate.WhatIfs;
import ripplerest.core.estimate.Work;
import ripplerest.core.hook.Natural;
import ripplerest.core.outline.Outliner;
import ripplerest.core.outline.Scene;
import ripplerest.core.outline.Settling;
import ripplerest.core.outline.Surface;
import ripplerest.core.quantity.OutOfRangeException;
import ripplerest.core.quantity.Require;
import ripplerest.core.rest.Casts;
import ripplerest.core.sizing.SizedPattern;
import ripplerest.core.tying.Amounts;

/** What can be asked of a fly beside its pose; most take a second or so. */
public enum Question {
  /** The whole estimate: film reserve, other rests, footprint, bands. */
  WHOLE,
  WHAT_IF,
  LANDING,
  CARRY,
  OVER_TIME,
  /** How much of everything the fly takes. */
  AMOUNTS,
  SIZE_RUN,
  /** What could stand in for a part's material, or for the hook. */
  SUBSTITUTES,
  /** How many of a part reach a film reserve. */
  SUPPORT,
  /** The fly's footprint beside a natural's. */
  FOOTPRINT,
  /** The smallest changes that reach an outcome. */
  GOAL,
  /** The film from above and below. */
  SURFACE,
  /** Fly and film to be looked at from any side, and the fly in the vise. */
  SCENE,
  /** Pictures from touchdown to rest. */
  SETTLING,
  /** What the tier's tests change of it. */
  BY_TESTS,
  /** The same fly tied the other way, for everything that practitioners do either way. */
  DISAGREEMENTS;

  private static final String HOOK = "hook";

  /** Most casts that a landing may be drawn from. */
  public static final int MOST_CASTS = 5000;

  /** More rests than any fly has. */
  private static final int MOST_RESTS = 20;

  /** Pictures of a fly settling: a second of them. */
  private static final int FRAMES = 25;

  /** The answer; refuses first, before any work is done, what it cannot be asked with. */
  public Answer answer(Details with, PreparedFly fly, Work work) {
    return answer(with, fly, work, early -> {});
  }

  /**
   * The same for somebody who does not wait.
   *
   * @param early told what is known of the whole estimate while the rest of it is on its way
   */
  public Answer answer(Details with, PreparedFly fly, Work work, Consumer<Answer> early) {
    check(with, fly.sized());
    work.throwIfCancelled();
    return switch (this) {
      case WHOLE ->
          new Answer.Whole(
              Estimator.estimate(
                  fly,
                  new Options(Options.Depth.FULL, with.seed(), Options.BAND, work),
                  e -> early.accept(new Answer.Whole(e))));
      case WHAT_IF -> new Answer.WhatIf(WhatIfs.of(fly, work));
      case LANDING ->
          new Answer.Landing(
              Answers.landing(fly, with.casts(), with.seed(), work),
              Casts.usual(fly.conditions().touchdownFactor()));
      case CARRY -> new Answer.Carry(Answers.carry(fly, work), fly.sized());
      case OVER_TIME -> new Answer.OverTime(overTime(fly, with.seed(), work));
      case AMOUNTS -> new Answer.Takes(Amounts.of(fly.sized(), fly.materials()));
      case SIZE_RUN -> new Answer.Sizes(SizeRun.of(fly, work));
      case SUBSTITUTES ->
          new Answer.Instead(
              with.part().equals(HOOK)
                  ? Substitutes.forHook(fly, with.ownHooks(), work)
                  : Substitutes.forPart(fly, index(with, fly.sized()), work));
      case SUPPORT ->
          new Answer.Support(WantedSupport.of(fly, index(with, fly.sized()), with.reserve(), work));
      case FOOTPRINT -> new Answer.Footprints(FootprintMatch.of(fly, natural(with), work));
      case GOAL -> new Answer.Changes(SmallestChanges.of(fly, goal(with), work), fly);
      case SURFACE ->
          new Answer.Film(
              Estimator.estimate(fly, Options.poseOnly())
                  .rest()
                  .map(rest -> Surface.of(fly.sized(), rest.film())));
      case SCENE ->
          new Answer.Seen(
              Scene.of(
                  Estimator.estimate(
                      fly,
                      with.rest() == 0
                          ? Options.poseOnly()
                          : new Options(Options.Depth.FULL, with.seed(), 0, work)),
                  with.rest()),
              Outliner.inVise(fly));
      case BY_TESTS -> new Answer.Taught(ByTests.of(fly));
      case SETTLING -> new Answer.Settles(Settling.of(fly, FRAMES, work));
      case DISAGREEMENTS ->
          new Answer.EitherWay(
              Disagreement.of(fly.pattern(), fly.sized().style(), fly.materials()),
              fly.conditions());
    };
  }

  /** Refuses, before any work is done, what this question cannot be asked with. */
  public void check(Details with, SizedPattern sized) {
    switch (this) {
      case SCENE -> Require.inRange("rest", with.rest(), 0, MOST_RESTS);
      case LANDING -> Require.inRange("casts", with.casts(), 1, MOST_CASTS);
      case SUBSTITUTES -> {
        if (!with.part().equals(HOOK)) {
          index(with, sized);
        }
      }
      case SUPPORT -> WantedSupport.check(sized, index(with, sized), with.reserve());
      case FOOTPRINT -> natural(with);
      case GOAL -> goal(with);
      default -> {
        // nothing but the fly is needed
      }
    }
  }

  private static int index(Details with, SizedPattern sized) {
    List<String> names = sized.pattern().names();
    int index = names.indexOf(with.part());
    if (index < 0) {
      throw new OutOfRangeException(
          "part", "\"" + with.part() + "\"", "one of " + names, "Name a part of this pattern.");
    }
    return index;
  }

  private static Natural natural(Details with) {
    return with.natural()
        .orElseThrow(
            () ->
                new OutOfRangeException(
                    "natural", "missing", "an insect", "Give its body length, order and stage."));
  }

  private static Goal goal(Details with) {
    return with.goal()
        .orElseThrow(
            () ->
                new OutOfRangeException(
                    "goal", "missing", "an outcome", "Say what is wanted of the fly."));
  }

  private static Map<Stretch, FloatOverTime> overTime(PreparedFly fly, long seed, Work work) {
    Floats floats = FloatOverTime.floats(fly, work);
    Map<Stretch, FloatOverTime> byWater = new EnumMap<>(Stretch.class);
    for (Stretch stretch : Stretch.values()) {
      work.throwIfCancelled();
      Rates rates = Rates.usual(stretch, fly.conditions()).taught(fly.materials());
      byWater.put(stretch, FloatOverTime.of(floats, rates, seed));
    }
    return byWater;
  }
}
