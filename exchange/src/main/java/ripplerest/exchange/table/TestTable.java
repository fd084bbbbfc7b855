package ripplerest.exchange.table;

import java.io.IOException;
import java.io.Reader;
import java.io.UncheckedIOException;
import java.time.Instant;
import java.time.format.DateTimeParseException;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Stream;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVPrinter;
import org.apache.commons.csv.CSVRecord;
import ripplerest.core.calibration.Prediction;
import ripplerest.core.calibration.Seen;
import ripplerest.core.quantity.OutOfRangeException;
import ripplerest.core.quantity.Table;
import ripplerest.core.quantity.Words;
import ripplerest.core.rest.Sitting;
import ripplerest.core.water.Floatant;
import ripplerest.exchange.format.LoggedTest;

/**
 * Tests in a glass of water as CSV, a line for each thing that was foretold or seen, in and out. Of
 * a picture only what was measured in it is there, not its marks; flies are named by their id.
 */
public final class TestTable {
  private static final List<String> COLUMNS =
      List.of(
          "test",
          "made-at",
          "fly",
          "name",
          "temperature-c",
          "floatant",
          "laid",
          "left-out",
          "notes",
          "line",
          "what",
          "low",
          "value",
          "high",
          "error",
          "by");

  private static final int MOST_LINES = 200_000;

  private TestTable() {}

  /** What a line holds; {@code low}, {@code high}, {@code error} and {@code by} are measures'. */
  private enum Line {
    /** Nothing but that the test was begun. */
    BEGUN,
    FORETOLD_WAY,
    FORETOLD_MEASURE,
    FORETOLD_BEARS,
    FORETOLD_POPS_BACK,
    FORETOLD_MINUTES,
    FORETOLD_BY_TESTS,
    SEEN_POSTURE,
    SEEN_MEASURE,
    SEEN_HUNG,
    SEEN_POPS_BACK,
    SEEN_MINUTES,
    SEEN_DUNKINGS,
    SEEN_FISH,
    SEEN_UNLIKE
  }

  /**
   * All tests.
   *
   * @param names of flies, for people: not read again
   */
  public static String write(List<LoggedTest> tests, Map<UUID, String> names) throws IOException {
    StringBuilder out = new StringBuilder();
    try (CSVPrinter csv = new CSVPrinter(out, CSVFormat.RFC4180)) {
      csv.printRecord(COLUMNS);
      for (LoggedTest t : tests) {
        List<Object> head =
            List.of(
                t.id(),
                t.madeAt(),
                t.fly(),
                Spreadsheet.harmless(names.getOrDefault(t.fly(), "")),
                t.temperatureC(),
                Words.id(t.floatant()),
                t.laid(),
                yes(t.leftOut()),
                Spreadsheet.harmless(t.notes()));
        for (List<Object> line : lines(t)) {
          csv.printRecord(Stream.concat(head.stream(), line.stream()).toList());
        }
      }
    }
    return out.toString();
  }

  private static List<List<Object>> lines(LoggedTest t) {
    List<List<Object>> lines = new ArrayList<>();
    LoggedTest.Foretold f = t.foretold();
    if (f == null) {
      return List.of(line(Line.BEGUN, "", ""));
    }
    f.ways().forEach(w -> lines.add(line(Line.FORETOLD_WAY, Words.id(w.sits()), w.share())));
    for (Prediction.Range r : f.measures()) {
      lines.add(
          line(Line.FORETOLD_MEASURE, Words.id(r.what()), r.low(), r.middle(), r.high(), "", ""));
    }
    for (int i = 0; i < f.bearsMg().size(); i++) {
      lines.add(line(Line.FORETOLD_BEARS, (i + 1) + "/20", f.bearsMg().get(i)));
    }
    lines.add(line(Line.FORETOLD_POPS_BACK, "", f.popsBack()));
    lines.add(line(Line.FORETOLD_MINUTES, "", f.minutes() == null ? "" : f.minutes()));
    lines.add(line(Line.FORETOLD_BY_TESTS, "", f.byTests()));
    seen(t.seen(), lines);
    return lines;
  }

