package ripplerest.core.material;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import ripplerest.core.quantity.OutOfRangeException;
import ripplerest.core.quantity.Prior;
import ripplerest.core.quantity.Require;

/**
 * One row of the material table.
 *
 * @param id stable name, such as {@code dry-hackle}
 * @param label name for people
 * @param priors what is known of it, in core units
 */
public record Material(String id, String label, Map<Property, Prior> priors) {
  public Material {
    Require.text("material", id, 60);
    Require.text("label", label, 80);
    priors = Map.copyOf(priors);
  }

  /** Mean of a property in core units; refuses a property this material does not have. */
  public double get(Property property) {
    Prior prior = priors.get(property);
    if (prior == null) {
      throw new OutOfRangeException(
          "material", id, "one that has a " + property, "Choose another material for this part.");
    }
    return prior.mean();
  }

  /** Whether this material can be used where {@code property} is needed. */
  public boolean has(Property property) {
    return priors.containsKey(property);
  }

  /** Every prior drawn once; a receding angle is no larger than the advancing one. */
  Material sampled(Deviates deviates) {
    Map<Property, Prior> drawn = new EnumMap<>(Property.class);
    for (Property p : Property.values()) {
      Prior prior = priors.get(p);
      if (prior != null) {
        drawn.put(p, new Prior(deviates.drawn(p, prior), 0, prior.kind(), prior.source()));
      }
    }
    return receding(drawn);
  }

  /** Every prior as tests left it. */
  Material taught(Learnt learnt) {
    Map<Property, Prior> taught = new EnumMap<>(priors);
    taught.replaceAll((p, prior) -> learnt.moves(p, prior) ? learnt.of(p, prior) : prior);
    return taught.equals(priors) ? this : receding(taught);
  }

  private Material receding(Map<Property, Prior> values) {
    recedes(values, Property.RECEDING_UNTREATED, Property.ADVANCING_UNTREATED);
    recedes(values, Property.RECEDING_TREATED, Property.ADVANCING_TREATED);
    recedes(values, Property.RECEDING_WET, Property.ADVANCING_WET);
    return new Material(id, label, values);
  }

  private static void recedes(Map<Property, Prior> drawn, Property receding, Property advancing) {
    double most = drawn.get(advancing).mean();
    drawn.computeIfPresent(receding, (p, prior) -> at(prior, Math.min(most, prior.mean())));
  }

  /** Properties that are only roughly known; contact angles count once, by their first. */
  public List<Property> uncertain() {
    List<Property> all = new ArrayList<>();
    boolean angles = false;
    for (Property p : Property.values()) {
      Prior prior = priors.get(p);
      if (prior != null && prior.spread() > 0 && !(p.isContactAngle() && angles)) {
        all.add(p);
        angles |= p.isContactAngle();
      }
    }
    return all;
  }

  /** One prior moved by so many spreads; a contact angle takes all others along. */
  Material moved(Property property, double spreads) {
    Map<Property, Prior> moved = new EnumMap<>(priors);
    for (Property p : priors.keySet()) {
      if (p == property || p.isContactAngle() && property.isContactAngle()) {
        Prior at = shifted(priors.get(p), spreads);
        moved.put(p, new Prior(Math.max(0, at.mean()), at.spread(), at.kind(), at.source()));
      }
    }
    return new Material(id, label, moved);
  }

  /**
   * Whether it is one solid piece: it has a density and nothing that makes it a fibre or a wrap.
   */
  boolean isSolid() {
    return !has(Property.SOLID_SHARE)
        && !has(Property.YOUNGS_MODULUS)
        && !has(Property.STRAND_DIAMETER);
  }

  /** The same material under another name. */
  public Material named(String other) {
    return new Material(other, label, priors);
  }

  /** This material after some use; what it is bound to stays, what water changes goes with it. */
  public Material worn(Wear wear) {
    double slime = wear.slime() * get(Property.SLIME_SENSITIVITY);
    double dry = wear.dryness() * (1 - Math.min(1, slime));
    Map<Property, Prior> worn = new EnumMap<>(priors);
    toward(worn, Property.ADVANCING_WET, dry, Property.ADVANCING_TREATED);
    toward(worn, Property.ADVANCING_WET, dry, Property.ADVANCING_UNTREATED);
    toward(worn, Property.RECEDING_WET, dry, Property.RECEDING_TREATED);
    toward(worn, Property.RECEDING_WET, dry, Property.RECEDING_UNTREATED);
    double loss = has(Property.AIR_LOSS) ? get(Property.AIR_LOSS) : 1;
    double air = 1 - loss * (1 - wear.air());
    for (Property kept : List.of(Property.KEPT_AIR_TREATED, Property.KEPT_AIR_UNTREATED)) {
      worn.computeIfPresent(kept, (p, prior) -> at(prior, air * prior.mean()));
    }
    double water = get(Property.WATER_UPTAKE) * (1 - wear.dryness());
    worn.computeIfPresent(Property.DENSITY, (p, prior) -> at(prior, prior.mean() * (1 + water)));
    return new Material(id, label, worn);
  }

  private void toward(Map<Property, Prior> worn, Property wet, double dry, Property angle) {
    double soaked = Math.min(get(wet), get(angle));
    worn.put(angle, at(priors.get(angle), soaked + dry * (get(angle) - soaked)));
  }

  private static Prior at(Prior prior, double mean) {
    return new Prior(mean, prior.spread(), prior.kind(), prior.source());
  }

  private static Prior shifted(Prior prior, double deviate) {
    return new Prior(prior.mean() + deviate * prior.spread(), 0, prior.kind(), prior.source());
  }
}
