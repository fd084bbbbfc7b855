package ripplerest.app.demo;

import java.awt.Color;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.List;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.springframework.core.io.ClassPathResource;
import org.springframework.stereotype.Component;
import ripplerest.app.log.LogStore;
import ripplerest.app.tests.TestStore;
import ripplerest.core.calibration.GlassPhotograph;
import ripplerest.core.hook.Hook;
import ripplerest.core.hook.HookSpec;
import ripplerest.devices.GlassCamera;
import ripplerest.devices.GlassCamera.Stroke;
import ripplerest.exchange.format.LoggedFly;
import ripplerest.exchange.format.LoggedTest;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/**
 * The warden's nine tests in a glass of water, all of them invented, and a made-up picture of one.
 * Nothing is learnt from them before somebody asks for it.
 */
@Component
class DemoTests {
  /** The one of which there is a picture. */
  private static final int PICTURED = 7;

  /** How it is drawn: on this hook, tail down by so many degrees, its eye so far over the water. */
  private static final Hook HOOK = Hook.of(new HookSpec(12, HookSpec.Shape.CURVED, 0, 0));

  private static final double PITCH = Math.toRadians(12);
  private static final double EYE_MM = -2.2;

  private static final GlassCamera CAMERA = new GlassCamera(200, 3, 40, 1, 7000, 1400, 900);
  private static final Color WIRE = new Color(70, 66, 62);
  private static final Color BODY = new Color(96, 92, 60);
  private static final Color PLUME = new Color(150, 142, 128);

  private static final JsonMapper MAPPER = JsonMapper.builder().build();

  private final TestStore tests;

  DemoTests(TestStore tests) {
    this.tests = tests;
  }

  /**
   * @param flies of the log, in the order in which they were tied: the file names them by place
   */
  void load(List<LoggedFly> flies) {
    int n = 0;
    for (JsonNode node : read()) {
      String fly = node.get("fly").asString();
      int place = Integer.parseInt(fly.substring(fly.length() - 2));
      ((ObjectNode) node).put("fly", flies.get(place).id().toString());
      LoggedTest test = MAPPER.treeToValue(node, LoggedTest.class);
      tests.add(test);
      if (n++ == PICTURED) {
        tests.picture(test.id(), new LogStore.Picture("image/png", CAMERA.png(drawn())));
        LoggedTest.GlassMarks marks = marks();
        GlassPhotograph told = GlassPhotograph.of(HOOK, marks.taken(), marks.read());
        tests.change(test.id(), t -> t.pictured(marks, told));
      }
    }
  }

  private static JsonNode read() {
    try {
      return MAPPER.readTree(new ClassPathResource("demo-tests.json").getInputStream());
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  /** Where a place of the fly is, mm along the water and over it. */
  private static double[] at(Vector3D place) {
    double x = place.getX() * Math.cos(PITCH) + place.getZ() * Math.sin(PITCH);
    double y = EYE_MM + place.getZ() * Math.cos(PITCH) - place.getX() * Math.sin(PITCH);
    return new double[] {x - HOOK.shankMm() / 2, y};
  }

  private static Stroke stroke(double thick, Color colour, List<Vector3D> path) {
    double[] points = path.stream().flatMapToDouble(p -> java.util.Arrays.stream(at(p))).toArray();
    return new Stroke(points, thick, colour);
  }

  private static List<Stroke> drawn() {
    List<Stroke> all = new ArrayList<>();
    double shank = HOOK.shankMm();
    for (int i = -4; i <= 4; i++) {
      Vector3D root = HOOK.onShank(0.25 * shank).add(new Vector3D(0, 0, 0.4));
      Vector3D tip = root.add(new Vector3D(0.5 * i + 1, 0, 4.4 - 0.12 * i * i));
      all.add(stroke(0.16, PLUME, List.of(root, root.add(0.5, tip.subtract(root)), tip)));
    }
    all.add(
        stroke(
            1.5,
            BODY,
            List.of(HOOK.onShank(0.12 * shank), HOOK.onShank(0.5 * shank), HOOK.onShank(shank))));
    all.add(stroke(HOOK.wireMm(), WIRE, HOOK.wire(0.2)));
    return all;
  }

  private static LoggedTest.GlassMarks marks() {
    return new LoggedTest.GlassMarks(
        CAMERA.lensToWall(),
        CAMERA.wallToFly(),
        CAMERA.wide(),
        CAMERA.high(),
        marked(at(Vector3D.ZERO)),
        marked(at(HOOK.bendStart())),
        marked(at(HOOK.point())),
        List.of(marked(new double[] {-12, 1e-6}), marked(new double[] {12, 1e-6})));
  }

  /** To a tenth of a pixel, as a hand would. */
  private static LoggedTest.MarkedPlace marked(double[] place) {
    double[] px = CAMERA.pixel(place[0], place[1]);
    return new LoggedTest.MarkedPlace(Math.rint(10 * px[0]) / 10, Math.rint(10 * px[1]) / 10);
  }
}
