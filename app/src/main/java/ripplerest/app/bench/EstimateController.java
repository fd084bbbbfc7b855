package ripplerest.app.bench;

import io.swagger.v3.oas.annotations.media.Content;
import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.servlet.http.HttpServletRequest;
import java.io.IOException;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RestController;
import ripplerest.app.library.MaterialStore;
import ripplerest.app.work.RightOfWay;
import ripplerest.core.estimate.Estimate;
import ripplerest.core.estimate.Estimator;
import ripplerest.core.estimate.Options;
import ripplerest.core.material.Materials;
import ripplerest.core.sizing.Sizer;
import ripplerest.exchange.format.PatternFile;
import ripplerest.exchange.format.PatternReader;
import ripplerest.exchange.view.EstimateView;

/** Estimates a pattern document, stored or not. */
@RestController
class EstimateController {
  private final PatternReader reader;
  private final Sizer sizer;
  private final MaterialStore materials;
  private final RightOfWay way;

  EstimateController(PatternReader reader, Sizer sizer, MaterialStore materials, RightOfWay way) {
    this.way = way;
    this.reader = reader;
    this.sizer = sizer;
    this.materials = materials;
  }

  /** How a fly sits, with lines to draw, at once; what takes longer is asked as a question. */
  @PostMapping(path = "/api/estimates", consumes = MediaType.APPLICATION_JSON_VALUE)
  @io.swagger.v3.oas.annotations.parameters.RequestBody(
      description = "A pattern document; see docs/format/pattern.schema.json",
      content = @Content(schema = @Schema(type = "object")))
  EstimateView estimate(HttpServletRequest request) throws IOException {
    PatternFile file = reader.read(request.getInputStream());
    return way.first(() -> estimate(file));
  }

  EstimateView estimate(PatternFile file) {
    Materials table = materials.materials();
    Estimate estimate =
        Estimator.estimate(
            sizer.size(file.pattern()), table, file.conditions(), Options.poseOnly());
    return EstimateView.drawn(estimate, table);
  }
}
