package ripplerest.app.people;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatCode;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class PasswordsTest {
  private final Passwords passwords = new Passwords(64);

  @ParameterizedTest
  @ValueSource(
      strings = {
        "amber heron walks late",
        "Ümläute und Wörter",
        "пять букв и ещё слова",
        "x7#qL9!vR2@mZ4",
        "  blanks round it  "
      })
  void whatIsHardToGuessIsTakenWhateverItIsMadeOf(String password) {
    String hash = passwords.chosen(password, "Wren");
    assertThat(hash).startsWith("$argon2id$").doesNotContain(password);
    assertThat(passwords.matches(password, hash)).isTrue();
    assertThat(passwords.matches(password + " ", hash)).isFalse();
    assertThat(passwords.matches(password.substring(1), hash)).isFalse();
    assertThat(passwords.chosen(password, "Wren")).as("salted").isNotEqualTo(hash);
  }

  @ParameterizedTest
  @ValueSource(
      strings = {
        "",
        "eleven char",
        "password1234",
        "aaaaaaaaaaaaaaaa",
        "123456789012",
        "qwertyuiop12"
      })
  void whatIsShortOrGuessedFirstIsNotTaken(String password) {
    assertThatThrownBy(() -> passwords.chosen(password, "Wren"))
        .hasMessageContaining("password is");
  }

  @Test
  void onesOwnNameIsGuessedFirst() {
    assertThatThrownBy(() -> passwords.chosen("wrenfennelhut", "wrenfennelhut"))
        .hasMessageContaining("guessed first");
  }

  /** NIST SP 800-63B 5.1.1.2: at least 64 characters are taken, and none is left out. */
  @Test
  void aLongOneCountsToItsEnd() {
    String longest = "one long walk by the water ".repeat(5).substring(0, 128);
    String hash = passwords.chosen(longest, "Wren");
    assertThat(passwords.matches(longest, hash)).isTrue();
    assertThat(passwords.matches(longest.substring(0, 127), hash)).isFalse();
    assertThatThrownBy(() -> passwords.chosen(longest + "x", "Wren"))
        .hasMessageContaining("12 to 128");
    assertThat(passwords.matches("x".repeat(100_000), hash)).isFalse(); // not even hashed
  }

  /** Unicode: é in one character or in two is the same word on another keyboard. */
  @Test
  void howAKeyboardComposesItIsAllOne() {
    String hash = passwords.chosen("caf\u00e9 au bord de l'eau", "Wren");
    assertThat(passwords.matches("cafe\u0301 au bord de l'eau", hash)).isTrue();
  }

  @Test
  void whatIsInALinkIsLongRandomAndKeptAsItsHash() {
    Token one = Token.fresh();
    assertThat(one.text()).hasSize(43).matches("[A-Za-z0-9_-]+");
    assertThat(Token.fresh().text()).isNotEqualTo(one.text());
    assertThat(one.hash()).hasSize(64).isEqualTo(new Token(one.text()).hash());
    // FIPS 180-4, the example "abc"
    assertThat(new Token("abc").hash())
        .isEqualTo("ba7816bf8f01cfea414140de5dae2223b00361a396177a9cb410ff61f20015ad");
  }

  @Test
  void whatComesInWithAFileIsOnesOwnAndTheSameEachTime() {
    UUID inFile = UUID.randomUUID();
    OwnIds alone = new OwnIds(false);
    assertThat(alone.of(inFile, id -> false)).isEqualTo(inFile);
    OwnIds shared = new OwnIds(true);
    UUID ada = UUID.randomUUID();
    UUID adas = CurrentPerson.as(ada, () -> shared.of(inFile, id -> false));
    UUID berts = CurrentPerson.as(UUID.randomUUID(), () -> shared.of(inFile, id -> false));
    assertThat(adas).isNotEqualTo(inFile).isNotEqualTo(berts);
    assertThat(CurrentPerson.as(ada, () -> shared.of(inFile, id -> false))).isEqualTo(adas);
    // a file that comes back has ids that are here already
    assertThat(CurrentPerson.as(ada, () -> shared.of(adas, adas::equals))).isEqualTo(adas);
  }

  @Test
  void whoActsIsWhoItWasBefore() {
    UUID ada = UUID.randomUUID();
    assertThatCode(
            () ->
                CurrentPerson.as(
                    ada,
                    () -> {
                      assertThat(CurrentPerson.actor()).isEqualTo(ada);
                      new CurrentPerson.Acting(CurrentPerson.CLUB, ada)
                          .get(
                              () -> {
                                assertThat(CurrentPerson.now()).isEqualTo(CurrentPerson.CLUB);
                                assertThat(CurrentPerson.actor()).isEqualTo(ada);
                                throw new IllegalStateException("and whatever happens");
                              });
                    }))
        .hasMessage("and whatever happens");
    assertThat(CurrentPerson.now()).isEqualTo(CurrentPerson.LOCAL);
    assertThat(CurrentPerson.isSaid()).isFalse();
  }
}
