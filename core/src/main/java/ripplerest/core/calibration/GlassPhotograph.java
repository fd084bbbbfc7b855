package ripplerest.core.calibration;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.DoubleUnaryOperator;
import org.hipparchus.analysis.solvers.BracketingNthOrderBrentSolver;
import org.hipparchus.exception.MathRuntimeException;
import org.hipparchus.geometry.euclidean.twod.Vector2D;
import ripplerest.core.calibration.Seen.By;
import ripplerest.core.calibration.Seen.Measure;
import ripplerest.core.calibration.Seen.What;
import ripplerest.core.hook.Hook;
import ripplerest.core.quantity.OutOfRangeException;
import ripplerest.core.quantity.Require;

/**
 * What a picture taken through the flat wall of a glass tells of a fly that floats in it. What is
 * above the water is seen through air, what is under it through water, whose rays bend at the wall
 * (Snell's law) and make it look larger: the lens looks square at the wall, level with the water or
 * a little over it; its focal length in pixels follows from the known hook, each place seen through
 * its own medium.
 *
 * <p>Errors are one standard deviation: clicks that miss, a hook off its catalogue, distances that
 * are off, each moved by one and the squares added. Left out: the wall's own thickness, which moves
 * what is seen through air and through water alike, the lens's distortion, a wall that is round,
 * and a fly that is turned away from the side.
 *
 * @param measured angle and heights
 * @param warnings why the picture may not be what it is taken for
 */
public record GlassPhotograph(List<Measure> measured, List<String> warnings) {
  /** Refractive index of water at 20 °C in yellow light (handbook figure). */
  private static final double WATER = 1.333;

  /** Nearer to the wall than this the water that climbs it bends the picture, mm (assumption). */
  public static final double LEAST_FROM_WALL_MM = 15;

  /** How far a click may miss, px. */
  private static final double CLICK_PX = 1.5;

  /** How far a hook's shank may differ from the catalogue, as a share. */
  private static final double HOOK_SHARE = 0.02;

  /** How well the two distances are read, mm (assumption). */
  private static final double DISTANCE_MM = 2;

  private static final double LEAST_PX = 60;
  private static final double MOST_PX = 30_000;

  /**
   * The water's level so far from the middle of the picture is seen from above or below, as a share
   * of the distance.
   */
  private static final double LEVEL_SHARE = 0.06;

  private static final double LEAST_ERROR_MM = 0.02;

  /**
   * Where camera and fly are.
   *
   * @param lensToWallMm from the lens to the wall, 30 to 3000 mm
   * @param wallToFlyMm from the wall to the fly, {@value #LEAST_FROM_WALL_MM} to 500 mm
   * @param widthPx of the whole picture, not a piece of it
   * @param heightPx of the same
   */
  public record Taken(double lensToWallMm, double wallToFlyMm, int widthPx, int heightPx) {
    public Taken {
      Require.inRange("lens to wall", lensToWallMm, 30, 3000, "mm");
      Require.inRange("wall to fly", wallToFlyMm, LEAST_FROM_WALL_MM, 500, "mm");
      Require.inRange("width of the picture", widthPx, 1, MOST_PX, "px");
      Require.inRange("height of the picture", heightPx, 1, MOST_PX, "px");
    }
  }

  /**
   * What was marked, px, x to the right and y down.
   *
   * @param eye rear edge of the eye
   * @param bend start of the bend
   * @param point hook point, if it is to be seen
   * @param film two points of the water's level left and right of the fly
   */
  public record Marks(Vector2D eye, Vector2D bend, Optional<Vector2D> point, List<Vector2D> film) {
    public Marks {
      film = List.copyOf(film);
      if (film.size() != 2) {
        throw new OutOfRangeException(
            "film", film.size() + " points", "two points", "Mark the water left and right.");
      }
    }
  }

  /** All that a number is worked out from. */
  private record Numbers(Vector2D[] marks, double shank, double lens, double fly, Vector2D middle) {
    Numbers moved(int mark, double dx, double dy) {
      Vector2D[] other = marks.clone();
      other[mark] = other[mark].add(new Vector2D(dx, dy));
      return new Numbers(other, shank, lens, fly, middle);
    }

    /** Which side of the level a mark is on, px: over 0 is air. */
    double over(int mark) {
      Vector2D along = marks[FILM + 1].subtract(marks[FILM]).normalize();
      Vector2D from = marks[mark].subtract(marks[FILM]);
      double over = along.getY() * from.getX() - along.getX() * from.getY();
      return along.getX() < 0 ? -over : over;
    }

    /** Where a mark is, mm from the axis, in the plane of the fly. */
    Vector2D place(int mark, double focalPx) {
      Vector2D from = marks[mark].subtract(middle);
      double px = from.getNorm();
      if (px == 0) {
        return Vector2D.ZERO;
      }
      double inAir = px / focalPx; // tangent of the ray to the axis
      double sine = inAir / Math.hypot(1, inAir) / WATER;
      boolean wet = mark != FILM && mark != FILM + 1 && over(mark) < 0;
      double behind = wet ? sine / Math.sqrt(1 - sine * sine) : inAir;
      return from.scalarMultiply((inAir * lens + behind * fly) / px);
    }

