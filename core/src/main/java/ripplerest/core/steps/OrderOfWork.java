package ripplerest.core.steps;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import ripplerest.core.dressing.Making;
import ripplerest.core.material.Materials;
import ripplerest.core.quantity.Warning;
import ripplerest.core.quantity.Words;
import ripplerest.core.sizing.SizedPattern;
import ripplerest.core.sizing.SizedPattern.Span;

/**
 * In which order a fly is tied. Physical needs come first; of what can be done next, the part that
 * stands first in the pattern, and behind it what is nearest the thread. A tier's own order is
 * kept, and what it breaks is explained.
 */
public final class OrderOfWork {
  private final SizedPattern sized;
  private final List<Act> acts;
  private final List<String> names;

  private OrderOfWork(SizedPattern sized, Materials materials) {
    this.sized = sized;
    Acts all = new Acts(sized, materials);
    this.acts = all.all();
    this.names = all.parts().stream().map(Acts.Named::name).toList();
  }

  /**
   * One step.
   *
   * @param act what is done; empty for a step that no part asks for
   * @param own the tier's words and note, if there are any
   */
  public record Step(Optional<Act> act, Optional<Making.OwnStep> own) {
    /** By which it is found again. */
    public String key() {
      return act.map(Act::key).orElseGet(() -> own.orElseThrow().act());
    }
  }

  /**
   * What an order breaks.
   *
   * @param part that the step is done to
   * @param step that stands too early
   * @param after the step it needs; moved behind this one it can be tied
   * @param words why, and the smallest move that mends it
   */
  public record Problem(String part, String step, String after, String words) {}

  /** The order, and what is wrong with it where it is the tier's. */
  public record Result(List<Step> steps, List<Problem> problems) {
    public Result {
      steps = List.copyOf(steps);
      problems = List.copyOf(problems);
    }
  }

  /** The order of work of a fly. */
  public static Result of(SizedPattern sized, Materials materials) {
    return new OrderOfWork(sized, materials).worked();
  }

  /**
   * What the order breaks that is worked out here; nothing, or two needs stand against each other.
   */
  public static List<Problem> broken(SizedPattern sized, Materials materials) {
    OrderOfWork work = new OrderOfWork(sized, materials);
    List<Step> steps =
        work.derived().stream().map(a -> new Step(Optional.of(a), Optional.empty())).toList();
    List<Act> backward = new ArrayList<>(steps.stream().map(s -> s.act().orElseThrow()).toList());
    Collections.reverse(backward);
    return work.problems(steps, backward);
  }

  /** What the tier's own order breaks, as warnings; nothing where the order is worked out. */
  public static List<Warning> warnings(SizedPattern sized, Materials materials) {
    if (sized.pattern().making().steps().isEmpty()) {
      return List.of();
    }
    return of(sized, materials).problems().stream()
        .map(p -> new Warning("order", p.part(), p.words(), 0, ""))
        .toList();
  }

  private Result worked() {
    List<Making.OwnStep> own = sized.pattern().making().steps();
    List<Step> order = new ArrayList<>();
    List<Act> derived = derived();
    for (Act act : derived) {
      order.add(new Step(Optional.of(act), said(own, act)));
    }
    List<Step> asTold = OwnOrder.told(order, own);
    List<Problem> problems = own.isEmpty() ? List.of() : problems(asTold, derived);
    return new Result(asTold, problems);
  }

  private static Optional<Making.OwnStep> said(List<Making.OwnStep> own, Act act) {
    return own.stream().filter(s -> s.act().equals(act.key())).findFirst();
  }

  /** Every act once, none before what it needs. */
  private List<Act> derived() {
    List<Act> order = needed();
    for (Act act : acts) {
      if (act.isAlso()) {
        order.add(placeOfAlso(act, order), act);
      }
    }
    return order;
  }

  /** What some do to a part stands right before its first act, or behind its last and its needs. */
  private int placeOfAlso(Act also, List<Act> order) {
    int own = acts.indexOf(also);
    if (also.isBefore()) {
      return (int)
          order.stream()
              .takeWhile(a -> !a.part().equals(also.part()) || acts.indexOf(a) < own)
              .count();
    }
    int behind = 0;
    for (int i = 0; i < order.size(); i++) {
      if (why(also, order.get(i)).isPresent() && !isOf(order.get(i), "press-barb")) {
        behind = i + 1;
      }
    }
    return behind;
  }

