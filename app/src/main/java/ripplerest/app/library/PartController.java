package ripplerest.app.library;

import io.swagger.v3.oas.annotations.media.Content;
import io.swagger.v3.oas.annotations.media.Schema;
import io.swagger.v3.oas.annotations.responses.ApiResponse;
import java.util.List;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RestController;
import ripplerest.exchange.view.PartView;

/** The kinds of part there are, for working sheets. */
@RestController
class PartController {
  private final MaterialStore materials;
  private final SchoolStore schools;

  PartController(MaterialStore materials, SchoolStore schools) {
    this.materials = materials;
    this.schools = schools;
  }

  @GetMapping("/api/parts")
  List<PartView> parts() {
    return PartView.all(materials.materials());
  }

  /** One part at a school's default, as it stands in a pattern document. */
  @GetMapping("/api/schools/{school}/parts/{kind}")
  @ApiResponse(responseCode = "200", content = @Content(schema = @Schema(type = "object")))
  Object usual(@PathVariable String school, @PathVariable String kind) {
    return PartView.usual(schools.schools().named(school), kind);
  }
}
