package ripplerest.core.sizing;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import ripplerest.core.dressing.Part;
import ripplerest.core.dressing.Pattern;
import ripplerest.core.hook.Hook;
import ripplerest.core.material.Materials;
import ripplerest.core.material.Property;
import ripplerest.core.quantity.Quantity;
import ripplerest.core.quantity.Sentence;
import ripplerest.core.quantity.Warning;
import ripplerest.core.quantity.Words;
import ripplerest.core.sizing.SizedPattern.Landmark;
import ripplerest.core.sizing.SizedPattern.Span;
import ripplerest.core.sizing.SizedPattern.Span.Role;

/**
 * Shares the shank out from the eye to the bend, before any part is tied: bead, head, hackle in
 * front of the wing, wing, hackle behind it, thorax, body, egg sac. Rib, palmered hackle and weight
 * lie over or under other parts and take no room of their own.
 */
final class ShankPlan {
  /** Share of a collar's turns that lie in front of a standing wing (common practice). */
  private static final double TURNS_IN_FRONT = 0.4;

  /** Shank taken by a bound-down wing, in wire diameters (assumption). */
  private static final double WING_SEAT_IN_WIRES = 1.5;

  /** Shank taken by the butts of one soft plume, in wire diameters (assumption). */
  private static final double PLUME_SEAT_IN_WIRES = 0.6;

  /** Shank taken by the butts of one hair, in wire diameters (assumption). */
  private static final double HAIR_SEAT_IN_WIRES = 0.08;

  /** Less than this is told as nothing, so it crowds nothing either, mm. */
  private static final double TOLD_MM = 0.05;

  /** A body shorter than this share of the shank is crowded out (assumption). */
  private static final double SHORTEST_BODY = 0.35;

  /** How much of a bead's diameter sits behind the eye (assumption). */
  private static final double BEAD_ON_SHANK = 0.95;

  private static final double TWO_THIRDS = 2.0 / 3;

  private static final Set<Class<? extends Part>> STANDING =
      Set.of(Part.UprightWing.class, Part.SpentWing.class);

  private static final Set<Class<? extends Part>> LAID_BACK =
      Set.of(Part.HairWing.class, Part.TentWing.class);

  private final Pattern pattern;
  private final List<String> names;
  private final Hook hook;
  private final Style style;
  private final Materials materials;

  final List<Span> spans = new ArrayList<>();
  final List<Landmark> landmarks = new ArrayList<>();
  final List<Warning> warnings = new ArrayList<>();

  /** A collar's turns on both sides of the wing. */
  private record Collar(String name, double front, double behind, double stemMm) {}

  private record Seat(String name, double widthMm) {}

  ShankPlan(Pattern pattern, Hook hook, Style style, Materials materials) {
    this.pattern = pattern;
    this.names = pattern.names();
    this.hook = hook;
    this.style = style;
    this.materials = materials;
    share();
    mark();
  }

