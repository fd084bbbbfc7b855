package ripplerest.core.estimate;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import ripplerest.core.quantity.Quantity;
import ripplerest.core.quantity.Require;
import ripplerest.core.quantity.Sentence;
import ripplerest.core.quantity.Words;
import ripplerest.core.rest.FilmReserve;
import ripplerest.core.rest.Rest;
import ripplerest.core.rest.Sitting;

/**
 * What a change did to a fly.
 *
 * @param words all of it in one sentence
 * @param sat how it sat before, if it sits otherwise now
 * @param eye by how much the eye came higher; empty where that is not worth telling
 * @param bend the same of the start of the bend
 * @param point the same of the hook point
 * @param reserve film reserve before, if another is told now
 */
public record Differences(
    Sentence words,
    Optional<Sitting> sat,
    Optional<Quantity> eye,
    Optional<Quantity> bend,
    Optional<Quantity> point,
    Optional<Quantity> reserve) {
  /** Less than this is not told, mm. */
  private static final double TOLD_MM = 0.05;

  private static final double TOLD_RESERVE = 0.05;

  /**
   * The figures of a fly that are told against another's.
   *
   * @param eyeMm 0 unless it rests, as the other heights and the pitch
   * @param reserve weights at which it loses its posture; empty while it is not known
   */
  public record Figures(
      Sitting sits,
      double eyeMm,
      double bendMm,
      double pointMm,
      double pitchDeg,
      Optional<Double> reserve) {
    private static final double MOST = 1e4;

    public Figures {
      Require.sent("sits", sits);
      Require.inRange("eyeMm", eyeMm, -MOST, MOST, "mm");
      Require.inRange("bendMm", bendMm, -MOST, MOST, "mm");
      Require.inRange("pointMm", pointMm, -MOST, MOST, "mm");
      Require.inRange("pitchDeg", pitchDeg, -360, 360, "°");
      reserve = reserve == null ? Optional.empty() : reserve;
      reserve.ifPresent(r -> Require.inRange("reserve", r, 0, MOST, "×"));
    }

    /** Those of an estimate. */
    public static Figures of(Estimate e) {
      Optional<Rest> rest = e.rest();
      return new Figures(
          e.sits(),
          rest.map(Rest::eyeMm).orElse(0.0),
          rest.map(Rest::bendMm).orElse(0.0),
          rest.map(Rest::pointMm).orElse(0.0),
          rest.map(r -> Math.toDegrees(r.pose().pitchRad())).orElse(0.0),
          e.reserve().map(FilmReserve::keepsPostureTo));
    }

    private boolean rests() {
      return sits != Sitting.SUNK && sits != Sitting.UNSETTLED;
    }
  }

  /** Tells one fly against another. */
  public static Differences of(Figures before, Figures now) {
    Require.sent("before", before);
    Require.sent("now", now);
    boolean both = before.rests() && now.rests();
    Optional<Quantity> eye = both ? up(before.eyeMm, now.eyeMm) : Optional.empty();
    Optional<Quantity> bend = both ? up(before.bendMm, now.bendMm) : Optional.empty();
    Optional<Quantity> point = both ? up(before.pointMm, now.pointMm) : Optional.empty();
    return new Differences(
        words(before, now, eye, bend, point),
        before.sits == now.sits ? Optional.empty() : Optional.of(before.sits),
        eye,
        bend,
        point,
        before
            .reserve
            .filter(r -> now.reserve.isPresent() && Math.abs(now.reserve.get() - r) >= TOLD_RESERVE)
            .map(r -> new Quantity(r, "×", 1)));
  }

  private static Optional<Quantity> up(double before, double now) {
    return Math.abs(now - before) < TOLD_MM
        ? Optional.empty()
        : Optional.of(Quantity.mm(now - before, 1));
  }

  private static Sentence words(
      Figures before,
      Figures now,
      Optional<Quantity> eye,
      Optional<Quantity> bend,
      Optional<Quantity> point) {
    if (before.sits != now.sits) {
      return Sentence.of(
          "Before: %s; now: %s.".formatted(Words.of(before.sits), Words.of(now.sits)));
    }
    if (!now.rests()) {
      return Sentence.EMPTY;
    }
    List<Sentence> told = new ArrayList<>();
    moved("eye", eye).ifPresent(told::add);
    moved("bend", bend).ifPresent(told::add);
    moved("point", point).ifPresent(told::add);
    long turned = Math.round(now.pitchDeg - before.pitchDeg);
    if (turned != 0) {
      told.add(Sentence.of("%d° more %s down", Math.abs(turned), turned > 0 ? "tail" : "head"));
    }
    return told.isEmpty()
        ? Sentence.of("It sits as before.")
        : Sentence.of("Compared with before: %s.", Sentence.join(", ", told));
  }

  private static Optional<Sentence> moved(String what, Optional<Quantity> by) {
    return by.map(
        q ->
            Sentence.of(
                "%s %s %s",
                what,
                new Quantity(Math.abs(q.value()), q.unit(), q.decimals()),
                q.value() > 0 ? "higher" : "lower"));
  }
}
