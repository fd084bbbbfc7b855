package ripplerest.exchange.view;

import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.Function;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import ripplerest.core.estimate.Estimate;
import ripplerest.core.hook.Hook;
import ripplerest.core.material.Materials;
import ripplerest.core.outline.Outline;
import ripplerest.core.outline.Outliner;
import ripplerest.core.quantity.Warning;
import ripplerest.core.rest.FilmReserve;
import ripplerest.core.rest.Footprint;
import ripplerest.core.rest.Judgement;
import ripplerest.core.rest.Outcome;
import ripplerest.core.rest.Rest;
import ripplerest.core.sizing.Feather;
import ripplerest.core.sizing.SizedPattern;

/**
 * An estimate as it is sent and printed: lengths mm and masses mg to three decimals, angles degrees
 * to two, shares of the whole weight to four. Fields that do not apply are null. Parts are called
 * by their names: the kind, and from the second of a kind on its number; {@code parts} lists them
 * in tying order.
 */
public record EstimateView(
    String verdict,
    Outcome outcome,
    String posture,
    HookView hook,
    List<String> parts,
    List<DimensionView> dimensions,
    List<SpanView> spans,
    List<LandmarkView> landmarks,
    List<FeatherView> feathers,
    List<WeightView> weight,
    double massMg,
    double popBackMg,
    RestView rest,
    String reason,
    List<RestView> others,
    ReserveView reserve,
    FootprintView footprint,
    BandView band,
    List<WarningView> warnings,
    List<String> leftOut,
    OutlineView outline,
    List<HandleView> handles) {

  /** Dimensions of the hook, mm. */
  public record HookView(
      double shankMm, double gapMm, double wireMm, double eyeMm, double hookLengthMm) {}

  /** A sized length: mm, eye lengths, and the rule it came from. */
  public record DimensionView(
      String part, String name, double mm, double eyeLengths, String rule) {}

  /** A stretch of the shank, mm from the rear edge of the eye. */
  public record SpanView(String part, String label, double fromMm, double toMm) {}

  /** A place on the shank, mm from the rear edge of the eye, in eye lengths and in shanks. */
  public record LandmarkView(String name, double mm, double eyeLengths, double shareOfShank) {}

  /**
   * What a hackle asks of its feather: hook number whose rule its barbs fit, mm used; 0 mm at hand
   * where nobody measured, and 0 turns where it does not run out.
   */
  public record FeatherView(
      String part, double hackleSize, double usedMm, double handMm, double runsOutAfterTurns) {}

  /** Mass of one part and its share of the whole. */
  public record WeightView(String part, double massMg, double share) {}

  /** One rest: heights over the undisturbed level, mm; lines to draw only for the others. */
  public record RestView(
      String landedFrom,
      double pressed,
      String posture,
      double pitchDeg,
      Judgement.Tilt tilt,
      double rollDeg,
      double eyeMm,
      Judgement.Side eyeSide,
      double bendMm,
      Judgement.Side bendSide,
      double pointMm,
      Judgement.Side pointSide,
      FibresView fibres,
      List<SupportView> support,
      ProofView proof,
      StiffnessView sliding,
      StiffnessView pinned,
      Outcome recedingEnds,
      EndView receding,
      Outcome advancingEnds,
      EndView advancing,
      OutlineView outline) {}

  /** Stiffness of a small heave (µN/mm), pitch and roll (µN·mm/rad). */
  public record StiffnessView(double heave, double pitch, double roll) {}

  /** An end of the interval of rests that hysteresis allows; null where it does not rest so. */
  public record EndView(
      String posture, double pitchDeg, double eyeMm, double bendMm, double pointMm) {}

  /** Fibres by state. */
  public record FibresView(int dry, int lying, int crossing, int drowned) {}

  /** Shares of the whole weight that a part holds; negative where the film pulls it down. */
  public record SupportView(String part, double film, double buoyancy, double total) {}

  /** Residuals as shares of weight, and weight times shank; eigenvalues of the Hessian, µN/mm. */
  public record ProofView(
      double forceShare,
      double momentShare,
      double filmShare,
      List<Double> stiffness,
      int pendingChanges,
      int caught) {}

  /**
   * Factors on the whole weight; {@code beyond} means more than the last factor tried, {@code
   * rough} that the way down was not followed to its end or not in balance.
   */
  public record ReserveView(double keepsPostureTo, double sinksAt, boolean beyond, boolean rough) {}

  /**
   * What the fly presses into the film, mm; depths by row (across) and column (along), the first
   * middle at {@code fromMm} both ways, cells {@code cellMm} wide.
   */
  public record FootprintView(
      double lengthMm,
      double widthMm,
      int dimples,
      double deepestMm,
      double cellMm,
      double fromMm,
      List<double[]> depthMm) {}

  /** Middle 80 %, and the decimals that a number with it deserves; negative for tens. */
  public record IntervalView(double low, double high, int decimals) {}

  /** Middle 80 % of what one part holds, as shares of the weight. */
  public record PartIntervalView(String part, double low, double high) {}

  /** Bands over draws of the priors. */
  public record BandView(
      int samples,
      int floated,
      int samePosture,
      IntervalView eyeMm,
      IntervalView bendMm,
      IntervalView pointMm,
      IntervalView pitchDeg,
      IntervalView reserve,
      IntervalView sinksAt,
      IntervalView popBackMg,
      IntervalView massMg,
      List<PartIntervalView> support) {}

  /** Something a tier should know. */
  public record WarningView(String code, String part, String message, double amount, String unit) {}

  /** Lines to draw, world frame, mm: {@code [x, y, z]}, z up from the undisturbed level. */
  public record OutlineView(
      List<double[]> eye,
      List<double[]> wire,
      double wireMm,
      List<ThickView> members,
      List<WoundView> strands,
      List<ThinView> fibres,
      List<double[]> film,
      List<double[]> across) {}

  /** A thick member: its axis and the radius at each point of it, mm. */
  public record ThickView(String part, List<double[]> axis, List<Double> radiiMm) {}

  /** A strand of rib or wire, or a band: its axis and thickness, mm. */
  public record WoundView(String part, List<double[]> axis, double thickMm) {}

  /** A fibre: its state, whether the film bears it, and its bent line. */
  public record ThinView(String part, String state, boolean bears, List<double[]> line) {}

  /** The view of an estimate in numbers, with nothing to draw. */
  public static EstimateView of(Estimate e) {
    return of(e, rest -> Optional.empty(), Optional.empty());
  }

  /** The view of an estimate, with lines to draw of every rest. */
  public static EstimateView drawn(Estimate e, Materials materials) {
    Function<Rest, Optional<Outline>> drawn =
        rest -> Optional.of(Outliner.of(e.sized(), materials, e.conditions(), rest));
    Optional<Outline> first =
        e.rest()
            .map(drawn)
            .orElseGet(() -> Optional.of(Outliner.dry(e.sized(), materials, e.conditions())));
    return of(e, drawn, first);
  }

  private static EstimateView of(
      Estimate e, Function<Rest, Optional<Outline>> drawn, Optional<Outline> outline) {
    return new EstimateView(
        e.verdict(),
        e.outcome(),
        e.word(),
        hook(e.sized().hook()),
        e.sized().pattern().names(),
        e.sized().dimensions().stream().map(EstimateView::dimension).toList(),
        e.sized().spans().stream()
            .map(s -> new SpanView(s.part(), s.label(), mm(s.fromMm()), mm(s.toMm())))
            .toList(),
        e.sized().landmarks().stream()
            .map(
                l ->
                    new LandmarkView(
                        l.name(), mm(l.mm()), degrees(l.eyeLengths()), degrees(l.shareOfShank())))
            .toList(),
        e.sized().feathers().stream().map(EstimateView::feather).toList(),
        e.weight().stream()
            .map(w -> new WeightView(w.part(), mm(w.massMg()), share(w.massMg() / e.massMg())))
            .toList(),
        mm(e.massMg()),
        mm(e.popBackMg()),
        e.rest().map(r -> rest(r, e.massMg(), Optional.empty())).orElse(null),
        e.reason(),
        e.others().stream().map(r -> rest(r, e.massMg(), drawn.apply(r))).toList(),
        e.reserve().map(EstimateView::reserve).orElse(null),
        e.footprint().map(EstimateView::footprint).orElse(null),
        e.band().map(EstimateView::band).orElse(null),
        e.warnings().stream().map(EstimateView::warning).toList(),
        e.leftOut(),
        outline.map(EstimateView::outline).orElse(null),
        outline.map(o -> HandleView.of(e.sized(), o)).orElse(List.of()));
  }

  /** What lengths of a fly on this hook are measured by. */
  public static HookView hook(Hook h) {
    return new HookView(
        mm(h.shankMm()), mm(h.gapMm()), mm(h.wireMm()), mm(h.eyeMm()), mm(h.hookLengthMm()));
  }

  private static DimensionView dimension(SizedPattern.Dimension d) {
    return new DimensionView(d.part(), d.name(), mm(d.mm()), degrees(d.eyeLengths()), d.rule());
  }

  private static FeatherView feather(Feather f) {
    return new FeatherView(
        f.part(),
        rounded(f.hackleSize(), 10),
        rounded(f.usedMm(), 10),
        f.handMm().orElse(0.0),
        rounded(f.runsOutAfter().orElse(0.0), 10));
  }

  private static RestView rest(Rest r, double massMg, Optional<Outline> outline) {
    double weight = massMg * ripplerest.core.water.Water.GRAVITY;
    return new RestView(
        r.from().name(),
        degrees(r.pressed()),
        word(r.posture()),
        degrees(Math.toDegrees(r.pose().pitchRad())),
        Judgement.tilt(Math.toDegrees(r.pose().pitchRad())),
        degrees(Math.toDegrees(Math.IEEEremainder(r.pose().rollRad(), 2 * Math.PI))),
        mm(r.eyeMm()),
        Judgement.side(r.eyeMm()),
        mm(r.bendMm()),
        Judgement.side(r.bendMm()),
        mm(r.pointMm()),
        Judgement.side(r.pointMm()),
        new FibresView(
            r.fibres().dry(), r.fibres().lying(), r.fibres().crossing(), r.fibres().drowned()),
        r.support().stream()
            .map(
                s ->
                    new SupportView(
                        s.part(),
                        share(s.filmUn() / weight),
                        share(s.buoyancyUn() / weight),
                        share(s.totalUn() / weight)))
            .toList(),
        new ProofView(
            rounded(r.proof().forceShare(), 1e6),
            rounded(r.proof().momentShare(), 1e6),
            rounded(r.proof().filmShare(), 1e6),
            r.proof().stiffness().stream().map(k -> rounded(k, 1e2)).toList(),
            r.proof().pendingChanges(),
            r.proof().caught()),
        stiffness(r.sliding()),
        stiffness(r.pinned()),
        r.interval().recedingEnds(),
        r.interval().receding().map(EstimateView::end).orElse(null),
        r.interval().advancingEnds(),
        r.interval().advancing().map(EstimateView::end).orElse(null),
        outline.map(EstimateView::outline).orElse(null));
  }

  private static StiffnessView stiffness(Rest.Stiffness k) {
    return new StiffnessView(rounded(k.heave(), 10), rounded(k.pitch(), 1), rounded(k.roll(), 1));
  }

  private static EndView end(Rest.End e) {
    return new EndView(
        word(e.posture()),
        degrees(Math.toDegrees(e.pose().pitchRad())),
        mm(e.eyeMm()),
        mm(e.bendMm()),
        mm(e.pointMm()));
  }

  static FootprintView footprint(Footprint f) {
    return new FootprintView(
        mm(f.lengthMm()),
        mm(f.widthMm()),
        f.dimples(),
        mm(f.deepestMm()),
        mm(f.cellMm()),
        mm(f.fromXMm()),
        Arrays.stream(f.depthMm())
            .map(row -> Arrays.stream(row).map(EstimateView::mm).toArray())
            .toList());
  }

  private static ReserveView reserve(FilmReserve r) {
    return new ReserveView(
        degrees(r.keepsPostureTo()), degrees(r.sinksAt()), r.beyond(), r.path().isRough());
  }

  private static BandView band(Estimate.Band b) {
    return new BandView(
        b.samples(),
        b.floated(),
        b.samePosture(),
        interval(b.eyeMm()),
        interval(b.bendMm()),
        interval(b.pointMm()),
        interval(b.pitchDeg()),
        interval(b.reserve()),
        interval(b.sinksAt()),
        interval(Optional.of(b.popBackMg())),
        interval(Optional.of(b.massMg())),
        b.support().stream()
            .map(
                p ->
                    new PartIntervalView(p.part(), share(p.share().low()), share(p.share().high())))
            .toList());
  }

  private static IntervalView interval(Optional<Estimate.Interval> i) {
    return i.map(v -> new IntervalView(mm(v.low()), mm(v.high()), v.decimals())).orElse(null);
  }

  private static WarningView warning(Warning w) {
    return new WarningView(w.code(), w.part(), w.message(), mm(w.amount()), w.unit());
  }

  /** Several outlines as they are sent. */
  public static List<OutlineView> outlines(List<Outline> all) {
    return all.stream().map(EstimateView::outline).toList();
  }

  static OutlineView outline(Outline o) {
    return new OutlineView(
        line(o.eye()),
        line(o.wire()),
        mm(o.wireMm()),
        o.members().stream()
            .map(
                m ->
                    new ThickView(
                        m.part(),
                        line(m.axis()),
                        m.radiiMm().stream().map(EstimateView::mm).toList()))
            .toList(),
        o.strands().stream()
            .map(w -> new WoundView(w.part(), line(w.axis()), mm(w.thickMm())))
            .toList(),
        o.fibres().stream()
            .map(f -> new ThinView(f.part(), word(f.state()), f.bears(), line(f.line())))
            .toList(),
        line(o.film()),
        line(o.across()));
  }

  private static List<double[]> line(List<Vector3D> points) {
    return points.stream()
        .map(p -> new double[] {mm(p.getX()), mm(p.getY()), mm(p.getZ())})
        .toList();
  }

  private static String word(Enum<?> constant) {
    return constant.name().toLowerCase(Locale.ROOT).replace('_', '-');
  }

  private static double mm(double v) {
    return rounded(v, 1e3);
  }

  private static double degrees(double v) {
    return rounded(v, 1e2);
  }

  private static double share(double v) {
    return rounded(v, 1e4);
  }

  /** To a decimal, and never minus nought. */
  private static double rounded(double v, double parts) {
    return Math.round(v * parts) / parts + 0.0;
  }
}
