package ripplerest.exchange.card;

import java.awt.geom.AffineTransform;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.apache.pdfbox.pdmodel.font.PDFont;
import org.apache.pdfbox.pdmodel.font.PDType0Font;
import org.apache.pdfbox.util.Matrix;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import ripplerest.core.outline.Outline;
import ripplerest.core.quantity.Sentence;
import ripplerest.core.steps.OrderOfWork;
import ripplerest.core.tying.Card;

/**
 * A card on paper at true size: the fly at 1:1 and enlarged, a ruler of the shank, bars to lay
 * material on, a bar of 50 mm to check the printer by, and the steps.
 */
public final class CardPdf {
  /** Points a millimetre: a point is 1/72 of an inch of 25.4 mm. */
  public static final float POINTS = 72f / 25.4f;

  /** Length of the bar that shows whether the printer kept the size, mm. */
  public static final double CHECK_MM = 50;

  private static final String FONT = "/org/apache/pdfbox/resources/ttf/LiberationSans-Regular.ttf";
  private static final float MARGIN = 12;
  private static final float BAR_MM = 2.2f;
  private static final float LINE = 1.32f;
  private static final double ENLARGED = 4;

  private final PDDocument document = new PDDocument();
  private final PDRectangle paper;
  private final PDFont font;
  private PDPageContentStream page;
  private float y;

  /** Papers that a card is printed on. */
  public enum Paper {
    A5(148, 210),
    A4(210, 297),
    LETTER(215.9f, 279.4f);

    private final PDRectangle size;

    Paper(float widthMm, float heightMm) {
      size = new PDRectangle(widthMm * POINTS, heightMm * POINTS);
    }
  }

  private CardPdf(Paper paper) throws IOException {
    this.paper = paper.size;
    try (InputStream in = PDDocument.class.getResourceAsStream(FONT)) {
      this.font = PDType0Font.load(document, in);
    }
  }

  /**
   * Writes a card.
   *
   * @param fly as it rests, from the side
   * @param shankMm its shank
   * @param eyeMm its eye length
   */
  public static byte[] of(Card card, Outline fly, double shankMm, double eyeMm, Paper paper) {
    try {
      CardPdf pdf = new CardPdf(paper);
      pdf.write(card, fly, shankMm, eyeMm);
      ByteArrayOutputStream out = new ByteArrayOutputStream();
      pdf.page.close();
      pdf.document.save(out);
      pdf.document.close();
      return out.toByteArray();
    } catch (IOException e) {
      throw new UncheckedIOException(e); // nothing is read or written outside of memory
    }
  }

  private void write(Card card, Outline fly, double shankMm, double eyeMm) throws IOException {
    turn();
    text(card.name(), 17, MARGIN);
    text("Hook: " + card.hook(), 9.5f, MARGIN);
    labelled("For", card.visitor());
    labelled("Asked for", card.asked());
    labelled("Notes", card.notes().replaceAll("\\s+", " "));
    drawings(fly);
    ruler(shankMm, eyeMm);
    bars(card);
    heading("Before you start");
    for (Sentence p : card.preparation()) {
      text("• " + p, 9.5f, MARGIN);
    }
    int number = 1;
    for (Card.Step step : card.steps()) {
      step(number++, step);
    }
    for (OrderOfWork.Problem problem : card.problems()) {
      text("Order: " + problem.words(), 9.5f, MARGIN);
    }
    heading("Care");
    for (String caution : card.cautions()) {
      text("• " + caution, 9.5f, MARGIN);
    }
    text(
        "About %.0f minutes (assumption).".formatted(Math.ceil(card.seconds() / 60)), 9.5f, MARGIN);
  }

