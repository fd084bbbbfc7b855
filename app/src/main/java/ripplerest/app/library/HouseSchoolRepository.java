package ripplerest.app.library;

import jakarta.persistence.LockModeType;
import java.util.Optional;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Lock;

interface HouseSchoolRepository extends JpaRepository<HouseSchool, String> {
  @Lock(LockModeType.PESSIMISTIC_WRITE)
  Optional<HouseSchool> findLockedById(String id);
}
