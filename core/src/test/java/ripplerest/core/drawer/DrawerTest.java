package ripplerest.core.drawer;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import java.util.SplittableRandom;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import ripplerest.core.dressing.tie.Colour;
import ripplerest.core.material.Materials;
import ripplerest.core.quantity.Sentence;
import ripplerest.core.rest.Flies;
import ripplerest.core.sizing.Sizer;
import ripplerest.core.sizing.Styles;

class DrawerTest {
  private static final Materials MATERIALS = Materials.standard();
  private static final List<Need> COLLAR = needs("upright-collar", 14);

  private static List<Need> needs(String style, int size) {
    return Needs.of(new Sizer(MATERIALS).size(Flies.of(style, size)), MATERIALS);
  }

  private static Need hackle() {
    return COLLAR.stream().filter(n -> n.winding().isPresent()).findFirst().orElseThrow();
  }

  private static Item item(String kind, String colour, double amount) {
    return new Item(
        colour + " " + kind,
        kind,
        Colour.of(colour),
        OptionalInt.empty(),
        "",
        false,
        amount,
        0,
        Optional.empty(),
        Optional.empty(),
        OptionalDouble.empty(),
        OptionalInt.empty(),
        "");
  }

  private static Item cape(double amount, double lengthMm, Double... barbs) {
    Item plain = item("dry-hackle", "ginger", amount);
    return new Item(
        plain.label(),
        plain.kind(),
        plain.colour(),
        plain.ink(),
        "",
        false,
        amount,
        0,
        Optional.empty(),
        barbs.length == 0 ? Optional.empty() : Optional.of(new BarbLengths(List.of(barbs))),
        OptionalDouble.of(lengthMm),
        OptionalInt.empty(),
        "");
  }

  private static Item hook(int size, double amount) {
    return new Item(
        "hooks",
        "hook-steel",
        Colour.NONE,
        OptionalInt.empty(),
        "",
        false,
        amount,
        0,
        Optional.empty(),
        Optional.empty(),
        OptionalDouble.empty(),
        OptionalInt.of(size),
        "");
  }

  @Test
  void everyMaterialThatShipsIsKeptSomehow() {
    MATERIALS.offered().forEach(m -> assertThat(Kept.of(m.id(), MATERIALS).pack()).isPositive());
  }

  @Test
  void everyStyleTakesAHookThreadAndSomethingOfAllItsParts() {
    for (var style : Styles.standard().offered()) {
      for (int size : new int[] {12, 18}) {
        List<Need> needs = needs(style.id(), size);
        assertThat(needs.get(0).hookSize()).hasValue(size);
        assertThat(needs).anyMatch(n -> n.part().equals("thread"));
        assertThat(needs).allSatisfy(n -> assertThat(n.amount()).isBetween(1e-4, 200.0));
      }
    }
  }

  @Test
  void aCollarTakesOneFeatherAndUnderAMetreOfThread() {
    assertThat(hackle().amount()).isEqualTo(1);
    assertThat(hackle().by()).isEqualTo(Kept.By.FEATHERS);
    double barb =
        new Sizer(MATERIALS).size(Flies.of("upright-collar", 14)).mm("collar-hackle", "barb");
    assertThat(hackle().barbMm()).hasValue(barb);
    Need thread = COLLAR.stream().filter(n -> n.part().equals("thread")).findFirst().orElseThrow();
    assertThat(thread.amount()).isBetween(0.2, 1.0);
  }

  @Test
  void aFeatherRunsOutWhereItsLengthSaysSo() {
    Need.Winding winding = hackle().winding().orElseThrow();
    double three = 3.5 * winding.turnMm() + winding.heldMm() + 0.01;
    assertThat(winding.turnsOf(three)).isEqualTo(Math.min(3.5, winding.turns()));
    assertThat(winding.turnsOf(winding.usedMm() + 1)).isEqualTo(winding.turns());
    assertThat(winding.turnsOf(5)).isZero();
  }

