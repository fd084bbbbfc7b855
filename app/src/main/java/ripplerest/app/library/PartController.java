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
  private final StyleStore styles;

  PartController(MaterialStore materials, StyleStore styles) {
    this.materials = materials;
    this.styles = styles;
  }

  @GetMapping("/api/parts")
  List<PartView> parts() {
    return PartView.all(materials.materials());
  }

  /** One part at a style's default, as it stands in a pattern document. */
  @GetMapping("/api/styles/{style}/parts/{kind}")
  @ApiResponse(responseCode = "200", content = @Content(schema = @Schema(type = "object")))
  Object usual(@PathVariable String style, @PathVariable String kind) {
    return PartView.usual(styles.styles().named(style), kind);
  }
}
