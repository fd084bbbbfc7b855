package ripplerest.cli;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.concurrent.Callable;
import java.util.function.UnaryOperator;
import java.util.stream.Collectors;
import org.hipparchus.distribution.continuous.ChiSquaredDistribution;
import picocli.CommandLine.Command;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import ripplerest.core.calibration.SimulatedTiers;
import ripplerest.core.calibration.SimulatedTiers.Outcome;
import ripplerest.core.calibration.SimulatedTiers.Plan;
import ripplerest.core.estimate.PreparedFly;
import ripplerest.core.estimate.Work;
import ripplerest.core.hook.HookSpec;
import ripplerest.core.material.Material;
import ripplerest.core.material.MaterialRow;
import ripplerest.core.material.Materials;
import ripplerest.core.material.Property;
import ripplerest.core.sizing.Sizer;
import ripplerest.core.sizing.Style;
import ripplerest.core.water.Conditions;
import ripplerest.core.water.Floatant;

/** Tries what tests in a glass teach on tiers whose truth is known, and writes what came of it. */
@Command(
    name = "calibration-report",
    description = "Simulates tiers, their tests and what is learnt from them.",
    mixinStandardHelpOptions = true)
final class CalibrationReport implements Callable<Integer> {
  private static final List<String> STYLES =
      List.of("upright-collar", "parachute", "forward-plume", "hair-wing-sedge");

  private static final int TESTS = 5;

  private static final int NEXT = 5;
  private static final int BINS = 10;
  private static final long SEED = 7;

  @Parameters(description = "the page that is written")
  private Path page;

  @Option(names = "--tiers", defaultValue = "200", description = "tiers a style")
  private int tiers;

  @Option(names = "--judged", defaultValue = "40", description = "tiers whose tests are judged")
  private int judged;

  private final StringBuilder out = new StringBuilder();

  @Override
  public Integer call() throws IOException {
    line("# What tests in a glass of water teach, tried on tiers whose truth is known");
    line("");
    line("Written by `./ripple-rest calibration-report`; do not edit. How it is done stands in");
    line("[model.md](model.md), under \"Tests in a glass of water\".");
    line("");
    line(
        "A simulated tier has materials of their own, drawn from what is known of each, ties flies with");
    line(
        "the hands that hands have, puts them into a glass, and tells what is seen with the errors that");
    line(
        "eyes have: angle ± 3°, heights ± 0.4 mm, one word in ten wrong, whether it comes back up, and of");
    line(
        "the first fly four weights. Every fly, tests and next tests alike, is put on the water by the");
    line(
        "whole model, never by an emulator. Each ties three flies in turn: dressed, the same bare, and a");
    line(
        "larger one dressed. What is foretold of a next test is 19 draws of the whole model with what was");
    line(
        "learnt, whose second lowest and second highest hold a next one eight times in ten if all is right.");
    line("");
    styles();
    Files.writeString(page, out); // what takes long is not lost
    judged();
    Files.writeString(page, out);
    return 0;
  }

  private void styles() {
    line("## Next tests inside their band, after " + TESTS + " tests");
    line("");
    line(
        "| style | next tests | inside | without tests | width of the band, over that without | fewest independent draws |");
    line("| --- | --- | --- | --- | --- | --- |");
    List<String> ranks = new ArrayList<>();
    List<String> learnt = new ArrayList<>();
    for (String style : STYLES) {
      Outcome o = run(style, new Plan(tiers, TESTS, NEXT, 0, UnaryOperator.identity(), false));
      line(
          "| %s | %d | %.1f %% | %.1f %% | %.2f | %.0f |",
          style,
          o.foretold(),
          100 * o.coverage(),
          100.0 * o.insideBefore() / o.foretold(),
          o.width(),
          o.effective());
      double[] all = Arrays.stream(o.ranks()).flatMapToDouble(Arrays::stream).toArray();
      double worst = Arrays.stream(o.ranks()).mapToDouble(CalibrationReport::flat).min().orElse(1);
      ranks.add(
          "| %s | %s | %.2f | %.2f |"
              .formatted(style, counts(all), flat(all), Math.min(1, worst * o.ranks().length)));
      learnt.add("| %s | %s |".formatted(style, most(o.narrowed())));
    }
    line("");
    line("## Ranks of the truth");
    line("");
    line(
        "Simulation-based calibration (Talts, Betancourt, Simpson, Vehtari & Gelman, arXiv:1804.06788,");
    line(
        "2018): the truth is as likely to lie anywhere among its draws as anywhere else, so its ranks fill");
    line(
        "ten bins alike, by χ² with nine degrees of freedom. Of the five deviates that most was learnt of:");
    line("");
    line("| style | in each bin | p, all five | p, the worst of the five (Bonferroni) |");
    line("| --- | --- | --- | --- |");
    ranks.forEach(this::plain);
    line("");
    line("## What most is learnt of");
    line("");
    line("Spread that is left of each deviate, over what it was.");
    line("");
    line("| style | |");
    line("| --- | --- |");
    learnt.forEach(this::plain);
    line("");
  }

