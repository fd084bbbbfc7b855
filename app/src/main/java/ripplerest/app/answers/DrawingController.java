package ripplerest.app.answers;

import io.swagger.v3.oas.annotations.media.Content;
import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.servlet.http.HttpServletRequest;
import java.io.IOException;
import java.util.List;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RestController;
import ripplerest.app.library.MaterialStore;
import ripplerest.app.work.RightOfWay;
import ripplerest.core.estimate.Estimator;
import ripplerest.core.estimate.Options;
import ripplerest.core.material.Materials;
import ripplerest.core.outline.Settling;
import ripplerest.core.outline.Surface;
import ripplerest.core.sizing.SizedPattern;
import ripplerest.core.sizing.Sizer;
import ripplerest.exchange.format.PatternFile;
import ripplerest.exchange.format.PatternReader;
import ripplerest.exchange.view.EstimateView;
import ripplerest.exchange.view.SurfaceView;

/** What is drawn only when it is looked at: the film as a surface, and the way down to the rest. */
@RestController
class DrawingController {
  /** A second of pictures. */
  private static final int FRAMES = 25;

  private final PatternReader reader;
  private final Sizer sizer;
  private final MaterialStore materials;
  private final RightOfWay way;

  DrawingController(PatternReader reader, Sizer sizer, MaterialStore materials, RightOfWay way) {
    this.way = way;
    this.reader = reader;
    this.sizer = sizer;
    this.materials = materials;
  }

  /** The film from above and below; no map where the fly sinks. */
  @PostMapping(path = "/api/surfaces", consumes = MediaType.APPLICATION_JSON_VALUE)
  @io.swagger.v3.oas.annotations.parameters.RequestBody(
      description = "A pattern document; see docs/format/pattern.schema.json",
      content = @Content(schema = @Schema(type = "object")))
  List<SurfaceView> surface(HttpServletRequest request) throws IOException {
    PatternFile file = reader.read(request.getInputStream());
    Materials table = materials.materials();
    SizedPattern sized = sizer.size(file.pattern());
    return way.first(
        () ->
            Estimator.estimate(sized, table, file.conditions(), Options.poseOnly()).rest().stream()
                .map(rest -> SurfaceView.of(Surface.of(sized, table, file.conditions(), rest)))
                .toList());
  }

  /** Pictures from touchdown to rest. */
  @PostMapping(path = "/api/settlings", consumes = MediaType.APPLICATION_JSON_VALUE)
  @io.swagger.v3.oas.annotations.parameters.RequestBody(
      description = "A pattern document; see docs/format/pattern.schema.json",
      content = @Content(schema = @Schema(type = "object")))
  List<EstimateView.OutlineView> settling(HttpServletRequest request) throws IOException {
    PatternFile file = reader.read(request.getInputStream());
    SizedPattern sized = sizer.size(file.pattern());
    Materials table = materials.materials();
    return way.first(
        () -> EstimateView.outlines(Settling.of(sized, table, file.conditions(), FRAMES)));
  }
}
