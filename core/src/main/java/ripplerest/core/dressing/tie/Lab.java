package ripplerest.core.dressing.tie;

/**
 * A colour as the eye weighs it, CIE 1976 L*a*b* under D65.
 *
 * @param lightness 0 to 100
 * @param a green to red, about -130 to 130
 * @param b blue to yellow, about -130 to 130
 */
public record Lab(double lightness, double a, double b) {
  /** White of sRGB, CIE XYZ over 2° (IEC 61966-2-1). */
  private static final double[] WHITE = {0.95047, 1, 1.08883};

  private static final double TWENTY_FIVE_TO_THE_SEVENTH = Math.pow(25, 7);

  /** Of red, green and blue of a byte each, as sRGB has them (IEC 61966-2-1, CIE 15). */
  public static Lab of(int rgb) {
    double red = linear(rgb >> 16 & 0xff);
    double green = linear(rgb >> 8 & 0xff);
    double blue = linear(rgb & 0xff);
    double x = root((0.4124564 * red + 0.3575761 * green + 0.1804375 * blue) / WHITE[0]);
    double y = root((0.2126729 * red + 0.7151522 * green + 0.0721750 * blue) / WHITE[1]);
    double z = root((0.0193339 * red + 0.1191920 * green + 0.9503041 * blue) / WHITE[2]);
    return new Lab(116 * y - 16, 500 * (x - y), 200 * (y - z));
  }

  private static double linear(int value) {
    double v = value / 255.0;
    return v <= 0.04045 ? v / 12.92 : Math.pow((v + 0.055) / 1.055, 2.4);
  }

  private static double root(double t) {
    return t > 216 / 24389.0 ? Math.cbrt(t) : (24389 / 27.0 * t + 16) / 116;
  }

  /**
   * How different two colours look: CIEDE2000 with all weights one; 1 is about what is just seen
   * side by side.
   *
   * <p>Formula: Sharma, Wu & Dalal (2005), The CIEDE2000 color-difference formula: implementation
   * notes, supplementary test data, and mathematical observations, Color Research and Application
   * 30, 21-30.
   */
  public double difference(Lab other) {
    double chroma = (Math.hypot(a, b) + Math.hypot(other.a, other.b)) / 2;
    double grey = 1.5 - 0.5 * saturation(chroma);
    double c1 = Math.hypot(grey * a, b);
    double c2 = Math.hypot(grey * other.a, other.b);
    double h1 = hue(grey * a, b);
    double h2 = hue(grey * other.a, other.b);
    boolean coloured = c1 * c2 != 0;
    double turn = coloured ? turn(h1, h2) : 0;
    double dL = other.lightness - lightness;
    double dC = c2 - c1;
    double dH = 2 * Math.sqrt(c1 * c2) * Math.sin(Math.toRadians(turn / 2));
    double meanL = (lightness + other.lightness) / 2;
    double meanC = (c1 + c2) / 2;
    double meanH = coloured ? between(h1, h2) : h1 + h2;
    double t =
        1
            - 0.17 * cosine(meanH - 30)
            + 0.24 * cosine(2 * meanH)
            + 0.32 * cosine(3 * meanH + 6)
            - 0.20 * cosine(4 * meanH - 63);
    double off = (meanL - 50) * (meanL - 50);
    double weightL = 1 + 0.015 * off / Math.sqrt(20 + off);
    double weightC = 1 + 0.045 * meanC;
    double weightH = 1 + 0.015 * meanC * t;
    double blues = 30 * Math.exp(-Math.pow((meanH - 275) / 25, 2));
    double rotation = -2 * saturation(meanC) * Math.sin(Math.toRadians(2 * blues));
    double l = dL / weightL;
    double c = dC / weightC;
    double h = dH / weightH;
    return Math.sqrt(l * l + c * c + h * h + rotation * c * h);
  }

  private static double saturation(double chroma) {
    double seventh = Math.pow(chroma, 7);
    return Math.sqrt(seventh / (seventh + TWENTY_FIVE_TO_THE_SEVENTH));
  }

  /** Degrees, 0 to 360. */
  private static double hue(double a, double b) {
    double degrees = a == 0 && b == 0 ? 0 : Math.toDegrees(Math.atan2(b, a));
    return degrees < 0 ? degrees + 360 : degrees;
  }

  /** The shorter way from one hue to another, degrees. */
  private static double turn(double from, double to) {
    double turn = to - from;
    return turn > 180 ? turn - 360 : turn < -180 ? turn + 360 : turn;
  }

  private static double between(double one, double other) {
    double sum = one + other;
    return Math.abs(one - other) <= 180 ? sum / 2 : sum < 360 ? (sum + 360) / 2 : (sum - 360) / 2;
  }

  private static double cosine(double degrees) {
    return Math.cos(Math.toRadians(degrees));
  }
}
