package ripplerest.core.practice;

import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.SplittableRandom;
import ripplerest.core.estimate.Work;

/**
 * Makes exercises of what a tier has. Their answers come from the plan of the shank, the rules of
 * sizing and the one estimate, never from anywhere else.
 */
public final class Exercises {
  private Exercises() {}

  private static Maker of(Drill drill) {
    return switch (drill) {
      case PART_OFF -> new PartOff();
      case SET_BY_EYE -> new SetByEye();
      case COUNT -> new CountAtGlance();
      case ROOM_LEFT -> new RoomLeft();
      case HOW_IT_SITS -> new HowItSits();
      case WHAT_HOLDS -> new WhatHolds();
      case WHICH_HOOK -> new WhichHook();
      case WHICH_FEATHER -> new WhichFeather();
    };
  }

  /** All that can be practised with what there is, but for drills that are left out. */
  public static List<Skill> skills(Sources sources, Set<Drill> without) {
    return Arrays.stream(Drill.values())
        .filter(d -> !without.contains(d))
        .flatMap(d -> of(d).skills(sources).stream())
        .toList();
  }

  /**
   * An exercise of one skill, as hard as this eye needs it. Same seed, same exercise.
   *
   * @return empty if none was found whose answer is beyond doubt
   */
  public static Optional<Exercise> make(
      Skill skill, Programme programme, Sources sources, long seed, Work work) {
    Maker.Level level = (least, most, choices) -> programme.level(skill, least, most, choices);
    return of(skill.drill()).make(skill, level, sources, new SplittableRandom(seed), work);
  }
}
