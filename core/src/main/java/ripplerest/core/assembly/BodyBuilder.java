package ripplerest.core.assembly;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.DoubleFunction;
import java.util.function.DoubleUnaryOperator;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import ripplerest.core.assembly.FlyBody.Fibre;
import ripplerest.core.assembly.FlyBody.Lump;
import ripplerest.core.assembly.FlyBody.Member;
import ripplerest.core.assembly.FlyBody.Slice;
import ripplerest.core.assembly.FlyBody.Tuft;
import ripplerest.core.dressing.Making;
import ripplerest.core.dressing.Pattern;
import ripplerest.core.hook.Hook;
import ripplerest.core.material.Material;
import ripplerest.core.material.Materials;
import ripplerest.core.material.Property;
import ripplerest.core.sizing.Girth;
import ripplerest.core.sizing.SizedPattern;
import ripplerest.core.water.Floatant;

/** One fly as it grows, and the few ways in which anything is laid on it. */
final class BodyBuilder {
  /** Everything on the shank shares one meniscus. */
  static final String SHANK_LINE = "shank-line";

  static final String THREAD = "thread";

  /**
   * A bundle radius in the material table belongs to this gap, mm (size 14), and scales with it.
   */
  private static final double REFERENCE_GAP_MM = 4.0;

  final SizedPattern sized;
  final Hook hook;
  final Girth girth;
  private final Materials materials;
  private final Floatant floatant;
  private final Mesh mesh;
  private final List<Lump> lumps = new ArrayList<>();
  private final List<Member> members = new ArrayList<>();
  private final List<Fibre> fibres = new ArrayList<>();

  BodyBuilder(SizedPattern sized, Materials materials, Floatant floatant, Mesh mesh) {
    this.sized = sized;
    this.hook = sized.hook();
    this.girth = new Girth(sized);
    this.materials = materials;
    this.floatant = floatant;
    this.mesh = mesh;
  }

  FlyBody body() {
    return new FlyBody(lumps, Overlaps.merged(members), fibres);
  }

  int fibreCount() {
    return fibres.size();
  }

  double sliceMm() {
    return mesh.sliceMm();
  }

  double get(String material, Property property) {
    return materials.get(material).get(property);
  }

  /** Radius of thread and stem on the wire. */
  double seatRadius() {
    return girth.seat();
  }

  /** Radius of the body at its front, or of the seat where there is none. */
  double bodyRadius() {
    return girth.front();
  }

  /** Radius of all that is wound at a place of the shank. */
  double outerMm(double mm) {
    return girth.outer(mm);
  }

  /** Where a part is bound in, mm behind the eye. */
  double seat(String part) {
    return sized.seatMm(part);
  }

  double bundleRadius(String material) {
    return get(material, Property.BUNDLE_RADIUS) * hook.gapMm() / REFERENCE_GAP_MM;
  }

  void weigh(String part, Vector3D at, double massMg) {
    lumps.add(new Lump(part, at, massMg));
  }

  void bare(String part, String material, List<Slice> slices) {
    members.add(new Member(part, SHANK_LINE, material, slices));
  }

  /**
   * One layer wound on the shank.
   *
   * @param part it belongs to
   * @param radius over it by the distance behind the eye, mm
   */
  record Layer(String part, String material, DoubleUnaryOperator radius) {}

  /**
   * Wraps a stretch of the shank, layer on layer; a layer that comes out thinner than what it lies
   * on has sunk in.
   *
   * @param layers in the order of winding, one or more
   * @param part to which the surface belongs
   * @param shown material whose surface meets the water
   */
  void wrap(double fromMm, double lengthMm, List<Layer> layers, String part, String shown) {
    int count = Math.max(1, (int) Math.ceil(lengthMm / mesh.sliceMm()));
    double length = lengthMm / count;
    double wireRadius = hook.wireMm() / 2;
    List<Slice> slices = new ArrayList<>();
    for (int i = 0; i < count; i++) {
      double mm = fromMm + (i + 0.5) / count * lengthMm;
      Vector3D at = hook.onShank(mm);
      double under = wireRadius;
      double buoyant = wireRadius * wireRadius;
      for (Layer layer : layers) {
        double r = Math.max(1.01 * wireRadius, layer.radius().applyAsDouble(mm));
        if (r > under) {
          Bulk bulk = bulk(layer.part(), layer.material());
          double ring = r * r - under * under;
          buoyant += ring * bulk.buoyantShare();
          weigh(layer.part(), at, Math.PI * ring * length * bulk.solidShare() * bulk.density());
          under = r;
        }
      }
      slices.add(new Slice(at, length, under, buoyant / (under * under)));
    }
    members.add(new Member(part, SHANK_LINE, surface(part, shown), slices));
  }

  /** Lays a wrapped strand or strip free of the shank; it has no film between its fibres. */
  void rod(
      String part,
      String group,
      String material,
      DoubleFunction<Vector3D> path,
      double lengthMm,
      DoubleUnaryOperator radius) {
    thick(part, group, material, path, lengthMm, radius, Optional.empty());
  }

