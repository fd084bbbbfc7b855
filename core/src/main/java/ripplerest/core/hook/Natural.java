package ripplerest.core.hook;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import ripplerest.core.quantity.Require;

/**
 * An insect to be matched.
 *
 * @param order what it is
 * @param stage of its life
 * @param sex of the one that was measured
 * @param bodyMm length of its body without tails or feelers, 2 to 50 mm
 * @param tails how many it has, 0 to 3
 */
public record Natural(Order order, Stage stage, Sex sex, double bodyMm, int tails) {
  /** Kinds of insect, by what they want of a shank (common practice, no source). */
  public enum Order {
    MAYFLY(0),
    /** Short in the body for its bulk: a shorter shank for the same gap. */
    SEDGE(-1),
    /** Long in the body: a longer shank for the same gap. */
    STONEFLY(2),
    MIDGE(0),
    TERRESTRIAL(1);

    private final int lengthSteps;

    Order(int lengthSteps) {
      this.lengthSteps = lengthSteps;
    }
  }

  /** Stages that are tied as dry flies. */
  public enum Stage {
    EMERGER,
    ADULT,
    SPENT
  }

  /** Females of some kinds run a size larger. */
  public enum Sex {
    MALE,
    FEMALE,
    UNKNOWN
  }

  /** How a hook is chosen for it. */
  public enum Way {
    SAME_SIZE,
    /** The footprint reads larger than the fly. */
    ONE_SMALLER
  }

  /**
   * A hook for it.
   *
   * @param way by which rule
   * @param hook the hook
   * @param shankMm its shank
   * @param longerBy how much longer its shank is than the body, a share; negative: shorter
   */
  public record Match(Way way, HookSpec hook, double shankMm, double longerBy) {}

  private static final int STEP = 2;

  public Natural {
    Require.present("order", order);
    Require.present("stage", stage);
    Require.present("sex", sex);
    Require.inRange("bodyMm", bodyMm, 2, 50, "mm");
    Require.inRange("tails", tails, 0, 3);
  }

  /** Hooks for it by both rules; the shank stands for the body. */
  public List<Match> hooks() {
    int same = sizeOf(bodyMm);
    List<Match> matches = new ArrayList<>();
    matches.add(match(Way.SAME_SIZE, same));
    if (same + STEP <= HookSpec.USUAL_SMALLEST) {
      matches.add(match(Way.ONE_SMALLER, same + STEP));
    }
    return matches;
  }

  /** Hook number for the other sex, if the one measured is known and the table has it. */
  public Optional<Integer> otherSexSize() {
    int size = sizeOf(bodyMm) + (sex == Sex.MALE ? -STEP : STEP);
    boolean known = sex != Sex.UNKNOWN;
    return known && size >= HookSpec.USUAL_LARGEST && size <= HookSpec.USUAL_SMALLEST
        ? Optional.of(size)
        : Optional.empty();
  }

  /** Whether the body is longer than the largest hook's shank or shorter than the smallest's. */
  public boolean isBeyondTheTable() {
    Match same = hooks().get(0);
    return Math.abs(same.longerBy()) > 0.15;
  }

  private Match match(Way way, int size) {
    HookSpec spec = spec(size);
    double shank = Hook.of(spec).shankMm();
    return new Match(way, spec, shank, shank / bodyMm - 1);
  }

  private int sizeOf(double mm) {
    int best = HookSpec.USUAL_LARGEST;
    for (int size = HookSpec.USUAL_LARGEST; size <= HookSpec.USUAL_SMALLEST; size += STEP) {
      if (off(size, mm) < off(best, mm)) {
        best = size;
      }
    }
    return best;
  }

  private double off(int size, double mm) {
    return Math.abs(Math.log(Hook.of(spec(size)).shankMm() / mm));
  }

  private HookSpec spec(int size) {
    HookSpec.Shape shape = stage == Stage.EMERGER ? HookSpec.Shape.CURVED : HookSpec.Shape.STRAIGHT;
    return new HookSpec(size, shape, order.lengthSteps, 0);
  }
}
