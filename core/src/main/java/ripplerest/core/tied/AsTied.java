package ripplerest.core.tied;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import ripplerest.core.estimate.Estimate;
import ripplerest.core.estimate.Estimator;
import ripplerest.core.estimate.Options;
import ripplerest.core.estimate.PreparedFly;
import ripplerest.core.estimate.RestSummary;
import ripplerest.core.estimate.Work;
import ripplerest.core.quantity.Quantity;
import ripplerest.core.quantity.Sentence;
import ripplerest.core.quantity.Words;
import ripplerest.core.rest.Outcome;
import ripplerest.core.sizing.SizedPattern;
import ripplerest.core.sizing.Sizer;

/**
 * A fly estimated as it was made, beside the fly that was planned, and what each thing that came
 * out otherwise does to it.
 *
 * @param planned how it should sit
 * @param made how it sits as it was made
 * @param estimate of the fly as it was made
 * @param differences what came out otherwise by more than it can be measured, worst first
 */
public record AsTied(
    RestSummary planned, RestSummary made, Estimate estimate, List<Difference> differences) {
  /** A fly that sits as planned within this is fine, °. */
  static final double FINE_DEG = 5;

  /** The same of the height of its eye, mm. */
  static final double FINE_MM = 0.5;

  /** A fly whose posture holds to less than this many weights is not fine (assumption). */
  static final double FINE_RESERVE = 1.3;

  /** A turn of less than this is not told, °. */
  private static final double TOLD_DEG = 1;

  private static final double TOLD_MM = 0.1;

  /**
   * One thing that came out otherwise.
   *
   * @param made what
   * @param alone how the planned fly would sit with only this otherwise
   * @param fine whether that is near enough to the plan
   * @param words what it is and does, in a tier's words
   * @param now whether scissors mend it
   * @param advice how it is mended, now or next time
   */
  public record Difference(
      Made made, RestSummary alone, boolean fine, Sentence words, boolean now, String advice) {}

  /** Estimates a fly as it was made, beside its plan. */
  public static AsTied of(PreparedFly plan, List<Made> all, Work work) {
    Estimate asPlanned = Estimator.estimate(plan, Options.withReserve(work));
    RestSummary planned = RestSummary.of(asPlanned);
    List<Made> off = all.stream().filter(m -> m.off() != 0).toList();
    Sizer sizer = plan.sizer();
    SizedPattern sized = plan.sized();
    List<Difference> differences = new ArrayList<>();
    for (Made made : off) {
      work.throwIfCancelled();
      sized = made.planned().with(sized, made.value(), sizer);
      if (made.differs()) {
        SizedPattern alone = made.planned().with(plan.sized(), made.value(), sizer);
        differences.add(difference(made, planned, RestSummary.of(plan.with(alone))));
      }
      work.progress(differences.size(), off.size() + 1);
    }
    differences.sort(
        Comparator.comparing(Difference::fine)
            .thenComparing(d -> -Math.abs(d.alone().pitchDeg() - planned.pitchDeg())));
    Estimate made =
        off.isEmpty() ? asPlanned : Estimator.estimate(plan.with(sized), Options.withReserve(work));
    return new AsTied(planned, RestSummary.of(made), made, List.copyOf(differences));
  }

  /** The fly as it was made. */
  public static PreparedFly tied(PreparedFly plan, List<Made> all) {
    SizedPattern sized = plan.sized();
    for (Made made : all) {
      sized = made.off() == 0 ? sized : made.planned().with(sized, made.value(), plan.sizer());
    }
    return plan.with(sized);
  }

  /** Whether the fly as made sits near enough to the plan. */
  public boolean isFine() {
    return isFine(planned, made);
  }

  /** The whole of it in one sentence. */
  public Sentence words() {
    Sentence does = does(planned, made);
    return does.saysNothing()
        ? Sentence.of("It sits as planned.")
        : Sentence.of("As tied it %s%s", does, isFine() ? "; still fine." : ".");
  }

  private static Difference difference(Made made, RestSummary planned, RestSummary alone) {
    boolean fine = isFine(planned, alone);
    Sentence does = does(planned, alone);
    Sentence words =
        does.saysNothing()
            ? Sentence.of("%s: changes nothing that can be seen.", made.words())
            : Sentence.of("%s: %s%s", made.words(), does, fine ? ", still fine." : ".");
    Correction correction = Correction.of(made);
    return new Difference(made, alone, fine, words, correction.now(), correction.words());
  }

  private static boolean isFine(RestSummary planned, RestSummary made) {
    if (planned.posture().isEmpty()) {
      return made.outcome() == planned.outcome();
    }
    double keeps = Math.min(FINE_RESERVE, planned.keepsPostureTo());
    return made.posture().equals(planned.posture())
        && Math.abs(made.pitchDeg() - planned.pitchDeg()) <= FINE_DEG
        && Math.abs(made.eyeMm() - planned.eyeMm()) <= FINE_MM
        && made.keepsPostureTo() >= keeps;
  }

  /** What one fly does otherwise than another; empty if nothing that can be seen. */
  private static Sentence does(RestSummary planned, RestSummary made) {
    if (made.outcome() != Outcome.RESTS) {
      return Sentence.of(
          made.outcome() == planned.outcome()
              ? ""
              : made.outcome() == Outcome.SINKS ? "sinks" : "sits in a way that is not known");
    }
    if (planned.outcome() != Outcome.RESTS) {
      return Sentence.of("floats");
    }
    List<Sentence> told = new ArrayList<>();
    if (!made.posture().equals(planned.posture())) {
      told.add(Sentence.of("sits " + word(made) + " instead of " + word(planned)));
    }
    turned(planned.pitchDeg(), made.pitchDeg()).map(Sentence::of).ifPresent(told::add);
    double up = made.eyeMm() - planned.eyeMm();
    if (Math.abs(up) >= TOLD_MM) {
      told.add(
          Sentence.of(
              "has its eye %s %s", Quantity.mm(Math.abs(up), 1), up > 0 ? "higher" : "lower"));
    }
    double keeps = made.keepsPostureTo() - planned.keepsPostureTo();
    if (Math.abs(keeps) >= 0.15 * planned.keepsPostureTo() && planned.keepsPostureTo() < 5) {
      told.add(
          Sentence.of(
              "keeps its posture to %.1f instead of %.1f weights",
              made.keepsPostureTo(), planned.keepsPostureTo()));
    }
    return Sentence.join(", ", told);
  }

  private static Optional<String> turned(double planned, double made) {
    double by = Math.abs(made) - Math.abs(planned);
    if (Math.abs(made - planned) < TOLD_DEG) {
      return Optional.empty();
    }
    if (planned * made < 0 && Math.min(Math.abs(planned), Math.abs(made)) >= TOLD_DEG) {
      String way = made > 0 ? "tail" : "head";
      return Optional.of("%.0f° %s down instead".formatted(Math.abs(made), way));
    }
    return Optional.of("sits %.0f° %s".formatted(Math.abs(by), by > 0 ? "steeper" : "flatter"));
  }

  private static String word(RestSummary s) {
    return Words.of(s.sits());
  }
}
