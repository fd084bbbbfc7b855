package ripplerest.core.practice;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.SplittableRandom;
import ripplerest.core.estimate.Work;

/** Makes the exercises of one drill, and knows their answers. */
interface Maker {
  /** How plain an exercise should be for this eye. */
  interface Level {
    /**
     * @param least level that can be shown
     * @param most level that can be shown
     * @param choices among how many
     */
    double next(double least, double most, int choices);
  }

  /** What can be practised with what there is. */
  List<Skill> skills(Sources sources);

  /** An exercise; empty if none was found whose answer is beyond doubt. */
  Optional<Exercise> make(
      Skill skill, Level level, Sources sources, SplittableRandom random, Work work);

  /** The same things in an order of chance. */
  static <T> List<T> shuffled(List<T> things, SplittableRandom random) {
    List<T> left = new ArrayList<>(things);
    List<T> all = new ArrayList<>();
    while (!left.isEmpty()) {
      all.add(left.remove(random.nextInt(left.size())));
    }
    return all;
  }
}
