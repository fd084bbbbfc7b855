package ripplerest.app.patterns;

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
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Component;
import org.springframework.web.servlet.mvc.method.annotation.ResponseBodyEmitter;
import ripplerest.app.http.AnsweredChanges;
import ripplerest.app.http.Fingerprint;
import ripplerest.app.http.Problems;
import ripplerest.app.library.CarriedStore;
import ripplerest.app.work.InteractivePriority;
import ripplerest.app.work.Lines;
import ripplerest.app.work.LongWork;
import ripplerest.core.estimate.Work;
import ripplerest.core.quantity.OutOfRangeException;
import ripplerest.core.quantity.Require;
import ripplerest.exchange.format.BookFile;
import ripplerest.exchange.format.InvalidDocumentException;
import ripplerest.exchange.format.PatternFile;
import ripplerest.exchange.format.PatternReader;
import ripplerest.exchange.format.ProblemDocument;
import ripplerest.exchange.format.Skipped;
import ripplerest.exchange.view.AnswerLine;
import tools.jackson.databind.json.JsonMapper;

/** The book in and out: all of it or nothing, and what cannot be read is named. */
@Component
class BookTransfer {
  /** Larger than any book of {@link #MOST_PATTERNS} is, in bytes. */
  private static final long MOST_BYTES = 100_000_000;

  private static final int MOST_PATTERNS = 20_000;

  private final PatternStore store;
  private final CarriedStore carried;
  private final PatternReader reader;
  private final LongWork queue;
  private final InteractivePriority way;
  private final AnsweredChanges changes;
  private final JsonMapper mapper = JsonMapper.shared();

  BookTransfer(
      PatternStore store,
      CarriedStore carried,
      PatternReader reader,
      LongWork queue,
      InteractivePriority way,
      AnsweredChanges changes) {
    this.store = store;
    this.carried = carried;
    this.reader = reader;
    this.queue = queue;
    this.way = way;
    this.changes = changes;
  }

  /** How far an import is, then how many it added, or what is wrong with the file. */
  record ImportLine(
      AnswerLine.WaitView waits,
      AnswerLine.ProgressView progress,
      AddedView added,
      ProblemDocument problem) {}

  /** How many patterns were added. */
  record AddedView(int patterns) {}

  /** Every pattern with what it needs, and the names of those that cannot be read. */
  BookFile.Book all() {
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
   *
   * @param key under which it is added once, or null
   */
  ResponseEntity<ResponseBodyEmitter> bringIn(InputStream in, String key) throws IOException {
    Path file = Files.createTempFile("ripple-rest-book", ".import");
    try {
      MessageDigest digest = Fingerprint.digest();
      long size = keep(new DigestInputStream(in, digest), file);
      String print = Fingerprint.hex(digest.digest());
      Lines lines =
          new Lines(
              (done, all) -> line(new AnswerLine.ProgressView(done, all)), BookTransfer::line, way);
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
