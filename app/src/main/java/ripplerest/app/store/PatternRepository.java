package ripplerest.app.store;

import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface PatternRepository extends JpaRepository<PatternEntity, UUID> {
  List<PatternEntity> findByDeletedAtIsNullOrderByCreatedAtAsc();

  long countBySchool(String school);
}
