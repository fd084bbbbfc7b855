package ripplerest.core.advice;

import java.util.Arrays;
import java.util.EnumSet;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import ripplerest.core.quantity.Words;
import ripplerest.core.rest.Posture;
import ripplerest.core.rest.Rest;
import ripplerest.core.sizing.Style;

/**
 * How a style wants its flies to sit (common practice, in each style's file): a fly does not sit
 * well by sitting as badly as it does on its own hook.
 *
 * @param postures any of these
 * @param fromDeg least pitch, tail down is positive
 * @param toDeg most
 */
record WantedRest(Set<Posture> postures, double fromDeg, double toDeg) {
  private static final String WHOLE_FLY = "school";

  /** What a style wants; empty if it does not say. */
  static Optional<WantedRest> of(Style style) {
    Optional<Style.Rule> sits = style.find(WHOLE_FLY, "sits");
    Optional<Style.Rule> pitch = style.find(WHOLE_FLY, "pitch");
    if (sits.isEmpty() || pitch.isEmpty()) {
      return Optional.empty();
    }
    Set<String> words = Set.of(sits.get().value().split(" "));
    Set<Posture> postures =
        Arrays.stream(Posture.values())
            .filter(p -> words.contains(Words.id(p)))
            .collect(Collectors.toCollection(() -> EnumSet.noneOf(Posture.class)));
    return Optional.of(
        new WantedRest(
            postures,
            Double.parseDouble(pitch.get().low()),
            Double.parseDouble(pitch.get().high())));
  }

  boolean isMetBy(Rest rest) {
    double pitch = Math.toDegrees(rest.pose().pitchRad());
    return postures.contains(rest.posture()) && pitch >= fromDeg && pitch <= toDeg;
  }

  String words() {
    String sits = postures.stream().map(WantedRest::words).collect(Collectors.joining(" or "));
    return "%s, from %s to %s".formatted(sits, leaning(fromDeg), leaning(toDeg));
  }

  static String words(Posture posture) {
    return posture == Posture.ON_TIPS ? "on its tips" : Words.of(posture);
  }

  static String leaning(double degrees) {
    return Math.abs(degrees) < 0.5
        ? "level"
        : "%.0f° %s down".formatted(Math.abs(degrees), degrees > 0 ? "tail" : "head");
  }
}
