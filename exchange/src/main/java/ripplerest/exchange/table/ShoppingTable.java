package ripplerest.exchange.table;

import java.io.IOException;
import java.util.List;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVPrinter;
import ripplerest.core.drawer.Shopping;
import ripplerest.core.material.Materials;
import ripplerest.core.quantity.Words;

/** A shopping list as CSV. */
public final class ShoppingTable {
  private ShoppingTable() {}

  /** A line a thing to buy: what is lacking, and in how many packs of what size it is sold. */
  public static String write(List<Shopping.Line> lines, Materials materials) throws IOException {
    StringBuilder out = new StringBuilder();
    try (CSVPrinter csv = new CSVPrinter(out, CSVFormat.RFC4180)) {
      csv.printRecord(
          "kind", "name", "colour", "hook-size", "lacking", "unit", "packs", "in-a-pack", "why");
      for (Shopping.Line l : lines) {
        csv.printRecord(
            l.material(),
            Spreadsheet.harmless(materials.get(l.material()).label()),
            Spreadsheet.harmless(l.colour().name()),
            l.hookSize().isPresent() ? l.hookSize().getAsInt() : "",
            Words.rounded(l.amount(), l.by().decimals()),
            l.by().unit(),
            l.packs(),
            l.pack(),
            Spreadsheet.harmless(l.why()));
      }
    }
    return out.toString();
  }
}
