package ripplerest.app.practice;

import java.util.List;
import java.util.UUID;
import org.springframework.data.domain.Limit;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

/** Looks in the database. */
interface PracticeTrialRepository extends JpaRepository<PracticeTrial, UUID> {
  List<PracticeTrial> findAllByPersonOrderByAtDescIdAsc(String person, Limit most);

  List<PracticeTrial> findAllByOrderByAtAscIdAsc();

  @Query("select distinct t.person from PracticeTrial t where t.person <> '' order by t.person")
  List<String> people();
}
