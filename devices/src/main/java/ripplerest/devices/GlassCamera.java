package ripplerest.devices;

import java.awt.Color;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.List;
import javax.imageio.ImageIO;

/**
 * A camera before a glass of water that is not there: every pixel is a ray, bent at the outer and
 * the inner face of the wall and at the water's surface by Snell's law in vectors, that ends where
 * the fly is. Nothing else of the program knows how such a picture came about.
 *
 * @param lensToWall from the lens to the outer face of the wall, mm
 * @param wall thickness of the glass, mm
 * @param wallToFly from the inner face to the fly, mm
 * @param lensOver height of the lens over the water, mm
 * @param focal length, px
 * @param wide width of the picture, px
 * @param high height of the picture, px
 */
public record GlassCamera(
    double lensToWall,
    double wall,
    double wallToFly,
    double lensOver,
    double focal,
    int wide,
    int high) {
  private static final double AIR = 1.0003;
  private static final double GLASS = 1.52;
  private static final double WATER = 1.333;

  private static final Color SKY = new Color(236, 231, 220);
  private static final Color DEPTH = new Color(200, 214, 214);
  private static final Color LEVEL = new Color(70, 110, 120);

  /** Half as thick as the water's surface looks, mm. */
  private static final double SURFACE = 0.08;

  /**
   * A line of a fly, seen from the side: mm along the water and over it.
   *
   * @param points x, y, x, y, …
   * @param thick mm
   * @param colour of it
   */
  public record Stroke(double[] points, double thick, Color colour) {
    boolean covers(double x, double y) {
      for (int i = 0; i + 3 < points.length; i += 2) {
        double dx = points[i + 2] - points[i];
        double dy = points[i + 3] - points[i + 1];
        double length = dx * dx + dy * dy;
        double t = length == 0 ? 0 : ((x - points[i]) * dx + (y - points[i + 1]) * dy) / length;
        double s = Math.max(0, Math.min(1, t));
        if (Math.hypot(x - points[i] - s * dx, y - points[i + 1] - s * dy) <= thick / 2) {
          return true;
        }
      }
      return false;
    }
  }

  /**
   * A made-up fly on a straight size 12 hook, whose shank is 8.5 mm, 14° tail down on the water.
   */
  static List<Stroke> made() {
    double[] bend = {4.13, -0.56, 5.9, -1.4, 6.5, -2.9, 5.9, -4.3, 4.2, -4.9, 1.6, -4.3};
    double[] shank = {-4.12, 1.5, 4.13, -0.56};
    return List.of(
        new Stroke(new double[] {-3, 1.3, -4.6, 5.9}, 0.9, new Color(150, 142, 128)),
        new Stroke(new double[] {-2.6, -2.4, -3, 1.3, -1.8, 4.2}, 0.14, new Color(120, 88, 52)),
        new Stroke(new double[] {-3.4, -2.2, -3, 1.3, -4.8, 3.8}, 0.14, new Color(120, 88, 52)),
        new Stroke(new double[] {4.3, -0.53, 12, 0.1}, 0.18, new Color(120, 88, 52)),
        new Stroke(new double[] {-2.6, 1.2, 4, -0.45}, 1.3, new Color(110, 108, 50)),
        new Stroke(shank, 0.5, new Color(70, 66, 62)),
        new Stroke(bend, 0.45, new Color(70, 66, 62)));
  }

  /** The picture of a fly, as PNG. */
  public byte[] png(List<Stroke> fly) {
    BufferedImage image = new BufferedImage(wide, high, BufferedImage.TYPE_INT_RGB);
    for (int row = 0; row < high; row++) {
      for (int column = 0; column < wide; column++) {
        image.setRGB(column, row, colour(fly, seen(column + 0.5, row + 0.5)).getRGB());
      }
    }
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    try {
      ImageIO.write(image, "png", out);
    } catch (IOException e) {
      throw new UncheckedIOException(e); // nothing but memory is written to
    }
    return out.toByteArray();
  }

  private static Color colour(List<Stroke> fly, double[] at) {
    for (Stroke s : fly) {
      if (s.covers(at[0], at[1])) {
        return s.colour();
      }
    }
    return Math.abs(at[1]) < SURFACE ? LEVEL : at[1] < 0 ? DEPTH : SKY;
  }

  /** The pixel in which a place of the fly is seen: x, y from the picture's top left corner. */
  public double[] pixel(double x, double y) {
    double px = wide / 2.0;
    double py = high / 2.0;
    for (int i = 0; i < 100; i++) { // each step closes most of what is left
      double[] at = seen(px, py);
      double scale = focal / (lensToWall + wall + wallToFly);
      px += scale * (x - at[0]);
      py -= scale * (y - at[1]);
    }
    return new double[] {px, py};
  }

  /**
   * Where the ray of a pixel comes to the plane of the fly: mm from the axis, mm over the water.
   */
  private double[] seen(double px, double py) {
    double[] d = unit(new double[] {(px - wide / 2.0) / focal, (high / 2.0 - py) / focal, 1});
    double[] p = {0, lensOver, 0};
    double[] face = {0, 0, -1};
    go(p, d, lensToWall / d[2]);
    d = bent(d, face, AIR, GLASS);
    go(p, d, wall / d[2]);
    boolean wet = p[1] < 0;
    d = bent(d, face, GLASS, wet ? WATER : AIR);
    double end = lensToWall + wall + wallToFly;
    double left = (end - p[2]) / d[2];
    boolean crosses = p[1] + left * d[1] < 0 != wet;
    if (crosses) {
      go(p, d, -p[1] / d[1]);
      d = bent(d, new double[] {0, wet ? -1 : 1, 0}, wet ? WATER : AIR, wet ? AIR : WATER);
      left = (end - p[2]) / d[2];
    }
    go(p, d, left);
    return new double[] {p[0], p[1]};
  }

  private static void go(double[] p, double[] d, double by) {
    for (int k = 0; k < 3; k++) {
      p[k] += by * d[k];
    }
  }

  /** Snell's law; what cannot leave is thrown back. */
  private static double[] bent(double[] d, double[] normal, double from, double to) {
    double ratio = from / to;
    double in = -(d[0] * normal[0] + d[1] * normal[1] + d[2] * normal[2]);
    double square = 1 - ratio * ratio * (1 - in * in);
    double[] out = new double[3];
    for (int k = 0; k < 3; k++) {
      out[k] =
          square < 0
              ? d[k] + 2 * in * normal[k]
              : ratio * d[k] + (ratio * in - Math.sqrt(square)) * normal[k];
    }
    return unit(out);
  }

  private static double[] unit(double[] v) {
    double length = Math.sqrt(v[0] * v[0] + v[1] * v[1] + v[2] * v[2]);
    return new double[] {v[0] / length, v[1] / length, v[2] / length};
  }
}
