package ripplerest.core.sizing;

import java.util.List;
import ripplerest.core.dressing.Length;
import ripplerest.core.dressing.tie.Place;
import ripplerest.core.sizing.SizedPattern.Span;

/** Other lengths of a part of a fly whose parts all have their places already. */
final class Reaches {
  private final SizedPattern sized;

  Reaches(SizedPattern sized) {
    this.sized = sized;
  }

  /** A length that a part might have, mm; a reach for a part that is not there ends at the bend. */
  double mm(String part, Length length) {
    if (length instanceof Length.Reach reach) {
      return Math.abs(mm(reach.to()) - sized.seatMm(part));
    } else if (length instanceof Length.Rule rule && rule.reference() == Length.Reference.BODY) {
      return rule.factor() * sized.extent("body").map(Span::lengthMm).orElse(0.0);
    }
    return Lengths.mm(length, sized.hook());
  }

  /** A place in mm behind the eye. */
  double mm(Place place) {
    double shank = sized.hook().shankMm();
    double offset =
        switch (place.unit()) {
          case MM -> place.offset();
          case EYE -> place.offset() * sized.hook().eyeMm();
          case SHARE -> place.offset() * shank;
        };
    return offset + place.mark().map(this::mark).orElseGet(() -> end(place.end().orElseThrow()));
  }

  private double mark(Place.Landmark mark) {
    double shank = sized.hook().shankMm();
    return switch (mark) {
      case EYE -> 0;
      case HEAD -> sized.span("head").toMm();
      case WING -> first(Span.Role.WING_SEAT, Span.Role.BODY).middleMm();
      case THORAX -> first(Span.Role.THORAX, Span.Role.BODY).fromMm();
      case MIDDLE -> shank / 2;
      case POINT -> sized.hook().arcAt(sized.hook().point().getX());
      case HOOK_BARB -> shank;
      case BEND -> sized.hook().hookLengthMm();
      case TAIL_TIP -> tailTip();
    };
  }

  /** The bend, where there is no tail. */
  private double tailTip() {
    return sized.dimensions().stream()
        .filter(d -> d.part().equals("tail") && d.name().equals("length"))
        .findFirst()
        .map(d -> tailRoot() + d.mm())
        .orElse(sized.hook().hookLengthMm());
  }

  /** Where the tail begins, along the shank: an extended body carries it farther back. */
  private double tailRoot() {
    return sized
        .extensionUnder("tail")
        .map(
            body ->
                sized.seatMm("extended-body")
                    + sized.mm("extended-body", "length") * Math.cos(Math.toRadians(body.rise())))
        .orElse(sized.seatMm("tail"));
  }

  private Span first(Span.Role role, Span.Role instead) {
    return sized.spans().stream()
        .filter(s -> s.role() == role)
        .findFirst()
        .or(() -> sized.spans().stream().filter(s -> s.role() == instead).findFirst())
        .orElseGet(() -> sized.span("head"));
  }

  private double end(Place.End end) {
    List<Span> all = sized.spans().stream().filter(s -> s.part().equals(end.part())).toList();
    List<Span> of =
        end.stretch().isPresent() && end.stretch().get() <= all.size()
            ? List.of(all.get(end.stretch().get() - 1))
            : all;
    return end.front()
        ? of.stream().mapToDouble(Span::fromMm).min().orElse(sized.hook().hookLengthMm())
        : of.stream().mapToDouble(Span::toMm).max().orElse(sized.hook().hookLengthMm());
  }
}
