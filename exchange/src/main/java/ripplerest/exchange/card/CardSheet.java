package ripplerest.exchange.card;

import java.util.HashSet;
import java.util.List;
import java.util.Set;
import ripplerest.core.estimate.PreparedFly;
import ripplerest.core.hook.Hook;
import ripplerest.core.outline.Outliner;
import ripplerest.core.tying.Card;
import ripplerest.core.tying.CardWriter;

/**
 * All that goes on a printed card.
 *
 * @param card its words
 * @param atRest the fly on the water, from the side
 * @param inVise the fly as it stands in the vise
 * @param hook whose shank is laid out at true size
 */
public record CardSheet(Card card, Figure atRest, Figure inVise, Hook hook) {
  /** A sheet of a fly, which is put on the water for it. */
  public static CardSheet of(PreparedFly fly) {
    Inks inks = new Inks(fly.pattern());
    return new CardSheet(
        CardWriter.of(fly.sized(), fly.materials()),
        Figure.of(Outliner.atRest(fly), inks),
        Figure.of(Outliner.inVise(fly), inks),
        fly.sized().hook());
  }

  /** The fly so far behind a step, from 1; nothing where the step adds nothing to see. */
  Figure soFar(int step) {
    List<String> before = card.onTheHook(step - 1);
    List<String> now = card.onTheHook(step);
    Set<String> added = new HashSet<>(now);
    before.forEach(added::remove);
    Figure figure = inVise.only(now);
    boolean seen = inVise.shapes().stream().anyMatch(s -> added.contains(s.part()));
    return step == 1 || seen ? figure : Figure.NOTHING;
  }
}
