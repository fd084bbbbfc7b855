package ripplerest.core.sizing;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import ripplerest.core.dressing.Length;
import ripplerest.core.dressing.Part;
import ripplerest.core.dressing.Turned;
import ripplerest.core.dressing.Wound;
import ripplerest.core.dressing.tie.Place;
import ripplerest.core.dressing.tie.Place.Landmark;
import ripplerest.core.dressing.tie.Place.Unit;
import ripplerest.core.dressing.tie.Stretch;
import ripplerest.core.quantity.Words;
import ripplerest.core.sizing.SizedPattern.Span;

/**
 * Places on the shank that a hand can move: where a part is bound in, and both ends of every
 * stretch that one is wound over. A place that only the style says is told as a share of the shank
 * from the hook's barb, so that it keeps when the hook changes.
 */
final class PlaceHandles {
  private static final double THIRD = 1.0 / 3;

  private static final double STEP_MM = 0.1;
  private static final double LEAP_MM = 0.5;

  private final SizedPattern sized;
  private final Reaches reaches;

  PlaceHandles(SizedPattern sized) {
    this.sized = sized;
    this.reaches = new Reaches(sized);
  }

  /** Those of one part; none of one that takes no place of its own on the shank. */
  List<Handle> of(String name, int index, Part part) {
    if (!isPlaced(part)) {
      return List.of();
    }
    if (!(part instanceof Wound || part instanceof Turned)) {
      return sized.seats().containsKey(name)
          ? List.of(handle(name, index, "seat", seat(name, part)))
          : List.of();
    }
    List<Handle> all = new ArrayList<>();
    List<Span> spans = sized.spans().stream().filter(s -> s.part().equals(name)).toList();
    List<Stretch> own = part.tie().stretches();
    for (int n = 0; n < spans.size(); n++) {
      boolean told = own.size() == spans.size();
      Span span = spans.get(n);
      Place from = told ? own.get(n).from() : fromBarb(span.toMm());
      Place to = told ? own.get(n).to() : fromBarb(span.fromMm());
      all.add(handle(name, index, "from-" + (n + 1), from));
      all.add(handle(name, index, "to-" + (n + 1), to));
    }
    return all;
  }

  private static boolean isPlaced(Part part) {
    return !(part instanceof Part.Thread
        || part instanceof Part.Head
        || part instanceof Part.Bead
        || part instanceof Part.WeightWire
        || part instanceof Part.Bands
        || part instanceof Part.ThoraxCover
        || part instanceof Part.ParachuteHackle);
  }

  private Place seat(String name, Part part) {
    return part.tie().seat().orElseGet(() -> fromBarb(sized.seatMm(name)));
  }

  private Place fromBarb(double mm) {
    double share = mm / sized.hook().shankMm() - 1;
    return new Place(Words.id(Landmark.HOOK_BARB), Words.rounded(share, 3), Unit.SHARE);
  }

  private double unitMm(Place place) {
    return switch (place.unit()) {
      case MM -> 1;
      case EYE -> sized.hook().eyeMm();
      case SHARE -> sized.hook().shankMm();
    };
  }

  private Handle handle(String name, int index, String field, Place at) {
    double mm = reaches.mm(at);
    return new Handle(
        name,
        index,
        field,
        "mm",
        mm,
        unitMm(at),
        mm,
        0,
        Places.rearmostMm(sized.hook()),
        STEP_MM,
        LEAP_MM,
        List.of(),
        mm,
        false,
        Optional.of(at));
  }

  /** Landmarks, thirds of the shank, and ends of parts that lean on no other part. */
  List<Handle.Snap> snaps() {
    List<Handle.Snap> all = new ArrayList<>();
    for (Landmark mark : Landmark.values()) {
      if (mark != Landmark.TAIL_TIP) {
        add(all, Place.at(mark).words(), Place.at(mark));
      }
    }
    add(all, "a third up the shank", new Place("hook-barb", -THIRD, Unit.SHARE));
    add(all, "two thirds up the shank", new Place("hook-barb", -2 * THIRD, Unit.SHARE));
    for (String name : sized.pattern().names()) {
      boolean leans = sized.pattern().part(name).map(PlaceHandles::isLeaning).orElse(true);
      if (!leans && !sized.spansOf(name).isEmpty()) {
        add(all, "front of the " + Words.of(name), end(name + ".front"));
        add(all, "rear of the " + Words.of(name), end(name + ".rear"));
      }
    }
    all.sort(Comparator.comparingDouble(Handle.Snap::mm));
    return all;
  }

  private static Place end(String of) {
    return new Place(of, 0, Unit.MM);
  }

  private static boolean isLeaning(Part part) {
    return part.tie().seat().flatMap(Place::end).isPresent()
        || part.tie().stretches().stream()
            .anyMatch(s -> s.from().end().isPresent() || s.to().end().isPresent());
  }

  private void add(List<Handle.Snap> all, String words, Place at) {
    all.add(new Handle.Snap(words, reaches.mm(at), new Length.Reach(at)));
  }
}
