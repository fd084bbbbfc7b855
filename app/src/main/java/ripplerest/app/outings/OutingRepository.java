package ripplerest.app.outings;

import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

/** Outings in the database. */
interface OutingRepository extends JpaRepository<OutingEntity, UUID> {
  List<OutingEntity> findAllByDeletedAtIsNullOrderByDayAscIdAsc();
}
