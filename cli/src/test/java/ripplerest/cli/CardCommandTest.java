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

class CardCommandTest {
  private static final String EXAMPLE = "../docs/format/examples/palmered-stone.json";

  private static String printed(int status, String... args) {
    PrintStream out = System.out;
    ByteArrayOutputStream bytes = new ByteArrayOutputStream();
    try {
      System.setOut(new PrintStream(bytes, true, StandardCharsets.UTF_8));
      assertThat(new CommandLine(new CardCommand()).execute(args)).isEqualTo(status);
      return bytes.toString(StandardCharsets.UTF_8);
    } finally {
      System.setOut(out);
    }
  }

  @Test
  void textSaysWhatHandsDoInOrder() {
    String text = printed(0, EXAMPLE);
    assertThat(text).isEqualTo(printed(0, "--text", EXAMPLE));
    assertThat(text).contains("For: a party of four");
    assertThat(text.indexOf("Bind in the rib")).isLessThan(text.indexOf("Wind the body"));
    assertThat(text.indexOf("Wind the palmered hackle")).isLessThan(text.indexOf("Wind the rib"));
    assertThat(text.indexOf("Wind the rib")).isLessThan(text.indexOf("Bind in the hair wing"));
  }

  @Test
  void paperAndPictureGoToTheFileThatWasNamed(@TempDir Path folder) throws Exception {
    Path pdf = folder.resolve("card.pdf");
    Path svg = folder.resolve("card.svg");
    assertThat(printed(0, EXAMPLE, "--pdf", pdf.toString())).isEmpty();
    assertThat(printed(0, EXAMPLE, "--svg", svg.toString())).isEmpty();
    assertThat(new String(Files.readAllBytes(pdf), StandardCharsets.ISO_8859_1)).startsWith("%PDF");
    assertThat(Files.readString(svg)).startsWith("<").contains("</svg>");
    printed(2, EXAMPLE, "--pdf", folder.resolve("no/such/folder.pdf").toString());
    printed(2, folder.resolve("nothing.json").toString());
  }
}
