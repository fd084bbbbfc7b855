package ripplerest.core.tying;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import ripplerest.core.dressing.Length;
import ripplerest.core.dressing.Part;
import ripplerest.core.dressing.PartKind;
import ripplerest.core.hook.HookSpec;
import ripplerest.core.material.Materials;
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
    List<String> preparation = new ArrayList<>();
    Set<String> cautions = new LinkedHashSet<>(EVERY_FLY);
    preparation.add(
        "Press the hook barb down first if it is to be down: it is then that hooks break.");
    for (Named named : tied()) {
      Part part = named.part();
      String name = named.name();
      StepWords words = StepWords.of(part.kind());
      Map<String, String> values = values(name, part);
      String prepare = StepWords.filled(words.prepare(), values);
      if (!prepare.isEmpty()) {
        preparation.add(title(name) + ": " + prepare);
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
    return new Named(kind, DefaultParts.of(sized.school(), PartKind.named(kind)));
  }

  private Card.Step step(String name, Part part, StepWords words, Map<String, String> values) {
    Optional<Span> room =
        sized.spansOf(name).stream()
            .filter(s -> s.lengthMm() > 0)
            .reduce((a, b) -> new Span(name, a.label(), a.fromMm(), b.toMm()));
    return new Card.Step(
        name,
        title(name),
        materials.get(part.material()).label(),
        taken(name),
        room.map(this::place).orElse(""),
        room.map(Span::fromMm).orElse(Double.NaN),
        room.map(Span::toMm).orElse(Double.NaN),
        StepWords.filled(words.how(), values),
        StepWords.filled(words.check(), values),
        StepWords.filled(words.mistake(), values),
        StepWords.filled(words.remedy(), values),
        StepWords.filled(words.caution(), values),
        ways(words, values),
        TyingTime.seconds(part),
        bar(name));
  }

  /** What practitioners do either way, which way this card takes, and why. */
  private static String ways(StepWords words, Map<String, String> values) {
    return words.way().isEmpty()
        ? ""
        : "Tiers disagree: " + words.way() + ". " + StepWords.filled(words.taken(), values);
  }

  private List<String> taken(String name) {
    return amounts.stream()
        .filter(a -> a.part().equals(name) && !a.what().equals("weight"))
        .limit(MOST_TAKEN)
        .map(CardWriter::told)
        .toList();
  }

  private static String told(Amount a) {
    int digits = a.spread() > 0 && a.spread() >= 1 ? 0 : a.value() < 1 ? 2 : a.value() < 10 ? 1 : 0;
    if (a.value() == Math.rint(a.value())) {
      digits = 0;
    }
    String value = ("%." + digits + "f %s").formatted(a.value(), a.unit());
    if (a.unit().equals("pieces")) {
      return a.what().equals("to take")
          ? "%.0f to take".formatted(a.value())
          : "%.0f %s".formatted(a.value(), a.what());
    }
    return a.what().equals(a.unit()) ? value : a.what() + ": " + value;
  }

  private Optional<Card.Bar> bar(String name) {
    return sized.dimensions().stream()
        .filter(d -> d.part().equals(name) && LENGTHS.contains(d.name()))
        .findFirst()
        .map(d -> new Card.Bar(title(name).toLowerCase(Locale.ROOT) + " " + d.name(), d.mm()));
  }

  private String place(Span room) {
    String from = behind(room.fromMm());
    boolean toBend = room.toMm() > sized.hook().shankMm() - 0.05;
    return "from %s to %s".formatted(from, toBend ? "above the hook barb" : behind(room.toMm()));
  }

  /** A place on the shank as a tier measures it. */
  private String behind(double mm) {
    if (mm < 0.05) {
      return "the eye";
    }
    return "%.1f mm (%.1f eye lengths) behind the eye".formatted(mm, mm / sized.hook().eyeMm());
  }

  private Map<String, String> values(String name, Part part) {
    Map<String, String> values = new HashMap<>();
    PartKind.of(part).values(part).forEach((field, value) -> put(values, name, part, field, value));
    sized.dimensions().stream()
        .filter(d -> d.part().equals(name) && LENGTHS.contains(d.name()))
        .forEach(d -> values.put("length", mm(d.mm())));
    sized.feathers().stream()
        .filter(f -> f.part().equals(name))
        .findFirst()
        .ifPresent(f -> values.put("feather", "%.0f mm".formatted(f.usedMm())));
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
      Map<String, String> values, String name, Part part, String field, Object value) {
    if (value instanceof Length) {
      return;
    }
    if (value instanceof Number n) {
      boolean degrees =
          PartKind.of(part).fields().stream()
              .anyMatch(f -> f.name().equals(field) && f.unit().equals("deg"));
      double v = n.doubleValue();
      String form = v == Math.rint(v) ? "%.0f" : "%.1f";
      values.putIfAbsent(field, form.formatted(v) + (degrees ? "°" : ""));
    } else {
      values.put(field, value.toString());
    }
  }

  private String noodle(String name) {
    Optional<Amount> noodle = find(name, "noodle long");
    Optional<Amount> thick = find(name, "noodle thick");
    Optional<Amount> pieces = find(name, "to take");
    if (noodle.isPresent() && thick.isPresent()) {
      return "Mix the dubbing and spin a noodle %.0f mm long and %.1f mm thick."
          .formatted(noodle.get().value(), thick.get().value());
    }
    Optional<Amount> strand = find(name, "strand long");
    if (strand.isPresent()) {
      return "Let it untwist so that it lies flat; it takes %.0f mm of it."
          .formatted(strand.get().value());
    }
    return pieces
        .map(p -> "Have %.0f of them ready; soak quill and biot first.".formatted(p.value()))
        .orElse("");
  }

  private Optional<Amount> find(String name, String what) {
    return amounts.stream().filter(a -> a.part().equals(name) && a.what().equals(what)).findFirst();
  }

  private static void finish(Map<String, String> values, Part.Finish finish) {
    values.put(
        "finish",
        switch (finish) {
          case NONE -> "Nothing seals it.";
          case VARNISH -> "One drop of varnish on the whip.";
          case GLUE -> "One small drop of cyanoacrylate on the last turns before you pull.";
          case RESIN -> "A thin coat of UV resin, cured at once.";
        });
    values.put(
        "finishcaution",
        switch (finish) {
          case NONE -> "";
          case VARNISH -> "Solvent varnish: air the room, mind skin and eyes.";
          case GLUE -> "Cyanoacrylate: air the room, mind skin and eyes; it binds them in seconds.";
          case RESIN -> "UV lamp: do not look into it.";
        });
  }

  private String hook() {
    HookSpec spec = sized.pattern().hook();
    String shape = spec.shape().name().toLowerCase(Locale.ROOT).replace('_', ' ');
    String name = spec.measured().map(HookSpec.Measured::name).orElse(shape);
    return "size %d, %s, shank %.1f mm, gap %.1f mm, eye %.1f mm"
        .formatted(
            spec.size(), name, sized.hook().shankMm(), sized.hook().gapMm(), sized.hook().eyeMm());
  }

  private static String mm(double mm) {
    return String.format(Locale.ROOT, "%.1f mm", mm);
  }

  private static String title(String name) {
    String words = name.replace('-', ' ');
    return Character.toUpperCase(words.charAt(0)) + words.substring(1);
  }
}
