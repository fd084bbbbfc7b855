package ripplerest.core.practice;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.SplittableRandom;
import ripplerest.core.estimate.Work;
import ripplerest.core.hook.Hook;
import ripplerest.core.hook.HookSpec;
import ripplerest.core.hook.Natural;
import ripplerest.core.outline.Outliner;
import ripplerest.core.quantity.Quantity;
import ripplerest.core.quantity.Sentence;
import ripplerest.core.quantity.Words;

/**
 * Which hook an insect asks for, by either of the two ways in which tiers choose; the question says
 * which. Dry-fly hooks come in even numbers (common practice, no source), so nothing finer is
 * asked.
 */
final class WhichHook implements Maker {
  private static final String HOOKS = "hooks";
  private static final int CHOICES = 4;
  private static final int STEP = 2;
  private static final int MOST_STEP = 4;
  private static final double LEAST = 0.08;
  private static final double MOST = 0.5;

  /** How far an insect may be off its hook, as a share of what tells the hooks apart. */
  private static final double OFF = 0.2;

  @Override
  public List<Skill> skills(Sources sources) {
    return List.of(new Skill(Drill.WHICH_HOOK, HOOKS));
  }

  @Override
  public Optional<Exercise> make(
      Skill skill, Level level, Sources sources, SplittableRandom random, Work work) {
    double wanted = level.next(LEAST, MOST, CHOICES);
    Natural.Order[] orders = Natural.Order.values();
    for (int tries = 0; tries < 40; tries++) {
      Natural.Order order = orders[random.nextInt(orders.length)];
      int size = HookSpec.USUAL_LARGEST + STEP * (1 + random.nextInt(7));
      Natural about = natural(order, shank(order, size));
      Natural.Match match = about.hooks().get(random.nextInt(about.hooks().size()));
      int step = step(match.hook(), wanted);
      int place = random.nextInt(CHOICES);
      List<HookSpec> hooks = new ArrayList<>();
      for (int i = 0; i < CHOICES; i++) {
        int number = match.hook().size() + (i - place) * step;
        if (number >= HookSpec.USUAL_LARGEST - STEP && number <= HookSpec.USUAL_SMALLEST + STEP) {
          hooks.add(match.hook().withSize(number));
        }
      }
      double apart = apart(hooks, match.hook());
      double off = OFF * apart * (2 * random.nextDouble() - 1);
      Natural natural = natural(order, about.bodyMm() * (1 + off));
      Optional<Natural.Match> right =
          natural.hooks().stream()
              .filter(m -> m.way() == match.way() && m.hook().equals(match.hook()))
              .findFirst();
      if (hooks.size() == CHOICES && right.isPresent()) {
        return Optional.of(exercise(skill, natural, right.get(), hooks, apart));
      }
    }
    return Optional.empty();
  }

  private static Natural natural(Natural.Order order, double bodyMm) {
    return new Natural(order, Natural.Stage.ADULT, Natural.Sex.UNKNOWN, bodyMm, 0);
  }

  private static double shank(Natural.Order order, int size) {
    return Hook.of(natural(order, 8).hooks().get(0).hook().withSize(size)).shankMm();
  }

  /** How many numbers apart the hooks have to be. */
  private static int step(HookSpec hook, double wanted) {
    int step = STEP;
    while (step < MOST_STEP
        && apart(List.of(hook, hook.withSize(hook.size() + step)), hook) < wanted) {
      step += STEP;
    }
    return step;
  }

  /** By how much the next hook differs from the right one, a share of its shank. */
  private static double apart(List<HookSpec> hooks, HookSpec right) {
    double shank = Hook.of(right).shankMm();
    return hooks.stream()
        .filter(h -> !h.equals(right))
        .mapToDouble(h -> Math.abs(Hook.of(h).shankMm() / shank - 1))
        .min()
        .orElse(MOST);
  }

  private static Exercise exercise(
      Skill skill, Natural natural, Natural.Match right, List<HookSpec> hooks, double apart) {
    String way =
        right.way() == Natural.Way.SAME_SIZE
            ? "by the length of its body"
            : "one size smaller than its body";
    List<Exercise.Choice> choices =
        hooks.stream()
            .map(
                h ->
                    new Exercise.Choice(
                        Sentence.of("Hook %d", h.size()),
                        Optional.of(Outliner.bare(Hook.of(h))),
                        OptionalDouble.empty()))
            .toList();
    Sentence truth =
        Sentence.of(
            "A %d: its shank is %s, the body %s.",
            right.hook().size(), Quantity.mm(right.shankMm(), 1), Quantity.mm(natural.bodyMm(), 1));
    Key key = Key.chosen(skill, apart, hooks.size(), hooks.indexOf(right.hook()), truth);
    return new Exercise(
        Sentence.of("Which hook for this %s, %s?", Words.of(natural.order()), way),
        List.of(),
        new Exercise.Shown(
            Optional.empty(),
            Set.of(),
            false,
            false,
            Optional.empty(),
            Optional.of(natural),
            List.of(Sentence.of("Its body is %s long.", Quantity.mm(natural.bodyMm(), 1)))),
        choices,
        List.of(),
        key,
        Optional.empty(),
        Optional.empty());
  }
}
