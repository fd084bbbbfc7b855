package ripplerest.exchange.table;

import java.io.IOException;
import java.util.List;
import java.util.Locale;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVPrinter;
import ripplerest.exchange.format.LoggedFly;
import ripplerest.exchange.format.Skipped;
import tools.jackson.databind.JsonNode;

/** The log of tied flies as CSV, to count with; it does not come back in. */
public final class LogTable {
  private static final List<String> COLUMNS =
      List.of(
          "fly", "tied-at", "name", "size", "seconds", "mass-mg", "part", "field", "unit",
          "planned", "made", "error", "notes");

  private LogTable() {}

  /**
   * A line for each measured thing; one without measures for a fly of which nothing was measured.
   */
  public static String write(List<LoggedFly> flies, List<Skipped> skipped) throws IOException {
    StringBuilder out = new StringBuilder();
    try (CSVPrinter csv = new CSVPrinter(out, CSVFormat.RFC4180)) {
      csv.printRecord(COLUMNS);
      for (LoggedFly f : flies) {
        if (f.made().isEmpty()) {
          csv.printRecord(line(f, new LoggedFly.MadeView("", "", "", 0, 0, 0)));
        }
        for (LoggedFly.MadeView m : f.made()) {
          csv.printRecord(line(f, m));
        }
      }
      for (Skipped s : skipped) {
        String why = "could not be read: " + s.why();
        csv.printRecord(
            s.id(), "", Spreadsheet.harmless(s.name()), "", "", "", "", "", "", "", "", "", why);
      }
    }
    return out.toString();
  }

  private static List<Object> line(LoggedFly f, LoggedFly.MadeView m) {
    JsonNode pattern = f.document().path("pattern");
    boolean measured = !m.part().isEmpty();
    return List.of(
        f.id(),
        f.tiedAt(),
        Spreadsheet.harmless(pattern.path("name").asString("")),
        pattern.path("hook").path("size").asInt(0),
        f.seconds() == 0 ? "" : Math.round(f.seconds()),
        f.massMg() == 0 ? "" : f.massMg(),
        m.part(),
        m.field(),
        m.unit(),
        measured ? hundredths(m.planned()) : "",
        measured ? hundredths(m.value()) : "",
        measured ? hundredths(m.error()) : "",
        Spreadsheet.harmless(f.notes()));
  }

  private static String hundredths(double v) {
    return String.format(Locale.ROOT, "%.2f", v);
  }
}
