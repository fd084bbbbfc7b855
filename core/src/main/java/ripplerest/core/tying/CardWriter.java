package ripplerest.core.tying;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import ripplerest.core.dressing.Finish;
import ripplerest.core.dressing.Length;
import ripplerest.core.dressing.Part;
import ripplerest.core.dressing.PartKind;
import ripplerest.core.hook.Hook;
import ripplerest.core.hook.HookSpec;
import ripplerest.core.material.Materials;
import ripplerest.core.quantity.Quantity;
import ripplerest.core.quantity.Sentence;
import ripplerest.core.quantity.Words;
import ripplerest.core.sizing.DefaultParts;
import ripplerest.core.sizing.SizedPattern;
import ripplerest.core.sizing.SizedPattern.Span;

/** Writes the card of a sized fly: the words of its parts with this fly's numbers in them. */
public final class CardWriter {
  private static final List<String> EVERY_FLY =
      List.of(
          "Hook points, scissors and blades: mind your eyes, do not catch what falls, and let nobody sit"
              + " in front of the vise.",
          "Whether a hook may have a barb, and which feathers may be used, is for your local rules.");

  /** Most amounts told at one step; the whole list is elsewhere. */
  private static final int MOST_TAKEN = 4;

  /** Dimensions that a tier lays material on a bar for. */
  private static final Set<String> LENGTHS = Set.of("length", "barb");

  private final SizedPattern sized;
  private final Materials materials;
  private final List<Amount> amounts;
  private final List<String> names;

  private CardWriter(SizedPattern sized, Materials materials) {
    this.sized = sized;
    this.materials = materials;
    this.amounts = Amounts.of(sized, materials);
    this.names = sized.pattern().names();
  }

  /** The card of a fly. */
  public static Card of(SizedPattern sized, Materials materials) {
    return new CardWriter(sized, materials).write();
  }

  private Card write() {
    List<Card.Step> steps = new ArrayList<>();
    List<Sentence> preparation = new ArrayList<>();
    Set<String> cautions = new LinkedHashSet<>(EVERY_FLY);
    preparation.add(
        Sentence.of(
            "Press the hook barb down first if it is to be down: it is then that hooks break."));
    for (Named named : tied()) {
      Part part = named.part();
      String name = named.name();
      StepWords words = StepWords.of(part.kind());
      Map<String, Sentence> values = values(name, part);
      Sentence prepare = StepWords.filled(words.prepare(), values);
      if (!prepare.saysNothing()) {
        preparation.add(Sentence.of("%s: %s", Words.title(name), prepare));
      }
      Card.Step step = step(name, part, words, values);
      steps.add(step);
      if (!step.caution().isEmpty()) {
        cautions.add(step.caution());
      }
    }
    List<Card.Bar> bars = steps.stream().flatMap(s -> s.bar().stream()).toList();
    return new Card(
        sized.pattern().name(),
        hook(),
        preparation,
        steps,
        bars,
        List.copyOf(cautions),
        TyingTime.hook() + steps.stream().mapToDouble(Card.Step::seconds).sum());
  }

  private record Named(String name, Part part) {}

  /**
   * Every fly is started with thread and ended with a whip, whether its pattern names them or not.
   */
  private List<Named> tied() {
    List<Named> all = new ArrayList<>();
    for (int i = 0; i < names.size(); i++) {
      all.add(new Named(names.get(i), sized.pattern().parts().get(i)));
    }
    if (!names.contains("thread")) {
      all.add(0, usual("thread"));
    }
    if (!names.contains("head")) {
      all.add(usual("head"));
    }
    return all;
  }

  private Named usual(String kind) {
    return new Named(kind, DefaultParts.of(sized.style(), PartKind.named(kind)));
  }

  private Card.Step step(String name, Part part, StepWords words, Map<String, Sentence> values) {
    Optional<Span> room = sized.extent(name).filter(s -> s.lengthMm() > 0);
    return new Card.Step(
        name,
        Words.title(name),
        materials.get(part.material()).label(),
        taken(name),
        room.map(this::place).orElse(Sentence.EMPTY),
        room.map(Span::fromMm).orElse(Double.NaN),
        room.map(Span::toMm).orElse(Double.NaN),
        StepWords.filled(words.how(), values),
        StepWords.filled(words.check(), values),
        StepWords.filled(words.mistake(), values),
        StepWords.filled(words.remedy(), values),
        StepWords.filled(words.caution(), values).text(),
        ways(words, values),
        TyingTime.seconds(part),
        bar(name));
  }

  /** What practitioners do either way, which way this card takes, and why. */
  private static Sentence ways(StepWords words, Map<String, Sentence> values) {
    return words.way().isEmpty()
        ? Sentence.EMPTY
        : Sentence.of(
            "Tiers disagree: %s. %s", words.way(), StepWords.filled(words.taken(), values));
  }

