package ripplerest.app.people;

import java.nio.charset.StandardCharsets;
import java.security.SecureRandom;
import java.util.Base64;
import ripplerest.app.http.Fingerprint;

/**
 * What is in a link that lets somebody do something: 32 random bytes. Only its hash is kept, so
 * that whoever reads the database has no link.
 */
public record Token(String text) {
  private static final SecureRandom RANDOM = new SecureRandom();
  private static final int BYTES = 32;

  public static Token fresh() {
    byte[] bytes = new byte[BYTES];
    RANDOM.nextBytes(bytes);
    return new Token(Base64.getUrlEncoder().withoutPadding().encodeToString(bytes));
  }

  /** SHA-256; what was random needs no slow hash. */
  public String hash() {
    return Fingerprint.hex(Fingerprint.digest().digest(text.getBytes(StandardCharsets.UTF_8)));
  }
}
