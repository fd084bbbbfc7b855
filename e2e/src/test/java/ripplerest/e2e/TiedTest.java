package ripplerest.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Browser;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Mouse;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.BoundingBox;
import com.microsoft.playwright.options.ColorScheme;
import com.microsoft.playwright.options.FilePayload;
import java.util.List;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import ripplerest.devices.Instrument;
import ripplerest.devices.StandIn;

/** From the card to the vise, and from the vise to the log. */
class TiedTest extends OnBench {
  private Locator where() {
    return page.getByTestId("where");
  }

  private void openVise(String name) {
    openCopyOf(name);
    page.keyboard().press("v");
    assertThat(where()).hasText("before you start");
  }

  private void logAFly(String name) {
    openCopyOf(name);
    page.keyboard().press("k");
    button("Log a fly tied to it").click();
    assertThat(page.getByTestId("judged")).containsText("It sits as planned.");
  }

  private Locator made(String name) {
    return page.getByLabel(name, new Page.GetByLabelOptions().setExact(true));
  }

  private Locator kept() {
    return page.getByTestId("kept");
  }

  @Test
  void aFlyIsTiedByTheKeyboardAlone() {
    openVise("Lantern Dun");
    Locator soFar = page.getByTestId("so-far");
    assertThat(soFar).hasAttribute("data-parts", "");
    page.keyboard().press("PageDown");
    assertThat(where()).hasText("step 1 of 10");
    page.keyboard().press("Space");
    page.keyboard().press("ArrowRight");
    assertThat(where()).hasText("step 3 of 10");
    assertThat(soFar).hasAttribute("data-parts", Pattern.compile("thread tail body"));
    page.keyboard().press("PageUp");
    assertThat(where()).hasText("step 2 of 10");
    assertThat(page.getByTestId("clock")).hasText(Pattern.compile("0:0[1-9].*"));
    page.keyboard().press("p");
    assertThat(button("go on")).isVisible();
    page.reload();
    assertThat(where()).hasText("step 2 of 10");
    for (int i = 0; i < 9; i++) {
      page.keyboard().press("PageDown");
    }
    assertThat(where()).hasText("done");
    page.keyboard().press("Enter");
    assertThat(page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setLevel(1)))
        .hasText("Lantern Dun, copy, as tied");
    page.getByText("the log", new Page.GetByTextOptions().setExact(true)).click();
    assertThat(page.locator("tbody tr").first()).containsText("Lantern Dun, copy");
    assertThat(consoleErrors).isEmpty();
  }

  @Test
  void aPowerCutInTheMiddleLosesNothingThatWasConfirmed() {
    logAFly("Lantern Dun");
    made("tail length, mm").fill("8.1");
    made("tail length, mm").press("Enter");
    assertThat(kept()).hasText("saved");
    Page sheet = page;
    page = context.newPage();
    page.setDefaultTimeout(Site.SLOWEST_MS);
    openVise("Willow Skate");
    page.keyboard().press("PageDown");
    page.keyboard().press("PageDown");
    assertThat(where()).hasText("step 2 of 11");
    Page vise = page;

    site.kill();
    vise.keyboard().press("PageDown");
    assertThat(vise.getByText("Not kept on the server yet")).isVisible();
    page = sheet;
    made("wing length, mm").fill("8.9");
    made("wing length, mm").press("Enter");
    assertThat(kept()).containsText("Not saved");
    page.getByLabel("Picture of the fly").setInputFiles(picture(new byte[] {1}));
    assertThat(page.getByLabel("Picture", new Page.GetByLabelOptions().setExact(true)))
        .containsText("does not answer");
    site.database.crash();
    site.launch();

    assertThat(kept()).hasText("saved");
    page.reload();
    assertThat(made("tail length, mm")).hasValue("8.1");
    assertThat(made("wing length, mm")).hasValue("8.9");
    assertThat(page.getByTestId("judged")).containsText("upright wing 1.5 mm too long");
    page = vise;
    assertThat(page.getByText("Not kept on the server yet")).isHidden();
    page.reload();
    assertThat(where()).hasText("step 3 of 11");
  }

  @Test
  void caliperAndScaleAreReadOrSayWhyNot() {
    logAFly("Lantern Dun");
    Locator caliper = button("wing length from the caliper");
    site.devices.set(Instrument.CALIPER, 9.2, StandIn.Mood.STEADY);
    caliper.click();
    assertThat(made("wing length, mm")).hasValue("9.2");
    assertThat(kept()).hasText("saved");
    site.devices.set(Instrument.SCALE, 21.9, StandIn.Mood.STEADY);
    button("scale").click();
    assertThat(made("whole fly, mg")).hasValue("21.9");
    site.devices.set(Instrument.CALIPER, 9.2, StandIn.Mood.SILENT);
    caliper.click();
    assertThat(page.getByRole(AriaRole.ALERT)).containsText("has said nothing for 1.5 s");
    site.devices.set(Instrument.CALIPER, 999, StandIn.Mood.STEADY);
    caliper.click();
    assertThat(page.getByRole(AriaRole.ALERT)).containsText("reads 999.00 mm; it reads from 0");
    assertThat(made("wing length, mm")).hasValue("9.2");
  }

  private static FilePayload picture(byte[] bytes) {
    return new FilePayload("fly.png", "image/png", bytes);
  }

  /** A made-up picture of the demo's. */
  private byte[] fetchDemoPicture() {
    String id =
        (String)
            page.evaluate(
                "async () => (await (await fetch('/api/log')).json())"
                    + ".findLast(f => f.pictured && f.name === 'Lantern Dun').id");
    return page.request().get(site.address + "/api/log/" + id + "/picture").body();
  }

  @Test
  void aPictureIsMeasuredByItsMarks() {
    logAFly("Lantern Dun");
    byte[] png = fetchDemoPicture();
    Locator input = page.getByLabel("Picture of the fly");
    input.setInputFiles(new FilePayload("words.png", "image/png", "words".getBytes()));
    assertThat(page.getByRole(AriaRole.ALERT)).containsText("a PNG or JPEG picture");
    page.evaluate(
        "() => { const file = new File([new Uint8Array(40_000_000)], 'big.png', {type: 'image/png'});"
            + " const all = new DataTransfer(); all.items.add(file);"
            + " const input = document.querySelector(\"[aria-label='Picture of the fly']\");"
            + " input.files = all.files; input.dispatchEvent(new Event('change', {bubbles: true})) }");
    assertThat(page.getByRole(AriaRole.ALERT)).containsText("40 MB; at most 12 MB");
    input.setInputFiles(picture(png));
    Locator shown = page.getByTestId("picture");
    assertThat(shown).hasAttribute("viewBox", "0 0 1400 900");
    // a level hook of 370 px on a level film
    mark(shown, 515, 420);
    mark(shown, 885, 420);
    button("film left").click();
    mark(shown, 100, 470);
    mark(shown, 1300, 470);
    Locator told = page.getByTestId("told");
    assertThat(told).containsText("Rests 0 ± 1°");
    assertThat(told).containsText("eye 1.0 ± 0.0 mm");
    pull(page.locator("[data-dot='film left'] circle"), 60);
    assertThat(told).not().containsText("Rests 0 ± 1°");
    pull(page.locator("[data-dot='film left'] circle"), -60);
    assertThat(told).containsText("Rests 0 ± 1°");
    button("mark it").click();
    mark(shown, 885, 420);
    mark(shown, 1285, 420);
    assertThat(told).containsText("tail length 8.0 ± 0.2 mm");
    button("Use this measurement").click();
    assertThat(made("tail length, mm")).hasValue(Pattern.compile("8(\\.0\\d?)?"));
    assertThat(kept()).hasText("saved");
  }

  private void pull(Locator dot, double down) {
    BoundingBox box = dot.boundingBox();
    double x = box.x + box.width / 2;
    double y = box.y + box.height / 2;
    page.mouse().move(x, y);
    page.mouse().down();
    page.mouse().move(x, y + down, new Mouse.MoveOptions().setSteps(6));
    page.mouse().up();
  }

  private void mark(Locator shown, double x, double y) {
    shown.scrollIntoViewIfNeeded();
    BoundingBox box = shown.boundingBox();
    shown.click(new Locator.ClickOptions().setPosition(x / 1400 * box.width, y / 900 * box.height));
  }

  @Test
  void theLogShowsWhatHandsDoAndGoesOutAndIn() {
    page.navigate(site.address + "/log");
    Locator trends = page.getByTestId("trends");
    assertThat(trends)
        .containsText(Pattern.compile("Your wing length runs \\d+ ± \\d+ % long over"));
    var file =
        page.waitForDownload(
            () -> page.getByText("JSON", new Page.GetByTextOptions().setExact(true)).click());
    page.getByLabel("Log to import").setInputFiles(file.path());
    assertThat(page.getByText("0 flies added")).isVisible();
    page.getByLabel("Log to import")
        .setInputFiles(new FilePayload("x.json", "application/json", "{}".getBytes()));
    assertThat(page.getByText("Nothing was added.")).isVisible();
  }

  @Test
  void nothingSeriousInEitherScheme() {
    String fly = "(await (await fetch('/api/log')).json())[0].id";
    String pattern = "(await (await fetch('/api/patterns')).json())[0].id";
    for (ColorScheme scheme : List.of(ColorScheme.LIGHT, ColorScheme.DARK)) {
      try (var seen =
          site.browser.newContext(new Browser.NewContextOptions().setColorScheme(scheme))) {
        Page at = seen.newPage();
        at.navigate(site.address + "/log");
        assertThat(at.getByTestId("trends").locator("li").first()).isVisible();
        assertThat(Site.violationsOn(at)).isEmpty();
        at.navigate(site.address + "/log/" + at.evaluate("async () => " + fly));
        assertThat(at.getByTestId("judged")).hasAttribute("aria-busy", "false");
        assertThat(Site.violationsOn(at)).isEmpty();
        Object id = at.evaluate("async () => " + pattern);
        for (String view : List.of("tie", "card")) {
          at.navigate(site.address + "/bench/" + id + "/" + view);
          assertThat(at.getByRole(AriaRole.HEADING).nth(1)).isVisible();
          assertThat(Site.violationsOn(at)).isEmpty();
        }
      }
    }
  }
}
