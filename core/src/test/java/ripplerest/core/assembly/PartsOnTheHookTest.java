package ripplerest.core.assembly;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import ripplerest.core.assembly.FlyBody.Fibre;
import ripplerest.core.assembly.FlyBody.Member;
import ripplerest.core.assembly.FlyBody.Slice;
import ripplerest.core.dressing.Length;
import ripplerest.core.dressing.Part;
import ripplerest.core.dressing.PartKind;
import ripplerest.core.dressing.Pattern;
import ripplerest.core.dressing.tie.Colour;
import ripplerest.core.dressing.tie.FurtherFeather;
import ripplerest.core.dressing.tie.Winding;
import ripplerest.core.hook.HookSpec;
import ripplerest.core.material.Materials;
import ripplerest.core.sizing.DefaultParts;
import ripplerest.core.sizing.SizedPattern;
import ripplerest.core.sizing.Sizer;
import ripplerest.core.sizing.Style;
import ripplerest.core.water.Floatant;

/** Where each kind of part comes to lie, and what it weighs, by hand on a standard 14. */
class PartsOnTheHookTest {
  private static final Materials MATERIALS = BundlingTest.free(Materials.standard());
  private static final HookSpec HOOK = new HookSpec(14, HookSpec.Shape.STRAIGHT, 0, 0);
  private static final double SHANK = 7.4;
  private static final double GAP = 4.0;
  private static final double WIRE = 0.41;

  private static Part usual(String kind) {
    return DefaultParts.of(Style.named("upright-collar"), PartKind.named(kind));
  }

  /** A bare body and these parts. */
  private static FlyBody tied(Part... more) {
    List<Part> parts = new ArrayList<>();
    parts.add(usual("body"));
    parts.addAll(List.of(more));
    SizedPattern sized =
        new Sizer(MATERIALS).size(new Pattern("test", "upright-collar", HOOK, parts, ""));
    return Assembler.assemble(sized, MATERIALS, Floatant.GEL, Mesh.WORKING);
  }

  private static List<Fibre> fibres(FlyBody body, String part) {
    return body.fibres().stream().filter(f -> f.part().equals(part)).toList();
  }

  private static List<Member> members(FlyBody body, String part) {
    return body.members().stream().filter(m -> m.part().equals(part)).toList();
  }

  private static double mass(FlyBody body, String part) {
    return body.lumps().stream()
        .filter(l -> l.part().equals(part))
        .mapToDouble(FlyBody.Lump::massMg)
        .sum();
  }

  private static Vector3D last(Member m) {
    return m.slices().get(m.slices().size() - 1).at();
  }

  private static Vector3D tip(Fibre f) {
    return f.tip();
  }

  @Test
  void everyKindWeighsSomething() {
    for (PartKind kind : PartKind.all()) {
      if (List.of("thread", "body", "bands", "parachute-hackle", "head", "thorax-cover")
          .contains(kind.id())) {
        continue; // on every fly, with another part below, or weightless
      }
      assertThat(mass(tied(usual(kind.id())), kind.id())).as(kind.id()).isPositive();
    }
    assertThat(mass(tied(usual("thorax"), usual("thorax-cover")), "thorax-cover")).isPositive();
    assertThat(mass(tied(usual("post"), usual("parachute-hackle")), "parachute-hackle"))
        .isPositive();
    assertThat(mass(tied(usual("bands")), "bands")).isZero();
  }

  @ParameterizedTest
  @CsvSource({"30, 4", "60, 2", "0, 6"})
  void aTailIsSplayedInAFan(double splay, int count) {
    List<Fibre> tail =
        fibres(tied(usual("tail").with("splay", splay).with("count", count)), "tail");
    assertThat(tail).hasSize(count);
    double widest = Vector3D.angle(tail.get(0).direction(), tail.get(count - 1).direction());
    assertThat(Math.toDegrees(widest)).isCloseTo(splay * (count - 1) / count, within(1e-6));
    assertThat(tail).allMatch(f -> Math.abs(f.root().getX() - SHANK) < 1e-9);
  }

  @ParameterizedTest
  @ValueSource(strings = {"up", "down"})
  void legsStandToBothSidesUpOrDown(String set) {
    List<Fibre> legs = fibres(tied(usual("legs").with("set", set)), "legs");
    assertThat(legs).hasSize(6);
    assertThat(legs.stream().mapToDouble(f -> tip(f).getY()).sum()).isCloseTo(0, within(1e-9));
    assertThat(legs).allMatch(f -> set.equals("up") == f.direction().getZ() > 0);
  }

  @Test
  void flatPlumesLieSideBySideOverTheBody() {
    List<Member> plumes =
        members(tied(usual("flat-wing").with("count", 3).with("spread", 60.0)), "flat-wing");
    assertThat(plumes).hasSize(3);
    assertThat(last(plumes.get(0)).getY()).isLessThan(-1);
    assertThat(last(plumes.get(1)).getY()).isCloseTo(0, within(1e-9));
    assertThat(last(plumes.get(2)).getY()).isGreaterThan(1);
    assertThat(plumes).allMatch(m -> last(m).getX() > SHANK / 2 && last(m).getZ() > 0);
  }

