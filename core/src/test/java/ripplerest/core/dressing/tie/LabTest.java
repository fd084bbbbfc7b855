package ripplerest.core.dressing.tie;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Random;
import org.apache.commons.csv.CSVRecord;
import org.junit.jupiter.api.Test;
import ripplerest.core.quantity.Table;

class LabTest {
  /**
   * The 34 pairs of Sharma, Wu & Dalal (2005), table 1, as the tests of Debian's python3-skimage
   * 0.19.3 carry them (skimage/color/tests/ciede2000_test_data.txt).
   */
  private static final List<CSVRecord> PAIRS = Table.rows(LabTest.class, "ciede2000.csv");

  @Test
  void differencesAreThePublishedOnes() {
    assertThat(PAIRS).hasSize(34);
    for (CSVRecord r : PAIRS) {
      Lab one = new Lab(number(r, "L1"), number(r, "a1"), number(r, "b1"));
      Lab other = new Lab(number(r, "L2"), number(r, "a2"), number(r, "b2"));
      double published = number(r, "dE");
      assertThat(one.difference(other)).as(r.toString()).isCloseTo(published, within(5e-5));
      assertThat(other.difference(one)).as("the other way").isCloseTo(published, within(5e-5));
    }
  }

  private static double number(CSVRecord r, String column) {
    return Double.parseDouble(r.get(column));
  }

  /** White, black and the primaries of sRGB (values from memory). */
  @Test
  void knownColoursOfTheScreen() {
    near(Lab.of(0xffffff), 100, 0, 0);
    near(Lab.of(0), 0, 0, 0);
    near(Lab.of(0xff0000), 53.24, 80.09, 67.20);
    near(Lab.of(0x00ff00), 87.73, -86.18, 83.18);
    near(Lab.of(0x0000ff), 32.30, 79.19, -107.86);
  }

  private static void near(Lab lab, double lightness, double a, double b) {
    assertThat(lab.lightness()).isCloseTo(lightness, within(0.02));
    assertThat(lab.a()).isCloseTo(a, within(0.02));
    assertThat(lab.b()).isCloseTo(b, within(0.02));
  }

  @Test
  void aNamedColourIsNearestToItself() {
    assertThat(Shade.all()).hasSizeGreaterThanOrEqualTo(60);
    for (Shade.Named named : Shade.all()) {
      assertThat(Shade.nearest(named.ink(), 1).get(0).ink()).isEqualTo(named.ink());
    }
  }

  @Test
  void whatIsNearestIsNearerThanAllThatAreLeftOut() {
    Random random = new Random(3);
    for (int i = 0; i < 200; i++) {
      int ink = random.nextInt(0x1000000);
      List<Shade.Named> nearest = Shade.nearest(ink, 5);
      double furthest = Lab.of(nearest.get(4).ink()).difference(Lab.of(ink));
      assertThat(Shade.all())
          .filteredOn(n -> !nearest.contains(n))
          .allSatisfy(
              n ->
                  assertThat(Lab.of(n.ink()).difference(Lab.of(ink)))
                      .isGreaterThanOrEqualTo(furthest));
    }
  }
}
