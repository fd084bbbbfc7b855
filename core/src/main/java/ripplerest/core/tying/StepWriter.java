package ripplerest.core.tying;

import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import ripplerest.core.dressing.Making;
import ripplerest.core.dressing.Part;
import ripplerest.core.dressing.tie.Colour;
import ripplerest.core.dressing.tie.FurtherFeather;
import ripplerest.core.material.Materials;
import ripplerest.core.quantity.Quantity;
import ripplerest.core.quantity.Sentence;
import ripplerest.core.quantity.Words;
import ripplerest.core.sizing.SizedPattern;
import ripplerest.core.sizing.SizedPattern.Span;
import ripplerest.core.steps.Act;
import ripplerest.core.steps.ActRow;
import ripplerest.core.steps.Acts;
import ripplerest.core.steps.OrderOfWork;

/** Writes the steps of a card. */
final class StepWriter {
  /** Most amounts told at one step; the whole list is elsewhere. */
  private static final int MOST_TAKEN = 4;

  /** What a step of the tier's own is taken to last, s (assumption). */
  private static final double OWN_STEP_S = 30;

  /** Dimensions that a tier lays material on a bar for. */
  private static final Set<String> LENGTHS = Set.of("length", "barb");

  /** Acts at which something is measured or cut to a length. */
  private static final Set<String> MEASURED = Set.of("bind-in", "spin", "trim");

  private final SizedPattern sized;
  private final Materials materials;
  private final List<Amount> amounts;
  private final Acts acts;
  private final Map<String, Part> parts = new HashMap<>();

  StepWriter(SizedPattern sized, Materials materials) {
    this.sized = sized;
    this.materials = materials;
    this.amounts = Amounts.of(sized, materials);
    this.acts = new Acts(sized, materials);
    acts.parts().forEach(p -> parts.put(p.name(), p.part()));
  }

  /** What to have ready for a step before the thread is started, if anything. */
  Optional<Sentence> prepare(OrderOfWork.Step step) {
    return step.act()
        .map(act -> StepWords.filled(row(act).prepare(), gaps(act)))
        .filter(s -> !s.saysNothing())
        .map(s -> Sentence.of("%s: %s", Words.title(step.act().get().part()), s));
  }

  Card.Step write(OrderOfWork.Step step) {
    String note = step.own().map(Making.OwnStep::note).orElse("");
    String own = step.own().map(Making.OwnStep::words).orElse("");
    return step.act().map(act -> write(act, own, note)).orElseGet(() -> own(step.key(), own, note));
  }

  /** What hook and parts weigh, mg. */
  Map<String, Double> massMg() {
    return amounts.stream()
        .filter(a -> a.unit().equals("mg") && !a.part().equals("fly"))
        .collect(Collectors.toMap(Amount::part, Amount::value, Double::sum));
  }

  private static Card.Step own(String key, String words, String note) {
    return new Card.Step(
        key,
        "own",
        "Your own step",
        "",
        List.of(),
        Sentence.EMPTY,
        Double.NaN,
        Double.NaN,
        Sentence.written(words),
        Sentence.EMPTY,
        Sentence.EMPTY,
        Sentence.EMPTY,
        "",
        Sentence.EMPTY,
        "",
        note,
        OWN_STEP_S,
        Optional.empty());
  }

  private Card.Step write(Act act, String own, String note) {
    ActRow row = row(act);
    Map<String, Sentence> gaps = gaps(act);
    Optional<Span> room = room(act);
    boolean hook = act.part().equals("hook");
    return new Card.Step(
        act.key(),
        act.part(),
        Words.title(act.words()),
        hook ? "" : material(parts.get(act.part())),
        isFirst(act) ? taken(act) : List.of(),
        room.map(this::place).orElse(Sentence.EMPTY),
        room.map(Span::fromMm).orElse(Double.NaN),
        room.map(Span::toMm).orElse(Double.NaN),
        own.isEmpty() ? StepWords.filled(row.how(), gaps) : Sentence.written(own),
        StepWords.filled(row.check(), gaps),
        StepWords.filled(row.mistake(), gaps),
        StepWords.filled(row.remedy(), gaps),
        StepWords.filled(row.caution(), gaps).text(),
        ways(row, gaps),
        row.easier(),
        note,
        hook
            ? row.share() * TyingTime.hook()
            : share(act) * TyingTime.seconds(parts.get(act.part())),
        MEASURED.contains(act.operation()) ? bar(act.part()) : Optional.empty());
  }

