package ripplerest.core.second;

import java.util.ArrayList;
import java.util.List;
import java.util.function.ToDoubleBiFunction;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import ripplerest.core.assembly.FlyBody;

/**
 * A second, slow way to what the water does to a fly in a pose: a {@link GridFilm} under full
 * curvature, every barb a {@link Chain} that meets it at every point, every slice of a thick member
 * two contact lines at the angle of its surface. It shares the body's geometry with the program and
 * nothing else; which barbs have pierced and what the film has hold of is given, since that is
 * history. Numerical, not a source.
 */
final class SecondSolver {
  private static final int ROUNDS = 120;
  private static final int SWEEPS = 25;

  /** Up to here slices are drawn up to the film; those that are too high let go afterwards. */
  private static final int DRAWN = 40;

  /** How often it is asked whether it still changes. */
  private static final int ASKED_EVERY = 10;

  /** Height over which a steep member passes the film, mm. */
  private static final double PASSES = 0.15;

  private final FlyBody body;
  private final double tension;
  private final double specificWeight;

  /** How a fibre meets the film. */
  enum Meets {
    LIES,
    CROSSES,
    DROWNED
  }

  /** What each fibre does, and whether each slice is held, and whether its air is gone. */
  interface History {
    Meets fibre(int i);

    boolean held(int slice);

    boolean soaked(int member);

    boolean wet(int slice);
  }

  /**
   * @param lift µN, upward
   * @param pitch moment about the centre of mass that turns the tail up, µN·mm
   */
  record Answer(double lift, double pitch) {
    /** Within a thousandth of the lift, and that at a centimetre. */
    boolean near(Answer other) {
      return Math.abs(lift - other.lift) < 1e-3 * Math.abs(lift)
          && Math.abs(pitch - other.pitch) < 1e-2 * Math.abs(lift);
    }
  }

  SecondSolver(FlyBody body, double tension, double specificWeight) {
    this.body = body;
    this.tension = tension;
    this.specificWeight = specificWeight;
  }

  /** One flank of a slice. */
  private static final class Flank {
    double x;
    double y;
    double z;
    double radius;
    double length;
    double theta;
    double share;
    double axisX;
    boolean steep;
    double own;
    int member;
    double passing;
    double force;
    double wet;
  }

  /**
   * @param place from the body's frame, relative to the centre of mass, into the world
   * @param cosine of the contact angle of a surface, and whether it is wet
   */
  Answer at(
      Place place, History history, ToDoubleBiFunction<String, Boolean> cosine, double cellMm) {
    Vector3D centre = body.centreOfMass();
    double reach = 0;
    for (FlyBody.Fibre f : body.fibres()) {
      reach = Math.max(reach, f.tip().distance(centre));
    }
    for (FlyBody.Member m : body.members()) {
      for (FlyBody.Slice s : m.slices()) {
        reach = Math.max(reach, s.at().distance(centre));
      }
    }
    GridFilm film = new GridFilm(cellMm, reach + 6, tension, specificWeight);
    List<Chain> chains = new ArrayList<>();
    List<Double> own = new ArrayList<>();
    double[] drowned = new double[3];
    for (int i = 0; i < body.fibres().size(); i++) {
      FlyBody.Fibre f = body.fibres().get(i);
      Vector3D root = place.of(f.root().subtract(centre));
      Vector3D tip = place.of(f.tip().subtract(centre));
      Vector3D along = tip.subtract(root).scalarMultiply(1 / f.lengthMm());
      if (history.fibre(i) == Meets.DROWNED) {
        double push = f.volumeBeyond(0) * specificWeight;
        drowned[0] += push;
        drowned[1] += push * root.add(f.middleBeyond(0), along).getX();
        continue;
      }
      boolean lies = history.fibre(i) == Meets.LIES;
      if (lies && Math.min(root.getZ(), tip.getZ()) > 1.5) {
        continue;
      }
      double wets = -2 * Math.PI * f.radiusMm() * tension * cosine.applyAsDouble(f.surface(), true);
      chains.add(new Chain(f, root.toArray(), along.toArray(), lies, wets));
      own.add(film.pointDepth(f.radiusMm() * (1 - 0.6 * f.taper())));
    }
    List<Flank> flanks = flanks(film, place, history, cosine, centre);
    Answer now = new Answer(0, 0);
    for (int round = 0; round < ROUNDS; round++) {
      film.clearLoads();
      double[] passing = new double[body.members().size()];
      for (Flank f : flanks) {
        passing[f.member] += f.steep ? f.force : 0;
      }
      for (Flank f : flanks) {
        f.passing = passing[f.member];
      }
      boolean drawn = round < DRAWN;
      for (Flank f : flanks) {
        press(film, f, drawn);
      }
      for (int c = 0; c < chains.size(); c++) {
        Chain chain = chains.get(c);
        double ownDepth = own.get(c) * chain.force;
        chain.settle(film, ownDepth);
        chain.press(film, ownDepth);
      }
      film.relax(SWEEPS);
      if (round > DRAWN && round % ASKED_EVERY == 0) {
        Answer next = sum(drowned, flanks, chains);
        if (next.near(now)) {
          return next;
        }
        now = next;
      }
    }
    return now;
  }

