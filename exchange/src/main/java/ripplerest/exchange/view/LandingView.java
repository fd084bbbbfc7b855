package ripplerest.exchange.view;

import java.util.Comparator;
import java.util.List;
import ripplerest.core.quantity.Words;
import ripplerest.core.rest.Casts;
import ripplerest.core.rest.LandingShares;
import ripplerest.core.rest.Posture;
import ripplerest.core.rest.Rest;

/**
 * Shares of many casts with the middle 80 % that so many casts leave open; {@code casts} came down
 * with their pitch and roll spread so far about level and upright.
 */
public record LandingView(
    int casts,
    double pitchSpreadDeg,
    double rollSpreadDeg,
    int sunk,
    int unsettled,
    List<PostureShareView> postures,
    List<ShareView> rests) {

  /** Share of one posture, 0 to 1. */
  public record PostureShareView(Posture posture, double share, double low, double high) {}

  /** One rest and how many casts came to it; heights mm, angles degrees. */
  public record ShareView(
      Posture posture, int count, double eyeMm, double bendMm, double pitchDeg, double rollDeg) {}

  static LandingView of(LandingShares s, Casts casts) {
    List<PostureShareView> postures =
        s.shares().stream()
            .map(share -> share.rest().posture())
            .distinct()
            .map(p -> posture(p, s.of(p)))
            .sorted(Comparator.comparingDouble(PostureShareView::share).reversed())
            .toList();
    return new LandingView(
        s.throwsMade(),
        casts.pitchSpreadDeg(),
        casts.rollSpreadDeg(),
        s.sunk(),
        s.unsettled(),
        postures,
        s.shares().stream().map(LandingView::share).toList());
  }

  private static PostureShareView posture(Posture posture, LandingShares.Ratio r) {
    return new PostureShareView(
        posture,
        Words.rounded(r.share(), 3),
        Words.rounded(r.low(), 3),
        Words.rounded(r.high(), 3));
  }

  private static ShareView share(LandingShares.Share s) {
    Rest r = s.rest();
    double roll = Math.toDegrees(Math.IEEEremainder(r.pose().rollRad(), 2 * Math.PI));
    return new ShareView(
        r.posture(),
        s.count(),
        Words.rounded(r.eyeMm(), 2),
        Words.rounded(r.bendMm(), 2),
        Words.rounded(Math.toDegrees(r.pose().pitchRad()), 1),
        Words.rounded(roll, 1));
  }
}
