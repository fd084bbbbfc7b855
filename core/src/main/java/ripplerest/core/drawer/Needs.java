package ripplerest.core.drawer;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import ripplerest.core.dressing.Counted;
import ripplerest.core.dressing.Part;
import ripplerest.core.dressing.PartKind;
import ripplerest.core.dressing.Turned;
import ripplerest.core.dressing.tie.Colour;
import ripplerest.core.dressing.tie.FurtherFeather;
import ripplerest.core.material.Form;
import ripplerest.core.material.Materials;
import ripplerest.core.sizing.Feather;
import ripplerest.core.sizing.SizedPattern;
import ripplerest.core.tying.Amount;
import ripplerest.core.tying.Amounts;

/** What a sized fly takes out of the drawer, in tying order, the hook first. */
public final class Needs {
  /** Dubbing that ends beside the fly, as a share of what stays on it (assumption). */
  private static final double WASTED_DUBBING = 0.3;

  private static final String STEEL = "hook-steel";

  private final SizedPattern sized;
  private final Materials materials;
  private final List<Amount> amounts;
  private final List<Need> needs = new ArrayList<>();

  private Needs(SizedPattern sized, Materials materials) {
    this.sized = sized;
    this.materials = materials;
    this.amounts = Amounts.of(sized, materials);
  }

  /** One need a material of a part; a part cut from another part's feather needs none. */
  public static List<Need> of(SizedPattern sized, Materials materials) {
    return new Needs(sized, materials).all();
  }

  private List<Need> all() {
    int size = sized.pattern().hook().size();
    add("hook", "hook", STEEL, Colour.NONE, 1, OptionalDouble.empty(), OptionalInt.of(size));
    if (sized.pattern().part(Part.Thread.class).isEmpty()) {
      add("thread", "thread", "thread", Colour.NONE, metres("thread"), OptionalDouble.empty());
    }
    List<String> names = sized.pattern().names();
    for (int i = 0; i < names.size(); i++) {
      Part part = sized.pattern().parts().get(i);
      if (part.tie().cutFrom().isEmpty() && !(part instanceof Part.Head)) {
        part(names.get(i), part);
      }
    }
    return List.copyOf(needs);
  }

  private void part(String name, Part part) {
    Kept kept = Kept.of(part.material(), materials);
    Colour colour = part.tie().colour();
    if (part instanceof Turned turned && PartKind.of(part).form() == Form.HACKLE) {
      double barb = sized.mm(name, "barb");
      hackle(name, part.kind(), part.material(), colour, barb, turned.turns());
      for (FurtherFeather further : part.tie().with()) {
        double own = further.barb().map(l -> sized.mm(name, l)).orElse(barb);
        hackle(name, part.kind(), further.material(), further.colour(), own, further.turns());
      }
      return;
    }
    add(
        name,
        part.kind(),
        part.material(),
        colour,
        amount(name, part, kept),
        kept.by() == Kept.By.FEATHERS && part instanceof Counted && !plumes(name)
            ? OptionalDouble.of(sized.mm(name, "length"))
            : OptionalDouble.empty());
  }

  private void hackle(
      String name, String kind, String material, Colour colour, double barb, double turns) {
    Optional<Need.Winding> winding =
        sized.feathers().stream()
            .filter(f -> f.part().equals(name))
            .findFirst()
            .map(f -> new Need.Winding(turns, f.turnMm(turns(name)), Feather.HELD_MM));
    needs.add(
        new Need(
            name,
            kind,
            material,
            colour,
            Kept.By.FEATHERS,
            1,
            OptionalDouble.of(barb),
            winding,
            OptionalInt.empty()));
  }

  private double turns(String name) {
    return value(name, "turns");
  }

  private double amount(String name, Part part, Kept kept) {
    return switch (kept.by()) {
      case SPOOL -> metres(name);
      case DUBBING -> (1 + WASTED_DUBBING) * value(name, "weight");
      case PATCH -> fibres(part) / kept.fibres();
      case FEATHERS -> feathers(name, part, kept);
      case PIECES -> Math.max(1, Math.ceil(sum(name, "to take", "pieces") + fibresAsPieces(part)));
    };
  }

  private double feathers(String name, Part part, Kept kept) {
    if (plumes(name)) {
      return value(name, "plumes");
    }
    if (kept.fibres() == 0) {
      boolean pair = part instanceof Part.UprightWing || part instanceof Part.SpentWing;
      return pair ? 2 : 1; // a tip a wing
    }
    return Math.max(1, Math.ceil(fibres(part) / kept.fibres()));
  }

  private boolean plumes(String name) {
    return value(name, "plumes") > 0;
  }

  /** Fibres that are counted out one by one, where the kind is kept so. */
  private static double fibresAsPieces(Part part) {
    return part instanceof Counted ? fibres(part) : 0;
  }

  private static double fibres(Part part) {
    return part instanceof Counted counted ? counted.bunches() * counted.count() : 1;
  }

  private double metres(String name) {
    double mm =
        sum(name, "length", "mm") + sum(name, "strand long", "mm") + sum(name, "to take", "mm");
    return (mm + Need.WASTE_MM) / 1000;
  }

  private double value(String part, String what) {
    return amounts.stream()
        .filter(a -> a.part().equals(part) && a.what().equals(what))
        .mapToDouble(Amount::value)
        .findFirst()
        .orElse(0);
  }

  private double sum(String part, String what, String unit) {
    return amounts.stream()
        .filter(a -> a.part().equals(part) && a.what().startsWith(what) && a.unit().equals(unit))
        .mapToDouble(Amount::value)
        .sum();
  }

  private void add(
      String part,
      String kind,
      String material,
      Colour colour,
      double amount,
      OptionalDouble barb) {
    add(part, kind, material, colour, amount, barb, OptionalInt.empty());
  }

  private void add(
      String part,
      String kind,
      String material,
      Colour colour,
      double amount,
      OptionalDouble barb,
      OptionalInt hookSize) {
    Kept.By by = Kept.of(material, materials).by();
    needs.add(new Need(part, kind, material, colour, by, amount, barb, Optional.empty(), hookSize));
  }
}
