package ripplerest.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import com.google.gson.JsonArray;
import com.google.gson.JsonElement;
import com.google.gson.JsonObject;
import com.google.gson.JsonParser;
import com.microsoft.playwright.Download;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.ColorScheme;
import com.microsoft.playwright.options.ReducedMotion;
import java.awt.RenderingHints;
import java.awt.image.BufferedImage;
import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.ByteOrder;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.regex.Pattern;
import javax.imageio.ImageIO;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import ripplerest.core.dressing.tie.Lab;

/** The fly in three dimensions, and what leaves the bench as a picture of it. */
class PictureTest extends OnBench {
  private static final Path KEPT = Path.of("src/test/resources/pictures");

  /** Pictures are compared as small as this, px: noise of one pixel is nothing that one sees. */
  private static final int WIDE = 160;

  private static final int HIGH = 100;

  /** The fly without the words under it, px. */
  private static final int FLY_HIGH = 600;

  @BeforeEach
  void look() {
    answersCome();
    page.setViewportSize(1000, 700); // a small picture is drawn sooner without a graphics card
  }

  private Locator turn() {
    return page.getByTestId("turn");
  }

  private void turnIt(String fly) {
    openFly(fly);
    page.getByRole(AriaRole.RADIO, new Page.GetByRoleOptions().setName("turn it")).click();
    assertThat(turn()).hasAttribute("data-ready", "yes");
    assertThat(turn().locator("canvas")).isVisible();
    page.waitForCondition(() -> turn().getAttribute("data-drawn") != null);
  }

  private Path save(String as, String more) {
    button("Save the picture").click();
    page.getByRole(AriaRole.RADIO, new Page.GetByRoleOptions().setName(as)).click();
    if (!more.isEmpty()) {
      page.getByRole(AriaRole.RADIO, new Page.GetByRoleOptions().setName(more)).click();
    }
    Locator save =
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Save").setExact(true));
    Download file = page.waitForDownload(save::click);
    assertThat(page.getByRole(AriaRole.DIALOG)).hasCount(0);
    return file.path();
  }

  @ParameterizedTest
  @ValueSource(strings = {"Lantern Dun", "Heather Ghost", "Hedge Jumper"})
  void aFlyLooksAsItDid(String fly) throws IOException {
    turnIt(fly);
    BufferedImage now = small(ImageIO.read(save("picture (PNG)", "1 ×").toFile()));
    Path kept = KEPT.resolve(fly.toLowerCase().replace(' ', '-') + ".png");
    if (System.getProperty("pictures") != null) {
      ImageIO.write(now, "png", kept.toFile());
    }
    double[] apart = apart(now, ImageIO.read(kept.toFile()));
    assertThat(mean(apart)).isLessThan(1.5); // under 2 is hard to see (CIE 142-2001)
    assertThat(share(apart, 10)).isLessThan(0.01);
    String another = fly.equals("Lantern Dun") ? "hedge-jumper.png" : "lantern-dun.png";
    BufferedImage other = ImageIO.read(KEPT.resolve(another).toFile());
    assertThat(share(apart(now, other), 10)).as("another fly is told apart").isGreaterThan(0.01);
  }

  private static BufferedImage small(BufferedImage whole) {
    BufferedImage fly = whole.getSubimage(0, 0, whole.getWidth(), FLY_HIGH);
    BufferedImage half = fly;
    while (half.getWidth() >= 2 * WIDE) { // by halves, so that every pixel counts
      half = scaled(half, half.getWidth() / 2, half.getHeight() / 2);
    }
    return scaled(half, WIDE, HIGH);
  }

  private static BufferedImage scaled(BufferedImage from, int wide, int high) {
    BufferedImage to = new BufferedImage(wide, high, BufferedImage.TYPE_INT_RGB);
    var pen = to.createGraphics();
    pen.setRenderingHint(
        RenderingHints.KEY_INTERPOLATION, RenderingHints.VALUE_INTERPOLATION_BILINEAR);
    pen.drawImage(from, 0, 0, wide, high, null);
    pen.dispose();
    return to;
  }

  /** Difference of colour by CIEDE2000, pixel by pixel. */
  private static double[] apart(BufferedImage one, BufferedImage other) {
    double[] apart = new double[WIDE * HIGH];
    for (int i = 0; i < apart.length; i++) {
      int a = one.getRGB(i % WIDE, i / WIDE) & 0xffffff;
      int b = other.getRGB(i % WIDE, i / WIDE) & 0xffffff;
      apart[i] = a == b ? 0 : Lab.of(a).difference(Lab.of(b));
    }
    return apart;
  }