  private List<Act> needed() {
    List<Act> left = new ArrayList<>(acts.stream().filter(a -> !a.isAlso()).toList());
    List<Act> order = new ArrayList<>();
    double thread = 0;
    while (!left.isEmpty()) {
      Act next = left.get(0);
      double best = Double.POSITIVE_INFINITY;
      for (Act act : left) {
        if (left.stream().noneMatch(other -> why(act, other).isPresent())) {
          double rank = rank(act, thread);
          if (rank < best) {
            best = rank;
            next = act;
          }
        }
      }
      left.remove(next);
      order.add(next);
      thread = place(next).orElse(thread);
    }
    return order;
  }

  /** Parts in the order of the pattern; the walk of the thread decides between equals. */
  private double rank(Act act, double thread) {
    double walk = place(act).map(mm -> Math.abs(mm - thread)).orElse(0.0);
    return names.indexOf(act.part()) + walk / 1000;
  }

  /** Where the thread has to be for an act, mm behind the eye. */
  private Optional<Double> place(Act act) {
    if (act.operation().equals("wind")) {
      return span(act).map(Span::toMm);
    }
    return Optional.ofNullable(sized.seats().get(act.part()));
  }

  /** The stretch that an act winds. */
  private Optional<Span> span(Act act) {
    List<Span> of = sized.spans().stream().filter(s -> s.part().equals(act.part())).toList();
    if (act.stretch().isPresent() && act.stretch().get() <= of.size()) {
      return Optional.of(of.get(act.stretch().get() - 1));
    }
    return sized.extent(act.part());
  }

  /** Why {@code first} has to be done before {@code then}; empty if it does not. */
  private Optional<String> why(Act then, Act first) {
    if (then.equals(first)) {
      return Optional.empty();
    }
    if (first.part().equals(then.part())) {
      return acts.indexOf(first) < acts.indexOf(then)
          ? Optional.of("it is done first")
          : Optional.empty();
    }
    if (isOf(first, "press-barb") || isOf(first, "slide-on")) {
      return isOf(then, "press-barb")
          ? Optional.empty()
          : Optional.of("it has to be done on the bare hook");
    }
    if (isOf(then, "press-barb") || isOf(then, "slide-on")) {
      return Optional.empty();
    }
    if (isOf(first, "start-thread")) {
      return Optional.of("nothing is bound before the thread is started");
    }
    if (isOf(then, "start-thread")) {
      return Optional.empty();
    }
    if (then.kind().equals("head") && (isOf(then, "glue") || isOf(then, "whip"))) {
      return isLast(first) ? Optional.empty() : Optional.of("the whip closes the fly");
    }
    if (isLast(then) && isOf(first, "whip")) {
      return Optional.of("it is done when the fly is closed");
    }
    if (isOf(then, "clear-eye") && isOf(first, "coat")) {
      return Optional.of("varnish may have closed it");
    }
    if (isLast(first)) {
      return isLast(then) ? need(then, first) : Optional.empty();
    }
    return need(then, first).or(() -> wound(then, first)).or(() -> boundInside(then, first));
  }

  private static boolean isOf(Act act, String operation) {
    return act.operation().equals(operation);
  }

  /** What is done after the whip. */
  private boolean isLast(Act act) {
    return isOf(act, "coat")
        || isOf(act, "clear-eye")
        || isOf(act, "press-level")
        || isOf(act, "trim")
        || isOf(act, "clip") && !isClippedEarly(act);
  }

  /** Barbs on top are clipped before what is folded over them. */
  private boolean isClippedEarly(Act act) {
    return sized
        .pattern()
        .part(act.part())
        .map(p -> ripplerest.core.dressing.PartKind.of(p).values(p).get("trim"))
        .filter("above"::equals)
        .isPresent();
  }

  private Optional<String> need(Act then, Act first) {
    boolean folded = isOf(then, "fold") && isOf(first, "clip") && isClippedEarly(first);
    if (folded) {
      return Optional.of("it goes where the barbs were");
    }
    // a stretch of its own is one of several: what goes over a part waits for those under it only
    if (first.stretch().isPresent() && isOf(first, "wind") && !isUnder(then, first)) {
      return Optional.empty();
    }
    // where the tier has a part wound elsewhere, where it lies says more than what is usual
    if ((isPlaced(then) || isPlaced(first))
        && wound(first, then).or(() -> boundInside(first, then)).isPresent()) {
      return Optional.empty();
    }
    return Need.all().stream().filter(n -> n.binds(then, first)).map(Need::why).findFirst();
  }

  /** Whether the pattern says where a part is wound. */
  private boolean isPlaced(Act act) {
    return sized.pattern().part(act.part()).filter(p -> !p.tie().stretches().isEmpty()).isPresent();
  }

