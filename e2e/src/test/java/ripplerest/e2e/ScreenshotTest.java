package ripplerest.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Browser;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.assertions.LocatorAssertions;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.ColorScheme;
import java.nio.file.Path;
import java.util.function.Consumer;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.condition.EnabledIfSystemProperty;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/**
 * Refreshes the pictures in docs/screenshots: mvn -pl e2e test -Dscreenshots=../docs/screenshots
 */
@EnabledIfSystemProperty(named = "screenshots", matches = ".+")
class ScreenshotTest {
  @Test
  void takeBench() {
    show(
        ColorScheme.LIGHT,
        page -> {
          page.navigate(Site.get().address);
          page.getByLabel("Patterns", new Page.GetByLabelOptions().setExact(true))
              .getByText("Lantern Dun", new Locator.GetByTextOptions().setExact(true))
              .click();
          page.locator("[data-reading='posture']").getByRole(AriaRole.BUTTON).click();
          assertThat(page.locator("[data-reading='reserve'] [aria-busy]"))
              .hasText(
                  Pattern.compile("\\d.*×"),
                  new LocatorAssertions.HasTextOptions().setTimeout(60_000));
          Locator busy =
              page.locator("[data-reading='reserve'], [data-reading='posture']")
                  .locator("[aria-busy='true']");
          assertThat(busy).hasCount(0, new LocatorAssertions.HasCountOptions().setTimeout(60_000));
          page.waitForTimeout(300);
          shoot(page, "bench-collar");
        });
  }

  @Test
  void takeOrder() {
    show(
        ColorScheme.LIGHT,
        page -> {
          page.navigate(Site.get().address);
          page.getByText("Order of work…").click();
          assertThat(page.getByRole(AriaRole.DIALOG)).isVisible();
          page.waitForTimeout(1500);
          shoot(page, "order");
        });
  }

  @Test
  void takeTurned() {
    show(
        ColorScheme.LIGHT,
        page -> {
          page.navigate(Site.get().address);
          page.getByLabel("Patterns", new Page.GetByLabelOptions().setExact(true))
              .getByText("Gravel Stone", new Locator.GetByTextOptions().setExact(true))
              .click();
          page.getByRole(AriaRole.RADIO, new Page.GetByRoleOptions().setName("turn it")).click();
          assertThat(page.getByTestId("turn")).hasAttribute("data-drawn", "true");
          page.waitForTimeout(6000); // the readings beside it, too
          shoot(page, "bench-turned");
        });
  }

  @Test
  void takeClub() {
    show(
        ColorScheme.LIGHT,
        page -> {
          Site site = Site.shared();
          page.navigate(site.address + "/join#" + Site.FIRST);
          page.getByLabel("Your name here").fill("Wren");
          page.getByLabel("Password").fill("amber heron walks late");
          page.getByText("Come in", new Page.GetByTextOptions().setExact(true)).last().click();
          assertThat(page.getByTestId("saved")).hasText("saved");
          page.navigate(site.address + "/club/");
          assertThat(page.getByTestId("saved")).hasText("saved");
          page.getByLabel("Name of the fly").fill("Lantern Dun, low");
          page.keyboard().press("Enter");
          assertThat(page.getByTestId("saved")).hasText("saved");
          page.getByLabel("Views of this fly").getByText("in the club").click();
          page.getByLabel("Say something to it").fill("Four turns sat it on its tips all day.");
          page.getByText("Say it").click();
          assertThat(page.getByText("named Lantern Dun, low")).isVisible();
          page.waitForTimeout(500);
          shoot(page, "club");
        });
  }

  @Test
  void takeTests() {
    show(
        ColorScheme.LIGHT,
        page -> {
          page.navigate(Site.get().address + "/tests");
          page.getByText("Learn from 9 tests").click();
          assertThat(page.getByTestId("lessons").locator("li").first())
              .isVisible(new LocatorAssertions.IsVisibleOptions().setTimeout(240_000));
          assertThat(page.getByText("disagrees: angle")).isVisible();
          shoot(page, "tests");
          page.getByLabel("estimates go by them").click();
        });
  }