  private static void seen(LoggedTest.Noted s, List<List<Object>> lines) {
    if (s.sits() != null) {
      lines.add(line(Line.SEEN_POSTURE, Words.id(s.sits()), ""));
    }
    for (Seen.Measure m : s.measured()) {
      lines.add(
          line(
              Line.SEEN_MEASURE,
              Words.id(m.what()),
              "",
              m.value(),
              "",
              m.error(),
              Words.id(m.by())));
    }
    s.hung().forEach(h -> lines.add(line(Line.SEEN_HUNG, h.floats() ? "floats" : "sinks", h.mg())));
    if (s.popsBack() != null) {
      lines.add(line(Line.SEEN_POPS_BACK, yes(s.popsBack()), ""));
    }
    if (s.lasted() != null) {
      Seen.Lasted l = s.lasted();
      lines.add(line(Line.SEEN_MINUTES, l.down() ? "down" : "up", l.minutes()));
      lines.add(line(Line.SEEN_DUNKINGS, "", l.dunkings()));
      lines.add(line(Line.SEEN_FISH, "", l.fish()));
    }
    if (s.unlike()) {
      lines.add(line(Line.SEEN_UNLIKE, "", ""));
    }
  }

  private static String yes(boolean so) {
    return so ? "yes" : "no";
  }

  private static List<Object> line(Line line, String what, Object value) {
    return line(line, what, "", value, "", "", "");
  }

  private static List<Object> line(
      Line line, String what, Object low, Object value, Object high, Object error, String by) {
    return List.of(Words.id(line), what, low, value, high, error, by);
  }

  /** Reads tests, all of them or none; refuses the first line that does not fit, naming it. */
  public static List<LoggedTest> read(Reader reader) throws IOException {
    Map<String, Told> all = new LinkedHashMap<>();
    try (var records = Table.parse(reader)) {
      Table.requireColumns(records, COLUMNS);
      for (CSVRecord r : records) {
        long at = r.getRecordNumber() + 1;
        onLine(
            at,
            () -> {
              if (at > MOST_LINES) {
                throw new OutOfRangeException(
                    "lines", "more", "at most " + MOST_LINES, "Send them in several files.");
              }
              Table.requireWhole(r, COLUMNS);
              all.computeIfAbsent(r.get("test"), id -> new Told(r, at)).take(r);
            });
      }
    } catch (UncheckedIOException e) {
      throw new OutOfRangeException("file", "no table", "CSV as RFC 4180", "Save it as CSV.");
    }
    List<LoggedTest> tests = new ArrayList<>();
    all.values().forEach(t -> onLine(t.first, () -> tests.add(t.test())));
    return tests;
  }

  private static void onLine(long line, Runnable read) {
    try {
      read.run();
    } catch (OutOfRangeException e) {
      throw new OutOfRangeException(
          "line " + line + "/" + e.field(), e.value(), e.bound(), e.remedy());
    }
  }

  /** One test, as its lines tell it. */
  private static final class Told {
    private final CSVRecord head;
    private final long first;
    private boolean foretold;
    private final List<Prediction.Way> ways = new ArrayList<>();
    private final List<Prediction.Range> ranges = new ArrayList<>();
    private final List<Double> bears = new ArrayList<>();
    private double popsBack;
    private Double minutes;
    private int byTests;
    private Sitting sits;
    private final List<Seen.Measure> measured = new ArrayList<>();
    private final List<Seen.Hung> hung = new ArrayList<>();
    private Boolean cameBack;
    private Optional<Boolean> down = Optional.empty();
    private double lasted;
    private int dunkings;
    private int fish;
    private boolean unlike;

    Told(CSVRecord head, long first) {
      this.head = head;
      this.first = first;
    }

