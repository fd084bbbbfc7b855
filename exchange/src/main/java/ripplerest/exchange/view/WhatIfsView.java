package ripplerest.exchange.view;

import java.util.List;
import ripplerest.core.estimate.PitchBalance;
import ripplerest.core.estimate.RestSummary;
import ripplerest.core.estimate.WhatIfs;
import ripplerest.core.quantity.Sentence;
import ripplerest.core.quantity.Words;
import ripplerest.core.rest.Judgement;
import ripplerest.core.rest.Outcome;
import ripplerest.core.rest.Sitting;

/**
 * What a tier asks of a fly, answered: weakest link, each part soaked, one wire heavier, and why it
 * leans. Angles degrees, heights mm, masses mg, reserves in the fly's own weight.
 *
 * @param now the fly as it is
 * @param weakest names of what costs most when soaked; empty if nothing costs much
 * @param soaked each part in turn wet through, and what the water joins together, the one that
 *     costs most first
 * @param floatsBy names of what the fly floats by: without it a third of the reserve or more is
 *     gone; empty if nothing
 * @param without each part in turn left off, and what the water joins together, the one that costs
 *     most first
 * @param heavier one wire heavier; null if there is none
 * @param lean why it leans; null unless it rests
 */
public record WhatIfsView(
    SitsView now,
    List<String> weakest,
    List<WhatIfView> soaked,
    List<String> floatsBy,
    List<WhatIfView> without,
    WhatIfView heavier,
    LeanView lean) {

  /** How a fly sits; the numbers are 0 for one that does not rest. */
  public record SitsView(
      Sitting sits,
      double pitchDeg,
      Judgement.Tilt tilt,
      double eyeMm,
      double pointMm,
      double keepsPostureTo,
      double sinksAt,
      double massMg) {}

  /**
   * One thing otherwise: how the fly sits then, and its film reserve, both against the fly as it
   * is.
   */
  public record WhatIfView(List<String> parts, SitsView then, Sentence sits, String reserve) {}

  /** Why it leans, in words, with what holds it where and what would change it. */
  public record LeanView(
      String words, double pitchDeg, List<LeverView> levers, List<ChangeView> changes) {}

  /** Share of the weight that a part holds, and how far behind the weight it does, mm. */
  public record LeverView(String part, double share, double behindMm) {}

  /** One thing otherwise and the pitch it gives, °; 0 unless it rests. */
  public record ChangeView(String words, Outcome outcome, double pitchDeg) {}

  static WhatIfsView of(WhatIfs w) {
    return new WhatIfsView(
        sits(w.now()),
        w.weakest().map(WhatIfs.WhatIf::parts).orElse(List.of()),
        w.soaked().stream().map(s -> whatIf(s, w.now())).toList(),
        w.floatsBy().map(WhatIfs.WhatIf::parts).orElse(List.of()),
        w.without().stream().map(s -> whatIf(s, w.now())).toList(),
        w.heavier().map(h -> whatIf(h, w.now())).orElse(null),
        w.lean().map(WhatIfsView::lean).orElse(null));
  }

  static WhatIfView whatIf(WhatIfs.WhatIf w, RestSummary now) {
    return new WhatIfView(
        w.parts(), sits(w.then()), w.then().sitsAgainst(now), w.then().reserveAgainst(now));
  }

  static SitsView sits(RestSummary s) {
    return new SitsView(
        s.sits(),
        tenth(s.pitchDeg()),
        Judgement.tilt(s.pitchDeg()),
        hundredth(s.eyeMm()),
        hundredth(s.pointMm()),
        hundredth(s.keepsPostureTo()),
        hundredth(s.sinksAt()),
        tenth(s.massMg()));
  }

  private static LeanView lean(PitchBalance l) {
    return new LeanView(
        l.words(),
        tenth(l.pitchDeg()),
        l.levers().stream()
            .map(v -> new LeverView(v.part(), hundredth(v.share()), tenth(v.behindMm())))
            .toList(),
        l.changes().stream()
            .map(c -> new ChangeView(c.words(), c.outcome(), tenth(c.pitchDeg().orElse(0.0))))
            .toList());
  }

  private static double tenth(double v) {
    return Words.rounded(v, 1);
  }

  private static double hundredth(double v) {
    return Words.rounded(v, 2);
  }
}
