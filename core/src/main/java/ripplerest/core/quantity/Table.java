package ripplerest.core.quantity;

import java.io.IOException;
import java.io.InputStreamReader;
import java.io.Reader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.List;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.CSVRecord;

/** Comma-separated tables (RFC 4180) whose first line names the columns. */
public final class Table {
  private Table() {}

  /**
   * The rows of a table that ships with the program; the resource is named as its owner sees it.
   */
  public static List<CSVRecord> rows(Class<?> owner, String resource) {
    try (Reader reader =
            new InputStreamReader(owner.getResourceAsStream(resource), StandardCharsets.UTF_8);
        CSVParser rows = parse(reader)) {
      return rows.getRecords();
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  /** A table that somebody sends, read while its rows are asked for. */
  public static CSVParser parse(Reader reader) throws IOException {
    return CSVFormat.RFC4180.builder().setHeader().setSkipHeaderRecord(true).get().parse(reader);
  }

  /** Refuses a table that does not begin with these columns. */
  public static void requireColumns(CSVParser table, List<String> columns) {
    if (!table.getHeaderNames().equals(columns)) {
      throw new OutOfRangeException(
          "first line",
          table.getHeaderNames().toString(),
          "the columns " + columns,
          "Start the file with these names.");
    }
  }

  /** Refuses a row with more or fewer columns. */
  public static void requireWhole(CSVRecord row, List<String> columns) {
    if (!row.isConsistent()) {
      throw new OutOfRangeException(
          "columns", "" + row.size(), "" + columns.size(), "Fill every column.");
    }
  }

  /** The number in a column. */
  public static double number(CSVRecord row, String column) {
    return number(column, row.get(column));
  }

  /** A number that is written in a column. */
  public static double number(String column, String text) {
    try {
      return Double.parseDouble(text);
    } catch (NumberFormatException e) {
      throw new OutOfRangeException(
          column, "\"" + text + "\"", "a number", "Write a number with a point.");
    }
  }
}
