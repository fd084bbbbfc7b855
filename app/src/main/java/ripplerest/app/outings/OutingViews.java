package ripplerest.app.outings;

import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import ripplerest.core.box.Flies;
import ripplerest.core.box.Outing;
import ripplerest.core.drift.Stretch;
import ripplerest.core.hook.HookStrength;

/** Outings as they are sent. */
public final class OutingViews {
  private OutingViews() {}

  /**
   * How likely flies run out.
   *
   * @param flies that are taken
   * @param chance that somebody has none left before the end
   */
  public record ChanceView(int flies, double chance) {}

  /**
   * One kind of flies on an outing.
   *
   * @param hours in which all together fish them
   * @param beyond whether more would be needed than anybody carries: then none are reckoned
   * @param there how many there will be in the boxes that go along
   * @param enough how many are reckoned: of these the chance of running out is not above one in ten
   * @param wanted as many as the tier says, or as are reckoned
   * @param lacking how many have to be tied
   * @param used how many are expected to be lost, worn out or put away
   * @param chances by number of flies, about those that are wanted
   * @param chanceNow with what is there
   * @param life how long it floats; null before that was asked
   * @param hookOpensN pull at which its hook opens, N
   * @param hookLowN least that is likely
   * @param hookHighN most that is likely
   * @param fishPullsN what the heaviest fish pulls
   * @param hook whether it is strong enough
   */
  public record NeedView(
      Flies flies,
      double share,
      double hours,
      int byHand,
      boolean beyond,
      int there,
      int enough,
      int wanted,
      int lacking,
      double used,
      List<ChanceView> chances,
      double chanceNow,
      OutingEntry.Life life,
      double hookOpensN,
      double hookLowN,
      double hookHighN,
      double fishPullsN,
      HookStrength.Enough hook) {}

  /** A pattern of the book for an insect. */
  public record FitView(UUID id, String name, int hookSize, List<String> colourings) {}

  /**
   * Hooks and patterns for an insect; neither way of choosing the hook is preferred.
   *
   * @param sameSize hook number by its body
   * @param oneSmaller by the other way; null where there is no smaller
   */
  public record NaturalView(
      Outing.Expected natural, int sameSize, Integer oneSmaller, List<FitView> patterns) {}

  /** An outing with all that is reckoned for it. */
  public record OutingView(
      UUID id,
      long revision,
      Outing outing,
      boolean over,
      List<NeedView> needs,
      List<NaturalView> naturals,
      List<OutingEntry.Brought> report,
      int ownOutings,
      double ownHours,
      boolean livesLack) {}

  /** An outing in the list, and how many flies it lacks. */
  public record OutingLine(
      UUID id, String name, LocalDate day, Stretch water, boolean over, int wanted, int lacking) {}

  /** What one kind of flies did in a month, 1 to 12, on a kind of water. */
  public record HistoryLine(
      Stretch water,
      int month,
      Flies flies,
      int outings,
      double hours,
      int fish,
      double fishAnHour,
      int usedUp) {}

  /** A time of the year. */
  public record SeasonView(
      String id, String label, int firstMonth, int lastMonth, List<Outing.Expected> naturals) {}
}