  /** Whether one of several stretches lies under, or behind the place of, what comes after. */
  private boolean isUnder(Act then, Act first) {
    Optional<Span> under = span(first);
    Optional<Double> at = isOf(then, "bind-in") ? start(then) : Optional.empty();
    if (under.isEmpty()) {
      return true;
    }
    if (at.isPresent()) {
      return under.get().fromMm() > at.get() - TOUCH_MM;
    }
    return span(then).map(s -> overlap(s, under.get())).orElse(true);
  }

  /** Where a part that is wound begins: there its feather or strand is bound in. */
  private Optional<Double> start(Act act) {
    return sized
        .pattern()
        .part(act.part())
        .filter(p -> !p.tie().stretches().isEmpty())
        .flatMap(p -> sized.extent(act.part()))
        .map(s -> isWoundForward(act.part()) ? s.toMm() : s.fromMm());
  }

  /** Whether the pattern has its first stretch wound toward the eye. */
  private boolean isWoundForward(String part) {
    return sized.windsForward(part);
  }

  /** Stretches that touch do not overlap, mm. */
  private static final double TOUCH_MM = 1e-6;

  private static boolean overlap(Span a, Span b) {
    return a.fromMm() < b.toMm() - TOUCH_MM && b.fromMm() < a.toMm() - TOUCH_MM;
  }

  /** What is wound over another part, or in front of it in the row, comes after it. */
  private Optional<String> wound(Act then, Act first) {
    if (!isOf(then, "wind") || !isOf(first, "wind")) {
      return Optional.empty();
    }
    boolean later = names.indexOf(first.part()) < names.indexOf(then.part());
    Optional<Span> over = span(then);
    Optional<Span> under = span(first);
    // of several stretches of a part, those nearer the eye wait for what is wound behind them
    boolean behind =
        over.isPresent()
            && under.filter(s -> s.role() == Span.Role.HACKLE).isPresent()
            && over.get().toMm() < under.get().fromMm() + TOUCH_MM;
    if (then.stretch().isPresent() && behind && !then.part().equals(first.part())) {
      return Optional.of("what lies nearer the eye is wound later");
    }
    // what lies over others in open turns has its own needs
    boolean open = under.filter(s -> s.role() == Span.Role.OVER).isPresent();
    if (over.isEmpty() || under.isEmpty() || open) {
      return Optional.empty();
    }
    if (overlap(over.get(), under.get())) {
      return later ? Optional.of("it is wound over it") : Optional.empty();
    }
    boolean row =
        over.get().role() == Span.Role.HACKLE
            && under.get().role() == Span.Role.HACKLE
            && over.get().toMm() < under.get().fromMm() + TOUCH_MM;
    return row ? Optional.of("what is wound last lies nearest the eye") : Optional.empty();
  }

  /** What is wound forward over a stretch, from its rear, is bound in before that stretch. */
  private Optional<String> boundInside(Act then, Act first) {
    boolean begun = isOf(first, "bind-in") || isOf(first, "make-loop");
    if (!isOf(then, "wind") || !begun || !isWoundForward(first.part())) {
      return Optional.empty();
    }
    return start(first)
        .filter(mm -> span(then).map(s -> isRear(s, mm)).orElse(false))
        .map(mm -> "it would cover where it is bound in");
  }

  private static boolean isRear(Span span, double mm) {
    return span.fromMm() < mm - TOUCH_MM && mm < span.toMm() + TOUCH_MM;
  }

  /**
   * Of each step that stands too early the last one that it needs: behind that it can be tied. What
   * the order that is worked out breaks as well follows from the places in the pattern and is no
   * fault of the tier's order.
   */
  private List<Problem> problems(List<Step> order, List<Act> derived) {
    List<Problem> problems = new ArrayList<>();
    for (int i = 0; i < order.size(); i++) {
      Optional<Act> early = order.get(i).act();
      for (int j = order.size() - 1; j > i && early.isPresent(); j--) {
        Optional<Act> late = order.get(j).act();
        Optional<String> why =
            late.filter(needed -> derived.indexOf(needed) < derived.indexOf(early.get()))
                .flatMap(needed -> why(early.get(), needed));
        if (why.isPresent()) {
          problems.add(problem(early.get(), late.get(), why.get()));
          break;
        }
      }
    }
    return problems;
  }

  private static Problem problem(Act early, Act late, String why) {
    return new Problem(early.part(), early.key(), late.key(), words(early, late, why));
  }

  private static String words(Act early, Act late, String why) {
    return "%s needs %s first: %s. Move %s behind it."
        .formatted(Words.title(early.words()), late.words(), why, early.words());
  }
}
