package ripplerest.app.practice;

import jakarta.persistence.EntityManager;
import jakarta.persistence.LockModeType;
import java.sql.Timestamp;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import org.springframework.data.domain.Limit;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import ripplerest.app.http.NotFoundException;
import ripplerest.app.people.OwnIds;
import ripplerest.core.practice.Key;
import ripplerest.core.practice.Skill;
import ripplerest.core.practice.Trial;
import ripplerest.core.quantity.OutOfRangeException;
import ripplerest.core.quantity.Require;
import ripplerest.exchange.table.PracticeTable;
import tools.jackson.databind.json.JsonMapper;

/** Keeps what was asked and what came of it. */
@Service
@Transactional
public class PracticeStore {
  private static final JsonMapper MAPPER = JsonMapper.builder().build();

  /** Looks that count for anything, of one person. */
  private static final int MOST_LOOKS = 20_000;

  private static final int LONGEST_NAME = 80;
  private static final Duration WAITS = Duration.ofDays(1);

  private final PracticeExerciseRepository exercises;
  private final PracticeTrialRepository trials;
  private final EntityManager manager;
  private final JdbcTemplate jdbc;
  private final OwnIds ids;

  PracticeStore(
      PracticeExerciseRepository exercises,
      PracticeTrialRepository trials,
      EntityManager manager,
      JdbcTemplate jdbc,
      OwnIds ids) {
    this.ids = ids;
    this.jdbc = jdbc;
    this.exercises = exercises;
    this.trials = trials;
    this.manager = manager;
  }

  /** A person's name as it is kept; empty for the tier whose bench it is. */
  static String checked(String person) {
    String name = person == null ? "" : person.strip();
    if (name.length() > LONGEST_NAME) {
      throw new OutOfRangeException(
          "person", name.length() + " characters", "at most " + LONGEST_NAME, "Shorten the name.");
    }
    return name;
  }

  /** Every look of one person, in order of time. */
  public List<Trial> trials(String person) {
    List<PracticeTrial> latest =
        new ArrayList<>(
            trials.findAllByPersonOrderByAtDescIdAsc(checked(person), Limit.of(MOST_LOOKS)));
    Collections.reverse(latest);
    return latest.stream().map(PracticeTrial::trial).toList();
  }

  /** Whoever practised here beside the tier. */
  public List<String> people() {
    return trials.people();
  }

  /** What was asked in a sitting, in order. */
  List<Skill> sitting(UUID sitting) {
    return exercises.findAllBySittingOrderByAskedAtAscIdAsc(sitting).stream()
        .map(e -> Skill.named(e.skill()))
        .toList();
  }

  /** Keeps an exercise until it is answered. */
  UUID ask(UUID sitting, String person, boolean counts, Skill skill, Key key) {
    exercises.forgetUnanswered(Instant.now().minus(WAITS));
    return exercises
        .save(
            new PracticeExercise(
                sitting,
                checked(person),
                counts,
                skill.id(),
                MAPPER.writeValueAsString(key),
                Instant.now()))
        .id();
  }

  /**
   * An answer as it was judged, of whom.
   *
   * @param truth what should have been answered
   */
  record Answered(Key.Judged judged, List<Double> truth, String person, boolean counts) {}

  /** Judges an answer once: answered again, the first answer is told. */
  Answered answer(UUID id, List<Double> said) {
    PracticeExercise asked =
        exercises.findById(id).orElseThrow(() -> new NotFoundException("exercise", id));
    manager.refresh(asked, LockModeType.PESSIMISTIC_WRITE);
    Key key = MAPPER.readValue(asked.key(), Key.class);
    boolean first = asked.said() == null;
    List<Double> counted =
        first
            ? Require.sent("said", said)
            : Arrays.asList(MAPPER.readValue(asked.said(), Double[].class));
    Key.Judged judged = key.judge(counted, Instant.now());
    if (first) {
      asked.answered(MAPPER.writeValueAsString(counted));
      if (asked.counts()) {
        judged.trials().forEach(t -> manager.persist(new PracticeTrial(asked.person(), t)));
      }
    }
    return new Answered(
        judged,
        key.questions().stream().map(Key.Question::truth).toList(),
        asked.person(),
        asked.counts());
  }

  /** Every look of everybody, the earliest first. */
  public List<PracticeTable.Line> lines() {
    return trials.findAllByOrderByAtAscIdAsc().stream()
        .map(t -> new PracticeTable.Line(t.id(), t.person(), t.trial()))
        .toList();
  }

  /**
   * Takes looks in that are not here yet; twice at once they are taken once.
   *
   * @return how many
   */
  public int take(List<PracticeTable.Line> lines) {
    Set<UUID> here = Set.copyOf(jdbc.queryForList("select id from practice_trial", UUID.class));
    List<Object[]> rows =
        lines.stream()
            .map(
                l ->
                    new Object[] {
                      ids.of(l.look(), here::contains),
                      checked(l.person()),
                      l.trial().skill().id(),
                      Timestamp.from(l.trial().at()),
                      l.trial().level(),
                      l.trial().choices(),
                      l.trial().right(),
                      l.trial().off()
                    })
            .toList();
    int[] added =
        jdbc.batchUpdate(
            "insert into practice_trial (id, person, skill, at, level, choices, correct, off)"
                + " values (?, ?, ?, ?, ?, ?, ?, ?) on conflict (id) do nothing",
            rows);
    return Arrays.stream(added).sum();
  }
}
