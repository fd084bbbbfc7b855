package ripplerest.exchange.card;

import java.awt.Color;
import java.awt.geom.Rectangle2D;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;

/**
 * Something that is printed in one piece: rows under each other, a figure to the left of them if
 * there is one. Measured before it is drawn, so that it is never broken.
 */
final class Block {
  private static final float LINE = 1.24f;
  private static final float GAP_MM = 1.6f;
  private static final float TICK_MM = 1.2f;

  private final float widthMm;
  private final List<Row> rows = new ArrayList<>();
  private Figure figure = Figure.NOTHING;
  private double figureScale;
  private float figureMm;

  /** One row of a block. */
  private interface Row {
    float heightMm(Pen pen, float widthMm) throws IOException;

    /** Draws it with its upper left corner here, mm from the lower left corner of the page. */
    void draw(Pen pen, float x, float top, float widthMm) throws IOException;
  }

  Block(float widthMm) {
    this.widthMm = widthMm;
  }

  /** A fly so far, in a column so wide to the left. */
  Block figure(Figure fly, double scale, float wideMm) {
    figure = fly;
    figureScale = scale;
    figureMm = wideMm;
    return this;
  }

  /** Words in as many lines as they need; none for no words. */
  Block words(String words, float size, Color ink) {
    if (!words.isBlank()) {
      rows.add(new Words(words.strip(), size, ink));
    }
    return this;
  }

  /** A bar at true size. */
  Block bar(double mm, float thickMm, String words) {
    rows.add(new Ruler(mm, thickMm, List.of(), List.of(), words));
    return this;
  }

  /** A bar at true size with ticks. */
  Block ruler(double mm, float thickMm, List<Double> above, List<Double> below, String words) {
    rows.add(new Ruler(mm, thickMm, above, below, words));
    return this;
  }

  /** A fly enlarged and at true size on one line of film. */
  Block onFilm(Figure fly, double scale) {
    rows.add(new OnFilm(fly, scale));
    return this;
  }

  float heightMm(Pen pen) throws IOException {
    float sum = 0;
    for (Row row : rows) {
      sum += row.heightMm(pen, textMm());
    }
    return Math.max(sum, (float) (figure.extent().getHeight() * figureScale)) + GAP_MM;
  }

  void draw(Pen pen, float x, float top) throws IOException {
    if (!figure.isEmpty()) {
      Rectangle2D box = figure.extent();
      double left = x - box.getMinX() * figureScale;
      double down = top - 1 - box.getMaxY() * figureScale;
      pen.figure(figure, left, down, figureScale);
    }
    float y = top;
    for (Row row : rows) {
      row.draw(pen, x + widthMm - textMm(), y, textMm());
      y -= row.heightMm(pen, textMm());
    }
  }

  private float textMm() {
    return figureMm == 0 ? widthMm : widthMm - figureMm - 2;
  }

  private record Words(String words, float size, Color ink) implements Row {
    @Override
    public float heightMm(Pen pen, float widthMm) throws IOException {
      return pen.lines(words, size, widthMm).size() * lineMm();
    }

    @Override
    public void draw(Pen pen, float x, float top, float widthMm) throws IOException {
      float y = top;
      for (String line : pen.lines(words, size, widthMm)) {
        y -= lineMm();
        pen.words(line, size, ink, x, y + 0.25f * lineMm());
      }
    }

    private float lineMm() {
      return size * LINE / CardPdf.POINTS;
    }
  }

  private record Ruler(
      double mm, float thickMm, List<Double> above, List<Double> below, String words)
      implements Row {
    private static final float SIZE = 6.6f;

    @Override
    public float heightMm(Pen pen, float widthMm) {
      return thickMm + 1.6f + (above.isEmpty() ? 0 : 2 * TICK_MM);
    }

    @Override
    public void draw(Pen pen, float x, float top, float widthMm) throws IOException {
      float y = top - 0.8f - thickMm - (above.isEmpty() ? 0 : TICK_MM);
      pen.bar(x, y, mm, thickMm);
      for (double tick : above) {
        pen.tick(x + tick, y + thickMm, TICK_MM);
      }
      for (double tick : below) {
        pen.tick(x + tick, y, -TICK_MM);
      }
      pen.words(words, SIZE, Color.BLACK, (float) (x + mm + 2), y + 0.1f);
    }
  }

  private record OnFilm(Figure fly, double scale) implements Row {
    @Override
    public float heightMm(Pen pen, float widthMm) {
      return (float) ((up() + down()) * scale) + 2;
    }

    @Override
    public void draw(Pen pen, float x, float top, float widthMm) throws IOException {
      double film = top - 1 - up() * scale;
      Rectangle2D box = fly.extent();
      pen.film(x, x + widthMm, film);
      pen.figure(fly, x - box.getMinX() * scale, film, scale);
      pen.figure(fly, x + widthMm - box.getMaxX(), film, 1);
    }

    private double up() {
      return Math.max(1, fly.extent().getMaxY());
    }

    private double down() {
      return Math.max(1, -fly.extent().getMinY());
    }
  }
}
