package ripplerest.app.card;

import io.swagger.v3.oas.annotations.media.Content;
import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.servlet.http.HttpServletRequest;
import java.io.IOException;
import java.util.UUID;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.context.request.async.DeferredResult;
import ripplerest.app.library.Preparation;
import ripplerest.app.log.LogStore;
import ripplerest.app.patterns.PatternStore;
import ripplerest.app.patterns.Variants;
import ripplerest.app.work.Answering;
import ripplerest.core.estimate.PreparedFly;
import ripplerest.core.outline.Outliner;
import ripplerest.exchange.card.CardPdf;
import ripplerest.exchange.card.CardText;
import ripplerest.exchange.format.BookFile;
import ripplerest.exchange.view.CardView;

/** The card that a stored pattern is tied by: to read, to print at true size, as plain text. */
@RestController
class CardController {
  private final PatternStore patterns;
  private final Preparation preparation;
  private final LogStore log;
  private final Answering answering;
  private final Variants variants;

  CardController(
      PatternStore patterns,
      Preparation preparation,
      LogStore log,
      Answering answering,
      Variants variants) {
    this.variants = variants;
    this.patterns = patterns;
    this.preparation = preparation;
    this.log = log;
    this.answering = answering;
  }

  /** The steps. */
  @GetMapping("/api/patterns/{id}/card")
  CardView card(
      @PathVariable UUID id,
      @RequestParam(defaultValue = "0") int size,
      @RequestParam(defaultValue = "") String colouring) {
    return view(preparation.prepared(variants.of(id, size, colouring)));
  }

  /** The card of a pattern document, stored or not. */
  @PostMapping(path = "/api/cards", consumes = MediaType.APPLICATION_JSON_VALUE)
  @io.swagger.v3.oas.annotations.parameters.RequestBody(
      description = "A pattern document; see docs/format/pattern.schema.json",
      content = @Content(schema = @Schema(type = "object")))
  CardView card(HttpServletRequest request) throws IOException {
    return view(preparation.prepared(preparation.read(request.getInputStream())));
  }

  private CardView view(PreparedFly fly) {
    return CardView.of(CardFiles.card(fly), fly.sized().hook(), Outliner.inVise(fly), log.times());
  }

  /** The same in plain text. */
  @GetMapping(path = "/api/patterns/{id}/card.txt", produces = "text/plain;charset=UTF-8")
  ResponseEntity<String> text(@PathVariable UUID id) {
    PreparedFly fly = fly(id);
    return attached(fly, "txt", CardText.of(CardFiles.card(fly)));
  }

  /** The same on paper, lengths at 1:1. */
  @GetMapping(path = "/api/patterns/{id}/card.pdf", produces = MediaType.APPLICATION_PDF_VALUE)
  DeferredResult<ResponseEntity<byte[]>> pdf(
      @PathVariable UUID id, @RequestParam(defaultValue = "A4") CardPdf.Paper paper) {
    PreparedFly fly = fly(id);
    return answering.whole(work -> attached(fly, "pdf", CardFiles.pdf(fly, paper)));
  }

  /** The same as one picture, in millimetres, the fly so far beside each step. */
  @GetMapping(path = "/api/patterns/{id}/card.svg", produces = "image/svg+xml")
  DeferredResult<ResponseEntity<String>> svg(@PathVariable UUID id) {
    PreparedFly fly = fly(id);
    return answering.whole(work -> attached(fly, "svg", CardFiles.svg(fly)));
  }

  private static <T> ResponseEntity<T> attached(PreparedFly fly, String ending, T body) {
    String name = BookFile.fileName(fly.pattern().name()) + "-card." + ending;
    return ResponseEntity.ok()
        .header(
            HttpHeaders.CONTENT_DISPOSITION,
            ContentDisposition.attachment().filename(name).build().toString())
        .body(body);
  }

  private PreparedFly fly(UUID id) {
    return preparation.prepared(preparation.read(patterns.get(id).document()));
  }
}
