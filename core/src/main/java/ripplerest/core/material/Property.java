package ripplerest.core.material;

/** A column of the material table, with the factor that turns its file unit into the core's. */
public enum Property {
  /** Density of the solid, g/cm³ in the file, mg/mm³ (the same number) here. */
  DENSITY("g/cm3", 1),
  /** Young's modulus along the fibre, GPa in the file, µN/mm² here. */
  YOUNGS_MODULUS("GPa", 1e9),
  /** Radius of one fibre at its root, mm. */
  FIBRE_RADIUS("mm", 1),
  /** Share of the radius that a fibre loses from root to tip, 0 to 0.9. */
  TAPER("1", 1),
  /** Fullest radius of a bundle or tuft, mm. */
  BUNDLE_RADIUS("mm", 1),
  /** Barbs on a millimetre of feather stem, both sides, 1/mm. */
  BARBS_PER_MM("1/mm", 1),
  /** Width that one turn of feather stem takes on the shank, mm. */
  STEM_DIAMETER("mm", 1),
  /** Thickness of one strand of wire or tinsel, mm. */
  STRAND_DIAMETER("mm", 1),
  /** Width that one turn of a flat strip covers on the shank, mm. */
  STRIP_WIDTH("mm", 1),
  /** Thickness of one layer of such a strip, mm. */
  STRIP_THICKNESS("mm", 1),
  /** Share of a bundle's envelope that is solid, 0 to 1. */
  SOLID_SHARE("1", 1),
  /** Share of an envelope that still holds air under water, no floatant, 0 to 1. */
  KEPT_AIR_UNTREATED("1", 1),
  /** Share of an envelope that still holds air under water, dressed with gel, 0 to 1. */
  KEPT_AIR_TREATED("1", 1),
  /** Advancing contact angle, no floatant; degrees in the file, rad here. */
  ADVANCING_UNTREATED("deg", Math.PI / 180),
  /** Receding contact angle, no floatant; degrees in the file, rad here. */
  RECEDING_UNTREATED("deg", Math.PI / 180),
  /** Advancing contact angle, dressed; degrees in the file, rad here. */
  ADVANCING_TREATED("deg", Math.PI / 180),
  /** Receding contact angle, dressed; degrees in the file, rad here. */
  RECEDING_TREATED("deg", Math.PI / 180),
  /** Advancing contact angle once soaked, whatever it was dressed with; degrees, rad here. */
  ADVANCING_WET("deg", Math.PI / 180),
  /** Receding contact angle once soaked; degrees in the file, rad here. */
  RECEDING_WET("deg", Math.PI / 180),
  /** Share of its dressing that a fish's slime takes from it, 0 to 1. */
  SLIME_SENSITIVITY("1", 1),
  /** Share of its air that dunking can take, 0 to 1; all of it where this is left out. */
  AIR_LOSS("1", 1),
  /** Water that it takes up, in its own mass, 0 to 3. */
  WATER_UPTAKE("1", 1);

  private final String fileUnit;
  private final double factor;

  Property(String fileUnit, double factor) {
    this.fileUnit = fileUnit;
    this.factor = factor;
  }

  String fileUnit() {
    return fileUnit;
  }

  double factor() {
    return factor;
  }

  /** The contact angles rise and fall together: they belong to one surface. */
  boolean isContactAngle() {
    return fileUnit.equals("deg");
  }

  static Property named(String nameInFile) {
    return valueOf(nameInFile.toUpperCase(java.util.Locale.ROOT).replace('-', '_'));
  }
}
