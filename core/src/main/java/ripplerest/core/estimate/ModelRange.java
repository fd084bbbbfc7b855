package ripplerest.core.estimate;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import ripplerest.core.assembly.FlyBody;
import ripplerest.core.quantity.Quantity;
import ripplerest.core.quantity.Sentence;
import ripplerest.core.quantity.Warning;
import ripplerest.core.rest.FilmReserve;
import ripplerest.core.rest.Landing;
import ripplerest.core.rest.Rest;

/** Says where an estimate leaves the range its formulas are good for. */
final class ModelRange {
  /** Depth to which a film can be pressed before its slope is no longer small, half of ℓ, mm. */
  private static final double STEEP_FILM_MM = 1.4;

  /** Longest fibre that the barb model was checked to, mm. */
  private static final double LONGEST_FIBRE_MM = 25;

  private ModelRange() {}

  static List<Warning> warnings(FlyBody body, Landing upright, Optional<FilmReserve> reserve) {
    List<Warning> all = new ArrayList<>();
    upright.rest().ifPresent(rest -> depth(rest, all));
    reserve.ifPresent(r -> depth(r, all));
    body.fibres().stream()
        .mapToDouble(FlyBody.Fibre::lengthMm)
        .max()
        .ifPresent(
            longest -> {
              if (longest > LONGEST_FIBRE_MM) {
                all.add(
                    new Warning(
                        "fibre-beyond-range",
                        "fly",
                        Sentence.of(
                            "A fibre of %s is longer than the %s the barb model was checked to.",
                            Quantity.mm(longest, 0), Quantity.mm(LONGEST_FIBRE_MM, 0)),
                        longest,
                        "mm"));
              }
            });
    return all;
  }

  private static void depth(FilmReserve reserve, List<Warning> all) {
    double deepest = reserve.path().deepestMm();
    if (deepest > STEEP_FILM_MM) {
      all.add(
          new Warning(
              "film-steep-reserve",
              "fly",
              Sentence.of(
                  "The film reserve is reckoned down to a film pressed %s deep; past about %s its slope is too steep for this model, and the reserve is rough.",
                  Quantity.mm(deepest, 1), Quantity.mm(STEEP_FILM_MM, 1)),
              deepest,
              "mm"));
    }
  }

  private static void depth(Rest rest, List<Warning> all) {
    double deepest = -Math.min(rest.eyeMm(), rest.bendMm());
    boolean film = rest.fibres().lying() > 0 && rest.pose().pitchRad() < 0.6;
    if (film && deepest > STEEP_FILM_MM) {
      all.add(
          new Warning(
              "film-steep",
              "fly",
              Sentence.of(
                  "The film is pressed %s down; past about %s its slope is too steep for this model, and depths are rough.",
                  Quantity.mm(deepest, 1), Quantity.mm(STEEP_FILM_MM, 1)),
              deepest,
              "mm"));
    }
  }
}
