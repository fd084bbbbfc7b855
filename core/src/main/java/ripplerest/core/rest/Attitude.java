package ripplerest.core.rest;

import java.util.ArrayList;
import java.util.List;
import ripplerest.core.quantity.Require;

/**
 * How a fly is turned as it meets the film.
 *
 * @param name for people
 * @param pitchRad positive with the tail down
 * @param rollRad positive with the +y side up
 */
public record Attitude(String name, double pitchRad, double rollRad) {
  /** Off the exact, so that a balance on edge does not pass for a rest, rad. */
  private static final double ROLLED = Math.toRadians(3);

  /** Level and the right way up. */
  public static final Attitude UPRIGHT = new Attitude("upright", 0, ROLLED);

  /**
   * Attitudes all round the sphere, an eighth of a turn apart: nose and tail down, and level and
   * half way to either with the fly rolled all the way round on one side. A fly whose two sides are
   * alike needs no others.
   */
  public static List<Attitude> around(boolean sidesAlike) {
    List<Attitude> all = new ArrayList<>();
    all.add(UPRIGHT);
    all.add(new Attitude("tail first", Math.PI / 2, ROLLED));
    all.add(new Attitude("nose first", -Math.PI / 2, ROLLED));
    for (int pitch = -1; pitch <= 1; pitch++) {
      for (int roll = sidesAlike ? 0 : -3; roll <= 4; roll++) {
        if (pitch != 0 || roll != 0) {
          double over = Math.PI / 4 * roll + (roll == 4 ? -ROLLED : ROLLED);
          all.add(new Attitude(name(pitch, roll), Math.PI / 4 * pitch, over));
        }
      }
    }
    return List.copyOf(all);
  }

  private static String name(int pitch, int roll) {
    String leaning = pitch == 0 ? "" : pitch > 0 ? ", tail low" : ", nose low";
    return switch (Math.abs(roll)) {
      case 0 -> "upright" + leaning;
      case 1 -> "rolled" + leaning;
      case 2 -> "on its side" + leaning;
      case 3 -> "rolled over" + leaning;
      default -> "on its back" + leaning;
    };
  }

  public Attitude {
    Require.text("name", name, 40);
    Require.inRange("pitch", pitchRad, -Math.PI, Math.PI, "rad");
    Require.inRange("roll", rollRad, -Math.PI, Math.PI, "rad");
  }
}
