package ripplerest.exchange.table;

import java.io.IOException;
import java.io.Reader;
import java.time.DateTimeException;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Function;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.CSVPrinter;
import org.apache.commons.csv.CSVRecord;
import ripplerest.core.quantity.OutOfRangeException;
import ripplerest.core.quantity.Table;

/** CSV (RFC 4180) for people who open it in a spreadsheet. */
final class Spreadsheet {
  private Spreadsheet() {}

  /** What one line of a table says. */
  interface Line<T> {
    /** Refuses what does not fit. */
    T of(CSVRecord row);
  }

  /** A table of these columns, a row for each thing. */
  static <T> String write(List<String> columns, List<T> things, Function<T, List<?>> row)
      throws IOException {
    StringBuilder out = new StringBuilder();
    try (CSVPrinter csv = new CSVPrinter(out, CSVFormat.RFC4180)) {
      csv.printRecord(columns);
      for (T thing : things) {
        csv.printRecord(row.apply(thing));
      }
    }
    return out.toString();
  }

  /**
   * Reads such a table, all of it or nothing; refuses the first line that does not fit, by its
   * number.
   *
   * @param most lines
   * @param fits what a line that fits looks like, for whoever has to mend one
   */
  static <T> List<T> read(Reader reader, List<String> columns, int most, String fits, Line<T> line)
      throws IOException {
    List<T> things = new ArrayList<>();
    try (CSVParser table = Table.parse(reader)) {
      Table.requireColumns(table, columns);
      for (CSVRecord row : table) {
        if (things.size() == most) {
          throw new OutOfRangeException(
              "lines", "more than " + most, "at most " + most, "Split the table.");
        }
        Table.requireWhole(row, columns);
        things.add(line(row, fits, line));
      }
    }
    return things;
  }

  private static <T> T line(CSVRecord row, String fits, Line<T> line) {
    String where = "line " + (row.getRecordNumber() + 1);
    try {
      return line.of(row);
    } catch (OutOfRangeException e) {
      throw new OutOfRangeException(where + "/" + e.field(), e.value(), e.bound(), e.remedy());
    } catch (DateTimeException | IllegalArgumentException e) {
      throw new OutOfRangeException(where, String.join(", ", row.toList()), fits, "Mend the line.");
    }
  }

  /**
   * Words that a spreadsheet would take for a formula are marked as words (OWASP, CSV injection).
   */
  static String harmless(String words) {
    return words.matches("(?s)\\s*[=+\\-@|\\t\\r\\n].*") ? "'" + words : words;
  }

  /** The words behind such a mark. */
  static String plain(String words) {
    boolean marked = words.startsWith("'") && harmless(words.substring(1)).equals(words);
    return marked ? words.substring(1) : words;
  }
}
