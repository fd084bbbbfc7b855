package ripplerest.exchange.card;

import java.awt.Color;
import java.awt.geom.Point2D;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.font.PDFont;

/** Draws on one page; all places are mm from its lower left corner. */
final class Pen {
  private static final float POINTS = CardPdf.POINTS;

  private final PDFont font;
  private PDPageContentStream page;

  Pen(PDFont font) {
    this.font = font;
  }

  void on(PDPageContentStream next) throws IOException {
    page = next;
    page.setLineCapStyle(1);
    page.setLineJoinStyle(1);
  }

  void figure(Figure fly, double x, double y, double scale) throws IOException {
    for (Figure.Shape shape : fly.shapes()) {
      List<Point2D> points = shape.points();
      for (int i = 0; i < points.size(); i++) {
        float px = (float) ((x + points.get(i).getX() * scale) * POINTS);
        float py = (float) ((y + points.get(i).getY() * scale) * POINTS);
        if (i == 0) {
          page.moveTo(px, py);
        } else {
          page.lineTo(px, py);
        }
      }
      if (shape.isArea()) {
        page.setNonStrokingColor(shape.ink());
        page.closePath();
        page.fill();
      } else {
        page.setStrokingColor(shape.ink());
        page.setLineWidth((float) (shape.widthMm() * scale * POINTS));
        page.stroke();
      }
    }
  }

  void film(double from, double to, double y) throws IOException {
    page.setStrokingColor(Color.decode("#185a64"));
    line(from, y, to, y, 0.6f);
  }

  void bar(double x, double y, double mm, double thickMm) throws IOException {
    page.setNonStrokingColor(Color.BLACK);
    page.addRect(
        (float) (x * POINTS),
        (float) (y * POINTS),
        (float) (mm * POINTS),
        (float) (thickMm * POINTS));
    page.fill();
  }

  void tick(double x, double y, double mm) throws IOException {
    page.setStrokingColor(Color.BLACK);
    line(x, y, x, y + mm, 0.3f);
  }

  private void line(double x1, double y1, double x2, double y2, float points) throws IOException {
    page.setLineWidth(points);
    page.moveTo((float) (x1 * POINTS), (float) (y1 * POINTS));
    page.lineTo((float) (x2 * POINTS), (float) (y2 * POINTS));
    page.stroke();
  }

  void words(String line, float size, Color ink, float x, float y) throws IOException {
    page.beginText();
    page.setNonStrokingColor(ink);
    page.setFont(font, size);
    page.newLineAtOffset(x * POINTS, y * POINTS);
    page.showText(printable(line));
    page.endText();
  }

  /** Words in lines no wider than this; a single word that is wider stands alone. */
  List<String> lines(String words, float size, float widthMm) throws IOException {
    List<String> lines = new ArrayList<>();
    String line = "";
    for (String word : printable(words).split(" ")) {
      String longer = line.isEmpty() ? word : line + " " + word;
      if (!line.isEmpty() && font.getStringWidth(longer) / 1000 * size > widthMm * POINTS) {
        lines.add(line);
        line = word;
      } else {
        line = longer;
      }
    }
    lines.add(line);
    return lines;
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
}
