package ripplerest.core.sizing;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import ripplerest.core.dressing.Hackle;
import ripplerest.core.dressing.Length;
import ripplerest.core.dressing.Part;
import ripplerest.core.dressing.Pattern;
import ripplerest.core.dressing.Turned;
import ripplerest.core.dressing.Wound;
import ripplerest.core.dressing.tie.Stretch;
import ripplerest.core.dressing.tie.Tie;
import ripplerest.core.hook.Hook;
import ripplerest.core.material.Materials;
import ripplerest.core.quantity.Quantity;
import ripplerest.core.quantity.Sentence;
import ripplerest.core.quantity.Warning;
import ripplerest.core.quantity.Words;
import ripplerest.core.sizing.SizedPattern.Landmark;
import ripplerest.core.sizing.SizedPattern.Span;
import ripplerest.core.sizing.SizedPattern.Span.Role;

/**
 * Lays a fly out on the shank before any part is tied: what has a place of its own goes there, the
 * style shares the rest out among all else.
 */
final class ShankPlan {
  /** Less than this is told as nothing, so it crowds nothing either, mm. */
  private static final double TOLD_MM = 0.05;

  /** A body shorter than this share of the shank is crowded out (assumption). */
  private static final double SHORTEST_BODY = 0.35;

  private static final double TWO_THIRDS = 2.0 / 3;

  private final Pattern pattern;
  private final List<String> names;
  private final Hook hook;
  private final Style style;

  final List<Span> spans = new ArrayList<>();
  final Map<String, Double> seats = new HashMap<>();
  final List<Landmark> landmarks = new ArrayList<>();
  final List<Warning> warnings = new ArrayList<>();
  final Places places;

  ShankPlan(Pattern pattern, Hook hook, Style style, Materials materials) {
    this.pattern = pattern;
    this.names = pattern.names();
    this.hook = hook;
    this.style = style;
    Set<String> own = new HashSet<>();
    for (int i = 0; i < names.size(); i++) {
      Tie tie = pattern.parts().get(i).tie();
      boolean placed =
          isWound(pattern.parts().get(i)) ? !tie.stretches().isEmpty() : tie.seat().isPresent();
      if (placed) {
        own.add(names.get(i));
      }
    }
    ShankRow row = new ShankRow(pattern, hook, style, materials, own);
    Places at = new Places(pattern, hook, row, own);
    for (Optional<String> lost = lost(at, own); lost.isPresent(); lost = lost(at, own)) {
      own.remove(lost.get());
      warnings.add(nowhere(lost.get()));
      row = new ShankRow(pattern, hook, style, materials, own);
      at = new Places(pattern, hook, row, own);
    }
    this.places = at;
    row.spans.stream().filter(s -> s.role() == Role.BEAD).forEach(spans::add);
    if (pattern.part(Part.Body.class).isEmpty()) {
      row.spans.stream().filter(s -> s.part().equals("body")).forEach(spans::add);
    }
    for (int i = 0; i < names.size(); i++) {
      lay(names.get(i), pattern.parts().get(i), row, own);
    }
    row.spans.stream().filter(s -> s.role() == Role.HEAD).forEach(spans::add);
    for (int i = 0; i < names.size(); i++) {
      String name = names.get(i);
      if (isOver(pattern.parts().get(i)) && spans.stream().noneMatch(s -> s.part().equals(name))) {
        over(name, "body");
      }
    }
    warnIfCrowded(row.headRoom, row.collars);
    spans.stream()
        .filter(s -> s.role() == Role.BODY)
        .min(Comparator.comparingDouble(Span::fromMm))
        .filter(s -> !own.contains(s.part()))
        .ifPresent(s -> warnIfBodyCrowded(s.lengthMm()));
    mark();
  }

  /** A length of a part in mm; a reach for a place that is nowhere ends at the bend. */
  double mm(String name, Length length) {
    double seat = seats.getOrDefault(name, 0.0);
    return places.mm(length, seat).orElseGet(() -> Math.abs(hook.hookLengthMm() - seat));
  }

  /** An end of a style's usual range in mm. */
  double mm(String name, Style.Rule rule, String end) {
    double one = mm(name, rule.length("1"));
    return rule.isReach() ? one - 1 + Double.parseDouble(end) : one * Double.parseDouble(end);
  }