  private void judged() {
    String style = STYLES.get(0);
    line("## Tests that are wrong, and a model that is");
    line("");
    line(
        "%s, %d tiers each. Each test is judged by all others: it disagrees if something as far off has a",
        style, judged);
    line(
        "chance under 1 in 50. A tier is told that the estimate does not understand these flies if all tests");
    line(
        "together have a chance under 1 in 100: each by the others, or all of them before anything was learnt.");
    line("");
    line(
        "| | tests each | next tests inside | said to disagree, of outliers | of others | tiers told |");
    line("| --- | --- | --- | --- | --- | --- |");
    row("all is right", style, new Plan(judged, 10, NEXT, 0, UnaryOperator.identity(), true));
    row(
        "one test in ten is of a fly of somebody else's",
        style,
        new Plan(judged, 10, NEXT, 0.1, UnaryOperator.identity(), true));
    row(
        "fibres cling together twice as much",
        style,
        new Plan(judged, 10, NEXT, 0, m -> scaled(m, Property.INDEPENDENT_FIBRES, 0.5), true));
    row(
        "everything is twice as heavy",
        style,
        new Plan(judged, 10, NEXT, 0, m -> scaled(m, Property.DENSITY, 2), true));
    row(
        "every surface is wetted at six tenths of its angle",
        style,
        new Plan(judged, 10, NEXT, 0, CalibrationReport::wetter, true));
    line("");
  }

  private void row(String name, String style, Plan plan) {
    Outcome o = run(style, plan);
    line(
        "| %s | %d | %.1f %% of %d | %s | %d of %d | %d of %d |",
        name,
        plan.tests(),
        100 * o.coverage(),
        o.foretold(),
        o.outliers() == 0 ? "–" : o.caught() + " of " + o.outliers(),
        o.blamed(),
        o.judged() - o.outliers(),
        o.misfits(),
        plan.tiers());
  }

  private static Outcome run(String style, Plan plan) {
    System.err.printf("%s, %d tiers…%n", style, plan.tiers());
    return SimulatedTiers.of(flies(style), plan, SEED, Work.unwatched());
  }

  private static Materials wetter(Materials table) {
    Materials wetter = table;
    for (Property angle :
        List.of(
            Property.ADVANCING_UNTREATED,
            Property.RECEDING_UNTREATED,
            Property.ADVANCING_TREATED,
            Property.RECEDING_TREATED)) {
      wetter = scaled(wetter, angle, 0.6);
    }
    return wetter;
  }

  /** Every material's value of one property so many times what it is, as far as it can be. */
  private static Materials scaled(Materials table, Property property, double factor) {
    List<MaterialRow> rows = new ArrayList<>();
    for (Material m : table.all()) {
      for (MaterialRow r : MaterialRow.of(m)) {
        if (r.property() == property) {
          double value = property.within(r.value() * factor);
          rows.add(
              new MaterialRow(
                  r.material(),
                  "",
                  property,
                  value,
                  r.spread() * Math.min(1, factor),
                  r.kind(),
                  r.source()));
        }
      }
    }
    return table.with(rows);
  }

  /** How likely ranks that are no flatter are, if every rank is as likely as any other. */
  private static double flat(double[] ranks) {
    double expected = (double) ranks.length / BINS;
    double sum =
        Arrays.stream(bins(ranks))
            .mapToDouble(b -> (b - expected) * (b - expected) / expected)
            .sum();
    return 1 - new ChiSquaredDistribution(BINS - 1.0).cumulativeProbability(sum);
  }

  private static long[] bins(double[] ranks) {
    long[] bins = new long[BINS];
    Arrays.stream(ranks).forEach(r -> bins[(int) Math.min(BINS - 1.0, BINS * r)]++);
    return bins;
  }

  private static String counts(double[] ranks) {
    return Arrays.stream(bins(ranks)).mapToObj(Long::toString).collect(Collectors.joining(" "));
  }

  private static String most(Map<String, Double> narrowed) {
    return narrowed.entrySet().stream()
        .limit(4)
        .map(e -> String.format(Locale.ROOT, "%s %.2f", words(e.getKey()), e.getValue()))
        .collect(Collectors.joining("; "));
  }

  private static String words(String cause) {
    int first = cause.indexOf(' ');
    return first < 0
        ? cause
        : cause.substring(0, first).toLowerCase(Locale.ROOT).replace('_', ' ')
            + cause.substring(first);
  }

  private void plain(String words) {
    out.append(words).append('\n');
  }

  private void line(String form, Object... values) {
    plain(values.length == 0 ? form : String.format(Locale.ROOT, form, values));
  }

  /** A fly dressed, the same bare, and a larger one dressed. */
  private static List<PreparedFly> flies(String style) {
    return List.of(
        fly(style, 14, Floatant.GEL), fly(style, 14, Floatant.NONE), fly(style, 12, Floatant.GEL));
  }

  private static PreparedFly fly(String style, int size, Floatant floatant) {
    Materials materials = Materials.standard();
    HookSpec hook = new HookSpec(size, HookSpec.Shape.STRAIGHT, 0, 0);
    Sizer sizer = new Sizer(materials);
    return PreparedFly.of(
        sizer.size(Sizer.defaults(Style.named(style), hook, "simulated")),
        materials,
        Conditions.DEFAULT.with(floatant));
  }
}
