package ripplerest.app.library;

import jakarta.persistence.LockModeType;
import java.util.Optional;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Lock;

interface HouseStyleRepository extends JpaRepository<HouseStyleRow, String> {
  @Lock(LockModeType.PESSIMISTIC_WRITE)
  Optional<HouseStyleRow> findLockedById(String id);
}
