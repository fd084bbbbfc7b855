package ripplerest.cli;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.concurrent.Callable;
import picocli.CommandLine.ArgGroup;
import picocli.CommandLine.Command;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import ripplerest.core.estimate.PreparedFly;
import ripplerest.core.sizing.Sizer;
import ripplerest.core.tying.CardWriter;
import ripplerest.exchange.card.CardPdf;
import ripplerest.exchange.card.CardSheet;
import ripplerest.exchange.card.CardSvg;
import ripplerest.exchange.card.CardText;
import ripplerest.exchange.format.PatternFile;

/** Writes the card to tie a pattern by; exit status 0, or 2 with a problem document on stderr. */
@Command(
    name = "card",
    description = "Writes the card to tie a pattern by: as text, or on paper at true size.",
    mixinStandardHelpOptions = true)
final class CardCommand implements Callable<Integer> {
  @Parameters(paramLabel = "FILE", description = "A pattern file.")
  private Path file;

  @ArgGroup private As as = new As();

  @Option(names = "--paper", description = "With --pdf: one of ${COMPLETION-CANDIDATES}.")
  private CardPdf.Paper paper = CardPdf.Paper.A4;

  /** One of the forms a card has. */
  private static final class As {
    @Option(names = "--text", description = "Plain text, which is what comes without any.")
    private boolean text;

    @Option(names = "--pdf", paramLabel = "OUT", description = "Lengths at 1:1.")
    private Path pdf;

    @Option(names = "--svg", paramLabel = "OUT", description = "One picture, in millimetres.")
    private Path svg;
  }

  @Override
  public Integer call() {
    return PatternInput.each(List.of(file), this::write);
  }

  private void write(PatternFile read, Sizer sizer) throws IOException {
    PreparedFly fly =
        PreparedFly.of(sizer.size(read.pattern()), sizer.materials(), read.conditions());
    if (as.pdf != null) {
      Files.write(as.pdf, CardPdf.of(CardSheet.of(fly), paper));
    } else if (as.svg != null) {
      Files.writeString(as.svg, CardSvg.of(CardSheet.of(fly)));
    } else {
      System.out.print(CardText.of(CardWriter.of(fly.sized(), fly.materials())));
    }
  }
}
