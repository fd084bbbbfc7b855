package ripplerest.app.box;

import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

/** Moves of flies in the database; what a deleted entry of the log brought is not there. */
interface FlyMoveRepository extends JpaRepository<FlyMove, UUID> {
  @Query(
      value =
          "select m.* from fly_move m left join logged_fly f on f.id = m.fly_id"
              + " where f.deleted_at is null order by m.at, m.id",
      nativeQuery = true)
  List<FlyMove> all();

  List<FlyMove> findAllByOutingId(UUID outingId);
}
