package ripplerest.evening;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import ai.timefold.solver.core.api.domain.solution.ConstraintWeightOverrides;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.SplittableRandom;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import ripplerest.core.estimate.Cancelled;
import ripplerest.core.estimate.Work;

class PlannerTest {
  /** Against every plan there is, by a score of the test's own. */
  @Tag("slow")
  @Test
  void eightySmallPlansAreTheBestThereAre() {
    SplittableRandom random = new SplittableRandom(3);
    for (int i = 0; i < 80; i++) {
      Request request =
          Requests.random(random, 2 + random.nextInt(5), 1 + random.nextInt(2), 20 + i % 40);
      Plan plan = Planner.solve(request, ConstraintWeightOverrides.none(), Work.unwatched());
      List<List<Request.Want>> solved =
          plan.evenings().stream().map(e -> e.flies().stream().map(Fly::want).toList()).toList();
      long[] own = Enumeration.score(request, solved);
      assertThat(own)
          .as("what the solver says of its plan, %d", i)
          .containsExactly(
              plan.score().hardScore(), plan.score().mediumScore(), plan.score().softScore());
      assertThat(own).as("the best plan of %d", i).containsExactly(Enumeration.best(request));
    }
  }

  @Test
  void noPlanGoesBeyondAnEveningOrBeginsBeforeWhatItNeeds() {
    SplittableRandom random = new SplittableRandom(5);
    for (int i = 0; i < 5; i++) {
      Request request = Requests.random(random, 10 + random.nextInt(20), 3, 90);
      Schedule schedule = Planner.plan(request, Work.unwatched());
      Map<String, Integer> tied = new HashMap<>();
      for (int e = 0; e < 3; e++) {
        Schedule.Session session = schedule.evenings().get(e);
        assertThat(session.timeline().seconds()).isLessThanOrEqualTo(90 * 60);
        for (String id : session.flies()) {
          Request.Want want = want(request, id);
          assertThat(Requests.MONDAY.plusDays(e)).isBetween(want.from(), want.due());
          tied.merge(id, 1, Integer::sum);
        }
        driesBeforeItIsFinished(request, session);
      }
      schedule.left().forEach(l -> tied.merge(l.want(), l.count(), Integer::sum));
      assertThat(tied).as("each fly once").hasSize(request.wants().size());
      request.wants().forEach(w -> assertThat(tied).containsEntry(w.id(), w.count()));
      assertThat(schedule.left()).allMatch(l -> !l.why().isEmpty());
    }
  }

  private static void driesBeforeItIsFinished(Request request, Schedule.Session session) {
    Map<Integer, Long> tiedAt = new HashMap<>();
    long before = 0;
    for (Timeline.Entry e : session.timeline().entries()) {
      assertThat(e.startsAt()).as("two hands, one vise").isGreaterThanOrEqualTo(before);
      before = e.endsAt();
      if (e.what() == Timeline.What.TIE) {
        tiedAt.put(e.place(), e.endsAt());
      } else {
        long cures = want(request, session.flies().get(e.place())).job().cureSeconds();
        assertThat(e.startsAt()).isGreaterThanOrEqualTo(tiedAt.get(e.place()) + cures);
      }
    }
  }

  private static Request.Want want(Request request, String id) {
    return request.wants().stream().filter(w -> w.id().equals(id)).findFirst().orElseThrow();
  }

  @Test
  void theSameRequestGivesTheSamePlanIsWatchedAndCanBeGivenUp() {
    Request request = Requests.random(new SplittableRandom(8), 24, 2, 120);
    List<Integer> rounds = new ArrayList<>();
    Work watched =
        new Work() {
          @Override
          public boolean cancelled() {
            return false;
          }

          @Override
          public void progress(int completed, int total) {
            rounds.add(completed);
          }
        };
    Schedule first = Planner.plan(request, watched);
    assertThat(Planner.plan(request, Work.unwatched())).isEqualTo(first);
    assertThat(rounds).hasSizeGreaterThan(3).isSorted();
    assertThatThrownBy(() -> Planner.plan(request, Work.until(() -> true)))
        .isInstanceOf(Cancelled.class);
  }
}
