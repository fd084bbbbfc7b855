package ripplerest.core.outline;

import java.util.ArrayList;
import java.util.List;
import ripplerest.core.estimate.PreparedFly;
import ripplerest.core.estimate.Work;
import ripplerest.core.film.FilmSolution;
import ripplerest.core.film.Pose;
import ripplerest.core.rest.Attitude;

/**
 * A fly on its way from the air to its rest: pictures evenly spaced along the way that it goes when
 * everything moves slowly, not in time.
 */
public final class Settling {
  private Settling() {}

  private record Step(FilmSolution solved, double walked) {}

  /**
   * Draws the way of a fly that lands upright.
   *
   * @param frames most pictures, 2 or more
   * @return first as it touches, last where it stays; or down to where it was lost
   */
  public static List<Scene> of(PreparedFly fly, int frames, Work work) {
    List<Step> way = new ArrayList<>();
    double shank = fly.sized().hook().shankMm();
    fly.finder()
        .land(
            Attitude.UPRIGHT,
            fly.conditions().touchdownFactor(),
            (pose, solved) -> {
              work.throwIfCancelled();
              way.add(step(way, solved.get(), shank));
            });
    return spaced(way, frames).stream()
        .map(s -> Scene.of(fly.sized(), s.solved(), Relief.COARSE_MM))
        .toList();
  }

  private static Step step(List<Step> way, FilmSolution solved, double shankMm) {
    if (way.isEmpty()) {
      return new Step(solved, 0);
    }
    Step last = way.get(way.size() - 1);
    Pose pose = solved.pose();
    Pose before = last.solved().pose();
    double heave = pose.heaveMm() - before.heaveMm();
    double pitch = shankMm / 2 * (pose.pitchRad() - before.pitchRad());
    double roll = shankMm / 2 * (pose.rollRad() - before.rollRad());
    double walked = last.walked() + Math.sqrt(heave * heave + pitch * pitch + roll * roll);
    return new Step(solved, walked);
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
