package ripplerest.exchange.format;

import tools.jackson.databind.SerializationFeature;
import tools.jackson.databind.json.JsonMapper;

/** Writes the open format in its canonical form. */
public final class PatternWriter {
  private static final JsonMapper MAPPER =
      JsonMapper.builder().enable(SerializationFeature.INDENT_OUTPUT).build();

  private PatternWriter() {}

  /** The canonical document: every field in a fixed order, indented, with a newline at the end. */
  public static String write(PatternFile file) {
    return MAPPER.writeValueAsString(PatternNodes.write(file)) + "\n";
  }
}
