package ripplerest.app.box;

import java.util.Locale;
import ripplerest.core.box.Place;
import ripplerest.core.quantity.OutOfRangeException;
import ripplerest.core.quantity.Require;

/**
 * A place as it is sent and kept.
 *
 * @param name of it: the id of a box, or who has them; empty for other kinds
 */
public record PlaceName(Kind kind, String name) {
  /** Kinds of place. */
  public enum Kind {
    VISE,
    BOX,
    LENT,
    GIVEN,
    LOST,
    CHEWED
  }

  public PlaceName {
    Require.present("kind", kind);
    name = name == null ? "" : name;
  }

  /** As it is kept. */
  static Place of(String kind, String name) {
    try {
      return new PlaceName(Kind.valueOf(kind.toUpperCase(Locale.ROOT)), name).place();
    } catch (OutOfRangeException e) {
      throw e;
    } catch (IllegalArgumentException e) {
      throw new OutOfRangeException(
          "place",
          "\"" + kind + "\"",
          "vise, box, lent, given, lost or chewed",
          "Use one of these.");
    }
  }

  static PlaceName of(Place place) {
    if (place instanceof Place.In in) {
      return new PlaceName(Kind.BOX, in.box());
    } else if (place instanceof Place.Lent lent) {
      return new PlaceName(Kind.LENT, lent.to());
    } else if (place instanceof Place.Given given) {
      return new PlaceName(Kind.GIVEN, given.to());
    } else if (place instanceof Place.Lost) {
      return new PlaceName(Kind.LOST, "");
    } else if (place instanceof Place.Chewed) {
      return new PlaceName(Kind.CHEWED, "");
    }
    return new PlaceName(Kind.VISE, "");
  }

  Place place() {
    return switch (kind) {
      case VISE -> new Place.Vise();
      case BOX -> new Place.In(name);
      case LENT -> new Place.Lent(name);
      case GIVEN -> new Place.Given(name);
      case LOST -> new Place.Lost();
      case CHEWED -> new Place.Chewed();
    };
  }
}
