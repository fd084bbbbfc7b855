package ripplerest.core.tying;

/**
 * How much of something a part takes.
 *
 * @param part name of the part; {@code fly} for all of it
 * @param what in a tier's words, such as {@code noodle}
 * @param value in {@code unit}
 * @param spread standard deviation from what is only roughly known, same unit; 0 where it is
 *     counted
 * @param unit {@code mm}, {@code mg}, {@code turns}, {@code layers}, or what is counted
 */
public record Amount(String part, String what, double value, double spread, String unit) {}
