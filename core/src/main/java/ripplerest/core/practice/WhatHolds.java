package ripplerest.core.practice;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.SplittableRandom;
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
  private static final int TRIES = 6;

  private static final int CHOICES = 4;
  private static final int FEWEST = 3;

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
    List<Other> others = new ArrayList<>();
    for (String name : Maker.shuffled(WhatIfs.losable(fly), random)) {
      if (others.size() < CHOICES) {
        work.throwIfCancelled();
        PreparedFly without = WhatIfs.leftOff(fly, List.of(name));
        others.add(
            new Other(Sentence.of("Its %s", Words.of(name)), without, RestSummary.of(without)));
      }
    }
    List<Other> byCost =
        others.stream().sorted(Comparator.comparingDouble(o -> o.sits().sinksAtMg())).toList();
    if (byCost.size() < FEWEST || byCost.stream().anyMatch(o -> isUnknown(o.sits()))) {
      return Optional.empty();
    }
    Other first = byCost.get(0);
    double apart = 1 - first.sits().sinksAtMg() / byCost.get(1).sits().sinksAtMg();
    if (!(apart >= LEAST) || !isPlain(work, first, byCost.get(1))) {
      return Optional.empty();
    }
    Sentence truth =
        Sentence.of(
            "Without %s it %s; without %s it bears %s.",
            lower(first),
            first.sits().outcome() == Outcome.SINKS
                ? Sentence.of("sinks")
                : Sentence.of("bears %s before it goes under", mg(first)),
            lower(byCost.get(1)),
            mg(byCost.get(1)));
    return Optional.of(
        exercise(
            skill,
            "One of these is left off. Which loss sinks it soonest?",
            fly,
            others,
            first,
            apart,
            truth));
  }

  private static Sentence lower(Other o) {
    return Sentence.of(o.words().text().toLowerCase(Locale.ROOT));
  }

  private static String mg(Other o) {
    return "%.0f mg".formatted(o.sits().sinksAtMg());
  }

  private static boolean isUnknown(RestSummary sits) {
    return sits.outcome() == Outcome.UNSETTLED;
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
    double now = Math.abs(RestSummary.posed(fly).pitchDeg());
    if (now < LEANS) {
      return Optional.empty();
    }
    List<Other> others = new ArrayList<>();
    for (Pattern other : Maker.shuffled(changed(fly.pattern()), random)) {
      if (others.size() < CHOICES) {
        work.throwIfCancelled();
        PreparedFly then = fly.with(other);
        RestSummary sits = RestSummary.posed(then);
        if (sits.outcome() == Outcome.RESTS) {
          others.add(new Other(words(fly, other), then, sits));
        }
      }
    }
    if (others.size() < FEWEST) {
      return Optional.empty();
    }
    List<Other> byLean =
        others.stream()
            .sorted(Comparator.comparingDouble(o -> Math.abs(o.sits().pitchDeg())))
            .toList();
    Other first = byLean.get(0);
    double best = Math.abs(first.sits().pitchDeg());
    double next = Math.abs(byLean.get(1).sits().pitchDeg());
    double apart = Math.min(1, (next - best) / now);
    if (best > now - HELPS || apart < LEAST || !isPlain(work, first, byLean.get(1))) {
      return Optional.empty();
    }
    Sentence truth =
        Sentence.of(
            "It leans by %.0f°; with that, by %.0f°. The next best leaves %.0f°.", now, best, next);
    return Optional.of(
        exercise(
            skill, "Which change brings it nearest to level?", fly, others, first, apart, truth));
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
      Skill skill,
      String question,
      PreparedFly fly,
      List<Other> others,
      Other right,
      double apart,
      Sentence truth) {
    List<Exercise.Choice> choices =
        others.stream().map(o -> Exercise.Choice.of(o.words())).toList();
    Key key = Key.chosen(skill, apart, others.size(), others.indexOf(right), truth);
    return Exercise.choose(
            question,
            HowItSits.dressing(fly),
            Exercise.Shown.fly(Outliner.atRest(fly)),
            choices,
            key)
        .then(Outliner.atRest(right.fly()));
  }
}
