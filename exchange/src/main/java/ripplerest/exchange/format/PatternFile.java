package ripplerest.exchange.format;

import ripplerest.core.dressing.Pattern;
import ripplerest.core.water.Conditions;

/**
 * What one file holds: a dressing and the conditions it was last looked at under.
 *
 * @param pattern the dressing
 * @param conditions the day
 * @param carried what the dressing needs that does not ship; nothing where it is known anyway
 */
public record PatternFile(Pattern pattern, Conditions conditions, Carried carried) {
  public PatternFile(Pattern pattern, Conditions conditions) {
    this(pattern, conditions, Carried.NOTHING);
  }

  /** The same with what it needs, for whoever does not have it. */
  public PatternFile carrying(Carried needed) {
    return new PatternFile(pattern, conditions, needed);
  }
}
