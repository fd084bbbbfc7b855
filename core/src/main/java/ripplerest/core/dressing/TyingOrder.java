package ripplerest.core.dressing;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;

/** What has to be on the hook before what (common practice, no source). */
public final class TyingOrder {
  private TyingOrder() {}

  /**
   * One kind after others.
   *
   * @param first what has to be there already
   * @param then what comes after
   * @param why in a tier's words
   */
  private record Rule(Set<Class<? extends Part>> first, Class<? extends Part> then, String why) {}

  private static final Set<Class<? extends Part>> REAR =
      Set.of(
          Part.Tail.class,
          Part.Shuck.class,
          Part.EggSac.class,
          Part.ExtendedBody.class,
          Part.Rib.class,
          Part.WeightWire.class,
          Part.Bead.class);

  private static final List<Rule> RULES =
      List.of(
          new Rule(REAR, Part.Body.class, "the body covers where it is tied in"),
          new Rule(Set.of(Part.Body.class), Part.PalmeredHackle.class, "it is wound over the body"),
          new Rule(
              Set.of(Part.Body.class), Part.Thorax.class, "the thorax begins where the body ends"),
          new Rule(
              Set.of(Part.ThoraxCover.class),
              Part.Thorax.class,
              "the strip is tied in first and folded over the finished thorax"),
          new Rule(
              Set.of(Part.Body.class),
              Part.FlatWing.class,
              "it lies over the body and would be in its way"),
          new Rule(
              Set.of(Part.Body.class),
              Part.HairWing.class,
              "it lies over the body and would be in its way"),
          new Rule(
              Set.of(Part.Body.class),
              Part.TentWing.class,
              "it lies over the body and would be in its way"),
          new Rule(
              Set.of(Part.UprightWing.class),
              Part.CollarHackle.class,
              "its turns go behind and in front of the standing wing"),
          new Rule(Set.of(Part.Body.class), Part.Bands.class, "they go over the finished body"),
          new Rule(
              Set.of(Part.Post.class), Part.ParachuteHackle.class, "it is wound round the post"));

  /** Of these a fly has one. */
  private static final Set<Class<? extends Part>> ONE_ONLY =
      Set.of(
          Part.Thread.class,
          Part.Bead.class,
          Part.EggSac.class,
          Part.Body.class,
          Part.Thorax.class,
          Part.Post.class,
          Part.Head.class);

  /** Why a part cannot be tied where it stands; empty if the order can be tied. */
  public static List<Problem> problems(List<Part> parts) {
    List<Problem> problems = new ArrayList<>();
    for (int i = 0; i < parts.size(); i++) {
      Part part = parts.get(i);
      for (int j = i + 1; j < parts.size(); j++) {
        Part later = parts.get(j);
        for (Rule rule : RULES) {
          if (rule.then() == part.getClass() && rule.first().contains(later.getClass())) {
            problems.add(new Problem(i, j, words(part, later, rule.why())));
          }
        }
        if (ONE_ONLY.contains(part.getClass()) && later.getClass() == part.getClass()) {
          String one = PartKind.of(part).label();
          problems.add(
              new Problem(
                  j, i, "A fly has one %s; only the first counts. Leave this out.".formatted(one)));
        } else if (part instanceof Part.Head) {
          problems.add(new Problem(i, j, words(part, later, "the whip finish closes the fly")));
        }
      }
      if (part instanceof Part.Bead && i > 0 && !(parts.get(0) instanceof Part.Bead)) {
        problems.add(
            new Problem(
                i, 0, "The bead has to go on the bare hook, before anything else. Move it up."));
      }
    }
    return List.copyOf(problems);
  }

  /**
   * Two parts in an order that cannot be tied.
   *
   * @param part index of the one that stands too early (or the bead, too late)
   * @param other index of the one it has to change places with
   * @param words why, and the remedy
   */
  public record Problem(int part, int other, String words) {}

  private static String words(Part part, Part later, String why) {
    String one = PartKind.of(part).label();
    String two = PartKind.of(later).label();
    return "The %s has to come after the %s: %s. Move the %s down.".formatted(one, two, why, one);
  }
}
