package ripplerest.core.outline;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import ripplerest.core.estimate.Estimate;
import ripplerest.core.film.FilmSolution;
import ripplerest.core.quantity.OutOfRangeException;
import ripplerest.core.rest.Rest;
import ripplerest.core.sizing.SizedPattern;

/**
 * A fly with the film that it was solved with, to be looked at from any side.
 *
 * @param fly as lines to draw
 * @param film round it; empty where it has sunk: then the film is level
 */
public record Scene(Outline fly, Optional<Relief> film) {
  /**
   * A fly in one of its rests.
   *
   * @param rest 0 for the one it comes to, then its others in their order
   */
  public static Scene of(Estimate estimate, int rest) {
    List<Rest> rests = new ArrayList<>();
    estimate.rest().ifPresent(rests::add);
    rests.addAll(estimate.others());
    if (rest == 0 && rests.isEmpty()) {
      return new Scene(Outliner.of(estimate), Optional.empty());
    }
    if (rest >= rests.size()) {
      throw new OutOfRangeException(
          "rest", rest, "0 to " + (rests.size() - 1), "Ask for one of the rests that were found.");
    }
    return of(estimate.sized(), rests.get(rest).film(), Relief.FINE_MM);
  }

  /** A fly as it was solved in one pose, on a film of such a grid. */
  static Scene of(SizedPattern sized, FilmSolution film, double cellMm) {
    Outline fly = Outliner.of(sized, film);
    return new Scene(fly, Optional.of(Relief.of(fly, film, cellMm)));
  }
}
