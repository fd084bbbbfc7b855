package ripplerest.core.tied;

import java.util.List;
import ripplerest.core.quantity.OutOfRangeException;
import ripplerest.core.quantity.Quantity;
import ripplerest.core.quantity.Require;
import ripplerest.core.quantity.Sentence;
import ripplerest.core.quantity.Words;

/**
 * One thing as it was made.
 *
 * @param planned what it should have been
 * @param value what it is, in the plan's unit
 * @param error of that, in the same unit
 */
public record Made(Planned planned, double value, double error) {
  public Made {
    Require.present("planned", planned);
    String field = planned.part() + " " + planned.field();
    Require.inRange(field, value, planned.low(), planned.high(), planned.unit());
    Require.inRange("error of " + field, error, 0, planned.high(), planned.unit());
  }

  /** The same by hand, with the error that hands have. */
  public Made(Planned planned, double value) {
    this(planned, value, planned.handError());
  }

  /** Finds what was measured among what was planned; refuses what the fly does not have. */
  public static Made of(List<Planned> all, String part, String field, double value, double error) {
    Planned planned =
        all.stream()
            .filter(p -> p.part().equals(part) && p.field().equals(field))
            .findFirst()
            .orElseThrow(
                () ->
                    new OutOfRangeException(
                        "made",
                        part + " " + field,
                        "something this fly has",
                        "Measure one of "
                            + all.stream().map(p -> p.part() + " " + p.field()).toList()
                            + "."));
    return new Made(planned, value, error > 0 ? error : planned.handError());
  }

  /** How much more than planned, in the plan's unit. */
  public double off() {
    return value - planned.value();
  }

  /** The same as a share of what was planned. */
  public double share() {
    return off() / planned.value();
  }

  /** Whether it differs from the plan by more than twice what the measurement can err. */
  public boolean differs() {
    return Math.abs(off()) > Math.max(2 * error, 1e-9);
  }

  /** What came out otherwise, in a tier's words. */
  public Sentence words() {
    Planned p = planned;
    String name = Words.of(p.part());
    double by = Math.abs(off());
    boolean more = off() > 0;
    if (p.unit().equals("mm")) {
      String how = p.field().equals("thickness") || p.field().equals("diameter") ? "thick" : "long";
      String too = more ? how : how.equals("long") ? "short" : "thin";
      return Sentence.of("%s %s too %s", name, Quantity.mm(by, 1), too);
    }
    String unit = by == 1 ? p.unit().replaceFirst("s$", "") : p.unit();
    return Sentence.of(name + " " + Words.tenths(by) + " " + unit + (more ? " more" : " fewer"));
  }
}
