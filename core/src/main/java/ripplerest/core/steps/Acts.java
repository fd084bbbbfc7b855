package ripplerest.core.steps;

import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import ripplerest.core.dressing.Part;
import ripplerest.core.dressing.PartKind;
import ripplerest.core.dressing.Pattern;
import ripplerest.core.dressing.Single;
import ripplerest.core.dressing.tie.Tie;
import ripplerest.core.material.Materials;
import ripplerest.core.quantity.Words;
import ripplerest.core.sizing.DefaultParts;
import ripplerest.core.sizing.SizedPattern;

/** Everything that is done to a fly, part by part, in no order of work yet. */
public final class Acts {
  private final SizedPattern sized;
  private final Materials materials;

  public Acts(SizedPattern sized, Materials materials) {
    this.sized = sized;
    this.materials = materials;
  }

  /** A part by the name that the card has for it. */
  public record Named(String name, Part part) {}

  /**
   * The parts that are tied: every fly is started with thread and ended with a whip, whether its
   * pattern names them or not. Of a kind that a fly has once, the first counts.
   */
  public List<Named> parts() {
    Pattern pattern = sized.pattern();
    List<String> names = pattern.names();
    List<Named> all = new ArrayList<>();
    Set<String> once = new LinkedHashSet<>();
    for (int i = 0; i < names.size(); i++) {
      Part part = pattern.parts().get(i);
      boolean again = !once.add(part.kind()) && part.tie().stretches().isEmpty();
      if (!again || !(part instanceof Single)) {
        all.add(new Named(names.get(i), part));
      }
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

  /** All acts; those of a part stand together, in the order of the parts. */
  public List<Act> all() {
    List<Act> acts = new ArrayList<>();
    for (Named named : parts()) {
      for (String operation : operations(named.part())) {
        int stretches = named.part().tie().stretches().size();
        if (operation.equals("wind") && stretches > 1) {
          for (int n = 1; n <= stretches; n++) {
            acts.add(new Act(operation, named.name(), Optional.of(n)));
          }
        } else {
          acts.add(new Act(operation, named.name()));
        }
      }
    }
    hook().ifPresent(acts::add);
    return acts;
  }

  private Optional<Act> hook() {
    return sized.pattern().hook().barbed()
        ? Optional.empty()
        : Optional.of(new Act("press-barb", "hook"));
  }

  /** What is done to a part, in the order in which it is done to it. */
  private List<String> operations(Part part) {
    List<String> own = new ArrayList<>(usual(part));
    List<String> all = new ArrayList<>();
    int last = (int) own.stream().takeWhile(o -> !LAST.contains(o)).count();
    part.tie().also().stream().filter(Tie.Also::isBefore).map(Words::id).forEach(all::add);
    all.addAll(own.subList(0, last));
    part.tie().also().stream().filter(a -> !a.isBefore()).map(Words::id).forEach(all::add);
    all.addAll(own.subList(last, own.size()));
    return all;
  }

  /** Left for the end, behind what some do to the part when it is on the hook. */
  private static final Set<String> LAST =
      Set.of("trim", "clip", "press-level", "whip", "coat", "clear-eye");

  private Set<String> usual(Part part) {
    Set<String> operations = new LinkedHashSet<>();
    String handled = Handling.of(materials.get(part.material()));
    boolean own =
        ActRow.all().stream()
            .anyMatch(r -> r.kind().equals(part.kind()) && r.handling().equals(handled));
    for (ActRow row : ActRow.all()) {
      boolean meant = row.kind().equals(part.kind()) && row.isDone(sized.pattern(), part, handled);
      // what is wound of a material that is spun onto the thread is not bound in first
      boolean general = row.handling().isEmpty() && own && isReplaced(part.kind(), row, handled);
      if (meant && !general) {
        operations.add(row.operation());
      }
    }
    return operations;
  }

  /** Whether the rows of its handling leave out what a general row would do. */
  private static boolean isReplaced(String kind, ActRow general, String handled) {
    return general.operation().equals("bind-in")
        && ActRow.all().stream()
            .filter(r -> r.kind().equals(kind) && r.handling().equals(handled))
            .noneMatch(r -> r.operation().equals("bind-in"))
        && ActRow.all().stream()
            .anyMatch(
                r ->
                    r.kind().equals(kind)
                        && r.handling().equals(handled)
                        && (r.operation().equals("wind") || r.operation().equals("make-loop")));
  }

  /**
   * What is said of an act; the row that is most particular to this fly.
   *
   * @param part null for what is done to the hook itself
   */
  public ActRow row(Act act, Part part) {
    String handled = part == null ? "" : Handling.of(materials.get(part.material()));
    return ActRow.all().stream()
        .filter(r -> r.kind().equals(act.kind()) || r.kind().equals("any"))
        .filter(r -> r.operation().equals(act.operation()))
        .filter(r -> r.isDone(sized.pattern(), part, handled))
        .reduce((a, b) -> particular(a) >= particular(b) ? a : b)
        .orElseThrow();
  }

  private static int particular(ActRow row) {
    return (row.handling().isEmpty() ? 0 : 2) + (row.when().isEmpty() ? 0 : 1);
  }
}
