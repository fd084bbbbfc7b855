package ripplerest.core.material;

import java.util.List;

/** What a material has to be for a part to be made of it. */
public enum Form {
  /** Wound round the shank or laid along it: thread, dubbing, floss, foam. */
  WRAP(Property.SOLID_SHARE, Property.KEPT_AIR_UNTREATED),
  /** Single fibres that stand out and bend: tail barbs, hair, legs. */
  FIBRE(Property.YOUNGS_MODULUS, Property.FIBRE_RADIUS, Property.TAPER),
  /** A feather whose barbs stand out when it is wound. */
  HACKLE(
      Property.YOUNGS_MODULUS,
      Property.FIBRE_RADIUS,
      Property.TAPER,
      Property.BARBS_PER_MM,
      Property.STEM_DIAMETER),
  /** A tuft of many fine fibres with air between them: plumes, yarn, feather tips. */
  BUNDLE(
      Property.BUNDLE_RADIUS,
      Property.SOLID_SHARE,
      Property.FIBRE_RADIUS,
      Property.KEPT_AIR_UNTREATED),
  /** One strand wound in open turns: wire, tinsel. */
  STRAND(Property.STRAND_DIAMETER),
  /** A solid piece: a bead. */
  SOLID(Property.DENSITY);

  private final List<Property> needs;

  Form(Property... needs) {
    this.needs = List.of(needs);
  }

  /** Whether a material can be used in this form. */
  public boolean fits(Material material) {
    return needs.stream().allMatch(material::has) && (this != SOLID || material.isSolid());
  }
}
