package ripplerest.core.estimate;

import ripplerest.core.quantity.Require;

/**
 * How much work an estimate does.
 *
 * @param depth how far it goes
 * @param seed of the random draws for the band
 * @param samples draws for the band, 0 for none, at most 256
 * @param work told how far the band is; the estimate is given up once it is no longer wanted
 */
public record Options(Depth depth, long seed, int samples, Work work) {
  /** How far an estimate goes. */
  public enum Depth {
    /** Where the fly rests after landing upright, what holds it, pop-back. Quick. */
    POSE,
    /** Also film reserve and footprint. */
    RESERVE,
    /** Also other rests and, with samples, the band. */
    FULL
  }

  /** Draws in a band. */
  public static final int BAND = 64;

  public Options {
    Require.present("depth", depth);
    Require.inRange("samples", samples, 0, 256);
    Require.present("work", work);
  }

  /** The pose alone. */
  public static Options poseOnly() {
    return new Options(Depth.POSE, 1, 0, Work.unwatched());
  }

  /** The pose, its reserve and its footprint. */
  public static Options withReserve() {
    return new Options(Depth.RESERVE, 1, 0, Work.unwatched());
  }

  /** The same for somebody who may give up. */
  public static Options withReserve(Work work) {
    return new Options(Depth.RESERVE, 1, 0, work);
  }

  /** All but the band. */
  public static Options withoutBand() {
    return new Options(Depth.FULL, 1, 0, Work.unwatched());
  }

  /** Everything, with a band. */
  public static Options withBand(long seed) {
    return new Options(Depth.FULL, seed, BAND, Work.unwatched());
  }
}
