package ripplerest.app.patterns;

import io.swagger.v3.oas.annotations.media.Content;
import io.swagger.v3.oas.annotations.media.Schema;
import io.swagger.v3.oas.annotations.responses.ApiResponse;
import jakarta.servlet.http.HttpServletRequest;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.security.DigestInputStream;
import java.security.MessageDigest;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
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
import ripplerest.app.http.AnsweredChanges;
import ripplerest.app.http.Fingerprint;
import ripplerest.app.http.OnceOnly;
import ripplerest.app.http.Problems;
import ripplerest.app.library.CarriedStore;
import ripplerest.app.work.InteractivePriority;
import ripplerest.app.work.Lines;
import ripplerest.app.work.LongWork;
import ripplerest.core.estimate.Work;
import ripplerest.core.quantity.OutOfRangeException;
import ripplerest.core.quantity.Require;
import ripplerest.core.rest.Sitting;
import ripplerest.exchange.format.BookFile;
import ripplerest.exchange.format.InvalidDocumentException;
import ripplerest.exchange.format.PatternFile;
import ripplerest.exchange.format.PatternReader;
import ripplerest.exchange.format.ProblemDocument;
import ripplerest.exchange.format.Skipped;
import ripplerest.exchange.view.AnswerLine;
import tools.jackson.databind.json.JsonMapper;

/** The whole book: searched page by page, and out and in as one file or as a folder. */
@RestController
@RequestMapping("/api/book")
class BookController {
  /** Larger than any book of {@link #MOST_PATTERNS} is, in bytes. */
  private static final long MOST_BYTES = 100_000_000;

  private static final int MOST_PATTERNS = 20_000;
  private static final int MOST_ON_A_PAGE = 200;

  private final BookSearch search;
  private final PatternStore store;
  private final CarriedStore carried;
  private final PatternReader reader;
  private final LongWork queue;

  private final InteractivePriority way;
  private final AnsweredChanges changes;
  private final JsonMapper mapper = JsonMapper.shared();

  BookController(
      BookSearch search,
      PatternStore store,
      CarriedStore carried,
      PatternReader reader,
      LongWork queue,
      InteractivePriority way,
      AnsweredChanges changes) {
    this.changes = changes;
    this.carried = carried;
    this.way = way;
    this.search = search;
    this.store = store;
    this.reader = reader;
    this.queue = queue;
  }

  /** One page of the book, and how many patterns still wait to be put on the water. */
  record BookPage(List<BookSearch.Row> rows, long total, int page, int size, long unplaced) {}

  /** How far an import is, then how many it added, or what is wrong with the file. */
  record ImportLine(
      AnswerLine.WaitView waits,
      AnswerLine.ProgressView progress,
      AddedView added,
      ProblemDocument problem) {}

  /** How many patterns were added. */
  record AddedView(int patterns) {}

  @GetMapping
  BookPage find(
      @RequestParam(defaultValue = "") String words,
      @RequestParam(defaultValue = "") List<String> material,
      @RequestParam(defaultValue = "") List<String> atHand,
      @RequestParam(defaultValue = "0") int missing,
      @RequestParam(required = false) Integer hook,
      @RequestParam(defaultValue = "") String natural,
      @RequestParam(defaultValue = "") String school,
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
            school,
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
    return attached("ripple-rest-book.json", out -> BookFile.write(all(), out));
  }

  @GetMapping(path = "/folder", produces = "application/zip")
  ResponseEntity<StreamingResponseBody> folder() {
    return attached("ripple-rest-book.zip", out -> BookFile.writeFolder(all(), out));
  }

  private static ResponseEntity<StreamingResponseBody> attached(
      String name, StreamingResponseBody body) {
    return ResponseEntity.ok()
        .header(
            HttpHeaders.CONTENT_DISPOSITION,
            ContentDisposition.attachment().filename(name).build().toString())
        .body(body);
  }