  private void step(int number, Card.Step step) throws IOException {
    room(24);
    heading(number + ". " + CardText.titled(step));
    labelled("where", step.place().toString());
    labelled("take", Sentence.join("; ", step.take()).toString());
    text(step.how().toString(), 9.5f, MARGIN);
    labelled("check", step.check().toString());
    labelled(step.mistake().toString().replaceFirst("\\.$", "?"), step.remedy().toString());
    labelled("caution", step.caution());
    labelled("note", step.note().replaceAll("\\s+", " "));
    text(step.ways().toString(), 8.5f, MARGIN);
  }

  private void labelled(String name, String words) throws IOException {
    if (!words.isEmpty()) {
      text(CardText.labelled(name, words), 9.5f, MARGIN);
    }
  }

  private void heading(String words) throws IOException {
    room(12);
    y -= 1.5f * POINTS;
    text(words, 11.5f, MARGIN);
  }

  /** The fly enlarged on the left and at 1:1 on the right, both on one film line. */
  private void drawings(Outline fly) throws IOException {
    double width = width(fly);
    double fits = (paper.getWidth() / POINTS - 3 * MARGIN - width) / width;
    double scale = Math.max(1, Math.min(ENLARGED, fits));
    double up = highest(fly) * scale;
    double down = -lowest(fly) * scale;
    y -= (float) ((up + 4) * POINTS);
    float film = y;
    draw(fly, MARGIN - leftmost(fly) * scale, film, scale);
    double right = paper.getWidth() / POINTS - MARGIN - width;
    draw(fly, right - leftmost(fly), film, 1);
    page.setLineWidth(0.6f);
    page.moveTo(MARGIN * POINTS, film);
    page.lineTo(paper.getWidth() - MARGIN * POINTS, film);
    page.stroke();
    y -= (float) ((Math.max(0, down) + 3) * POINTS);
    text("at rest, from the side; left %.1f : 1, right 1 : 1".formatted(scale), 8.5f, MARGIN);
  }

  private void draw(Outline fly, double originMm, float film, double scale) throws IOException {
    page.saveGraphicsState();
    page.transform(
        new Matrix(
            new AffineTransform(POINTS * scale, 0, 0, POINTS * scale, originMm * POINTS, film)));
    for (Outline.Thin fibre : fly.fibres()) {
      line(fibre.line(), 0.05f);
    }
    line(fly.wire(), (float) fly.wireMm());
    line(fly.eye(), (float) fly.wireMm());
    for (Outline.Thick member : fly.members()) {
      double radius = member.radiiMm().stream().mapToDouble(r -> r).average().orElse(0.1);
      line(member.axis(), (float) (2 * radius));
    }
    page.restoreGraphicsState();
  }

  private void line(List<Vector3D> points, float widthMm) throws IOException {
    page.setLineWidth(widthMm);
    for (int i = 0; i < points.size(); i++) {
      float x = (float) points.get(i).getX();
      float z = (float) points.get(i).getZ();
      if (i == 0) {
        page.moveTo(x, z);
      } else {
        page.lineTo(x, z);
      }
    }
    page.stroke();
  }

  /** The shank at 1:1 from the eye: millimetres over it, eye lengths under it. */
  private void ruler(double shankMm, double eyeMm) throws IOException {
    y -= 4 * POINTS;
    float left = MARGIN * POINTS;
    bar(left, y, shankMm);
    page.setLineWidth(0.3f);
    for (double mm = 0; mm <= shankMm; mm++) {
      tick(left + (float) (mm * POINTS), y + BAR_MM * POINTS, 1.5f);
    }
    for (double mm = 0; mm <= shankMm; mm += eyeMm) {
      tick(left + (float) (mm * POINTS), y, -1.5f);
    }
    label(
        left + (float) ((shankMm + 2) * POINTS),
        "shank from the eye, %.1f mm; mm above, eye lengths below".formatted(shankMm));
  }

  private void tick(float x, float from, float mm) throws IOException {
    page.moveTo(x, from);
    page.lineTo(x, from + mm * POINTS);
    page.stroke();
  }