  private ActRow row(Act act) {
    return acts.row(act, parts.get(act.part()));
  }

  private Map<String, Sentence> gaps(Act act) {
    return act.part().equals("hook")
        ? Map.of()
        : new StepGaps(sized, amounts, act, parts.get(act.part())).all();
  }

  /** A part's time is shared among all that is done to it. */
  private double share(Act act) {
    double all =
        acts.all().stream()
            .filter(a -> a.part().equals(act.part()))
            .mapToDouble(a -> row(a).share())
            .sum();
    return row(act).share() / all;
  }

  private boolean isFirst(Act act) {
    return acts.all().stream()
        .filter(a -> a.part().equals(act.part()))
        .findFirst()
        .filter(act::equals)
        .isPresent();
  }

  /** Material and colour as a tier asks for them; all feathers of a hackle. */
  private String material(Part part) {
    StringBuilder words = new StringBuilder(coloured(part.tie().colour(), part.material()));
    for (FurtherFeather f : part.tie().with()) {
      words.append(" and ").append(coloured(f.colour(), f.material()).toLowerCase(Locale.ROOT));
    }
    return words.toString();
  }

  private String coloured(Colour colour, String material) {
    String label = materials.get(material).label();
    return colour.isNone()
        ? label
        : Words.title(colour.words())
            + " "
            + label.substring(0, 1).toLowerCase(Locale.ROOT)
            + label.substring(1);
  }

  private Optional<Span> room(Act act) {
    if (!act.operation().equals("wind")) {
      return Optional.empty();
    }
    List<Span> all = sized.spans().stream().filter(s -> s.part().equals(act.part())).toList();
    return act.stretch()
        .filter(n -> n <= all.size())
        .map(n -> all.get(n - 1))
        .or(() -> sized.extent(act.part()))
        .filter(s -> s.lengthMm() > 0);
  }

  /** What practitioners do either way, which way this card takes, and why. */
  private static Sentence ways(ActRow row, Map<String, Sentence> gaps) {
    return row.way().isEmpty()
        ? Sentence.EMPTY
        : Sentence.of("Tiers disagree: %s. %s", row.way(), StepWords.filled(row.taken(), gaps));
  }

  private List<Sentence> taken(Act act) {
    return amounts.stream()
        .filter(a -> a.part().equals(act.part()) && !a.what().equals("weight"))
        .limit(MOST_TAKEN)
        .map(StepWriter::told)
        .toList();
  }

  private static Sentence told(Amount a) {
    int digits = a.spread() > 0 && a.spread() >= 1 ? 0 : a.value() < 1 ? 2 : a.value() < 10 ? 1 : 0;
    if (a.value() == Math.rint(a.value())) {
      digits = 0;
    }
    if (a.unit().equals("pieces")) {
      return Sentence.of(
          a.what().equals("to take")
              ? "%.0f to take".formatted(a.value())
              : "%.0f %s".formatted(a.value(), one(a.value(), a.what())));
    }
    Quantity value = new Quantity(a.value(), one(a.value(), a.unit()), digits);
    if (a.what().startsWith("to take, ")) {
      return Sentence.of("%s %s", value, a.what().substring("to take, ".length()));
    }
    return a.what().equals(a.unit())
        ? Sentence.of("%s", value)
        : Sentence.of("%s: %s", a.what(), value);
  }

  private static String one(double value, String plural) {
    return value == 1 ? plural.replaceFirst("(?<=..)s$", "") : plural;
  }

  private Optional<Card.Bar> bar(String name) {
    return sized.dimensions().stream()
        .filter(d -> d.part().equals(name) && LENGTHS.contains(d.name()))
        .findFirst()
        .map(
            d -> new Card.Bar(Words.title(name).toLowerCase(Locale.ROOT) + " " + d.name(), d.mm()));
  }

  private Sentence place(Span room) {
    Sentence from = StepGaps.behind(sized, room.fromMm());
    return Sentence.of("from %s to %s", from, StepGaps.behind(sized, room.toMm()));
  }
}
