package ripplerest.app.patterns;

import java.util.List;
import java.util.UUID;
import java.util.stream.Stream;
import org.springframework.data.domain.Limit;
import org.springframework.data.jpa.repository.JpaRepository;

interface PatternRepository extends JpaRepository<PatternEntity, UUID> {
  List<PatternEntity> findByDeletedAtIsNullAndArchivedAtIsNullOrderByCreatedAtDescIdAsc(Limit most);

  Stream<PatternEntity> streamByDeletedAtIsNullOrderByCreatedAtAsc();
}
