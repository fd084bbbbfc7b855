package ripplerest.app.card;

import java.nio.charset.StandardCharsets;
import java.util.UUID;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import ripplerest.app.library.MaterialStore;
import ripplerest.app.log.LogStore;
import ripplerest.app.patterns.PatternStore;
import ripplerest.core.estimate.Estimator;
import ripplerest.core.estimate.Options;
import ripplerest.core.material.Materials;
import ripplerest.core.outline.Outline;
import ripplerest.core.outline.Outliner;
import ripplerest.core.sizing.SizedPattern;
import ripplerest.core.sizing.Sizer;
import ripplerest.core.tying.Card;
import ripplerest.core.tying.CardWriter;
import ripplerest.exchange.card.CardPdf;
import ripplerest.exchange.card.CardSvg;
import ripplerest.exchange.card.CardText;
import ripplerest.exchange.format.BookFile;
import ripplerest.exchange.format.PatternFile;
import ripplerest.exchange.format.PatternReader;
import ripplerest.exchange.view.CardView;

/** The card that a stored pattern is tied by: to read, to print at true size, as plain text. */
@RestController
class CardController {
  private final PatternStore patterns;
  private final PatternReader reader;
  private final Sizer sizer;
  private final MaterialStore materials;
  private final LogStore log;

  CardController(
      PatternStore patterns,
      PatternReader reader,
      Sizer sizer,
      MaterialStore materials,
      LogStore log) {
    this.log = log;
    this.patterns = patterns;
    this.reader = reader;
    this.sizer = sizer;
    this.materials = materials;
  }

  /** The steps. */
  @GetMapping("/api/patterns/{id}/card")
  CardView card(@PathVariable UUID id) {
    PatternFile file = file(id);
    Materials table = materials.materials();
    SizedPattern sized = sizer.size(file.pattern());
    Outline vise = Outliner.inVise(sized, table, file.conditions());
    return CardView.of(CardWriter.of(sized, table), sized.hook(), vise, log.times());
  }

  /** The same in plain text. */
  @GetMapping(path = "/api/patterns/{id}/card.txt", produces = "text/plain;charset=UTF-8")
  ResponseEntity<String> text(@PathVariable UUID id) {
    PatternFile file = file(id);
    Card card = CardWriter.of(sizer.size(file.pattern()), materials.materials());
    return ResponseEntity.ok()
        .header(HttpHeaders.CONTENT_DISPOSITION, attached(file, "txt"))
        .body(CardText.of(card));
  }

  /** The same on paper, lengths at 1:1. */
  @GetMapping(path = "/api/patterns/{id}/card.pdf", produces = MediaType.APPLICATION_PDF_VALUE)
  ResponseEntity<byte[]> pdf(
      @PathVariable UUID id, @RequestParam(defaultValue = "A4") CardPdf.Paper paper) {
    PatternFile file = file(id);
    Materials table = materials.materials();
    SizedPattern sized = sizer.size(file.pattern());
    byte[] pdf =
        CardPdf.of(
            CardWriter.of(sized, table),
            atRest(sized, table, file),
            sized.hook().shankMm(),
            sized.hook().eyeMm(),
            paper);
    return ResponseEntity.ok()
        .header(HttpHeaders.CONTENT_DISPOSITION, attached(file, "pdf"))
        .body(pdf);
  }

  /** The same as one picture, in millimetres, the fly so far beside each step. */
  @GetMapping(path = "/api/patterns/{id}/card.svg", produces = "image/svg+xml")
  ResponseEntity<String> svg(@PathVariable UUID id) {
    PatternFile file = file(id);
    Materials table = materials.materials();
    SizedPattern sized = sizer.size(file.pattern());
    String svg =
        CardSvg.of(
            CardWriter.of(sized, table),
            atRest(sized, table, file),
            Outliner.inVise(sized, table, file.conditions()),
            sized.hook().shankMm());
    return ResponseEntity.ok()
        .header(HttpHeaders.CONTENT_DISPOSITION, attached(file, "svg"))
        .body(svg);
  }

  private static Outline atRest(SizedPattern sized, Materials table, PatternFile file) {
    return Estimator.estimate(sized, table, file.conditions(), Options.poseOnly())
        .rest()
        .map(rest -> Outliner.of(sized, table, file.conditions(), rest))
        .orElseGet(() -> Outliner.dry(sized, table, file.conditions()));
  }

  private static String attached(PatternFile file, String ending) {
    String name = BookFile.fileName(file.pattern().name()) + "-card." + ending;
    return ContentDisposition.attachment().filename(name).build().toString();
  }

  private PatternFile file(UUID id) {
    return reader.read(patterns.get(id).document().getBytes(StandardCharsets.UTF_8));
  }
}
