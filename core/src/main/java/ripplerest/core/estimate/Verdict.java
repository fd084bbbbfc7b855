package ripplerest.core.estimate;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import ripplerest.core.dressing.Hackle;
import ripplerest.core.dressing.PartKind;
import ripplerest.core.quantity.Quantity;
import ripplerest.core.quantity.Sentence;
import ripplerest.core.quantity.Words;
import ripplerest.core.rest.Judgement;
import ripplerest.core.rest.Landing;
import ripplerest.core.rest.Outcome;
import ripplerest.core.rest.Posture;
import ripplerest.core.rest.Rest;
import ripplerest.core.rest.Sitting;

/** How a fly sits, in one plain sentence. */
final class Verdict {
  private Verdict() {}

  static Sentence of(Landing upright, Optional<Headline> headline, List<Rest> others) {
    String casts =
        headline.map(h -> casts(h, Sitting.of(upright.outcome(), posture(upright)))).orElse("");
    if (upright.rest().isEmpty()) {
      return Sentence.of("%s%s", upright.noRest().orElseThrow().words(), casts);
    }
    Rest rest = upright.rest().get();
    String more = casts.isEmpty() ? also(rest, others) : casts;
    return Sentence.of("%s, %s%s.%s%s", sits(rest), point(rest), angle(rest), more, between(rest));
  }

  private static Optional<Posture> posture(Landing landing) {
    return landing.rest().map(Rest::posture);
  }

  /**
   * What most casts come to, where that is not what a gentle level landing does, or not it alone.
   */
  private static String casts(Headline headline, Sitting level) {
    Headline.Way first = headline.ways().get(0);
    if (headline.isClose()) {
      Headline.Way other =
          headline.ways().get(first.sits() == level ? 1 : 0); // the one that was not told yet
      Sitting rival = headline.ways().get(first.sits() == level ? 0 : 1).sits();
      String how =
          headline
              .decides(other.sits(), rival)
              .map(d -> "so rather when it comes down " + d.words() + ".")
              .orElse("which of them it will be hangs on how it comes down.");
      return " So it is set down gently and level; of %d casts %d leave it %s: %s"
          .formatted(headline.casts(), other.count(), words(other.sits()), how);
    }
    return first.sits() == level
        ? ""
        : " So it is set down gently and level; but of %d casts %d leave it %s."
            .formatted(headline.casts(), first.count(), words(first.sits()));
  }

  private static String words(Sitting sits) {
    return switch (sits) {
      case ON_TIPS -> "on its tips";
      case HANGING -> "hanging tail down";
      case UNSETTLED -> "in a way that is not known";
      default -> Words.of(sits);
    };
  }

  private static String sits(Rest rest) {
    return switch (rest.posture()) {
      case ON_TIPS -> "Stands on its " + legs(rest);
      case HALF_DOWN ->
          rest.eyeMm() >= rest.bendMm()
              ? "Sits half down, its head clear and its tail end in the film"
              : "Sits half down, its tail end clear and its head in the film";
      case FLUSH -> "Lies flush, its body in the film";
      case HANGING -> "Hangs by its head";
      case ON_ITS_TAIL -> "Stands on its tail, its head in the air";
      case HEAD_DOWN -> "Hangs head down";
      case ON_ITS_SIDE -> "Lies on its side";
      case UPSIDE_DOWN -> "Floats upside down";
    };
  }

  /** What it stands on: its hackle and tail if they bear, or else the two parts that bear most. */
  private static String legs(Rest rest) {
    List<String> bearing =
        rest.support().stream()
            .filter(s -> s.totalUn() > 0)
            .sorted(Comparator.comparingDouble(s -> -s.totalUn()))
            .map(Rest.Support::part)
            .toList();
    boolean tail = bearing.contains("tail");
    if (bearing.stream().anyMatch(p -> PartKind.can(p, Hackle.class))) {
      return tail ? "hackle and tail" : "hackle";
    }
    return bearing.stream()
        .limit(2)
        .map(p -> p.equals("hook") ? "hook wire" : Words.of(p))
        .collect(Collectors.joining(" and "));
  }

  private static Sentence point(Rest rest) {
    return switch (Judgement.side(rest.pointMm())) {
      case CLEAR -> Sentence.of("hook point %s clear", Quantity.mm(rest.pointMm(), 1));
      case AT_FILM -> Sentence.of("hook point at the film");
      case UNDER -> Sentence.of("hook point %s under", Quantity.mm(-rest.pointMm(), 1));
    };
  }

  private static String angle(Rest rest) {
    double degrees = Math.toDegrees(rest.pose().pitchRad());
    return switch (Judgement.tilt(degrees)) {
      case LEVEL -> ", level";
      case TAIL_DOWN -> ", %.0f° tail down".formatted(degrees);
      case HEAD_DOWN -> ", %.0f° head down".formatted(-degrees);
    };
  }

  /** Where contact lines may hold it, if it sits otherwise there: one class only if both agree. */
  private static String between(Rest rest) {
    Rest.Interval ends = rest.interval();
    List<String> others =
        Stream.of(
                end(ends.recedingEnds(), ends.receding()),
                end(ends.advancingEnds(), ends.advancing()))
            .filter(w -> !w.equals(words(rest.posture())))
            .distinct()
            .toList();
    return others.isEmpty()
        ? ""
        : " How the film takes hold may leave it " + String.join(" or ", others) + ".";
  }

  private static String end(Outcome outcome, Optional<Rest.End> end) {
    return switch (outcome) {
      case RESTS -> words(end.orElseThrow().posture());
      case SINKS -> "sunk";
      case UNSETTLED -> "in a way that is not known";
    };
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
    return words(Sitting.of(posture));
  }
}
