package ripplerest.core.tying;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import ripplerest.core.dressing.Finish;
import ripplerest.core.dressing.Length;
import ripplerest.core.dressing.Part;
import ripplerest.core.dressing.PartKind;
import ripplerest.core.dressing.Turned;
import ripplerest.core.dressing.tie.FurtherFeather;
import ripplerest.core.dressing.tie.Tie;
import ripplerest.core.dressing.tie.Winding;
import ripplerest.core.quantity.Quantity;
import ripplerest.core.quantity.Sentence;
import ripplerest.core.quantity.Words;
import ripplerest.core.sizing.SizedPattern;
import ripplerest.core.sizing.SizedPattern.Span;
import ripplerest.core.steps.Act;

/** What fills the gaps in the words of one act. */
final class StepGaps {
  private static final Set<String> LENGTHS = Set.of("length", "barb");

  /** Kinds that most bind in by the tip where nothing is said (common practice, no source). */
  private static final Set<String> BY_TIP = Set.of("soft-collar");

  private final SizedPattern sized;
  private final List<Amount> amounts;
  private final Act act;
  private final Part part;
  private final Map<String, Sentence> gaps = new HashMap<>();

  StepGaps(SizedPattern sized, List<Amount> amounts, Act act, Part part) {
    this.sized = sized;
    this.amounts = amounts;
    this.act = act;
    this.part = part;
  }

  /** All of them, by name. */
  Map<String, Sentence> all() {
    PartKind.of(part).values(part).forEach(this::field);
    sized.dimensions().stream()
        .filter(d -> d.part().equals(act.part()))
        .forEach(d -> gaps.put(LENGTHS.contains(d.name()) ? "length" : d.name(), mm(d.mm(), 1)));
    sized.feathers().stream()
        .filter(f -> f.part().equals(act.part()))
        .findFirst()
        .ifPresent(f -> gaps.put("feather", mm(f.usedMm(), 0)));
    Tie tie = part.tie();
    gaps.put("feathers", Sentence.of(String.valueOf(1 + tie.with().size())));
    if (part instanceof Turned first) {
      gaps.put("turned", Sentence.of(turned(first.turns(), tie)));
    }
    gaps.put("part", Sentence.of(Words.of(act.part())));
    places();
    ends();
    gaps.put("noodle", noodle());
    if (part instanceof Part.Head head) {
      finish(head.finish());
    }
    return gaps;
  }

  private void places() {
    String name = act.part();
    double seat = sized.seatMm(name);
    List<Span> all = sized.spans().stream().filter(s -> s.part().equals(name)).toList();
    Optional<Span> span =
        act.stretch()
            .filter(n -> n <= all.size())
            .map(n -> all.get(n - 1))
            .or(() -> sized.extent(name));
    boolean wound = act.operation().equals("wind");
    boolean forward = sized.windsForward(name);
    double front = span.map(Span::fromMm).orElse(seat);
    double rear = span.map(Span::toMm).orElse(seat);
    boolean covers = span.filter(s -> s.role() != Span.Role.WING_SEAT).isPresent();
    gaps.put("from", behind(sized, wound || covers ? (forward ? rear : front) : seat));
    gaps.put("to", behind(sized, forward ? front : rear));
    gaps.put("front", behind(sized, front));
    gaps.put("rear", behind(sized, rear));
    gaps.put("hackleat", behind(sized, forward ? rear : front));
    gaps.put("start", behind(sized, sized.landmarks().get(0).mm()));
    gaps.put("back", behind(sized, rearmost()));
    double wing =
        sized.spans().stream()
            .filter(s -> s.role() == Span.Role.WING_SEAT)
            .mapToDouble(Span::middleMm)
            .findFirst()
            .orElse(0);
    double total = all.stream().mapToDouble(Span::lengthMm).sum();
    double infront = all.stream().filter(s -> s.toMm() <= wing).mapToDouble(Span::lengthMm).sum();
    PartKind.of(part)
        .values(part)
        .computeIfPresent(
            "turns",
            (field, turns) -> {
              double share = total > 0 ? infront / total : 0;
              double n = ((Number) turns).doubleValue();
              gaps.put("infront", Sentence.of(Words.tenths(share * n)));
              gaps.put("behind", Sentence.of(Words.tenths((1 - share) * n)));
              return turns;
            });
  }

  /** As far back as anything is bound or wound on the shank. */
  private double rearmost() {
    return sized.spans().stream().mapToDouble(Span::toMm).max().orElse(sized.hook().shankMm());
  }

