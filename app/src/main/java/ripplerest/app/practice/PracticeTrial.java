package ripplerest.app.practice;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.UUID;
import ripplerest.core.practice.Skill;
import ripplerest.core.practice.Trial;

/** One look, as it is kept. */
@Entity
@Table(name = "practice_trial")
class PracticeTrial {
  @Id private UUID id;

  @Column(nullable = false)
  private String person;

  @Column(nullable = false)
  private String skill;

  @Column(nullable = false)
  private Instant at;

  @Column(nullable = false)
  private double level;

  @Column(nullable = false)
  private int choices;

  @Column(nullable = false)
  private boolean correct;

  @Column(nullable = false)
  private double off;

  protected PracticeTrial() {}

  PracticeTrial(String person, Trial trial) {
    this.id = UUID.randomUUID();
    this.person = person;
    this.skill = trial.skill().id();
    this.at = trial.at();
    this.level = trial.level();
    this.choices = trial.choices();
    this.correct = trial.right();
    this.off = trial.off();
  }

  UUID id() {
    return id;
  }

  String person() {
    return person;
  }

  Trial trial() {
    return new Trial(Skill.named(skill), at, level, choices, correct, off);
  }
}
