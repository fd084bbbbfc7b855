package ripplerest.exchange.table;

import java.io.IOException;
import java.io.Reader;
import java.time.LocalDate;
import java.time.format.DateTimeParseException;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import java.util.stream.Collectors;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVPrinter;
import org.apache.commons.csv.CSVRecord;
import ripplerest.core.drawer.BarbLengths;
import ripplerest.core.drawer.Item;
import ripplerest.core.drawer.Kept;
import ripplerest.core.dressing.tie.Colour;
import ripplerest.core.dressing.tie.Shade;
import ripplerest.core.material.Materials;
import ripplerest.core.quantity.OutOfRangeException;
import ripplerest.core.quantity.Table;
import ripplerest.core.quantity.Words;

/** What lies in the drawer as CSV, a line a thing; amounts in the unit that stands beside them. */
public final class DrawerTable {
  private static final List<String> COLUMNS =
      List.of(
          "label",
          "kind",
          "colour",
          "marking",
          "second-colour",
          "ink",
          "place",
          "amount",
          "unit",
          "low",
          "use-by",
          "barbs-mm",
          "length-mm",
          "hook-size",
          "note");

  private DrawerTable() {}

  /** All of them, in their order. */
  public static String write(List<Item> items, Materials materials) throws IOException {
    StringBuilder out = new StringBuilder();
    try (CSVPrinter csv = new CSVPrinter(out, CSVFormat.RFC4180)) {
      csv.printRecord(COLUMNS);
      for (Item i : items) {
        csv.printRecord(
            Spreadsheet.harmless(i.label()),
            i.kind(),
            Spreadsheet.harmless(i.colour().name()),
            Words.id(i.colour().marking()),
            Spreadsheet.harmless(i.colour().second()),
            i.ink().isPresent() ? Shade.hex(i.ink().getAsInt()) : "",
            Spreadsheet.harmless(i.place()),
            i.amount(),
            i.by(materials).unit(),
            i.low(),
            i.useBy().map(LocalDate::toString).orElse(""),
            i.barbs()
                .map(
                    b ->
                        b.measured().stream().map(String::valueOf).collect(Collectors.joining(" ")))
                .orElse(""),
            i.lengthMm().isPresent() ? i.lengthMm().getAsDouble() : "",
            i.hookSize().isPresent() ? i.hookSize().getAsInt() : "",
            Spreadsheet.harmless(i.note()));
      }
    }
    return out.toString();
  }

  /** The things of a file; refuses the first line that does not fit, naming it. */
  public static List<Item> read(Reader reader, Materials materials) throws IOException {
    List<Item> items = new ArrayList<>();
    try (var records = Table.parse(reader)) {
      Table.requireColumns(records, COLUMNS);
      for (CSVRecord r : records) {
        items.add(read(r, "line " + (r.getRecordNumber() + 1), materials));
      }
    }
    return items;
  }

  private static Item read(CSVRecord r, String line, Materials materials) {
    try {
      Table.requireWhole(r, COLUMNS);
      String kind = r.get("kind");
      if (!materials.knows(kind)) {
        throw new OutOfRangeException(
            "kind", "\"" + kind + "\"", "a material of the table", "Write its name there.");
      }
      Kept.By by = Kept.of(kind, materials).by();
      String unit = r.get("unit");
      boolean pieces = unit.equals(Kept.By.PIECES.unit());
      if (!pieces && !unit.equals(by.unit())) {
        throw new OutOfRangeException(
            "unit",
            "\"" + unit + "\"",
            by.unit() + ", or pieces of offcuts and prepared parts",
            "Give the amount in this unit.");
      }
      Colour.Marking marking = Colour.Marking.named(r.get("marking"));
      return new Item(
          Spreadsheet.plain(r.get("label")),
          kind,
          new Colour(
              Spreadsheet.plain(r.get("colour")),
              marking,
              Spreadsheet.plain(r.get("second-colour"))),
          ink(r.get("ink")),
          Spreadsheet.plain(r.get("place")),
          pieces && by != Kept.By.PIECES,
          Table.number(r, "amount"),
          Table.number(r, "low"),
          day(r.get("use-by")),
          barbs(r),
          r.get("length-mm").isBlank()
              ? OptionalDouble.empty()
              : OptionalDouble.of(Table.number(r, "length-mm")),
          r.get("hook-size").isBlank()
              ? OptionalInt.empty()
              : OptionalInt.of((int) Math.rint(Table.number(r, "hook-size"))),
          Spreadsheet.plain(r.get("note")));
    } catch (OutOfRangeException e) {
      throw new OutOfRangeException(line + "/" + e.field(), e.value(), e.bound(), e.remedy());
    }
  }

  private static Optional<BarbLengths> barbs(CSVRecord r) {
    String text = r.get("barbs-mm").strip();
    return text.isEmpty()
        ? Optional.empty()
        : Optional.of(
            new BarbLengths(
                Arrays.stream(text.split("\\s+"))
                    .map(mm -> Table.number("barbs-mm", mm))
                    .toList()));
  }

  /** An ink as a page writes it; none where nothing is written. */
  public static OptionalInt ink(String text) {
    if (text.isBlank()) {
      return OptionalInt.empty();
    }
    if (!text.matches("#[0-9a-fA-F]{6}")) {
      throw new OutOfRangeException(
          "ink", "\"" + text + "\"", "like #6b4a2f", "Write six digits of red, green and blue.");
    }
    return OptionalInt.of(Integer.decode(text));
  }

  /** A day as ISO 8601 writes it; none where nothing is written. */
  public static Optional<LocalDate> day(String text) {
    try {
      return text.isBlank() ? Optional.empty() : Optional.of(LocalDate.parse(text));
    } catch (DateTimeParseException e) {
      throw new OutOfRangeException(
          "use-by", "\"" + text + "\"", "a day like 2027-03-01", "Write year, month and day.");
    }
  }
}
