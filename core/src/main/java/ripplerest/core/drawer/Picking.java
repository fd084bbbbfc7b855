package ripplerest.core.drawer;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import java.util.stream.IntStream;
import ripplerest.core.dressing.tie.Colour;
import ripplerest.core.dressing.tie.Lab;
import ripplerest.core.dressing.tie.Shade;
import ripplerest.core.material.Serves;
import ripplerest.core.quantity.Quantity;
import ripplerest.core.quantity.Sentence;
import ripplerest.core.quantity.Words;

/**
 * Which of the things in a drawer serve a part, the nearest first. What weighs how much against
 * what is common practice without a source: another kind of material before another colour, a
 * feather of the wrong length before a little too short a one.
 */
public final class Picking {
  /** Barbs so much longer or shorter still fit, a share (common practice, no source). */
  public static final double BARBS_FIT = 0.08;

  /** Colours farther apart than this are told as two (assumption). */
  private static final double SEEN_APART = 10;

  private static final double OTHER_KIND = 40;
  private static final double UNKNOWN_COLOUR = 6;
  private static final double MOST_FOR_COLOUR = 35;
  private static final double OTHER_MARKING = 8;
  private static final double NONE_LEFT = 60;
  private static final double A_TURN_SHORT = 10;
  private static final double TOO_SHORT = 50;
  private static final double BARBS_OFF = 1.5;

  /** So much of what a need takes is enough: nothing is measured closer. */
  private static final double TOLERANCE = 0.995;

  /** Of so much nobody counts parts. */
  private static final double MANY = 10;

  private Picking() {}

  /** Everything that serves at all. */
  public static List<Pick> of(Need need, List<Item> drawer) {
    return of(need, drawer, true);
  }

  /** Everything that fits, or did while there was some of it. */
  static List<Pick> suited(Need need, List<Item> drawer) {
    return of(need, drawer, false).stream().filter(Pick::fits).toList();
  }

  private static List<Pick> of(Need need, List<Item> drawer, boolean counted) {
    return IntStream.range(0, drawer.size())
        .boxed()
        .flatMap(i -> of(need, i, drawer.get(i), counted).stream())
        .sorted(
            Comparator.comparingDouble(Pick::distance)
                .thenComparing(p -> !drawer.get(p.place()).pieces())) // offcuts are used up first
        .toList();
  }

  /** How much of a thing serves a need: of a skin the feathers with barbs of its length. */
  static double serving(Need need, Item item) {
    if (need.barbMm().isEmpty() || item.barbs().isEmpty()) {
      return item.amount();
    }
    double wanted = need.barbMm().getAsDouble();
    double from = (1 - BARBS_FIT) * wanted;
    return item.barbs().get().between(from, (1 + BARBS_FIT) * wanted, item.amount()).feathers();
  }

  /** How much of a thing one fly takes for a need, in the unit of the thing. */
  public static double takes(Need need, Item item) {
    if (item.pieces()) {
      return need.pieces();
    }
    if (need.winding().isPresent() && item.lengthMm().isPresent()) {
      double flies = Math.floor(item.lengthMm().getAsDouble() / need.winding().get().usedMm());
      return need.amount() / Math.max(1, flies); // a long feather serves several
    }
    return need.amount();
  }

  /** The nearest of all that fit. */
  public static Optional<Pick> best(Need need, List<Item> drawer) {
    return of(need, drawer).stream().filter(Pick::fits).findFirst();
  }

