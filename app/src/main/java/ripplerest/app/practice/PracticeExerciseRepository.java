package ripplerest.app.practice;

import java.time.Instant;
import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Modifying;
import org.springframework.data.jpa.repository.Query;

/** Exercises in the database. */
interface PracticeExerciseRepository extends JpaRepository<PracticeExercise, UUID> {
  List<PracticeExercise> findAllBySittingOrderByAskedAtAscIdAsc(UUID sitting);

  /** At once, so that two who do it together do not miss what the other removed. */
  @Modifying
  @Query("delete from PracticeExercise e where e.said is null and e.askedAt < ?1")
  void forgetUnanswered(Instant before);
}
