package ripplerest.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Download;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.assertions.LocatorAssertions;
import com.microsoft.playwright.options.AriaRole;
import java.nio.file.Files;
import java.util.List;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** From the box over the outing to the evening and the vise. */
class EveningsTest extends OnBench {
  private static final LocatorAssertions.IsVisibleOptions LONG =
      new LocatorAssertions.IsVisibleOptions().setTimeout(60_000);

  private Locator region(String name) {
    return page.getByRole(
        AriaRole.REGION, new Page.GetByRoleOptions().setName(name).setExact(true));
  }

  private Locator inWindow(String label) {
    return page.getByRole(AriaRole.DIALOG)
        .getByLabel(label, new Locator.GetByLabelOptions().setExact(true));
  }

  @Test
  void fliesAreLentComeBackAndAreUndone() {
    page.navigate(site.address + "/boxes");
    Locator vest = region("Vest");
    assertThat(vest).containsText("Willow Skate 14");
    vest.getByRole(
            AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("move Willow Skate 14, Vest"))
        .focus();
    page.keyboard().press("Enter");
    inWindow("how many: more").click();
    inWindow("to").click();
    page.getByRole(AriaRole.OPTION, new Page.GetByRoleOptions().setName("lent: they come back"))
        .click();
    inWindow("lent to").fill("the girl at the bridge");
    inWindow("what they asked for").fill("barbs left on");
    page.keyboard().press("Enter");
    assertThat(page.getByRole(AriaRole.DIALOG)).isHidden();
    assertThat(region("In no box")).containsText("lent to the girl at the bridge");
    assertThat(vest.locator("li").filter(new Locator.FilterOptions().setHasText("Willow Skate")))
        .containsText("3");
    button("undo: 2 Willow Skate 14, Vest → lent to the girl at the bridge").click();
    assertThat(region("In no box")).not().containsText("bridge");
    assertThat(vest.locator("li").filter(new Locator.FilterOptions().setHasText("Willow Skate")))
        .containsText("5");
    button("A selection for somebody…").click();
    inWindow("for whom").fill("the Tuesday party");
    inWindow("Willow Skate 14, Vest: 5: more").click();
    inWindow("Bridge Shuttle 12, The hut's box: 3: more").click();
    button("Take 2 flies out").click();
    assertThat(region("In no box")).containsText("given to the Tuesday party");
    assertThat(Site.violationsOn(page)).isEmpty();
    assertThat(consoleErrors).isEmpty();
  }

  @Test
  void anOutingIsPlannedOnAPhoneAndSaysWhatIsMissing() {
    page.setViewportSize(390, 844);
    page.navigate(site.address + "/outings");
    button("New outing").click();
    page.getByLabel("name", new Page.GetByLabelOptions().setExact(true)).fill("The alder run");
    page.getByLabel("as usual in").click();
    page.getByRole(AriaRole.OPTION, new Page.GetByRoleOptions().setName(Pattern.compile("^early")))
        .click();
    assertThat(page.getByText("dark duns at noon")).isVisible();
    page.getByLabel(Pattern.compile("take Lantern Dun \\d+ along")).first().click();
    assertThat(region("Goes along")).containsText(Pattern.compile("\\d+ to tie|are there\\."));
    page.getByLabel("of the hours: more").first().click();
    assertThat(page.getByRole(AriaRole.STATUS).getByText("kept")).isVisible();
    assertThat(Site.violationsOn(page)).isEmpty();
    page.reload();
    assertThat(
            page.getByRole(
                AriaRole.SPINBUTTON, new Page.GetByRoleOptions().setName("of the hours")))
        .hasValue("55");
    assertThat(page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setLevel(1)))
        .hasText("The alder run");
    page.getByText("Work out how long they float").click();
    assertThat(page.getByText("before it is dressed again").first()).isVisible(LONG);
    page.navigate(site.address + "/outings");
    page.getByLabel(Pattern.compile("delete The alder run")).click();
    assertThat(page.getByText("The alder run is deleted.").first()).isVisible();
  }

  @Test
  void theEveningIsPlannedPinnedTiedAndGoesOn() throws Exception {
    page.navigate(site.address + "/evenings");
    assertThat(page.getByText("Why so")).isVisible();
    Locator runs = page.getByRole(AriaRole.LIST).locator("li:has([aria-label^='move '])");
    int all = runs.count();
    assertThat(all).isGreaterThanOrEqualTo(3);

    // by the keyboard: the second run before the first, and it is pinned there
    String first = runs.nth(0).locator("strong").textContent();
    String second = runs.nth(1).locator("strong").textContent();
    runs.nth(1).locator("[aria-label^='move ']").focus();
    for (String key : List.of("Space", "ArrowUp", "Space")) {
      page.keyboard().press(key);
      page.waitForTimeout(250);
    }
    assertThat(runs.nth(0).locator("strong")).hasText(second);
    assertThat(runs.nth(0).locator("[aria-pressed='true']")).isVisible();

    // planned again round the pin; a held key asks once
    button("Plan again").click();
    assertThat(button("Plan again")).isVisible(LONG);
    assertThat(runs.nth(0).locator("strong")).hasText(second);

    // another tab changes the plan; here it is told, and one of the two is chosen
    Page other = context.newPage();
    other.navigate(site.address + "/evenings");
    other.getByText("only what the drawer has the materials for").click();
    other.waitForTimeout(1200);
    page.getByText("only what the drawer has the materials for").click();
    assertThat(page.getByText("It was changed elsewhere")).isVisible();
    button("Take that").click();
    assertThat(page.getByText("It was changed elsewhere")).isHidden();
    other.close();
    page.reload();
    page.getByText("only what the drawer has the materials for").click(); // as it was
    page.waitForTimeout(1200);

    // hands-free: from the plan to the vise, and on to the next fly
    page.getByText("tie it").first().click();
    assertThat(page.getByTestId("evening-clock")).containsText("fly 1 of");
    Locator name = page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setLevel(1));
    assertThat(second).contains(name.textContent());
    for (int i = 0; i < 40 && !button("Log this fly").isVisible(); i++) {
      page.keyboard().press("PageDown");
    }
    button("Log this fly").click();
    assertThat(page.getByTestId("evening-clock")).containsText("fly 2 of");
    assertThat(page.getByTestId("where")).hasText("before you start");
    page.keyboard().press("Escape");
    assertThat(page.getByText("tied", new Page.GetByTextOptions().setExact(true)).first())
        .isVisible();
    assertThat(first).isNotEqualTo(second);

    Download calendar = page.waitForDownload(() -> page.getByText("calendar").click());
    assertThat(Files.readString(calendar.path())).contains("BEGIN:VEVENT", "At the vise");
    assertThat(Site.violationsOn(page)).isEmpty();
  }
}
