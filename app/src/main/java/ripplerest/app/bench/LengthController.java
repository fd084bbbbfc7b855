package ripplerest.app.bench;

import io.swagger.v3.oas.annotations.media.Schema;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;
import ripplerest.app.library.Preparation;
import ripplerest.core.dressing.Length;
import ripplerest.core.dressing.PartKind;
import ripplerest.core.hook.Hook;
import ripplerest.core.quantity.OutOfRangeException;
import ripplerest.core.quantity.Require;
import ripplerest.core.sizing.TypedLength;
import ripplerest.exchange.format.PatternFile;
import ripplerest.exchange.view.HandleView;
import tools.jackson.databind.JsonNode;

/** Lengths as a tier types them. */
@RestController
class LengthController {
  private final Preparation preparation;

  LengthController(Preparation preparation) {
    this.preparation = preparation;
  }

  /** What was typed, for which field of which part of a pattern document. */
  record TypedLengthRequest(
      String text,
      int part,
      String field,
      @Schema(implementation = Object.class) JsonNode document) {}

  /** The length that was meant, as the pattern holds it. */
  @PostMapping(path = "/api/lengths", consumes = MediaType.APPLICATION_JSON_VALUE)
  HandleView.LengthView read(@RequestBody TypedLengthRequest typed) {
    Require.text("text", typed.text(), 40);
    if (typed.document() == null) {
      throw new OutOfRangeException(
          "document", "missing", "the pattern it is typed for", "Send the pattern document too.");
    }
    PatternFile file = preparation.read(typed.document().toString());
    Require.inRange("part", typed.part(), 0, file.pattern().parts().size() - 1);
    var part = file.pattern().parts().get(typed.part());
    Object now = PartKind.of(part).values(part).get(typed.field());
    Length length =
        TypedLength.read(
            typed.text(),
            now instanceof Length l ? l : new Length.Pinned(1),
            Hook.of(file.pattern().hook()));
    return HandleView.length(length);
  }
}
