package ripplerest.app.club;

import java.util.List;
import java.util.UUID;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** What goes between one's own book and the club's, and who changed what there. */
@RestController
class ClubController {
  private final Copies copies;
  private final BookChanges changes;

  ClubController(Copies copies, BookChanges changes) {
    this.copies = copies;
    this.changes = changes;
  }

  /** Gives the club a copy of one's own pattern. */
  @PostMapping("/api/patterns/{id}/club")
  @ResponseStatus(HttpStatus.CREATED)
  Copies.Copied give(@PathVariable UUID id) {
    return new Copies.Copied(copies.toClub(id));
  }

  /** Takes a copy into one's own book. */
  @PostMapping("/api/patterns/{id}/own")
  @ResponseStatus(HttpStatus.CREATED)
  Copies.Copied take(@PathVariable UUID id) {
    return new Copies.Copied(copies.toOwn(id));
  }

  /** Who changed what in the book, the latest first. */
  @GetMapping("/api/changes")
  List<BookChanges.ChangeLine> all() {
    return changes.latest();
  }

  /** Who changed what of one pattern, the latest first. */
  @GetMapping("/api/patterns/{id}/changes")
  List<BookChanges.ChangeLine> of(@PathVariable UUID id) {
    return changes.of(id);
  }
}
