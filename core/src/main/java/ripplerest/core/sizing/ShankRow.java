package ripplerest.core.sizing;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import ripplerest.core.dressing.Length;
import ripplerest.core.dressing.Part;
import ripplerest.core.dressing.Pattern;
import ripplerest.core.dressing.tie.FurtherFeather;
import ripplerest.core.dressing.tie.Place;
import ripplerest.core.dressing.tie.Winding;
import ripplerest.core.hook.Hook;
import ripplerest.core.material.Materials;
import ripplerest.core.material.Property;
import ripplerest.core.quantity.Words;
import ripplerest.core.sizing.SizedPattern.Span;
import ripplerest.core.sizing.SizedPattern.Span.Role;

/**
 * Shares the shank out from the eye to the bend among the parts that have no place of their own:
 * bead, head, thorax and hackle in front of the wing, wing, hackle behind it, thorax, body, egg
 * sac. What is wound last lies nearest the eye. Rib, palmered hackle and weight lie over or under
 * other parts and take no room.
 */
final class ShankRow {
  /** Share of a collar's turns that lie in front of a standing wing (common practice). */
  private static final double TURNS_IN_FRONT = 0.4;

  /** Shank taken by a bound-down wing, in wire diameters (assumption). */
  private static final double WING_SEAT_IN_WIRES = 1.5;

  /** Shank taken by the butts of one soft plume, in wire diameters (assumption). */
  private static final double PLUME_SEAT_IN_WIRES = 0.6;

  /** Shank taken by the butts of one hair, in wire diameters (assumption). */
  private static final double HAIR_SEAT_IN_WIRES = 0.08;

  /** How much of a bead's diameter sits behind the eye (assumption). */
  private static final double BEAD_ON_SHANK = 0.95;

  private static final Set<Class<? extends Part>> STANDING =
      Set.of(Part.UprightWing.class, Part.SpentWing.class);

  /** As far forward as head and hackle leave room. */
  private static final Set<Class<? extends Part>> LAID_BACK =
      Set.of(Part.HairWing.class, Part.TentWing.class);

  /** At the style's place, and further back where a hackle in front of it needs the room. */
  private static final Set<Class<? extends Part>> GIVES_WAY = Set.of(Part.FlatWing.class);

  private final Pattern pattern;
  private final List<String> names;
  private final Hook hook;
  private final Style style;
  private final Materials materials;
  private final Set<String> elsewhere;
  private final double bead;
  private final double headWanted;

  final List<Span> spans = new ArrayList<>();
  final List<Collar> collars;
  private final List<Seat> seats;

  /** Room between bead and the first turn or wing, before it is cut to nothing, mm. */
  final double headRoom;

  /** A collar's turns on both sides of the wing. */
  record Collar(String name, double front, double behind, double stemMm) {}

  private record Seat(String name, double widthMm) {}

  /**
   * @param elsewhere names of the parts that have places of their own
   */
  ShankRow(Pattern pattern, Hook hook, Style style, Materials materials, Set<String> elsewhere) {
    this.pattern = pattern;
    this.names = pattern.names();
    this.hook = hook;
    this.style = style;
    this.materials = materials;
    this.elsewhere = elsewhere;
    this.bead = bead();
    this.headWanted = style.rule("school", "head").number() * hook.eyeMm();
    this.seats = seats();
    this.collars = collars();
    double front = collars.stream().mapToDouble(c -> c.front() * c.stemMm()).sum();
    double headEnd = bead + headWanted;
    if (!seats.isEmpty() && !any(LAID_BACK)) {
      double usual = styleSeat() - seats.get(0).widthMm() / 2 - front;
      headEnd = any(GIVES_WAY) ? Math.max(headEnd, usual) : usual;
    }
    this.headRoom = headEnd - bead;
    share(Math.max(bead, headEnd));
  }

  private void share(double headEnd) {
    double at = 0;
    if (bead > 0) {
      at = add("bead", Role.BEAD, "bead", at, bead);
    }
    Optional<String> thorax = here(Part.Thorax.class);
    if (thorax.isPresent() && headEnd - bead > headWanted) {
      at = add("head", Role.HEAD, "head", at, bead + headWanted);
      at = add(thorax.get(), Role.THORAX, Words.of(thorax.get()), at, headEnd);
    } else {
      at = add("head", Role.HEAD, "head", at, headEnd);
    }
    Optional<String> herl = here(Part.HerlHead.class);
    if (herl.isPresent()) {
      at = add(herl.get(), Role.THORAX, Words.of(herl.get()), at, at + hook.eyeMm());
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
      Part.Thorax t = (Part.Thorax) pattern.part(thorax.get()).orElseThrow();
      double lengthMm = Lengths.mm(t.length(), hook);
      at = add(thorax.get(), Role.THORAX, Words.of(thorax.get()), at, at + lengthMm);
    }
    rear(at);
  }

  /** What the thorax leaves: body, darker segments behind it, egg sac. */
  private void rear(double front) {
    double at = front;
    Optional<String> sac = here(Part.EggSac.class);
    double sacMm =
        sac.map(s -> Lengths.mm(((Part.EggSac) pattern.part(s).orElseThrow()).length(), hook))
            .orElse(0.0);
    double end = Math.max(at, hook.shankMm() - sacMm);
    Optional<String> segments = here(Part.Segments.class);
    double segmentsMm = segments.map(s -> segmentsMm(s, end - front)).orElse(0.0);
    if (here(Part.Body.class).isPresent() || pattern.part(Part.Body.class).isEmpty()) {
      add("body", Role.BODY, "body", at, Math.max(at, end - segmentsMm));
    }
    if (segments.isPresent()) {
      add(segments.get(), Role.BODY, Words.of(segments.get()), Math.max(at, end - segmentsMm), end);
    }
    at = end;
    if (sac.isPresent() && at < hook.shankMm()) {
      add(sac.get(), Role.EGG_SAC, Words.of(sac.get()), at, hook.shankMm());
    }
  }

