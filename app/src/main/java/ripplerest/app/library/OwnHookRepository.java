package ripplerest.app.library;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface OwnHookRepository extends JpaRepository<OwnHook, UUID> {
  List<OwnHook> findAllByDeletedAtIsNullOrderByName();

  Optional<OwnHook> findByIdAndDeletedAtIsNull(UUID id);
}
