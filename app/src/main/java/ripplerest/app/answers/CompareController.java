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
import ripplerest.app.library.SchoolStore;
import ripplerest.core.advice.Comparison;
import ripplerest.core.estimate.Work;
import ripplerest.core.material.Materials;
import ripplerest.core.sizing.Sizer;
import ripplerest.exchange.format.PatternFile;
import ripplerest.exchange.format.PatternReader;
import ripplerest.exchange.view.ComparisonView;
import ripplerest.exchange.view.DisagreementView;

/** Dressings side by side, and the ways in which practitioners would tie one otherwise. */
@RestController
class CompareController {
  private final PatternReader reader;
  private final Sizer sizer;
  private final MaterialStore materials;
  private final SchoolStore schools;

  CompareController(
      PatternReader reader, Sizer sizer, MaterialStore materials, SchoolStore schools) {
    this.reader = reader;
    this.sizer = sizer;
    this.materials = materials;
    this.schools = schools;
  }

  /** Up to four dressings on their water, each drawn, and their numbers against the first. */
  @PostMapping(path = "/api/comparisons", consumes = MediaType.APPLICATION_JSON_VALUE)
  @io.swagger.v3.oas.annotations.parameters.RequestBody(
      description = "Pattern documents, 1 to 4; see docs/format/pattern.schema.json",
      content = @Content(schema = @Schema(type = "array")))
  ComparisonView compare(HttpServletRequest request) throws IOException {
    List<PatternFile> files = reader.readSeveral(request.getInputStream(), Comparison.MOST);
    Materials table = materials.materials();
    Comparison comparison =
        Comparison.of(
            files.stream().map(f -> sizer.size(f.pattern())).toList(),
            files.stream().map(PatternFile::conditions).toList(),
            table,
            Work.unwatched());
    return ComparisonView.of(comparison, table);
  }

  /** The same fly tied the other way, for everything that practitioners do either way. */
  @PostMapping(path = "/api/disagreements", consumes = MediaType.APPLICATION_JSON_VALUE)
  @io.swagger.v3.oas.annotations.parameters.RequestBody(
      description = "A pattern document; see docs/format/pattern.schema.json",
      content = @Content(schema = @Schema(type = "object")))
  List<DisagreementView> disagreements(HttpServletRequest request) throws IOException {
    PatternFile file = reader.read(request.getInputStream());
    return DisagreementView.of(
        file, schools.schools().named(file.pattern().school()), materials.materials());
  }
}
