package ripplerest.core.box;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.SplittableRandom;
import org.junit.jupiter.api.Test;
import ripplerest.core.quantity.OutOfRangeException;

class WhereaboutsTest {
  private static final Flies DUNS = new Flies("p", "Lantern Dun", 14, "");
  private static final LocalDate DAY = LocalDate.of(2026, 10, 3);
  private static final Place VISE = new Place.Vise();
  private static final Place HUT = new Place.In("hut");

  private static Move move(Place from, Place to, int count) {
    return new Move(DUNS, from, to, count, DAY, "");
  }

  @Test
  void fliesAreWhereTheirMovesLeftThem() {
    Place lent = new Place.Lent("the Tuesday party");
    Whereabouts now =
        Whereabouts.of(
            List.of(
                move(VISE, HUT, 6),
                move(HUT, lent, 4),
                move(lent, HUT, 2),
                move(lent, new Place.Lost(), 1),
                move(HUT, new Place.Chewed(), 1)));
    assertThat(now.count(DUNS, HUT)).isEqualTo(3);
    assertThat(now.count(DUNS, lent)).isEqualTo(1);
    assertThat(now.all()).hasSize(4);
  }

  @Test
  void noMoveTakesMoreThanThereIsAndNothingComesBackFromTheRiver() {
    Whereabouts now = Whereabouts.of(List.of(move(VISE, HUT, 2)));
    assertThatThrownBy(() -> now.check(move(HUT, new Place.Lost(), 3)))
        .isInstanceOf(OutOfRangeException.class)
        .hasMessageContaining("at most the 2 that are there");
    assertThatThrownBy(() -> move(new Place.Lost(), HUT, 1)).hasMessageContaining("comes back");
    assertThatThrownBy(() -> move(HUT, VISE, 1)).isInstanceOf(OutOfRangeException.class);
    assertThatThrownBy(() -> move(HUT, HUT, 1)).hasMessageContaining("somewhere else");
  }

  @Test
  void whateverHappensNoFlyIsMadeOrLostByCounting() {
    SplittableRandom random = new SplittableRandom(4);
    List<Place> places =
        List.of(
            HUT, new Place.In("vest"), new Place.Lent("a"), new Place.Lost(), new Place.Chewed());
    List<Move> moves = new ArrayList<>();
    int tied = 0;
    for (int i = 0; i < 500; i++) {
      int n = 1 + random.nextInt(4);
      Place from = random.nextInt(3) == 0 ? VISE : places.get(random.nextInt(3));
      Place to = places.get(random.nextInt(5));
      try {
        Move next = move(from, to, n);
        Whereabouts.of(moves).check(next);
        moves.add(next);
        tied += from.equals(VISE) ? n : 0;
      } catch (OutOfRangeException refused) {
        assertThat(refused.remedy()).isNotEmpty();
      }
      List<Whereabouts.Count> all = Whereabouts.of(moves).all();
      assertThat(all.stream().mapToInt(Whereabouts.Count::count).sum()).isEqualTo(tied);
      assertThat(all).allMatch(c -> c.count() > 0);
    }
    assertThat(moves.size()).isGreaterThan(100);
  }
}
