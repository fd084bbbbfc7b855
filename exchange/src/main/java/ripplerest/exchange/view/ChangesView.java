package ripplerest.exchange.view;

import java.util.List;
import ripplerest.core.advice.Goal;
import ripplerest.core.advice.SmallestChanges;
import ripplerest.core.advice.SmallestChanges.Change;
import ripplerest.core.estimate.PreparedFly;
import ripplerest.core.quantity.Words;
import ripplerest.core.sizing.SizedPattern;
import ripplerest.core.tying.TyingTime;
import ripplerest.exchange.format.PatternFile;
import ripplerest.exchange.format.PatternNodes;

/**
 * The smallest changes that reach an outcome; {@code have} is how much of it there is, in {@code
 * unit}. Where none reaches it, {@code nearest} holds the one that comes nearest.
 */
public record ChangesView(
    Goal.Wanted goal,
    double amount,
    String unit,
    double have,
    boolean reached,
    WhatIfsView.SitsView now,
    List<ReachView> changes,
    List<ReachView> nearest,
    int tried) {

  /**
   * A change: its words, the pattern document with it made, how the fly sits then, how much of what
   * was wanted it has, what it costs: weight mg, tying seconds (assumption), feather mm, and how it
   * sits without what it loses most without; null where it does not rest.
   */
  public record ReachView(
      String words,
      Object document,
      WhatIfsView.SitsView sits,
      double have,
      double effort,
      double moreMg,
      double moreSeconds,
      double moreFeatherMm,
      WhatIfsView.WhatIfView without) {}

  static ChangesView of(SmallestChanges found, PreparedFly fly) {
    Goal goal = found.goal();
    return new ChangesView(
        goal.wanted(),
        goal.amount(),
        goal.wanted().unit(),
        Words.rounded(found.have(), 1),
        found.reached(),
        WhatIfsView.sits(found.now()),
        found.changes().stream().map(c -> change(c, found, fly)).toList(),
        found.nearest().map(c -> change(c, found, fly)).stream().toList(),
        found.tried());
  }

  private static ReachView change(Change c, SmallestChanges found, PreparedFly fly) {
    return new ReachView(
        c.words(),
        PatternNodes.write(new PatternFile(c.pattern().pattern(), fly.conditions())),
        WhatIfsView.sits(c.sits()),
        Words.rounded(c.have(), 1),
        Words.rounded(c.effort(), 2),
        Words.rounded(c.sits().massMg() - found.now().massMg(), 1),
        Math.round(TyingTime.seconds(c.pattern().pattern()) - TyingTime.seconds(fly.pattern())),
        Math.round(feather(c.pattern()) - feather(fly.sized())),
        c.without().map(w -> WhatIfsView.whatIf(w, c.sits())).orElse(null));
  }

  private static double feather(SizedPattern sized) {
    return sized.feathers().stream().mapToDouble(f -> f.usedMm()).sum();
  }
}
