package ripplerest.app.patterns;

import java.util.List;
import java.util.UUID;
import java.util.stream.Stream;
import org.springframework.data.domain.Limit;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Modifying;
import org.springframework.data.jpa.repository.Query;

interface PatternRepository extends JpaRepository<PatternEntity, UUID> {
  List<PatternEntity> findByDeletedAtIsNullAndArchivedAtIsNullOrderByCreatedAtDescIdAsc(Limit most);

  Stream<PatternEntity> streamByDeletedAtIsNullOrderByCreatedAtAsc();

  /** Nobody's work on the pattern is in the way of this: its revision stays. */
  @Modifying
  @Query("update PatternEntity p set p.favourite = :on where p.id = :id and p.deletedAt is null")
  int favour(UUID id, boolean on);
}
