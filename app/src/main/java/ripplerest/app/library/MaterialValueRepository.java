package ripplerest.app.library;

import java.time.Instant;
import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Modifying;
import org.springframework.data.jpa.repository.Query;

interface MaterialValueRepository extends JpaRepository<MaterialValueRow, MaterialValueRow.Key> {
  List<MaterialValueRow> findAllByOrderByPlaceAsc();

  @Modifying(flushAutomatically = true, clearAutomatically = true)
  @Query(
      "update MaterialValueRow v set v.deletedAt = :at"
          + " where v.key.material = :material and v.deletedAt is null")
  int forget(String material, Instant at);

  @Modifying(flushAutomatically = true, clearAutomatically = true)
  @Query(
      "update MaterialValueRow v set v.deletedAt = null"
          + " where v.key.material = :material and v.deletedAt is not null")
  int restore(String material);
}
