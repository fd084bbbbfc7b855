package ripplerest.exchange.view;

import java.util.List;
import java.util.Locale;
import ripplerest.core.drift.FloatOverTime;
import ripplerest.core.drift.Stretch;
import ripplerest.core.estimate.Hung;
import ripplerest.core.estimate.WhatIfs;
import ripplerest.core.material.Materials;
import ripplerest.core.outline.Outliner;
import ripplerest.core.rest.Casts;
import ripplerest.core.rest.Judgement;
import ripplerest.core.rest.LandingShares;
import ripplerest.core.rest.Posture;
import ripplerest.core.rest.Rest;
import ripplerest.core.sizing.SizedPattern;
import ripplerest.core.water.Conditions;
import ripplerest.exchange.format.ProblemDocument;

/**
 * One line of a streamed answer: where it waits, how far it is, or what it found. Fields that do
 * not apply are null.
 *
 * @param waits how many are before it; null once it has begun
 * @param progress how far it is; null before and after
 * @param estimate the whole estimate, with its band and its other rests
 * @param whatIfs what a tier asks of the fly
 * @param landing how the fly lands
 * @param carry what it can carry
 * @param overTime how long it floats, by kind of water
 * @param amounts how much of everything it takes
 * @param sizeRun the pattern across hook sizes
 * @param substitutes what could stand in for a material or the hook
 * @param support how many of something reach a film reserve
 * @param footprints what fly and natural press into the film
 * @param changes the smallest that reach an outcome
 * @param problem why there is no answer
 */
