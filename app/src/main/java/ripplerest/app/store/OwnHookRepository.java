package ripplerest.app.store;

import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

/** Keeps measured hooks. */
public interface OwnHookRepository extends JpaRepository<OwnHook, UUID> {
  List<OwnHook> findAllByOrderByName();
}
