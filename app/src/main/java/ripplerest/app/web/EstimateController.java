package ripplerest.app.web;

import io.swagger.v3.oas.annotations.media.Content;
import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.servlet.http.HttpServletRequest;
import java.io.IOException;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import ripplerest.core.assembly.Mesh;
import ripplerest.core.estimate.Estimate;
import ripplerest.core.estimate.Estimator;
import ripplerest.core.estimate.Options;
import ripplerest.core.material.Materials;
import ripplerest.core.outline.Outline;
import ripplerest.core.outline.Outliner;
import ripplerest.core.sizing.SizedPattern;
import ripplerest.core.sizing.Sizer;
import ripplerest.exchange.EstimateView;
import ripplerest.exchange.PatternFile;
import ripplerest.exchange.PatternReader;

/** Estimates a pattern document, stored or not. */
@RestController
class EstimateController {
  private final PatternReader reader;
  private final Sizer sizer;
  private final Materials materials;

  EstimateController(PatternReader reader, Sizer sizer, Materials materials) {
    this.reader = reader;
    this.sizer = sizer;
    this.materials = materials;
  }

  /**
   * One estimate. Depth {@code POSE} answers at once with lines to draw; {@code FULL} takes longer
   * and adds film reserve, other rests and, with samples, the band.
   */
  @PostMapping(path = "/api/estimates", consumes = MediaType.APPLICATION_JSON_VALUE)
  @io.swagger.v3.oas.annotations.parameters.RequestBody(
      description = "A pattern document; see docs/format/pattern.schema.json",
      content = @Content(schema = @Schema(type = "object")))
  EstimateView estimate(
      @RequestParam(defaultValue = "POSE") Options.Depth depth,
      @RequestParam(defaultValue = "0") int samples,
      @RequestParam(defaultValue = "1") long seed,
      HttpServletRequest request)
      throws IOException {
    PatternFile file = reader.read(request.getInputStream());
    return view(file, new Options(depth, seed, samples, Mesh.WORKING, () -> false));
  }

  EstimateView view(PatternFile file, Options options) {
    SizedPattern sized = sizer.size(file.pattern());
    Estimate estimate = Estimator.estimate(sized, materials, file.conditions(), options);
    Outline outline =
        estimate
            .rest()
            .map(rest -> Outliner.of(sized, materials, file.conditions(), rest))
            .orElseGet(() -> Outliner.dry(sized, materials, file.conditions()));
    return EstimateView.of(estimate, java.util.Optional.of(outline));
  }
}
