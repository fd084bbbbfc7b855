package ripplerest.app.http;

import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.util.HexFormat;

/** Tells one request from another: SHA-256 of what it is made of. */
public final class Fingerprint {
  private Fingerprint() {}

  public static MessageDigest digest() {
    try {
      return MessageDigest.getInstance("SHA-256");
    } catch (NoSuchAlgorithmException e) {
      throw new IllegalStateException(e); // every JDK has it
    }
  }

  /** 64 hexadecimal digits. */
  static String of(String named, String ifMatch, byte[] body) {
    MessageDigest digest = digest();
    digest.update((named + "\n" + ifMatch + "\n").getBytes(StandardCharsets.UTF_8));
    return hex(digest.digest(body));
  }

  public static String hex(byte[] bytes) {
    return HexFormat.of().formatHex(bytes);
  }
}