  @Test
  void theNearestComesFirstAndWhatSpeaksAgainstTheOthersIsSaid() {
    double barb = hackle().barbMm().orElseThrow();
    List<Item> drawer =
        List.of(
            cape(40, 200, 1.5 * barb, 1.6 * barb, 1.7 * barb),
            cape(40, 60, 0.9 * barb, barb, 1.1 * barb),
            cape(40, hackle().winding().orElseThrow().heldMm() + 1, 0.9 * barb, barb, 1.1 * barb),
            cape(0, 200),
            item("game-hackle", "ginger", 9),
            item("dry-dubbing", "ginger", 900),
            hook(14, 9));
    List<Pick> picks = Picking.of(hackle(), drawer);
    assertThat(picks).extracting(Pick::place).startsWith(1).doesNotContain(5, 6).hasSize(5);
    assertThat(picks.get(0).fits()).isTrue();
    assertThat(said(picks, 0)).contains("longer barbs: the nearest are");
    assertThat(said(picks, 2)).contains("too short for a turn");
    assertThat(said(picks, 3)).contains("none is left");
    assertThat(said(picks, 4)).contains("another material");
  }

  private static String said(List<Pick> picks, int place) {
    Pick pick = picks.stream().filter(p -> p.place() == place).findFirst().orElseThrow();
    return Sentence.join("; ", pick.against()).toString();
  }

  @Test
  void theNearerColourWinsAndAnInkOfItsOwnCounts() {
    Need red = hackle();
    Need wished =
        new Need(
            red.part(),
            red.partKind(),
            red.material(),
            Colour.of("olive"),
            red.by(),
            1,
            OptionalDouble.empty(),
            Optional.empty(),
            OptionalInt.empty());
    List<Item> drawer = List.of(item("dry-hackle", "white", 5), item("dry-hackle", "olive", 5));
    assertThat(Picking.best(wished, drawer)).map(Pick::place).hasValue(1);
    assertThat(Picking.of(wished, drawer).get(0).colourOff()).hasValue(0);
    assertThat(Picking.of(wished, drawer).get(1).fits()).isFalse();
  }

  @ParameterizedTest
  @ValueSource(longs = {1, 2, 3})
  void nothingGoesBelowNoughtAndWhatIsTakenWasThere(long seed) {
    SplittableRandom random = new SplittableRandom(seed);
    List<Item> drawer = new ArrayList<>(List.of(hook(14, 40), hook(16, 3), cape(30, 120)));
    for (String kind : List.of("thread", "tail-barb", "dry-dubbing", "wing-tips", "post-yarn")) {
      drawer.add(item(kind, "grey", 1 + random.nextInt(60)));
    }
    for (int n = 0; n < 80; n++) {
      String style = random.nextBoolean() ? "upright-collar" : "parachute";
      List<Need> needs = needs(style, 14);
      Taking taking = Taking.of(needs, drawer);
      assertThat(taking.lines()).extracting(Taking.Line::need).isEqualTo(needs);
      for (Taking.Line line : taking.lines()) {
        if (line.place().isEmpty()) {
          assertThat(line.amount()).isZero();
          assertThat(line.lacking()).isEqualTo(line.need().amount());
          continue;
        }
        Item before = drawer.get(line.place().getAsInt());
        double part = line.amount() / Picking.takes(line.need(), before);
        assertThat(part + line.lacking() / line.need().amount())
            .isCloseTo(1, within(0.51 * line.need().by().least() / line.need().amount()));
        assertThat(line.amount()).isBetween(0.0, before.amount());
        drawer.set(line.place().getAsInt(), before.with(before.amount() - line.amount()));
      }
    }
    assertThat(drawer).anyMatch(i -> i.amount() == 0);
  }

  @Test
  void twoFeathersMatchWhereBothHaveBarbsOfALength() {
    double barb = hackle().barbMm().orElseThrow();
    List<Item> drawer =
        List.of(
            cape(40, 90, 0.8 * barb, barb, 1.2 * barb),
            cape(40, 90, 0.95 * barb, barb, 1.05 * barb),
            cape(1, 90, barb));
    List<Pairing.Pair> pairs = Pairing.of(hackle(), hackle(), drawer);
    assertThat(pairs.get(0).barbMm()).hasValue(barb);
    assertThat(pairs).noneMatch(p -> p.first() == 2 && p.second() == 2); // one feather is no pair
    assertThat(pairs).anyMatch(p -> p.first() == 0 && p.second() == 0);
    assertThat(Pairing.of(hackle(), hackle(), List.of(hook(14, 9)))).isEmpty();
  }

  @Test
  void aPairForTwoWingsLooksAlike() {
    Need wings =
        new Need(
            "wings",
            "upright-tips",
            "wing-tips",
            Colour.NONE,
            Kept.By.FEATHERS,
            2,
            OptionalDouble.empty(),
            Optional.empty(),
            OptionalInt.empty());
    List<Item> drawer =
        List.of(
            item("wing-tips", "grey", 1),
            item("wing-tips", "grey", 1),
            item("wing-tips", "black", 5));
    assertThat(Pairing.of(wings, drawer))
        .extracting(p -> p.first() + " " + p.second())
        .containsExactlyInAnyOrder("0 1", "2 2");
  }

