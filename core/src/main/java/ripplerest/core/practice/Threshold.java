package ripplerest.core.practice;

/**
 * What an eye just sees, or how near it sets something, in the skill's unit.
 *
 * @param value as likely too large as too small
 * @param low tenth percentile
 * @param high ninetieth percentile
 */
public record Threshold(double value, double low, double high) {
  /** One over it: of so many at a glance, where one over the number was judged. */
  Threshold inverse() {
    return new Threshold(1 / value, 1 / high, 1 / low);
  }
}
