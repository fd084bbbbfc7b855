package ripplerest.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.ColorScheme;
import java.util.regex.Pattern;
import org.assertj.core.api.Assertions;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What every page has round it, and the ways between them. */
class ShellTest extends OnBench {
  private static final String[] PATHS = {
    "/book",
    "/log",
    "/tests",
    "/boxes",
    "/outings",
    "/evenings",
    "/practice",
    "/drawer",
    "/drawer/tie",
    "/materials",
    "/hooks",
    "/styles",
    "/deleted",
    "/about",
    "/nowhere"
  };

  @ParameterizedTest
  @CsvSource({"360, 740, DARK", "1280, 800, LIGHT"})
  void everyPageHasATitleFitsAndIsFoundInOrderByAxe(int width, int height, ColorScheme scheme) {
    page.setViewportSize(width, height);
    page.emulateMedia(new Page.EmulateMediaOptions().setColorScheme(scheme));
    for (String path : PATHS) {
      page.navigate(site.address + path);
      Locator head = page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setLevel(1));
      assertThat(head).hasCount(1);
      assertThat(page).hasTitle(head.textContent() + " · Ripple Rest");
      assertThat(page.locator("main p, main li").first()).isVisible();
      Assertions.assertThat(sideways()).as(path).isLessThanOrEqualTo(0);
      if (width < 1000) { // the wide page has the same controls; its own views are looked at below
        Assertions.assertThat(Site.violationsOn(page)).as(path).isEmpty();
      }
    }
    openFly("Lantern Dun");
    for (String view : new String[] {"bench", "compare", "card"}) {
      page.getByLabel("Views of this fly").getByText(view).click();
      assertThat(page).hasTitle(Pattern.compile("Lantern Dun.* · Ripple Rest"));
      assertThat(
              page.locator(
                      "[data-testid='verdict'], [data-testid='differences'],"
                          + " [data-testid='steps']")
                  .first())
          .isVisible();
      Assertions.assertThat(sideways()).as(view).isLessThanOrEqualTo(0);
      Assertions.assertThat(Site.violationsOn(page)).as(view).isEmpty();
    }
  }

  @Test
  void theFirstPageLoadsLittleScript() {
    page.navigate(site.address);
    assertThat(page.getByTestId("fly")).isVisible();
    double script =
        ((Number)
                page.evaluate(
                    "performance.getEntriesByType('resource')"
                        + ".filter(r => r.name.endsWith('.js'))"
                        + ".reduce((sum, r) => sum + r.encodedBodySize, 0)"))
            .doubleValue();
    Assertions.assertThat(script).as("bytes of compressed script").isBetween(1.0, 200_000.0);
  }

  @Test
  void oneComesBackToTheFlyAndTheViewOneLeft() {
    openFly("Gravel Stone");
    page.getByRole(AriaRole.RADIO, new Page.GetByRoleOptions().setName("above")).click();
    sheet("Hook");
    page.getByLabel("Everything else").getByText("Drawer").click();
    assertThat(page.getByRole(AriaRole.HEADING).first()).hasText("Drawer");
    assertThat(page.locator("main")).isFocused();
    page.goBack();
    settled();
    assertThat(page.getByTestId("fly")).hasAttribute("data-camera", "above");
    page.navigate(site.address);
    assertThat(page.getByLabel("Name of the fly")).hasValue("Gravel Stone");
    page.keyboard().press("Tab");
    assertThat(page.getByText("Skip to the content")).isFocused();
    page.keyboard().press("Enter");
    assertThat(page.locator("main")).isFocused();
  }

  @Test
  void theFirstVisitLeadsThroughOneChangeAndCanBeCalledAgain() {
    openCopyOf("Lantern Dun");
    page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("More").setExact(true))
        .click();
    page.getByRole(AriaRole.MENUITEM).getByText("Show me around").click();
    Locator visit = page.getByLabel("First visit");
    assertThat(visit).containsText("warden");
    visit.getByText("Go on").click();
    assertThat(visit).containsText("turns");
    button("turns: less").click();
    assertThat(visit).containsText("3 of 3");
    visit.getByText("Done").click();
    assertThat(visit).hasCount(0);
  }

  @Test
  void aFavouriteLeadsTheBoxAndNotesAreKept() {
    openCopyOf("Cobble Stone");
    button("Mark as a favourite").click();
    assertThat(button("No longer a favourite")).isVisible();
    button("Notes").click();
    page.getByLabel("Notes to this pattern").fill("For the upper lake.");
    page.keyboard().press("Escape");
    settled();
    page.reload();
    settled();
    assertThat(
            page.getByLabel("Patterns", new Page.GetByLabelOptions().setExact(true))
                .getByRole(AriaRole.LISTITEM)
                .first())
        .containsText("Cobble Stone, copy");
    button("Notes").click();
    assertThat(page.getByLabel("Notes to this pattern")).hasValue("For the upper lake.");
  }
}
