package ripplerest.core.estimate;

import java.util.List;
import java.util.Locale;
import java.util.stream.Stream;
import ripplerest.core.rest.Landing;
import ripplerest.core.rest.Posture;
import ripplerest.core.rest.Rest;

/** How a fly sits, in one plain sentence. */
final class Verdict {
  private Verdict() {}

  static String of(Landing upright, List<Rest> others) {
    if (upright.rest().isEmpty()) {
      String reason = upright.reason();
      return reason.startsWith("Sinks") ? reason : "Sinks, as far as is known. " + reason;
    }
    Rest rest = upright.rest().get();
    return sits(rest) + ", " + point(rest) + angle(rest) + "." + between(rest) + also(rest, others);
  }

  private static String sits(Rest rest) {
    boolean onTail =
        rest.support().stream().anyMatch(s -> s.part().equals("tail") && s.totalUn() > 0);
    return switch (rest.posture()) {
      case ON_TIPS -> onTail ? "Stands on its hackle and tail" : "Stands on its hackle";
      case HALF_DOWN ->
          rest.eyeMm() >= rest.bendMm()
              ? "Sits half down, its head clear and its tail end in the film"
              : "Sits half down, its tail end clear and its head in the film";
      case FLUSH -> "Lies flush, its body in the film";
      case HANGING -> "Hangs by its head";
      case HEAD_DOWN -> "Hangs head down";
      case ON_ITS_SIDE -> "Lies on its side";
      case UPSIDE_DOWN -> "Floats upside down";
    };
  }

  private static String point(Rest rest) {
    if (rest.pointMm() > 0.2) {
      return "hook point %.1f mm clear".formatted(rest.pointMm());
    }
    if (rest.pointMm() >= -0.2) {
      return "hook point at the film";
    }
    return "hook point %.1f mm under".formatted(-rest.pointMm());
  }

  private static String angle(Rest rest) {
    double degrees = Math.toDegrees(rest.pose().pitchRad());
    if (Math.abs(degrees) < 2.5) {
      return ", level";
    }
    return ", %.0f° %s".formatted(Math.abs(degrees), degrees > 0 ? "tail down" : "head down");
  }

  /** Where contact lines may hold it, if it sits otherwise there: one class only if both agree. */
  private static String between(Rest rest) {
    Rest.Interval ends = rest.interval();
    List<String> others =
        Stream.of(ends.receding(), ends.advancing())
            .map(e -> e.map(Rest.End::posture))
            .filter(p -> p.filter(rest.posture()::equals).isEmpty())
            .map(p -> p.map(Verdict::words).orElse("sunk"))
            .distinct()
            .toList();
    return others.isEmpty()
        ? ""
        : " How the film takes hold may leave it " + String.join(" or ", others) + ".";
  }

  private static String also(Rest rest, List<Rest> others) {
    List<String> words =
        others.stream()
            .map(Rest::posture)
            .filter(p -> p != rest.posture())
            .distinct()
            .map(Verdict::words)
            .toList();
    return words.isEmpty() ? "" : " It can also come to rest " + String.join(" or ", words) + ".";
  }

  private static String words(Posture posture) {
    return switch (posture) {
      case ON_TIPS -> "on its tips";
      case HANGING -> "hanging tail down";
      default -> posture.name().toLowerCase(Locale.ROOT).replace('_', ' ');
    };
  }
}