public record AnswerLine(
    WaitView waits,
    ProgressView progress,
    EstimateView estimate,
    WhatIfsView whatIfs,
    LandingView landing,
    HungView carry,
    OverTimeView overTime,
    AmountsView amounts,
    SizeRunView sizeRun,
    SubstitutesView substitutes,
    SupportedView support,
    FootprintsView footprints,
    ChangesView changes,
    ProblemDocument problem) {

  /** How many are before it. */
  public record WaitView(int before) {}

  /** Steps done of all. */
  public record ProgressView(int done, int all) {}

  /**
   * Shares of many casts with the middle 80 % that so many casts leave open; {@code casts} came
   * down with their pitch and roll spread so far about level and upright.
   */
  public record LandingView(
      int casts,
      double pitchSpreadDeg,
      double rollSpreadDeg,
      int sunk,
      int unsettled,
      List<PostureShareView> postures,
      List<ShareView> rests) {}

  /** Share of one posture, 0 to 1. */
  public record PostureShareView(String posture, double share, double low, double high) {}

  /** One rest and how many casts came to it; heights mm, angles degrees. */
  public record ShareView(
      String posture, int count, double eyeMm, double bendMm, double pitchDeg, double rollDeg) {}

  /** The largest weight in water, mg, that can be hung from the bend. */
  public record HungView(
      double inWaterMg,
      boolean more,
      UnderView under,
      List<BeadView> beads,
      List<NymphView> nymphs) {}

  /** How the fly sits under that weight; null if it carries nothing. */
  public record UnderView(
      String posture,
      double eyeMm,
      Judgement.Side eyeSide,
      double bendMm,
      double pitchDeg,
      Judgement.Tilt tilt,
      EstimateView.OutlineView outline) {}

  /** The largest bead that is no heavier. */
  public record BeadView(String metal, double diameterMm, double inWaterMg) {}

  /** The largest beaded nymph that is no heavier. */
  public record NymphView(String metal, int hookSize, double beadMm, double inWaterMg) {}

  /** How long it floats, by kind of water. */
  public record OverTimeView(List<WaterView> waters) {}

  /** Share still up against minutes and false casts on one kind of water; null: later than that. */
  public record WaterView(
      String water,
      List<Double> minutes,
      List<Double> up,
      List<Double> low,
      List<Double> high,
      List<Double> casts,
      LimitView median,
      LimitView dressAgain,
      int fish,
      boolean moreFish) {}

  /** A time, min. */
  public record LimitView(double minutes) {}

  /** A line with one thing on it. */
  static AnswerLine line(Object found) {
    return new AnswerLine(
        only(WaitView.class, found),
        only(ProgressView.class, found),
        only(EstimateView.class, found),
        only(WhatIfsView.class, found),
        only(LandingView.class, found),
        only(HungView.class, found),
        only(OverTimeView.class, found),
        only(AmountsView.class, found),
        only(SizeRunView.class, found),
        only(SubstitutesView.class, found),
        only(SupportedView.class, found),
        only(FootprintsView.class, found),
        only(ChangesView.class, found),
        only(ProblemDocument.class, found));
  }

  private static <T> T only(Class<T> type, Object found) {
    return type.isInstance(found) ? type.cast(found) : null;
  }

  /** A line that says how many are before it. */
  public static AnswerLine waits(int before) {
    return line(new WaitView(before));
  }

  /** A line that says how far it is. */
  public static AnswerLine progress(int done, int all) {
    return line(new ProgressView(done, all));
  }

  /** A line that says why there is no answer. */
  public static AnswerLine problem(ProblemDocument problem) {
    return line(problem);
  }

  /** The whole estimate. */
  public static AnswerLine of(EstimateView estimate) {
    return line(estimate);
  }

  /** What a tier asks. */
  public static AnswerLine of(WhatIfs whatIfs) {
    return line(WhatIfsView.of(whatIfs));
  }

  /** How a fly lands. */
  public static AnswerLine of(LandingShares s, Casts casts) {
    List<PostureShareView> postures =
        s.shares().stream()
            .map(share -> share.rest().posture())
            .distinct()
            .map(p -> posture(p, s.of(p)))
            .sorted(java.util.Comparator.comparingDouble(PostureShareView::share).reversed())
            .toList();
    List<ShareView> rests = s.shares().stream().map(AnswerLine::share).toList();
    LandingView landing =
        new LandingView(
            s.throwsMade(),
            casts.pitchSpreadDeg(),
            casts.rollSpreadDeg(),
            s.sunk(),
            s.unsettled(),
            postures,
            rests);
    return line(landing);
  }

  private static PostureShareView posture(Posture posture, LandingShares.Ratio r) {
    return new PostureShareView(
        word(posture), rounded(r.share(), 1e3), rounded(r.low(), 1e3), rounded(r.high(), 1e3));
  }

  private static ShareView share(LandingShares.Share s) {
    Rest r = s.rest();
    double roll = Math.toDegrees(Math.IEEEremainder(r.pose().rollRad(), 2 * Math.PI));
    return new ShareView(
        word(r.posture()),
        s.count(),
        rounded(r.eyeMm(), 1e2),
        rounded(r.bendMm(), 1e2),
        rounded(Math.toDegrees(r.pose().pitchRad()), 10),
        rounded(roll, 10));
  }

  /** What a fly can carry, drawn under that weight. */
  public static AnswerLine of(
      Hung h, SizedPattern sized, Materials materials, Conditions conditions) {
    UnderView under =
        h.carry()
            .under()
            .map(
                e ->
                    new UnderView(
                        word(e.posture()),
                        rounded(e.eyeMm(), 1e2),
                        Judgement.side(e.eyeMm()),
                        rounded(e.bendMm(), 1e2),
                        rounded(Math.toDegrees(e.pose().pitchRad()), 10),
                        Judgement.tilt(Math.toDegrees(e.pose().pitchRad())),
                        EstimateView.outline(
                            Outliner.at(
                                sized,
                                materials,
                                conditions,
                                e.pose(),
                                h.carry().state().orElseThrow()))))
            .orElse(null);
    HungView carry =
        new HungView(
            rounded(h.carry().mg(), 10),
            h.carry().more(),
            under,
            h.beads().stream()
                .map(b -> new BeadView(word(b.metal()), b.diameterMm(), rounded(b.inWaterMg(), 10)))
                .toList(),
            h.nymphs().stream()
                .map(
                    n ->
                        new NymphView(
                            word(n.metal()), n.hookSize(), n.beadMm(), rounded(n.inWaterMg(), 10)))
                .toList());
    return line(carry);
  }

  /** How long a fly floats on several kinds of water. */
  public static AnswerLine of(java.util.Map<Stretch, FloatOverTime> byWater) {
    List<WaterView> views =
        byWater.entrySet().stream().map(e -> overTime(e.getKey(), e.getValue())).toList();
    return line(new OverTimeView(views));
  }

  private static WaterView overTime(Stretch water, FloatOverTime f) {
    return new WaterView(
        word(water),
        f.minutes(),
        f.up().stream().map(v -> rounded(v, 1e3)).toList(),
        f.low().stream().map(v -> rounded(v, 1e3)).toList(),
        f.high().stream().map(v -> rounded(v, 1e3)).toList(),
        f.casts().stream().map(v -> rounded(v, 10)).toList(),
        limit(f.medianMinutes()),
        limit(f.dressAgainMinutes()),
        f.fish(),
        f.fish() == FloatOverTime.MOST_FISH);
  }

  private static LimitView limit(java.util.OptionalDouble minutes) {
    return minutes.isPresent() ? new LimitView(minutes.getAsDouble()) : null;
  }

  private static String word(Enum<?> constant) {
    return constant.name().toLowerCase(Locale.ROOT).replace('_', '-');
  }

  private static double rounded(double v, double parts) {
    return Math.round(v * parts) / parts + 0.0;
  }
}
