package ripplerest.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

class HooksAndStylesTest {
  private final Site site = Site.get();
  private BrowserContext context;
  private Page page;

  @BeforeEach
  void open() {
    context = site.browser.newContext();
    page = context.newPage();
  }

  @AfterEach
  void close() {
    context.close();
  }

  private Locator by(AriaRole role, String name) {
    return page.getByRole(role, new Page.GetByRoleOptions().setName(name).setExact(true));
  }

  private void type(String field, String value) {
    by(AriaRole.SPINBUTTON, field).fill(value);
    by(AriaRole.SPINBUTTON, field).press("Enter");
  }

  @Test
  void aNaturalIsMatchedByBothWays() {
    page.navigate(site.address + "/hooks");
    type("body without tails", "7.5");
    assertThat(page.locator("table").first()).containsText("14 straight");
    assertThat(page.locator("table").first()).containsText("16 straight");
    by(AriaRole.RADIO, "female").click();
    assertThat(page.getByRole(AriaRole.MAIN)).containsText("for the male a 16");
    type("body without tails", "50");
    assertThat(page.getByRole(AriaRole.MAIN)).containsText("No hook of the table");
  }

  @Test
  void aMeasuredHookIsUsedOnTheBench() {
    page.navigate(site.address + "/hooks");
    page.getByLabel("name").fill("bin 7");
    type("shank", "6.6");
    type("weight of 10 hooks (blank if not weighed)", "150");
    by(AriaRole.BUTTON, "Save this hook").click();
    assertThat(by(AriaRole.BUTTON, "delete bin 7")).isVisible();
    page.navigate(site.address);
    by(AriaRole.BUTTON, "Copy").click();
    assertThat(page.getByLabel("Name of the fly")).hasValue("Lantern Dun, copy");
    assertThat(page.getByTestId("fly")).isVisible();
    page.getByRole(AriaRole.TAB).first().click();
    by(AriaRole.COMBOBOX, "hook").click();
    by(AriaRole.OPTION, "bin 7").click();
    assertThat(page.getByTestId("plan-words")).containsText("tail 8.8 mm");
    page.waitForTimeout(600);
    page.reload();
    page.getByRole(AriaRole.TAB).first().click();
    assertThat(by(AriaRole.COMBOBOX, "hook")).hasText("bin 7");
  }

  @Test
  void aStyleOfOnesOwnIsMadeChangedAndFollowed() {
    page.navigate(site.address + "/styles");
    page.getByLabel("name of copy").fill("Fennel way");
    by(AriaRole.BUTTON, "Make a house style").click();
    assertThat(by(AriaRole.BUTTON, "Delete Fennel way")).isVisible();
    Locator turns = page.getByLabel("hackle turns: value");
    turns.fill("99");
    turns.press("Enter");
    assertThat(page.getByRole(AriaRole.ALERT)).containsText("from 2 to 8");
    turns.fill("3");
    turns.press("Enter");
    assertThat(page.getByRole(AriaRole.ALERT)).hasCount(0);
    page.navigate(site.address);
    by(AriaRole.BUTTON, "New").click();
    by(AriaRole.MENUITEM, "Fennel way").click();
    assertThat(page.getByLabel("Name of the fly")).hasValue("New fennel way");
    assertThat(by(AriaRole.SPINBUTTON, "turns")).hasValue("3");
  }
}