  private static double mean(double[] values) {
    return java.util.Arrays.stream(values).average().orElseThrow();
  }

  private static double share(double[] values, double over) {
    return (double) java.util.Arrays.stream(values).filter(v -> v > over).count() / values.length;
  }

  @Test
  void itIsTurnedByKeysAndButtonsAndWiped() {
    turnIt("Lantern Dun");
    String round = turn().getAttribute("data-round");
    turn().focus();
    turn().press("ArrowRight");
    assertThat(turn()).not().hasAttribute("data-round", round);
    button("As at first").click();
    assertThat(turn()).hasAttribute("data-round", round);
    for (int i = 0; i < 5; i++) {
      button("Look from lower").click();
    }
    assertThat(turn()).hasAttribute("aria-label", Pattern.compile(".*under the water.*"));
    page.getByText("one across the other").click();
    assertThat(page.getByLabel("How far the vise is wiped across the water")).isVisible();
    assertThat(Site.violationsOn(page)).isEmpty();
    String still = turn().getAttribute("data-moment");
    page.locator("body").press("s");
    assertThat(page.getByTestId("fly")).hasAttribute("data-camera", "side");
    page.emulateMedia(new Page.EmulateMediaOptions().setReducedMotion(ReducedMotion.NO_PREFERENCE));
    turnIt("Lantern Dun");
    button("Watch it settle").click();
    assertThat(turn()).hasAttribute("data-moment", "moving");
    assertThat(button("Watch it settle")).isVisible();
    assertThat(turn()).hasAttribute("data-moment", still);
    assertThat(consoleErrors).isEmpty();
  }

  @ParameterizedTest
  @CsvSource({"picture (PNG), 2 ×, 1920", "card to share, '', 1200"})
  void aPictureIsAsLargeAsItSays(String as, String more, int wide) throws IOException {
    turnIt("Lantern Dun");
    BufferedImage picture = ImageIO.read(save(as, more).toFile());
    assertThat(picture.getWidth()).isEqualTo(wide);
    if (wide == 1200) {
      assertThat(picture.getHeight()).isEqualTo(630);
    }
  }

  @Test
  void aSolidIsTheFlyThatWasSolvedInMetres() throws IOException {
    openFly("Lantern Dun");
    ByteBuffer file =
        ByteBuffer.wrap(Files.readAllBytes(save("solid (glTF)", "")))
            .order(ByteOrder.LITTLE_ENDIAN);
    assertThat(file.getInt(0)).isEqualTo(0x46546c67); // "glTF", version 2: glTF 2.0, section 4.4
    assertThat(file.getInt(4)).isEqualTo(2);
    int length = file.getInt(12);
    String text = new String(file.array(), 20, length, StandardCharsets.UTF_8);
    assertThat(text).doesNotContain("warden");
    JsonObject model = JsonParser.parseString(text).getAsJsonObject();
    Map<String, List<Vector3D>> meshes = new HashMap<>();
    double scale = 1;
    for (JsonElement node : model.getAsJsonArray("nodes")) {
      if (node.getAsJsonObject().has("mesh")) {
        meshes.put(
            node.getAsJsonObject().get("name").getAsString(),
            positions(model, node.getAsJsonObject(), file, 28 + length));
      } else if (node.getAsJsonObject().has("matrix")) {
        JsonArray columns = node.getAsJsonObject().getAsJsonArray("matrix");
        scale *= columns.get(0).getAsDouble(); // x goes to x: the fly is turned about it alone
        assertThat(columns.get(9).getAsDouble()).isCloseTo(0.001, within(1e-9)); // z goes up to y
      }
    }
    assertThat(scale).isCloseTo(0.001, within(1e-9)); // the core counts in mm, glTF in metres
    JsonObject scene = scene();
    int points = 0;
    for (JsonElement fibre : scene.getAsJsonObject("fly").getAsJsonArray("fibres")) {
      JsonObject f = fibre.getAsJsonObject();
      double radius = f.get("radiusMm").getAsDouble();
      double taper = f.get("taper").getAsDouble();
      JsonArray line = f.getAsJsonArray("line");
      for (int i = 0; i < line.size(); i++, points++) {
        Vector3D p = point(line.get(i).getAsJsonArray());
        double thick = radius * (1 - taper * i / (line.size() - 1));
        double off =
            meshes.get(f.get("part").getAsString()).stream()
                .mapToDouble(v -> Math.abs(v.distance(p) - thick))
                .min()
                .orElseThrow();
        assertThat(off).isLessThan(0.01);
      }
    }
    assertThat(points).isGreaterThan(200);
    JsonObject film = scene.getAsJsonObject("film");
    List<Vector3D> surface = meshes.get("film");
    JsonArray heights = film.getAsJsonArray("heightUm");
    assertThat(surface).hasSize(heights.size());
    for (int i = 0; i < surface.size(); i += 97) {
      assertThat(1000 * surface.get(i).getZ()).isCloseTo(heights.get(i).getAsInt(), within(0.5));
    }
  }

