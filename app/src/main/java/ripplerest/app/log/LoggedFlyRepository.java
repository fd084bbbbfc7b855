package ripplerest.app.log;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

/** Tied flies in the database. */
interface LoggedFlyRepository extends JpaRepository<LoggedFlyEntity, UUID> {
  List<LoggedFlyEntity> findAllByDeletedAtIsNullOrderByTiedAtDescIdAsc();

  Optional<LoggedFlyEntity> findByIdAndDeletedAtIsNull(UUID id);
}
