package ripplerest.exchange.card;

import java.awt.BasicStroke;
import java.awt.Color;
import java.awt.GradientPaint;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.geom.AffineTransform;
import java.awt.geom.Path2D;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.List;
import java.util.SplittableRandom;
import java.util.regex.Pattern;
import javax.imageio.ImageIO;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.hipparchus.geometry.euclidean.twod.Vector2D;
import ripplerest.core.outline.Outline;

/**
 * A made-up photograph of a fly in a glass of water, taken from the side by a camera that is held a
 * little crooked: to try the measuring of pictures on, since where everything is in it is known.
 *
 * @param pxPerMm its scale
 * @param crookedDeg by how much the camera is turned, °
 */
public record SidePicture(double pxPerMm, double crookedDeg) {
  static final int WIDTH = 1400;
  static final int HEIGHT = 900;

  /** How far the film runs into the middle of the picture from its top, px. */
  private static final double FILM_PX = 470;

  private static final double BARB_MM = 0.03;
  private static final Pattern SOFT = Pattern.compile("wing|plume|shuttle|post|indicator|shuck");
  private static final int SHEER = 70;
  private static final int DENSE = 200;
  private static final int GRAIN = 10;

  /** Where a place of the fly is in the picture, px; y down. */
  public Vector2D at(Outline fly, Vector3D place) {
    double[] px = {place.getX() * pxPerMm, -place.getZ() * pxPerMm};
    camera(fly).transform(px, 0, px, 0, 1);
    return new Vector2D(px[0], px[1]);
  }

  /** The picture as PNG; the same fly gives the same picture. */
  public byte[] png(Outline fly) {
    BufferedImage image = new BufferedImage(WIDTH, HEIGHT, BufferedImage.TYPE_INT_RGB);
    Graphics2D g = image.createGraphics();
    g.setRenderingHint(RenderingHints.KEY_ANTIALIASING, RenderingHints.VALUE_ANTIALIAS_ON);
    g.setPaint(new GradientPaint(0, 0, new Color(0xE9E4D8), 0, HEIGHT, new Color(0xC9C3B2)));
    g.fillRect(0, 0, WIDTH, HEIGHT);
    g.transform(camera(fly));
    g.setPaint(new Color(120, 165, 165, 120));
    g.fillRect(-3 * WIDTH, 0, 6 * WIDTH, 3 * HEIGHT);
    g.setPaint(new Color(0x4F7C80));
    g.setStroke(new BasicStroke(3));
    g.drawLine(-3 * WIDTH, 0, 3 * WIDTH, 0);
    draw(g, fly);
    g.dispose();
    grain(image);
    try (ByteArrayOutputStream out = new ByteArrayOutputStream()) {
      ImageIO.write(image, "png", out);
      return out.toByteArray();
    } catch (IOException e) {
      throw new UncheckedIOException(e); // nothing is written outside of memory
    }
  }

  private void draw(Graphics2D g, Outline fly) {
    for (Outline.Thick m : fly.members()) {
      double radius = m.radiiMm().stream().mapToDouble(r -> r).average().orElse(0.1);
      int dense = SOFT.matcher(m.part()).find() ? SHEER : DENSE;
      line(g, m.axis(), 2 * radius, new Color(0x5B, 0x63, 0x45, dense));
    }
    line(g, fly.wire(), fly.wireMm(), new Color(0x2A3038));
    line(g, fly.eye(), fly.wireMm(), new Color(0x2A3038));
    for (Outline.Thin f : fly.fibres()) {
      line(g, f.line(), BARB_MM, new Color(0x7A4F1F));
    }
  }

  private void line(Graphics2D g, List<Vector3D> points, double wideMm, Color colour) {
    Path2D path = new Path2D.Double();
    for (int i = 0; i < points.size(); i++) {
      double x = points.get(i).getX() * pxPerMm;
      double y = -points.get(i).getZ() * pxPerMm;
      if (i == 0) {
        path.moveTo(x, y);
      } else {
        path.lineTo(x, y);
      }
    }
    g.setPaint(colour);
    g.setStroke(
        new BasicStroke(
            (float) Math.max(1.2, wideMm * pxPerMm),
            BasicStroke.CAP_ROUND,
            BasicStroke.JOIN_ROUND));
    g.draw(path);
  }

  /** The middle of the shank in the middle of the picture, turned as the camera is. */
  private AffineTransform camera(Outline fly) {
    double middle = fly.wire().get(fly.wire().size() / 3).getX() * pxPerMm;
    AffineTransform camera = new AffineTransform();
    camera.translate(WIDTH / 2.0, FILM_PX);
    camera.rotate(Math.toRadians(crookedDeg));
    camera.translate(-middle, 0);
    return camera;
  }

  private static void grain(BufferedImage image) {
    SplittableRandom random = new SplittableRandom(1);
    for (int y = 0; y < image.getHeight(); y++) {
      for (int x = 0; x < image.getWidth(); x++) {
        int by = random.nextInt(-GRAIN, GRAIN + 1);
        Color c = new Color(image.getRGB(x, y));
        image.setRGB(
            x,
            y,
            new Color(near(c.getRed(), by), near(c.getGreen(), by), near(c.getBlue(), by))
                .getRGB());
      }
    }
  }

  private static int near(int value, int by) {
    return Math.max(0, Math.min(255, value + by));
  }
}
