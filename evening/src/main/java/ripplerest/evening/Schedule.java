package ripplerest.evening;

import java.util.List;

/**
 * Evenings as they are planned.
 *
 * @param evenings as they were asked, each with what is tied in it
 * @param left what does not fit, and why
 * @param why it is so, in words
 * @param moves that were tried to find it
 */
public record Schedule(List<Session> evenings, List<LeftOut> left, List<String> why, long moves) {
  /**
   * One evening.
   *
   * @param flies wants in the order in which they are tied, a fly each
   * @param timeline of them
   */
  public record Session(String id, List<String> flies, Timeline timeline) {}

  /**
   * Flies that are not tied.
   *
   * @param want which they are of
   * @param why in words
   */
  public record LeftOut(String want, int count, String why) {}
}
