package ripplerest.cli.race;

/** What is timed of a fly. */
enum Measure {
  /** Its rest after a gentle level landing, put together anew. */
  POSE(800),
  /** The same with film reserve and footprint. */
  RESERVE(100),
  /** All but the band. */
  WHOLE(12),
  /** Five hundred casts. */
  CASTS(4),
  /** All of it, with a band of 64 draws. */
  BAND(4);

  /** Rounds that are enough for a median. */
  final int rounds;

  Measure(int rounds) {
    this.rounds = rounds;
  }
}
