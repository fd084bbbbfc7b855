package ripplerest.exchange.view;

import java.util.List;
import java.util.stream.IntStream;
import ripplerest.core.dressing.Pattern;
import ripplerest.core.hook.Hook;
import ripplerest.core.outline.Outline;
import ripplerest.core.quantity.Sentence;
import ripplerest.core.quantity.Words;
import ripplerest.core.steps.OrderOfWork;
import ripplerest.core.tying.Card;
import ripplerest.core.tying.OwnTimes;
import ripplerest.core.tying.ThreadWalk;

/**
 * A card to tie by, as it is sent; places are mm from the eye, 0 to 0 where there is none. Times
 * are this tier's own as far as they were taken.
 */
public record CardView(
    String name,
    Sentence hook,
    EstimateView.HookView measure,
    String visitor,
    String asked,
    String notes,
    List<Sentence> preparation,
    Sentence thread,
    List<WrapsView> wraps,
    List<StepView> steps,
    List<Sentence> warnings,
    List<OrderOfWork.Problem> problems,
    List<BarView> bars,
    List<String> cautions,
    double seconds,
    OutlineView vise) {

  /** One step. */
  public record StepView(
      String key,
      String part,
      String title,
      String material,
      List<Sentence> take,
      Sentence place,
      double fromMm,
      double toMm,
      Sentence how,
      Sentence check,
      Sentence mistake,
      Sentence remedy,
      String caution,
      Sentence ways,
      String easier,
      String note,
      List<String> onTheHook,
      double weighsMg,
      double seconds,
      int timed,
      List<BarView> bars) {}

  /** Thread on a stretch of the shank, mm from the eye and mg. */
  public record WrapsView(
      String label, double fromMm, double toMm, double wraps, double layers, double massMg) {}

  /** A length at 1:1, mm. */
  public record BarView(String name, double mm) {}

  /**
   * A card as it is sent.
   *
   * @param hook that it is tied on
   * @param vise the fly as it stands in the vise
   * @param own how long this tier takes
   */
  public static CardView of(Card c, Hook hook, Outline vise, OwnTimes own) {
    return new CardView(
        c.name(),
        c.hook(),
        EstimateView.hook(hook),
        c.visitor(),
        c.asked(),
        c.notes(),
        c.preparation(),
        c.thread(),
        c.wraps().stream().map(CardView::wraps).toList(),
        IntStream.range(0, c.steps().size()).mapToObj(i -> step(c, i, own)).toList(),
        c.warnings(),
        c.problems(),
        c.bars().stream().map(CardView::bar).toList(),
        c.cautions(),
        Math.round(own.seconds(c)),
        OutlineView.of(vise));
  }

  private static StepView step(Card c, int i, OwnTimes own) {
    Card.Step s = c.steps().get(i);
    boolean placed = !Double.isNaN(s.fromMm());
    return new StepView(
        s.key(),
        s.part(),
        s.title(),
        s.material(),
        s.take(),
        s.place(),
        placed ? rounded(s.fromMm()) : 0,
        placed ? rounded(s.toMm()) : 0,
        s.how(),
        s.check(),
        s.mistake(),
        s.remedy(),
        s.caution(),
        s.ways(),
        s.easier(),
        s.note(),
        c.onTheHook(i + 1),
        rounded(c.weighsMg(i + 1)),
        Math.round(own.seconds(s)),
        own.timed(Pattern.kindOf(s.part())),
        s.bar().map(CardView::bar).stream().toList());
  }

  private static WrapsView wraps(ThreadWalk.Stretch s) {
    return new WrapsView(
        s.label(),
        Words.rounded(s.fromMm(), 1),
        Words.rounded(s.toMm(), 1),
        Math.rint(s.wraps()),
        Words.rounded(s.layers(), 1),
        Words.rounded(s.massMg(), 2));
  }

  private static BarView bar(Card.Bar b) {
    return new BarView(b.name(), rounded(b.mm()));
  }

  private static double rounded(double v) {
    return Words.rounded(v, 3);
  }
}
