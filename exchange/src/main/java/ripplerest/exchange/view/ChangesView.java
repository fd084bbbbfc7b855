package ripplerest.exchange.view;

import java.util.List;
import ripplerest.core.advice.Goal;
import ripplerest.core.advice.SmallestChanges;
import ripplerest.core.advice.SmallestChanges.Change;
import ripplerest.core.sizing.SizedPattern;
import ripplerest.core.tying.TyingTime;
import ripplerest.core.water.Conditions;
import ripplerest.exchange.format.PatternFile;
import ripplerest.exchange.format.PatternNodes;

/**
 * The smallest changes that reach an outcome; {@code have} is how much of it there is, in {@code
 * unit}. Where none reaches it, {@code nearest} holds the one that comes nearest.
 */
public record ChangesView(
    String goal,
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
   * was wanted it has, and what it costs: weight mg, tying seconds (assumption), feather mm.
   */
  public record ReachView(
      String words,
      Object document,
      WhatIfsView.SitsView sits,
      double have,
      double effort,
      double moreMg,
      double moreSeconds,
      double moreFeatherMm) {}

  static ChangesView of(SmallestChanges found, SizedPattern sized, Conditions conditions) {
    Goal goal = found.goal();
    return new ChangesView(
        goal.wanted().name().toLowerCase(java.util.Locale.ROOT).replace('_', '-'),
        goal.amount(),
        goal.wanted().unit(),
        tenths(found.have()),
        found.reached(),
        WhatIfsView.sits(found.now()),
        found.changes().stream().map(c -> change(c, found, sized, conditions)).toList(),
        found.nearest().map(c -> change(c, found, sized, conditions)).stream().toList(),
        found.tried());
  }

  private static ReachView change(
      Change c, SmallestChanges found, SizedPattern sized, Conditions conditions) {
    return new ReachView(
        c.words(),
        PatternNodes.write(new PatternFile(c.pattern().pattern(), conditions)),
        WhatIfsView.sits(c.sits()),
        tenths(c.have()),
        Math.round(c.effort() * 100) / 100.0,
        tenths(c.sits().massMg() - found.now().massMg()),
        Math.round(TyingTime.seconds(c.pattern().pattern()) - TyingTime.seconds(sized.pattern())),
        Math.round(feather(c.pattern()) - feather(sized)));
  }

  private static double feather(SizedPattern sized) {
    return sized.feathers().stream().mapToDouble(f -> f.usedMm()).sum();
  }

  private static double tenths(double v) {
    return Math.round(v * 10) / 10.0 + 0.0;
  }
}
