package ripplerest.core.dressing.tie;

import java.util.List;
import java.util.Optional;
import ripplerest.core.quantity.Require;

/**
 * Of what a part is and how it is bound to the hook. What is left open here is as the style has it.
 *
 * @param material name in the material table, 1 to 60 characters
 * @param colour as a tier names it
 * @param with feathers wound along with the first
 * @param wound how they and the first become one hackle
 * @param seat where it is bound in, if the pattern says so
 * @param stretches where it is wound, in the order of winding; none: where the style winds it
 * @param cutFrom name of the part whose feather or strand it is a piece of, if it is
 * @param by the end by which it is bound in, if the pattern says so
 * @param bright which way its bright side faces, if the pattern says so
 * @param also what else hands do to it, each once
 */
public record Tie(
    String material,
    Colour colour,
    List<FurtherFeather> with,
    Winding wound,
    Optional<Place> seat,
    List<Stretch> stretches,
    Optional<String> cutFrom,
    Optional<By> by,
    Optional<Bright> bright,
    List<Also> also) {
  /** Most stretches of one part. */
  public static final int MOST_STRETCHES = 6;

  /** An end of a feather, hair or strand. */
  public enum By {
    BUTT,
    TIP
  }

  /** Where the bright side of a feather faces. */
  public enum Bright {
    FORWARD,
    BACK
  }

  /** What some do to a part and others leave. */
  public enum Also {
    /** The thread is waxed before it. */
    WAX,
    /** The thread is flattened before it. */
    FLATTEN,
    /** It is wetted before it is bound in or wound. */
    WET,
    /** It is set with crossed turns. */
    FIGURE_OF_EIGHT,
    /** It is brushed out when it is wound. */
    BRUSH_OUT,
    /** It is picked out with a needle. */
    PICK_OUT,
    /** Stray fibres below it are cut. */
    CLIP_STRAY,
    /** A drop of varnish on where it is bound. */
    SEAL,
    /** The hook is turned over to look at it from below. */
    TURN_OVER,
    /** A half hitch holds it. */
    HALF_HITCH;

    /** Whether it is done before the part is tied. */
    public boolean isBefore() {
      return this == WAX || this == FLATTEN || this == WET;
    }
  }

  public Tie {
    Require.text("material", material, 60);
    Require.present("colour", colour);
    with = Require.copy("with", with);
    Require.inRange("with", with.size(), 0, FurtherFeather.MOST);
    Require.present("wound", wound);
    Require.present("seat", seat);
    stretches = Require.copy("stretches", stretches);
    Require.inRange("stretches", stretches.size(), 0, MOST_STRETCHES);
    cutFrom.ifPresent(part -> Require.text("cutFrom", part, 40));
    Require.present("by", by);
    Require.present("bright", bright);
    also = Require.copy("also", also).stream().distinct().sorted().toList();
  }

  /** Of a material, and else as the style has it. */
  public static Tie of(String material) {
    return new Tie(
        material,
        Colour.NONE,
        List.of(),
        Winding.IN_TURN,
        Optional.empty(),
        List.of(),
        Optional.empty(),
        Optional.empty(),
        Optional.empty(),
        List.of());
  }

  /** The same of another material. */
  public Tie withMaterial(String other) {
    return new Tie(other, colour, with, wound, seat, stretches, cutFrom, by, bright, also);
  }

  /** The same in another colour. */
  public Tie in(Colour other) {
    return new Tie(material, other, with, wound, seat, stretches, cutFrom, by, bright, also);
  }

  /** The same bound in elsewhere. */
  public Tie at(Place other) {
    return new Tie(
        material, colour, with, wound, Optional.of(other), stretches, cutFrom, by, bright, also);
  }

  /** The same wound elsewhere. */
  public Tie over(List<Stretch> others) {
    return new Tie(material, colour, with, wound, seat, others, cutFrom, by, bright, also);
  }

  /** The same with these things done to it. */
  public Tie also(List<Also> others) {
    return new Tie(material, colour, with, wound, seat, stretches, cutFrom, by, bright, others);
  }

  /** The same with these feathers beside the first. */
  public Tie with(List<FurtherFeather> others, Winding how) {
    return new Tie(material, colour, others, how, seat, stretches, cutFrom, by, bright, also);
  }
}
