package ripplerest.app.tests;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

/** Tests in the database; those of a deleted fly are as if they were not there. */
interface TankTestRepository extends JpaRepository<TankTestEntity, UUID> {
  @Query(
      value =
          "select t.* from tank_test t join logged_fly f on f.id = t.fly_id"
              + " where t.deleted_at is null and f.deleted_at is null order by t.made_at desc, t.id",
      nativeQuery = true)
  List<TankTestEntity> all();

  @Query(
      value =
          "select t.* from tank_test t join logged_fly f on f.id = t.fly_id"
              + " where t.id = :id and t.deleted_at is null and f.deleted_at is null",
      nativeQuery = true)
  Optional<TankTestEntity> one(UUID id);
}
