package ripplerest.evening;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import ripplerest.core.drawer.Item;
import ripplerest.core.drawer.Need;
import ripplerest.core.drawer.Pick;
import ripplerest.core.drawer.Picking;
import ripplerest.core.material.Materials;

/**
 * What the flies of a plan share of the drawer: each need of a fly is met by the thing that fits it
 * best, as when it is logged. When that is used up nothing else stands in for it, so a plan is
 * careful rather than hopeful.
 */
public final class Supplies {
  private final List<Item> drawer;
  private final Map<String, Long> stock = new HashMap<>();

  /** Out of a drawer as it is now. */
  public Supplies(List<Item> drawer) {
    this.drawer = List.copyOf(drawer);
  }

  /** What one fly takes of each thing, in thousandths of its unit. */
  public Map<String, Long> takenBy(List<Need> needs, Materials materials) {
    Map<String, Long> takes = new HashMap<>();
    for (Need need : needs) {
      Optional<Pick> pick = Picking.best(need, drawer);
      if (pick.isPresent()) {
        Item item = drawer.get(pick.get().place());
        stock.put(item.label(), thousandths(item.amount()));
        takes.merge(item.label(), thousandths(Picking.takes(need, item)), Long::sum);
      } else {
        String label = materials.get(need.material()).label().toLowerCase();
        String lacking = (need.colour().name() + " " + label).strip();
        stock.putIfAbsent(lacking, 0L);
        takes.merge(lacking, Math.max(1, thousandths(need.amount())), Long::sum);
      }
    }
    return takes;
  }

  /** What there is of all that was asked for, in thousandths of its unit. */
  public Map<String, Long> stock() {
    return Map.copyOf(stock);
  }

  private static long thousandths(double amount) {
    return Math.round(1000 * amount);
  }
}
