package ripplerest.core.practice;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.SplittableRandom;
import java.util.function.DoubleBinaryOperator;
import java.util.function.ToDoubleFunction;
import ripplerest.core.dressing.Counted;
import ripplerest.core.dressing.Length;
import ripplerest.core.dressing.Part;
import ripplerest.core.dressing.PartKind;
import ripplerest.core.dressing.Pattern;
import ripplerest.core.dressing.StepName;
import ripplerest.core.dressing.Turned;
import ripplerest.core.estimate.PreparedFly;
import ripplerest.core.estimate.RestSummary;
import ripplerest.core.estimate.WhatIfs;
import ripplerest.core.estimate.Work;
import ripplerest.core.hook.HookSpec;
import ripplerest.core.outline.Outliner;
import ripplerest.core.quantity.OutOfRangeException;
import ripplerest.core.quantity.Sentence;
import ripplerest.core.quantity.Words;
import ripplerest.core.rest.Outcome;

/** Which loss costs a fly most, which change levels it: each is put on the water and looked at. */
final class WhatHolds implements Maker {
  private static final String LOSSES = "losses";
  private static final String CHANGES = "changes";

  /** Flies that are looked at before it is given up. */
  private static final int TRIES = 12;

  private static final int CHOICES = 4;
  private static final int FEWEST = 3;

  /** Of the best so many, one may be the right one: the best of all may be a toss-up. */
  private static final int MOST_RIGHT = 3;

  /** Changes that are put on the water. */
  private static final int MOST_CHANGES = 8;

  /** The right one has to be so much plainer than the next, a share. */
  private static final double LEAST = 0.1;

  /** A fly that leans by less is level enough, °. */
  private static final double LEANS = 6;

  /** So much nearer to level is worth asking for, °. */
  private static final double HELPS = 2;

  /** A fly otherwise, and how it sits. */
  private record Other(Sentence words, PreparedFly fly, RestSummary sits) {}

  @Override
  public List<Skill> skills(Sources sources) {
    return sources.flies().isEmpty()
        ? List.of()
        : List.of(new Skill(Drill.WHAT_HOLDS, LOSSES), new Skill(Drill.WHAT_HOLDS, CHANGES));
  }

  @Override
  public Optional<Exercise> make(
      Skill skill, Level level, Sources sources, SplittableRandom random, Work work) {
    return Maker.shuffled(sources.flies(), random).stream()
        .limit(TRIES)
        .filter(fly -> PlainRest.of(fly, work).filter(e -> e.rest().isPresent()).isPresent())
        .flatMap(
            fly ->
                (skill.of().equals(LOSSES)
                        ? losses(skill, fly, random, work)
                        : changes(skill, fly, random, work))
                    .stream())
        .findFirst();
  }

  private static Optional<Exercise> losses(
      Skill skill, PreparedFly fly, SplittableRandom random, Work work) {
    List<Other> all = new ArrayList<>();
    for (String name : WhatIfs.losable(fly)) {
      work.throwIfCancelled();
      PreparedFly without = WhatIfs.leftOff(fly, List.of(name));
      RestSummary sits = RestSummary.of(without);
      if (sits.outcome() != Outcome.UNSETTLED) {
        all.add(new Other(Sentence.of("Its %s", Words.of(name)), without, sits));
      }
    }
    return asked(all, o -> o.sits().sinksAtMg(), (a, b) -> 1 - a / b, random, work)
        .map(
            asked -> {
              Other right = asked.right();
              Sentence soonest =
                  right.sits().outcome() == Outcome.SINKS
                      ? Sentence.of("sinks")
                      : Sentence.of("bears %s before it goes under", mg(right));
              Sentence truth =
                  Sentence.of(
                      "Without %s it %s; without %s it bears %s.",
                      lower(right), soonest, lower(asked.next()), mg(asked.next()));
              return exercise(
                  skill,
                  "One of these is left off. Which loss sinks it soonest?",
                  fly,
                  asked,
                  truth);
            });
  }

  /**
   * What is asked: one that is plainly better than all others that stand beside it.
   *
   * @param all in an order of chance
   * @param right one of them
   * @param next the one that comes nearest to it
   * @param apart how far those two are apart, a share
   */
  private record Asked(List<Other> all, Other right, Other next, double apart) {}

