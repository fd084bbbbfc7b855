package ripplerest.core.assembly;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import ripplerest.core.assembly.FlyBody.Member;
import ripplerest.core.assembly.FlyBody.Slice;

/** Two level cylinders side by side, one pushed into the other. */
class OverlapsTest {
  private static Member cylinder(double aside, double radius) {
    List<Slice> slices = new ArrayList<>();
    for (double x = 0.05; x < 4; x += 0.1) {
      slices.add(new Slice(new Vector3D(x, aside, 0), 0.1, radius, 1));
    }
    return new Member("body", "b" + aside, "stuff", slices);
  }

  private static Slice middle(Member m) {
    return m.slices().get(m.slices().size() / 2);
  }

  // By hand: two circles of one radius whose middles lie d apart share 2R²·acos(d/2R) -
  // d/2·√(4R² - d²), and each hides acos(d/2R)/π of the other's rim.
  @ParameterizedTest
  @ValueSource(doubles = {0.1, 0.5, 0.9, 1.3})
  void whatTwoCirclesShareIsCountedOnce(double apart) {
    double radius = 0.8;
    List<Member> both = Overlaps.merged(List.of(cylinder(0, radius), cylinder(apart, radius)));
    double half = Math.acos(apart / (2 * radius));
    double shared =
        2 * radius * radius * half - apart / 2 * Math.sqrt(4 * radius * radius - apart * apart);
    assertThat(middle(both.get(0)).buoyantShare()).isEqualTo(1);
    assertThat(middle(both.get(1)).buoyantShare())
        .isCloseTo(1 - shared / (Math.PI * radius * radius), within(0.08));
    assertThat(middle(both.get(0)).open()).isCloseTo(1 - half / Math.PI, within(0.08));
    assertThat(middle(both.get(1)).open()).isCloseTo(1 - half / Math.PI, within(0.08));
  }

  @Test
  void whatLiesApartIsLeftAlone() {
    List<Member> apart = List.of(cylinder(0, 0.4), cylinder(1.5, 0.4));
    assertThat(Overlaps.merged(apart)).isEqualTo(apart);
  }

  /** A core within a sleeve: the room is the core's and the sleeve's rest; the rim the sleeve's. */
  @Test
  void theOuterOfTwoIsTheSurface() {
    List<Member> both = Overlaps.merged(List.of(cylinder(0, 0.3), cylinder(0.001, 0.9)));
    assertThat(middle(both.get(0)).open()).isLessThan(0.01);
    assertThat(middle(both.get(1)).open()).isEqualTo(1);
    assertThat(middle(both.get(1)).buoyantShare()).isCloseTo(1 - 1.0 / 9, within(0.15));
  }
}
