package ripplerest.core.advice;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.IntStream;
import ripplerest.core.dressing.Part;
import ripplerest.core.dressing.Wing;
import ripplerest.core.estimate.Estimate;
import ripplerest.core.estimate.Estimator;
import ripplerest.core.estimate.Options;
import ripplerest.core.estimate.PreparedFly;
import ripplerest.core.estimate.WhatIfs;
import ripplerest.core.estimate.Work;
import ripplerest.core.quantity.Require;
import ripplerest.core.rest.Footprint;
import ripplerest.core.rest.Rest;

/**
 * Up to {@value #MOST} dressings side by side, all against the first.
 *
 * @param flies each with its reserve and footprint
 * @param rows what they differ in, and what not
 * @param lines two of them on one line, either above the other
 */
public record Comparison(List<Estimate> flies, List<Row> rows, List<OnOneLine> lines) {
  /** Most dressings on one film line. */
  public static final int MOST = 4;

  /**
   * One number of each fly.
   *
   * @param name in a tier's words
   * @param unit of the values
   * @param decimals worth printing
   * @param values one a fly; empty where a fly sinks and has none
   * @param against how much more than the first; empty for the first, where one has none, and where
   *     it is not worth printing
   * @param differ whether any differs from the first by what is worth printing
   */
  public record Row(
      String name,
      String unit,
      int decimals,
      List<Optional<Double>> values,
      List<Optional<Double>> against,
      boolean differ) {}

  /**
   * Puts every dressing on its own water and lists the numbers.
   *
   * @param flies 1 to {@value #MOST}, each on its own water
   */
  public static Comparison of(List<PreparedFly> flies, Work work) {
    Require.inRange("flies", flies.size(), 1, MOST);
    List<Estimate> all = new ArrayList<>();
    for (PreparedFly fly : flies) {
      all.add(Estimator.estimate(fly, Options.withReserve(work)));
      work.progress(all.size(), flies.size());
    }
    return new Comparison(List.copyOf(all), rows(all), OnOneLine.of(all, work));
  }

  private static List<Row> rows(List<Estimate> all) {
    List<Row> rows =
        new ArrayList<>(
            List.of(
                rest(all, "eye over the film", "mm", 1, Rest::eyeMm),
                rest(all, "start of the bend over the film", "mm", 1, Rest::bendMm),
                rest(all, "hook point over the film", "mm", 1, Rest::pointMm),
                rest(all, "tail down", "°", 0, r -> Math.toDegrees(r.pose().pitchRad())),
                row(
                    all,
                    "keeps its posture to",
                    "×",
                    1,
                    e -> e.reserve().map(r -> r.keepsPostureTo())),
                row(all, "sinks at", "×", 1, e -> e.reserve().map(r -> r.sinksAt())),
                row(all, "lift when drowned", "mg", 0, e -> Optional.of(e.popBackMg())),
                print(all, "footprint along", Footprint::lengthMm),
                print(all, "footprint across", Footprint::widthMm),
                row(all, "whole weight", "mg", 1, e -> Optional.of(e.massMg()))));
    if (all.stream().allMatch(Comparison::isWinged)) {
      rows.add(6, row(all, "sinks at, without its wing", "×", 1, Comparison::withoutWing));
    }
    return List.copyOf(rows);
  }

  private static boolean isWinged(Estimate e) {
    return e.fly().pattern().parts().stream().anyMatch(Wing.class::isInstance);
  }

  /** What the wing is worth; empty for a fly that has none, or sinks with it. */
  private static Optional<Double> withoutWing(Estimate e) {
    List<Part> parts = e.fly().pattern().parts();
    List<String> names = e.fly().pattern().names();
    return IntStream.range(0, parts.size())
        .filter(i -> e.rest().isPresent() && parts.get(i) instanceof Wing)
        .mapToObj(i -> WhatIfs.without(e.fly(), List.of(names.get(i))).sinksAt())
        .findFirst();
  }

  private static Row print(List<Estimate> all, String name, Function<Footprint, Double> of) {
    return row(all, name, "mm", 0, e -> e.footprint().map(of));
  }

  private static Row rest(
      List<Estimate> all, String name, String unit, int decimals, Function<Rest, Double> of) {
    return row(all, name, unit, decimals, e -> e.rest().map(of));
  }

  private static Row row(
      List<Estimate> all,
      String name,
      String unit,
      int decimals,
      Function<Estimate, Optional<Double>> of) {
    List<Optional<Double>> values = all.stream().map(of).toList();
    Optional<Double> first = values.get(0);
    List<Optional<Double>> against = new ArrayList<>();
    boolean differ = false;
    for (int i = 0; i < values.size(); i++) {
      Optional<Double> value = values.get(i);
      boolean both = i > 0 && first.isPresent() && value.isPresent();
      Optional<Double> by = both ? value.map(v -> v - first.get()) : Optional.empty();
      by = by.filter(d -> Math.abs(d) >= 0.5 * Math.pow(10, -decimals));
      differ |= by.isPresent();
      differ |= value.isPresent() != first.isPresent();
      against.add(by);
    }
    return new Row(name, unit, decimals, values, List.copyOf(against), differ);
  }
}
