package ripplerest.exchange.card;

import java.util.List;
import java.util.Locale;
import java.util.function.Predicate;
import java.util.stream.Stream;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import ripplerest.core.outline.Outline;
import ripplerest.core.quantity.Sentence;
import ripplerest.core.tying.Card;

/**
 * A card as one picture whose user unit is the millimetre: printed at 100 % its bars are true. Each
 * step has the fly so far beside it, as it stands in the vise.
 */
public final class CardSvg {
  private static final double WIDTH = 190;
  private static final double MARGIN = 10;
  private static final double TEXT = 3.6;
  private static final double LINE = 4.8;
  private static final double SO_FAR = 46;
  private static final double SO_FAR_HIGH = 24;
  private static final double WORDS_FROM = MARGIN + SO_FAR + 5;

  /** Mean width of a letter, in its size; lines are broken by it. */
  private static final double LETTER = 0.5;

  private final StringBuilder out = new StringBuilder();
  private double y = MARGIN;

  private CardSvg() {}

  /**
   * Writes a card.
   *
   * @param rest the fly as it rests, from the side
   * @param vise the fly as it stands in the vise
   * @param shankMm its shank
   */
  public static String of(Card card, Outline rest, Outline vise, double shankMm) {
    CardSvg svg = new CardSvg();
    svg.card(card, rest, vise, shankMm);
    return String.format(
            Locale.ROOT,
            "<svg xmlns=\"http://www.w3.org/2000/svg\" width=\"%1$.0fmm\" height=\"%2$.0fmm\""
                + " viewBox=\"0 0 %1$.0f %2$.0f\" font-family=\"Georgia, serif\""
                + " stroke-linecap=\"round\" stroke-linejoin=\"round\">\n<title>%3$s</title>\n",
            WIDTH,
            svg.y + MARGIN,
            escaped(card.name()))
        + svg.out
        + "</svg>\n";
  }

  private void card(Card card, Outline rest, Outline vise, double shankMm) {
    words(card.name(), MARGIN, 7, true);
    words("Hook: " + card.hook(), MARGIN, TEXT, false);
    Extent whole = Extent.of(rest);
    double scale = Math.min(4, (WIDTH - 3 * MARGIN - whole.wide()) / whole.wide());
    y += 2 + Math.max(1, whole.top()) * scale;
    out.append(
        form(
            "<line x1=\"%.1f\" x2=\"%.1f\" y1=\"%.2f\" y2=\"%.2f\" stroke=\"#185a64\" stroke-width=\"0.2\"/>\n",
            MARGIN, WIDTH - MARGIN, y, y));
    fly(rest, MARGIN - whole.left() * scale, y, scale, part -> true);
    fly(rest, WIDTH - MARGIN - whole.wide() - whole.left(), y, 1, part -> true);
    y += Math.max(2, -whole.bottom() * scale) + 4;
    words(
        String.format(Locale.ROOT, "at rest, left %.1f : 1, right 1 : 1", scale), MARGIN, 3, false);
    bar("shank from the eye", shankMm);
    card.bars().forEach(b -> bar(b.name(), b.mm()));
    bar("this bar has to measure 50 mm, or print at 100 %", CardPdf.CHECK_MM);
    y += 3;
    named("For", card.visitor());
    named("Asked for", card.asked());
    named("Notes", card.notes());
    words("Before you start", MARGIN, 4.6, true);
    card.preparation().forEach(p -> words("• " + p, MARGIN, TEXT, false));
    int number = 1;
    for (Card.Step step : card.steps()) {
      step(number, step, vise, card.onTheHook(number));
      number++;
    }
    card.problems().forEach(p -> words("Order: " + p.words(), MARGIN, TEXT, false));
    y += 2;
    words("Care", MARGIN, 4.6, true);
    card.cautions().forEach(c -> words("• " + c, MARGIN, TEXT, false));
  }

  private void step(int number, Card.Step step, Outline vise, List<String> done) {
    y += 3;
    double top = y;
    Extent whole = Extent.of(vise);
    double scale = Math.min(SO_FAR / whole.wide(), SO_FAR_HIGH / (whole.top() - whole.bottom()));
    fly(vise, MARGIN - whole.left() * scale, top + whole.top() * scale, scale, done::contains);
    words(number + ". " + CardText.titled(step), WORDS_FROM, 4.2, true);
    told("where", step.place().toString());
    told("take", Sentence.join("; ", step.take()).toString());
    words(step.how().toString(), WORDS_FROM, TEXT, false);
    told("check", step.check().toString());
    told(step.mistake().toString().replaceFirst("\\.$", "?"), step.remedy().toString());
    told("caution", step.caution());
    told("note", step.note());
    words(step.ways().toString(), WORDS_FROM, 3, false);
    y = Math.max(y, top + SO_FAR_HIGH);
  }

