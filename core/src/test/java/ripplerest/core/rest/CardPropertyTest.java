package ripplerest.core.rest;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.Collections;
import java.util.HashSet;
import java.util.List;
import java.util.Random;
import java.util.Set;
import java.util.SplittableRandom;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import ripplerest.core.dressing.Making.OwnStep;
import ripplerest.core.dressing.Part;
import ripplerest.core.dressing.Pattern;
import ripplerest.core.dressing.tie.Place;
import ripplerest.core.dressing.tie.Stretch;
import ripplerest.core.dressing.tie.Tie;
import ripplerest.core.quantity.OutOfRangeException;
import ripplerest.core.quantity.Sentence;
import ripplerest.core.quantity.Words;
import ripplerest.core.sizing.SizedPattern;
import ripplerest.core.sizing.SizedPattern.Piece;
import ripplerest.core.sizing.SizedPattern.Span;
import ripplerest.core.sizing.Sizer;
import ripplerest.core.steps.OrderOfWork;
import ripplerest.core.tying.Amount;
import ripplerest.core.tying.Amounts;
import ripplerest.core.tying.Card;
import ripplerest.core.tying.CardWriter;

/** Cards of random flies, each kind of part with any other, placed and handled at random. */
class CardPropertyTest {
  private static final int PATTERNS = Integer.getInteger("patterns", 60);

  /** Orders at random are mended for one pattern in so many. */
  private static final int MENDED = 25;

  private static final java.util.regex.Pattern WRONG_NUMBER =
      java.util.regex.Pattern.compile(
          "(?<![.\\d])1 (?:turn|plume|strand|fibre|hair|band|barb|layer|wrap)s\\b"
              + "|(?<![.\\d])(?:[2-9]|[1-9]\\d+) (?:turn|plume|strand|fibre|hair|band|barb|layer)\\b");

  @Tag("slow")
  @Test
  void everyValidPatternHasACardThatCanBeTied() {
    SplittableRandom random = new SplittableRandom(20261128);
    SplittableRandom hands = new SplittableRandom(7);
    for (int n = 0; n < PATTERNS; n++) {
      Pattern drawn = RandomFlies.pattern(random);
      boolean usual = n % 2 == 0;
      SizedPattern fly = new Sizer(Flies.MATERIALS).size(usual ? drawn : handled(drawn, hands));
      Card card;
      try {
        card = CardWriter.of(fly, Flies.MATERIALS);
      } catch (OutOfRangeException e) {
        assertThat(e).hasMessageContaining("fibres");
        continue;
      }
      assertThat(card.problems()).as("%s", fly.pattern()).isEmpty();
      if (usual) {
        assertThat(OrderOfWork.broken(fly, Flies.MATERIALS)).as("%s", fly.pattern()).isEmpty();
        spansLieAsTheyAreWound(fly, card);
      }
      assertThat(card.steps()).extracting(Card.Step::key).doesNotHaveDuplicates();
      card.steps().forEach(CardPropertyTest::read);
      Set<String> told = new HashSet<>();
      for (Amount a : Amounts.of(fly, Flies.MATERIALS)) {
        assertThat(told.add(a.part() + "/" + a.what())).as("named once: %s", a).isTrue();
      }
      if (n % MENDED == 0) {
        anyOrderIsMendedMoveByMove(fly, card, hands);
      }
    }
  }

  /** What a reader sees of a step. */
  private static void read(Card.Step step) {
    List<Sentence> told = new ArrayList<>(step.take());
    told.addAll(List.of(step.how(), step.check(), step.mistake(), step.remedy(), step.ways()));
    String all = Sentence.join(" ", told).toString();
    assertThat(all).doesNotContain("{", "}", "null", "NaN").doesNotContainPattern(WRONG_NUMBER);
    if (step.key().startsWith("trim ") || step.key().startsWith("clip ")) {
      assertThat(step.how().quantities()).as("every cut has a number: %s", all).isNotEmpty();
    }
  }

  /** Pieces of the shank have no gap, and of two collars side by side the later is at the eye. */
  private static void spansLieAsTheyAreWound(SizedPattern fly, Card card) {
    double at = 0;
    for (Piece piece : fly.pieces()) {
      assertThat(piece.fromMm()).isGreaterThanOrEqualTo(at - 1e-9);
      at = piece.toMm();
    }
    List<String> keys = card.steps().stream().map(Card.Step::key).toList();
    List<Span> rows = new ArrayList<>();
    for (String key : keys) {
      if (key.startsWith("wind ") && !key.contains("/")) {
        List<Span> of = fly.spansOf(key.substring("wind ".length()));
        if (of.size() == 1 && of.get(0).role() == Span.Role.HACKLE) {
          rows.add(of.get(0));
        }
      }
    }
    for (int i = 1; i < rows.size(); i++) {
      boolean behind = rows.get(i).fromMm() >= rows.get(i - 1).toMm() - 1e-9;
      boolean empty = rows.get(i).lengthMm() < 1e-9 || rows.get(i - 1).lengthMm() < 1e-9;
      assertThat(behind && !empty).as("%s before %s", rows.get(i - 1), rows.get(i)).isFalse();
    }
  }

  /**
   * Every problem names the move that mends it, and so many moves make an order that can be tied.
   */
  private static void anyOrderIsMendedMoveByMove(
      SizedPattern fly, Card card, SplittableRandom random) {
    List<String> order = new ArrayList<>(card.steps().stream().map(Card.Step::key).toList());
    Collections.shuffle(order, new Random(random.nextLong()));
    int most = order.size() * order.size();
    for (int moves = 0; ; moves++) {
      List<OwnStep> own = order.stream().map(key -> new OwnStep(key, "", "")).toList();
      SizedPattern told =
          new Sizer(Flies.MATERIALS)
              .size(fly.pattern().with(fly.pattern().making().withSteps(own)));
      List<OrderOfWork.Problem> problems = OrderOfWork.of(told, Flies.MATERIALS).problems();
      if (problems.isEmpty()) {
        return;
      }
      assertThat(moves).as("%s", fly.pattern().names()).isLessThan(most);
      order.remove(problems.get(0).step());
      order.add(order.indexOf(problems.get(0).after()) + 1, problems.get(0).step());
    }
  }

  /** The same with some parts at places of their own and with more done to them. */
  private static Pattern handled(Pattern fly, SplittableRandom random) {
    List<Part> parts = new ArrayList<>();
    for (Part part : fly.parts()) {
      Tie tie = part.tie();
      if (random.nextInt(5) == 0) {
        Tie.Also also = Tie.Also.values()[random.nextInt(Tie.Also.values().length)];
        tie = tie.also(List.of(also));
      }
      if (random.nextInt(6) == 0) {
        tie = tie.at(place(fly, random)).over(List.of(stretch(fly, random), stretch(fly, random)));
      }
      parts.add(part.tied(tie));
    }
    return fly.withParts(parts);
  }

  private static Stretch stretch(Pattern fly, SplittableRandom random) {
    return new Stretch(place(fly, random), place(fly, random));
  }

  private static Place place(Pattern fly, SplittableRandom random) {
    if (random.nextInt(4) == 0) {
      List<String> names = fly.names();
      String end = random.nextBoolean() ? ".front" : ".rear";
      return new Place(names.get(random.nextInt(names.size())) + end, 0, Place.Unit.MM);
    }
    Place.Landmark mark = Place.Landmark.values()[random.nextInt(Place.Landmark.values().length)];
    return new Place(Words.id(mark), random.nextDouble(-0.4, 0.4), Place.Unit.SHARE);
  }
}
