package ripplerest.app.web;

import io.swagger.v3.oas.annotations.media.Content;
import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.servlet.http.HttpServletRequest;
import java.io.IOException;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.ConcurrentMap;
import java.util.concurrent.Semaphore;
import java.util.concurrent.atomic.AtomicBoolean;
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
  private final ConcurrentMap<String, AtomicBoolean> asked = new ConcurrentHashMap<>();
  private final Semaphore longWork = new Semaphore(1, true);

  EstimateController(PatternReader reader, Sizer sizer, Materials materials) {
    this.reader = reader;
    this.sizer = sizer;
    this.materials = materials;
  }

  /**
   * One estimate. Depth {@code POSE} answers at once with lines to draw; {@code FULL} takes longer
   * and adds film reserve, other rests and, with samples, the band. A page that names itself with
   * {@code page} gives up its own older long estimate by asking for a newer one of either depth.
   */
  @PostMapping(path = "/api/estimates", consumes = MediaType.APPLICATION_JSON_VALUE)
  @io.swagger.v3.oas.annotations.parameters.RequestBody(
      description = "A pattern document; see docs/format/pattern.schema.json",
      content = @Content(schema = @Schema(type = "object")))
  EstimateView estimate(
      @RequestParam(defaultValue = "POSE") Options.Depth depth,
      @RequestParam(defaultValue = "0") int samples,
      @RequestParam(defaultValue = "1") long seed,
      @RequestParam(defaultValue = "") String page,
      HttpServletRequest request)
      throws IOException {
    PatternFile file = reader.read(request.getInputStream());
    AtomicBoolean cancelled = new AtomicBoolean();
    giveUp(asked.put(page, cancelled), page);
    try {
      Options options = new Options(depth, seed, samples, Mesh.WORKING, cancelled::get);
      return depth == Options.Depth.POSE ? view(file, options) : inTurn(file, options);
    } finally {
      asked.remove(page, cancelled);
    }
  }

  private static void giveUp(AtomicBoolean older, String page) {
    if (older != null && !page.isEmpty()) {
      older.set(true);
    }
  }

  /** Long estimates go one at a time, so that quick ones always find a free core. */
  private EstimateView inTurn(PatternFile file, Options options) {
    longWork.acquireUninterruptibly();
    try {
      return view(file, options);
    } finally {
      longWork.release();
    }
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
