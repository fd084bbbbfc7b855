package ripplerest.core.advice;

import java.util.EnumMap;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import ripplerest.core.material.Form;
import ripplerest.core.material.Material;
import ripplerest.core.material.Property;

/**
 * How like one material is to another in what makes it fit for a part. A trait that both have
 * counts by the logarithm of their ratio: twice as stiff is as far as half as stiff.
 *
 * @param ratios of the other to the first, by trait; those that either lacks are left out
 */
public record Likeness(Map<Trait, Double> ratios) {
  /** What makes a material fit for a part. */
  public enum Trait {
    /** Bending stiffness of one fibre, E·πr⁴/4. */
    STIFFNESS(2, l -> l.product(Property.YOUNGS_MODULUS, 1, Property.FIBRE_RADIUS, 4)),
    /** Solid that a given room of it weighs. */
    WEIGHT(1, Likeness.Traits::weight),
    /** Of one fibre, bunch, strand or layer. */
    THICKNESS(1, Likeness.Traits::thickness),
    /** Share of its room that keeps air under water. */
    AIR(1, l -> l.get(Property.KEPT_AIR_UNTREATED)),
    /** How well it sheds water, as the cosine scale of its receding angle: 1 - cos θ. */
    SHEDDING(0.5, l -> l.get(Property.RECEDING_UNTREATED).map(a -> 1 - Math.cos(a)));

    /** So many doublings count as one step away. */
    private final double doublings;

    private final Function<Traits, Optional<Double>> of;

    Trait(double doublings, Function<Traits, Optional<Double>> of) {
      this.doublings = doublings;
      this.of = of;
    }
  }

  public Likeness {
    ratios = Map.copyOf(ratios);
  }

  static Likeness of(Material first, Material other, Form form) {
    Map<Trait, Double> ratios = new EnumMap<>(Trait.class);
    for (Trait trait : Trait.values()) {
      Optional<Double> a = trait.of.apply(new Traits(first, form));
      Optional<Double> b = trait.of.apply(new Traits(other, form));
      if (a.isPresent() && b.isPresent() && a.get() > 0 && b.get() > 0) {
        ratios.put(trait, b.get() / a.get());
      }
    }
    return new Likeness(ratios);
  }

  /** How far away: 0 the same; each trait counts in its own steps. */
  public double distance() {
    double sum = 0;
    for (Trait trait : Trait.values()) {
      double steps = Math.log(ratios.getOrDefault(trait, 1.0)) / Math.log(2) / trait.doublings;
      sum += steps * steps;
    }
    return Math.sqrt(sum);
  }

  /** A material in the form that a part wants it. */
  private record Traits(Material material, Form form) {
    Optional<Double> get(Property p) {
      return material.has(p) ? Optional.of(material.get(p)) : Optional.empty();
    }

    Optional<Double> product(Property a, int powerA, Property b, int powerB) {
      boolean single = form == Form.FIBRE || form == Form.HACKLE;
      return single
          ? get(a).flatMap(x -> get(b).map(y -> Math.pow(x, powerA) * Math.pow(y, powerB)))
          : Optional.empty();
    }

    Optional<Double> weight() {
      return get(Property.DENSITY).map(d -> d * get(Property.SOLID_SHARE).orElse(1.0));
    }

    Optional<Double> thickness() {
      return switch (form) {
        case FIBRE, HACKLE -> get(Property.FIBRE_RADIUS);
        case BUNDLE -> get(Property.BUNDLE_RADIUS);
        case STRAND -> get(Property.STRAND_DIAMETER);
        case WRAP -> get(Property.STRIP_THICKNESS);
        case SOLID -> Optional.empty();
      };
    }
  }
}
