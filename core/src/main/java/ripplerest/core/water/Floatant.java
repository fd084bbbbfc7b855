package ripplerest.core.water;

/** What the fly is dressed with before it is fished. How much each does is an assumption. */
public enum Floatant {
  NONE(0),
  /** A silicone gel, rubbed in thinly. */
  GEL(1),
  /** Hydrophobic silica, brushed on dry; it also dries what is wet. */
  POWDER(1),
  /** A liquid that cures in the fibres at home, days before: a thinner coat that stays. */
  PRE_SOAK(0.7);

  private final double share;

  Floatant(double share) {
    this.share = share;
  }

  /** How far it takes a surface and the air in a bundle from bare, 0, to dressed with gel, 1. */
  public double share() {
    return share;
  }

  /** A value between those of a bare and of a dressed surface. */
  public double between(double bare, double dressed) {
    return bare + share * (dressed - bare);
  }
}