  private static Optional<Pick> of(Need need, int place, Item item, boolean counted) {
    boolean sameKind = item.kind().equals(need.material());
    if (!sameKind && !Serves.as(need.partKind(), item.kind())
        || !need.hookSize().equals(item.hookSize())) {
      return Optional.empty();
    }
    List<Sentence> against = new ArrayList<>();
    double distance = 0;
    if (!sameKind) {
      distance += OTHER_KIND;
      against.add(Sentence.of("another material than the pattern's"));
    }
    OptionalDouble off = colourOff(need.colour(), item);
    distance += off.isPresent() ? Math.min(MOST_FOR_COLOUR, off.getAsDouble()) : unknown(need);
    if (off.orElse(0) > SEEN_APART) {
      against.add(Sentence.of("its colour is another"));
    }
    Colour.Marking marking = item.colour().marking();
    if (!need.colour().name().isEmpty() && marking != need.colour().marking()) {
      distance += OTHER_MARKING;
      against.add(Sentence.of("its marking is another: %s", Words.of(marking)));
    }
    distance += feather(need, item, sameKind, against);
    if (counted && sameKind && item.amount() < TOLERANCE * takes(need, item)) {
      distance += NONE_LEFT;
      against.add(tooLittle(need, item));
    }
    return Optional.of(new Pick(place, against.isEmpty(), distance, off, List.copyOf(against)));
  }

  private static double unknown(Need need) {
    return need.colour().name().isEmpty() ? 0 : UNKNOWN_COLOUR;
  }

  /** CIEDE2000 between what is wished and what it looks like. */
  private static OptionalDouble colourOff(Colour wished, Item item) {
    OptionalInt looks = item.looks();
    OptionalInt wish = Shade.of(wished.name());
    if (wish.isEmpty() || looks.isEmpty()) {
      return OptionalDouble.empty();
    }
    double off = Lab.of(wish.getAsInt()).difference(Lab.of(looks.getAsInt()));
    return OptionalDouble.of(off);
  }

  private static double feather(Need need, Item item, boolean sameKind, List<Sentence> against) {
    double distance = 0;
    if (need.barbMm().isPresent() && item.barbs().isPresent()) {
      double wanted = need.barbMm().getAsDouble();
      BarbLengths barbs = item.barbs().get();
      if (serving(need, item) < need.amount() / 2) {
        double nearest = barbs.nearest(wanted);
        distance += BARBS_OFF * 100 * Math.abs(nearest / wanted - 1);
        against.add(
            Sentence.of(
                "%s barbs: the nearest are %s",
                nearest > wanted ? "longer" : "shorter", Quantity.mm(nearest, 1)));
      }
    }
    if (need.winding().isPresent() && item.lengthMm().isPresent()) {
      Need.Winding winding = need.winding().get();
      double turns = winding.turnsOf(item.lengthMm().getAsDouble());
      if (turns < winding.turns()) {
        distance += A_TURN_SHORT * (winding.turns() - turns);
        against.add(
            Sentence.of(
                turns == 0 ? "too short for a turn" : "too short after %s turns", halves(turns)));
      }
    }
    if (item.pieces() && need.strandMm().isPresent() && item.lengthMm().isPresent()) {
      double wanted = need.strandMm().getAsDouble();
      if (item.lengthMm().getAsDouble() < wanted) {
        distance += TOO_SHORT;
        against.add(Sentence.of("too short: %s are needed", Quantity.mm(wanted, 0)));
      }
    }
    return distance;
  }

  private static String halves(double turns) {
    return turns == Math.rint(turns) ? "" + (int) turns : "" + turns;
  }

  private static Sentence tooLittle(Need need, Item item) {
    if (item.amount() <= 0) {
      return Sentence.of("none is left");
    }
    return Sentence.of(
        "only %s left", words(item.amount(), item.pieces() ? Kept.By.PIECES : need.by()));
  }

  /** An amount with its unit, in no more digits than it deserves. */
  public static String words(double amount, Kept.By by) {
    int decimals = amount >= MANY ? 0 : by.decimals();
    BigDecimal rounded = BigDecimal.valueOf(amount).setScale(decimals, RoundingMode.HALF_UP);
    String number = rounded.stripTrailingZeros().toPlainString();
    return number + " " + (number.equals("1") ? by.one() : by.unit());
  }
}
