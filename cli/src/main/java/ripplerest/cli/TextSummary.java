package ripplerest.cli;

import java.util.Locale;
import java.util.Optional;
import java.util.stream.Collectors;
import ripplerest.core.estimate.Estimate;
import ripplerest.core.estimate.PreparedFly;
import ripplerest.core.estimate.RestSummary;
import ripplerest.core.estimate.WhatIfs;
import ripplerest.core.estimate.Work;
import ripplerest.core.quantity.Words;
import ripplerest.core.rest.Outcome;
import ripplerest.core.rest.Rest;
import ripplerest.core.sizing.SizedPattern;
import ripplerest.core.water.Water;

/** An estimate as a few lines for people. */
final class TextSummary {
  private TextSummary() {}

  static String of(String name, Estimate e) {
    StringBuilder out = new StringBuilder();
    line(out, "%s, hook %d", name, e.sized().pattern().hook().size());
    line(out, "  %s", e.verdict());
    for (SizedPattern.Dimension d : e.sized().dimensions()) {
      line(
          out,
          "  %-17s %-9s %5.1f mm  %4.1f eyes  %s",
          d.part(),
          d.name(),
          d.mm(),
          d.eyeLengths(),
          d.rule());
    }
    line(out, "  weighs %.1f mg; pops back %+.1f mg", e.massMg(), e.popBackMg());
    e.rest().ifPresent(r -> rest(out, r, e.massMg() * Water.GRAVITY));
    if (e.reserve().isPresent()) {
      without(out, e.fly());
    }
    e.reserve()
        .ifPresent(
            r ->
                line(
                    out,
                    "  film reserve: sits so to %.1f×, sinks at %s%.1f×",
                    r.keepsPostureTo(),
                    r.beyond() ? "more than " : "",
                    r.sinksAt()));
    e.footprint()
        .ifPresent(
            f ->
                line(
                    out,
                    "  footprint %.0f × %.0f mm, %d %s, %.1f mm deep",
                    f.lengthMm(),
                    f.widthMm(),
                    f.dimples(),
                    f.dimples() == 1 ? "dimple" : "dimples",
                    f.deepestMm()));
    e.band()
        .flatMap(Estimate.Band::eyeMm)
        .ifPresent(b -> line(out, "  eye %.1f to %.1f mm (middle 80 %%)", b.low(), b.high()));
    e.warnings().forEach(w -> line(out, "  ! %s", w.message()));
    line(out, "  left out: %s", String.join("; ", e.leftOut()));
    return out.toString();
  }

  private static void rest(StringBuilder out, Rest r, double weight) {
    line(
        out,
        "  eye %+.1f mm, bend %+.1f mm, point %+.1f mm from the film",
        r.eyeMm(),
        r.bendMm(),
        r.pointMm());
    line(
        out,
        "  lines receding: %s; advancing: %s",
        end(r.interval().recedingEnds(), r.interval().receding()),
        end(r.interval().advancingEnds(), r.interval().advancing()));
    for (Rest.Held h : r.held()) {
      String parts = h.parts().stream().map(Words::of).collect(Collectors.joining(" and "));
      double share = 100 * h.totalUn() / weight;
      if (share > 0.5) {
        line(out, "  the water bears %.0f %% of the weight at %s", share, parts);
      } else if (share < -0.5) {
        line(out, "  the film pulls %s down by %.0f %% of the weight", parts, -share);
      }
    }
  }

  /** What it loses without each part: what holds it, as a person means it. */
  private static void without(StringBuilder out, PreparedFly fly) {
    WhatIfs asked = WhatIfs.of(fly, Work.unwatched());
    for (WhatIfs.WhatIf w : asked.without()) {
      RestSummary then = w.then();
      line(
          out,
          "  without its %s: %s, sinks at %.1f× instead of %.1f×",
          w.words(),
          Words.of(then.sits()),
          then.sinksAt(),
          asked.now().sinksAt());
    }
  }

  private static String end(Outcome outcome, Optional<Rest.End> end) {
    return end.map(
            e ->
                String.format(
                    Locale.ROOT,
                    "%s, eye %+.1f mm, bend %+.1f mm",
                    Words.of(e.posture()),
                    e.eyeMm(),
                    e.bendMm()))
        .orElse(outcome == Outcome.SINKS ? "sinks" : "not known");
  }

  private static void line(StringBuilder out, String format, Object... values) {
    out.append(String.format(Locale.ROOT, format, values)).append('\n');
  }
}
