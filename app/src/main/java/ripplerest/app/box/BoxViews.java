package ripplerest.app.box;

import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import ripplerest.core.box.Flies;

/** Boxes, flies and moves as they are sent. */
public final class BoxViews {
  private BoxViews() {}

  /** A box and how many flies are in it. */
  public record BoxView(UUID id, String name, String note, long revision, int flies) {}

  /** A number of flies that are alike in one place; {@code where} says it in words. */
  public record CountView(Flies flies, PlaceName place, String where, int count) {}

  /**
   * Some that went somewhere; what the log brought cannot be undone here.
   *
   * @param by who moved them; empty for somebody who left
   */
  public record MoveView(
      UUID id,
      Flies flies,
      PlaceName from,
      PlaceName to,
      String words,
      int count,
      LocalDate day,
      String note,
      boolean byLog,
      String by) {}

  /** All boxes, where all flies are, and the latest moves. */
  public record BoxesView(List<BoxView> boxes, List<CountView> flies, List<MoveView> moves) {}

  /** Some that somebody has, since when, and how many days that is. */
  public record LoanView(String to, Flies flies, int count, LocalDate since, long days) {}

  /** What is called how. */
  public record NewBox(String name, String note) {}

  /** Flies that a hand moves. */
  public record NewMove(
      Flies flies, PlaceName from, PlaceName to, int count, LocalDate day, String note) {}

  /** Some of a selection, and where they lie. */
  public record Chosen(Flies flies, PlaceName from, int count) {}

  /** Flies of several kinds that go to one place together, for somebody's trip. */
  public record NewSelection(PlaceName to, LocalDate day, String note, List<Chosen> chosen) {}
}
