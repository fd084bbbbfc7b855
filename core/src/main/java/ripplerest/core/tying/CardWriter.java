package ripplerest.core.tying;

import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import ripplerest.core.dressing.Making;
import ripplerest.core.hook.Hook;
import ripplerest.core.hook.HookSpec;
import ripplerest.core.material.Materials;
import ripplerest.core.quantity.Quantity;
import ripplerest.core.quantity.Sentence;
import ripplerest.core.quantity.Warning;
import ripplerest.core.quantity.Words;
import ripplerest.core.sizing.SizedPattern;
import ripplerest.core.sizing.Sizer;
import ripplerest.core.steps.OrderOfWork;

/** Writes the card of a sized fly: what hands do, in order, with this fly's numbers in it. */
public final class CardWriter {
  private static final List<String> EVERY_FLY =
      List.of(
          "Hook points, scissors and blades: mind your eyes, do not catch what falls, and let nobody sit"
              + " in front of the vise.",
          "Whether a hook may have a barb, and which feathers may be used, is for your local rules.");

  private CardWriter() {}

  /** The card of a fly. */
  public static Card of(SizedPattern sized, Materials materials) {
    OrderOfWork.Result order = OrderOfWork.of(sized, materials);
    StepWriter writer = new StepWriter(sized, materials);
    List<Card.Step> steps = new ArrayList<>();
    List<Sentence> preparation = new ArrayList<>();
    Set<String> cautions = new LinkedHashSet<>(EVERY_FLY);
    for (OrderOfWork.Step step : order.steps()) {
      writer.prepare(step).ifPresent(preparation::add);
      Card.Step written = writer.write(step);
      steps.add(written);
      if (!written.caution().isEmpty()) {
        cautions.add(written.caution());
      }
    }
    ThreadWalk thread = ThreadWalk.of(sized, materials, order.steps());
    Making making = sized.pattern().making();
    return new Card(
        sized.pattern().name(),
        hook(sized),
        making.visitor(),
        making.asked(),
        sized.pattern().notes(),
        preparation,
        thread.words(sized),
        thread.stretches(),
        steps,
        sized.warnings().stream()
            .filter(w -> !w.code().equals(Sizer.OUTSIDE_STYLE))
            .map(Warning::message)
            .toList(),
        order.problems(),
        steps.stream().flatMap(s -> s.bar().stream()).distinct().toList(),
        List.copyOf(cautions),
        writer.massMg(),
        TyingTime.hook() + steps.stream().mapToDouble(Card.Step::seconds).sum());
  }

  private static Sentence hook(SizedPattern sized) {
    HookSpec spec = sized.pattern().hook();
    String shape = Words.of(spec.shape());
    String name = spec.measured().map(HookSpec.Measured::name).orElse(shape);
    Hook hook = sized.hook();
    return Sentence.of(
        "size %d, %s, %s, shank %s, gap %s, eye %s",
        spec.size(),
        name,
        spec.barbed() ? "barb up" : "barbless",
        mm(hook.shankMm(), 1),
        mm(hook.gapMm(), 1),
        mm(hook.eyeMm(), 1));
  }

  private static Quantity mm(double mm, int decimals) {
    return Quantity.mm(mm, decimals);
  }
}
