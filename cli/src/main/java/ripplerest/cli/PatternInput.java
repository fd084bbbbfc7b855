package ripplerest.cli;

import java.io.IOException;
import java.io.InputStream;
import java.nio.file.Files;
import java.nio.file.NoSuchFileException;
import java.nio.file.Path;
import java.util.List;
import ripplerest.core.material.Materials;
import ripplerest.core.quantity.OutOfRangeException;
import ripplerest.core.sizing.Sizer;
import ripplerest.exchange.format.FieldProblem;
import ripplerest.exchange.format.InvalidDocumentException;
import ripplerest.exchange.format.PatternFile;
import ripplerest.exchange.format.PatternReader;
import tools.jackson.databind.SerializationFeature;
import tools.jackson.databind.json.JsonMapper;

/**
 * Pattern files named on the command line; one that cannot be read is told as a problem document.
 */
final class PatternInput {
  /** Exit status for what cannot be read or is out of range. */
  static final int BAD = 2;

  private static final JsonMapper MAPPER =
      JsonMapper.builder().enable(SerializationFeature.INDENT_OUTPUT).build();

  private PatternInput() {}

  /** What is done with a pattern. */
  @FunctionalInterface
  interface Use {
    /**
     * @param sizer that knows what the file brings along
     */
    void of(PatternFile file, Sizer sizer) throws IOException;
  }

  /** Does it with each; exit status 0, or {@link #BAD} at the first that cannot be used. */
  static int each(List<Path> files, Use use) {
    Sizer shipped = new Sizer(Materials.standard());
    PatternReader reader = new PatternReader(shipped);
    for (Path file : files) {
      try (InputStream in = Files.newInputStream(file)) {
        PatternFile read = reader.read(in);
        use.of(read, read.carried().onto(shipped));
      } catch (InvalidDocumentException e) {
        return refuse(file, e);
      } catch (NoSuchFileException e) {
        return refuse(file, missing(e.getFile()));
      } catch (IOException e) {
        return refuse(file, unreadable(file, e));
      } catch (OutOfRangeException e) {
        return refuse(file, outOfRange(e));
      }
    }
    return 0;
  }

  private static InvalidDocumentException missing(String file) {
    return new InvalidDocumentException(
        "There is no such file.",
        List.of(new FieldProblem("", file, "a file that exists", "Check the path.")));
  }

  private static InvalidDocumentException unreadable(Path file, IOException e) {
    String bound = "a file that can be read or written (" + e.getMessage() + ")";
    return new InvalidDocumentException(
        "The file cannot be read or written.",
        List.of(new FieldProblem("", file.toString(), bound, "Name another file.")));
  }

  private static InvalidDocumentException outOfRange(OutOfRangeException e) {
    return new InvalidDocumentException(
        e.getMessage(),
        List.of(new FieldProblem("/" + e.field(), e.value(), e.bound(), e.remedy())));
  }

  private static int refuse(Path file, InvalidDocumentException e) {
    System.err.println(file + ":");
    System.err.println(MAPPER.writeValueAsString(e.document()));
    return BAD;
  }
}
