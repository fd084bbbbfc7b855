package ripplerest.core.calibration;

import ripplerest.core.estimate.PreparedFly;
import ripplerest.core.quantity.Require;

/**
 * A fly, as tied, that was put into a glass of water.
 *
 * @param id of the test
 * @param label for people
 * @param tied which tied fly it was and how it was prepared: tests of one are repetitions of one
 *     another
 * @param fly as tied, in the water it was laid on, of materials as they are known without tests
 * @param seen what was seen
 */
public record TankTest(String id, String label, String tied, PreparedFly fly, Seen seen) {
  public TankTest {
    Require.text("id", id, 80);
    Require.present("fly", fly);
    Require.present("seen", seen);
  }
}