    /** Focal length at which the shank has its length, px. */
    double focalPx() {
      try {
        return new BracketingNthOrderBrentSolver(1e-10, 1e-9, 5)
            .solve(
                200,
                f -> Math.log(place(EYE, f).distance(place(BEND, f)) / shank),
                LEAST_FOCAL_PX,
                MOST_FOCAL_PX);
      } catch (MathRuntimeException e) {
        throw new OutOfRangeException(
            "shank in the picture",
            "no camera would show it so from there",
            "of this hook, at these distances",
            "Check the two distances and the marks of eye and bend.");
      }
    }

    /** Angle, heights of eye and bend, and of the point if it was marked. */
    double[] read() {
      double focal = focalPx();
      Vector2D left = place(FILM, focal);
      Vector2D along = place(FILM + 1, focal).subtract(left).normalize();
      if (along.getX() < 0) {
        along = along.negate();
      }
      double eye = height(place(EYE, focal), left, along);
      double bend = height(place(BEND, focal), left, along);
      Vector2D shank = place(BEND, focal).subtract(place(EYE, focal));
      double pitch = Math.toDegrees(Math.atan2(eye - bend, Math.abs(shank.dotProduct(along))));
      return marks.length <= POINT
          ? new double[] {pitch, eye, bend}
          : new double[] {pitch, eye, bend, height(place(POINT, focal), left, along)};
    }

    private static double height(Vector2D at, Vector2D on, Vector2D along) {
      Vector2D from = at.subtract(on);
      return along.getY() * from.getX() - along.getX() * from.getY();
    }
  }

  private static final int EYE = 0;
  private static final int BEND = 1;
  private static final int FILM = 2;
  private static final int POINT = 4;
  private static final double LEAST_FOCAL_PX = 20;
  private static final double MOST_FOCAL_PX = 1e6;

  /** Reads a picture of a fly on this hook. */
  public static GlassPhotograph of(Hook hook, Taken taken, Marks marks) {
    double px = marks.eye().distance(marks.bend());
    Require.inRange("shank in the picture", px, LEAST_PX, MOST_PX, "px");
    double wide = marks.film().get(0).distance(marks.film().get(1));
    Require.inRange("film in the picture", wide, LEAST_PX, MOST_PX, "px");
    List<Vector2D> all = new ArrayList<>(List.of(marks.eye(), marks.bend()));
    all.addAll(marks.film());
    marks.point().ifPresent(all::add);
    Numbers numbers =
        new Numbers(
            all.toArray(Vector2D[]::new),
            hook.bendStart().getNorm(),
            taken.lensToWallMm(),
            taken.wallToFlyMm(),
            new Vector2D(taken.widthPx() / 2.0, taken.heightPx() / 2.0));
    double[] values = numbers.read();
    double[] squares = new double[values.length];
    for (int i = 0; i < numbers.marks().length; i++) {
      add(squares, values, numbers.moved(i, CLICK_PX, 0).read());
      add(squares, values, numbers.moved(i, 0, CLICK_PX).read());
    }
    DoubleUnaryOperator longer = shank -> shank * (1 + HOOK_SHARE);
    add(squares, values, with(numbers, longer.applyAsDouble(numbers.shank()), 0, 0).read());
    add(squares, values, with(numbers, numbers.shank(), DISTANCE_MM, 0).read());
    add(squares, values, with(numbers, numbers.shank(), 0, DISTANCE_MM).read());
    List<Measure> measured = new ArrayList<>();
    values[What.ANGLE.ordinal()] -= Math.toDegrees(bowed(hook));
    for (int k = 0; k < values.length; k++) {
      What what = What.values()[k];
      double error = Math.max(LEAST_ERROR_MM, Math.sqrt(squares[k]));
      measured.add(new Measure(what, values[k], error, By.PHOTOGRAPH));
    }
    return new GlassPhotograph(List.copyOf(measured), warnings(hook, numbers));
  }

  /**
   * By how much the bend lies lower than a straight shank would have it, seen from the eye, rad.
   */
  private static double bowed(Hook hook) {
    return Math.atan2(-hook.bendStart().getZ(), hook.bendStart().getX());
  }

  private static Numbers with(Numbers n, double shank, double lens, double fly) {
    return new Numbers(n.marks(), shank, n.lens() + lens, n.fly() + fly, n.middle());
  }

  private static void add(double[] squares, double[] values, double[] moved) {
    for (int k = 0; k < squares.length; k++) {
      squares[k] += (moved[k] - values[k]) * (moved[k] - values[k]);
    }
  }

  private static List<String> warnings(Hook hook, Numbers numbers) {
    List<String> all = new ArrayList<>();
    double focal = numbers.focalPx();
    Vector2D level =
        numbers.place(FILM, focal).add(numbers.place(FILM + 1, focal)).scalarMultiply(0.5);
    double off = Math.abs(level.getY()) / (numbers.lens() + numbers.fly());
    if (off > LEVEL_SHARE) {
      all.add(
          ("The water is %.0f mm %s the middle of the picture. Hold the lens level with the water, or "
                  + "what is under it is not where it seems.")
              .formatted(Math.abs(level.getY()), level.getY() > 0 ? "under" : "over"));
    }
    if (numbers.marks().length > POINT) {
      double seen = numbers.place(POINT, focal).distance(numbers.place(BEND, focal));
      double is = hook.point().distance(hook.bendStart());
      double share = seen / is - 1;
      if (Math.abs(share) > 0.12) {
        all.add(
            ("The bend is %.0f %% %s in this picture than the shank says: it is not seen from the "
                    + "side, or this is another hook.")
                .formatted(100 * Math.abs(share), share > 0 ? "larger" : "smaller"));
      }
    }
    return List.copyOf(all);
  }
}
