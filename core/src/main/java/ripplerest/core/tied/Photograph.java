package ripplerest.core.tied;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.hipparchus.geometry.euclidean.twod.Vector2D;
import ripplerest.core.hook.Hook;
import ripplerest.core.quantity.OutOfRangeException;
import ripplerest.core.quantity.Require;

/**
 * What a side-on picture of a fly tells: the known hook between the rear edge of its eye and the
 * start of its bend gives the scale, and with it lengths; two points on the film give how it rests.
 *
 * <p>Errors are one standard deviation, from clicks that miss by {@value #CLICK_PX} px each way and
 * a hook whose shank differs from the catalogue by {@value #HOOK_SHARE} (assumptions), carried on
 * to first order. Left out: the lens, and a fly that is turned away from the side; a second length
 * of the hook, from the start of the bend to the point, shows that if it was clicked.
 *
 * @param pxPerMm scale
 * @param pxPerMmError of it
 * @param rest how the fly rests, if its film was marked
 * @param lengths in the order in which they were marked
 * @param warnings why the picture may not be what it is taken for
 */
public record Photograph(
    double pxPerMm,
    double pxPerMmError,
    Optional<Resting> rest,
    List<Measured> lengths,
    List<String> warnings) {
  /** How far a click may miss, px. */
  public static final double CLICK_PX = 1.5;

  /** How far a hook's shank may differ from the catalogue, as a share. */
  public static final double HOOK_SHARE = 0.02;

  /** A shank of fewer px says nothing of a hair. */
  static final double LEAST_PX = 60;

  private static final double MOST_PX = 30_000;

  /** Two scales that differ by more than this many errors are not of one side-on hook. */
  private static final double APART = 3;

  /**
   * How the fly rests in the picture.
   *
   * @param pitchDeg tail down is positive, °
   * @param pitchError of that, °
   * @param eyeMm height of the rear edge of the eye over the film, mm
   * @param bendMm height of the start of the bend, mm
   * @param error of both, mm
   */
  public record Resting(
      double pitchDeg, double pitchError, double eyeMm, double bendMm, double error) {}

  /** A length, and one standard deviation of it, mm. */
  public record Measured(String name, double mm, double error) {}

  /** A length to be measured between two marks. */
  public record Stretch(String name, Vector2D from, Vector2D to) {}

  /**
   * What was marked in the picture, px, x to the right and y down.
   *
   * @param eye rear edge of the eye
   * @param bend start of the bend
   * @param point hook point, if it is to be seen
   * @param film two points of the flat film left and right of the fly; none if it is dry
   * @param stretches lengths to measure
   */
  public record Marks(
      Vector2D eye,
      Vector2D bend,
      Optional<Vector2D> point,
      List<Vector2D> film,
      List<Stretch> stretches) {
    public Marks {
      film = List.copyOf(film);
      stretches = List.copyOf(stretches);
      if (film.size() != 0 && film.size() != 2) {
        throw new OutOfRangeException(
            "film", film.size() + " points", "two points, or none", "Mark it left and right.");
      }
    }
  }

  /** Measures a picture of a fly on this hook. */
  public static Photograph of(Hook hook, Marks marks) {
    double px = marks.eye().distance(marks.bend());
    Require.inRange("shank in the picture", px, LEAST_PX, MOST_PX, "px");
    double scale = px / hook.shankMm();
    double share = Math.hypot(HOOK_SHARE, twoClicks() / px);
    List<Measured> lengths = new ArrayList<>();
    for (Stretch s : marks.stretches()) {
      Require.text("name of a length", s.name(), 60);
      double along = s.from().distance(s.to());
      double mm = along / scale;
      lengths.add(new Measured(s.name(), mm, Math.hypot(mm * share, twoClicks() / scale)));
    }
    return new Photograph(
        scale,
        scale * share,
        resting(marks, px, scale, share),
        List.copyOf(lengths),
        warnings(hook, marks, scale, share));
  }

  private static double twoClicks() {
    return CLICK_PX * Math.sqrt(2);
  }

  private static Optional<Resting> resting(Marks marks, double px, double scale, double share) {
    if (marks.film().isEmpty()) {
      return Optional.empty();
    }
    Vector2D one = marks.film().get(0);
    Vector2D other = marks.film().get(1);
    double wide = one.distance(other);
    Require.inRange("film in the picture", wide, LEAST_PX, MOST_PX, "px");
    Vector2D along =
        other.subtract(one).scalarMultiply((other.getX() < one.getX() ? -1 : 1) / wide);
    double eye = over(marks.eye(), one, along) / scale;
    double bend = over(marks.bend(), one, along) / scale;
    Vector2D shank = marks.bend().subtract(marks.eye());
    double down = -over(marks.bend(), marks.eye(), along);
    double pitch = Math.atan2(down, Math.abs(shank.dotProduct(along)));
    double turned = Math.hypot(twoClicks() / px, twoClicks() / wide);
    double high = Math.max(Math.abs(eye), Math.abs(bend));
    return Optional.of(
        new Resting(
            Math.toDegrees(pitch),
            Math.toDegrees(turned),
            eye,
            bend,
            Math.hypot(high * share, twoClicks() / scale)));
  }

  /** How far a mark lies over a line, px; y runs down in a picture. */
  private static double over(Vector2D mark, Vector2D on, Vector2D along) {
    Vector2D from = mark.subtract(on);
    return along.getY() * from.getX() - along.getX() * from.getY();
  }

  private static List<String> warnings(Hook hook, Marks marks, double scale, double share) {
    List<String> all = new ArrayList<>();
    marks
        .point()
        .ifPresent(
            p -> {
              double px = p.distance(marks.bend());
              double second = px / hook.point().distance(hook.bendStart());
              double off = Math.hypot(share, Math.hypot(HOOK_SHARE, twoClicks() / px));
              if (Math.abs(second / scale - 1) > APART * off) {
                all.add(
                    ("The bend is %.0f %% %s in this picture than the shank says: it is not seen from "
                            + "the side, or this is another hook. Trust no length of it.")
                        .formatted(
                            100 * Math.abs(second / scale - 1),
                            second > scale ? "larger" : "smaller"));
              }
            });
    if (marks.film().size() == 2) {
      Vector2D wide = marks.film().get(1).subtract(marks.film().get(0));
      double tilt = Math.toDegrees(Math.atan2(Math.abs(wide.getY()), Math.abs(wide.getX())));
      if (tilt > 20) {
        all.add("The film leans by %.0f° in this picture: is it the film?".formatted(tilt));
      }
    }
    return List.copyOf(all);
  }
}