  @Test
  void aLoopBeginsAndEndsOnTheShankAndStandsTwoFifthsOfItsLengthHigh() {
    Length half = new Length.Rule(Length.Reference.SHANK, 0.5);
    Member loop = members(tied(usual("looped-wing").with("length", half)), "looped-wing").get(0);
    double length = 0.5 * SHANK;
    double first = loop.slices().get(0).at().getX();
    assertThat(last(loop).getX() - first).isCloseTo(length, within(0.1));
    double foot = loop.slices().get(0).at().getZ();
    double high = loop.slices().stream().mapToDouble(s -> s.at().getZ()).max().orElseThrow();
    assertThat(high - foot).isCloseTo(0.4 * length, within(0.1));
    double along = loop.slices().stream().mapToDouble(Slice::lengthMm).sum();
    // half the rim of an ellipse of 1.85 and 1.48 mm, by Ramanujan's formula: 5.24 mm
    assertThat(along).isCloseTo(5.24, within(0.01));
  }

  @Test
  void aShuttleGoesForwardAndStandsUpOverTheEye() {
    Member shuttle = members(tied(usual("folded-shuttle")), "folded-shuttle").get(0);
    Vector3D tip = last(shuttle);
    assertThat(tip.getX()).isLessThan(shuttle.slices().get(0).at().getX());
    assertThat(tip.getZ()).isGreaterThan(2);
  }

  @Test
  void spentWingsLieFlatToBothSides() {
    List<Member> wings = members(tied(usual("spent-wing")), "spent-wing");
    assertThat(wings).hasSize(2);
    assertThat(last(wings.get(0)).getY()).isCloseTo(-last(wings.get(1)).getY(), within(1e-9));
    assertThat(Math.abs(last(wings.get(0)).getY())).isGreaterThan(5);
    assertThat(Math.abs(last(wings.get(0)).getZ())).isLessThan(1);
  }

  @Test
  void hairIsCountedAndLaidBack() {
    List<Fibre> hair = fibres(tied(usual("hair-wing").with("count", 30)), "hair-wing");
    assertThat(hair).hasSize(30);
    assertThat(hair).allMatch(f -> f.direction().getX() > 0.8);
    double mean = hair.stream().mapToDouble(Fibre::lengthMm).average().orElseThrow();
    double root = hair.get(0).root().getX();
    assertThat(root + mean).isCloseTo(9.6, within(0.1)); // to the bend of a hook 9.6 mm long
  }

  @Test
  void aTentSlopesDownBothSidesFromItsRidge() {
    List<Fibre> tent = fibres(tied(usual("tent-wing").with("count", 5)), "tent-wing");
    assertThat(tent).hasSize(10);
    Fibre ridge = tent.get(0);
    Fibre eaves = tent.get(9);
    assertThat(eaves.root().getZ()).isLessThan(ridge.root().getZ());
    assertThat(Math.abs(eaves.root().getY())).isGreaterThan(Math.abs(ridge.root().getY()));
  }

  @Test
  void shuckAndExtendedBodyLeaveTheHookAtTheBend() {
    Member shuck = members(tied(usual("shuck")), "shuck").get(0);
    assertThat(last(shuck).getX()).isGreaterThan(SHANK + 3);
    assertThat(last(shuck).getZ()).isNegative();
    Member body = members(tied(usual("extended-body").with("rise", 45.0)), "extended-body").get(0);
    Vector3D way = last(body).subtract(body.slices().get(0).at());
    assertThat(Math.toDegrees(Math.atan2(way.getZ(), way.getX()))).isCloseTo(45, within(0.01));
  }

  // By hand: π/6·(4·(1 - 0.16))^1.5 = 3.225 mm³ of brass at 8.5 mg/mm³.
  @Test
  void aTwoMillimetreBrassBeadWeighsItsRing() {
    FlyBody fly = tied(usual("bead"));
    assertThat(mass(fly, "bead")).isCloseTo(27.4, within(0.1));
    double widest =
        members(fly, "bead").stream()
            .flatMap(m -> m.slices().stream())
            .mapToDouble(Slice::radiusMm)
            .max()
            .orElseThrow();
    assertThat(widest).isCloseTo(1, within(0.01));
  }

  // By hand: 8 close turns of π·(0.41 + 0.38) mm, 0.38 mm apart, section π·0.38²/4, 7.3 mg/mm³.
  @Test
  void weightIsAHelixOfHeavyWire() {
    double length = Math.hypot(8 * Math.PI * (WIRE + 0.38), 8 * 0.38);
    double wanted = length * Math.PI * 0.38 * 0.38 / 4 * 7.3;
    assertThat(mass(tied(usual("weight-wire")), "weight-wire")).isCloseTo(wanted, within(1e-6));
  }

