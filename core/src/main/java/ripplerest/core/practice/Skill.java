package ripplerest.core.practice;

import java.util.Arrays;
import ripplerest.core.quantity.OutOfRangeException;
import ripplerest.core.quantity.Require;
import ripplerest.core.quantity.Words;

/**
 * One thing that an eye is more or less good at.
 *
 * @param drill how it is practised
 * @param of what is judged, such as {@code wing length}, as it is named in a tier's habits
 */
public record Skill(Drill drill, String of) {
  /** Of what is set, what is not measured as a share. */
  static final String ANGLE = "angle";

  static final String WATERLINE = "waterline";
  static final String ROOM = "room for the head";

  public Skill {
    Require.present("drill", drill);
    Require.text("skill", of, 60);
  }

  /** As it is kept: {@code part-off/wing length}. */
  public String id() {
    return Words.id(drill) + "/" + of;
  }

  /** The skill of this id; refuses what is none. */
  public static Skill named(String id) {
    int slash = id.indexOf('/');
    return Arrays.stream(Drill.values())
        .filter(d -> slash > 0 && Words.id(d).equals(id.substring(0, slash)))
        .map(d -> new Skill(d, id.substring(slash + 1)))
        .findFirst()
        .orElseThrow(
            () ->
                new OutOfRangeException(
                    "skill",
                    "\"" + id + "\"",
                    "a drill, a slash and a thing",
                    "Take it from the list."));
  }

  /** In what its threshold is told; a share is told in %. */
  public enum Unit {
    SHARE,
    /** So many at a glance. */
    COUNT,
    EYE_LENGTHS,
    DEGREES,
    MM
  }

  public Unit unit() {
    return switch (drill) {
      case COUNT -> Unit.COUNT;
      case ROOM_LEFT -> Unit.EYE_LENGTHS;
      case HOW_IT_SITS -> of.equals(WATERLINE) ? Unit.MM : Unit.DEGREES;
      default -> Unit.SHARE;
    };
  }

  /** What most eyes may be taken to see, in its unit; of a count, one over it (assumption). */
  double usual() {
    return of.equals(WATERLINE) ? 0.8 : drill.usual();
  }
}
