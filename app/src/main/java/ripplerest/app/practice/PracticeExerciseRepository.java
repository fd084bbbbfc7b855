package ripplerest.app.practice;

import java.time.Instant;
import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

/** Exercises in the database. */
interface PracticeExerciseRepository extends JpaRepository<PracticeExercise, UUID> {
  List<PracticeExercise> findAllBySittingOrderByAskedAtAscIdAsc(UUID sitting);

  void deleteBySaidIsNullAndAskedAtBefore(Instant before);
}
