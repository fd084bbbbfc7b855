package ripplerest.app.library;

import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.util.List;
import org.springframework.stereotype.Component;
import ripplerest.core.estimate.PreparedFly;
import ripplerest.core.sizing.SizedPattern;
import ripplerest.core.sizing.Sizer;
import ripplerest.exchange.format.PatternFile;
import ripplerest.exchange.format.PatternReader;

/** Reads pattern documents and prepares their flies with what the tier knows of materials. */
@Component
public class Preparation {
  private final PatternReader reader;
  private final Sizer sizer;
  private final MaterialStore materials;
  private final LearntStore learnt;

  Preparation(PatternReader reader, Sizer sizer, MaterialStore materials, LearntStore learnt) {
    this.learnt = learnt;
    this.reader = reader;
    this.sizer = sizer;
    this.materials = materials;
  }

  /** A document that somebody sends; refuses what does not fit the format. */
  public PatternFile read(InputStream in) throws IOException {
    return reader.read(in);
  }

  /** A stored document. */
  public PatternFile read(String document) {
    return reader.read(document.getBytes(StandardCharsets.UTF_8));
  }

  /** Several documents in one array. */
  public List<PatternFile> readSeveral(InputStream in, int most) throws IOException {
    return reader.readSeveral(in, most);
  }

  /** The pattern in millimetres. */
  public SizedPattern sized(PatternFile file) {
    return sizer.size(file.pattern());
  }

  /** All that an answer about the fly needs; by the tier's tests, if estimates go by them. */
  public PreparedFly prepared(PatternFile file) {
    return PreparedFly.of(sized(file), learnt.taught(materials.materials()), file.conditions());
  }
}
