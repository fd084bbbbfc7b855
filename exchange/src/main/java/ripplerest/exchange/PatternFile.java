package ripplerest.exchange;

import ripplerest.core.dressing.Pattern;
import ripplerest.core.water.Conditions;

/**
 * What one file holds: a dressing and the conditions it was last looked at under.
 *
 * @param pattern the dressing
 * @param conditions the day
 */
public record PatternFile(Pattern pattern, Conditions conditions) {}
