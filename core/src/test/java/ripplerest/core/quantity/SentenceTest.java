package ripplerest.core.quantity;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;

/** Internal: lengths stay quantities however sentences are put together. */
class SentenceTest {
  @Test
  void quantitiesKeepTheirPlaces() {
    Sentence near = Sentence.of("%s from %s", Quantity.mm(1.25, 1), "the eye");
    Sentence all = Sentence.of("Bind in %s, %.0f %% up; %s", near, 40.0, Quantity.mm(3, 0));
    assertThat(all.toString()).isEqualTo("Bind in 1.3 mm from the eye, 40 % up; 3 mm");
    assertThat(all.quantities()).extracting(Quantity::value).containsExactly(1.25, 3.0);
    assertThat(all.text().chars().filter(c -> c == Sentence.PLACE).count()).isEqualTo(2);
    assertThat(Sentence.join(", ", List.of(all, near)).then(".").toString())
        .isEqualTo("Bind in 1.3 mm from the eye, 40 % up; 3 mm, 1.3 mm from the eye.");
  }

  @Test
  void degreesTouchTheirNumber() {
    assertThat(new Quantity(12.4, "°", 0).toString()).isEqualTo("12°");
    assertThat(new Quantity(2, "", 1).toString()).isEqualTo("2.0");
  }
}
