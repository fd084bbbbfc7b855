package ripplerest.core.drawer;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import ripplerest.core.quantity.Sentence;

/**
 * What a tied fly takes out of the drawer: of each need the nearest thing that fits gives it; where
 * none has enough, what has most of it gives what it has. Nothing goes below nought, and whatever
 * is missing is said.
 *
 * @param taken from which item how much
 * @param words what was missing, a sentence each
 */
public record Taking(List<Taken> taken, List<Sentence> words) {
  /**
   * An amount out of one item.
   *
   * @param place of the item in the drawer's list
   */
  public record Taken(int place, double amount) {}

  /** Out of a drawer as it is now. */
  public static Taking of(List<Need> needs, List<Item> drawer) {
    List<Item> left = new ArrayList<>(drawer);
    List<Taken> taken = new ArrayList<>();
    List<Sentence> words = new ArrayList<>();
    for (Need need : needs) {
      Optional<Pick> pick =
          Picking.best(need, left).or(() -> Picking.best(need.with(need.by().least()), left));
      if (pick.isEmpty()) {
        words.add(Sentence.of("Nothing in the drawer fits the %s; none was taken.", part(need)));
        continue;
      }
      int place = pick.get().place();
      Item item = left.get(place);
      double amount = Math.min(need.amount(), item.amount());
      if (amount < need.amount()) {
        words.add(
            Sentence.of(
                "%s is used up: the %s takes %s, and there were %s. Count it anew.",
                item.label(),
                part(need),
                Picking.words(need.amount(), need.by()),
                Picking.words(item.amount(), need.by())));
      }
      taken.add(new Taken(place, amount));
      left.set(place, item.with(item.amount() - amount));
    }
    return new Taking(taken, words);
  }

  private static String part(Need need) {
    return need.part().replace('-', ' ');
  }
}
