package ripplerest.app.store;

import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Modifying;
import org.springframework.data.jpa.repository.Query;

interface MaterialValueRepository extends JpaRepository<MaterialValueRow, MaterialValueRow.Key> {
  List<MaterialValueRow> findAllByOrderByPlaceAsc();

  @Modifying
  @Query("delete from MaterialValueRow v where v.key.material = :material")
  void forget(String material);
}
