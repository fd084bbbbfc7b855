package ripplerest.core.tying;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import ripplerest.core.dressing.Part;
import ripplerest.core.dressing.Pattern;
import ripplerest.core.material.Materials;
import ripplerest.core.quantity.Quantity;
import ripplerest.core.quantity.Sentence;
import ripplerest.core.quantity.Words;
import ripplerest.core.sizing.SizedPattern;
import ripplerest.core.sizing.SizedPattern.Span;
import ripplerest.core.steps.Act;
import ripplerest.core.steps.OrderOfWork;

/**
 * Where the thread goes as a fly is tied: close turns from its start to the rear, open turns to
 * every place where something is bound, and the turns that bind it (the style's {@code wraps}).
 * What a spun noodle takes along counts as open turns.
 *
 * @param startMm where it is started, behind the eye
 * @param rearMm as far back as it goes
 * @param stretches of the shank, eye first, with the wraps on each
 * @param hitches what a half hitch is wise behind: there the bobbin is let go
 */
public record ThreadWalk(
    double startMm, double rearMm, List<Stretch> stretches, List<String> hitches) {
  /** Kinds that slide until they are bound off (common practice, no source). */
  private static final Set<String> SLIPPERY = Set.of("hair-wing", "tent-wing");

  /** How many thread widths open turns lie apart (assumption). */
  private static final double OPEN = 4;

  /**
   * Wraps on one stretch.
   *
   * @param label what is wound there, as the plan calls it
   * @param fromMm nearer the eye
   * @param toMm nearer the bend
   * @param wraps of thread round the shank
   * @param layers they come to, side by side
   * @param massMg their weight by denier
   */
  public record Stretch(
      String label, double fromMm, double toMm, double wraps, double layers, double massMg) {}

  public ThreadWalk {
    stretches = List.copyOf(stretches);
    hitches = List.copyOf(hitches);
  }

  /** The walk of the thread through an order of work. */
  static ThreadWalk of(SizedPattern sized, Materials materials, List<OrderOfWork.Step> order) {
    Part.Thread thread = ThreadWraps.thread(sized);
    double thick = ThreadWraps.thickMm(thread.denier(), materials.get(thread.material()));
    double start = sized.landmarks().get(0).mm();
    double rear =
        sized.spans().stream().mapToDouble(Span::toMm).max().orElse(sized.hook().shankMm());
    Wraps wraps = new Wraps(sized, thick);
    wraps.walk(start, rear, 1);
    double at = rear;
    double binds = sized.style().rule("school", "wraps").number();
    for (OrderOfWork.Step step : order) {
      if (step.act().isPresent()) {
        at = follow(step.act().get(), sized, wraps, at, binds);
      }
    }
    double round = Math.PI * (sized.hook().wireMm() + thick);
    double perWrap = round * ThreadWraps.mgPerMm(thread.denier());
    return new ThreadWalk(start, rear, wraps.stretches(perWrap), hitches(order));
  }

  private static double follow(Act act, SizedPattern sized, Wraps wraps, double at, double binds) {
    double to =
        switch (act.operation()) {
          case "bind-in", "make-loop" -> sized.seatMm(act.part());
          case "wind" ->
              sized
                  .extent(act.part())
                  .map(s -> sized.windsForward(act.part()) ? s.fromMm() : s.toMm())
                  .orElse(at);
          case "fold", "whip" -> sized.span("head").toMm();
          default -> at;
        };
    boolean binding = !act.operation().equals("wind") && to != at || act.operation().equals("fold");
    wraps.walk(at, to, OPEN);
    if (act.operation().equals("bind-in") || binding) {
      wraps.at(to, binds);
    }
    return to;
  }

  /** Behind what the thread is split, flattened or looped, or slippery stuff was bound. */
  private static List<String> hitches(List<OrderOfWork.Step> order) {
    List<String> wise = new ArrayList<>();
    for (int i = 0; i < order.size(); i++) {
      boolean slips = order.get(i).act().filter(ThreadWalk::slips).isPresent();
      String next = i + 1 < order.size() ? order.get(i + 1).key() : "";
      boolean letGo = next.startsWith("spin ") || next.startsWith("make-loop ");
      if (order.get(i).act().isPresent() && (slips || letGo)) {
        wise.add(order.get(i).act().get().words());
      }
    }
    return wise.stream().distinct().toList();
  }

  private static boolean slips(Act act) {
    return act.operation().equals("bind-in") && SLIPPERY.contains(Pattern.kindOf(act.part()));
  }

  /** What a tier is told of it. */
  public Sentence words(SizedPattern sized) {
    double wraps = stretches.stream().mapToDouble(Stretch::wraps).sum();
    Sentence way =
        Sentence.of(
            "It starts %s, goes back to %s and comes to about %s.",
            StepGaps.behind(sized, startMm),
            StepGaps.behind(sized, rearMm),
            new Quantity(10 * Math.rint(wraps / 10), "wraps", 0));
    return hitches.isEmpty()
        ? way
        : Sentence.join(
            " ",
            List.of(
                way, Sentence.of("A half hitch is wise once you %s.", String.join(", ", hitches))));
  }

  /** Wraps along the shank, in cells. */
  private static final class Wraps {
    private static final double CELL_MM = 0.05;

    private final SizedPattern sized;
    private final double thick;
    private final double[] cells;

    Wraps(SizedPattern sized, double thick) {
      this.sized = sized;
      this.thick = thick;
      double end =
          sized.spans().stream().mapToDouble(Span::toMm).max().orElse(sized.hook().shankMm());
      this.cells = new double[(int) Math.ceil(end / CELL_MM) + 1];
    }

    /** From one place to another, turns so many thread widths apart. */
    void walk(double from, double to, double apart) {
      double low = Math.min(from, to);
      double high = Math.max(from, to);
      for (int i = 0; i < cells.length; i++) {
        double covered =
            Math.max(0, Math.min(high, (i + 1) * CELL_MM) - Math.max(low, i * CELL_MM));
        cells[i] += covered / (apart * thick);
      }
    }

    void at(double mm, double wraps) {
      int cell = (int) Math.max(0, Math.min(cells.length - 1, mm / CELL_MM));
      cells[cell] += wraps;
    }

    List<Stretch> stretches(double perWrapMg) {
      List<Stretch> all = new ArrayList<>();
      List<SizedPattern.Piece> pieces = sized.pieces();
      for (int p = 0; p < pieces.size(); p++) {
        SizedPattern.Piece piece = pieces.get(p);
        double wraps = 0;
        for (int i = 0; i < cells.length; i++) {
          double middle = (i + 0.5) * CELL_MM;
          boolean last = p == pieces.size() - 1 && middle >= piece.toMm();
          if (middle >= piece.fromMm() && middle < piece.toMm() || last) {
            wraps += cells[i];
          }
        }
        Span top = piece.outermost();
        String label = top.role() == Span.Role.HACKLE ? Words.of(top.part()) : top.label();
        all.add(
            new Stretch(
                label,
                piece.fromMm(),
                piece.toMm(),
                wraps,
                piece.lengthMm() > 0 ? wraps * thick / piece.lengthMm() : 0,
                wraps * perWrapMg));
      }
      return all;
    }
  }
}
