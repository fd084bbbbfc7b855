package ripplerest.cli;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.ByteArrayOutputStream;
import java.io.PrintStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import picocli.CommandLine;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

class EstimateCommandTest {
  private static final String EXAMPLE = "../docs/format/examples/parachute.json";

  private record Run(int status, String out, String err) {}

  private static Run run(String... args) {
    PrintStream out = System.out;
    PrintStream err = System.err;
    ByteArrayOutputStream toOut = new ByteArrayOutputStream();
    ByteArrayOutputStream toErr = new ByteArrayOutputStream();
    try {
      System.setOut(new PrintStream(toOut, true, StandardCharsets.UTF_8));
      System.setErr(new PrintStream(toErr, true, StandardCharsets.UTF_8));
      int status = new CommandLine(new EstimateCommand()).execute(args);
      return new Run(
          status, toOut.toString(StandardCharsets.UTF_8), toErr.toString(StandardCharsets.UTF_8));
    } finally {
      System.setOut(out);
      System.setErr(err);
    }
  }

  @Test
  void printsTheEstimateAsJson() {
    Run run = run(EXAMPLE);
    assertThat(run.status()).isZero();
    JsonNode estimate = JsonMapper.shared().readTree(run.out());
    assertThat(estimate.get("sits").asString()).isEqualTo("FLUSH");
    assertThat(estimate.at("/rest/proof/pendingChanges").asInt()).isZero();
    assertThat(run(EXAMPLE).out()).isEqualTo(run.out());
  }

  @Test
  void longQuestionsAreAnsweredToo() {
    Run run = run("--ask", "LANDING", "--casts", "20", EXAMPLE);
    assertThat(run.status()).isZero();
    JsonNode landing = JsonMapper.shared().readTree(run.out()).get("landing");
    assertThat(landing.get("casts").asInt()).isEqualTo(20);
    assertThat(run.err()).contains("20 of 20");
    assertThat(run("--ask", "LANDING", "--casts", "9999", EXAMPLE).status()).isEqualTo(2);
  }

  @Test
  void adviceIsAnsweredToo() {
    Run amounts = run("--ask", "AMOUNTS", EXAMPLE);
    assertThat(amounts.status()).isZero();
    JsonNode all = JsonMapper.shared().readTree(amounts.out()).at("/amounts/amounts");
    assertThat(all.findValuesAsString("part")).contains("thread", "parachute-hackle", "fly");
    Run support =
        run("--ask", "SUPPORT", "--part", "parachute-hackle", "--reserve", "1.5", EXAMPLE);
    assertThat(JsonMapper.shared().readTree(support.out()).at("/support/tried").size())
        .isGreaterThan(5);
    Run prints = run("--ask", "FOOTPRINT", "--body", "8", "--stage", "SPENT", EXAMPLE);
    assertThat(JsonMapper.shared().readTree(prints.out()).at("/footprints/flies").size())
        .isEqualTo(3);
    Run nothing = run("--ask", "SUPPORT", "--part", "antenna", EXAMPLE);
    assertThat(nothing.status()).isEqualTo(2);
    assertThat(nothing.err()).contains("parachute-hackle").contains("/part");
    assertThat(run("--ask", "FOOTPRINT", EXAMPLE).status()).isEqualTo(2);
  }

  @Test
  void severalFilesMakeAnArray() {
    assertThat(JsonMapper.shared().readTree(run(EXAMPLE, EXAMPLE).out()).size()).isEqualTo(2);
  }

  @Test
  void flagsSetTheConditions() {
    double gel = JsonMapper.shared().readTree(run(EXAMPLE).out()).get("popBackMg").asDouble();
    Run bare = run("--floatant", "none", "--temperature", "20", EXAMPLE);
    assertThat(JsonMapper.shared().readTree(bare.out()).get("popBackMg").asDouble())
        .isLessThan(gel);
  }

  @Test
  void textIsForPeople() {
    assertThat(run("--text", EXAMPLE).out()).contains("Willow Skate, hook 14").contains("2 × gap");
  }

  @Test
  void aBadFileEndsWithTwoAndAProblemDocument(@TempDir Path folder) throws Exception {
    Path bad = folder.resolve("bad.json");
    Files.writeString(
        bad, Files.readString(Path.of(EXAMPLE)).replace("\"size\": 14", "\"size\": 72"));
    Run run = run(bad.toString());
    assertThat(run.status()).isEqualTo(2);
    assertThat(run.out()).isEmpty();
    assertThat(run.err())
        .contains("/pattern/hook/size")
        .contains("\"72\"")
        .contains("maximum value of 32")
        .contains("remedy");
  }

  @Test
  void badFlagsAndMissingFilesAreToldAsClearly() {
    assertThat(run("--temperature", "100", EXAMPLE).status()).isEqualTo(2);
    assertThat(run("--temperature", "100", EXAMPLE).err()).contains("from 0 to 40 °C");
    assertThat(run("--floatant", "wax", EXAMPLE).err()).contains("none, gel, powder or pre-soak");
    assertThat(run("--text", "--ask", "CARRY", EXAMPLE).err()).contains("leave one out");
    assertThat(run("no-such-file.json").err()).contains("no such file");
    assertThat(run("src").status()).isEqualTo(2);
    assertThat(run("src").err()).contains("cannot be read");
  }
}
