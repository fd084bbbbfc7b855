package ripplerest.exchange.view;

import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import ripplerest.core.estimate.Differences;
import ripplerest.core.estimate.Estimate;
import ripplerest.core.estimate.Headline;
import ripplerest.core.hook.Hook;
import ripplerest.core.outline.Outline;
import ripplerest.core.outline.Outliner;
import ripplerest.core.quantity.Sentence;
import ripplerest.core.quantity.Warning;
import ripplerest.core.quantity.Words;
import ripplerest.core.rest.FilmReserve;
import ripplerest.core.rest.Footprint;
import ripplerest.core.rest.Judgement;
import ripplerest.core.rest.NoRest;
import ripplerest.core.rest.Outcome;
import ripplerest.core.rest.Rest;
import ripplerest.core.rest.Sitting;
import ripplerest.core.sizing.Feather;
import ripplerest.core.sizing.Handle;
import ripplerest.core.sizing.SizedPattern;

/**
 * An estimate as it is sent and printed: lengths mm and masses mg to three decimals, angles degrees
 * to two, shares of the whole weight to four. Fields that do not apply are null. Parts are called
 * by their names: the kind, and from the second of a kind on its number; {@code parts} lists them
 * in tying order.
 */
public record EstimateView(
    Sentence verdict,
    Outcome outcome,
    Sitting sits,
    HookView hook,
    List<String> parts,
    List<DimensionView> dimensions,
    List<SpanView> spans,
    List<LandmarkView> landmarks,
    List<FeatherView> feathers,
    List<WeightView> weight,
    double massMg,
    double popBackMg,
    Judgement.PopsBack popsBack,
    RestView rest,
    NoRest noRest,
    HeadlineView headline,
    List<RestView> others,
    ReserveView reserve,
    FootprintView footprint,
    BandView band,
    List<WarningView> warnings,
    List<String> leftOut,
    OutlineView outline,
    List<HandleView> handles,
    List<HandleView.SnapView> places,
    Sentence asLongAs,
    FiguresView figures) {

  /**
   * How most casts end.
   *
   * @param close whether the two commonest ways are as common as each other, for all that was seen
   * @param ways the commonest first
   */
  public record HeadlineView(int casts, boolean close, List<WayView> ways) {}

  /** One way to end: casts that ended so, and the middle 80 % of their share. */
  public record WayView(Sitting sits, int count, double low, double high) {}

  /** Dimensions of the hook, mm. */
  public record HookView(
      double shankMm, double gapMm, double wireMm, double eyeMm, double hookLengthMm) {}

  /** A sized length: mm, eye lengths, and the rule it came from. */
  public record DimensionView(
      String part, String name, double mm, double eyeLengths, String rule) {}

  /** A stretch of the shank, mm from the rear edge of the eye. */
  public record SpanView(
      String part, SizedPattern.Span.Role role, String label, double fromMm, double toMm) {}

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
  public record WarningView(
      String code, String part, Sentence message, double amount, String unit) {}

  /** The figures that are told against another fly's; {@code reserve} is null until it is known. */
  public record FiguresView(
      Sitting sits, double eyeMm, double bendMm, double pointMm, double pitchDeg, Double reserve) {}

  /** The view of an estimate in numbers, with nothing to draw. */
  public static EstimateView of(Estimate e) {
    return of(e, rest -> Optional.empty(), Optional.empty());
  }

  /** The view of an estimate, with lines to draw of every rest. */
  public static EstimateView withOutline(Estimate e) {
    return of(
        e, rest -> Optional.of(Outliner.of(e.sized(), rest.film())), Optional.of(Outliner.of(e)));
  }

  private static SpanView span(SizedPattern.Piece piece) {
    SizedPattern.Span top = piece.outermost();
    return new SpanView(top.part(), top.role(), top.label(), mm(piece.fromMm()), mm(piece.toMm()));
  }

  private static EstimateView of(
      Estimate e, Function<Rest, Optional<Outline>> drawn, Optional<Outline> outline) {
    return new EstimateView(
        e.verdict(),
        e.outcome(),
        e.sits(),
        hook(e.sized().hook()),
        e.sized().pattern().names(),
        e.sized().dimensions().stream().map(EstimateView::dimension).toList(),
        e.sized().pieces().stream().map(EstimateView::span).toList(),
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
        popsBack(e),
        e.rest().map(r -> RestView.of(r, e.massMg(), Optional.empty())).orElse(null),
        e.noRest().orElse(null),
        e.headline().map(EstimateView::headline).orElse(null),
        e.others().stream().map(r -> RestView.of(r, e.massMg(), drawn.apply(r))).toList(),
        e.reserve().map(EstimateView::reserve).orElse(null),
        e.footprint().map(EstimateView::footprint).orElse(null),
        e.band().map(EstimateView::band).orElse(null),
        e.warnings().stream().map(EstimateView::warning).toList(),
        e.leftOut(),
        outline.map(OutlineView::of).orElse(null),
        outline.map(o -> HandleView.of(e.sized(), o)).orElse(List.of()),
        outline.map(o -> HandleView.snaps(Handle.places(e.sized()))).orElse(List.of()),
        e.sized().asLongAs(),
        figures(Differences.Figures.of(e)));
  }

  private static HeadlineView headline(Headline h) {
    return new HeadlineView(
        h.casts(),
        h.isClose(),
        h.ways().stream()
            .map(
                w ->
                    new WayView(
                        w.sits(), w.count(), share(w.share().low()), share(w.share().high())))
            .toList());
  }

  private static Judgement.PopsBack popsBack(Estimate e) {
    double lift = e.popBackMg();
    return e.band()
        .map(b -> Judgement.popsBack(b.popBackMg().low(), b.popBackMg().high()))
        .orElse(Judgement.popsBack(lift, lift));
  }

  private static FiguresView figures(Differences.Figures f) {
    return new FiguresView(
        f.sits(),
        mm(f.eyeMm()),
        mm(f.bendMm()),
        mm(f.pointMm()),
        degrees(f.pitchDeg()),
        f.reserve().map(EstimateView::degrees).orElse(null));
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
        Words.rounded(f.hackleSize(), 1),
        Words.rounded(f.usedMm(), 1),
        f.handMm().orElse(0.0),
        Words.rounded(f.runsOutAfter().orElse(0.0), 1));
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

  private static double mm(double v) {
    return Words.rounded(v, 3);
  }

  private static double degrees(double v) {
    return Words.rounded(v, 2);
  }

  private static double share(double v) {
    return Words.rounded(v, 4);
  }
}
