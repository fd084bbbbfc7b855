package ripplerest.core.practice;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.SplittableRandom;
import ripplerest.core.dressing.Part;
import ripplerest.core.dressing.Pattern;
import ripplerest.core.estimate.PreparedFly;
import ripplerest.core.estimate.Work;
import ripplerest.core.material.Material;
import ripplerest.core.material.Property;
import ripplerest.core.outline.Outline;
import ripplerest.core.outline.Outliner;
import ripplerest.core.quantity.Prior;
import ripplerest.core.quantity.Sentence;

/** How many fibres of a tail, how many turns of a rib, seen for a moment. */
final class CountAtGlance implements Maker {
  private static final String FIBRES = "tail fibres";
  private static final String TURNS = "turns of rib";
  private static final int FEWEST = 2;
  private static final int MOST = 12;

  /** Most that can be answered. */
  private static final int MOST_SAID = 15;

  /** A guess at a number hits one time in so many (assumption). */
  private static final int GUESSES = 8;

  /** Fibres that lie on each other cannot be counted, °. */
  private static final double LEAST_SPLAY = 40;

  @Override
  public List<Skill> skills(Sources sources) {
    List<Skill> all = new ArrayList<>();
    for (PreparedFly fly : sources.flies()) {
      if (fly.pattern().part(Part.Tail.class).isPresent()) {
        all.add(new Skill(Drill.COUNT, FIBRES));
      }
      if (isRibbed(fly)) {
        all.add(new Skill(Drill.COUNT, TURNS));
      }
    }
    return all.stream().distinct().toList();
  }

  private static boolean isRibbed(PreparedFly fly) {
    return fly.pattern().part(Part.Rib.class).isPresent()
        && fly.pattern().part(Part.Body.class).isPresent();
  }

  @Override
  public Optional<Exercise> make(
      Skill skill, Level level, Sources sources, SplittableRandom random, Work work) {
    double ease = level.next(1.0 / MOST, 1.0 / FEWEST, GUESSES);
    int usual = (int) Math.round(1 / ease);
    int count = Math.max(FEWEST, Math.min(MOST, usual + random.nextInt(3) - 1));
    for (PreparedFly fly : Maker.shuffled(sources.flies(), random)) {
      Optional<Exercise> made =
          skill.of().equals(FIBRES) ? fibres(skill, fly, count) : turns(skill, fly, count);
      if (made.isPresent()) {
        return made;
      }
    }
    return Optional.empty();
  }

  private static Optional<Exercise> fibres(Skill skill, PreparedFly fly, int count) {
    return fly.pattern()
        .part(Part.Tail.class)
        .map(
            tail -> {
              Part other = tail.with("count", count);
              Part spread = other.with("splay", Math.max(LEAST_SPLAY, tail.splay()));
              PreparedFly alone = apart(fly, tail.material());
              return Outliner.inVise(alone.with(fly.pattern().withPart(spread)));
            })
        .filter(o -> o.fibres().stream().filter(f -> f.part().equals("tail")).count() == count)
        .map(
            o ->
                exercise(
                    skill,
                    "How many fibres has the tail?",
                    o,
                    Set.of("tail", "body", "thread"),
                    true,
                    count));
  }

  /** Before any water sticks its fibres together. */
  private static PreparedFly apart(PreparedFly fly, String material) {
    Material wet = fly.materials().get(material);
    Map<Property, Prior> priors = new EnumMap<>(wet.priors());
    priors.remove(Property.INDEPENDENT_FIBRES);
    return fly.with(fly.materials().with(new Material(wet.id(), wet.label(), priors)));
  }

  private static Optional<Exercise> turns(Skill skill, PreparedFly fly, int count) {
    if (!isRibbed(fly)) {
      return Optional.empty();
    }
    Pattern pattern = fly.pattern();
    Part rib = pattern.part(Part.Rib.class).orElseThrow().with("turns", (double) count);
    Outline outline = Outliner.inVise(fly.with(pattern.withPart(rib)));
    return outline.strands().stream().anyMatch(s -> s.part().equals("rib"))
        ? Optional.of(
            exercise(
                skill,
                "How many turns has the rib?",
                outline,
                Set.of("body", "rib", "thread"),
                false,
                count))
        : Optional.empty();
  }

  private static Exercise exercise(
      Skill skill, String question, Outline outline, Set<String> parts, boolean above, int count) {
    Sentence truth = Sentence.of("There are %d.", count);
    Key key =
        new Key(
            List.of(new Key.Question(skill, GUESSES, 1.0 / count, count, 1, MOST_SAID, 1, "")),
            truth);
    return new Exercise(
        Sentence.of(question),
        List.of(),
        new Exercise.Shown(
            Optional.of(outline),
            parts,
            above,
            true,
            Optional.empty(),
            Optional.empty(),
            List.of()),
        List.of(),
        List.of(new Exercise.Dial("Count", 1, MOST_SAID, 1, 1, "")),
        key,
        Optional.of(outline),
        Optional.empty());
  }
}
