package ripplerest.core.dressing;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import ripplerest.core.dressing.tie.Tie;
import ripplerest.core.hook.HookSpec;
import ripplerest.core.quantity.Words;
import ripplerest.core.water.Conditions;

/** What was changed from one version of a fly to the next, in a few words of a tier. */
public final class StepName {
  private static final int MOST_CHANGES = 2;

  private final List<String> changes = new ArrayList<>();

  private StepName() {}

  /** The words; empty if nothing is otherwise. */
  public static String of(
      Pattern before, Conditions waterBefore, Pattern after, Conditions waterAfter) {
    StepName step = new StepName();
    if (!before.name().equals(after.name())) {
      step.changes.add("named " + after.name());
    }
    step.told("style", before.style(), after.style());
    step.hook(before.hook(), after.hook());
    step.parts(before, after);
    step.making(before.making(), after.making());
    step.told("stands for", before.natural(), after.natural());
    if (!before.notes().equals(after.notes())) {
      step.changes.add("notes");
    }
    step.water(waterBefore, waterAfter);
    return step.words();
  }

  private String words() {
    if (changes.size() <= MOST_CHANGES) {
      return String.join(", ", changes);
    }
    int more = changes.size() - MOST_CHANGES;
    return String.join(", ", changes.subList(0, MOST_CHANGES)) + " and " + more + " more";
  }

  private void hook(HookSpec before, HookSpec after) {
    told("hook", before.size(), after.size());
    told("hook shape", word(before.shape()), word(after.shape()));
    told("hook length", before.lengthSteps(), after.lengthSteps());
    told("hook wire", before.wireSteps(), after.wireSteps());
    told("hook barb", before.barbed() ? "up" : "down", after.barbed() ? "up" : "down");
    told("hook measured", measured(before), measured(after));
  }

  private static String measured(HookSpec hook) {
    return hook.measured().map(HookSpec.Measured::name).orElse("standard size");
  }

  private void parts(Pattern before, Pattern after) {
    List<String> old = before.names();
    List<String> now = after.names();
    List<String> kinds = before.parts().stream().map(Part::kind).toList();
    List<String> kindsNow = after.parts().stream().map(Part::kind).toList();
    if (!kinds.equals(kindsNow)) {
      now.stream().filter(n -> !old.contains(n)).forEach(n -> changes.add("added " + Words.of(n)));
      old.stream()
          .filter(n -> !now.contains(n))
          .forEach(n -> changes.add("left out " + Words.of(n)));
      if (kinds.size() == kindsNow.size() && now.containsAll(old)) {
        changes.add("tying order");
      }
      return;
    }
    for (int i = 0; i < now.size(); i++) {
      part(Words.of(now.get(i)), before.parts().get(i), after.parts().get(i));
    }
  }

  private void part(String name, Part before, Part after) {
    if (!before.material().equals(after.material())) {
      changes.add(name + " of " + Words.of(after.material()));
    }
    tie(name, before.tie(), after.tie());
    Map<String, Object> old = PartKind.of(before).values(before);
    PartKind.of(after)
        .values(after)
        .forEach((field, value) -> told(name + " " + field, old.get(field), value));
  }

  private void tie(String name, Tie before, Tie after) {
    told(name + " colour", before.colour().words(), after.colour().words());
    otherwise(name + " feathers", before.with(), after.with());
    otherwise(name + " feathers", before.wound(), after.wound());
    otherwise(name + " seat", before.seat(), after.seat());
    otherwise(name + " stretches", before.stretches(), after.stretches());
    otherwise(name + " cut from another part", before.cutFrom(), after.cutFrom());
    otherwise(name + " bound in by the other end", before.by(), after.by());
    otherwise(name + " bright side", before.bright(), after.bright());
  }

  private void making(Making before, Making after) {
    otherwise("order of work", before.steps(), after.steps());
    otherwise("preparation", before.preparation(), after.preparation());
    otherwise("colourings", before.colourings(), after.colourings());
    told("for", before.visitor(), after.visitor());
    otherwise("what was asked for", before.asked(), after.asked());
  }

  private void otherwise(String what, Object before, Object after) {
    if (!before.equals(after) && !changes.contains(what)) {
      changes.add(what);
    }
  }

  private void water(Conditions before, Conditions after) {
    told("floatant", word(before.floatant()), word(after.floatant()));
    told("temperature", before.temperatureC(), after.temperatureC());
    told("film", before.filmFactor(), after.filmFactor());
    told("landing", before.touchdownFactor(), after.touchdownFactor());
    told("false casts", before.falseCastsPerMinute(), after.falseCastsPerMinute());
    if (!before.tippet().equals(after.tippet())) {
      changes.add("tippet");
    }
  }

  private void told(String what, Object before, Object after) {
    if (!before.equals(after)) {
      changes.add("%s %s → %s".formatted(what, value(before), value(after)));
    }
  }

  private static String value(Object value) {
    if (value instanceof Length.Pinned pinned) {
      return value(pinned.mm()) + " mm";
    } else if (value instanceof Length length) {
      return length.words();
    } else if (value instanceof Double number) {
      return number == Math.rint(number) ? "" + number.longValue() : "" + number;
    }
    return value.toString().isEmpty() ? "nothing" : value.toString();
  }

  private static String word(Enum<?> constant) {
    return Words.of(Words.of(constant));
  }
}
