package ripplerest.app.patterns;

import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Modifying;
import org.springframework.data.jpa.repository.Query;

interface PatternStepRepository extends JpaRepository<PatternStep, PatternStep.Key> {
  @Modifying
  @Query("delete from PatternStep s where s.key.patternId = :pattern and s.key.number > :number")
  void forgetAfter(UUID pattern, int number);
}
