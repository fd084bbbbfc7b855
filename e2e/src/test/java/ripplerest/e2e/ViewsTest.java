package ripplerest.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Download;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.assertions.LocatorAssertions;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.ColorScheme;
import com.microsoft.playwright.options.Media;
import com.microsoft.playwright.options.ReducedMotion;
import java.nio.file.Files;
import java.util.List;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** Looking at a fly: cameras, zoom, units, true size, comparison, time; and fit for people. */
class ViewsTest extends OnBench {
  private static final LocatorAssertions.IsVisibleOptions LONG =
      new LocatorAssertions.IsVisibleOptions().setTimeout(90_000);

  private Locator fly() {
    return page.getByTestId("fly");
  }

  private void camera(String name) {
    page.getByRole(AriaRole.RADIO, new Page.GetByRoleOptions().setName(name).setExact(true))
        .click();
    assertThat(fly()).hasAttribute("data-camera", name);
  }

  private double scale() {
    return Double.parseDouble(fly().getAttribute("data-scale"));
  }

  @Test
  void itIsSeenFromFourSides() {
    answersCome();
    openFly("Lantern Dun");
    camera("head-on");
    assertThat(page.getByTestId("waterline")).isVisible();
    camera("above");
    assertThat(page.getByTestId("film-map")).isVisible();
    camera("below");
    assertThat(page.getByTestId("light-pattern")).isVisible();
    assertThat(page.getByTestId("snells-window")).hasCount(1);
    String radius = page.getByTestId("snells-window").getAttribute("r");
    Locator deep =
        page.getByRole(AriaRole.SLIDER, new Page.GetByRoleOptions().setName("the fish is"));
    deep.fill("120");
    assertThat(page.getByTestId("snells-window")).not().hasAttribute("r", radius);
    double r = Double.parseDouble(page.getByTestId("snells-window").getAttribute("r"));
    // Snell: tan(asin(1/1.333)) = 1.134 times as wide as deep
    assertThat(r / scale() / 120).isBetween(1.13, 1.14);
    page.locator("body").press("s");
    assertThat(fly()).hasAttribute("data-camera", "side");
    assertThat(consoleErrors).isEmpty();
  }

  @Test
  void itIsZoomedMovedAndFittedByKeysAndHand() {
    openFly("Lantern Dun");
    assertThat(button("How it is tied…")).isVisible(); // all of the page is there
    double fit = scale();
    fly().focus();
    fly().press("+");
    assertThat(scale()).isGreaterThan(1.2 * fit);
    button("Fit").click();
    assertThat(scale()).isEqualTo(fit);
    String before = drawing();
    page.mouse().move(480, 650);
    page.mouse().move(300, 300);
    page.mouse().down();
    page.mouse().move(360, 330);
    page.mouse().up();
    assertThat(drawing()).isNotEqualTo(before);
    button("Millimetre grid").click();
    assertThat(page.getByTestId("mm-grid").locator("line").nth(20)).isAttached();
    assertThat(page.getByTestId("scale-bar")).containsText("mm");
  }

  @Test
  void settlingPlaysAndIsTwoPicturesWhereLessMotionIsAskedFor() {
    page.emulateMedia(new Page.EmulateMediaOptions().setReducedMotion(ReducedMotion.NO_PREFERENCE));
    answersCome();
    openFly("Lantern Dun");
    String rest = drawing();
    button("Watch it settle").click();
    page.waitForCondition(() -> !drawing().equals(rest));
    assertThat(button("Stop")).isVisible();
    assertThat(button("Watch it settle")).isVisible();
    page.emulateMedia(new Page.EmulateMediaOptions().setReducedMotion(ReducedMotion.REDUCE));
    page.reload();
    settled();
    // the whole answer makes the sentence longer, and with it the drawing smaller
    Locator reserve = page.locator("[data-reading='reserve']");
    assertThat(reserve.locator("[aria-busy]")).hasText(Pattern.compile("\\d.*×"));
    assertThat(reserve.locator("[aria-busy='true']")).hasCount(0);
    button("Watch it settle").click();
    assertThat(button("Stop")).isVisible();
    String touching = drawing();
    page.waitForTimeout(400); // twenty-five moving pictures would be a quarter over
    assertThat(drawing()).isEqualTo(touching);
    page.waitForCondition(() -> !drawing().equals(touching));
    assertThat(button("Watch it settle")).isVisible();
  }

  @Test
  void theWeightItCarriesIsDrawn() {
    answersCome();
    openFly("Slate Lodger");
    page.locator("[data-reading='carry']").getByRole(AriaRole.BUTTON).click();
    Locator laden = page.getByRole(AriaRole.RADIO).getByText(Pattern.compile("^under \\d+ mg"));
    assertThat(laden).isVisible(LONG);
    laden.click();
    assertThat(page.getByTestId("hung")).isVisible();
  }

  @Test
  void calloutsDoNotOverlap() {
    openFly("Lantern Dun");
    assertApart();
    openFly("Gravel Stone");
    assertApart();
  }