  @Test
  void anOffcutServesOnePartIsUsedUpFirstAndHasToBeLongEnough() {
    Need rib =
        new Need(
            "rib",
            "rib",
            "wire",
            Colour.of("copper"),
            Kept.By.SPOOL,
            0.14,
            OptionalDouble.empty(),
            Optional.empty(),
            OptionalInt.empty());
    List<Item> drawer =
        List.of(
            item("wire", "copper", 5),
            offcuts("wire", "copper", 3, 60),
            offcuts("wire", "copper", 3, 40));
    List<Pick> picks = Picking.of(rib, drawer);
    assertThat(picks).extracting(Pick::place).containsExactly(1, 0, 2);
    assertThat(said(picks, 2)).contains("too short: 60 mm are needed");
    assertThat(Taking.of(List.of(rib), drawer).lines())
        .singleElement()
        .satisfies(
            l -> {
              assertThat(l.place()).hasValue(1);
              assertThat(l.amount()).isEqualTo(1);
              assertThat(l.lacking()).isZero();
            });
    // three offcuts, then the spool, of which 35 ribs are cut
    assertThat(Shopping.lacking(List.of(new Shopping.Planned(List.of(rib), 39)), drawer))
        .singleElement()
        .satisfies(n -> assertThat(n.amount()).isCloseTo(39 * 0.14 - 3 * 0.14 - 5, within(1e-9)));
  }

  private static Item offcuts(String kind, String colour, double amount, double lengthMm) {
    return new Item(
        "offcuts",
        kind,
        Colour.of(colour),
        OptionalInt.empty(),
        "",
        true,
        amount,
        0,
        Optional.empty(),
        Optional.empty(),
        OptionalDouble.of(lengthMm),
        OptionalInt.empty(),
        "");
  }

  @Test
  void anAmountIsToldInTheDigitsThatItDeserves() {
    assertThat(Picking.words(1, Kept.By.FEATHERS)).isEqualTo("1 feather");
    assertThat(Picking.words(0.3571, Kept.By.SPOOL)).isEqualTo("0.36 m");
    assertThat(Picking.words(85.643, Kept.By.SPOOL)).isEqualTo("86 m");
    assertThat(Picking.words(4, Kept.By.PATCH)).isEqualTo("4 cm²");
    assertThat(Picking.words(0, Kept.By.DUBBING)).isEqualTo("0 mg");
  }

  @Test
  void whatAnOldRecipeNamesIsFoundAndWhatServesIsInTheTable() {
    assertThat(Unobtainable.named("Body: natural heron herl, tied with lead"))
        .extracting(Unobtainable::name)
        .containsExactly("Heron herl", "Lead wire");
    assertThat(Unobtainable.named("grey goose; a to b")).isEmpty();
    assertThat(Unobtainable.all())
        .allSatisfy(u -> assertThat(u.instead()).allMatch(MATERIALS::knows));
  }

  @Test
  void oneBuysWhatIsLackingInWholePacks() {
    List<Item> drawer = List.of(hook(14, 10), item("thread", "grey", 90), cape(2, 150));
    double aFeather = Math.floor(150 / hackle().winding().orElseThrow().usedMm());
    assertThat(aFeather).isGreaterThan(1);
    List<Shopping.Line> list =
        Shopping.of(List.of(new Shopping.Planned(COLLAR, 40)), drawer, MATERIALS);
    assertThat(list)
        .filteredOn(l -> l.material().equals("hook-steel"))
        .singleElement()
        .satisfies(
            l -> {
              assertThat(l.amount()).isEqualTo(30);
              assertThat(l.packs()).isEqualTo(2);
            });
    assertThat(list).noneMatch(l -> l.material().equals("thread"));
    assertThat(list)
        .filteredOn(l -> l.material().equals("dry-hackle"))
        .singleElement()
        .satisfies(l -> assertThat(l.amount()).isCloseTo(40 - 2 * aFeather, within(1e-9)));
    assertThat(Shopping.of(List.of(), List.of(hook(14, 0)), MATERIALS))
        .singleElement()
        .satisfies(l -> assertThat(l.why()).contains("low"));
  }
}
