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
   * @param amount that was taken
   */
  public record Line(Need need, OptionalInt place, double amount) {
    /** What was not there. */
    public double lacking() {
      double lacking = need.amount() - amount;
      return lacking < need.by().least() / 2 ? 0 : lacking;
    }
  }

  /** Out of a drawer as it is now. */
  public static Taking of(List<Need> needs, List<Item> drawer) {
    List<Item> left = new ArrayList<>(drawer);
    List<Line> lines = new ArrayList<>();
    for (Need need : needs) {
      Optional<Pick> pick =
          Picking.best(need, left).or(() -> Picking.best(need.with(need.by().least()), left));
      if (pick.isEmpty()) {
        lines.add(new Line(need, OptionalInt.empty(), 0));
        continue;
      }
      int place = pick.get().place();
      Item item = left.get(place);
      double amount = Math.min(need.amount(), item.amount());
      lines.add(new Line(need, OptionalInt.of(place), amount));
      left.set(place, item.with(item.amount() - amount));
    }
    return new Taking(List.copyOf(lines));
  }
}
