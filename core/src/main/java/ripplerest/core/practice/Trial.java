package ripplerest.core.practice;

import java.time.Instant;
import ripplerest.core.quantity.Require;

/**
 * What came of one look.
 *
 * @param skill that it tells of
 * @param at when
 * @param level of what was chosen, how plain it was: the departure, or one over a count; 0 of what
 *     was set
 * @param choices among how many; 0 of what was set
 * @param right whether the right one was chosen
 * @param off of what was set, how far it was off: a share, or in the skill's unit; positive: too
 *     much
 */
public record Trial(Skill skill, Instant at, double level, int choices, boolean right, double off) {
  /**
   * Nothing is judged worse than this, so that one slip of a finger does not count for a hundred.
   */
  static final double MOST_OFF = 1000;

  public Trial {
    Require.present("skill", skill);
    Require.present("at", at);
    boolean chosen = skill.drill().isChosen();
    Require.inRange("choices", choices, chosen ? 2 : 0, chosen ? 100 : 0);
    Require.inRange("level", level, chosen ? 1e-3 : 0, 10, "");
    Require.inRange("off", off, -MOST_OFF, MOST_OFF, "");
  }

  static Trial chosen(Skill skill, Instant at, double level, int choices, boolean right) {
    return new Trial(skill, at, level, choices, right, 0);
  }

  static Trial set(Skill skill, Instant at, double off) {
    return new Trial(skill, at, 0, 0, false, off);
  }
}