  private void share() {
    List<Seat> seats = seats();
    List<Collar> collars = collars();
    double bead = bead();
    double front = collars.stream().mapToDouble(c -> c.front() * c.stemMm()).sum();
    double wanted = style.rule("school", "head").number() * hook.eyeMm();
    double seat = style.rule("school", "wing-seat").number() * hook.shankMm();
    double headEnd = bead + wanted;
    if (!seats.isEmpty() && !liesBack()) {
      headEnd = seat - seats.get(0).widthMm() / 2 - front;
    }
    warnIfCrowded(headEnd - bead, collars);
    headEnd = Math.max(bead, headEnd);
    double at = 0;
    if (bead > 0) {
      at = add("bead", Role.BEAD, "bead", at, bead);
    }
    Optional<String> thorax = name(Part.Thorax.class);
    if (thorax.isPresent() && headEnd - bead > wanted) {
      at = add("head", Role.HEAD, "head", at, bead + wanted);
      at = add(thorax.get(), Role.THORAX, Words.of(thorax.get()), at, headEnd);
    } else {
      at = add("head", Role.HEAD, "head", at, headEnd);
    }
    for (Collar c : collars) {
      at = addTurns(c, c.front(), at);
    }
    for (Seat s : seats) {
      at = add(s.name(), Role.WING_SEAT, Words.of(s.name()), at, at + s.widthMm());
    }
    for (Collar c : collars) {
      at = addTurns(c, c.behind(), at);
    }
    if (thorax.isPresent()) {
      Part.Thorax t = pattern.part(Part.Thorax.class).orElseThrow();
      at =
          add(
              thorax.get(),
              Role.THORAX,
              Words.of(thorax.get()),
              at,
              at + Lengths.mm(t.length(), hook));
    }
    double sac = pattern.part(Part.EggSac.class).map(s -> Lengths.mm(s.length(), hook)).orElse(0.0);
    double bodyEnd = Math.max(at, hook.shankMm() - sac);
    warnIfBodyCrowded(bodyEnd - at);
    at = add("body", Role.BODY, "body", at, bodyEnd);
    if (at < hook.shankMm()) {
      add("egg-sac", Role.EGG_SAC, "egg sac", at, hook.shankMm());
    }
  }

  /** A wing laid back over the body is tied in as far forward as head and hackle leave room. */
  private boolean liesBack() {
    return pattern.parts().stream().anyMatch(p -> LAID_BACK.contains(p.getClass()));
  }

  private double bead() {
    return pattern
        .part(Part.Bead.class)
        .map(b -> Math.min(BEAD_ON_SHANK * b.diameter(), hook.shankMm() / 2))
        .orElse(0.0);
  }

  /** Every wing that is bound to the shank, in tying order; the first sits at the style's place. */
  private List<Seat> seats() {
    List<Seat> seats = new ArrayList<>();
    for (int i = 0; i < names.size(); i++) {
      double wires = seatInWires(pattern.parts().get(i));
      if (wires > 0) {
        seats.add(new Seat(names.get(i), wires * hook.wireMm()));
      }
    }
    return seats;
  }

  private static double seatInWires(Part part) {
    if (part instanceof Part.ForwardPlume p) {
      return plumes(p.count());
    } else if (part instanceof Part.FlatWing p) {
      return plumes(p.count());
    } else if (part instanceof Part.LoopedWing p) {
      return plumes(p.count());
    } else if (part instanceof Part.FoldedShuttle p) {
      return plumes(p.count());
    } else if (part instanceof Part.HairWing p) {
      return Math.max(WING_SEAT_IN_WIRES, HAIR_SEAT_IN_WIRES * p.count());
    }
    boolean wing =
        part instanceof Part.UprightWing
            || part instanceof Part.Post
            || part instanceof Part.SpentWing
            || part instanceof Part.TentWing;
    return wing ? WING_SEAT_IN_WIRES : 0;
  }

  private static double plumes(int count) {
    return Math.max(WING_SEAT_IN_WIRES, PLUME_SEAT_IN_WIRES * count);
  }

  /** A standing wing has turns on both sides; before a down wing all of them are in front. */
  private List<Collar> collars() {
    boolean standing = pattern.parts().stream().anyMatch(p -> STANDING.contains(p.getClass()));
    List<Collar> collars = new ArrayList<>();
    for (int i = 0; i < names.size(); i++) {
      Part part = pattern.parts().get(i);
      double turns = collarTurns(part);
      if (turns > 0) {
        double front = standing ? TURNS_IN_FRONT * turns : turns;
        double stem = materials.get(part.material()).get(Property.STEM_DIAMETER);
        if (part instanceof Part.CollarHackle) {
          stem += mixedThrough(pattern.parts(), i, materials) / turns;
        }
        collars.add(new Collar(names.get(i), front, turns - front, stem));
      }
    }
    return collars;
  }

