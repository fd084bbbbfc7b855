package ripplerest.app.patterns;

import io.swagger.v3.oas.annotations.media.Schema;
import java.nio.charset.StandardCharsets;
import java.util.UUID;
import org.springframework.stereotype.Component;
import ripplerest.app.http.Shown;
import ripplerest.exchange.format.PatternReader;
import ripplerest.exchange.format.PatternWriter;
import tools.jackson.databind.ObjectMapper;

/** Stored patterns as they are sent. */
@Component
class PatternResources implements Shown<PatternEntity> {
  private final PatternStore store;
  private final PatternReader reader;
  private final ObjectMapper mapper;

  PatternResources(PatternStore store, PatternReader reader, ObjectMapper mapper) {
    this.store = store;
    this.reader = reader;
    this.mapper = mapper;
  }

  /**
   * A pattern with the revision that a change has to name, and the names of the changes that can be
   * undone and redone; empty where there is none.
   */
  record PatternResource(
      UUID id,
      long revision,
      String undo,
      String redo,
      @Schema(type = "object", description = PatternController.DOCUMENT) Object document) {}

  @Override
  public Class<PatternEntity> type() {
    return PatternEntity.class;
  }

  /** As the present version of the format has it, whichever it was stored in. */
  @Override
  public PatternResource of(PatternEntity p) {
    byte[] document = p.document().getBytes(StandardCharsets.UTF_8);
    return new PatternResource(
        p.id(),
        p.revision(),
        store.undoes(p),
        store.redoes(p),
        mapper.readTree(PatternWriter.write(reader.read(document))));
  }
}
