package ripplerest.exchange.table;

import java.io.IOException;
import java.io.Reader;
import java.time.DateTimeException;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.CSVPrinter;
import org.apache.commons.csv.CSVRecord;
import ripplerest.core.practice.Skill;
import ripplerest.core.practice.Trial;
import ripplerest.core.quantity.OutOfRangeException;
import ripplerest.core.quantity.Table;

/**
 * What an eye saw in practice, as CSV: a line a look, the earliest first. What was chosen has a
 * level, among how many it was and whether it was right; what was set has how far it was off.
 */
public final class PracticeTable {
  private static final int MOST_LINES = 50_000;
  private static final List<String> COLUMNS =
      List.of("look", "at", "person", "skill", "level", "choices", "right", "off");

  private PracticeTable() {}

  /** One look, of whom; empty for the tier whose bench it is. */
  public record Line(UUID look, String person, Trial trial) {}

  /** All of these as a table. */
  public static String write(List<Line> lines) throws IOException {
    StringBuilder out = new StringBuilder();
    try (CSVPrinter csv = new CSVPrinter(out, CSVFormat.RFC4180)) {
      csv.printRecord(COLUMNS);
      for (Line l : lines) {
        Trial t = l.trial();
        csv.printRecord(
            l.look(),
            t.at(),
            Spreadsheet.harmless(l.person()),
            t.skill().id(),
            t.level(),
            t.choices(),
            t.right(),
            t.off());
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
          UUID.fromString(row.get("look")),
          Spreadsheet.plain(row.get("person")),
          new Trial(
              Skill.named(row.get("skill")),
              Instant.parse(row.get("at")),
              Double.parseDouble(row.get("level")),
              Integer.parseInt(row.get("choices")),
              Boolean.parseBoolean(row.get("right")),
              Double.parseDouble(row.get("off"))));
    } catch (OutOfRangeException e) {
      throw new OutOfRangeException(where + "/" + e.field(), e.value(), e.bound(), e.remedy());
    } catch (DateTimeException | IllegalArgumentException e) {
      throw new OutOfRangeException(
          where,
          String.join(", ", row.toList()),
          "an id, a time like 2026-05-30T19:00:00Z, and numbers",
          "Mend the line.");
    }
  }
}
