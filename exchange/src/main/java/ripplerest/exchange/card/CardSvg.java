package ripplerest.exchange.card;

import java.awt.geom.Point2D;
import java.awt.geom.Rectangle2D;
import java.util.Locale;
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

  /** Writes a card. */
  public static String of(CardSheet sheet) {
    CardSvg svg = new CardSvg();
    svg.card(sheet);
    Card card = sheet.card();
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

  private void card(CardSheet sheet) {
    Card card = sheet.card();
    words(card.name(), MARGIN, 7, true);
    words("Hook: " + card.hook(), MARGIN, TEXT, false);
    Rectangle2D whole = sheet.atRest().extent();
    double scale = Math.min(4, (WIDTH - 3 * MARGIN - whole.getWidth()) / whole.getWidth());
    y += 2 + Math.max(1, whole.getMaxY()) * scale;
    out.append(
        form(
            "<line x1=\"%.1f\" x2=\"%.1f\" y1=\"%.2f\" y2=\"%.2f\" stroke=\"#185a64\" stroke-width=\"0.2\"/>\n",
            MARGIN, WIDTH - MARGIN, y, y));
    fly(sheet.atRest(), MARGIN - whole.getMinX() * scale, y, scale);
    fly(sheet.atRest(), WIDTH - MARGIN - whole.getMaxX(), y, 1);
    y += Math.max(2, -whole.getMinY() * scale) + 4;
    words(
        String.format(Locale.ROOT, "at rest, left %.1f : 1, right 1 : 1", scale), MARGIN, 3, false);
    bar("shank from the eye", sheet.hook().shankMm(), MARGIN);
    bar("this bar has to measure 50 mm, or print at 100 %", CardPdf.CHECK_MM, MARGIN);
    y += 3;
    named("For", card.visitor());
    named("Asked for", card.asked());
    named("Notes", card.notes());
    words("Before you start", MARGIN, 4.6, true);
    card.preparation().forEach(p -> words("• " + p, MARGIN, TEXT, false));
    card.warnings().forEach(w -> words("Mind: " + w, MARGIN, TEXT, false));
    words("Thread: " + card.thread(), MARGIN, TEXT, false);
    double scaleSoFar = sheet.inVise().scaleInto(SO_FAR, SO_FAR_HIGH);
    int number = 1;
    for (Card.Step step : card.steps()) {
      step(number, step, sheet.soFar(number), scaleSoFar);
      number++;
    }
    card.problems().forEach(p -> words("Order: " + p.words(), MARGIN, TEXT, false));
    y += 2;
    words("Care", MARGIN, 4.6, true);
    card.cautions().forEach(c -> words("• " + c, MARGIN, TEXT, false));
  }

  private void step(int number, Card.Step step, Figure soFar, double scale) {
    y += 3;
    double top = y;
    Rectangle2D whole = soFar.extent();
    if (!soFar.isEmpty()) {
      fly(soFar, MARGIN - whole.getMinX() * scale, top + whole.getMaxY() * scale, scale);
    }
    words(number + ". " + CardText.titled(step), WORDS_FROM, 4.2, true);
    told("where", step.place().toString());
    told("take", Sentence.join("; ", step.take()).toString());
    words(step.how().toString(), WORDS_FROM, TEXT, false);
    step.bar().ifPresent(b -> bar(b.name(), b.mm(), WORDS_FROM));
    told("check", step.check().toString());
    told(step.mistake().toString().replaceFirst("\\.$", "?"), step.remedy().toString());
    told("caution", step.caution());
    told("note", step.note());
    told("easier", step.easier());
    words(step.ways().toString(), WORDS_FROM, 3, false);
    y = Math.max(y, soFar.isEmpty() ? y : top + SO_FAR_HIGH);
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

  private void bar(String name, double mm, double x) {
    y += 5.5;
    out.append(
        form(
            "<rect class=\"bar\" x=\"%.1f\" y=\"%.2f\" width=\"%.3f\" height=\"2.2\" data-mm=\"%.3f\"/>\n",
            x, y - 2.2, mm, mm));
    String words =
        mm == CardPdf.CHECK_MM ? name : String.format(Locale.ROOT, "%s %.1f mm", name, mm);
    out.append(
        form("<text x=\"%.2f\" y=\"%.2f\" font-size=\"3\">", x + mm + 2, y)
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

  private void fly(Figure fly, double x, double film, double scale) {
    out.append(
        form("<g transform=\"translate(%.2f %.2f) scale(%.4f)\" fill=\"none\">\n", x, film, scale));
    for (Figure.Shape shape : fly.shapes()) {
      StringBuilder d = new StringBuilder();
      for (Point2D p : shape.points()) {
        d.append(d.isEmpty() ? "M" : "L").append(form("%.3f %.3f", p.getX(), -p.getY()));
      }
      String ink = form("#%06x", shape.ink().getRGB() & 0xffffff);
      out.append(
          shape.isArea()
              ? form("<path d=\"%sZ\" fill=\"%s\"/>\n", d, ink)
              : form(
                  "<path d=\"%s\" stroke-width=\"%.3f\" stroke=\"%s\"/>\n",
                  d, shape.widthMm(), ink));
    }
    out.append("</g>\n");
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
}
