package ripplerest.evening;

import ai.timefold.solver.core.api.domain.entity.PlanningEntity;
import ai.timefold.solver.core.api.domain.entity.PlanningPinToIndex;
import ai.timefold.solver.core.api.domain.lookup.PlanningId;
import ai.timefold.solver.core.api.domain.variable.PlanningListVariable;
import java.util.ArrayList;
import java.util.List;

/** A free evening and the order in which flies are tied in it, which the solver finds. */
@PlanningEntity
public class Evening {
  @PlanningId private String id;

  private int ordinal;
  private long day;
  private long seconds;

  /** So many at the beginning stay as they are. */
  @PlanningPinToIndex private int fixed;

  @PlanningListVariable(allowsUnassignedValues = true)
  private List<Fly> flies = new ArrayList<>();

  public Evening() {} // for the solver's copies

  Evening(int ordinal, Request.Free free) {
    this.id = free.id();
    this.ordinal = ordinal;
    this.day = free.day().toEpochDay();
    this.seconds = free.seconds();
  }

  /** Lays in what a hand put here. */
  void hold(Fly fly, boolean isFixed) {
    fly.hold(this, flies.size());
    flies.add(fly);
    fixed += isFixed ? 1 : 0;
  }

  String id() {
    return id;
  }

  int ordinal() {
    return ordinal;
  }

  long day() {
    return day;
  }

  List<Fly> flies() {
    return flies;
  }

  Timeline timeline() {
    return Timeline.of(flies.stream().map(Fly::job).toList());
  }

  long secondsOver(Timeline timeline) {
    return Math.max(0, timeline.seconds() - seconds);
  }

  long secondsFree() {
    return seconds - timeline().seconds();
  }

  /** Pairs of held flies that stand the other way round than a hand put them. */
  int heldOutOfOrder() {
    int pairs = 0;
    for (int i = 0; i < flies.size(); i++) {
      for (int j = i + 1; j < flies.size() && flies.get(i).isHeldHere(this); j++) {
        Fly later = flies.get(j);
        if (later.isHeldHere(this) && later.rank() < flies.get(i).rank()) {
          pairs++;
        }
      }
    }
    return pairs;
  }
}