  /**
   * Looks for one of them that is plainly the least, and for others to stand beside it.
   *
   * @param apart how far two are apart, a share, the lesser first
   */
  private static Optional<Asked> asked(
      List<Other> all,
      ToDoubleFunction<Other> of,
      DoubleBinaryOperator apart,
      SplittableRandom random,
      Work work) {
    List<Other> byWorth = all.stream().sorted(Comparator.comparingDouble(of)).toList();
    for (int i = 0; i < Math.min(MOST_RIGHT, byWorth.size()); i++) {
      Other right = byWorth.get(i);
      ToDoubleFunction<Other> from =
          o -> apart.applyAsDouble(of.applyAsDouble(right), of.applyAsDouble(o));
      List<Other> beside =
          Maker.shuffled(
                  byWorth.subList(i + 1, byWorth.size()).stream()
                      .filter(o -> from.applyAsDouble(o) >= LEAST)
                      .toList(),
                  random)
              .stream()
              .limit(CHOICES - 1L)
              .sorted(Comparator.comparingDouble(from))
              .toList();
      if (beside.size() >= FEWEST - 1 && isPlain(work, right, beside.get(0))) {
        List<Other> shown = new ArrayList<>(beside);
        shown.add(right);
        double share = Math.min(1, from.applyAsDouble(beside.get(0)));
        return Optional.of(new Asked(Maker.shuffled(shown, random), right, beside.get(0), share));
      }
    }
    return Optional.empty();
  }

  private static String lower(Other o) {
    return o.words().text().toLowerCase(Locale.ROOT);
  }

  private static String mg(Other o) {
    return "%.0f mg".formatted(o.sits().sinksAtMg());
  }

  private static boolean isPlain(Work work, Other... others) {
    for (Other o : others) {
      if (PlainRest.of(o.fly(), work).isEmpty()) {
        return false;
      }
    }
    return true;
  }

  private static Optional<Exercise> changes(
      Skill skill, PreparedFly fly, SplittableRandom random, Work work) {
    double now = lean(RestSummary.posed(fly));
    if (now < LEANS) {
      return Optional.empty();
    }
    List<Other> all = new ArrayList<>();
    for (Pattern other :
        Maker.shuffled(changed(fly.pattern()), random).stream().limit(MOST_CHANGES).toList()) {
      work.throwIfCancelled();
      PreparedFly then = fly.with(other);
      RestSummary sits = RestSummary.posed(then);
      if (sits.outcome() == Outcome.RESTS) {
        all.add(new Other(words(fly, other), then, sits));
      }
    }
    return asked(all, o -> lean(o.sits()), (a, b) -> (b - a) / now, random, work)
        .filter(asked -> lean(asked.right().sits()) <= now - HELPS)
        .map(
            asked ->
                exercise(
                    skill,
                    "Which change brings it nearest to level?",
                    fly,
                    asked,
                    Sentence.of(
                        "It leans by %.0f°; with that, by %.0f°. The next best leaves %.0f°.",
                        now, lean(asked.right().sits()), lean(asked.next().sits()))));
  }

  private static double lean(RestSummary sits) {
    return Math.abs(sits.pitchDeg());
  }

  private static Sentence words(PreparedFly fly, Pattern other) {
    return Sentence.of(
        Words.title(StepName.of(fly.pattern(), fly.conditions(), other, fly.conditions())));
  }

  /** Single changes that hands make, each a plain one. */
  private static List<Pattern> changed(Pattern pattern) {
    List<Pattern> all = new ArrayList<>();
    for (int i = 0; i < pattern.parts().size(); i++) {
      Part part = pattern.parts().get(i);
      if (part instanceof Part.Thread || part instanceof Part.Head) {
        continue;
      }
      if (part instanceof Counted c) {
        add(all, pattern, i, "count", Math.max(c.count() + 1, (int) Math.round(1.5 * c.count())));
        add(all, pattern, i, "count", c.count() / 2);
      }
      if (part instanceof Turned t) {
        add(all, pattern, i, "turns", t.turns() + 2);
        add(all, pattern, i, "turns", t.turns() - 2);
      }
      for (Map.Entry<String, Object> value : PartKind.of(part).values(part).entrySet()) {
        if (value.getValue() instanceof Length.Rule r && part.uses(value.getKey())) {
          add(all, pattern, i, value.getKey(), new Length.Rule(r.reference(), 1.3 * r.factor()));
          add(all, pattern, i, value.getKey(), new Length.Rule(r.reference(), r.factor() / 1.3));
        }
      }
    }
    HookSpec hook = pattern.hook();
    if (hook.measured().isEmpty() && hook.wireSteps() < HookSpec.HEAVIEST) {
      all.add(pattern.withHook(hook.withWire(hook.wireSteps() + 1)));
    }
    return all;
  }

  private static void add(
      List<Pattern> all, Pattern pattern, int part, String field, Object value) {
    try {
      all.add(pattern.withPart(part, pattern.parts().get(part).with(field, value)));
    } catch (OutOfRangeException none) {
      // no fly has so much or so little of it
    }
  }

  private static Exercise exercise(
      Skill skill, String question, PreparedFly fly, Asked asked, Sentence truth) {
    List<Other> all = asked.all();
    List<Exercise.Choice> choices = all.stream().map(o -> Exercise.Choice.of(o.words())).toList();
    Key key = Key.chosen(skill, asked.apart(), all.size(), all.indexOf(asked.right()), truth);
    return Exercise.choose(
            question,
            HowItSits.dressing(fly),
            Exercise.Shown.fly(Outliner.atRest(fly)),
            choices,
            key)
        .then(Outliner.atRest(asked.right().fly()));
  }
}
