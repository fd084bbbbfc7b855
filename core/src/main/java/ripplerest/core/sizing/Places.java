package ripplerest.core.sizing;

import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import ripplerest.core.dressing.Length;
import ripplerest.core.dressing.Part;
import ripplerest.core.dressing.Pattern;
import ripplerest.core.dressing.tie.Place;
import ripplerest.core.dressing.tie.Stretch;
import ripplerest.core.hook.Hook;
import ripplerest.core.sizing.SizedPattern.Span;

/**
 * Turns places and reaches into millimetres behind the eye. A place may lean on another part, which
 * leans on another; what leans on itself, or on a part that is not there, is nowhere.
 */
final class Places {
  private final Pattern pattern;
  private final Hook hook;
  private final ShankRow row;
  private final Set<String> own;
  private final Set<String> underway = new HashSet<>();
  private final Map<String, Optional<Double>> found = new HashMap<>();

  /**
   * @param row where the style puts all that has no place of its own
   * @param own names of the parts that have
   */
  Places(Pattern pattern, Hook hook, ShankRow row, Set<String> own) {
    this.pattern = pattern;
    this.hook = hook;
    this.row = row;
    this.own = own;
  }

  /** A place in mm behind the eye, kept on the wire; empty if it is nowhere. */
  Optional<Double> mm(Place place) {
    double offset =
        switch (place.unit()) {
          case MM -> place.offset();
          case EYE -> place.offset() * hook.eyeMm();
          case SHARE -> place.offset() * hook.shankMm();
        };
    return landmark(place).map(mm -> mm + offset);
  }

  private Optional<Double> landmark(Place place) {
    String key = place.landmark();
    if (found.containsKey(key)) {
      return found.get(key);
    }
    if (!underway.add(key)) {
      return Optional.empty();
    }
    Optional<Double> mm =
        place.mark().isPresent() ? mark(place.mark().get()) : end(place.end().orElseThrow());
    underway.remove(key);
    found.put(key, mm);
    return mm;
  }

  private Optional<Double> mark(Place.Landmark mark) {
    return switch (mark) {
      case EYE -> Optional.of(0.0);
      case HEAD -> Optional.of(row.headRear());
      case WING -> wing();
      case THORAX -> Optional.of(row.thoraxFront());
      case MIDDLE -> Optional.of(hook.shankMm() / 2);
      case POINT -> Optional.of(hook.arcAt(hook.point().getX()));
      case HOOK_BARB -> Optional.of(hook.shankMm());
      case BEND -> Optional.of(hook.hookLengthMm());
      case TAIL_TIP -> tailTip();
    };
  }

  private Optional<Double> wing() {
    for (String name : pattern.names()) {
      boolean placed = own.contains(name) && isWing(name);
      if (placed) {
        return pattern.part(name).orElseThrow().tie().seat().flatMap(this::mm);
      }
    }
    return Optional.of(row.wing());
  }

  private boolean isWing(String name) {
    return ShankRow.seatInWires(pattern.part(name).orElseThrow()) > 0;
  }

  private Optional<Double> tailTip() {
    return pattern
        .part(Part.Tail.class)
        .flatMap(
            tail -> {
              double seat = seat("tail").orElse(hook.shankMm());
              return mm(tail.length(), seat).map(mm -> seat + extension(tail) + mm);
            });
  }

  /** How much farther back an extended body carries the tail, along the shank, mm. */
  private double extension(Part.Tail tail) {
    return tail.tie().seat().isPresent()
        ? 0
        : pattern
            .part(Part.ExtendedBody.class)
            .flatMap(
                body ->
                    mm(body.length(), hook.shankMm())
                        .map(mm -> mm * Math.cos(Math.toRadians(body.rise()))))
            .orElse(0.0);
  }

  private Optional<Double> end(Place.End end) {
    if (!own.contains(end.part())) {
      return row.end(end);
    }
    List<Stretch> stretches = pattern.part(end.part()).orElseThrow().tie().stretches();
    if (stretches.isEmpty()) {
      return seat(end.part());
    }
    Optional<Double> furthest = Optional.empty();
    for (int i = 0; i < stretches.size(); i++) {
      if (end.stretch().isEmpty() || end.stretch().get() == i + 1) {
        Optional<Double> from = mm(stretches.get(i).from());
        Optional<Double> to = mm(stretches.get(i).to());
        if (from.isEmpty() || to.isEmpty()) {
          return Optional.empty();
        }
        double mm = end.front() ? Math.min(from.get(), to.get()) : Math.max(from.get(), to.get());
        furthest =
            furthest
                .map(f -> end.front() ? Math.min(f, mm) : Math.max(f, mm))
                .or(() -> Optional.of(mm));
      }
    }
    return furthest;
  }

  /** Where a part is bound in; empty if its own place is nowhere or it has none. */
  Optional<Double> seat(String name) {
    return own.contains(name)
        ? pattern.part(name).orElseThrow().tie().seat().flatMap(this::mm)
        : row.seat(name);
  }

  /** Length of all that is wound as body, front to rear, mm. */
  double bodyMm() {
    double front = mm(new Place("body.front", 0, Place.Unit.MM)).orElse(0.0);
    return mm(new Place("body.rear", 0, Place.Unit.MM)).orElse(hook.shankMm()) - front;
  }

  /**
   * A length in mm.
   *
   * @param seatMm where the part is bound in, from which a reach is measured
   * @return empty if it reaches for a place that is nowhere
   */
  Optional<Double> mm(Length length, double seatMm) {
    if (length instanceof Length.Reach reach) {
      return mm(reach.to()).map(mm -> Math.abs(mm - seatMm));
    } else if (length instanceof Length.Rule rule) {
      return Optional.of(rule.factor() * mm(rule.reference()));
    }
    return Optional.of(((Length.Pinned) length).mm());
  }

  /** What a rule is a multiple of, mm. */
  double mm(Length.Reference reference) {
    return reference == Length.Reference.BODY ? bodyMm() : Lengths.mm(reference, hook);
  }

  /** A stretch of a part as it lies; empty if an end of it is nowhere. */
  Optional<Span> span(String name, Span.Role role, String label, Stretch stretch) {
    return mm(stretch.from())
        .flatMap(
            from ->
                mm(stretch.to())
                    .map(
                        to ->
                            new Span(
                                name,
                                role,
                                label,
                                clamped(Math.min(from, to)),
                                clamped(Math.max(from, to)),
                                stretch.wires())));
  }

  /** The wire ends at the eye, and nothing is wound past a quarter turn of the bend. */
  double clamped(double mm) {
    return Math.max(0, Math.min(mm, rearmostMm(hook)));
  }

  /** As far round the bend as anything is wound, mm behind the eye. */
  static double rearmostMm(Hook hook) {
    return hook.shankMm() + hook.gapMm() * Math.PI / 4;
  }
}
