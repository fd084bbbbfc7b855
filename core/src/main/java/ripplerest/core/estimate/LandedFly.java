package ripplerest.core.estimate;

import java.util.List;
import java.util.Optional;
import java.util.function.BooleanSupplier;
import ripplerest.core.rest.Attitude;
import ripplerest.core.rest.FilmReserve;
import ripplerest.core.rest.Landing;
import ripplerest.core.rest.Rest;
import ripplerest.core.rest.RestFinder;
import ripplerest.core.rest.RestSearch;

/**
 * A fly after its upright landing, with the workspace it was landed in, from which what else is
 * asked goes on.
 */
record LandedFly(PreparedFly fly, RestFinder finder, Landing landing) {
  /** Lands a fly upright. */
  static LandedFly of(PreparedFly fly) {
    return of(fly, fly.finder());
  }

  /** The same for a fly that is only counted. */
  static LandedFly briefly(PreparedFly fly) {
    return of(fly, fly.finder().briefly());
  }

  private static LandedFly of(PreparedFly fly, RestFinder finder) {
    return new LandedFly(
        fly, finder, finder.land(Attitude.UPRIGHT, fly.conditions().touchdownFactor()));
  }

  Optional<Rest> rest() {
    return landing.rest();
  }

  Optional<FilmReserve> reserve() {
    return rest().map(r -> FilmReserve.from(r, finder));
  }

  /** Every other rest; a fly is assembled with its two sides alike. */
  List<Rest> others(BooleanSupplier cancelled) {
    return RestSearch.all(
        fly::finder, fly.conditions().touchdownFactor(), true, rest().stream().toList(), cancelled);
  }
}