  private List<Sentence> taken(String name) {
    return amounts.stream()
        .filter(a -> a.part().equals(name) && !a.what().equals("weight"))
        .limit(MOST_TAKEN)
        .map(CardWriter::told)
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
              : "%.0f %s".formatted(a.value(), a.what()));
    }
    Quantity value = new Quantity(a.value(), a.unit(), digits);
    return a.what().equals(a.unit())
        ? Sentence.of("%s", value)
        : Sentence.of("%s: %s", a.what(), value);
  }

  private Optional<Card.Bar> bar(String name) {
    return sized.dimensions().stream()
        .filter(d -> d.part().equals(name) && LENGTHS.contains(d.name()))
        .findFirst()
        .map(
            d -> new Card.Bar(Words.title(name).toLowerCase(Locale.ROOT) + " " + d.name(), d.mm()));
  }

  private Sentence place(Span room) {
    Sentence from = behind(room.fromMm());
    boolean toBend = room.toMm() > sized.hook().shankMm() - 0.05;
    Sentence to = toBend ? Sentence.of("above the hook barb") : behind(room.toMm());
    return Sentence.of("from %s to %s", from, to);
  }

  /** A place on the shank as a tier measures it. */
  private Sentence behind(double mm) {
    if (mm < 0.05) {
      return Sentence.of("the eye");
    }
    return Sentence.of(
        "%s (%.1f eye lengths) behind the eye", Quantity.mm(mm, 1), mm / sized.hook().eyeMm());
  }

  private Map<String, Sentence> values(String name, Part part) {
    Map<String, Sentence> values = new HashMap<>();
    PartKind.of(part).values(part).forEach((field, value) -> put(values, name, part, field, value));
    sized.dimensions().stream()
        .filter(d -> d.part().equals(name) && LENGTHS.contains(d.name()))
        .forEach(d -> values.put("length", mm(d.mm(), 1)));
    sized.feathers().stream()
        .filter(f -> f.part().equals(name))
        .findFirst()
        .ifPresent(f -> values.put("feather", mm(f.usedMm(), 0)));
    sized.spansOf(name).stream()
        .findFirst()
        .ifPresent(s -> values.put("from", behind(s.middleMm())));
    sized.spansOf(name).stream()
        .reduce((a, b) -> b)
        .ifPresent(s -> values.put("to", behind(s.fromMm())));
    values.put("start", behind(sized.landmarks().get(0).mm()));
    values.put("noodle", noodle(name));
    if (part instanceof Part.Head head) {
      finish(values, head.finish());
    }
    return values;
  }

  private static void put(
      Map<String, Sentence> values, String name, Part part, String field, Object value) {
    if (value instanceof Length) {
      return;
    }
    if (value instanceof Number n) {
      boolean degrees =
          PartKind.of(part).fields().stream()
              .anyMatch(f -> f.name().equals(field) && f.unit().equals("deg"));
      double v = n.doubleValue();
      values.putIfAbsent(field, Sentence.of(Words.tenths(v) + (degrees ? "°" : "")));
    } else {
      values.put(field, Sentence.of(value.toString()));
    }
  }

  private Sentence noodle(String name) {
    Optional<Amount> noodle = find(name, "noodle long");
    Optional<Amount> thick = find(name, "noodle thick");
    Optional<Amount> pieces = find(name, "to take");
    if (noodle.isPresent() && thick.isPresent()) {
      return Sentence.of(
          "Mix the dubbing and spin a noodle %s long and %s thick.",
          Quantity.mm(noodle.get().value(), 0), Quantity.mm(thick.get().value(), 1));
    }
    Optional<Amount> strand = find(name, "strand long");
    if (strand.isPresent()) {
      return Sentence.of(
          "Let it untwist so that it lies flat; it takes %s of it.",
          Quantity.mm(strand.get().value(), 0));
    }
    return pieces
        .map(p -> Sentence.of("Have %.0f of them ready; soak quill and biot first.", p.value()))
        .orElse(Sentence.EMPTY);
  }

  private Optional<Amount> find(String name, String what) {
    return amounts.stream().filter(a -> a.part().equals(name) && a.what().equals(what)).findFirst();
  }

  private static void finish(Map<String, Sentence> values, Finish finish) {
    values.put(
        "finish",
        Sentence.of(
            switch (finish) {
              case NONE -> "Nothing seals it.";
              case VARNISH -> "One drop of varnish on the whip.";
              case GLUE -> "One small drop of cyanoacrylate on the last turns before you pull.";
              case RESIN -> "A thin coat of UV resin, cured at once.";
            }));
    values.put(
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

  private Sentence hook() {
    HookSpec spec = sized.pattern().hook();
    String shape = Words.of(spec.shape());
    String name = spec.measured().map(HookSpec.Measured::name).orElse(shape);
    Hook hook = sized.hook();
    return Sentence.of(
        "size %d, %s, shank %s, gap %s, eye %s",
        spec.size(), name, mm(hook.shankMm(), 1), mm(hook.gapMm(), 1), mm(hook.eyeMm(), 1));
  }

  private static Sentence mm(double mm, int decimals) {
    return Sentence.of("%s", Quantity.mm(mm, decimals));
  }
}
