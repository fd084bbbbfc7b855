package ripplerest.core.practice;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.SplittableRandom;
import ripplerest.core.drawer.Item;
import ripplerest.core.dressing.Hackle;
import ripplerest.core.dressing.PartKind;
import ripplerest.core.estimate.PreparedFly;
import ripplerest.core.estimate.Work;
import ripplerest.core.outline.Outliner;
import ripplerest.core.quantity.Quantity;
import ripplerest.core.quantity.Sentence;
import ripplerest.core.sizing.SizedPattern.Dimension;

/** Which of the measured feathers in the drawer has the barbs that a hook wants. */
final class WhichFeather implements Maker {
  private static final String BARBS = "barbs";
  private static final int CHOICES = 4;
  private static final double LEAST = 0.03;
  private static final double MOST = 0.6;

  /** The right feather should suit the hook at least so well, a share. */
  private static final double SUITS = 0.15;

  /** A feather of the drawer: from what it is, and how long its barbs are. */
  private record Of(String label, double barbMm) {
    double off(double wantedMm) {
      return Math.abs(barbMm / wantedMm - 1);
    }
  }

  @Override
  public List<Skill> skills(Sources sources) {
    return feathers(sources.drawer()).size() >= CHOICES
            && sources.flies().stream().anyMatch(f -> barb(f).isPresent())
        ? List.of(new Skill(Drill.WHICH_FEATHER, BARBS))
        : List.of();
  }

  private static List<Of> feathers(List<Item> drawer) {
    return drawer.stream()
        .filter(i -> i.barbs().isPresent())
        .flatMap(i -> i.barbs().get().measured().stream().map(mm -> new Of(i.label(), mm)))
        .toList();
  }

  private static Optional<Dimension> barb(PreparedFly fly) {
    return fly.sized().dimensions().stream()
        .filter(d -> d.name().equals("barb") && PartKind.can(d.part(), Hackle.class))
        .filter(d -> !d.rule().equals("pinned"))
        .findFirst();
  }

  @Override
  public Optional<Exercise> make(
      Skill skill, Level level, Sources sources, SplittableRandom random, Work work) {
    double wanted = level.next(LEAST, MOST, CHOICES);
    List<Of> all = feathers(sources.drawer());
    for (PreparedFly fly : Maker.shuffled(sources.flies(), random)) {
      Optional<Dimension> barb = barb(fly);
      if (barb.isPresent()) {
        double mm = barb.get().mm();
        Of right = all.stream().min(Comparator.comparingDouble(f -> f.off(mm))).orElseThrow();
        List<Of> others =
            all.stream()
                .filter(f -> f.off(mm) - right.off(mm) >= wanted)
                .sorted(Comparator.comparingDouble(f -> f.off(mm)))
                .limit(CHOICES - 1L)
                .toList();
        if (right.off(mm) <= SUITS && others.size() == CHOICES - 1) {
          return Optional.of(exercise(skill, fly, barb.get(), right, others, random));
        }
      }
    }
    return Optional.empty();
  }

  private static Exercise exercise(
      Skill skill,
      PreparedFly fly,
      Dimension barb,
      Of right,
      List<Of> others,
      SplittableRandom random) {
    List<Of> all = new ArrayList<>(others);
    all.add(right);
    all = Maker.shuffled(all, random);
    double apart = others.get(0).off(barb.mm()) - right.off(barb.mm());
    Sentence truth =
        Sentence.of(
            "%s, with barbs of %s; %s is %s.",
            Sentence.written(right.label()),
            Quantity.mm(right.barbMm(), 1),
            barb.rule(),
            Quantity.mm(barb.mm(), 1));
    List<Exercise.Choice> choices =
        all.stream()
            .map(
                f ->
                    new Exercise.Choice(
                        Sentence.written(f.label()),
                        Optional.empty(),
                        OptionalDouble.of(f.barbMm())))
            .toList();
    return Exercise.choose(
        "Which of your feathers comes nearest to %s on this hook?".formatted(barb.rule()),
        List.of(),
        Exercise.Shown.fly(Outliner.bare(fly.sized().hook())).spoken(spoken(fly, all)),
        choices,
        Key.chosen(skill, apart, all.size(), all.indexOf(right), truth));
  }

  private static List<Sentence> spoken(PreparedFly fly, List<Of> feathers) {
    List<Sentence> all = new ArrayList<>();
    all.add(Sentence.of("The gap of the hook is %s.", Quantity.mm(fly.sized().hook().gapMm(), 1)));
    for (int i = 0; i < feathers.size(); i++) {
      all.add(
          Sentence.of(
              "Feather %d has barbs of %s.", i + 1, Quantity.mm(feathers.get(i).barbMm(), 1)));
    }
    return all;
  }
}