  private void ends() {
    Tie.By by = part.tie().by().orElse(BY_TIP.contains(part.kind()) ? Tie.By.TIP : Tie.By.BUTT);
    boolean several = !part.tie().with().isEmpty();
    String end = by == Tie.By.TIP ? "tip" : "butt";
    gaps.put("end", Sentence.of(several ? "by their " + end + "s" : "by its " + end));
    boolean forward = part.tie().bright().orElse(Tie.Bright.FORWARD) == Tie.Bright.FORWARD;
    gaps.put("side", Sentence.of(forward ? "bright side forward" : "bright side back"));
  }

  private void field(String field, Object value) {
    if (value instanceof Length) {
      return;
    }
    if (value instanceof Number n) {
      boolean degrees =
          PartKind.of(part).fields().stream()
              .anyMatch(f -> f.name().equals(field) && f.unit().equals("deg"));
      gaps.put(field, Sentence.of(Words.tenths(n.doubleValue()) + (degrees ? "°" : "")));
    } else {
      gaps.put(field, Sentence.of(TRIMS.getOrDefault(value.toString(), value.toString())));
    }
  }

  /** How many turns, of each feather where there are several. */
  private static String turned(double first, Tie tie) {
    if (tie.with().isEmpty() || tie.wound() == Winding.TOGETHER) {
      String turns = Words.tenths(first) + " " + Words.counted(first == 1, "turn");
      return tie.with().isEmpty() ? turns : "them together, " + turns + ",";
    }
    String each =
        Stream.concat(Stream.of(first), tie.with().stream().map(FurtherFeather::turns))
            .map(Words::tenths)
            .collect(Collectors.joining(" and "));
    return "the first feather, then the next %s, %s turns,"
        .formatted(tie.wound() == Winding.THROUGH ? "through its turns" : "in front of it", each);
  }

  private static final Map<String, String> TRIMS =
      Map.of("below", "level underneath", "above", "level on top", "all-round", "all round");

  private Sentence noodle() {
    String of = act.stretch().map(n -> ", part " + n).orElse("");
    Optional<Amount> noodle = find("noodle long" + of);
    Optional<Amount> thick = find("noodle thick" + of);
    Optional<Amount> strand = find("strand long" + of);
    if (noodle.isPresent() && thick.isPresent()) {
      return Sentence.of(
          "Mix the dubbing and spin a noodle %s long and %s thick.",
          Quantity.mm(noodle.get().value(), 0), Quantity.mm(thick.get().value(), 1));
    }
    return strand
        .map(
            s ->
                Sentence.of(
                    "Let it untwist so that it lies flat; it takes %s of it.",
                    Quantity.mm(s.value(), 0)))
        .orElse(Sentence.EMPTY);
  }

  private Optional<Amount> find(String what) {
    return amounts.stream()
        .filter(a -> a.part().equals(act.part()) && a.what().equals(what))
        .findFirst();
  }

  private void finish(Finish finish) {
    gaps.put(
        "sealant",
        Sentence.of(
            switch (finish) {
              case NONE -> "";
              case VARNISH -> "a drop of varnish";
              case GLUE -> "a small drop of cyanoacrylate";
              case RESIN -> "a little UV resin, to be cured at once";
            }));
    gaps.put(
        "finishcaution",
        Sentence.of(
            switch (finish) {
              case NONE -> "";
              case VARNISH -> "Solvent varnish: air the room, mind skin and eyes.";
              case GLUE ->
                  "Cyanoacrylate: air the room, mind skin and eyes; it binds them in seconds.";
              case RESIN -> "UV lamp: do not look into it.";
            }));
  }

  /** A place on the shank as a tier measures it. */
  static Sentence behind(SizedPattern sized, double mm) {
    double shank = sized.hook().shankMm();
    if (mm < 0.05) {
      return Sentence.of("the eye");
    } else if (Math.abs(mm - shank) < 0.05) {
      return Sentence.of("the place above the hook barb");
    } else if (mm > shank) {
      return Sentence.of("%s into the bend", Quantity.mm(mm - shank, 1));
    }
    return Sentence.of(
        "%s (%.1f eye lengths) behind the eye", Quantity.mm(mm, 1), mm / sized.hook().eyeMm());
  }

  private static Sentence mm(double mm, int decimals) {
    return Sentence.of("%s", Quantity.mm(mm, decimals));
  }
}
