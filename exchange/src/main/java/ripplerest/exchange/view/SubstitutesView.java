package ripplerest.exchange.view;

import java.util.List;
import java.util.Locale;
import ripplerest.core.advice.Likeness;
import ripplerest.core.advice.Substitutes;
import ripplerest.exchange.view.WhatIfsView.SitsView;

/** What could stand in, the likest first; {@code hooks} or {@code materials} is empty. */
public record SubstitutesView(
    SitsView now, List<MaterialSteadView> materials, List<HookSteadView> hooks) {

  /** A material instead: how far it is from the one there is, by which traits, and what then. */
  public record MaterialSteadView(
      String id, String label, double distance, List<TraitView> traits, SitsView then) {}

  /** A trait as a multiple of what the material there has. */
  public record TraitView(String trait, double ratio) {}

  /** A hook instead; measures as multiples of the one there is. */
  public record HookSteadView(
      String name,
      int size,
      String shape,
      int lengthSteps,
      int wireSteps,
      double shank,
      double gap,
      double wire,
      double weight,
      double distance,
      SitsView then) {}

  static SubstitutesView of(Substitutes s) {
    return new SubstitutesView(
        WhatIfsView.sits(s.now()),
        s.materials().stream().map(SubstitutesView::material).toList(),
        s.hooks().stream().map(SubstitutesView::hook).toList());
  }

  private static MaterialSteadView material(Substitutes.Stead s) {
    List<TraitView> traits =
        java.util.Arrays.stream(Likeness.Trait.values())
            .filter(s.likeness().ratios()::containsKey)
            .map(t -> new TraitView(word(t), hundredths(s.likeness().ratios().get(t))))
            .toList();
    return new MaterialSteadView(
        s.material().id(),
        s.material().label(),
        hundredths(s.likeness().distance()),
        traits,
        WhatIfsView.sits(s.then()));
  }

  private static HookSteadView hook(Substitutes.HookStead s) {
    return new HookSteadView(
        s.hook().measured().map(m -> m.name()).orElse(""),
        s.hook().size(),
        word(s.hook().shape()),
        s.hook().lengthSteps(),
        s.hook().wireSteps(),
        hundredths(s.shank()),
        hundredths(s.gap()),
        hundredths(s.wire()),
        hundredths(s.weight()),
        hundredths(s.distance()),
        WhatIfsView.sits(s.then()));
  }

  private static String word(Enum<?> constant) {
    return constant.name().toLowerCase(Locale.ROOT).replace('_', '-');
  }

  private static double hundredths(double v) {
    return Math.round(v * 100) / 100.0;
  }
}
