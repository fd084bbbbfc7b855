package ripplerest.app.log;

import jakarta.servlet.http.HttpServletRequest;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.UUID;
import javax.imageio.ImageIO;
import javax.imageio.ImageReadParam;
import javax.imageio.ImageReader;
import javax.imageio.stream.ImageInputStream;
import org.hipparchus.geometry.euclidean.twod.Vector2D;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;
import ripplerest.core.hook.Hook;
import ripplerest.core.quantity.OutOfRangeException;
import ripplerest.core.quantity.Require;
import ripplerest.core.tied.Photograph;
import ripplerest.exchange.format.LoggedFly;
import ripplerest.exchange.format.PatternReader;

/** Pictures of tied flies, and what is measured in them. */
@RestController
class PictureController {
  /** Larger than any bench needs, in bytes. */
  static final int MOST_BYTES = 12_000_000;

  private static final int MOST_PX = 12_000;
  private static final int MOST_MARKS = 100;

  /** A small file can unpack to more than there is room for. */
  private static final long MOST_PIXELS = 60_000_000;

  /** Of so many pixels one is looked at, each way. */
  private static final int SPARSE = 8;

  /** What browsers show and this program can read the size of. */
  private static final Map<String, String> TYPES =
      Map.of("png", MediaType.IMAGE_PNG_VALUE, "jpeg", MediaType.IMAGE_JPEG_VALUE);

  private final LogStore log;
  private final PatternReader reader;

  PictureController(LogStore log, PatternReader reader) {
    this.log = log;
    this.reader = reader;
  }

  /** A place in a picture, px from its top left corner. */
  record Place(double x, double y) {
    Vector2D vector(String name) {
      Require.inRange(name + " x", x, -MOST_PX, MOST_PX, "px");
      Require.inRange(name + " y", y, -MOST_PX, MOST_PX, "px");
      return new Vector2D(x, y);
    }
  }

  /** A length to measure. */
  record Line(String name, Place from, Place to) {}

  /** What was marked. */
  record Marks(Place eye, Place bend, Place point, List<Place> film, List<Line> lines) {
    Photograph.Marks read() {
      return new Photograph.Marks(
          marked("eye", eye),
          marked("bend", bend),
          Optional.ofNullable(point).map(p -> p.vector("point")),
          film == null
              ? List.of()
              : most("film", film).stream().map(p -> marked("film", p)).toList(),
          lines == null
              ? List.of()
              : most("lines", lines).stream()
                  .filter(Objects::nonNull)
                  .map(
                      l ->
                          new Photograph.Stretch(
                              l.name(),
                              marked(l.name() + " from", l.from()),
                              marked(l.name() + " to", l.to())))
                  .toList());
    }

    private static <T> List<T> most(String name, List<T> marks) {
      Require.inRange(name, marks.size(), 0, MOST_MARKS);
      return marks;
    }

    private static Vector2D marked(String name, Place place) {
      if (place == null) {
        throw new OutOfRangeException(name, "missing", "a place in the picture", "Mark it.");
      }
      return place.vector(name);
    }
  }

  /** How large a picture is. */
  record PictureSize(int widthPx, int heightPx) {}

  /** Keeps a picture of a fly; measures of one there was before are let go with it. */
  @PutMapping(
      path = "/api/log/{id}/picture",
      consumes = {MediaType.IMAGE_PNG_VALUE, MediaType.IMAGE_JPEG_VALUE, MediaType.ALL_VALUE})
  PictureSize keep(@PathVariable UUID id, HttpServletRequest request) throws IOException {
    log.get(id);
    byte[] bytes = request.getInputStream().readNBytes(MOST_BYTES + 1);
    if (bytes.length > MOST_BYTES) {
      throw new OutOfRangeException(
          "picture",
          "more than 12 MB",
          "at most 12 MB",
          "Make it smaller: 2,000 px across is plenty for a fly.");
    }
    LogStore.Picture kept;
    PictureSize size;
    try (ImageInputStream in = ImageIO.createImageInputStream(new ByteArrayInputStream(bytes))) {
      ImageReader image = reader(in);
      image.setInput(in);
      size = new PictureSize(image.getWidth(0), image.getHeight(0));
      Require.inRange("width of the picture", size.widthPx(), 1, MOST_PX);
      Require.inRange("height of the picture", size.heightPx(), 1, MOST_PX);
      if ((long) size.widthPx() * size.heightPx() > MOST_PIXELS) {
        throw new OutOfRangeException(
            "picture",
            size.widthPx() + " × " + size.heightPx() + " px",
            "at most 60 million pixels",
            "Make it smaller: 2,000 px across is plenty for a fly.");
      }
      ImageReadParam sparse = image.getDefaultReadParam();
      sparse.setSourceSubsampling(SPARSE, SPARSE, 0, 0);
      image.read(0, sparse); // to its end, in little room: one that breaks off is refused too
      String type = TYPES.get(image.getFormatName().toLowerCase(java.util.Locale.ROOT));
      kept = new LogStore.Picture(type, bytes);
    } catch (OutOfRangeException e) {
      throw e;
    } catch (IOException | RuntimeException e) { // the readers of the JDK trust what they read
      throw noPicture();
    }
    log.picture(id, kept);
    return size;
  }

  private static ImageReader reader(ImageInputStream in) {
    var readers = ImageIO.getImageReaders(in);
    while (readers.hasNext()) {
      ImageReader reader = readers.next();
      try {
        if (TYPES.containsKey(reader.getFormatName().toLowerCase(java.util.Locale.ROOT))) {
          return reader;
        }
      } catch (IOException e) {
        throw noPicture();
      }
    }
    throw noPicture();
  }

  private static OutOfRangeException noPicture() {
    return new OutOfRangeException(
        "picture",
        "no whole PNG or JPEG",
        "a PNG or JPEG picture",
        "Choose the picture itself, or save it as JPEG.");
  }

  /** The picture of a fly. */
  @GetMapping("/api/log/{id}/picture")
  ResponseEntity<byte[]> picture(@PathVariable UUID id) {
    return log.picture(id)
        .map(
            p ->
                ResponseEntity.ok()
                    .contentType(MediaType.parseMediaType(p.type()))
                    .header("X-Content-Type-Options", "nosniff")
                    .body(p.bytes()))
        .orElseGet(() -> ResponseEntity.notFound().build());
  }

  /** Measures the picture of a fly by what was marked in it, and keeps what it tells. */
  @PostMapping(path = "/api/log/{id}/marks", consumes = MediaType.APPLICATION_JSON_VALUE)
  LoggedFly.PhotographView measure(@PathVariable UUID id, @RequestBody Marks marks) {
    LoggedFly fly = log.get(id).fly();
    byte[] plan = fly.document().toString().getBytes(StandardCharsets.UTF_8);
    Hook hook = Hook.of(reader.read(plan).pattern().hook());
    LoggedFly.PhotographView told = LoggedFly.view(Photograph.of(hook, marks.read()));
    return log.photographed(id, told).fly().photograph();
  }
}
