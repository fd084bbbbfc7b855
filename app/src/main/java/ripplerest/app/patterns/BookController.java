package ripplerest.app.patterns;

import io.swagger.v3.oas.annotations.media.Content;
import io.swagger.v3.oas.annotations.media.Schema;
import io.swagger.v3.oas.annotations.responses.ApiResponse;
import jakarta.servlet.http.HttpServletRequest;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Optional;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.servlet.mvc.method.annotation.ResponseBodyEmitter;
import org.springframework.web.servlet.mvc.method.annotation.StreamingResponseBody;
import ripplerest.app.http.OnceOnly;
import ripplerest.app.people.OwnFile;
import ripplerest.app.work.Lines;
import ripplerest.core.quantity.Require;
import ripplerest.core.rest.Sitting;
import ripplerest.exchange.format.BookFile;

/** The whole book: searched page by page, and out and in as one file or as a folder. */
@RestController
@RequestMapping("/api/book")
class BookController implements OwnFile {

  private static final int MOST_ON_A_PAGE = 200;

  private final BookSearch search;
  private final BookTransfer transfer;

  BookController(BookSearch search, BookTransfer transfer) {
    this.search = search;
    this.transfer = transfer;
  }

  /** One page of the book, and how many patterns still wait to be put on the water. */
  record BookPage(List<BookSearch.Row> rows, long total, int page, int size, long unplaced) {}

  @GetMapping
  BookPage find(
      @RequestParam(defaultValue = "") String words,
      @RequestParam(defaultValue = "") List<String> material,
      @RequestParam(defaultValue = "") List<String> atHand,
      @RequestParam(defaultValue = "0") int missing,
      @RequestParam(required = false) Integer hook,
      @RequestParam(defaultValue = "") String natural,
      @RequestParam(defaultValue = "") String style,
      @RequestParam(required = false) Sitting posture,
      @RequestParam(defaultValue = "false") boolean archived,
      @RequestParam(defaultValue = "NAME") BookSearch.Sort sort,
      @RequestParam(defaultValue = "0") int page,
      @RequestParam(defaultValue = "25") int size) {
    Require.inRange("missing", missing, 0, 2);
    Require.inRange("page", page, 0, 100_000);
    Require.inRange("size", size, 1, MOST_ON_A_PAGE);
    BookSearch.Wanted wanted =
        new BookSearch.Wanted(
            words,
            material,
            atHand,
            missing,
            Optional.ofNullable(hook),
            natural,
            style,
            Optional.ofNullable(posture),
            archived);
    BookSearch.Page found = search.find(wanted, sort, page, size);
    return new BookPage(found.rows(), found.total(), page, size, search.withoutPosture());
  }

  /** The naturals that patterns stand for. */
  @GetMapping("/naturals")
  List<String> naturals() {
    return search.naturals();
  }

  @GetMapping(path = "/file", produces = MediaType.APPLICATION_JSON_VALUE)
  ResponseEntity<StreamingResponseBody> file() {
    return attached("ripple-rest-book.json", out -> BookFile.write(transfer.all(), out));
  }

  @Override
  public ResponseEntity<String> ownFile() throws IOException {
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    BookFile.write(transfer.all(), out);
    String name = ContentDisposition.attachment().filename("book.json").build().toString();
    return ResponseEntity.ok()
        .header(HttpHeaders.CONTENT_DISPOSITION, name)
        .body(out.toString(StandardCharsets.UTF_8));
  }

  @GetMapping(path = "/folder", produces = "application/zip")
  ResponseEntity<StreamingResponseBody> folder() {
    return attached("ripple-rest-book.zip", out -> BookFile.writeFolder(transfer.all(), out));
  }

  private static ResponseEntity<StreamingResponseBody> attached(
      String name, StreamingResponseBody body) {
    return ResponseEntity.ok()
        .header(
            HttpHeaders.CONTENT_DISPOSITION,
            ContentDisposition.attachment().filename(name).build().toString())
        .body(body);
  }

  /**
   * Takes in a book, a zipped folder or one pattern, all of it or nothing; lines of JSON tell how
   * far it is. It is given up, and nothing added, when whoever sent it goes away.
   */
  @PostMapping(path = "/imports", produces = Lines.TYPE)
  @io.swagger.v3.oas.annotations.parameters.RequestBody(
      description = "A book of patterns; see docs/format",
      content = @Content(schema = @Schema(type = "object")))
  @ApiResponse(
      responseCode = "200",
      content =
          @Content(
              mediaType = Lines.TYPE,
              schema = @Schema(implementation = BookTransfer.ImportLine.class)))
  ResponseEntity<ResponseBodyEmitter> bringIn(
      @RequestHeader(value = OnceOnly.KEY, required = false) String key, HttpServletRequest request)
      throws IOException {
    return transfer.bringIn(request.getInputStream(), key);
  }
}
