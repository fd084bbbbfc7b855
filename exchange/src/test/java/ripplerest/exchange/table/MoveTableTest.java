package ripplerest.exchange.table;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import biweekly.Biweekly;
import biweekly.component.VEvent;
import java.io.StringReader;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.List;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import ripplerest.core.box.Flies;
import ripplerest.exchange.format.Calendar;

class MoveTableTest {
  private static final MoveTable.Line LENT =
      new MoveTable.Line(
          UUID.fromString("00000000-0000-4000-8000-000000000001"),
          LocalDate.of(2026, 11, 3),
          new Flies("p", "Dun, grey", 14, "=late"),
          3,
          "box",
          "Vest",
          "lent",
          "the Tuesday party",
          "barbs \"left on\"");

  @Test
  void movesGoOutAndComeBackTheSame() throws Exception {
    String table = MoveTable.write(List.of(LENT));
    assertThat(table).contains("'=late").endsWith("\r\n");
    assertThat(MoveTable.read(new StringReader(table))).containsExactly(LENT);
  }

  @ParameterizedTest
  @CsvSource({"2026-11-03, yesterday", "14, fourteen", "00000000-0000, zz", "14, 99"})
  void whatDoesNotFitIsNamedByItsLine(String of, String instead) throws Exception {
    String wrong = MoveTable.write(List.of(LENT)).replace(of, instead);
    assertThatThrownBy(() -> MoveTable.read(new StringReader(wrong)))
        .hasMessageContaining("line 2");
  }

  /** Read back by a library's own reader of RFC 5545, in the local time of whoever reads it. */
  @Test
  void aCalendarIsReadAsItWasMeant() {
    String file =
        Calendar.write(
            List.of(
                new Calendar.Event(
                    "a", "At the vise", LocalDateTime.of(2026, 12, 1, 19, 30), 90, "3 × Dun")));
    VEvent read = Biweekly.parse(file).first().getEvents().get(0);
    assertThat(read.getSummary().getValue()).isEqualTo("At the vise");
    assertThat(read.getUid().getValue()).isEqualTo("a");
    assertThat(file).contains("DTSTART:20261201T193000\r\n", "DTEND:20261201T210000\r\n");
  }
}
