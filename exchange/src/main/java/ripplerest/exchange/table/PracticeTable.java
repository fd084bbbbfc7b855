package ripplerest.exchange.table;

import java.io.IOException;
import java.io.Reader;
import java.time.Instant;
import java.util.List;
import java.util.UUID;
import org.apache.commons.csv.CSVRecord;
import ripplerest.core.practice.Skill;
import ripplerest.core.practice.Trial;

/**
 * What an eye saw in practice, as CSV: a line a look, the earliest first. What was chosen has a
 * level, among how many it was and whether it was right; what was set has how far it was off.
 */
public final class PracticeTable {
  private static final int MOST_LINES = 50_000;
  private static final String FITS = "an id, a time like 2026-05-30T19:00:00Z, and numbers";
  private static final List<String> COLUMNS =
      List.of("look", "at", "person", "skill", "level", "choices", "right", "off");

  private PracticeTable() {}

  /** One look, of whom; empty for the tier whose bench it is. */
  public record Line(UUID look, String person, Trial trial) {}

  /** All of these as a table. */
  public static String write(List<Line> lines) throws IOException {
    return Spreadsheet.write(
        COLUMNS,
        lines,
        l -> {
          Trial t = l.trial();
          return List.of(
              l.look(),
              t.at(),
              Spreadsheet.harmless(l.person()),
              t.skill().id(),
              t.level(),
              t.choices(),
              t.right(),
              t.off());
        });
  }

  /** Reads such a table; refuses the first line that does not fit, by its number. */
  public static List<Line> read(Reader reader) throws IOException {
    return Spreadsheet.read(reader, COLUMNS, MOST_LINES, FITS, PracticeTable::line);
  }

  private static Line line(CSVRecord row) {
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
  }
}