  /** Every pattern with what it needs, and the names of those that cannot be read. */
  private BookFile.Book all() {
    List<PatternFile> files = new ArrayList<>();
    List<Skipped> skipped = new ArrayList<>();
    store.each(
        p -> {
          try {
            byte[] document = p.document().getBytes(StandardCharsets.UTF_8);
            files.add(carried.packed(reader.read(document)));
          } catch (InvalidDocumentException | OutOfRangeException e) {
            skipped.add(new Skipped(p.id().toString(), p.name(), e.getMessage()));
          }
        });
    return new BookFile.Book(files, skipped);
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
          @Content(mediaType = Lines.TYPE, schema = @Schema(implementation = ImportLine.class)))
  ResponseEntity<ResponseBodyEmitter> bringIn(
      @RequestHeader(value = OnceOnly.KEY, required = false) String key, HttpServletRequest request)
      throws IOException {
    Path file = Files.createTempFile("ripple-rest-book", ".import");
    try {
      MessageDigest digest = Fingerprint.digest();
      long size = keep(new DigestInputStream(request.getInputStream(), digest), file);
      String print = Fingerprint.hex(digest.digest());
      Lines lines =
          new Lines(
              (of, all) -> line(new AnswerLine.ProgressView(of, all)), BookController::line, way);
      queue.submit(
          new LongWork.Job() {
            @Override
            public boolean waits(int before) {
              return lines.send(line(new AnswerLine.WaitView(before)));
            }

            @Override
            public void run() {
              lines.answer(() -> take(key, print, file, size, lines));
            }

            @Override
            public void over() {
              file.toFile().delete();
            }
          });
      return lines.response();
    } catch (RuntimeException | IOException e) {
      Files.deleteIfExists(file);
      throw e;
    }
  }

  private static long keep(InputStream in, Path file) throws IOException {
    long size;
    try (var out = Files.newOutputStream(file)) {
      byte[] part = new byte[1 << 16];
      size = 0;
      for (int n = in.read(part); n >= 0; n = in.read(part)) {
        size += n;
        if (size > MOST_BYTES) {
          throw new OutOfRangeException(
              "file", "more than 100 MB", "at most 100 MB", "Bring the book in in two halves.");
        }
        out.write(part, 0, n);
      }
    }
    return size;
  }

  /** Sent twice under one key it is added once, and answered alike. */
  private ImportLine take(String key, String print, Path file, long size, Work work) {
    try {
      if (key == null) {
        return line(new AddedView(add(file, size, work)));
      }
      return mapper.readValue(
          changes
              .once(
                  key,
                  print,
                  a -> true,
                  () -> {
                    String line =
                        mapper.writeValueAsString(line(new AddedView(add(file, size, work))));
                    byte[] body = line.getBytes(StandardCharsets.UTF_8);
                    return new AnsweredChanges.Answer(200, Map.of(), body);
                  })
              .body(),
          ImportLine.class);
    } catch (InvalidDocumentException e) {
      return line(e.document());
    } catch (OutOfRangeException e) {
      return line(Problems.document(e));
    }
  }

  private int add(Path file, long size, Work work) {
    return store.addAll(
        take -> {
          int[] count = {0};
          try {
            BookFile.read(
                file,
                reader,
                p -> {
                  work.throwIfCancelled();
                  Require.inRange("patterns", ++count[0], 1, MOST_PATTERNS);
                  take.accept(p);
                },
                bytes -> work.progress((int) (Math.min(bytes, size) / 1000), kilobytes(size)));
          } catch (IOException e) {
            throw new UncheckedIOException(e);
          }
          work.throwIfCancelled();
        });
  }

  private static int kilobytes(long size) {
    return (int) Math.max(1, size / 1000);
  }

  private static ImportLine line(Object o) {
    return new ImportLine(
        o instanceof AnswerLine.WaitView w ? w : null,
        o instanceof AnswerLine.ProgressView p ? p : null,
        o instanceof AddedView a ? a : null,
        o instanceof ProblemDocument p ? p : null);
  }
}
