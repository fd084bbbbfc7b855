package ripplerest.evening;

import ai.timefold.solver.core.api.domain.entity.PlanningEntity;
import ai.timefold.solver.core.api.domain.lookup.PlanningId;
import ai.timefold.solver.core.api.domain.variable.InverseRelationShadowVariable;

/** One fly that is wanted, and the evening in which it is tied; none if it is left out. */
@PlanningEntity
public class Fly {
  @PlanningId private String id;

  private Request.Want want;

  /** The evening that a hand put it into; empty: wherever it fits. */
  private String heldIn = "";

  /** Its place among the held ones there. */
  private int rank;

  @InverseRelationShadowVariable(sourceVariableName = "flies")
  private Evening evening;

  public Fly() {} // for the solver's copies

  Fly(Request.Want want, int number) {
    this.id = want.id() + "#" + number;
    this.want = want;
  }

  void hold(Evening in, int place) {
    heldIn = in.id();
    rank = place;
    evening = in;
  }

  String id() {
    return id;
  }

  Request.Want want() {
    return want;
  }

  Job job() {
    return want.job();
  }

  String jobId() {
    return want.job().id();
  }

  Evening evening() {
    return evening;
  }

  boolean isLeftOut() {
    return evening == null;
  }

  boolean isHeld() {
    return !heldIn.isEmpty();
  }

  boolean isHeldHere(Evening here) {
    return heldIn.equals(here.id());
  }

  boolean isHeldElsewhere() {
    return isHeld() && (evening == null || !isHeldHere(evening));
  }

  int rank() {
    return rank;
  }

  boolean isTooEarly() {
    return evening != null && evening.day() < want.from().toEpochDay();
  }

  boolean isTooLate() {
    return evening != null && evening.day() > want.due().toEpochDay();
  }
}
