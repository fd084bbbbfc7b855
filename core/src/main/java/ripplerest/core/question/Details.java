package ripplerest.core.question;

import java.util.List;
import java.util.Optional;
import ripplerest.core.advice.Goal;
import ripplerest.core.estimate.Answers;
import ripplerest.core.hook.HookSpec;
import ripplerest.core.hook.Natural;

/**
 * What a {@link Question} needs to know beside the fly.
 *
 * @param casts of a landing at most, 1 to {@link Question#MOST_CASTS}
 * @param seed of random draws
 * @param part name of the part that is asked about, or {@code hook}
 * @param reserve film reserve that is wanted, in the fly's own weight
 * @param natural insect that is matched, if any
 * @param goal that is wanted, if any
 * @param rest that is looked at: 0 for the one the fly comes to, then its others
 * @param ownHooks hooks that the tier has beside those of the size table
 */
public record Details(
    int casts,
    long seed,
    String part,
    double reserve,
    Optional<Natural> natural,
    Optional<Goal> goal,
    int rest,
    List<HookSpec> ownHooks) {
  /** What a question is asked with if nothing is said. */
  public static final Details USUAL =
      new Details(Answers.CASTS, 1, "", 2, Optional.empty(), Optional.empty(), 0, List.of());

  public Details {
    ownHooks = List.copyOf(ownHooks);
  }
}
