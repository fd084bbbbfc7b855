package ripplerest.app.work;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.SplittableRandom;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.jdbc.datasource.DriverManagerDataSource;
import org.springframework.util.unit.DataSize;
import ripplerest.app.RunningApplication;

/** Answers that are kept, in a database of the application's own schema. */
class KeptAnswersTest {
  private JdbcTemplate jdbc;

  @BeforeEach
  void empty() {
    jdbc = RunningApplication.get().context.getBean(JdbcTemplate.class);
    jdbc.update("delete from kept_answer");
  }

  /** So many digits that cannot be packed closer than about half. */
  private static List<Integer> digits(int seed, int many) {
    return new SplittableRandom(seed).ints(many, 0, 1_000_000).boxed().toList();
  }

  @Test
  void theLeastRecentlyUsedGoesFirst() {
    KeptAnswers kept = new KeptAnswers(jdbc, DataSize.ofKilobytes(12));
    KeptAnswers.Line one = kept.keep("one", digits(1, 1000)); // some 4 kB each
    kept.keep("two", digits(2, 1000));
    assertThat(kept.find("one")).contains(one);
    kept.keep("three", digits(3, 1000));
    kept.keep("four", digits(4, 1000));
    assertThat(kept.find("two")).isEmpty();
    assertThat(kept.find("one")).contains(one);
    assertThat(kept.find("four")).isPresent();
    assertThat(jdbc.queryForObject("select sum(bytes) from kept_answer", Long.class))
        .isLessThanOrEqualTo(12 * 1024);
  }

  @Test
  void whatHasNoRoomIsNotKept() {
    KeptAnswers kept = new KeptAnswers(jdbc, DataSize.ofKilobytes(2));
    assertThat(kept.keep("large", digits(1, 1000)).json()).startsWith("[");
    assertThat(kept.find("large")).isEmpty();
  }

  @Test
  void aDatabaseThatIsGoneCostsNoAnswer() {
    JdbcTemplate gone =
        new JdbcTemplate(new DriverManagerDataSource("jdbc:postgresql://127.0.0.1:1/none"));
    KeptAnswers kept = new KeptAnswers(gone, DataSize.ofKilobytes(2));
    assertThat(kept.find("any")).isEmpty();
    assertThat(kept.keep("any", List.of(1)).json()).isEqualTo("[1]");
  }
}
