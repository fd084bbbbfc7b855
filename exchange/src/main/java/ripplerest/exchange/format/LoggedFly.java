package ripplerest.exchange.format;

import java.time.Instant;
import java.util.List;
import java.util.Objects;
import java.util.UUID;
import ripplerest.core.quantity.OutOfRangeException;
import ripplerest.core.quantity.Require;
import ripplerest.core.sizing.Sizer;
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
  private static final int MOST_MADE = 200;
  private static final Instant EARLIEST = Instant.parse("1900-01-01T00:00:00Z");
  private static final Instant LATEST = Instant.parse("2200-01-01T00:00:00Z");

  public LoggedFly {
    Require.present("tiedAt", tiedAt);
    Require.inRange("seconds", seconds, 0, LONGEST, "s");
    Require.inRange("massMg", massMg, 0, HEAVIEST, "mg");
    notes = notes == null ? "" : notes;
    if (notes.length() > LONGEST_NOTES) {
      throw new OutOfRangeException(
          "notes", notes.length() + " characters", "at most 4000 characters", "Shorten the notes.");
    }
    PatternReader.checkText("notes", notes);
    made = made == null ? List.of() : Require.copy("made", made);
    Require.inRange("made", made.size(), 0, MOST_MADE);
  }

  /** A fly just tied to a plan, of which nothing is measured yet. */
  public static LoggedFly fresh(String document, Instant tiedAt, double seconds) {
    JsonNode plan = PatternReader.MAPPER.readTree(document);
    return new LoggedFly(UUID.randomUUID(), tiedAt, seconds, 0, "", plan, List.of(), null);
  }

  /** The same fly under another id. */
  public LoggedFly identified(UUID as) {
    return new LoggedFly(as, tiedAt, seconds, massMg, notes, document, made, photograph);
  }

  /** The same to this plan. */
  public LoggedFly planned(JsonNode plan) {
    return new LoggedFly(id, tiedAt, seconds, massMg, notes, plan, made, photograph);
  }

  /**
   * A fly from elsewhere, every field of it checked: measures get the plan and unit that its
   * pattern gives them, whatever the file said.
   */
  LoggedFly heldAgainst(PatternFile plan, Sizer sizer) {
    if (tiedAt.isBefore(EARLIEST) || tiedAt.isAfter(LATEST)) {
      throw new OutOfRangeException(
          "tiedAt", tiedAt, "from " + EARLIEST + " to " + LATEST, "Give the time it was tied.");
    }
    List<Planned> planned = Planned.of(plan.carried().onto(sizer).size(plan.pattern()));
    List<Measurement> typed =
        made.stream().map(m -> new Measurement(m.part(), m.field(), m.value(), m.error())).toList();
    if (photograph != null) {
      photograph.check();
    }
    return new LoggedFly(
        id, tiedAt, seconds, massMg, notes, document, made(planned, typed), photograph);
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
      List<String> warnings) {
    private static final int MOST = 200;

    public PhotographView {
      rest = rest == null ? List.of() : Require.copy("rest", rest);
      lengths = lengths == null ? List.of() : Require.copy("lengths", lengths);
      warnings = warnings == null ? List.of() : Require.copy("warnings", warnings);
    }

    void check() {
      Require.inRange("photograph/pxPerMm", pxPerMm, 0, 1e5, "px");
      Require.inRange("photograph/pxPerMmError", pxPerMmError, 0, 1e5, "px");
      Require.inRange("photograph/rest", rest.size(), 0, 1);
      Require.inRange("photograph/lengths", lengths.size(), 0, MOST);
      Require.inRange("photograph/warnings", warnings.size(), 0, MOST);
      for (RestingView r : rest) {
        Require.inRange("photograph/rest/pitchDeg", r.pitchDeg(), -360, 360, "°");
        Require.inRange("photograph/rest/pitchError", r.pitchError(), 0, 360, "°");
        Require.inRange("photograph/rest/eyeMm", r.eyeMm(), -1000, 1000, "mm");
        Require.inRange("photograph/rest/bendMm", r.bendMm(), -1000, 1000, "mm");
        Require.inRange("photograph/rest/error", r.error(), 0, 1000, "mm");
      }
      for (Photograph.Measured m : lengths) {
        Require.text("photograph/lengths/name", m.name(), 80);
        PatternReader.checkText("photograph/lengths/name", m.name());
        Require.inRange("photograph/lengths/mm", m.mm(), 0, 1000, "mm");
        Require.inRange("photograph/lengths/error", m.error(), 0, 1000, "mm");
      }
      for (String w : warnings) {
        Require.text("photograph/warnings", w, 400);
        PatternReader.checkText("photograph/warnings", w);
      }
    }
  }

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
