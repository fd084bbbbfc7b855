package ripplerest.core.drawer;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.OptionalInt;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import ripplerest.core.dressing.tie.Colour;
import ripplerest.core.material.Materials;

/** What to buy: what planned flies take beyond what lies in the drawer, and what is low. */
public final class Shopping {
  private Shopping() {}

  /**
   * So many flies of one dressing.
   *
   * @param needs of one of them
   */
  public record Planned(List<Need> needs, int flies) {}

  /**
   * A line of the list.
   *
   * @param material name in the material table
   * @param colour that is wished
   * @param hookSize of hooks
   * @param amount that is lacking for what is planned, in the unit of {@code by}; 0 where it is low
   * @param packs to buy, as it is sold
   * @param pack how much one holds
   * @param why for which parts, or that it is low
   */
  public record Line(
      String material,
      Colour colour,
      OptionalInt hookSize,
      Kept.By by,
      double amount,
      int packs,
      double pack,
      String why) {}

  /** What is alike on a list. */
  private record Alike(String material, Colour colour, OptionalInt hookSize) {}

  /**
   * What is lacking for all of these, then what is low though nothing planned takes it. Every item
   * is given to needs in the order of the plan, and to none twice.
   */
  public static List<Line> of(List<Planned> plan, List<Item> drawer, Materials materials) {
    Map<Alike, List<Need>> lacking = new LinkedHashMap<>();
    for (Need need : lacking(plan, drawer)) {
      Alike alike = new Alike(need.material(), need.colour(), need.hookSize());
      lacking.computeIfAbsent(alike, a -> new ArrayList<>()).add(need);
    }
    Stream<Line> planned =
        lacking.entrySet().stream().map(e -> line(e.getKey(), e.getValue(), materials));
    Stream<Line> low =
        drawer.stream()
            .filter(i -> i.isLow() && !i.pieces())
            .filter(i -> !lacking.containsKey(new Alike(i.kind(), i.colour(), i.hookSize())))
            .map(i -> low(i, materials));
    return Stream.concat(planned, low).toList();
  }

  /** What is not there for all of these, a need of what is missing each. */
  public static List<Need> lacking(List<Planned> plan, List<Item> drawer) {
    double[] left = drawer.stream().mapToDouble(Item::amount).toArray();
    List<Need> lacking = new ArrayList<>();
    for (Planned planned : plan) {
      for (Need need : planned.needs()) {
        double missing = need.amount() * untied(need, planned.flies(), drawer, left);
        if (missing > need.by().least() / 2) {
          lacking.add(need.with(missing));
        }
      }
    }
    return lacking;
  }

  /**
   * Takes a need of so many flies from what is left, nearest items first; returns for how many
   * flies nothing is left.
   */
  private static double untied(Need need, double flies, List<Item> drawer, double[] left) {
    double untied = flies;
    for (Pick pick : Picking.suited(need, drawer)) {
      Item item = drawer.get(pick.place());
      double takes = Picking.takes(need, item);
      double serves = Math.min(left[pick.place()], Picking.serving(need, item));
      double tied = Math.min(untied, serves / takes);
      left[pick.place()] -= tied * takes;
      untied -= tied;
    }
    return untied;
  }

  private static Line line(Alike alike, List<Need> needs, Materials materials) {
    Kept kept = Kept.of(alike.material(), materials);
    double amount = needs.stream().mapToDouble(Need::amount).sum();
    String parts = needs.stream().map(Need::part).distinct().collect(Collectors.joining(", "));
    int packs = (int) Math.ceil(amount / kept.pack() - 1e-9);
    return new Line(
        alike.material(),
        alike.colour(),
        alike.hookSize(),
        kept.by(),
        amount,
        packs,
        kept.pack(),
        "for " + parts.replace('-', ' '));
  }

  private static Line low(Item item, Materials materials) {
    Kept kept = Kept.of(item.kind(), materials);
    return new Line(
        item.kind(),
        item.colour(),
        item.hookSize(),
        kept.by(),
        0,
        1,
        kept.pack(),
        "low: " + item.label());
  }
}