  private void named(String name, String words) {
    if (!words.isEmpty()) {
      words(CardText.labelled(name, words), MARGIN, TEXT, false);
    }
  }

  private void told(String name, String words) {
    if (!words.isEmpty()) {
      words(CardText.labelled(name, words), WORDS_FROM, TEXT, false);
    }
  }

  private void bar(String name, double mm) {
    y += 5.5;
    out.append(
        form(
            "<rect class=\"bar\" x=\"%.1f\" y=\"%.2f\" width=\"%.3f\" height=\"2.2\" data-mm=\"%.3f\"/>\n",
            MARGIN, y - 2.2, mm, mm));
    String words =
        mm == CardPdf.CHECK_MM ? name : String.format(Locale.ROOT, "%s %.1f mm", name, mm);
    out.append(
        form("<text x=\"%.2f\" y=\"%.2f\" font-size=\"3\">", MARGIN + mm + 2, y)
            + escaped(words)
            + "</text>\n");
  }

  private void words(String words, double x, double size, boolean strong) {
    int most = (int) ((WIDTH - MARGIN - x) / (LETTER * size));
    StringBuilder line = new StringBuilder();
    for (String word : words.split(" ")) {
      if (!line.isEmpty() && line.length() + 1 + word.length() > most) {
        line(line.toString(), x, size, strong);
        line.setLength(0);
      }
      line.append(line.isEmpty() ? "" : " ").append(word);
    }
    if (!line.isEmpty()) {
      line(line.toString(), x, size, strong);
    }
  }

  private void line(String words, double x, double size, boolean strong) {
    y += size * LINE / TEXT;
    out.append(form("<text x=\"%.1f\" y=\"%.2f\" font-size=\"%.1f\"", x, y, size))
        .append(strong ? " font-weight=\"bold\">" : ">")
        .append(escaped(words))
        .append("</text>\n");
  }

  private void fly(Outline fly, double x, double film, double scale, Predicate<String> parts) {
    out.append(
        form("<g transform=\"translate(%.2f %.2f) scale(%.4f)\" fill=\"none\">\n", x, film, scale));
    fly.fibres().stream()
        .filter(f -> parts.test(f.part()))
        .forEach(f -> path(f.line(), 0.05, "#9a6428"));
    path(fly.wire(), fly.wireMm(), "#2a3038");
    path(fly.eye(), fly.wireMm(), "#2a3038");
    for (Outline.Thick m : fly.members()) {
      if (parts.test(m.part())) {
        double radius = m.radiiMm().stream().mapToDouble(r -> r).average().orElse(0.1);
        path(m.axis(), 2 * radius, "#68784f");
      }
    }
    fly.strands().stream()
        .filter(s -> parts.test(s.part()))
        .forEach(s -> path(s.axis(), s.thickMm(), "#b08a2e"));
    out.append("</g>\n");
  }

  private void path(List<Vector3D> points, double wide, String colour) {
    StringBuilder d = new StringBuilder();
    for (Vector3D p : points) {
      d.append(d.isEmpty() ? "M" : "L").append(form("%.3f %.3f", p.getX(), -p.getZ()));
    }
    out.append(form("<path d=\"%s\" stroke-width=\"%.3f\" stroke=\"%s\"/>\n", d, wide, colour));
  }

  private static String form(String form, Object... values) {
    return String.format(Locale.ROOT, form, values);
  }

  private static String escaped(String words) {
    return words
        .replace("&", "&amp;")
        .replace("<", "&lt;")
        .replace(">", "&gt;")
        .replace("\"", "&quot;");
  }

  /** The least upright box round a fly, mm; the film, or the shank in the vise, is at 0. */
  private record Extent(double left, double right, double bottom, double top) {
    static Extent of(Outline fly) {
      List<Vector3D> all =
          Stream.of(
                  fly.wire().stream(),
                  fly.eye().stream(),
                  fly.fibres().stream().flatMap(f -> f.line().stream()),
                  fly.members().stream().flatMap(m -> m.axis().stream()))
              .flatMap(s -> s)
              .toList();
      return new Extent(
          all.stream().mapToDouble(Vector3D::getX).min().orElse(0),
          all.stream().mapToDouble(Vector3D::getX).max().orElse(1),
          all.stream().mapToDouble(Vector3D::getZ).min().orElse(-1),
          all.stream().mapToDouble(Vector3D::getZ).max().orElse(1));
    }

    double wide() {
      return right - left;
    }
  }
}