  private static List<Vector3D> positions(
      JsonObject model, JsonObject node, ByteBuffer file, int data) {
    JsonObject primitive =
        model
            .getAsJsonArray("meshes")
            .get(node.get("mesh").getAsInt())
            .getAsJsonObject()
            .getAsJsonArray("primitives")
            .get(0)
            .getAsJsonObject();
    JsonObject accessor =
        model
            .getAsJsonArray("accessors")
            .get(primitive.getAsJsonObject("attributes").get("POSITION").getAsInt())
            .getAsJsonObject();
    JsonObject view =
        model
            .getAsJsonArray("bufferViews")
            .get(accessor.get("bufferView").getAsInt())
            .getAsJsonObject();
    int at =
        data
            + (view.has("byteOffset") ? view.get("byteOffset").getAsInt() : 0)
            + (accessor.has("byteOffset") ? accessor.get("byteOffset").getAsInt() : 0);
    List<Vector3D> points = new ArrayList<>();
    for (int i = 0; i < accessor.get("count").getAsInt(); i++) {
      int here = at + 12 * i;
      points.add(
          new Vector3D(file.getFloat(here), file.getFloat(here + 4), file.getFloat(here + 8)));
    }
    return points;
  }

  /** What the core says of the fly that is open. */
  private JsonObject scene() {
    String id = page.url().replaceAll(".*/bench/([-0-9a-f]+).*", "$1");
    String pattern = context.request().get(site.address + "/api/patterns/" + id).text();
    String document = JsonParser.parseString(pattern).getAsJsonObject().get("document").toString();
    String answer =
        context
            .request()
            .post(
                site.address + "/api/answers?ask=SCENE",
                com.microsoft.playwright.options.RequestOptions.create()
                    .setHeader("Content-Type", "application/json")
                    .setData(document.getBytes(StandardCharsets.UTF_8)))
            .text();
    String last = answer.strip().lines().reduce((a, b) -> b).orElseThrow();
    return JsonParser.parseString(last).getAsJsonObject().getAsJsonObject("scene");
  }

  private static Vector3D point(JsonArray p) {
    return new Vector3D(p.get(0).getAsDouble(), p.get(1).getAsDouble(), p.get(2).getAsDouble());
  }

  @Test
  void theBenchWorksWithoutWebGl() throws IOException {
    context.addInitScript(
        "HTMLCanvasElement.prototype.getContext = (before => function (kind, ...more) {"
            + " return kind.startsWith('webgl') ? null : before.call(this, kind, ...more) })"
            + "(HTMLCanvasElement.prototype.getContext)");
    openFly("Lantern Dun");
    Locator turn = page.getByRole(AriaRole.RADIO, new Page.GetByRoleOptions().setName("turn it"));
    assertThat(turn).isDisabled();
    assertThat(turn)
        .hasAttribute("title", Pattern.compile("This browser shows nothing in three.*"));
    page.navigate(page.url().replaceAll("[?].*", "") + "?view=free");
    assertThat(page.getByTestId("fly")).hasAttribute("data-camera", "side");
    page.emulateMedia(new Page.EmulateMediaOptions().setColorScheme(ColorScheme.DARK));
    assertThat(Site.violationsOn(page)).isEmpty();
    assertThat(ImageIO.read(save("picture (PNG)", "2 ×").toFile()).getWidth()).isGreaterThan(1000);
    assertThat(ImageIO.read(save("card to share", "").toFile()).getWidth()).isEqualTo(1200);
    assertThat(Files.readString(save("drawing (SVG)", ""))).contains("Lantern Dun, hook 14");
    assertThat(consoleErrors).isEmpty();
  }
}
