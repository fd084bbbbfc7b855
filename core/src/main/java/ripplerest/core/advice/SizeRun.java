package ripplerest.core.advice;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.TreeSet;
import ripplerest.core.dressing.Pattern;
import ripplerest.core.estimate.Estimate;
import ripplerest.core.estimate.Estimator;
import ripplerest.core.estimate.Options;
import ripplerest.core.estimate.PreparedFly;
import ripplerest.core.estimate.RestSummary;
import ripplerest.core.estimate.WhatIfs;
import ripplerest.core.estimate.WhatIfs.WhatIf;
import ripplerest.core.estimate.Work;
import ripplerest.core.hook.HookSpec;
import ripplerest.core.quantity.Sentence;
import ripplerest.core.quantity.Warning;
import ripplerest.core.rest.Outcome;
import ripplerest.core.rest.Rest;
import ripplerest.core.sizing.SizeRules;

/** One pattern across hook sizes, its parts rescaled by their rules, each size put on the water. */
public final class SizeRun {
  /** Below this film reserve a fly is told to be at its limit, in its own weight (assumption). */
  private static final double SCANT = 1.2;

  private static final int STEP = 2;

  private SizeRun() {}

  /**
   * One size.
   *
   * @param size hook number
   * @param estimate of the fly on that hook, with reserve
   * @param works whether it sits as its style wants, with something to spare, and can be tied
   * @param why what stops it, or what keeps it at its limit; empty if nothing does
   * @param without how it sits without what the pattern loses most without on its own hook; empty
   *     where it does not rest as it is
   */
  public record Row(
      int size, Estimate estimate, boolean works, Sentence why, Optional<WhatIf> without) {}

  /** The even sizes there are and the pattern's own, large to small. */
  public static List<Row> of(PreparedFly fly, Work work) {
    Pattern pattern = fly.pattern();
    TreeSet<Integer> sizes = new TreeSet<>(List.of(pattern.hook().size()));
    for (int size = HookSpec.USUAL_LARGEST; size <= HookSpec.USUAL_SMALLEST; size += STEP) {
      sizes.add(size);
    }
    Options options = Options.withReserve(work);
    Estimate own = Estimator.estimate(fly, options);
    Optional<List<String>> mainstay = WhatIfs.mainstay(fly, work);
    Optional<WhatIf> lost = without(own, mainstay);
    List<Row> rows = new ArrayList<>();
    for (int size : sizes) {
      work.throwIfCancelled();
      boolean isOwn = size == pattern.hook().size();
      Estimate here =
          isOwn ? own : Estimator.estimate(fly.with(SizeRules.onto(pattern, size)), options);
      Optional<WhatIf> without = isOwn ? lost : without(here, mainstay);
      Sentence stops = stops(here, own);
      String share = isOwn || stops.saysNothing() ? "" : loss(without, lost);
      Sentence why = share.isEmpty() ? stops : Sentence.of("%s %s", stops, share);
      rows.add(new Row(size, here, stops.saysNothing(), why, without));
      work.progress(rows.size(), sizes.size());
    }
    return List.copyOf(rows);
  }

  private static Optional<WhatIf> without(Estimate fly, Optional<List<String>> parts) {
    return parts
        .filter(p -> fly.rest().isPresent())
        .map(p -> new WhatIf(p, WhatIfs.without(fly.fly(), p)));
  }

  /** What stops a size; empty if nothing does. */
  private static Sentence stops(Estimate here, Estimate own) {
    if (here.rest().isEmpty()) {
      return here.noRest().orElseThrow().words();
    }
    Rest rest = here.rest().get();
    Optional<WantedRest> wanted = WantedRest.of(here.sized().style());
    if (wanted.isPresent() && !wanted.get().isMetBy(rest)) {
      String how = WantedRest.leaning(Math.toDegrees(rest.pose().pitchRad()));
      return Sentence.of(
          "Sits %s, %s; this style wants it %s."
              .formatted(WantedRest.words(rest.posture()), how, wanted.get().words()));
    }
    Optional<Sentence> crowded = crowded(here);
    if (crowded.isPresent() && crowded(own).isEmpty()) {
      return crowded.get();
    }
    double reserve = here.reserve().orElseThrow().keepsPostureTo();
    return reserve < SCANT
        ? Sentence.of("Sits so only up to %.1f × its weight.".formatted(reserve))
        : Sentence.EMPTY;
  }

  private static Optional<Sentence> crowded(Estimate fly) {
    return fly.warnings().stream()
        .filter(w -> w.code().endsWith("crowded"))
        .map(Warning::message)
        .findFirst();
  }

  /** What the pattern's mainstay is worth here, against the fly on its own hook. */
  private static String loss(Optional<WhatIf> here, Optional<WhatIf> own) {
    return here.flatMap(
            h ->
                own.map(
                    o ->
                        "Without its %s it %s; on its own hook it %s."
                            .formatted(h.words(), under(h.then()), under(o.then()))))
        .orElse("");
  }

  private static String under(RestSummary then) {
    return then.outcome() == Outcome.RESTS
        ? "goes under at %.1f ×".formatted(then.sinksAt())
        : then.outcome() == Outcome.SINKS ? "sinks" : "does something that is not known";
  }
}
