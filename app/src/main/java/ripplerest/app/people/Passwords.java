package ripplerest.app.people;

import com.nulabinc.zxcvbn.Zxcvbn;
import java.text.Normalizer;
import java.util.List;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.security.crypto.argon2.Argon2PasswordEncoder;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.stereotype.Component;
import ripplerest.core.quantity.OutOfRangeException;

/**
 * Passwords: long enough, not one that is guessed early, any characters, none asked for (NIST SP
 * 800-63B, 5.1.1.2); kept as Argon2id.
 */
@Component
public class Passwords implements PasswordEncoder {
  static final int SHORTEST = 12;
  static final int LONGEST = 128;

  /** Of zxcvbn's 0 to 4: fewer than 10^8 guesses are too few. */
  private static final int WEAKEST = 3;

  private static final int SALT_BYTES = 16;
  private static final int HASH_BYTES = 32;
  private static final int PASSES = 2;

  private final PasswordEncoder argon2;
  private final Zxcvbn strength = new Zxcvbn();

  /**
   * @param kib memory that one hash takes; 16 MiB and two passes are Spring Security's own choice
   */
  Passwords(@Value("${ripplerest.password-memory-kib:16384}") int kib) {
    argon2 = new Argon2PasswordEncoder(SALT_BYTES, HASH_BYTES, 1, kib, PASSES);
  }

  /** One that may be used, hashed; {@code name} is whose, which would be guessed first. */
  public String chosen(String password, String name) {
    String same = normal(password == null ? "" : password);
    int length = same.codePointCount(0, same.length());
    if (length < SHORTEST || length > LONGEST) {
      throw new OutOfRangeException(
          "password",
          length + " characters",
          SHORTEST + " to " + LONGEST + " characters",
          "A few words that only you would put together are easy to keep in mind.");
    }
    if (strength.measure(same, List.of(name, "ripple", "rest")).getScore() < WEAKEST) {
      throw new OutOfRangeException(
          "password",
          "one of those that are guessed first",
          "one that is hard to guess",
          "Put together a few words that do not belong together.");
    }
    return argon2.encode(same);
  }

  @Override
  public String encode(CharSequence password) {
    return argon2.encode(normal(password));
  }

  @Override
  public boolean matches(CharSequence password, String hash) {
    return password.length() <= 4 * LONGEST && argon2.matches(normal(password), hash);
  }

  /** The same however a keyboard composes it. */
  private static String normal(CharSequence password) {
    return Normalizer.normalize(password, Normalizer.Form.NFKC);
  }
}
