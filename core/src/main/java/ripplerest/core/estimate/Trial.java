package ripplerest.core.estimate;

import java.util.List;
import java.util.function.BooleanSupplier;
import ripplerest.core.assembly.Assembler;
import ripplerest.core.assembly.FlyBody;
import ripplerest.core.assembly.Mesh;
import ripplerest.core.film.FilmSolver;
import ripplerest.core.film.Wetting;
import ripplerest.core.material.Materials;
import ripplerest.core.rest.Attitude;
import ripplerest.core.rest.Landing;
import ripplerest.core.rest.Rest;
import ripplerest.core.rest.RestFinder;
import ripplerest.core.rest.RestSearch;
import ripplerest.core.sizing.SizedPattern;
import ripplerest.core.water.Conditions;

/** A fly assembled and ready to land. */
final class Trial {
  final FlyBody body;
  final RestFinder finder;
  final Conditions conditions;
  private final SizedPattern sized;
  private final Materials materials;
  private final Mesh mesh;

  Trial(SizedPattern sized, Materials materials, Conditions conditions, Mesh mesh) {
    this.sized = sized;
    this.materials = materials;
    this.mesh = mesh;
    this.conditions = conditions;
    this.body = Assembler.assemble(sized, materials, conditions.floatant(), mesh);
    this.finder = finder();
  }

  /** Another workspace for the same fly. */
  RestFinder finder() {
    Wetting wetting = Wetting.of(materials, conditions.floatant());
    FilmSolver film = new FilmSolver(body, wetting, conditions.water(), mesh, conditions.tippet());
    return new RestFinder(film, sized.hook());
  }

  /** Every other rest; a fly is assembled with its two sides alike. */
  List<Rest> others(Landing upright, BooleanSupplier given) {
    return RestSearch.all(
        this::finder, conditions.touchdownFactor(), true, upright.rest().stream().toList(), given);
  }

  Landing land(Attitude attitude) {
    return finder.land(attitude, conditions.touchdownFactor());
  }

  double popBackMg() {
    return body.drownedVolumeMm3() * conditions.water().density() - body.massMg();
  }
}