  @Test
  void takeOutingAndEvenings() {
    show(
        ColorScheme.LIGHT,
        page -> {
          page.navigate(Site.get().address + "/outings");
          page.getByText("The hut's cup").click();
          page.getByText("Work out how long they float").click();
          assertThat(page.getByText("before it is dressed again").first())
              .isVisible(new LocatorAssertions.IsVisibleOptions().setTimeout(60_000));
          shoot(page, "outing");
          page.navigate(Site.get().address + "/evenings");
          assertThat(page.getByText("Why so")).isVisible();
          shoot(page, "evenings");
        });
  }

  @Test
  void takePractice() {
    show(
        ColorScheme.LIGHT,
        page -> {
          page.navigate(Site.get().address + "/practice");
          assertThat(page.getByTestId("curve").first()).isVisible();
          shoot(page, "practice");
        });
  }

  @ParameterizedTest
  @CsvSource({"styles, tbody tr", "book, tbody tr", "drawer, main li"})
  void takeView(String view, String row) {
    show(
        ColorScheme.LIGHT,
        page -> {
          page.navigate(Site.get().address + "/" + view);
          assertThat(page.locator(row).nth(8)).isVisible();
          if (view.equals("book")) {
            assertThat(page.getByTestId("found"))
                .not()
                .containsText(
                    "not been put", new LocatorAssertions.ContainsTextOptions().setTimeout(60_000));
          }
          shoot(page, view);
        });
  }

  @Test
  void takeSizeRunAndAdvice() {
    show(
        ColorScheme.LIGHT,
        page -> {
          page.navigate(Site.get().address);
          page.getByLabel("hackle: what else, how many").click();
          assertThat(page.getByText("reach it")).isVisible();
          assertThat(page.getByLabel("use Soft game-bird hackle")).isVisible();
          shoot(page, "advice");
          page.keyboard().press("Escape");
          page.getByText("size run").first().click();
          assertThat(page.getByText("Putting every size")).isVisible();
          assertThat(page.getByText("Putting every size")).isHidden();
          shoot(page, "size-run");
          page.getByText("over time").first().click();
          assertThat(page.getByTestId("over-time"))
              .isVisible(new LocatorAssertions.IsVisibleOptions().setTimeout(90_000));
          shoot(page, "over-time");
          page.getByText("compare").first().click();
          for (int way : new int[] {2, 0}) {
            page.getByRole(
                    AriaRole.COMBOBOX, new Page.GetByRoleOptions().setName("tied the other way"))
                .click();
            page.getByRole(AriaRole.OPTION).nth(way).click();
            page.waitForTimeout(2500);
          }
          shoot(page, "compare");
          page.getByText("card", new Page.GetByTextOptions().setExact(true)).click();
          assertThat(page.getByTestId("steps")).isVisible();
          shoot(page, "card");
        });
  }

  @Test
  void takeTyingAndLog() {
    show(
        ColorScheme.LIGHT,
        page -> {
          page.navigate(Site.get().address);
          assertThat(page.getByTestId("verdict")).hasAttribute("data-fly", "fresh");
          page.keyboard().press("v");
          assertThat(page.getByTestId("where")).hasText("before you start");
          for (int i = 0; i < 8; i++) {
            page.keyboard().press("PageDown");
          }
          assertThat(page.getByTestId("where")).hasText("step 8 of 10");
          shoot(page, "tie");
          page.navigate(Site.get().address + "/log");
          assertThat(page.getByTestId("trends")).containsText("You see");
          shoot(page, "log");
          page.getByText("Lantern Dun").last().click();
          assertThat(page.getByTestId("judged").locator("li").first()).isVisible();
          page.waitForTimeout(1000);
          shoot(page, "as-tied");
        });
  }

  /** A page of 1280 × 800. */
  private static void show(ColorScheme scheme, Consumer<Page> act) {
    Browser.NewContextOptions options =
        new Browser.NewContextOptions()
            .setViewportSize(1280, 800)
            .setIgnoreHTTPSErrors(true)
            .setColorScheme(scheme);
    try (var context = Site.get().browser.newContext(options)) {
      context.addInitScript("localStorage.setItem('ripple-rest.tour', '9')"); // not the first visit
      act.accept(context.newPage());
    }
  }

  private static void shoot(Page page, String name) {
    Path target = Path.of(System.getProperty("screenshots"), name + ".png");
    page.screenshot(new Page.ScreenshotOptions().setPath(target));
  }
}
