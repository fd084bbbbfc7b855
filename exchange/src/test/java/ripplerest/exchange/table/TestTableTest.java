package ripplerest.exchange.table;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.StringReader;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.SplittableRandom;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import ripplerest.core.calibration.Prediction;
import ripplerest.core.calibration.Seen;
import ripplerest.core.calibration.Seen.By;
import ripplerest.core.calibration.Seen.Hung;
import ripplerest.core.calibration.Seen.Lasted;
import ripplerest.core.calibration.Seen.Measure;
import ripplerest.core.calibration.Seen.What;
import ripplerest.core.quantity.OutOfRangeException;
import ripplerest.core.rest.Sitting;
import ripplerest.core.water.Floatant;
import ripplerest.exchange.format.LoggedTest;

/** Tests as a table: what goes out comes back, and what does not fit is named by its line. */
class TestTableTest {
  private final SplittableRandom random = new SplittableRandom(23);

  private <T> T any(T[] of) {
    return of[random.nextInt(of.length)];
  }

  private LoggedTest.Foretold foretold() {
    List<Prediction.Way> ways = new ArrayList<>();
    List<Prediction.Range> measures = new ArrayList<>();
    List<Double> bears = new ArrayList<>();
    for (int i = 0; i <= random.nextInt(3); i++) {
      ways.add(new Prediction.Way(Sitting.values()[i], random.nextDouble()));
    }
    for (What what : What.values()) {
      double middle = 20 * random.nextDouble() - 10;
      measures.add(new Prediction.Range(what, middle - 1, middle, middle + 2));
    }
    for (int i = 0; i < 19; i++) {
      bears.add(i + random.nextDouble());
    }
    Double minutes = random.nextBoolean() ? null : 60 * random.nextDouble();
    return new LoggedTest.Foretold(
        ways, measures, bears, random.nextDouble(), minutes, random.nextInt(9));
  }

  private LoggedTest.Noted seen() {
    Sitting sits = any(Sitting.values());
    boolean afloat = sits != Sitting.SUNK && sits != Sitting.UNSETTLED;
    List<Measure> measured = new ArrayList<>();
    for (What what : What.values()) {
      if (afloat && random.nextBoolean()) {
        measured.add(new Measure(what, 10 * random.nextDouble(), 0.3, any(By.values())));
      }
    }
    List<Hung> hung = new ArrayList<>();
    for (int i = 0; i < random.nextInt(4); i++) {
      hung.add(new Hung(1 + 50 * random.nextDouble(), afloat && random.nextBoolean()));
    }
    Lasted lasted =
        random.nextBoolean()
            ? null
            : new Lasted(1 + random.nextInt(90), random.nextBoolean(), random.nextInt(9), 1);
    return new LoggedTest.Noted(
        sits == Sitting.UNSETTLED ? null : sits,
        measured,
        hung,
        random.nextInt(3) == 0 ? null : random.nextBoolean(),
        lasted,
        random.nextInt(5) == 0);
  }

  private LoggedTest test() {
    boolean begun = random.nextInt(6) == 0;
    return new LoggedTest(
        new UUID(random.nextLong(), random.nextLong()),
        new UUID(random.nextLong(), random.nextLong()),
        Instant.ofEpochSecond(1_760_000_000L + random.nextInt(1_000_000)),
        random.nextInt(41),
        any(Floatant.values()),
        1 + random.nextInt(8),
        begun ? null : foretold(),
        begun ? null : seen(),
        null,
        random.nextBoolean(),
        any(new String[] {"", "by lamp, \"twice\"", "=SUM(A1)", "-3°, two\nlines", "'quoted"}));
  }

  @Test
  void whatGoesOutComesBack() throws Exception {
    List<LoggedTest> tests = new ArrayList<>();
    for (int i = 0; i < 200; i++) {
      tests.add(test());
    }
    String table = TestTable.write(tests, Map.of(tests.get(0).fly(), "=cmd, a fly"));
    assertThat(table).doesNotContain(",=").contains("'=cmd");
    List<LoggedTest> back = TestTable.read(new StringReader(table));
    assertThat(back).isEqualTo(tests);
  }

  private static final String HEAD =
      "test,made-at,fly,name,temperature-c,floatant,laid,left-out,notes,line,what,low,value,high,error,by\r\n";

  private static final String LINE =
      "00000000-0000-4000-8000-000000000701,2026-09-14T19:10:00Z,00000000-0000-4000-8000-000000000001,"
          + "Dun,14.0,gel,1.0,no,,seen-measure,angle,,12.5,,3.0,eye\r\n";

  @Test
  void aLineIsRead() throws Exception {
    LoggedTest read = TestTable.read(new StringReader(HEAD + LINE)).get(0);
    assertThat(read.seen().measured()).containsExactly(new Measure(What.ANGLE, 12.5, 3, By.EYE));
    assertThat(read.counts()).isTrue();
    assertThat(read.tied()).isNotEqualTo(read.fly().toString());
  }

  @ParameterizedTest
  @CsvSource({
    "2026-09-14T19:10:00Z, yesterday, made-at",
    "gel, lard, floatant",
    "14.0, hot, temperature-c",
    "14.0, 90, temperatureC",
    "seen-measure, seen-ghost, line",
    "angle, colour, what",
    "12.5, 1e9, angle",
    "1.0|no, 1.0|maybe, left-out",
    "000701, 0zz701, test"
  })
  void whatDoesNotFitIsNamedByItsLine(String of, String instead, String field) {
    String wrong = HEAD + LINE.replace(of.replace('|', ','), instead.replace('|', ','));
    assertThatThrownBy(() -> TestTable.read(new StringReader(wrong)))
        .isInstanceOf(OutOfRangeException.class)
        .hasMessageContaining("line 2/" + field)
        .extracting(e -> ((OutOfRangeException) e).remedy())
        .asString()
        .isNotEmpty();
  }

  @Test
  void anotherTableIsRefused() {
    assertThatThrownBy(() -> TestTable.read(new StringReader("a,b\r\n1,2\r\n")))
        .hasMessageContaining("the columns");
    String twice = HEAD + LINE + LINE;
    assertThatThrownBy(() -> TestTable.read(new StringReader(twice)))
        .hasMessageContaining("each once");
  }

  @Test
  void whatIsForetoldStaysAndNothingIsSeenBefore() {
    LoggedTest fresh = LoggedTest.fresh(UUID.randomUUID(), Instant.now(), 15, Floatant.GEL, 1);
    assertThat(fresh.counts()).isFalse();
    assertThat(fresh.next()).isEmpty();
    assertThatThrownBy(() -> fresh.with(seen(), false, ""))
        .hasMessageContaining("Wait for what is foretold");
    LoggedTest.Foretold first = foretold();
    LoggedTest told = fresh.foretold(first).foretold(foretold());
    assertThat(told.foretold()).isEqualTo(first);
    assertThat(LoggedTest.Foretold.of(first.read())).isEqualTo(first);
    Seen.Measure read = new Measure(What.EYE, 2, 0.1, By.PHOTOGRAPH);
    assertThat(
            told.with(new LoggedTest.Noted(null, List.of(read), null, null, null, false), false, "")
                .counts())
        .isTrue();
  }
}
