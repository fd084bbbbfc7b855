package ripplerest.core.drawer;

import java.util.List;
import java.util.OptionalDouble;
import ripplerest.core.quantity.Sentence;

/**
 * Something in the drawer for a part.
 *
 * @param place of the item in the list that was picked from
 * @param fits whether nothing speaks against it
 * @param distance how far it is from what is wished; 0 is just that
 * @param colourOff difference of colour by CIEDE2000, where both colours are known; under 2 is hard
 *     to see
 * @param against what speaks against it, in words
 */
public record Pick(
    int place, boolean fits, double distance, OptionalDouble colourOff, List<Sentence> against) {}
