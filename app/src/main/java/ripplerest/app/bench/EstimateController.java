package ripplerest.app.bench;

import io.swagger.v3.oas.annotations.media.Content;
import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.servlet.http.HttpServletRequest;
import java.io.IOException;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;
import ripplerest.app.library.Preparation;
import ripplerest.core.estimate.Differences;
import ripplerest.exchange.view.EstimateView;

/** Estimates a pattern document, stored or not. */
@RestController
class EstimateController {
  private final Preparation preparation;
  private final Poses poses;

  EstimateController(Preparation preparation, Poses poses) {
    this.preparation = preparation;
    this.poses = poses;
  }

  /** How a fly sits, with lines to draw, at once; what takes longer is asked as a question. */
  @PostMapping(path = "/api/estimates", consumes = MediaType.APPLICATION_JSON_VALUE)
  @io.swagger.v3.oas.annotations.parameters.RequestBody(
      description = "A pattern document; see docs/format/pattern.schema.json",
      content = @Content(schema = @Schema(type = "object")))
  EstimateView estimate(HttpServletRequest request) throws IOException {
    return EstimateView.withOutline(poses.first(preparation.read(request.getInputStream())));
  }

  /** The figures of a fly before and after a change. */
  record FigureChange(Differences.Figures before, Differences.Figures now) {}

  /**
   * What a change did to a fly, in numbers and in words; {@code figures} of an estimate are sent.
   */
  @PostMapping("/api/differences")
  Differences differences(@RequestBody FigureChange change) {
    return Differences.of(change.before(), change.now());
  }
}
