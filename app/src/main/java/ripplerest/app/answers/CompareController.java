package ripplerest.app.answers;

import io.swagger.v3.oas.annotations.media.Content;
import io.swagger.v3.oas.annotations.media.Schema;
import io.swagger.v3.oas.annotations.responses.ApiResponse;
import jakarta.servlet.http.HttpServletRequest;
import java.io.IOException;
import java.util.List;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.servlet.mvc.method.annotation.ResponseBodyEmitter;
import ripplerest.app.library.Preparation;
import ripplerest.app.work.Answering;
import ripplerest.app.work.Lines;
import ripplerest.core.advice.Comparison;
import ripplerest.core.estimate.PreparedFly;
import ripplerest.core.question.Answer;
import ripplerest.exchange.view.AnswerLine;

/** Dressings side by side. */
@RestController
class CompareController {
  private final Preparation preparation;
  private final Answering answering;
  private final AnswerKey keys;

  CompareController(Preparation preparation, Answering answering, AnswerKey keys) {
    this.preparation = preparation;
    this.answering = answering;
    this.keys = keys;
  }

  /** Up to four dressings on their water, each drawn, and their numbers against the first. */
  @PostMapping(
      path = "/api/comparisons",
      consumes = MediaType.APPLICATION_JSON_VALUE,
      produces = Lines.TYPE)
  @io.swagger.v3.oas.annotations.parameters.RequestBody(
      description = "Pattern documents, 1 to 4; see docs/format/pattern.schema.json",
      content = @Content(schema = @Schema(type = "array")))
  @ApiResponse(
      responseCode = "200",
      content =
          @Content(mediaType = Lines.TYPE, schema = @Schema(implementation = AnswerLine.class)))
  ResponseEntity<ResponseBodyEmitter> compare(HttpServletRequest request) throws IOException {
    List<PreparedFly> flies =
        preparation.readSeveral(request.getInputStream(), Comparison.MOST).stream()
            .map(preparation::prepared)
            .toList();
    return answering.stream(
        keys.of("compare", flies), work -> new Answer.Compared(Comparison.of(flies, work)));
  }
}