  // By hand: a helix of 5 turns over a body 2.4 wires thick in front and 0.7 of it behind.
  @Test
  void aRibIsAHelixOverTheBody() {
    FlyBody fly = tied(usual("rib"));
    double body =
        members(fly, "body").stream()
            .flatMap(m -> m.slices().stream())
            .mapToDouble(Slice::lengthMm)
            .sum();
    double length = Math.hypot(5 * 2 * Math.PI * (1.2 * 0.85 * WIRE + 0.05), body);
    double wanted = length * Math.PI * 0.1 * 0.1 / 4 * 8.96;
    assertThat(mass(fly, "rib")).isCloseTo(wanted, within(1e-6));
  }

  @Test
  void aSecondFeatherStandsAmongTheBarbsOfTheCollarAndWidensIt() {
    FlyBody alone = tied(usual("collar-hackle"));
    Part first = usual("collar-hackle");
    var second = new FurtherFeather("game-hackle", Colour.NONE, 3, Optional.empty());
    FlyBody mixed = tied(first.tied(first.tie().with(List.of(second), Winding.THROUGH)));
    assertThat(fibres(mixed, "collar-hackle"))
        .extracting(Fibre::surface)
        .contains("dry-hackle", "game-hackle");
    double[] collar = along(mixed, "collar-hackle");
    double[] before = along(alone, "collar-hackle");
    assertThat(collar[1] - collar[0]).isGreaterThan(1.5 * (before[1] - before[0]));
  }

  private static double[] along(FlyBody fly, String part) {
    double[] x = fibres(fly, part).stream().mapToDouble(f -> f.root().getX()).sorted().toArray();
    return new double[] {x[0], x[x.length - 1]};
  }

  /** On the water thread is as thick as its wraps; its denier counts in the amounts alone. */
  @Test
  void aDropOfResinWeighsAndThreadIsReckonedByItsWraps() {
    double usual = tied().massMg();
    assertThat(mass(tied(), "thread")).isBetween(0.1, 3.0);
    assertThat(tied(usual("thread").with("denier", 140)).massMg()).isEqualTo(usual);
    Part resin = usual("head").with("finish", "resin");
    assertThat(mass(tied(resin), "head")).isCloseTo(0.4, within(0.01));
    assertThat(mass(tied(usual("head")), "head")).isZero();
  }

  @Test
  void scissorsCutBelowAboveOrAllRound() {
    Part hackle = usual("collar-hackle");
    double clip = 0.45 * GAP;
    for (Fibre f : fibres(tied(hackle.with("trim", "below")), "collar-hackle")) {
      assertThat(tip(f).getZ()).isGreaterThan(-clip - 1e-6);
    }
    for (Fibre f : fibres(tied(hackle.with("trim", "above")), "collar-hackle")) {
      assertThat(tip(f).getZ()).isLessThan(clip + 1e-6);
    }
    for (Fibre f : fibres(tied(hackle.with("trim", "all-round")), "collar-hackle")) {
      assertThat(Math.hypot(tip(f).getY(), tip(f).getZ())).isLessThan(clip + 1e-6);
    }
    double full =
        fibres(tied(hackle), "collar-hackle").stream()
            .mapToDouble(f -> -tip(f).getZ())
            .max()
            .orElseThrow();
    assertThat(full).isGreaterThan(1.5 * GAP);
  }

  @Test
  void aSoftCollarDrapesBackAndAPalmeredHackleGoesAlongTheBody() {
    List<Fibre> soft = fibres(tied(usual("soft-collar").with("drape", 45.0)), "soft-collar");
    double lean = soft.stream().mapToDouble(f -> f.direction().getX()).average().orElseThrow();
    assertThat(lean).isCloseTo(Math.sin(Math.toRadians(45)), within(0.05));
    List<Fibre> palmer = fibres(tied(usual("palmered-hackle")), "palmered-hackle");
    double first = palmer.stream().mapToDouble(f -> f.root().getX()).min().orElseThrow();
    double rear = palmer.stream().mapToDouble(f -> f.root().getX()).max().orElseThrow();
    assertThat(rear - first).isGreaterThan(0.8 * (SHANK - first));
  }

  @Test
  void foamDisplacesMoreThanItWeighs() {
    Part foam = usual("body").withMaterial("foam").with("wires", 6.0);
    SizedPattern sized =
        new Sizer(MATERIALS).size(new Pattern("f", "upright-collar", HOOK, List.of(foam), ""));
    FlyBody dry = Assembler.assemble(sized, MATERIALS, Floatant.NONE, Mesh.WORKING);
    double lift =
        members(dry, "body").stream()
            .flatMap(m -> m.slices().stream())
            .mapToDouble(
                s -> Math.PI * s.radiusMm() * s.radiusMm() * s.lengthMm() * s.buoyantShare())
            .sum();
    assertThat(lift).isGreaterThan(5 * mass(dry, "body"));
  }
}
