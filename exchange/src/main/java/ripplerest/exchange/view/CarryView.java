package ripplerest.exchange.view;

import java.util.List;
import ripplerest.core.estimate.CarryLimit;
import ripplerest.core.outline.Outline;
import ripplerest.core.outline.Outliner;
import ripplerest.core.quantity.Words;
import ripplerest.core.rest.Judgement;
import ripplerest.core.rest.Posture;
import ripplerest.core.rest.Rest;
import ripplerest.core.sizing.SizedPattern;

/** The largest weight in water, mg, that can be hung from the bend. */
public record CarryView(
    double inWaterMg, boolean more, UnderView under, List<BeadView> beads, List<NymphView> nymphs) {

  /** How the fly sits under that weight; null if it carries nothing. */
  public record UnderView(
      Posture posture,
      double eyeMm,
      Judgement.Side eyeSide,
      double bendMm,
      double pitchDeg,
      Judgement.Tilt tilt,
      OutlineView outline) {}

  /** The largest bead that is no heavier. */
  public record BeadView(CarryLimit.Metal metal, double diameterMm, double inWaterMg) {}

  /** The largest beaded nymph that is no heavier. */
  public record NymphView(CarryLimit.Metal metal, int hookSize, double beadMm, double inWaterMg) {}

  /** What a fly can carry, drawn under that weight. */
  static CarryView of(CarryLimit limit, SizedPattern sized) {
    return new CarryView(
        Words.rounded(limit.carry().mg(), 1),
        limit.carry().more(),
        limit
            .carry()
            .under()
            .map(end -> under(end, Outliner.of(sized, limit.carry().film().orElseThrow())))
            .orElse(null),
        limit.beads().stream()
            .map(b -> new BeadView(b.metal(), b.diameterMm(), Words.rounded(b.inWaterMg(), 1)))
            .toList(),
        limit.nymphs().stream()
            .map(
                n ->
                    new NymphView(
                        n.metal(), n.hookSize(), n.beadMm(), Words.rounded(n.inWaterMg(), 1)))
            .toList());
  }

  private static UnderView under(Rest.End end, Outline drawn) {
    double pitch = Math.toDegrees(end.pose().pitchRad());
    return new UnderView(
        end.posture(),
        Words.rounded(end.eyeMm(), 2),
        Judgement.side(end.eyeMm()),
        Words.rounded(end.bendMm(), 2),
        Words.rounded(pitch, 1),
        Judgement.tilt(pitch),
        OutlineView.of(drawn));
  }
}
