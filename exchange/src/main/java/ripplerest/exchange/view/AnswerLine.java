package ripplerest.exchange.view;

import java.util.List;
import ripplerest.core.question.Answer;
import ripplerest.exchange.format.LoggedTest;
import ripplerest.exchange.format.ProblemDocument;

/**
 * One line of a streamed answer: where it waits, how far it is, or what it found. Fields that do
 * not apply are null.
 *
 * @param waits how many are before it; null once it has begun
 * @param progress how far it is; null before and after
 * @param estimate the whole estimate, with its band and its other rests
 * @param whatIfs what a tier asks of the fly
 * @param landing how the fly lands
 * @param carry what it can carry
 * @param overTime how long it floats, by kind of water
 * @param amounts how much of everything it takes
 * @param sizeRun the pattern across hook sizes
 * @param substitutes what could stand in for a material or the hook
 * @param support how many of something reach a film reserve
 * @param footprints what fly and natural press into the film
 * @param changes the smallest that reach an outcome
 * @param film from above and below
 * @param scene fly and film to be looked at from any side
 * @param settling pictures from touchdown to rest
 * @param disagreements what practitioners do either way
 * @param comparison dressings side by side
 * @param asTied a fly as it was tied beside its plan
 * @param foretold what a test will show
 * @param byTests what tests change of it
 * @param learning what came of learning from tests
 * @param nextTests what would teach most
 * @param changed what tests change of many flies
 * @param stored it is kept with what was asked about, which is to be read again
 * @param problem why there is no answer
 */
public record AnswerLine(
    WaitView waits,
    ProgressView progress,
    EstimateView estimate,
    WhatIfsView whatIfs,
    LandingView landing,
    CarryView carry,
    OverTimeView overTime,
    AmountsView amounts,
    SizeRunView sizeRun,
    SubstitutesView substitutes,
    SupportedView support,
    FootprintsView footprints,
    ChangesView changes,
    FilmView film,
    SceneView scene,
    SettlingView settling,
    DisagreementsView disagreements,
    ComparisonView comparison,
    AsTiedView asTied,
    LoggedTest.Foretold foretold,
    ByTestsView byTests,
    LearningView learning,
    LearningView.NextTestsView nextTests,
    LearningView.ChangedView changed,
    StoredView stored,
    ProblemDocument problem) {

  /** How many are before it. */
  public record WaitView(int before) {}

  /** What was asked about says it from now on. */
  public record StoredView() {}

  /** Steps done of all. */
  public record ProgressView(int done, int all) {}

  /** The film of a fly; null where it does not rest. */
  public record FilmView(SurfaceView surface) {}

  /** The way down, an outline and the film round it a picture. */
  public record SettlingView(List<OutlineView> pictures, List<SceneView.ReliefView> films) {}

  /** A line that says how many are before it. */
  public static AnswerLine waits(int before) {
    return line(new WaitView(before));
  }

  /** A line that says how far it is. */
  public static AnswerLine progress(int done, int all) {
    return line(new ProgressView(done, all));
  }

  /** A line that says why there is no answer. */
  public static AnswerLine problem(ProblemDocument problem) {
    return line(problem);
  }

  /** The line that ends a stream: what was found. */
  public static AnswerLine of(Answer answer) {
    if (answer instanceof Answer.Whole a) {
      return line(EstimateView.withOutline(a.estimate()));
    } else if (answer instanceof Answer.WhatIf a) {
      return line(WhatIfsView.of(a.found()));
    } else if (answer instanceof Answer.Landing a) {
      return line(LandingView.of(a.shares(), a.casts()));
    } else if (answer instanceof Answer.Carry a) {
      return line(CarryView.of(a.limit(), a.sized()));
    } else if (answer instanceof Answer.OverTime a) {
      return line(OverTimeView.of(a.byWater()));
    } else if (answer instanceof Answer.Takes a) {
      return line(AmountsView.of(a.amounts()));
    } else if (answer instanceof Answer.Sizes a) {
      return line(SizeRunView.of(a.rows()));
    } else if (answer instanceof Answer.Instead a) {
      return line(SubstitutesView.of(a.found()));
    } else if (answer instanceof Answer.Support a) {
      return line(SupportedView.of(a.found()));
    } else if (answer instanceof Answer.Footprints a) {
      return line(FootprintsView.of(a.found()));
    } else if (answer instanceof Answer.Changes a) {
      return line(ChangesView.of(a.found(), a.fly()));
    } else if (answer instanceof Answer.Film a) {
      return line(new FilmView(a.surface().map(SurfaceView::of).orElse(null)));
    } else if (answer instanceof Answer.Settles a) {
      return line(
          new SettlingView(
              a.pictures().stream().map(s -> OutlineView.of(s.fly())).toList(),
              a.pictures().stream()
                  .flatMap(s -> s.film().stream())
                  .map(SceneView.ReliefView::of)
                  .toList()));
    } else if (answer instanceof Answer.Seen a) {
      return line(SceneView.of(a.scene(), a.inVise()));
    } else if (answer instanceof Answer.EitherWay a) {
      return line(DisagreementsView.of(a.ways(), a.conditions()));
    } else if (answer instanceof Answer.Compared a) {
      return line(ComparisonView.of(a.found()));
    } else if (answer instanceof Answer.Tied a) {
      return line(AsTiedView.of(a.found()));
    } else if (answer instanceof Answer.Foretold a) {
      return line(LoggedTest.Foretold.of(a.found()));
    } else if (answer instanceof Answer.Taught a) {
      return line(ByTestsView.of(a.found()));
    } else if (answer instanceof Answer.Learning a) {
      return line(LearningView.of(a.found()));
    } else if (answer instanceof Answer.Tests a) {
      return line(LearningView.NextTestsView.of(a.found()));
    } else if (answer instanceof Answer.Changed a) {
      return line(LearningView.ChangedView.of(a.byFly()));
    } else if (answer instanceof Answer.Stored) {
      return line(new StoredView());
    }
    throw new IllegalArgumentException("no view of " + answer.getClass()); // tested for each
  }

  private static AnswerLine line(Object found) {
    return new AnswerLine(
        only(WaitView.class, found),
        only(ProgressView.class, found),
        only(EstimateView.class, found),
        only(WhatIfsView.class, found),
        only(LandingView.class, found),
        only(CarryView.class, found),
        only(OverTimeView.class, found),
        only(AmountsView.class, found),
        only(SizeRunView.class, found),
        only(SubstitutesView.class, found),
        only(SupportedView.class, found),
        only(FootprintsView.class, found),
        only(ChangesView.class, found),
        only(FilmView.class, found),
        only(SceneView.class, found),
        only(SettlingView.class, found),
        only(DisagreementsView.class, found),
        only(ComparisonView.class, found),
        only(AsTiedView.class, found),
        only(LoggedTest.Foretold.class, found),
        only(ByTestsView.class, found),
        only(LearningView.class, found),
        only(LearningView.NextTestsView.class, found),
        only(LearningView.ChangedView.class, found),
        only(StoredView.class, found),
        only(ProblemDocument.class, found));
  }

  private static <T> T only(Class<T> type, Object found) {
    return type.isInstance(found) ? type.cast(found) : null;
  }
}
