package ripplerest.app.log;

import java.net.URI;
import java.time.Instant;
import java.util.List;
import java.util.UUID;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.servlet.support.ServletUriComponentsBuilder;
import ripplerest.app.people.Tablets;

/** Tablets that follow a fly that is being tied: shown to be scanned, listed, sent away. */
@RestController
class TabletController {
  private final Tablets tablets;
  private final String site;

  TabletController(Tablets tablets, @Value("${ripplerest.site:}") String site) {
    this.tablets = tablets;
    this.site = site;
  }

  /**
   * A code to scan.
   *
   * @param squares its dark squares as a path in squares, {@code size} wide and high with the quiet
   *     zone round it
   */
  record CodeView(UUID id, String address, int size, String squares, Instant until) {}

  @PostMapping("/api/patterns/{id}/tablets")
  @ResponseStatus(HttpStatus.CREATED)
  CodeView show(@PathVariable UUID id) {
    Tablets.Fresh fresh = tablets.show(id);
    String address = site() + "/tablet#" + fresh.token();
    QrCode code = QrCode.of(address);
    return new CodeView(fresh.id(), address, code.size(), code.squares(), fresh.until());
  }

  /** As whoever starts it says that it is reached, else as whoever asks has reached it. */
  private String site() {
    return site.isEmpty()
        ? ServletUriComponentsBuilder.fromCurrentRequestUri()
            .replacePath(null)
            .replaceQuery(null)
            .toUriString()
        : URI.create(site).toString();
  }

  @GetMapping("/api/patterns/{id}/tablets")
  List<Tablets.Tablet> all(@PathVariable UUID id) {
    return tablets.of(id);
  }

  @DeleteMapping("/api/tablets/{id}")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void sendAway(@PathVariable UUID id) {
    tablets.revoke(id);
  }
}
