package ripplerest.app.club;

import java.time.Instant;
import java.util.List;
import java.util.UUID;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** What people say of a pattern. */
@RestController
class CommentController {
  private final Comments comments;

  CommentController(Comments comments) {
    this.comments = comments;
  }

  record NewComment(String words) {}

  /**
   * Something that was said.
   *
   * @param by empty for somebody who left
   * @param mine whether whoever asks said it
   */
  record CommentView(UUID id, String by, boolean mine, String words, Instant at) {}

  @GetMapping("/api/patterns/{id}/comments")
  List<CommentView> all(@PathVariable UUID id) {
    return comments.of(id);
  }

  @PostMapping("/api/patterns/{id}/comments")
  @ResponseStatus(HttpStatus.CREATED)
  List<CommentView> say(@PathVariable UUID id, @RequestBody NewComment comment) {
    comments.say(id, comment.words());
    return comments.of(id);
  }

  /** Takes back what one said oneself; a warden what anybody said. */
  @DeleteMapping("/api/patterns/{id}/comments/{comment}")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void takeBack(@PathVariable UUID id, @PathVariable UUID comment) {
    comments.takeBack(id, comment);
  }
}
