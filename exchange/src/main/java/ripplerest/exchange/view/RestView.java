package ripplerest.exchange.view;

import java.util.List;
import java.util.Optional;
import ripplerest.core.outline.Outline;
import ripplerest.core.quantity.Words;
import ripplerest.core.rest.Judgement;
import ripplerest.core.rest.Outcome;
import ripplerest.core.rest.Posture;
import ripplerest.core.rest.Rest;
import ripplerest.core.water.Water;

/** One rest: heights over the undisturbed level, mm; lines to draw only for the others. */
public record RestView(
    String landedFrom,
    double pressed,
    Posture posture,
    double pitchDeg,
    Judgement.Tilt tilt,
    double rollDeg,
    double eyeMm,
    Judgement.Side eyeSide,
    double bendMm,
    Judgement.Side bendSide,
    double pointMm,
    Judgement.Side pointSide,
    FibresView fibres,
    List<SupportView> support,
    List<HeldView> held,
    ProofView proof,
    StiffnessView sliding,
    StiffnessView pinned,
    Outcome recedingEnds,
    EndView receding,
    Outcome advancingEnds,
    EndView advancing,
    OutlineView outline) {

  /** Stiffness of a small heave (µN/mm), pitch and roll (µN·mm/rad). */
  public record StiffnessView(double heave, double pitch, double roll) {}

  /** An end of the interval of rests that hysteresis allows; null where it does not rest so. */
  public record EndView(
      Posture posture, double pitchDeg, double eyeMm, double bendMm, double pointMm) {}

  /** Fibres by state. */
  public record FibresView(int dry, int lying, int crossing, int drowned) {}

  /** Shares of the whole weight that a part holds; negative where the film pulls it down. */
  public record SupportView(String part, double film, double buoyancy, double total) {}

  /** Residuals as shares of weight, and weight times shank; eigenvalues of the Hessian, µN/mm. */
  public record ProofView(
      double forceShare,
      double momentShare,
      double filmShare,
      List<Double> stiffness,
      int pendingChanges,
      int caught) {}

  /**
   * What parts that the water joins hold together, as a share of the weight.
   *
   * @param parts that which holds most first
   */
  public record HeldView(List<String> parts, double share) {}

  /**
   * A rest as it is sent.
   *
   * @param massMg of the whole fly
   * @param outline to draw it by, if it is wanted
   */
  static RestView of(Rest r, double massMg, Optional<Outline> outline) {
    double weight = massMg * Water.GRAVITY;
    double pitch = Math.toDegrees(r.pose().pitchRad());
    return new RestView(
        r.from().name(),
        degrees(r.pressed()),
        r.posture(),
        degrees(pitch),
        Judgement.tilt(pitch),
        degrees(Math.toDegrees(Math.IEEEremainder(r.pose().rollRad(), 2 * Math.PI))),
        mm(r.eyeMm()),
        Judgement.side(r.eyeMm()),
        mm(r.bendMm()),
        Judgement.side(r.bendMm()),
        mm(r.pointMm()),
        Judgement.side(r.pointMm()),
        new FibresView(
            r.fibres().dry(), r.fibres().lying(), r.fibres().crossing(), r.fibres().drowned()),
        r.support().stream().map(s -> support(s, weight)).toList(),
        r.held().stream()
            .map(h -> new HeldView(h.parts(), Words.rounded(h.totalUn() / weight, 4)))
            .toList(),
        new ProofView(
            Words.rounded(r.proof().forceShare(), 6),
            Words.rounded(r.proof().momentShare(), 6),
            Words.rounded(r.proof().filmShare(), 6),
            r.proof().stiffness().stream().map(k -> Words.rounded(k, 2)).toList(),
            r.proof().pendingChanges(),
            r.proof().caught()),
        stiffness(r.sliding()),
        stiffness(r.pinned()),
        r.interval().recedingEnds(),
        r.interval().receding().map(RestView::end).orElse(null),
        r.interval().advancingEnds(),
        r.interval().advancing().map(RestView::end).orElse(null),
        outline.map(OutlineView::of).orElse(null));
  }

  private static SupportView support(Rest.Support s, double weight) {
    return new SupportView(
        s.part(),
        Words.rounded(s.filmUn() / weight, 4),
        Words.rounded(s.buoyancyUn() / weight, 4),
        Words.rounded(s.totalUn() / weight, 4));
  }

  private static StiffnessView stiffness(Rest.Stiffness k) {
    return new StiffnessView(
        Words.rounded(k.heave(), 1), Words.rounded(k.pitch(), 0), Words.rounded(k.roll(), 0));
  }

  private static EndView end(Rest.End e) {
    return new EndView(
        e.posture(),
        degrees(Math.toDegrees(e.pose().pitchRad())),
        mm(e.eyeMm()),
        mm(e.bendMm()),
        mm(e.pointMm()));
  }

  private static double mm(double v) {
    return Words.rounded(v, 3);
  }

  private static double degrees(double v) {
    return Words.rounded(v, 2);
  }
}
