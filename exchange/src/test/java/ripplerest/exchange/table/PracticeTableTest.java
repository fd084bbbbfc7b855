package ripplerest.exchange.table;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.StringReader;
import java.time.Instant;
import java.util.List;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import ripplerest.core.practice.Skill;
import ripplerest.core.practice.Trial;
import ripplerest.core.quantity.OutOfRangeException;

class PracticeTableTest {
  private static final Instant AT = Instant.parse("2026-05-30T19:00:00Z");
  private static final UUID LOOK = UUID.fromString("00000000-0000-0000-0000-00000000000a");
  private static final List<PracticeTable.Line> LINES =
      List.of(
          new PracticeTable.Line(
              LOOK, "", new Trial(Skill.named("part-off/wing length"), AT, 0.125, 5, true, 0)),
          new PracticeTable.Line(
              UUID.randomUUID(),
              "=the \"Tuesday\" party, all",
              new Trial(Skill.named("room-left/room for the head"), AT, 0, 0, false, -0.25)));

  @Test
  void whatGoesOutComesBack() throws Exception {
    String table = PracticeTable.write(LINES);
    assertThat(table).doesNotContain(",=the"); // no spreadsheet takes a name for a formula
    assertThat(PracticeTable.read(new StringReader(table))).isEqualTo(LINES);
  }

  @ParameterizedTest
  @CsvSource({
    "part-off, nothing, skill",
    "0.125, 0, level",
    "0.125, NaN, level",
    "'5,true', '1,true', choices",
    "2026-05-30, 2026-13-30, line 2",
    "000a, 000x, line 2"
  })
  void aWrongLineIsNamed(String right, String wrong, String field) throws Exception {
    String table = PracticeTable.write(LINES.subList(0, 1)).replace(right, wrong);
    assertThatThrownBy(() -> PracticeTable.read(new StringReader(table)))
        .isInstanceOf(OutOfRangeException.class)
        .hasMessageContaining("line 2")
        .hasMessageContaining(field);
  }
}
