package ripplerest.core.film;

import java.util.HashMap;
import java.util.Map;
import ripplerest.core.assembly.FlyBody;
import ripplerest.core.material.Material;
import ripplerest.core.material.Materials;
import ripplerest.core.material.Property;
import ripplerest.core.quantity.Require;
import ripplerest.core.water.Floatant;

/** Contact angles of every surface on the fly, from the materials and how it is dressed. */
public final class Wetting {
  private final Map<String, Angles> bySurface;

  private Wetting(Map<String, Angles> bySurface) {
    this.bySurface = Map.copyOf(bySurface);
  }

  /**
   * Contact angles of one surface, rad.
   *
   * @param advancing as water creeps over it
   * @param receding as water draws back from it; no larger than the advancing angle
   */
  public record Angles(double advancing, double receding) {
    public Angles {
      Require.inRange("advancing", advancing, 0, Math.PI, "rad");
      Require.inRange("receding", receding, 0, advancing, "rad");
    }

    /** Cosine of the contact angle for a line that slides one way, or is free to choose. */
    double cosine(ContactLine line) {
      return switch (line) {
        case ADVANCING -> Math.cos(advancing);
        case RECEDING -> Math.cos(receding);
        case MEAN, PINNED -> (Math.cos(advancing) + Math.cos(receding)) / 2;
      };
    }
  }

  /** Angles of all materials under one dressing. */
  public static Wetting of(Materials materials, Floatant floatant) {
    Map<String, Angles> all = new HashMap<>();
    for (Material m : materials.all()) {
      all.put(m.id(), angles(m, floatant));
      all.put(FlyBody.undressed(m.id()), angles(m, Floatant.NONE));
      all.put(FlyBody.wetted(m.id()), wetted(m));
    }
    return new Wetting(all);
  }

  private static Angles angles(Material m, Floatant floatant) {
    double advancing =
        floatant.between(m.get(Property.ADVANCING_UNTREATED), m.get(Property.ADVANCING_TREATED));
    double receding =
        floatant.between(m.get(Property.RECEDING_UNTREATED), m.get(Property.RECEDING_TREATED));
    double a = Math.min(Math.toRadians(175), advancing);
    return new Angles(a, Math.min(a, receding));
  }

  /** Water that comes to what is wet already has no dry surface to creep over. */
  private static Angles wetted(Material m) {
    double angle = m.get(Property.RECEDING_WET);
    return new Angles(angle, angle);
  }

  /** One pair of angles for one named surface; for bodies built by hand. */
  public static Wetting uniform(String surface, Angles angles) {
    return new Wetting(Map.of(surface, angles));
  }

  Angles angles(String surface) {
    Angles angles = bySurface.get(surface);
    return Require.present("contact angles of " + surface, angles);
  }
}
