package ripplerest.app.club;

import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.servlet.mvc.method.annotation.StreamingResponseBody;
import ripplerest.app.people.CurrentPerson;
import ripplerest.core.quantity.OutOfRangeException;

/** Going, and what one takes along. */
@RestController
class LeavingController {
  private final Leaving leaving;

  LeavingController(Leaving leaving) {
    this.leaving = leaving;
  }

  record Goodbye(String password) {}

  /** How many of one's patterns others use and the club has now. */
  record Left(int passedOn) {}

  /** Everything of one's own, in one file. */
  @GetMapping(path = "/api/me/things", produces = "application/zip")
  ResponseEntity<StreamingResponseBody> things() {
    return ResponseEntity.ok()
        .header(
            HttpHeaders.CONTENT_DISPOSITION,
            ContentDisposition.attachment().filename("ripple-rest-things.zip").build().toString())
        .body(leaving::write);
  }

  /** Leaves for good. */
  @PostMapping("/api/me/leaving")
  Left leave(@RequestBody Goodbye goodbye) {
    if (!CurrentPerson.actor().equals(CurrentPerson.now())) {
      throw new OutOfRangeException(
          "place", "the club's", "one's own", "Leave from your own book.");
    }
    return new Left(leaving.leave(goodbye.password()));
  }
}
