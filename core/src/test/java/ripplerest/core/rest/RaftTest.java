package ripplerest.core.rest;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import ripplerest.core.film.FilmSolver;
import ripplerest.core.film.Pose;
import ripplerest.core.sizing.Style;
import ripplerest.core.sizing.Styles;

/** Internal: the quick bound on what water can bear of a fly never passes what it bounds. */
class RaftTest {
  @Test
  void theBoundIsNoMoreThanTheMostItself() {
    for (Style style : Styles.standard().offered()) {
      FilmSolver film = Flies.solver(Flies.of(style.id(), 14), Flies.GEL);
      for (double pitch = -1.5; pitch <= 1.5; pitch += 0.5) {
        for (double roll = 0; roll <= 3; roll += 0.75) {
          Pose pose = new Pose(0, pitch, roll);
          double most = Raft.most(film, pose, Double.POSITIVE_INFINITY);
          assertThat(Raft.most(film, pose, 1.0001 * most)).as(style.id()).isEqualTo(most);
          assertThat(Raft.most(film, pose, 0.5 * most)).isEqualTo(0.5 * most);
        }
      }
    }
  }
}
