package ripplerest.core.box;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;

class LackingTest {
  private static final Flies DUN = new Flies("p", "Dun", 14, "");

  private static Lacking.Ask ask(String outing, int wanted, double used, int inItsBoxes) {
    return new Lacking.Ask(outing, DUN, wanted, used, inItsBoxes);
  }

  /** Worked by hand: 6 of 8 are there; 2 are tied, 3 are used up; of the 5 left 7 are wanted. */
  @Test
  void whatOneOutingUsesUpTheNextHasNoMore() {
    List<Lacking.Line> lines =
        Lacking.of(List.of(ask("first", 8, 3, 6), ask("second", 7, 2, 6)), f -> 6);
    assertThat(lines)
        .containsExactly(
            new Lacking.Line("first", DUN, 8, 6, 2), new Lacking.Line("second", DUN, 7, 5, 2));
  }

  @Test
  void whatLiesInABoxThatStaysAtHomeIsNotThere() {
    assertThat(Lacking.of(List.of(ask("first", 4, 1, 1)), f -> 6).get(0).lacking()).isEqualTo(3);
    assertThat(Lacking.of(List.of(ask("first", 4, 1, 6)), f -> 6).get(0).lacking()).isZero();
  }
}
