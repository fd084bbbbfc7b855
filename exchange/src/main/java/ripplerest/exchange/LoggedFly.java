package ripplerest.exchange;

import java.time.Instant;
import java.util.List;
import java.util.Objects;
import java.util.UUID;
import ripplerest.core.quantity.OutOfRangeException;
import ripplerest.core.quantity.Require;
import ripplerest.core.tied.Made;
import ripplerest.core.tied.Photograph;
import ripplerest.core.tied.Planned;
import tools.jackson.databind.JsonNode;

/**
 * One tied fly as it stands in the log: the plan it was tied to, and what was made of it.
 *
 * @param id its own
 * @param tiedAt when it was finished
 * @param seconds that it took; 0 if nobody looked at the clock
 * @param massMg on the scale; 0 if it was not weighed
 * @param notes free words
 * @param document the plan, a pattern document
 * @param made what was measured or counted; what is missing is as planned
 * @param photograph what a picture of it told; nothing without one
 */
public record LoggedFly(
    UUID id,
    Instant tiedAt,
    double seconds,
    double massMg,
    String notes,
    JsonNode document,
    List<MadeView> made,
    PhotographView photograph) {
  /** Longest that anybody sits at one fly, s. */
  private static final double LONGEST = 24 * 3600;

  private static final double HEAVIEST = 5000;
  private static final int LONGEST_NOTES = 4000;

  public LoggedFly {
    Require.present("tiedAt", tiedAt);
    Require.inRange("seconds", seconds, 0, LONGEST, "s");
    Require.inRange("massMg", massMg, 0, HEAVIEST, "mg");
    notes = notes == null ? "" : notes;
    if (notes.length() > LONGEST_NOTES) {
      throw new OutOfRangeException(
          "notes", notes.length() + " characters", "at most 4000 characters", "Shorten the notes.");
    }
    made = made == null ? List.of() : List.copyOf(made);
  }

  /** A fly just tied to a plan, of which nothing is measured yet. */
  public static LoggedFly fresh(String document, Instant tiedAt, double seconds) {
    JsonNode plan = PatternReader.MAPPER.readTree(document);
    return new LoggedFly(UUID.randomUUID(), tiedAt, seconds, 0, "", plan, List.of(), null);
  }

  /** The same fly with what a picture told, or with nothing of a picture. */
  public LoggedFly photographed(PhotographView told) {
    return new LoggedFly(id, tiedAt, seconds, massMg, notes, document, made, told);
  }

  /** One thing as it was made, beside its plan; lengths in mm. */
  public record MadeView(
      String part, String field, String unit, double planned, double value, double error) {
    static MadeView of(Made m) {
      Planned p = m.planned();
      return new MadeView(p.part(), p.field(), p.unit(), p.value(), m.value(), m.error());
    }
  }

  /** What a picture told; angles in °, lengths and errors (one standard deviation) in mm. */
  public record PhotographView(
      double pxPerMm,
      double pxPerMmError,
      List<RestingView> rest,
      List<Photograph.Measured> lengths,
      List<String> warnings) {}

  /** How it rested in the picture; none where its film was not marked. */
  public record RestingView(
      double pitchDeg, double pitchError, double eyeMm, double bendMm, double error) {}

  /** A picture's measures as they are kept and sent. */
  public static PhotographView view(Photograph p) {
    return new PhotographView(
        p.pxPerMm(),
        p.pxPerMmError(),
        p.rest().stream()
            .map(
                r ->
                    new RestingView(r.pitchDeg(), r.pitchError(), r.eyeMm(), r.bendMm(), r.error()))
            .toList(),
        p.lengths(),
        p.warnings());
  }

  /** Something that was measured, as it is typed. */
  public record Measurement(String part, String field, double value, double error) {}

  /** The same, held against what the fly has. */
  public static List<MadeView> made(List<Planned> planned, List<Measurement> typed) {
    return typed.stream()
        .filter(Objects::nonNull)
        .map(m -> MadeView.of(Made.of(planned, m.part(), m.field(), m.value(), m.error())))
        .toList();
  }

  /** What was made as it stands here, without asking the plan again. */
  public List<Made> measures() {
    return made.stream()
        .map(
            m ->
                new Made(
                    new Planned(m.part(), m.field(), m.planned(), 0, Double.MAX_VALUE, m.unit()),
                    m.value(),
                    m.error()))
        .toList();
  }

  /** What was made, for the core; held against what the plan has. */
  public List<Made> made(List<Planned> planned) {
    return made.stream()
        .map(m -> Made.of(planned, m.part(), m.field(), m.value(), m.error()))
        .toList();
  }
}
