package ripplerest.core.drawer;

import java.util.List;
import org.hipparchus.geometry.euclidean.twod.Vector2D;
import ripplerest.core.quantity.Require;
import ripplerest.core.tied.Photograph;

/**
 * Lengths on a photograph of feathers by something beside them whose length is known, such as a
 * ruler's centimetre.
 *
 * <p>Errors are one standard deviation, from clicks that miss by {@link Photograph#CLICK_PX} each
 * way, carried on to first order. Left out: the lens, and whatever lies nearer to it or is turned
 * away.
 *
 * @param knownMm length of the known thing, mm
 * @param known its two ends, px
 */
public record PhotoGauge(double knownMm, Line known) {
  /** Fewer px say nothing of a barb. */
  private static final double LEAST_PX = 60;

  private static final double MOST_PX = 30_000;

  /** From one mark to another, px. */
  public record Line(Vector2D from, Vector2D to) {
    double px() {
      return from.distance(to);
    }
  }

  /** A length and one standard deviation of it, mm. */
  public record Measured(double mm, double error) {}

  public PhotoGauge {
    Require.inRange("knownMm", knownMm, 1, 500, "mm");
    Require.inRange("known length on the picture", known.px(), LEAST_PX, MOST_PX, "px");
  }

  /** Lengths in the order of their lines. */
  public List<Measured> measure(List<Line> lines) {
    double mmPerPx = knownMm / known.px();
    double twoClicks = Photograph.CLICK_PX * Math.sqrt(2);
    double share = twoClicks / known.px();
    return lines.stream()
        .map(
            line -> {
              double mm = line.px() * mmPerPx;
              return new Measured(mm, Math.hypot(mm * share, twoClicks * mmPerPx));
            })
        .toList();
  }
}