  private void bars(Card card) throws IOException {
    List<Card.Bar> all = new ArrayList<>(card.bars());
    all.add(new Card.Bar("this bar has to measure 50 mm, or print at 100 %", CHECK_MM));
    for (Card.Bar bar : all) {
      room(8);
      y -= 5.5f * POINTS;
      bar(MARGIN * POINTS, y, bar.mm());
      String words =
          bar.mm() == CHECK_MM
              ? bar.name()
              : String.format(Locale.ROOT, "%s %.1f mm", bar.name(), bar.mm());
      label((float) ((MARGIN + bar.mm() + 2) * POINTS), words);
    }
    y -= 2 * POINTS;
  }

  private void bar(float x, float from, double mm) throws IOException {
    page.addRect(x, from, (float) (mm * POINTS), BAR_MM * POINTS);
    page.fill();
  }

  private void label(float x, String words) throws IOException {
    page.beginText();
    page.setFont(font, 8.5f);
    page.newLineAtOffset(x, y + 0.3f * POINTS);
    page.showText(printable(words));
    page.endText();
  }

  /** Words in lines as wide as the page; a new page where one is full. */
  private void text(String words, float size, float leftMm) throws IOException {
    if (words.isEmpty()) {
      return;
    }
    float wide = paper.getWidth() - (leftMm + MARGIN) * POINTS;
    StringBuilder line = new StringBuilder();
    for (String word : printable(words).split(" ")) {
      String longer = line.isEmpty() ? word : line + " " + word;
      if (!line.isEmpty() && font.getStringWidth(longer) / 1000 * size > wide) {
        show(line.toString(), size, leftMm);
        line = new StringBuilder(word);
      } else {
        line = new StringBuilder(longer);
      }
    }
    show(line.toString(), size, leftMm);
  }

  private void show(String line, float size, float leftMm) throws IOException {
    room(size * LINE / POINTS);
    y -= size * LINE;
    page.beginText();
    page.setFont(font, size);
    page.newLineAtOffset(leftMm * POINTS, y);
    page.showText(line);
    page.endText();
  }

  /** What the font has no sign for is shown as a question mark, not refused. */
  private String printable(String words) {
    StringBuilder kept = new StringBuilder();
    words
        .codePoints()
        .forEach(
            c -> {
              String sign = new String(Character.toChars(c));
              try {
                font.encode(sign);
                kept.append(sign);
              } catch (IOException | IllegalArgumentException e) {
                kept.append('?');
              }
            });
    return kept.toString();
  }

  private void room(float mm) throws IOException {
    if (y - mm * POINTS < MARGIN * POINTS) {
      turn();
    }
  }

  private void turn() throws IOException {
    if (page != null) {
      page.close();
    }
    PDPage next = new PDPage(paper);
    document.addPage(next);
    page = new PDPageContentStream(document, next);
    page.setLineCapStyle(1);
    page.setLineJoinStyle(1);
    y = paper.getHeight() - MARGIN * POINTS;
  }

  private static double width(Outline fly) {
    return points(fly).stream().mapToDouble(Vector3D::getX).max().orElse(1) - leftmost(fly);
  }

  private static double leftmost(Outline fly) {
    return points(fly).stream().mapToDouble(Vector3D::getX).min().orElse(0);
  }

  private static double highest(Outline fly) {
    return Math.max(1, points(fly).stream().mapToDouble(Vector3D::getZ).max().orElse(0));
  }

  private static double lowest(Outline fly) {
    return Math.min(-1, points(fly).stream().mapToDouble(Vector3D::getZ).min().orElse(0));
  }

  private static List<Vector3D> points(Outline fly) {
    List<Vector3D> all = new ArrayList<>(fly.wire());
    all.addAll(fly.eye());
    fly.fibres().forEach(f -> all.addAll(f.line()));
    fly.members().forEach(m -> all.addAll(m.axis()));
    return all;
  }
}
