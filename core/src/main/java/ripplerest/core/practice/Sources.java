package ripplerest.core.practice;

import java.util.List;
import ripplerest.core.drawer.Item;
import ripplerest.core.estimate.PreparedFly;
import ripplerest.core.tied.Trend;

/**
 * What exercises are made of: all of it is the tier's own.
 *
 * @param flies patterns of the book, on their water
 * @param drawer what lies in it
 * @param habits what the tier's hands do
 */
public record Sources(List<PreparedFly> flies, List<Item> drawer, List<Trend> habits) {
  public Sources {
    flies = List.copyOf(flies);
    drawer = List.copyOf(drawer);
    habits = List.copyOf(habits);
  }
}
