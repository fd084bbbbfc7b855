package ripplerest.exchange;

import java.util.List;
import ripplerest.core.tying.Card;

/** A card to tie by, as it is sent; places are mm from the eye, 0 to 0 where there is none. */
public record CardView(
    String name,
    String hook,
    List<String> preparation,
    List<StepView> steps,
    List<BarView> bars,
    List<String> cautions,
    double seconds) {

  /** One step. */
  public record StepView(
      String part,
      String title,
      String material,
      List<String> take,
      String place,
      double fromMm,
      double toMm,
      String how,
      String check,
      String mistake,
      String remedy,
      String caution,
      String ways,
      double seconds,
      List<BarView> bars) {}

  /** A length at 1:1, mm. */
  public record BarView(String name, double mm) {}

  /** A card as it is sent. */
  public static CardView of(Card c) {
    return new CardView(
        c.name(),
        c.hook(),
        c.preparation(),
        c.steps().stream().map(CardView::step).toList(),
        c.bars().stream().map(CardView::bar).toList(),
        c.cautions(),
        c.seconds());
  }

  private static StepView step(Card.Step s) {
    boolean placed = !Double.isNaN(s.fromMm());
    return new StepView(
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
        s.seconds(),
        s.bar().map(CardView::bar).stream().toList());
  }

  private static BarView bar(Card.Bar b) {
    return new BarView(b.name(), rounded(b.mm()));
  }

  private static double rounded(double v) {
    return Math.round(v * 1e3) / 1e3;
  }
}