  /** A feather wound through a collar widens that collar's stretch. */
  private static double mixedThrough(List<Part> parts, int collar, Materials materials) {
    double width = 0;
    for (int i = collar + 1; i < parts.size(); i++) {
      if (parts.get(i) instanceof Part.CollarHackle) {
        break;
      } else if (parts.get(i) instanceof Part.MixedHackle mixed) {
        width += mixed.turns() * materials.get(mixed.material()).get(Property.STEM_DIAMETER);
      }
    }
    return width;
  }

  private static double collarTurns(Part part) {
    if (part instanceof Part.CollarHackle h) {
      return h.turns();
    } else if (part instanceof Part.SoftCollar h) {
      return h.turns();
    } else if (part instanceof Part.SpunPlume h) {
      return h.turns();
    }
    return 0;
  }

  private double addTurns(Collar c, double turns, double at) {
    return turns < 1e-9
        ? at
        : add(c.name(), Role.HACKLE, "hackle " + Words.number(turns), at, at + turns * c.stemMm());
  }

  private double add(String part, Role role, String label, double from, double to) {
    double end = Math.max(from, Math.min(to, hook.shankMm()));
    spans.add(new Span(part, role, label, Math.min(from, end), end));
    return end;
  }

  private Optional<String> name(Class<? extends Part> type) {
    for (int i = 0; i < names.size(); i++) {
      if (type.isInstance(pattern.parts().get(i))) {
        return Optional.of(names.get(i));
      }
    }
    return Optional.empty();
  }

  private void warnIfCrowded(double head, List<Collar> collars) {
    double wanted = Double.parseDouble(style.rule("school", "head").low()) * hook.eyeMm();
    double lack = wanted - head;
    if (lack < TOLD_MM) {
      return;
    }
    double perTurn =
        collars.stream()
            .mapToDouble(c -> c.stemMm() * c.front() / (c.front() + c.behind()))
            .max()
            .orElse(0);
    Sentence giveWay =
        perTurn == 0
            ? Sentence.of("Tie the wing in further back.")
            : Sentence.of("One turn of hackle less frees %s of it.", Quantity.mm(perTurn, 2));
    warnings.add(
        new Warning(
            "head-crowded",
            "head",
            Sentence.of(
                "The head is crowded by %s (%.1f eye lengths). %s",
                Quantity.mm(lack, 1), lack / hook.eyeMm(), giveWay),
            lack,
            "mm"));
  }

  private void warnIfBodyCrowded(double body) {
    double lack = SHORTEST_BODY * hook.shankMm() - body;
    if (lack < TOLD_MM) {
      return;
    }
    Span widest =
        spans.stream()
            .filter(s -> !s.part().equals("head"))
            .reduce((a, b) -> a.lengthMm() >= b.lengthMm() ? a : b)
            .orElse(spans.get(0));
    warnings.add(
        new Warning(
            "body-crowded",
            "body",
            Sentence.of(
                "The body is %s (%.1f eye lengths) short of a third of the shank; the %s could give way.",
                Quantity.mm(lack, 1), lack / hook.eyeMm(), widest.label()),
            lack,
            "mm"));
  }

  /** Where the tier's eye goes back to: the thread is started where the thorax will begin. */
  private void mark() {
    Span body = spans.stream().filter(s -> s.part().equals("body")).findFirst().orElseThrow();
    double start =
        spans.stream()
            .filter(s -> Pattern.kindOf(s.part()).equals("thorax"))
            .mapToDouble(Span::toMm)
            .max()
            .orElse(body.fromMm());
    landmark("start the thread", start);
    landmark("middle of the shank", hook.shankMm() / 2);
    landmark("two thirds to the eye", hook.shankMm() * (1 - TWO_THIRDS));
    landmark("above the hook barb", hook.shankMm());
  }

  private void landmark(String name, double mm) {
    landmarks.add(new Landmark(name, mm, mm / hook.eyeMm(), mm / hook.shankMm()));
  }
}
