package ripplerest.app.log;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.io.InputStream;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import javax.imageio.ImageIO;
import javax.imageio.ImageReadParam;
import javax.imageio.ImageReader;
import javax.imageio.stream.ImageInputStream;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import ripplerest.core.quantity.OutOfRangeException;
import ripplerest.core.quantity.Require;

/** A picture that somebody sends, found to be whole and of a kind that browsers show. */
public record PictureFile(LogStore.Picture kept, int widthPx, int heightPx) {
  /** Larger than any bench needs, in bytes. */
  static final int MOST_BYTES = 12_000_000;

  static final int MOST_PX = 12_000;

  /** A small file can unpack to more than there is room for. */
  private static final long MOST_PIXELS = 60_000_000;

  /** Of so many pixels one is looked at, each way. */
  private static final int SPARSE = 8;

  /** What browsers show and this program can read the size of. */
  private static final Map<String, String> TYPES =
      Map.of("png", MediaType.IMAGE_PNG_VALUE, "jpeg", MediaType.IMAGE_JPEG_VALUE);

  /** A kept picture as it is sent; 404 where there is none. */
  public static ResponseEntity<byte[]> sent(Optional<LogStore.Picture> kept) {
    return kept.map(
            p ->
                ResponseEntity.ok()
                    .contentType(MediaType.parseMediaType(p.type()))
                    .header("X-Content-Type-Options", "nosniff")
                    .body(p.bytes()))
        .orElseGet(() -> ResponseEntity.notFound().build());
  }

  /** How large it is. */
  public record PictureSize(int widthPx, int heightPx) {}

  public PictureSize size() {
    return new PictureSize(widthPx, heightPx);
  }

  /** Reads a picture to its end; refuses one that is too large, broken off, or none. */
  public static PictureFile read(InputStream from) throws IOException {
    byte[] bytes = from.readNBytes(MOST_BYTES + 1);
    if (bytes.length > MOST_BYTES) {
      throw tooLarge("more than 12 MB", "at most 12 MB");
    }
    try (ImageInputStream in = ImageIO.createImageInputStream(new ByteArrayInputStream(bytes))) {
      ImageReader image = reader(in);
      image.setInput(in);
      int wide = image.getWidth(0);
      int high = image.getHeight(0);
      Require.inRange("width of the picture", wide, 1, MOST_PX);
      Require.inRange("height of the picture", high, 1, MOST_PX);
      if ((long) wide * high > MOST_PIXELS) {
        throw tooLarge(wide + " × " + high + " px", "at most 60 million pixels");
      }
      ImageReadParam sparse = image.getDefaultReadParam();
      sparse.setSourceSubsampling(SPARSE, SPARSE, 0, 0);
      image.read(0, sparse); // to its end, in little room: one that breaks off is refused too
      return new PictureFile(new LogStore.Picture(type(image), bytes), wide, high);
    } catch (OutOfRangeException e) {
      throw e;
    } catch (IOException | RuntimeException e) { // the readers of the JDK trust what they read
      throw noPicture();
    }
  }

  private static ImageReader reader(ImageInputStream in) throws IOException {
    var readers = ImageIO.getImageReaders(in);
    while (readers.hasNext()) {
      ImageReader reader = readers.next();
      if (type(reader) != null) {
        return reader;
      }
    }
    throw noPicture();
  }

  private static String type(ImageReader reader) throws IOException {
    return TYPES.get(reader.getFormatName().toLowerCase(Locale.ROOT));
  }

  private static OutOfRangeException tooLarge(String is, String bound) {
    return new OutOfRangeException(
        "picture", is, bound, "Make it smaller: 2,000 px across is plenty for a fly.");
  }

  private static OutOfRangeException noPicture() {
    return new OutOfRangeException(
        "picture",
        "no whole PNG or JPEG",
        "a PNG or JPEG picture",
        "Choose the picture itself, or save it as JPEG.");
  }
}
