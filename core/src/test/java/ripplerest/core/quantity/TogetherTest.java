package ripplerest.core.quantity;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

class TogetherTest {
  private static final List<Integer> MANY = IntStream.range(0, 200).boxed().toList();

  @Test
  void answersStandInOrderEachAskedOnce() {
    AtomicInteger asked = new AtomicInteger();
    List<Integer> squares =
        Together.map(
            MANY,
            i -> {
              asked.incrementAndGet();
              return i * i;
            });
    assertThat(squares).isEqualTo(MANY.stream().map(i -> i * i).toList());
    assertThat(asked).hasValue(MANY.size());
    assertThat(Together.map(List.of(), i -> i)).isEmpty();
  }

  @Test
  void oneWithinAnotherEnds() {
    List<Integer> sums =
        Together.map(
            MANY, i -> Together.map(MANY, j -> i + j).stream().mapToInt(Integer::intValue).sum());
    assertThat(sums.get(3)).isEqualTo(199 * 200 / 2 + 3 * 200);
  }

  @Test
  void whatFailsIsThrownAsItIs() {
    assertThatThrownBy(
            () ->
                Together.map(
                    MANY,
                    i -> {
                      throw new OutOfRangeException("size", "" + i, "none", "Leave it.");
                    }))
        .isInstanceOf(OutOfRangeException.class);
  }
}