  /** A part whose own place cannot be found, if there is one. */
  private Optional<String> lost(Places at, Set<String> own) {
    return names.stream().filter(own::contains).filter(n -> !isFound(at, n)).findFirst();
  }

  private boolean isFound(Places at, String name) {
    Tie tie = pattern.part(name).orElseThrow().tie();
    return tie.seat().map(p -> at.mm(p).isPresent()).orElse(true)
        && tie.stretches().stream()
            .allMatch(s -> at.mm(s.from()).isPresent() && at.mm(s.to()).isPresent());
  }

  private static Warning nowhere(String name) {
    return new Warning(
        "place-unknown",
        name,
        "The place of the %s leans on a part that is not there, or on itself; it is tied where the style ties it. Choose another place."
            .formatted(Words.of(name)),
        0,
        "");
  }

  private void lay(String name, Part part, ShankRow row, Set<String> own) {
    if (!own.contains(name)) {
      List<Span> of = row.spans.stream().filter(s -> s.part().equals(name)).toList();
      // turns behind a wing come before those in front of it
      of.stream().sorted(Comparator.comparingDouble(Span::fromMm).reversed()).forEach(spans::add);
    }
    places.seat(name).map(places::clamped).ifPresent(mm -> seats.put(name, mm));
    double wires = ShankRow.seatInWires(part);
    if (own.contains(name) && wires > 0 && seats.containsKey(name)) {
      double half = wires * hook.wireMm() / 2;
      double middle = Math.max(half, seats.get(name));
      spans.add(
          new Span(
              name, Role.WING_SEAT, Words.of(name), middle - half, places.clamped(middle + half)));
    }
    for (Stretch stretch : own.contains(name) ? part.tie().stretches() : List.<Stretch>of()) {
      places.span(name, role(part), Words.of(name), stretch).ifPresent(spans::add);
    }
  }

  private void over(String name, String under) {
    spans.stream()
        .filter(s -> s.part().equals(under))
        .map(s -> new Span(name, Role.OVER, Words.of(name), s.fromMm(), s.toMm()))
        .reduce(
            (a, b) ->
                new Span(
                    name,
                    Role.OVER,
                    a.label(),
                    Math.min(a.fromMm(), b.fromMm()),
                    Math.max(a.toMm(), b.toMm())))
        .ifPresent(spans::add);
  }

  /** What is wound has stretches; a seat says nothing of it, nor stretches of what is bound. */
  private static boolean isWound(Part part) {
    return part instanceof Wound || part instanceof Turned;
  }

  private static boolean isOver(Part part) {
    return part instanceof Part.Rib || part instanceof Part.PalmeredHackle;
  }

  private static Role role(Part part) {
    if (part instanceof Part.Body || part instanceof Part.Segments) {
      return Role.BODY;
    } else if (part instanceof Part.Thorax || part instanceof Part.HerlHead) {
      return Role.THORAX;
    } else if (part instanceof Part.EggSac) {
      return Role.EGG_SAC;
    }
    return isOver(part)
            || !(part instanceof Hackle
                || part instanceof Part.SoftCollar
                || part instanceof Part.SpunPlume)
        ? Role.OVER
        : Role.HACKLE;
  }

  private void warnIfCrowded(double head, List<ShankRow.Collar> collars) {
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
    double body =
        spans.stream()
            .filter(s -> s.role() == Role.BODY)
            .mapToDouble(Span::fromMm)
            .min()
            .orElse(hook.shankMm());
    double start =
        spans.stream()
            .filter(s -> s.role() == Role.THORAX)
            .mapToDouble(Span::toMm)
            .max()
            .orElse(body);
    landmark("start the thread", start);
    landmark("middle of the shank", hook.shankMm() / 2);
    landmark("a third to the eye", hook.shankMm() * TWO_THIRDS);
    landmark("two thirds to the eye", hook.shankMm() * (1 - TWO_THIRDS));
    landmark("above the hook barb", hook.shankMm());
  }

  private void landmark(String name, double mm) {
    landmarks.add(new Landmark(name, mm, mm / hook.eyeMm(), mm / hook.shankMm()));
  }
}
