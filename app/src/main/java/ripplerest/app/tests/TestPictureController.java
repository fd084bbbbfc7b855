package ripplerest.app.tests;

import jakarta.servlet.http.HttpServletRequest;
import java.io.IOException;
import java.util.List;
import java.util.UUID;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;
import ripplerest.app.http.Revisions;
import ripplerest.app.log.PictureFile;
import ripplerest.core.calibration.GlassPhotograph;
import ripplerest.core.quantity.OutOfRangeException;
import ripplerest.exchange.format.LoggedTest;

/** Pictures through the wall of a glass, and what is measured in them. */
@RestController
class TestPictureController {
  private final TestStore tests;
  private final TestResources resources;

  TestPictureController(TestStore tests, TestResources resources) {
    this.tests = tests;
    this.resources = resources;
  }

  /** What a picture told, now kept with the test. */
  record GlassRead(TestResources.TestView test, List<String> warnings) {}

  /** Keeps a picture of a test. */
  @PutMapping(
      path = "/api/tests/{id}/picture",
      consumes = {MediaType.IMAGE_PNG_VALUE, MediaType.IMAGE_JPEG_VALUE, MediaType.ALL_VALUE})
  PictureFile.PictureSize keep(@PathVariable UUID id, HttpServletRequest request)
      throws IOException {
    tests.get(id);
    PictureFile picture = PictureFile.read(request.getInputStream());
    tests.picture(id, picture.kept());
    return picture.size();
  }

  /** The picture of a test. */
  @GetMapping("/api/tests/{id}/picture")
  ResponseEntity<byte[]> picture(@PathVariable UUID id) {
    return PictureFile.sent(tests.picture(id));
  }

  /** Measures a picture by what was marked in it, and keeps the marks and what they tell. */
  @PostMapping(path = "/api/tests/{id}/marks", consumes = MediaType.APPLICATION_JSON_VALUE)
  ResponseEntity<GlassRead> measure(
      @PathVariable UUID id, @RequestBody LoggedTest.GlassMarks marks) {
    LoggedTest test = tests.get(id).test();
    if (test.foretold() == null) {
      throw new OutOfRangeException(
          "marks", "before anything was foretold", "after it", "Wait for what is foretold.");
    }
    GlassPhotograph told =
        GlassPhotograph.of(resources.known(test).sized().hook(), marks.taken(), marks.read());
    TestStore.Entry kept = tests.change(id, t -> t.pictured(marks, told));
    return ResponseEntity.ok()
        .eTag(Revisions.tag(kept.revision()))
        .body(new GlassRead(resources.of(kept), told.warnings()));
  }
}
