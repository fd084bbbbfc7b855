package ripplerest.core.drift;

import ripplerest.core.material.Wear;

/**
 * How far water has crept into a fly. It goes as the root of time (Washburn, Physical Review 17
 * (1921) 273): fast at first, ever slower, since all that comes in has to pass what is wet already.
 * Air is lost little by little: what water has reached from outside holds none, a dry core of (1 -
 * w)² is left.
 *
 * @param depth share of the way to the middle, 0 dry to 1 wet through
 * @param air share of the air that no dunking has taken, 0 to 1
 * @param slime 0 clean, 1 slimed all over
 */
record Wetting(double depth, double air, double slime) {
  static final Wetting DRY = new Wetting(0, 1, 0);

  /** After some time on the water, in the time that wets it through. */
  Wetting after(double share) {
    return creeps(share);
  }

  /** After a number of dunkings, which need not be whole. */
  Wetting dunked(Rates rates, double times) {
    Wetting wet = creeps(times * rates.dunkWets() * rates.dunkWets());
    return new Wetting(wet.depth, air * Math.pow(1 - rates.dunkDrowns(), times), slime);
  }

  /** After false casts: each undoes a share of what water has done. */
  Wetting dried(Rates rates, double casts) {
    double left = Math.pow(1 - rates.castDries(), casts);
    return new Wetting(depth * left, 1 - (1 - air) * left, slime);
  }

  Wetting slimed(Rates rates) {
    return new Wetting(depth, air, slime + rates.slimeOfAFish() * (1 - slime));
  }

  private Wetting creeps(double time) {
    return new Wetting(Math.min(1, Math.sqrt(depth * depth + time)), air, slime);
  }

  Wear wear() {
    return new Wear(1 - depth, air * (1 - depth) * (1 - depth), slime);
  }
}
