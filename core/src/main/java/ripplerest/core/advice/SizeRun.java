package ripplerest.core.advice;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.TreeSet;
import ripplerest.core.dressing.Pattern;
import ripplerest.core.estimate.Estimate;
import ripplerest.core.estimate.Estimator;
import ripplerest.core.estimate.Options;
import ripplerest.core.estimate.PreparedFly;
import ripplerest.core.estimate.Work;
import ripplerest.core.hook.HookSpec;
import ripplerest.core.quantity.Sentence;
import ripplerest.core.quantity.Warning;
import ripplerest.core.quantity.Words;
import ripplerest.core.rest.Rest;
import ripplerest.core.sizing.SizeRules;
import ripplerest.core.water.Water;

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
   */
  public record Row(int size, Estimate estimate, boolean works, Sentence why) {}

  /** The even sizes there are and the pattern's own, large to small. */
  public static List<Row> of(PreparedFly fly, Work work) {
    Pattern pattern = fly.pattern();
    TreeSet<Integer> sizes = new TreeSet<>(List.of(pattern.hook().size()));
    for (int size = HookSpec.USUAL_LARGEST; size <= HookSpec.USUAL_SMALLEST; size += STEP) {
      sizes.add(size);
    }
    Options options = Options.withReserve(work);
    Estimate own = Estimator.estimate(fly, options);
    List<Row> rows = new ArrayList<>();
    for (int size : sizes) {
      work.throwIfCancelled();
      Estimate here =
          size == pattern.hook().size()
              ? own
              : Estimator.estimate(fly.with(SizeRules.onto(pattern, size)), options);
      rows.add(row(size, here, own));
      work.progress(rows.size(), sizes.size());
    }
    return List.copyOf(rows);
  }

  private static Row row(int size, Estimate here, Estimate own) {
    if (here.rest().isEmpty()) {
      return new Row(size, here, false, here.noRest().orElseThrow().words());
    }
    Rest rest = here.rest().get();
    Optional<WantedRest> wanted = WantedRest.of(here.sized().style());
    if (wanted.isPresent() && !wanted.get().isMetBy(rest)) {
      String how = WantedRest.leaning(Math.toDegrees(rest.pose().pitchRad()));
      String why =
          "Sits %s, %s; this style wants it %s. %s"
              .formatted(
                  WantedRest.words(rest.posture()), how, wanted.get().words(), shift(own, here));
      return new Row(size, here, false, Sentence.of(why.trim()));
    }
    Optional<Sentence> crowded = crowded(here);
    if (crowded.isPresent() && crowded(own).isEmpty()) {
      return new Row(size, here, false, crowded.get());
    }
    double reserve = here.reserve().orElseThrow().keepsPostureTo();
    return reserve < SCANT
        ? new Row(
            size,
            here,
            false,
            Sentence.of(
                "Sits so only up to %.1f × its weight. %s"
                    .formatted(reserve, shift(own, here))
                    .trim()))
        : new Row(size, here, true, Sentence.EMPTY);
  }

  private static Optional<Sentence> crowded(Estimate fly) {
    return fly.warnings().stream()
        .filter(w -> w.code().endsWith("crowded"))
        .map(Warning::message)
        .findFirst();
  }

  /** The part whose share of the load changed most, against the fly on its own hook. */
  private static String shift(Estimate own, Estimate here) {
    if (own.rest().isEmpty() || own == here) {
      return "";
    }
    Rest before = own.rest().get();
    Rest now = here.rest().orElseThrow();
    double weightBefore = own.massMg() * Water.GRAVITY;
    double weightNow = here.massMg() * Water.GRAVITY;
    return before.support().stream()
        .map(s -> s.part())
        .max(
            Comparator.comparingDouble(
                p -> before.holds(p) / weightBefore - now.holds(p) / weightNow))
        .map(
            p ->
                "The %s %s of the weight; on its own hook it %s."
                    .formatted(
                        Words.of(p),
                        holds(now.holds(p) / weightNow),
                        holds(before.holds(p) / weightBefore)))
        .orElse("");
  }

  private static String holds(double share) {
    return "%s %.0f %%".formatted(share < 0 ? "pulls down" : "holds", Math.abs(100 * share));
  }
}
