package ripplerest.core.assembly;

import java.util.List;
import java.util.Optional;
import java.util.function.ToDoubleFunction;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import ripplerest.core.quantity.Require;

/**
 * A fly as the water meets it, in the body frame of {@link ripplerest.core.hook.Hook}. Surfaces are
 * named, never given a contact angle: that belongs to the conditions.
 *
 * @param lumps what weighs
 * @param members what is thick: wire, body, head, wing, post, tuft
 * @param fibres what is thin and bends, barb by barb
 */
public record FlyBody(List<Lump> lumps, List<Member> members, List<Fibre> fibres) {
  public FlyBody {
    lumps = List.copyOf(lumps);
    members = List.copyOf(members);
    fibres = List.copyOf(fibres);
  }

  /** Name of a material's surface where floatant is kept off it. */
  public static String undressed(String material) {
    return material + "/undressed";
  }

  /** The same where it was wetted on purpose. */
  public static String wetted(String material) {
    return material + "/wetted";
  }

  /**
   * A point mass.
   *
   * @param part the part it belongs to
   * @param at body frame, mm
   * @param massMg mg
   */
  public record Lump(String part, Vector3D at, double massMg) {}

  /**
   * A thick round thing, cut into slices along its axis.
   *
   * @param part the part it belongs to
   * @param group members of one group share one meniscus and do not see each other's dimples
   * @param surface material whose contact angles it shows
   * @param slices in order along the axis
   * @param tuft what it becomes without its air, if it holds any by a film between its fibres
   */
  public record Member(
      String part, String group, String surface, List<Slice> slices, Optional<Tuft> tuft) {
    public Member {
      slices = List.copyOf(slices);
    }

    /** A member that has no air to lose. */
    public Member(String part, String group, String surface, List<Slice> slices) {
      this(part, group, surface, slices, Optional.empty());
    }
  }

  /**
   * What a bundle of fibres turns into when it loses its air: a clump of the bare fibres, drawn
   * together by the water.
   *
   * @param bareSurface material whose contact angles the single fibres show
   * @param solidShare share of the envelope that is solid, above 0 to 1
   * @param fibreRadiusMm of one fibre
   */
  public record Tuft(String bareSurface, double solidShare, double fibreRadiusMm) {
    public Tuft {
      Require.inRange("solidShare", solidShare, 0.001, 0.95, "");
      Require.inRange("fibreRadiusMm", fibreRadiusMm, 1e-4, 1, "mm");
    }

    /** Gap between parallel fibres evenly spread over the envelope, mm. */
    public double gapMm() {
      return fibreRadiusMm * (Math.sqrt(Math.PI / solidShare) - 2 * SQUEEZED);
    }

    /** Keeps the gap of a packed bundle above nothing. */
    private static final double SQUEEZED = 0.85;
  }

  /**
   * A short length of a thick member.
   *
   * @param at middle of its axis, body frame, mm
   * @param lengthMm along the axis
   * @param radiusMm of the envelope
   * @param buoyantShare share of the envelope that displaces water once drowned, 0 to 1
   * @param open share of its surface that meets the water, not another part; over 0, 1 at most
   */
  public record Slice(
      Vector3D at, double lengthMm, double radiusMm, double buoyantShare, double open) {
    /** A slice that stands free. */
    public Slice(Vector3D at, double lengthMm, double radiusMm, double buoyantShare) {
      this(at, lengthMm, radiusMm, buoyantShare, 1);
    }
  }

  /**
   * A thin elastic fibre, straight when unloaded, clamped at its root.
   *
   * @param part the part it belongs to
   * @param surface material whose contact angles it shows
   * @param root body frame, mm
   * @param direction unit vector from root to tip
   * @param lengthMm from root to tip
   * @param radiusMm at the root
   * @param taper share of the radius lost from root to tip, 0 to 0.9
   * @param youngs Young's modulus, µN/mm²
   */
  public record Fibre(
      String part,
      String surface,
      Vector3D root,
      Vector3D direction,
      double lengthMm,
      double radiusMm,
      double taper,
      double youngs) {
    /** Bending stiffness B = E·πr⁴/4 at the root, µN·mm². */
    public double bendingStiffness() {
      return youngs * Math.PI * Math.pow(radiusMm, 4) / 4;
    }

    /** Volume from an arc length to the tip, mm³. */
    public double volumeBeyond(double arcMm) {
      double tip = radiusMm * (1 - taper);
      double here = radiusMm * (1 - taper * arcMm / lengthMm);
      return Math.PI / 3 * (lengthMm - arcMm) * (here * here + here * tip + tip * tip);
    }

    /** Where its tip is while it is straight. */
    public Vector3D tip() {
      return root.add(lengthMm, direction);
    }

    /** Place of the middle of that volume, as an arc length, mm. */
    public double middleBeyond(double arcMm) {
      double tip = 1 - taper;
      double here = 1 - taper * arcMm / lengthMm;
      double all = here * here + here * tip + tip * tip;
      double share = (here * here + 2 * here * tip + 3 * tip * tip) / (4 * all);
      return arcMm + share * (lengthMm - arcMm);
    }
  }

  public double massMg() {
    return lumps.stream().mapToDouble(Lump::massMg).sum();
  }

  /** Centre of mass, body frame, mm. */
  public Vector3D centreOfMass() {
    Vector3D sum = Vector3D.ZERO;
    for (Lump lump : lumps) {
      sum = sum.add(lump.massMg(), lump.at());
    }
    return sum.scalarMultiply(1 / massMg());
  }

  /** Volume of water displaced by the whole fly under water, trapped air included, mm³. */
  public double drownedVolumeMm3() {
    double volume = 0;
    for (Member m : members) {
      for (Slice s : m.slices()) {
        volume += Math.PI * s.radiusMm() * s.radiusMm() * s.lengthMm() * s.buoyantShare();
      }
    }
    for (Fibre f : fibres) {
      volume += f.volumeBeyond(0);
    }
    return volume;
  }

  /** How far any point of the fly lies from a place, mm. */
  public double extent(Vector3D from) {
    double most = 0;
    for (Fibre f : fibres) {
      most = Math.max(most, f.root().distance(from));
      most = Math.max(most, f.tip().distance(from));
    }
    for (Member m : members) {
      for (Slice s : m.slices()) {
        most = Math.max(most, s.at().distance(from) + s.radiusMm());
      }
    }
    return most;
  }

  /**
   * Height of the lowest tip of a fibre or bottom of a slice, mm; nought if all stand higher.
   *
   * @param height of a place on the fly
   */
  public double lowest(ToDoubleFunction<Vector3D> height) {
    double least = 0;
    for (Fibre f : fibres) {
      least = Math.min(least, height.applyAsDouble(f.tip()));
    }
    for (Member m : members) {
      for (Slice s : m.slices()) {
        least = Math.min(least, height.applyAsDouble(s.at()) - s.radiusMm());
      }
    }
    return least;
  }
}
