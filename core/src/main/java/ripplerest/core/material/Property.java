package ripplerest.core.material;

import java.util.Arrays;
import ripplerest.core.quantity.OutOfRangeException;
import ripplerest.core.quantity.Require;
import ripplerest.core.quantity.Words;

/** A column of the material table, with the factor that turns its file unit into the core's. */
public enum Property {
  /** Density of the solid, g/cm³ in the file, mg/mm³ (the same number) here. */
  DENSITY("g/cm3", 1, 0.01, 25),
  /** Young's modulus along the fibre, GPa in the file, µN/mm² here. */
  YOUNGS_MODULUS("GPa", 1e9, 0.0001, 400),
  /** Radius of one fibre at its root, mm. */
  FIBRE_RADIUS("mm", 1, 0.0005, 1),
  /** Share of the radius that a fibre loses from root to tip, 0 to 0.9. */
  TAPER("1", 1, 0, 0.9),
  /** Share of a hackle's or a bunch's fibres that meet the water by themselves, 0.3 to 1. */
  INDEPENDENT_FIBRES("1", 1, 0.3, 1),
  /** Fullest radius of a bundle or tuft, mm. */
  BUNDLE_RADIUS("mm", 1, 0.02, 5),
  /** Barbs on a millimetre of feather stem, both sides, 1/mm. */
  BARBS_PER_MM("1/mm", 1, 0.5, 30),
  /** Width that one turn of feather stem takes on the shank, mm. */
  STEM_DIAMETER("mm", 1, 0.02, 2),
  /** Thickness of one strand of wire or tinsel, mm. */
  STRAND_DIAMETER("mm", 1, 0.01, 3),
  /** Width that one turn of a flat strip covers on the shank, mm. */
  STRIP_WIDTH("mm", 1, 0.05, 10),
  /** Thickness of one layer of such a strip, mm. */
  STRIP_THICKNESS("mm", 1, 0.01, 5),
  /** Length of one such strip that can be wound, mm; left out where it comes off a spool. */
  STRIP_LENGTH("mm", 1, 5, 500),
  /** Share of a bundle's envelope that is solid, 0 to 1. */
  SOLID_SHARE("1", 1, 0.001, 0.95),
  /** Share of an envelope that still holds air under water, no floatant, 0 to 1. */
  KEPT_AIR_UNTREATED("1", 1, 0, 1),
  /** Share of an envelope that still holds air under water, dressed with gel, 0 to 1. */
  KEPT_AIR_TREATED("1", 1, 0, 1),
  /** Advancing contact angle, no floatant; degrees in the file, rad here. */
  ADVANCING_UNTREATED("deg", Math.PI / 180, 1, 179),
  /** Receding contact angle, no floatant; degrees in the file, rad here. */
  RECEDING_UNTREATED("deg", Math.PI / 180, 1, 179),
  /** Advancing contact angle, dressed; degrees in the file, rad here. */
  ADVANCING_TREATED("deg", Math.PI / 180, 1, 179),
  /** Receding contact angle, dressed; degrees in the file, rad here. */
  RECEDING_TREATED("deg", Math.PI / 180, 1, 179),
  /** Advancing contact angle once soaked, whatever it was dressed with; degrees, rad here. */
  ADVANCING_WET("deg", Math.PI / 180, 1, 179),
  /** Receding contact angle once soaked; degrees in the file, rad here. */
  RECEDING_WET("deg", Math.PI / 180, 1, 179),
  /** Share of its dressing that a fish's slime takes from it, 0 to 1. */
  SLIME_SENSITIVITY("1", 1, 0, 1),
  /** Share of its air that dunking can take, 0 to 1; all of it where this is left out. */
  AIR_LOSS("1", 1, 0, 1),
  /** Water that it takes up, in its own mass, 0 to 3. */
  WATER_UPTAKE("1", 1, 0, 3);

  private final String fileUnit;
  private final double factor;
  private final double low;
  private final double high;

  Property(String fileUnit, double factor, double low, double high) {
    this.fileUnit = fileUnit;
    this.factor = factor;
    this.low = low;
    this.high = high;
  }

  /** Unit of a value in the file; empty lengths and shares have theirs too. */
  public String fileUnit() {
    return fileUnit;
  }

  /** A value in the file's unit times this is in the core's. */
  public double factor() {
    return factor;
  }

  /** Nearest to a value that it can be, in the file's unit. */
  public double within(double inFile) {
    return Math.min(high, Math.max(low, inFile));
  }

  /** Least that it can be, core units. */
  double least() {
    return low * factor;
  }

  /** Most that it can be, core units. */
  double most() {
    return high * factor;
  }

  /** Name in the file, such as {@code solid-share}. */
  public String fileName() {
    return Words.id(this);
  }

  /** Refuses a value, in the file's unit, that no material has. */
  public void check(double inFile) {
    Require.inRange(fileName(), inFile, low, high, fileUnit.equals("1") ? "" : fileUnit);
  }

  /** The contact angles rise and fall together: they belong to one surface. */
  boolean isContactAngle() {
    return fileUnit.equals("deg");
  }

  /** Whether it is what a surface is like under its dressing. */
  boolean isTreated() {
    return this == ADVANCING_TREATED || this == RECEDING_TREATED;
  }

  /** The property of this name in the file; refuses an unknown one and lists those there are. */
  public static Property named(String nameInFile) {
    for (Property p : values()) {
      if (p.fileName().equals(nameInFile)) {
        return p;
      }
    }
    throw new OutOfRangeException(
        "property",
        "\"" + nameInFile + "\"",
        "one of " + Arrays.stream(values()).map(Property::fileName).toList(),
        "Use one of these.");
  }
}