    void take(CSVRecord r) {
      Line line = word(r, "line", Line.class);
      foretold |= line != Line.BEGUN;
      switch (line) {
        case BEGUN -> {
          // nothing was foretold yet
        }
        case FORETOLD_WAY ->
            ways.add(new Prediction.Way(word(r, "what", Sitting.class), number(r, "value")));
        case FORETOLD_MEASURE ->
            ranges.add(
                new Prediction.Range(
                    word(r, "what", Seen.What.class),
                    number(r, "low"),
                    number(r, "value"),
                    number(r, "high")));
        case FORETOLD_BEARS -> bears.add(number(r, "value"));
        case FORETOLD_POPS_BACK -> popsBack = number(r, "value");
        case FORETOLD_MINUTES -> minutes = r.get("value").isEmpty() ? null : number(r, "value");
        case FORETOLD_BY_TESTS -> byTests = whole(r);
        case SEEN_POSTURE -> sits = word(r, "what", Sitting.class);
        case SEEN_MEASURE ->
            measured.add(
                new Seen.Measure(
                    word(r, "what", Seen.What.class),
                    number(r, "value"),
                    number(r, "error"),
                    word(r, "by", Seen.By.class)));
        case SEEN_HUNG ->
            hung.add(new Seen.Hung(number(r, "value"), either(r, "what", "floats", "sinks")));
        case SEEN_POPS_BACK -> cameBack = either(r, "what", "yes", "no");
        case SEEN_MINUTES -> {
          down = Optional.of(either(r, "what", "down", "up"));
          lasted = number(r, "value");
        }
        case SEEN_DUNKINGS -> dunkings = whole(r);
        case SEEN_FISH -> fish = whole(r);
        case SEEN_UNLIKE -> unlike = true;
        default -> throw new IllegalStateException(line + " is read by nobody");
      }
    }

    LoggedTest test() {
      Seen.Lasted time = down.map(d -> new Seen.Lasted(lasted, d, dunkings, fish)).orElse(null);
      return new LoggedTest(
          id(head, "test"),
          id(head, "fly"),
          read(head, "made-at", "a time such as 2026-10-03T19:30:00Z", Instant::parse),
          number(head, "temperature-c"),
          word(head, "floatant", Floatant.class),
          number(head, "laid"),
          foretold
              ? new LoggedTest.Foretold(ways, ranges, bears, popsBack, minutes, byTests)
              : null,
          new LoggedTest.Noted(sits, measured, hung, cameBack, time, unlike),
          null,
          either(head, "left-out", "yes", "no"),
          Spreadsheet.plain(head.get("notes")));
    }

    private static UUID id(CSVRecord r, String column) {
      return read(r, column, "a UUID as the log has it", UUID::fromString);
    }

    private static <T> T read(
        CSVRecord r, String column, String bound, Function<String, T> reader) {
      try {
        return reader.apply(r.get(column));
      } catch (IllegalArgumentException | DateTimeParseException e) {
        throw new OutOfRangeException(
            column, "\"" + r.get(column) + "\"", bound, "Write it as in an exported file.");
      }
    }

    private static double number(CSVRecord r, String column) {
      return Table.number(r, column);
    }

    private static int whole(CSVRecord r) {
      double value = number(r, "value");
      if (value != Math.rint(value) || Math.abs(value) > 1e6) {
        throw new OutOfRangeException("value", value, "a whole number", "Count it again.");
      }
      return (int) value;
    }

    private static boolean either(CSVRecord r, String column, String yes, String no) {
      String word = r.get(column);
      if (!word.equals(yes) && !word.equals(no)) {
        throw new OutOfRangeException(
            column, "\"" + word + "\"", yes + " or " + no, "Write one of these.");
      }
      return word.equals(yes);
    }

    private static <E extends Enum<E>> E word(CSVRecord r, String column, Class<E> of) {
      return Arrays.stream(of.getEnumConstants())
          .filter(e -> Words.id(e).equals(r.get(column)))
          .findFirst()
          .orElseThrow(
              () ->
                  new OutOfRangeException(
                      column,
                      "\"" + r.get(column) + "\"",
                      "one of " + Arrays.stream(of.getEnumConstants()).map(Words::id).toList(),
                      "Write one of these."));
    }
  }
}
