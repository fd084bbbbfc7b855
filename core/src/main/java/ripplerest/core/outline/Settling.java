package ripplerest.core.outline;

import java.util.ArrayList;
import java.util.List;
import ripplerest.core.assembly.Assembler;
import ripplerest.core.assembly.FlyBody;
import ripplerest.core.assembly.Mesh;
import ripplerest.core.film.ContactLine;
import ripplerest.core.film.FilmSolver;
import ripplerest.core.film.FilmState;
import ripplerest.core.film.Pose;
import ripplerest.core.film.Wetting;
import ripplerest.core.material.Materials;
import ripplerest.core.rest.Attitude;
import ripplerest.core.rest.RestFinder;
import ripplerest.core.sizing.SizedPattern;
import ripplerest.core.water.Conditions;

/**
 * A fly on its way from the air to its rest: pictures evenly spaced along the way that it goes when
 * everything moves slowly, not in time.
 */
public final class Settling {
  private Settling() {}

  private record Step(Pose pose, FilmState state, ContactLine line, double walked) {}

  /**
   * Draws the way of a fly that lands upright.
   *
   * @param frames most pictures, 2 or more
   * @return first as it touches, last where it stays; or down to where it was lost
   */
  public static List<Outline> of(
      SizedPattern sized, Materials materials, Conditions conditions, int frames) {
    FlyBody body = Assembler.assemble(sized, materials, conditions.floatant(), Mesh.WORKING);
    Wetting wetting = Wetting.of(materials, conditions.floatant());
    FilmSolver film =
        new FilmSolver(body, wetting, conditions.water(), Mesh.WORKING, conditions.tippet());
    List<Step> way = new ArrayList<>();
    double shank = sized.hook().shankMm();
    new RestFinder(film, sized.hook())
        .land(
            Attitude.UPRIGHT,
            conditions.touchdownFactor(),
            (pose, state, line) -> way.add(step(way, pose, state.copy(), line, shank)));
    List<Outline> pictures = new ArrayList<>();
    film.reset();
    film.setTolerance(1e-3 * film.weight());
    for (Step step : spaced(way, frames)) {
      film.evaluate(step.pose(), step.state(), step.line());
      pictures.add(Outliner.draw(sized, film, step.pose(), step.state()));
    }
    return pictures;
  }

  private static Step step(
      List<Step> way, Pose pose, FilmState state, ContactLine line, double shankMm) {
    if (way.isEmpty()) {
      return new Step(pose, state, line, 0);
    }
    Step last = way.get(way.size() - 1);
    double heave = pose.heaveMm() - last.pose().heaveMm();
    double pitch = shankMm / 2 * (pose.pitchRad() - last.pose().pitchRad());
    double roll = shankMm / 2 * (pose.rollRad() - last.pose().rollRad());
    double walked = last.walked() + Math.sqrt(heave * heave + pitch * pitch + roll * roll);
    return new Step(pose, state, line, walked);
  }

  private static List<Step> spaced(List<Step> way, int frames) {
    if (way.size() <= frames) {
      return way;
    }
    double all = way.get(way.size() - 1).walked();
    List<Step> some = new ArrayList<>();
    double next = 0;
    for (Step step : way) {
      if (step.walked() >= next - 1e-12) {
        some.add(step);
        next = all * some.size() / (frames - 1);
      }
    }
    if (some.get(some.size() - 1) != way.get(way.size() - 1)) {
      some.add(way.get(way.size() - 1));
    }
    return some;
  }
}