  private static Answer sum(double[] drowned, List<Flank> flanks, List<Chain> chains) {
    double lift = drowned[0];
    double pitch = -drowned[1];
    for (Flank f : flanks) {
      lift += f.force + f.wet;
      pitch -= (f.force + f.wet) * f.axisX;
    }
    for (Chain c : chains) {
      lift += c.force;
      pitch -= c.momentX;
    }
    return new Answer(lift, pitch);
  }

  /** A place of the body, relative to its centre of mass, in the world. */
  @FunctionalInterface
  interface Place {
    Vector3D of(Vector3D fromCentre);
  }

  private List<Flank> flanks(
      GridFilm film,
      Place place,
      History history,
      ToDoubleBiFunction<String, Boolean> cosine,
      Vector3D centre) {
    List<Flank> all = new ArrayList<>();
    int k = 0;
    for (int m = 0; m < body.members().size(); m++) {
      FlyBody.Member member = body.members().get(m);
      List<FlyBody.Slice> slices = member.slices();
      for (int i = 0; i < slices.size(); i++, k++) {
        FlyBody.Slice s = slices.get(i);
        if (!history.held(k)) {
          continue;
        }
        boolean soaked = history.soaked(m);
        FlyBody.Tuft tuft = soaked ? member.tuft().orElseThrow() : null;
        String surface = soaked ? tuft.bareSurface() : member.surface();
        Vector3D at = place.of(s.at().subtract(centre));
        Vector3D along =
            place
                .of(slices.get(Math.min(i + 1, slices.size() - 1)).at().subtract(centre))
                .subtract(place.of(slices.get(Math.max(i - 1, 0)).at().subtract(centre)));
        double flat = Math.max(1e-9, Math.hypot(along.getX(), along.getY()));
        for (int side : new int[] {-1, 1}) {
          Flank f = new Flank();
          f.radius = soaked ? s.radiusMm() * Math.sqrt(tuft.solidShare()) : s.radiusMm();
          double aside = side * f.radius;
          f.x = at.getX() - aside * along.getY() / flat;
          f.y = at.getY() + aside * along.getX() / flat;
          f.steep = Math.abs(along.getZ()) > flat;
          if (f.steep) {
            f.x = at.getX();
            f.y = at.getY();
            f.own = film.pointDepth(f.radius);
          }
          f.axisX = at.getX();
          f.member = m;
          f.z = at.getZ();
          f.length = s.lengthMm() * s.open();
          f.theta = Math.acos(cosine.applyAsDouble(surface, history.wet(k)));
          f.share = (soaked ? 1 : s.buoyantShare()) / s.open();
          all.add(f);
        }
      }
    }
    return all;
  }

  /** What a flank presses on the film at its present height: γ·sin ε and the water it keeps off. */
  private void press(GridFilm film, Flank f, boolean drawn) {
    if (f.steep) {
      pass(film, f);
      return;
    }
    double level = film.height(f.x, f.y);
    if (drawn) {
      level = Math.max(level, f.z - 0.98 * f.radius);
    }
    double[] now = force(f, level);
    double[] more = force(f, level + 1e-4);
    f.force += 0.5 * (now[0] - f.force);
    f.wet = now[1];
    double stiff = Math.max(0, (more[0] - now[0]) / 1e-4);
    film.press(film.cell(f.x, f.y), f.force, 0.5 * stiff);
  }

  /**
   * A steep member passes the film like a prism: it is wet below, dry above, and each half of what
   * becomes wet on a length costs πRγ(-cos θ).
   */
  private void pass(GridFilm film, Flank f) {
    double level = film.height(f.x, f.y) - f.own * f.passing;
    double t = Math.max(0, Math.min(1, 0.5 + (level - f.z) / (2 * PASSES)));
    double cost = -Math.PI * f.radius * tension * Math.cos(f.theta) * f.length;
    double now = cost * 6 * t * (1 - t) / (2 * PASSES);
    f.force += 0.1 * (now - f.force);
    double area = Math.PI / 2 * f.radius * f.radius;
    f.wet = specificWeight * area * f.share * f.length * t * t * (3 - 2 * t);
    film.press(film.cell(f.x, f.y), f.force, 0);
  }

  /** Film force and push of the wet part, µN, with the film meeting the flank at a height. */
  private double[] force(Flank f, double level) {
    double cosine = (f.z - level) / f.radius;
    double area = f.radius * f.radius;
    if (cosine >= 1) {
      return new double[] {0, 0};
    }
    if (cosine <= -1) {
      return new double[] {0, specificWeight * Math.PI / 2 * area * f.share * f.length};
    }
    double psi = Math.acos(cosine);
    double eps = f.theta + psi - Math.PI;
    double wet = area / 2 * (psi - Math.sin(psi) * cosine);
    return new double[] {
      f.length
          * (tension * Math.sin(Math.max(-Math.PI / 2, Math.min(Math.PI / 2, eps)))
              - specificWeight * f.radius * Math.sin(psi) * level),
      specificWeight * wet * f.share * f.length
    };
  }
}
