package ripplerest.exchange.view;

import java.util.List;
import java.util.Map;
import ripplerest.core.calibration.ByTests;
import ripplerest.core.calibration.Calibration;
import ripplerest.core.calibration.Judged;
import ripplerest.core.calibration.NextTest;
import ripplerest.core.water.Floatant;

/**
 * What came of learning from tests.
 *
 * @param believed whether the draws are worth enough to be believed
 * @param effective how many independent draws they are worth
 * @param agreement share of the first look's draws that serve in the second, 0 to 1
 * @param misfit whether the tests are less likely together than chance allows
 * @param judged each test by what the others say of it
 */
public record LearningView(
    boolean believed, double effective, double agreement, boolean misfit, List<JudgedView> judged) {
  /** One test: how likely what is furthest off in it is, and what that is; empty if nothing is. */
  public record JudgedView(String id, double likely, boolean disagrees, String worst) {
    static JudgedView of(Judged j) {
      return new JudgedView(j.id(), j.likely(), j.disagrees(), j.worst());
    }
  }

  /** Tests that would teach most. */
  public record NextTestsView(List<NextTestLine> tests) {
    /** One that could be made: the fly, how it is tested, and by what share a band narrows. */
    public record NextTestLine(String fly, Floatant floatant, NextTest.How how, double narrows) {}

    static NextTestsView of(List<NextTest> found) {
      return new NextTestsView(
          found.stream()
              .map(t -> new NextTestLine(t.candidate(), t.floatant(), t.how(), t.narrows()))
              .toList());
    }
  }

  /** Flies that tests change, by name. */
  public record ChangedView(List<ChangedLine> flies) {
    /** One of them. */
    public record ChangedLine(String fly, ByTestsView byTests) {}

    static ChangedView of(Map<String, ByTests> byFly) {
      return new ChangedView(
          byFly.entrySet().stream()
              .map(e -> new ChangedLine(e.getKey(), ByTestsView.of(e.getValue())))
              .toList());
    }
  }

  public static LearningView of(Calibration c) {
    return new LearningView(
        c.isBelievable(),
        c.effective(),
        c.agreement(),
        c.isMisfit(),
        c.judged().stream().map(JudgedView::of).toList());
  }
}
