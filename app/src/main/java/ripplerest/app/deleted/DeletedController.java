package ripplerest.app.deleted;

import java.util.List;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** What was lately deleted, and how it comes back. */
@RestController
@RequestMapping("/api/deleted")
class DeletedController {
  private final Deleted deleted;

  DeletedController(Deleted deleted) {
    this.deleted = deleted;
  }

  @GetMapping
  List<Deleted.Thing> all() {
    return deleted.all();
  }

  /** Undoes a deletion. */
  @PostMapping("/{kind}/{id}/restoration")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void restore(@PathVariable Deleted.Kind kind, @PathVariable String id) {
    deleted.restore(kind, id);
  }
}
