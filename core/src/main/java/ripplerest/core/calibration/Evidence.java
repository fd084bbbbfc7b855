package ripplerest.core.calibration;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.hipparchus.distribution.continuous.NormalDistribution;
import org.hipparchus.linear.Array2DRowRealMatrix;
import org.hipparchus.linear.CholeskyDecomposition;
import org.hipparchus.linear.RealMatrix;
import ripplerest.core.calibration.Seen.Hung;
import ripplerest.core.calibration.Seen.Lasted;
import ripplerest.core.calibration.Seen.Measure;
import ripplerest.core.calibration.Seen.What;
import ripplerest.core.rest.Sitting;

/**
 * How well what was seen of one tied fly fits what its materials may be off by. Tests of the same
 * fly share its hand and are repetitions: their numbers are averaged, with smaller errors of
 * measuring, and stray from the estimate once, not each by itself.
 *
 * <p>Numbers stray by Student's t, so that one that is wrong cannot pull all others along (Lange,
 * Little & Taylor, J. Am. Stat. Assoc. 84 (1989) 881); words, floating under a weight and coming
 * back up are now and then told wrongly (a lapse).
 */
final class Evidence {
  /** Degrees of freedom of numbers that stray. */
  private static final double FREEDOM = 5;

  /** How often a word for how a fly sits is another's (assumption). */
  static final double WORD_LAPSE = 0.1;

  /** Words that could be told instead of the right one: no other for a fly that is down. */
  static final int OTHER_WORDS = Sitting.values().length - 3;

  /** How often a weight or a push-under is told wrongly (assumption). */
  static final double LAPSE = 0.02;

  /** Logarithm by which a weight at the bend is heavier or lighter than is thought (assumption). */
  static final double HUNG_SPREAD = 0.1;

  /** Logarithm by which minutes stray from one time to the next (assumption). */
  private static final double MINUTES_SPREAD = 0.6;

  private static final NormalDistribution NORMAL = new NormalDistribution();

  /** Places and weights of a normal deviate that many weights on one fly share. */
  private static final int SHARED = 15;

  /** Where the weights that a fly may bear are looked at: from 0.05 mg to 20 g, logarithms. */
  private static final double LEAST_LOG = Math.log(0.05);

  private static final double MOST_LOG = Math.log(20_000);
  private static final int PLACES = 600;

  private final Emulator emulator;
  private final List<Lying> afloat;
  private final int sunk;

  /** Logarithm of how likely the weights that were hung are, by what the fly bears. */
  private final double[] bears;

  private final Optional<Double> popsBack;
  private final List<Lasts> lasted;

  /** Numbers of a fly that sits one way, ready to be compared. */
  private record Lying(
      Sitting sits,
      int way,
      double words,
      What[] measures,
      double[] values,
      double[][] inverse,
      double logDeterminant) {}

  /**
   * How long a fly was watched.
   *
   * @param usual minutes after which half of such flies are down, put under as often
   */
  record Lasts(Lasted lasted, double usual) {}

  private Evidence(Emulator emulator, List<Seen> tests, List<Lasts> lasted) {
    this.emulator = emulator;
    this.lasted = lasted;
    List<Seen> up = tests.stream().filter(s -> s.floated().orElse(false)).toList();
    this.sunk = (int) tests.stream().filter(s -> s.floated().filter(f -> !f).isPresent()).count();
    this.afloat = up.isEmpty() ? List.of() : lying(emulator, up);
    this.bears =
        bears(emulator, emulator.telling(tests.stream().flatMap(s -> s.hung().stream()).toList()));
    List<Boolean> pops = tests.stream().flatMap(s -> s.popsBack().stream()).toList();
    this.popsBack =
        pops.isEmpty()
            ? Optional.empty()
            : Optional.of((double) pops.stream().filter(p -> p).count() / pops.size());
  }

  /**
   * @param tests of one tied fly
   * @param lasted how long it was watched, in those of them in which it was
   */
  static Evidence of(Emulator emulator, List<Seen> tests, List<Lasts> lasted) {
    return new Evidence(emulator, tests, lasted);
  }

  private static List<Lying> lying(Emulator emulator, List<Seen> up) {
    Map<What, Measure> means = new EnumMap<>(What.class);
    for (What what : What.values()) {
      double sum = 0;
      double weight = 0;
      for (Seen s : up) {
        Optional<Measure> m = s.of(what);
        if (m.isPresent()) {
          double w = 1 / (m.get().error() * m.get().error());
          weight += w;
          sum += w * m.get().value();
        }
      }
      if (weight > 0) {
        double error = Math.max(0.01, 1 / Math.sqrt(weight));
        means.put(what, new Measure(what, sum / weight, error, Seen.By.EYE));
      }
    }
    What[] measures = means.keySet().toArray(new What[0]);
    List<Lying> lying = new ArrayList<>();
    List<Sitting> ways = emulator.ways();
    for (int i = 0; i < ways.size(); i++) {
      if (ways.get(i) != Sitting.SUNK) {
        lying.add(lying(emulator, ways.get(i), i, up, measures, means));
      }
    }
    return lying;
  }

