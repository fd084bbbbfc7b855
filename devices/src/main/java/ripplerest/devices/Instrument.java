package ripplerest.devices;

/** What stands on the bench to measure with. */
public enum Instrument {
  /** Between its jaws. */
  CALIPER("mm", 0.01, 0, 150),
  /** In its pan. */
  SCALE("mg", 0.1, 0, 5000);

  private final String unit;
  private final double resolution;
  private final double low;
  private final double high;

  Instrument(String unit, double resolution, double low, double high) {
    this.unit = unit;
    this.resolution = resolution;
    this.low = low;
    this.high = high;
  }

  /** Its name on the line and for people. */
  public String word() {
    return name().toLowerCase(java.util.Locale.ROOT);
  }

  public String unit() {
    return unit;
  }

  public double resolution() {
    return resolution;
  }

  /** Least that it can read, in its unit. */
  public double low() {
    return low;
  }

  /** Most that it can read, in its unit. */
  public double high() {
    return high;
  }
}
