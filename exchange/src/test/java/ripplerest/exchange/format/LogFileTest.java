package ripplerest.exchange.format;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Instant;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import ripplerest.core.material.Materials;
import ripplerest.core.quantity.OutOfRangeException;
import ripplerest.core.sizing.Sizer;
import ripplerest.exchange.table.LogTable;

class LogFileTest {
  private static final Sizer SIZER = new Sizer(Materials.standard());
  private static final PatternReader READER = new PatternReader(SIZER);

  private static LoggedFly fly(String notes) throws IOException {
    String plan = Files.readString(Path.of("../docs/format/examples/upright-collar.json"));
    LoggedFly fresh = LoggedFly.fresh(plan, Instant.parse("2026-11-25T18:00:00Z"), 754);
    return new LoggedFly(
        fresh.id(), fresh.tiedAt(), 754, 21.6, notes, fresh.document(), List.of(), null);
  }

  private static List<LoggedFly> read(String file) throws IOException {
    return LogFile.read(
            new ByteArrayInputStream(file.getBytes(StandardCharsets.UTF_8)), READER, SIZER)
        .stream()
        .map(LogFile.Taken::fly)
        .toList();
  }

  @Test
  void whatIsWrittenIsRead() throws IOException {
    List<LoggedFly> flies = List.of(fly("by lamp"), fly("\"quoted\", and so on"));
    assertThat(read(LogFile.write(flies, List.of()))).isEqualTo(flies);
    assertThat(read(LogFile.write(List.of(), List.of()))).isEmpty();
  }

  @Test
  void anotherVersionIsRefused() throws IOException {
    String newer =
        LogFile.write(List.of(fly("")), List.of()).replace("\"version\" : 1", "\"version\" : 9");
    assertThatThrownBy(() -> read(newer))
        .isInstanceOf(OutOfRangeException.class)
        .hasMessageContaining("version is 9");
  }

  // Source: OWASP, CSV injection: a cell that begins with one of these is run as a formula.
  @ParameterizedTest
  @ValueSource(strings = {"=1+1", "+1", "-1", "@now", "\tx"})
  void noWordsRunAsAFormulaInASpreadsheet(String notes) throws IOException {
    String last = LogTable.write(List.of(fly(notes)), List.of()).trim().split("\r\n")[1];
    assertThat(last.replaceAll("\"", "")).endsWith(",'" + notes);
    assertThat(LogTable.write(List.of(fly("plain")), List.of())).contains(",plain");
  }
}