  private double segmentsMm(String name, double bodyMm) {
    Length length = ((Part.Segments) pattern.part(name).orElseThrow()).length();
    return length instanceof Length.Rule rule && rule.reference() == Length.Reference.BODY
        ? rule.factor() * bodyMm
        : Lengths.mm(length, hook);
  }

  private boolean any(Set<Class<? extends Part>> kinds) {
    for (int i = 0; i < names.size(); i++) {
      if (kinds.contains(part(i).getClass()) && !elsewhere.contains(names.get(i))) {
        return true;
      }
    }
    return false;
  }

  private Part part(int i) {
    return pattern.parts().get(i);
  }

  /** The first part of a kind, if the style places it. */
  private Optional<String> here(Class<? extends Part> kind) {
    for (int i = 0; i < names.size(); i++) {
      if (kind.isInstance(part(i)) && !elsewhere.contains(names.get(i))) {
        return Optional.of(names.get(i));
      }
    }
    return Optional.empty();
  }

  private double bead() {
    return pattern
        .part(Part.Bead.class)
        .map(b -> Math.min(BEAD_ON_SHANK * b.diameter(), hook.shankMm() / 2))
        .orElse(0.0);
  }

  private double styleSeat() {
    return style.rule("school", "wing-seat").number() * hook.shankMm();
  }

  /** Every wing that is bound to the shank, in tying order; the first sits at the style's place. */
  private List<Seat> seats() {
    List<Seat> all = new ArrayList<>();
    for (int i = 0; i < names.size(); i++) {
      double wires = elsewhere.contains(names.get(i)) ? 0 : seatInWires(part(i));
      if (wires > 0) {
        all.add(new Seat(names.get(i), wires * hook.wireMm()));
      }
    }
    return all;
  }

  /** Shank that a wing's butts take, in wire diameters; 0 if the part is no wing. */
  static double seatInWires(Part part) {
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

  /**
   * Nearest the eye first, which is the last one wound. A standing wing has turns on both sides;
   * before a down wing all of them are in front.
   */
  private List<Collar> collars() {
    boolean standing = any(STANDING);
    List<Collar> all = new ArrayList<>();
    for (int i = 0; i < names.size(); i++) {
      double turns = elsewhere.contains(names.get(i)) ? 0 : collarTurns(part(i));
      if (turns > 0) {
        double front = standing ? TURNS_IN_FRONT * turns : turns;
        all.add(new Collar(names.get(i), front, turns - front, perTurn(part(i), turns, materials)));
      }
    }
    Collections.reverse(all);
    return all;
  }

  /** Shank that a turn takes, mm; feathers wound beside or through the first widen its stretch. */
  private static double perTurn(Part part, double turns, Materials materials) {
    double stem = materials.get(part.material()).get(Property.STEM_DIAMETER);
    double more = 0;
    for (FurtherFeather f : part.tie().with()) {
      double wide = materials.get(f.material()).get(Property.STEM_DIAMETER);
      more += part.tie().wound() == Winding.TOGETHER ? 0 : f.turns() * wide;
    }
    return stem + more / turns;
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

  /** Rear of the room that is kept for the head, mm. */
  double headRear() {
    return spans.stream().filter(s -> s.role() == Role.HEAD).findFirst().orElseThrow().toMm();
  }

  /** Middle of the first wing's seat, or where the style would have one, mm. */
  double wing() {
    return spans.stream()
        .filter(s -> s.role() == Role.WING_SEAT)
        .findFirst()
        .map(Span::middleMm)
        .orElse(styleSeat());
  }

  /** Front of the thorax behind the wing, or of the body where there is none, mm. */
  double thoraxFront() {
    return spans.stream()
        .filter(s -> s.role() == Role.THORAX)
        .reduce((front, rear) -> rear)
        .or(() -> spans.stream().filter(s -> s.role() == Role.BODY).findFirst())
        .map(Span::fromMm)
        .orElse(headRear());
  }

  /** An end of a part that the style places; empty if it is nowhere. */
  Optional<Double> end(Place.End end) {
    List<Span> of =
        spans.stream()
            .filter(s -> s.part().equals(end.part()))
            .filter(s -> end.stretch().orElse(1) == 1)
            .toList();
    if (of.isEmpty()) {
      return seat(end.part());
    }
    return Optional.of(end.front() ? of.get(0).fromMm() : of.get(of.size() - 1).toMm());
  }

  /** Where a part is bound in if the style says it, mm. */
  Optional<Double> seat(String name) {
    if (!names.contains(name)) {
      return Optional.empty();
    }
    Optional<Span> own = spans.stream().filter(s -> s.part().equals(name)).findFirst();
    if (own.isPresent()) {
      return own.map(Span::middleMm);
    }
    Part part = pattern.part(name).orElseThrow();
    if (part instanceof Part.Tail
        || part instanceof Part.Shuck
        || part instanceof Part.ExtendedBody
        || part instanceof Part.Rib
        || part instanceof Part.Tag) {
      return Optional.of(hook.shankMm());
    } else if (part instanceof Part.Legs) {
      return Optional.of(legs());
    }
    return Optional.of(headRear());
  }

  private double legs() {
    return spans.stream()
        .filter(s -> s.role() == Role.THORAX)
        .findFirst()
        .map(Span::middleMm)
        .orElse(thoraxFront());
  }
}
