package ripplerest.exchange.view;

import java.util.List;
import ripplerest.core.advice.Likeness;
import ripplerest.core.advice.Substitutes;
import ripplerest.core.estimate.RestSummary;
import ripplerest.core.quantity.Sentence;
import ripplerest.core.quantity.Words;
import ripplerest.exchange.view.WhatIfsView.SitsView;

/** What could stand in, the likest first; {@code hooks} or {@code materials} is empty. */
public record SubstitutesView(
    SitsView now, List<MaterialSteadView> materials, List<HookSteadView> hooks) {

  /** A material instead: how far it is from the one there is, by which traits, and what then. */
  public record MaterialSteadView(
      String id,
      String label,
      double distance,
      List<TraitView> traits,
      SitsView then,
      Sentence sits,
      String reserve) {}

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
      SitsView then,
      Sentence sits,
      String reserve) {}

  static SubstitutesView of(Substitutes s) {
    return new SubstitutesView(
        WhatIfsView.sits(s.now()),
        s.materials().stream().map(m -> material(m, s.now())).toList(),
        s.hooks().stream().map(h -> hook(h, s.now())).toList());
  }

  private static MaterialSteadView material(Substitutes.Stead s, RestSummary now) {
    List<TraitView> traits =
        java.util.Arrays.stream(Likeness.Trait.values())
            .filter(s.likeness().ratios()::containsKey)
            .map(t -> new TraitView(Words.id(t), Words.rounded(s.likeness().ratios().get(t), 2)))
            .toList();
    return new MaterialSteadView(
        s.material().id(),
        s.material().label(),
        Words.rounded(s.likeness().distance(), 2),
        traits,
        WhatIfsView.sits(s.then()),
        s.then().sitsAgainst(now),
        s.then().reserveAgainst(now));
  }

  private static HookSteadView hook(Substitutes.HookStead s, RestSummary now) {
    return new HookSteadView(
        s.hook().measured().map(m -> m.name()).orElse(""),
        s.hook().size(),
        Words.id(s.hook().shape()),
        s.hook().lengthSteps(),
        s.hook().wireSteps(),
        Words.rounded(s.shank(), 2),
        Words.rounded(s.gap(), 2),
        Words.rounded(s.wire(), 2),
        Words.rounded(s.weight(), 2),
        Words.rounded(s.distance(), 2),
        WhatIfsView.sits(s.then()),
        s.then().sitsAgainst(now),
        s.then().reserveAgainst(now));
  }
}
