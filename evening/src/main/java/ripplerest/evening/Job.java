package ripplerest.evening;

import java.util.Map;
import ripplerest.core.quantity.Require;

/**
 * How one fly of a kind is tied.
 *
 * @param id of pattern, size and colouring
 * @param thread that is on the bobbin
 * @param hook that lies ready
 * @param prepare what is made ready once an evening, and for how long, s: the same name serves all
 *     that ask for it
 * @param tieSeconds of hands at the vise, up to where it has to dry, or to its end
 * @param cureSeconds that it dries meanwhile; 0 where nothing has to
 * @param finishSeconds of hands once it is dry
 * @param takes what it takes of each thing in the drawer, in thousandths of its unit
 */
public record Job(
    String id,
    String thread,
    String hook,
    Map<String, Long> prepare,
    long tieSeconds,
    long cureSeconds,
    long finishSeconds,
    Map<String, Long> takes) {
  private static final double LONGEST = 24 * 3600;

  public Job {
    Require.text("job", id, 200);
    Require.present("thread", thread);
    Require.present("hook", hook);
    prepare = Map.copyOf(prepare);
    prepare.values().forEach(s -> Require.inRange("prepare", s, 0, LONGEST, "s"));
    Require.inRange("tieSeconds", tieSeconds, 1, LONGEST, "s");
    Require.inRange("cureSeconds", cureSeconds, 0, LONGEST, "s");
    Require.inRange("finishSeconds", finishSeconds, 0, LONGEST, "s");
    takes = Map.copyOf(takes);
  }
}
