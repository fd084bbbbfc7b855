package ripplerest.app.http;

import jakarta.servlet.http.HttpServletRequest;
import java.io.IOException;
import java.io.Reader;
import java.io.StringReader;
import java.nio.ByteBuffer;
import java.nio.charset.CharacterCodingException;
import java.nio.charset.StandardCharsets;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.ResponseEntity;
import ripplerest.core.quantity.OutOfRangeException;

/** Tables in and out as CSV (RFC 4180) in UTF-8. */
public final class Csv {
  public static final String TYPE = "text/csv";

  private static final int MOST_BYTES = 5_000_000;

  private Csv() {}

  /** How many were added. */
  public record Added(int added) {}

  public static ResponseEntity<String> file(String name, String text) {
    return ResponseEntity.ok()
        .header(
            HttpHeaders.CONTENT_DISPOSITION,
            ContentDisposition.attachment().filename(name).build().toString())
        .header(HttpHeaders.CONTENT_TYPE, TYPE + ";charset=UTF-8")
        .body(text);
  }

  public static Reader reader(HttpServletRequest request) throws IOException {
    byte[] bytes = request.getInputStream().readNBytes(MOST_BYTES + 1);
    if (bytes.length > MOST_BYTES) {
      throw new OutOfRangeException(
          "file", "more than 5 MB", "at most 5 MB", "Choose a table of this program.");
    }
    try {
      String text = StandardCharsets.UTF_8.newDecoder().decode(ByteBuffer.wrap(bytes)).toString();
      return new StringReader(text.startsWith("\uFEFF") ? text.substring(1) : text);
    } catch (CharacterCodingException e) {
      throw new OutOfRangeException("file", "not text", "CSV in UTF-8", "Save it as UTF-8.");
    }
  }
}
