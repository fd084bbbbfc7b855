package ripplerest.exchange.table;

import java.io.IOException;
import java.io.Reader;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import org.apache.commons.csv.CSVRecord;
import ripplerest.core.box.Flies;

/**
 * Where flies went, as CSV: a line a move, the earliest first. Places are {@code vise}, {@code
 * box}, {@code lent}, {@code given}, {@code lost} and {@code chewed}; boxes go by their names, so
 * that a table means something on another machine.
 */
public final class MoveTable {
  private static final int MOST_LINES = 20_000;
  private static final String FITS =
      "an id, a day like 2026-05-30, and whole numbers for size and count";
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
    return Spreadsheet.write(
        COLUMNS,
        lines,
        l ->
            List.of(
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
                Spreadsheet.harmless(l.note())));
  }

  /** Reads such a table; refuses the first line that does not fit, by its number. */
  public static List<Line> read(Reader reader) throws IOException {
    return Spreadsheet.read(reader, COLUMNS, MOST_LINES, FITS, MoveTable::line);
  }

  private static Line line(CSVRecord row) {
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
  }
}
