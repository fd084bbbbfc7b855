package ripplerest.app.log;

import com.google.zxing.EncodeHintType;
import com.google.zxing.qrcode.decoder.ErrorCorrectionLevel;
import com.google.zxing.qrcode.encoder.ByteMatrix;
import com.google.zxing.qrcode.encoder.Encoder;
import java.util.Map;

/**
 * A QR code (ISO/IEC 18004) to draw: a path of its dark squares, with the four light squares round
 * it that the standard asks for.
 */
record QrCode(int size, String squares) {
  private static final int QUIET = 4;

  static QrCode of(String text) {
    try {
      ByteMatrix matrix =
          Encoder.encode(text, ErrorCorrectionLevel.M, Map.<EncodeHintType, Object>of())
              .getMatrix();
      StringBuilder path = new StringBuilder();
      for (int y = 0; y < matrix.getHeight(); y++) {
        for (int x = 0; x < matrix.getWidth(); x++) {
          if (matrix.get(x, y) == 1) {
            path.append("M%d %dh1v1h-1z".formatted(x + QUIET, y + QUIET));
          }
        }
      }
      return new QrCode(matrix.getWidth() + 2 * QUIET, path.toString());
    } catch (com.google.zxing.WriterException e) {
      throw new IllegalStateException(e); // an address is short
    }
  }
}