  private static Lying lying(
      Emulator emulator,
      Sitting sits,
      int way,
      List<Seen> up,
      What[] measures,
      Map<What, Measure> means) {
    double words = 0;
    for (Seen s : up) {
      if (s.sits().isPresent()) {
        words += Math.log(s.sits().get() == sits ? 1 - WORD_LAPSE : WORD_LAPSE / OTHER_WORDS);
      }
    }
    int n = measures.length;
    double[] values = new double[n];
    double[][] spread = new double[n][n];
    for (int a = 0; a < n; a++) {
      values[a] = means.get(measures[a]).value();
      for (int b = 0; b < n; b++) {
        spread[a][b] = emulator.spread(sits, measures[a], measures[b]);
      }
      spread[a][a] += Math.pow(means.get(measures[a]).error(), 2);
    }
    double share = (FREEDOM + n) / (FREEDOM + n + 2);
    for (double[] row : spread) {
      for (int b = 0; b < n; b++) {
        row[b] *= share; // then numbers that lie well tell as much as normal ones of this spread
      }
    }
    if (n == 0) {
      return new Lying(sits, way, words, measures, values, null, 0);
    }
    RealMatrix covariance = new Array2DRowRealMatrix(spread, false);
    CholeskyDecomposition cholesky = new CholeskyDecomposition(covariance, 1e-9, 0);
    return new Lying(
        sits,
        way,
        words,
        measures,
        values,
        cholesky.getSolver().getInverse().getData(),
        Math.log(cholesky.getDeterminant()));
  }

  /** Logarithm of how likely all of it is, but for a constant. */
  double log(double[] z, double wetting) {
    double log = 0;
    if (sunk > 0 || !afloat.isEmpty()) {
      log += posture(z);
    }
    if (bears.length > 0) {
      log += bears(z);
    }
    if (popsBack.isPresent()) {
      Emulator.Number pops = emulator.popsBack();
      double up = probit(pops.response().at(z) / Math.max(0.05, pops.spread()));
      log += popsBack.get() * Math.log(up) + (1 - popsBack.get()) * Math.log(1 - up);
    }
    for (Lasts l : lasted) {
      double usual = Math.log(l.usual()) - FloatMinutes.SPREAD * wetting;
      double off = (Math.log(l.lasted().minutes()) - usual) / MINUTES_SPREAD;
      log += l.lasted().down() ? NORMAL.logDensity(off) : Math.log(probit(-off));
    }
    return log;
  }

  private double posture(double[] z) {
    double[] shares = emulator.shares(z);
    double log = 0;
    if (sunk > 0) {
      int way = emulator.ways().indexOf(Sitting.SUNK);
      double share = way < 0 ? 0 : shares[way];
      log += sunk * Math.log(LAPSE + (1 - 2 * LAPSE) * share);
    }
    if (!afloat.isEmpty()) {
      double sum = 0;
      for (Lying l : afloat) {
        sum += Math.max(1e-6, shares[l.way()]) * Math.exp(l.words() + strays(l, z));
      }
      log += Math.log(Math.max(1e-300, sum));
    }
    return log;
  }

  /** Logarithm of Student's t in as many dimensions as there are numbers, but for a constant. */
  private double strays(Lying l, double[] z) {
    int n = l.values().length;
    if (n == 0) {
      return 0;
    }
    double[] off = new double[n];
    for (int k = 0; k < n; k++) {
      off[k] = l.values()[k] - emulator.measure(l.sits(), l.measures()[k], z);
    }
    double square = 0;
    for (int a = 0; a < n; a++) {
      for (int b = 0; b < n; b++) {
        square += off[a] * l.inverse()[a][b] * off[b];
      }
    }
    return -(FREEDOM + n) / 2 * Math.log1p(square / FREEDOM) - l.logDeterminant() / 2;
  }

  /**
   * All weights hung from one fly, whose hand they share: integrated over what that may be. It
   * hangs on one number only, so it is worked out beforehand and read off.
   */
  private double bears(double[] z) {
    double at = emulator.bears().orElseThrow().response().at(z);
    double place = (at - LEAST_LOG) / (MOST_LOG - LEAST_LOG) * (PLACES - 1);
    int k = (int) Math.max(0, Math.min(PLACES - 2.0, Math.floor(place)));
    double share = Math.max(0, Math.min(1, place - k));
    return (1 - share) * bears[k] + share * bears[k + 1];
  }

  private static double[] bears(Emulator emulator, List<Hung> hung) {
    double[] table = new double[hung.isEmpty() ? 0 : PLACES];
    for (int i = 0; i < table.length; i++) {
      double at = LEAST_LOG + (MOST_LOG - LEAST_LOG) * i / (PLACES - 1);
      double sum = 0;
      double whole = 0;
      for (int k = 0; k < SHARED; k++) {
        double deviate = -2.8 + 5.6 * k / (SHARED - 1);
        double weight = Math.exp(-deviate * deviate / 2);
        double likely = weight;
        double bears = at + deviate * emulator.bears().orElseThrow().spread();
        for (Hung h : hung) {
          double floats = probit((bears - Math.log(h.mg())) / HUNG_SPREAD);
          likely *= h.floats() ? floats : 1 - floats;
        }
        sum += likely;
        whole += weight;
      }
      table[i] = Math.log(sum / whole);
    }
    return table;
  }

  private static double probit(double x) {
    return LAPSE + (1 - 2 * LAPSE) * NORMAL.cumulativeProbability(x);
  }

  /** What it is about. */
  Emulator emulator() {
    return emulator;
  }
}
