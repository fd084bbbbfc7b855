package ripplerest.app.people;

import java.io.IOException;
import org.springframework.http.ResponseEntity;

/** Something that whoever leaves takes along, in an open format that can be taken in elsewhere. */
public interface OwnFile {
  /** With its name, as it is downloaded. */
  ResponseEntity<String> ownFile() throws IOException;
}
