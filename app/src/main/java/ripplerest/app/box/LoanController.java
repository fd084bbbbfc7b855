package ripplerest.app.box;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.List;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;
import ripplerest.core.box.Loans;

/** Who has what out of the boxes. */
@RestController
class LoanController {
  private final BoxStore store;

  LoanController(BoxStore store) {
    this.store = store;
  }

  /** By name, the longest out first; they come back by a move from where they are. */
  @GetMapping("/api/loans")
  List<BoxViews.LoanView> loans() {
    LocalDate today = LocalDate.now();
    return Loans.of(store.moves().stream().map(FlyMove::move).toList()).stream()
        .map(
            l ->
                new BoxViews.LoanView(
                    l.to(),
                    l.flies(),
                    l.count(),
                    l.since(),
                    Math.max(0, ChronoUnit.DAYS.between(l.since(), today))))
        .toList();
  }
}
