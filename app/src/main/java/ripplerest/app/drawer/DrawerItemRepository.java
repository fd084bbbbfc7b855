package ripplerest.app.drawer;

import jakarta.persistence.LockModeType;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Lock;
import org.springframework.data.jpa.repository.Query;

/** The drawer in the database. */
interface DrawerItemRepository extends JpaRepository<DrawerItem, UUID> {
  List<DrawerItem> findAllByDeletedAtIsNullOrderByLabelAscIdAsc();

  /** Nobody else changes an amount until this transaction is over; locked in one order always. */
  @Lock(LockModeType.PESSIMISTIC_WRITE)
  @Query("select i from DrawerItem i where i.deletedAt is null order by i.id")
  List<DrawerItem> lockAll();

  @Lock(LockModeType.PESSIMISTIC_WRITE)
  @Query("select i from DrawerItem i where i.id in ?1 order by i.id")
  List<DrawerItem> lockThese(List<UUID> ids);

  Optional<DrawerItem> findByIdAndDeletedAtIsNull(UUID id);
}
