package ripplerest.core.rest;

import ripplerest.core.quantity.Sentence;

/**
 * Why a landing came to no rest.
 *
 * @param why in one word, for programs
 * @param words for people
 */
public record NoRest(Why why, Sentence words) {
  /** Reasons there are. */
  public enum Why {
    /** The water could not hold it. */
    SANK,
    /** It went under, but drowned whole it lifts; where it then rests was not found. */
    WENT_UNDER_BUT_LIFTS,
    /** The search ended before weight and water were in balance. */
    NO_BALANCE,
    /** Each balance that was found tips at a touch. */
    NO_STEADY_BALANCE
  }
}