  /** A straight bundle of fine fibres with air between them. */
  void bundle(
      String part,
      String group,
      String material,
      Vector3D foot,
      Vector3D direction,
      double lengthMm,
      DoubleUnaryOperator radius) {
    bundle(part, group, material, t -> foot.add(t * lengthMm, direction), lengthMm, radius);
  }

  /**
   * The same along a curve.
   *
   * @param path by the share of its length, from the foot
   */
  void bundle(
      String part,
      String group,
      String material,
      DoubleFunction<Vector3D> path,
      double lengthMm,
      DoubleUnaryOperator radius) {
    Tuft tuft =
        new Tuft(
            surface(part, material),
            get(material, Property.SOLID_SHARE),
            get(material, Property.FIBRE_RADIUS));
    thick(part, group, material, path, lengthMm, radius, Optional.of(tuft));
  }

  private void thick(
      String part,
      String group,
      String material,
      DoubleFunction<Vector3D> path,
      double lengthMm,
      DoubleUnaryOperator radius,
      Optional<Tuft> tuft) {
    int count = Math.max(4, (int) Math.ceil(lengthMm / mesh.sliceMm()));
    double length = lengthMm / count;
    Bulk bulk = bulk(part, material);
    List<Slice> slices = new ArrayList<>();
    for (int i = 0; i < count; i++) {
      double t = (i + 0.5) / count;
      double r = radius.applyAsDouble(t);
      Vector3D at = path.apply(t);
      slices.add(new Slice(at, length, r, bulk.buoyantShare()));
      weigh(part, at, Math.PI * r * r * length * bulk.solidShare() * bulk.density());
    }
    members.add(new Member(part, group, surface(part, material), slices, tuft));
  }

  Bundling bundled(String material, int fibres, double lengthMm, double apartMm) {
    return Bundling.of(materials.get(material), fibres, lengthMm, apartMm);
  }

  void fibre(String part, String material, Vector3D root, Vector3D direction, double lengthMm) {
    fibre(part, material, root, direction, lengthMm, 1);
  }

  /**
   * Fibres that stick together as one: as much in all as they are, and sliding along each other, so
   * that they are no stiffer than so many side by side.
   */
  void fibre(
      String part,
      String material,
      Vector3D root,
      Vector3D direction,
      double lengthMm,
      double together) {
    Material m = materials.get(material);
    Fibre fibre =
        new Fibre(
            part,
            surface(part, material),
            root,
            direction.normalize(),
            lengthMm,
            Math.sqrt(together) * m.get(Property.FIBRE_RADIUS),
            m.get(Property.TAPER),
            m.get(Property.YOUNGS_MODULUS) / together);
    fibres.add(fibre);
    Vector3D middle = root.add(fibre.middleBeyond(0), fibre.direction());
    weigh(part, middle, fibre.volumeBeyond(0) * m.get(Property.DENSITY));
  }

  /** What a bundle is made of: solid share, its density, and what of the envelope displaces. */
  private record Bulk(double solidShare, double density, double buoyantShare) {}

  /** The pattern says it, or the style: some keep the floatant off part of the fly, or wet it. */
  private Making.Preparation prepared(String part) {
    Making.Preparation said =
        Optional.ofNullable(sized.pattern().making().preparation().get(part))
            .orElseGet(() -> usual(Pattern.kindOf(part)));
    boolean dry = said == Making.Preparation.DRESSED && floatant == Floatant.NONE;
    return dry ? Making.Preparation.BARE : said;
  }

  private Making.Preparation usual(String kind) {
    if (lists("wetted", kind).orElse(false)) {
      return Making.Preparation.WETTED;
    }
    boolean dressed = lists("dressed", kind).orElse(true);
    return dressed ? Making.Preparation.DRESSED : Making.Preparation.BARE;
  }

  /** Whether a kind is in a list of the style's; empty if it has no such list. */
  private Optional<Boolean> lists(String rule, String kind) {
    return sized
        .style()
        .find("school", rule)
        .map(list -> List.of(list.value().split(" ")).contains(kind));
  }

  private String surface(String part, String material) {
    return switch (prepared(part)) {
      case DRESSED -> material;
      case BARE -> FlyBody.undressed(material);
      case WETTED -> FlyBody.wetted(material);
    };
  }

  private Bulk bulk(String part, String material) {
    Material m = materials.get(material);
    double density = m.get(Property.DENSITY);
    if (!m.has(Property.SOLID_SHARE)) {
      return new Bulk(1, density, 1);
    }
    double solid = m.get(Property.SOLID_SHARE);
    double bare = m.get(Property.KEPT_AIR_UNTREATED);
    double air =
        switch (prepared(part)) {
          case DRESSED -> floatant.between(bare, m.get(Property.KEPT_AIR_TREATED));
          case BARE -> bare;
          case WETTED -> 0;
        };
    return new Bulk(solid, density, Math.min(1, solid + air));
  }
}
