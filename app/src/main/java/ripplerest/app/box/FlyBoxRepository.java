package ripplerest.app.box;

import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

/** Boxes in the database. */
interface FlyBoxRepository extends JpaRepository<FlyBox, UUID> {
  List<FlyBox> findAllByDeletedAtIsNullOrderByMadeAtAscIdAsc();
}
