package ripplerest.app;

import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;

/** What runs here. */
@RestController
class AboutController {
  private final Version version;

  AboutController(Version version) {
    this.version = version;
  }

  @GetMapping("/api/about")
  Version.About about() {
    return version.about();
  }
}
