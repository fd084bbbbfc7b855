package ripplerest.core.drawer;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;

/**
 * What a tied fly takes out of the drawer: of each need the nearest thing that fits gives it; where
 * none has enough, the nearest of the others gives what it has. Nothing goes below nought, and what
 * is missing is told.
 *
 * @param lines one a need, in their order
 */
public record Taking(List<Line> lines) {
  /**
   * What one need was given.
   *
   * @param place of the item in the drawer's list; empty where nothing fits
   * @param amount that was taken, in the unit of the item
   * @param lacking what was not there, in the unit of the need
   */
  public record Line(Need need, OptionalInt place, double amount, double lacking) {}

  /** Out of a drawer as it is now. */
  public static Taking of(List<Need> needs, List<Item> drawer) {
    List<Item> left = new ArrayList<>(drawer);
    List<Line> lines = new ArrayList<>();
    for (Need need : needs) {
      Optional<Pick> pick =
          Picking.best(need, left).or(() -> Picking.best(need.with(need.by().least()), left));
      if (pick.isEmpty()) {
        lines.add(new Line(need, OptionalInt.empty(), 0, need.amount()));
        continue;
      }
      int place = pick.get().place();
      Item item = left.get(place);
      double takes = Picking.takes(need, item);
      double amount = Math.min(takes, item.amount());
      double lacking = need.amount() * (1 - amount / takes);
      lines.add(
          new Line(
              need, OptionalInt.of(place), amount, lacking < need.by().least() / 2 ? 0 : lacking));
      left.set(place, item.with(item.amount() - amount));
    }
    return new Taking(List.copyOf(lines));
  }
}
