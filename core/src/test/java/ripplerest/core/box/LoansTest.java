package ripplerest.core.box;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.SplittableRandom;
import org.junit.jupiter.api.Test;

class LoansTest {
  private static final LocalDate DAY = LocalDate.of(2026, 5, 1);
  private static final Flies DUN = new Flies("p", "Lantern Dun", 14, "");
  private static final Flies SEDGE = new Flies("q", "Rush Sedge", 12, "");
  private static final Place BOX = new Place.In("box");

  private static Move lent(Flies flies, String to, int count, int day) {
    return new Move(flies, BOX, new Place.Lent(to), count, DAY.plusDays(day), "");
  }

  private static Move back(Flies flies, String from, int count, int day) {
    return new Move(flies, new Place.Lent(from), BOX, count, DAY.plusDays(day), "");
  }

  @Test
  void whoHasWhatSinceWhen() {
    List<Loans.Loan> loans =
        Loans.of(
            List.of(lent(DUN, "Wren", 2, 0), lent(SEDGE, "Alder", 1, 1), lent(DUN, "Wren", 3, 4)));
    assertThat(loans)
        .containsExactly(
            new Loans.Loan("Alder", SEDGE, 1, DAY.plusDays(1)),
            new Loans.Loan("Wren", DUN, 5, DAY));
  }

  @Test
  void whatComesBackIsWhatWentFirst() {
    List<Move> moves = new ArrayList<>(List.of(lent(DUN, "Wren", 2, 0), lent(DUN, "Wren", 3, 4)));
    moves.add(back(DUN, "Wren", 1, 5));
    assertThat(Loans.of(moves)).containsExactly(new Loans.Loan("Wren", DUN, 4, DAY));
    moves.add(back(DUN, "Wren", 2, 6));
    assertThat(Loans.of(moves)).containsExactly(new Loans.Loan("Wren", DUN, 2, DAY.plusDays(4)));
    moves.add(back(DUN, "Wren", 2, 7));
    assertThat(Loans.of(moves)).isEmpty();
  }

  @Test
  void whatIsLostOrPassedOnIsWithWhoeverHasItThen() {
    Place wren = new Place.Lent("Wren");
    List<Move> moves =
        List.of(
            lent(DUN, "Wren", 4, 0),
            new Move(DUN, wren, new Place.Lost(), 1, DAY.plusDays(2), ""),
            new Move(DUN, wren, new Place.Lent("Alder"), 1, DAY.plusDays(3), ""),
            new Move(DUN, wren, new Place.Given("Wren"), 1, DAY.plusDays(3), ""));
    assertThat(Loans.of(moves))
        .containsExactly(
            new Loans.Loan("Alder", DUN, 1, DAY.plusDays(3)), new Loans.Loan("Wren", DUN, 1, DAY));
  }

  @Test
  void moreThatComesBackThanWentIsNoDebt() {
    List<Move> moves =
        List.of(lent(DUN, "Wren", 1, 0), back(DUN, "Wren", 3, 1), lent(DUN, "Wren", 2, 2));
    assertThat(Loans.of(moves)).containsExactly(new Loans.Loan("Wren", DUN, 2, DAY.plusDays(2)));
  }

  /** Against the count of where all flies are, which is added up another way. */
  @Test
  void whatIsOutIsWhatTheWhereaboutsSay() {
    SplittableRandom random = new SplittableRandom(26);
    for (int round = 0; round < 200; round++) {
      Whereabouts now = Whereabouts.of(List.of());
      List<Move> moves = new ArrayList<>();
      for (int i = 0; i < 30; i++) {
        Flies flies = random.nextBoolean() ? DUN : SEDGE;
        Place who = new Place.Lent(random.nextBoolean() ? "Wren" : "Alder");
        Move move =
            switch (random.nextInt(3)) {
              case 0 -> new Move(flies, new Place.Vise(), BOX, 2, DAY.plusDays(i), "");
              case 1 -> new Move(flies, BOX, who, 1, DAY.plusDays(i), "");
              default -> new Move(flies, who, BOX, 1, DAY.plusDays(i), "");
            };
        if (move.from() instanceof Place.Vise || now.count(flies, move.from()) >= move.count()) {
          moves.add(move);
          now = now.after(move);
        }
      }
      Whereabouts counted = now;
      int out =
          counted.all().stream()
              .filter(c -> c.place() instanceof Place.Lent)
              .mapToInt(Whereabouts.Count::count)
              .sum();
      List<Loans.Loan> loans = Loans.of(moves);
      assertThat(loans.stream().mapToInt(Loans.Loan::count).sum()).isEqualTo(out);
      assertThat(loans)
          .allMatch(l -> counted.count(l.flies(), new Place.Lent(l.to())) == l.count());
    }
  }
}