  private void assertApart() {
    @SuppressWarnings("unchecked")
    List<List<Number>> boxes =
        (List<List<Number>>)
            page.evaluate(
                "() => [...document.querySelectorAll('[data-callout]')].map(t => {"
                    + " const b = t.getBoundingClientRect();"
                    + " return [b.left, b.top, b.right, b.bottom]})");
    assertThat(boxes).hasSizeGreaterThan(4);
    for (int i = 0; i < boxes.size(); i++) {
      for (int j = i + 1; j < boxes.size(); j++) {
        List<Number> a = boxes.get(i);
        List<Number> b = boxes.get(j);
        boolean apart =
            a.get(2).doubleValue() <= b.get(0).doubleValue()
                || b.get(2).doubleValue() <= a.get(0).doubleValue()
                || a.get(3).doubleValue() <= b.get(1).doubleValue() + 1
                || b.get(3).doubleValue() <= a.get(1).doubleValue() + 1;
        assertThat(apart).as("callouts %d and %d: %s", i, j, boxes).isTrue();
      }
    }
  }

  @Test
  void unitsChangeEverywhereAtOnceAndAreKept() {
    openFly("Lantern Dun");
    assertThat(verdict()).containsText("mm");
    Locator units = page.getByRole(AriaRole.COMBOBOX, new Page.GetByRoleOptions().setName("units"));
    units.first().click();
    page.getByRole(AriaRole.OPTION, new Page.GetByRoleOptions().setName("inches in 64ths")).click();
    assertThat(verdict()).containsText(Pattern.compile("\\d+/\\d+ in under"));
    assertThat(page.locator("[data-callout='eye']"))
        .containsText(Pattern.compile("/\\d+ in clear"));
    assertThat(page.getByTestId("plan-words")).containsText("tail 3/8 in");
    page.reload();
    settled();
    assertThat(verdict()).containsText(" in under");
    page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("compare")).click();
    assertThat(page.getByTestId("differences")).containsText(" in");
  }

  @Test
  void trueSizeIsCalibratedWithACard() {
    openFly("Lantern Dun");
    button("True size").click();
    Locator window = page.getByRole(AriaRole.DIALOG);
    window.getByRole(AriaRole.SLIDER).fill("5");
    double card = window.getByTestId("outline-to-hold").locator("rect").boundingBox().width;
    assertThat(card).isBetween(85.6 * 5 - 3, 85.6 * 5 + 3);
    window.getByText("They match: save").click();
    assertThat(fly()).hasAttribute("data-scale", "5.000");
  }

  @Test
  void dressingsStandSideBySide() {
    answersCome();
    openFly("Lantern Dun");
    page.locator("body").press("c");
    assertThat(page.getByTestId("side-by-side")).isVisible();
    pick("tied the other way", "as large as the natural or one size smaller (size 16)");
    assertThat(page.getByTestId("differences")).containsText("size 16");
    Locator other =
        page.getByRole(AriaRole.COMBOBOX, new Page.GetByRoleOptions().setName("another fly"));
    other.click();
    page.getByRole(AriaRole.OPTION).getByText("Willow Skate, 14").click();
    assertThat(page.getByTestId("differences")).containsText("C Willow Skate");
    assertThat(page.getByTestId("differences")).containsText("−");
    assertThat(page.getByText(Pattern.compile("^C below A: "))).containsText("in water");
    page.reload();
    assertThat(page.getByTestId("differences")).containsText("C Willow Skate");
    page.getByLabel("take away Willow Skate").click();
    assertThat(page.getByTestId("differences")).not().containsText("Willow Skate");
    assertThat(consoleErrors).isEmpty();
  }

  @Test
  void fourWatersHaveOneChart() {
    answersCome();
    openFly("Slate Lodger");
    page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("over time")).click();
    assertThat(page.getByTestId("over-time")).isVisible(LONG);
    assertThat(page.locator("tbody tr")).hasCount(4);
    assertThat(Site.violationsOn(page)).isEmpty();
  }

  @Test
  void theCardHasEveryStepAndGoesOnPaper() {
    openFly("Lantern Dun");
    page.locator("body").press("k");
    assertThat(page.getByTestId("steps").locator("li").nth(7)).containsText("turns");
    assertThat(page.getByText("Before you start")).isVisible();
    var pdf = page.waitForDownload(() -> page.getByText("A5").click());
    assertThat(pdf.suggestedFilename()).isEqualTo("lantern-dun-card.pdf");
    assertThat(Site.violationsOn(page)).isEmpty();
    assertThat(consoleErrors).isEmpty();
  }

  @Test
  void everyKeyIsListedAndTheCommandFieldFindsThem() {
    openFly("Lantern Dun");
    page.locator("body").press("?");
    Locator window = page.getByRole(AriaRole.DIALOG);
    assertThat(window).containsText("see it from below");
    page.keyboard().press("Escape");
    page.locator("body").press("Control+k");
    page.keyboard().press("v"); // is not the key that goes to the vise, nor is any other now
    assertThat(window).isVisible();
    page.getByRole(AriaRole.COMBOBOX, new Page.GetByRoleOptions().setName("What would you do?"))
        .fill("above");
    page.keyboard().press("Enter");
    assertThat(fly()).hasAttribute("data-camera", "above");
    page.locator("body").press("Control+k");
    assertThat(window).isVisible();
    page.keyboard().type("water");
    page.keyboard().press("Enter");
    assertThat(
            page.getByRole(AriaRole.SPINBUTTON, new Page.GetByRoleOptions().setName("temperature")))
        .isVisible();
  }

  @Test
  void whatIsChangedWhileTheApplicationIsAwayIsKeptAndSavedLater() {
    openCopyOf("Lantern Dun");
    context.setOffline(true);
    field("turns").fill("7");
    field("turns").press("Enter");
    assertThat(page.getByTestId("unreachable")).isVisible();
    assertThat(field("turns")).hasValue("7");
    context.setOffline(false);
    assertThat(page.getByTestId("unreachable")).hasCount(0);
    assertThat(page.getByTestId("saved")).hasText("saved");
    page.reload();
    settled();
    assertThat(field("turns")).hasValue("7");
  }

  @Test
  void anEmptyBoxAndALateAnswerSayWhatToDo() {
    page.route("**/api/patterns", route -> route.fulfill(json("[]")));
    page.navigate(site.address);
    assertThat(page.getByText("There is no fly yet")).isVisible();
    page.unroute("**/api/patterns");
    page.route(
        "**/api/estimates",
        route -> {
          page.waitForTimeout(800);
          route.resume();
        });
    page.navigate(site.address);
    assertThat(verdict()).containsText("Putting it on the water");
    settled();
  }

  private static com.microsoft.playwright.Route.FulfillOptions json(String body) {
    return new com.microsoft.playwright.Route.FulfillOptions()
        .setContentType("application/json")
        .setBody(body);
  }

  @ParameterizedTest
  @CsvSource({"640, 400", "768, 1024", "1280, 800"})
  void nothingOverflows(int width, int height) {
    page.setViewportSize(width, height);
    openFly("Gravel Stone");
    Object overflow =
        page.evaluate(
            "document.documentElement.scrollWidth - document.documentElement.clientWidth");
    assertThat(((Number) overflow).intValue()).isLessThanOrEqualTo(0);
    assertThat(page.locator("[data-callout='eye'], .text-sm strong").first()).isVisible();
  }

  @Test
  void printLeavesTheToolsOut() {
    openFly("Lantern Dun");
    page.emulateMedia(new Page.EmulateMediaOptions().setMedia(Media.PRINT));
    assertThat(page.getByTestId("tray")).isHidden();
    assertThat(fly()).isVisible();
    assertThat(page.pdf()).startsWith('%', 'P', 'D', 'F');
  }

  @ParameterizedTest
  @ValueSource(strings = {"LIGHT", "DARK"})
  void axeFindsNothingSeriousInAnyView(String scheme) {
    page.emulateMedia(new Page.EmulateMediaOptions().setColorScheme(ColorScheme.valueOf(scheme)));
    openFly("Lantern Dun");
    for (String camera : List.of("head-on", "above", "below")) {
      camera(camera);
      assertThat(Site.violationsOn(page)).as(camera).isEmpty();
    }
    page.locator("body").press("a");
    assertThat(page.getByRole(AriaRole.DIALOG)).isVisible();
    assertThat(Site.violationsOn(page)).as("outcomes").isEmpty();
    page.keyboard().press("Escape");
    page.locator("body").press("Control+k");
    assertThat(
            page.getByRole(
                AriaRole.COMBOBOX, new Page.GetByRoleOptions().setName("What would you do?")))
        .isVisible();
    assertThat(Site.violationsOn(page)).as("commands").isEmpty();
    page.keyboard().press("Escape");
    page.locator("body").press("c");
    assertThat(page.getByTestId("differences")).isVisible();
    assertThat(Site.violationsOn(page)).as("compare").isEmpty();
    assertThat(consoleErrors).isEmpty();
  }

  @Test
  void theFlyIsSavedAsAPictureOfItsOwn() throws Exception {
    openFly("Lantern Dun");
    button("Save the picture").click();
    page.getByRole(AriaRole.RADIO, new Page.GetByRoleOptions().setName("drawing (SVG)")).click();
    assertThat(Site.violationsOn(page)).isEmpty();
    Download saved =
        page.waitForDownload(
            () ->
                page.getByRole(
                        AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Save").setExact(true))
                    .click());
    assertThat(saved.suggestedFilename()).isEqualTo("lantern-dun.svg");
    String svg = Files.readString(saved.path());
    assertThat(svg)
        .startsWith("<svg")
        .contains("Lantern Dun, hook 14, upright collar</text>")
        .doesNotContain("var(--");
    assertThat(svg).doesNotContain("data-handle");
  }
}
