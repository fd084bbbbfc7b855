package ripplerest.exchange.table;

import java.io.IOException;
import java.io.Reader;
import java.time.DateTimeException;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.CSVPrinter;
import org.apache.commons.csv.CSVRecord;
import ripplerest.core.box.Flies;
import ripplerest.core.quantity.OutOfRangeException;
import ripplerest.core.quantity.Table;

/**
 * Where flies went, as CSV: a line a move, the earliest first. Places are {@code vise}, {@code
 * box}, {@code lent}, {@code given}, {@code lost} and {@code chewed}; boxes go by their names, so
 * that a table means something on another machine.
 */
public final class MoveTable {
  private static final int MOST_LINES = 20_000;
  private static final List<String> COLUMNS =
      List.of(
          "move",
          "day",
          "pattern",
          "name",
          "size",
          "colouring",
          "count",
          "from",
          "from-name",
          "to",
          "to-name",
          "note");

  private MoveTable() {}

  /** One move, places as they are written. */
  public record Line(
      UUID move,
      LocalDate day,
      Flies flies,
      int count,
      String from,
      String fromName,
      String to,
      String toName,
      String note) {}

  /** All of these as a table. */
  public static String write(List<Line> lines) throws IOException {
    StringBuilder out = new StringBuilder();
    try (CSVPrinter csv = new CSVPrinter(out, CSVFormat.RFC4180)) {
      csv.printRecord(COLUMNS);
      for (Line l : lines) {
        csv.printRecord(
            l.move(),
            l.day(),
            l.flies().pattern(),
            Spreadsheet.harmless(l.flies().name()),
            l.flies().size(),
            Spreadsheet.harmless(l.flies().colouring()),
            l.count(),
            l.from(),
            Spreadsheet.harmless(l.fromName()),
            l.to(),
            Spreadsheet.harmless(l.toName()),
            Spreadsheet.harmless(l.note()));
      }
    }
    return out.toString();
  }

  /** Reads such a table; refuses the first line that does not fit, by its number. */
  public static List<Line> read(Reader reader) throws IOException {
    List<Line> lines = new ArrayList<>();
    try (CSVParser table = Table.parse(reader)) {
      Table.requireColumns(table, COLUMNS);
      for (CSVRecord row : table) {
        if (lines.size() == MOST_LINES) {
          throw new OutOfRangeException(
              "lines", "more than " + MOST_LINES, "at most " + MOST_LINES, "Split the table.");
        }
        Table.requireWhole(row, COLUMNS);
        lines.add(line(row));
      }
    }
    return lines;
  }

  private static Line line(CSVRecord row) {
    String where = "line " + (row.getRecordNumber() + 1);
    try {
      return new Line(
          UUID.fromString(row.get("move")),
          LocalDate.parse(row.get("day")),
          new Flies(
              row.get("pattern"),
              Spreadsheet.plain(row.get("name")),
              Integer.parseInt(row.get("size")),
              Spreadsheet.plain(row.get("colouring"))),
          Integer.parseInt(row.get("count")),
          row.get("from"),
          Spreadsheet.plain(row.get("from-name")),
          row.get("to"),
          Spreadsheet.plain(row.get("to-name")),
          Spreadsheet.plain(row.get("note")));
    } catch (OutOfRangeException e) {
      throw new OutOfRangeException(where + "/" + e.field(), e.value(), e.bound(), e.remedy());
    } catch (DateTimeException | IllegalArgumentException e) {
      throw new OutOfRangeException(
          where,
          String.join(", ", row.toList()),
          "an id, a day like 2026-05-30, and whole numbers for size and count",
          "Mend the line.");
    }
  }
}
