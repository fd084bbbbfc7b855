package ripplerest.cli;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;

/** A few lines over two axes, as an SVG that reads on white and on dark paper. */
final class Plot {
  private static final int WIDTH = 640;
  private static final int HEIGHT = 380;
  private static final int LEFT = 56;
  private static final int RIGHT = 150;
  private static final int TOP = 34;
  private static final int BOTTOM = 46;
  private static final int TICKS = 5;
  private static final String[] COLOURS = {
    "#0b6e99", "#0b6e99", "#b3541e", "#b3541e", "#4d7c0f", "#4d7c0f"
  };

  private record Line(String name, List<double[]> points, boolean dashed) {}

  private final String title;
  private final String across;
  private final String up;
  private final List<Line> lines = new ArrayList<>();

  Plot(String title, String across, String up) {
    this.title = title;
    this.across = across;
    this.up = up;
  }

  void add(String name, List<double[]> points, boolean dashed) {
    lines.add(new Line(name, points, dashed));
  }

  void write(Path file) throws IOException {
    double[] x = range(0);
    double[] y = range(1);
    StringBuilder svg = new StringBuilder();
    put(
        svg,
        "<svg xmlns='http://www.w3.org/2000/svg' viewBox='0 0 %d %d' font-family='sans-serif' font-size='13'>",
        WIDTH,
        HEIGHT);
    put(svg, "<rect width='%d' height='%d' fill='#fff'/>", WIDTH, HEIGHT);
    put(svg, "<text x='%d' y='20' font-weight='bold'>%s</text>", LEFT, title);
    for (double v = x[0]; v < x[1] + x[2] / 2; v += x[2]) {
      double px = atX(v, x);
      put(svg, "<path d='M%.1f %d V%.1f' stroke='#ddd'/>", px, TOP, atY(y[0], y));
      put(svg, "<text x='%.1f' y='%d' text-anchor='middle'>%s</text>", px, HEIGHT - 26, tick(v, x));
    }
    for (double v = y[0]; v < y[1] + y[2] / 2; v += y[2]) {
      double py = atY(v, y);
      put(svg, "<path d='M%d %.1f H%d' stroke='#ddd'/>", LEFT, py, WIDTH - RIGHT);
      put(svg, "<text x='%d' y='%.1f' text-anchor='end'>%s</text>", LEFT - 6, py + 4, tick(v, y));
    }
    put(
        svg,
        "<text x='%d' y='%d' text-anchor='middle'>%s</text>",
        (LEFT + WIDTH - RIGHT) / 2,
        HEIGHT - 8,
        across);
    put(svg, "<text x='%d' y='%d'>%s</text>", WIDTH - RIGHT + 10, TOP + 4, up);
    for (int i = 0; i < lines.size(); i++) {
      draw(svg, i, x, y);
    }
    svg.append("</svg>\n");
    Files.writeString(file, svg);
  }

  private void draw(StringBuilder svg, int i, double[] x, double[] y) {
    Line line = lines.get(i);
    boolean pairs = lines.size() > COLOURS.length / 2;
    String colour = COLOURS[pairs ? i % COLOURS.length : 2 * i];
    String dash = line.dashed() ? "stroke-dasharray='6 4'" : "";
    StringBuilder path = new StringBuilder();
    for (double[] p : line.points()) {
      path.append(
          String.format(
              Locale.ROOT, "%s%.1f %.1f", path.isEmpty() ? "M" : "L", atX(p[0], x), atY(p[1], y)));
    }
    put(svg, "<path d='%s' fill='none' stroke='%s' stroke-width='2' %s/>", path, colour, dash);
    int row = TOP + 28 + 20 * i;
    put(
        svg,
        "<path d='M%d %d h24' stroke='%s' stroke-width='2' %s/>",
        WIDTH - RIGHT + 10,
        row - 4,
        colour,
        dash);
    put(svg, "<text x='%d' y='%d'>%s</text>", WIDTH - RIGHT + 40, row, line.name());
  }

  private static double atX(double v, double[] x) {
    return LEFT + (v - x[0]) / (x[1] - x[0]) * (WIDTH - LEFT - RIGHT);
  }

  private static double atY(double v, double[] y) {
    return HEIGHT - BOTTOM - (v - y[0]) / (y[1] - y[0]) * (HEIGHT - TOP - BOTTOM);
  }

  /** Lower end, upper end and distance of the ticks. */
  private double[] range(int axis) {
    double low = Double.POSITIVE_INFINITY;
    double high = Double.NEGATIVE_INFINITY;
    for (Line line : lines) {
      for (double[] p : line.points()) {
        low = Math.min(low, p[axis]);
        high = Math.max(high, p[axis]);
      }
    }
    double step = step((high - Math.min(low, 0)) / TICKS);
    low = Math.floor(Math.min(low, 0) / step) * step;
    return new double[] {low, Math.ceil(high / step - 1e-9) * step, step};
  }

  /** The next 1, 2 or 5 times a power of ten. */
  private static double step(double least) {
    double ten = Math.pow(10, Math.floor(Math.log10(least)));
    double share = least / ten;
    return ten * (share <= 1 ? 1 : share <= 2 ? 2 : share <= 5 ? 5 : 10);
  }

  private static String tick(double v, double[] range) {
    int digits = (int) Math.max(0, Math.ceil(-Math.log10(range[2]) - 1e-9));
    return String.format(Locale.ROOT, "%." + digits + "f", Math.abs(v) < 1e-9 ? 0 : v);
  }

  private static void put(StringBuilder out, String format, Object... values) {
    out.append(String.format(Locale.ROOT, format, values)).append('\n');
  }
}
