package ripplerest.core.tied;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import ripplerest.core.estimate.Sits;
import ripplerest.core.material.Materials;
import ripplerest.core.rest.Outcome;
import ripplerest.core.sizing.SizedPattern;
import ripplerest.core.sizing.Sizer;
import ripplerest.core.water.Conditions;

/**
 * A fly estimated as it was made, beside the fly that was planned, and what each thing that came
 * out otherwise does to it.
 *
 * @param planned how it should sit
 * @param made how it sits as it was made
 * @param sized the fly as it was made
 * @param differences what came out otherwise by more than it can be measured, worst first
 */
public record AsTied(Sits planned, Sits made, SizedPattern sized, List<Difference> differences) {
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
      Made made, Sits alone, boolean fine, String words, boolean now, String advice) {}

  /** Estimates a fly as it was made. */
  public static AsTied of(
      SizedPattern plan, List<Made> all, Materials materials, Sizer sizer, Conditions conditions) {
    Sits planned = Sits.of(plan, materials, conditions);
    SizedPattern sized = plan;
    List<Difference> differences = new ArrayList<>();
    for (Made made : all) {
      if (made.off() == 0) {
        continue;
      }
      sized = made.planned().with(sized, made.value(), sizer);
      if (made.differs()) {
        SizedPattern alone = made.planned().with(plan, made.value(), sizer);
        differences.add(difference(made, planned, Sits.of(alone, materials, conditions)));
      }
    }
    differences.sort(
        Comparator.comparing(Difference::fine)
            .thenComparing(d -> -Math.abs(d.alone().pitchDeg() - planned.pitchDeg())));
    Sits made = sized == plan ? planned : Sits.of(sized, materials, conditions);
    return new AsTied(planned, made, sized, List.copyOf(differences));
  }

  /** Whether the fly as made sits near enough to the plan. */
  public boolean isFine() {
    return isFine(planned, made);
  }

  /** The whole of it in one sentence. */
  public String words() {
    String does = does(planned, made);
    return does.isEmpty()
        ? "It sits as planned."
        : "As tied it " + does + (isFine() ? "; still fine." : ".");
  }

  private static Difference difference(Made made, Sits planned, Sits alone) {
    boolean fine = isFine(planned, alone);
    String does = does(planned, alone);
    String words =
        made.words()
            + ": "
            + (does.isEmpty() ? "changes nothing that can be seen" : does)
            + (does.isEmpty() ? "." : fine ? ", still fine." : ".");
    Correction correction = Correction.of(made);
    return new Difference(made, alone, fine, words, correction.now(), correction.words());
  }

  private static boolean isFine(Sits planned, Sits made) {
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
  private static String does(Sits planned, Sits made) {
    if (made.outcome() != Outcome.RESTS) {
      return made.outcome() == planned.outcome()
          ? ""
          : made.outcome() == Outcome.SINKS ? "sinks" : "sits in a way that is not known";
    }
    if (planned.outcome() != Outcome.RESTS) {
      return "floats";
    }
    List<String> told = new ArrayList<>();
    if (!made.posture().equals(planned.posture())) {
      told.add("sits " + word(made) + " instead of " + word(planned));
    }
    turned(planned.pitchDeg(), made.pitchDeg()).ifPresent(told::add);
    double up = made.eyeMm() - planned.eyeMm();
    if (Math.abs(up) >= TOLD_MM) {
      String form = "has its eye %.1f mm " + (up > 0 ? "higher" : "lower");
      told.add(String.format(Locale.ROOT, form, Math.abs(up)));
    }
    double keeps = made.keepsPostureTo() - planned.keepsPostureTo();
    if (Math.abs(keeps) >= 0.15 * planned.keepsPostureTo() && planned.keepsPostureTo() < 5) {
      told.add(
          String.format(
              Locale.ROOT,
              "keeps its posture to %.1f instead of %.1f weights",
              made.keepsPostureTo(),
              planned.keepsPostureTo()));
    }
    return String.join(", ", told);
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

  private static String word(Sits s) {
    return s.word().replace('-', ' ');
  }
}
