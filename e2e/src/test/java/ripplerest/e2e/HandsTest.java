package ripplerest.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.assertions.LocatorAssertions;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.BoundingBox;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** Changing a fly by hand: pulled, nudged, typed, and by what is wanted of it. */
class HandsTest extends OnBench {
  private static final LocatorAssertions.IsVisibleOptions LONG =
      new LocatorAssertions.IsVisibleOptions().setTimeout(90_000);

  private void pull(Locator knob, double dx, double dy, boolean let) {
    BoundingBox box = knob.boundingBox();
    double x = box.x + box.width / 2;
    double y = box.y + box.height / 2;
    page.mouse().move(x, y);
    page.mouse().down();
    for (int i = 1; i <= 12; i++) {
      page.mouse().move(x + dx * i / 12, y + dy * i / 12);
      page.waitForTimeout(20);
    }
    if (let) {
      page.mouse().up();
    }
  }

  @Test
  void aTipIsPulledAndThePoseFollowsBeforeItIsLetGo() {
    openCopyOf("Lantern Dun");
    String before = drawing();
    pull(knob("tail length"), -60, 0, false);
    assertThat(page.getByTestId("pulled")).containsText("mm");
    page.waitForCondition(() -> !drawing().equals(before));
    assertThat(page.getByTestId("plan-words")).not().containsText("tail 9.6 mm");
    assertThat(page.getByTestId("saved")).hasText("saved"); // nothing is kept yet
    page.mouse().up();
    settled();
    assertThat(button("Undo: tail length 1 × hook length → .*")).hasCount(0);
    assertThat(
            page.getByRole(
                AriaRole.BUTTON,
                new Page.GetByRoleOptions().setName(Pattern.compile("^Undo: tail length"))))
        .isEnabled();
    page.reload();
    settled();
    assertThat(page.getByTestId("plan-words")).not().containsText("tail 9.6 mm");
  }

  @Test
  void aPullSnapsSoftlyAndTheSnapSaysItsName() {
    openCopyOf("Lantern Dun");
    Locator tail = knob("tail length");
    double scale = Double.parseDouble(page.getByTestId("fly").getAttribute("data-scale"));
    // a hook length is 9.6 mm and a shank 7.4 mm: pull it 2.1 mm shorter, near the shank
    pull(tail, -2.1 * scale, 0, false);
    assertThat(page.getByTestId("pulled")).containsText("1 shank");
    page.mouse().up();
    settled();
    assertThat(field("length")).hasCount(1);
    sheet("Tail");
    assertThat(page.getByTestId("tray")).containsText("× shank");
  }

  @Test
  void theHookStepsThroughItsSizes() {
    openCopyOf("Lantern Dun");
    Locator hook = knob("hook size");
    hook.focus();
    hook.press("ArrowDown");
    assertThat(hook).hasAttribute("aria-valuetext", "size 15");
    settled();
    hook.press("ArrowUp");
    hook.press("ArrowUp");
    assertThat(hook).hasAttribute("aria-valuetext", "size 13");
    settled();
  }

  @Test
  void knobsAreNudgedByKeysAndBordersByTurns() {
    openCopyOf("Lantern Dun");
    Locator tail = knob("tail length");
    tail.focus();
    tail.press("ArrowUp");
    assertThat(tail).hasAttribute("aria-valuetext", "9.7 mm");
    tail.press("Shift+ArrowUp");
    assertThat(tail).hasAttribute("aria-valuetext", "10.2 mm");
    Locator turns = knob("hackle turns on the shank");
    turns.focus();
    turns.press("ArrowRight");
    assertThat(turns).hasAttribute("aria-valuetext", "5.5 turns");
    turns.press("Shift+ArrowRight");
    assertThat(turns).hasAttribute("aria-valuetext", "6.5 turns");
    settled();
    assertThat(page.getByTestId("difference")).containsText("Compared with before");
  }

  @Test
  void aBorderOnThePlanIsPulled() {
    openCopyOf("Lantern Dun");
    pull(knob("hackle turns on the shank"), 90, 0, true);
    settled();
    assertThat(field("turns")).not().hasValue("5");
  }

  @Test
  void aValueIsTypedWithAUnit() {
    openCopyOf("Lantern Dun");
    typed("9mm", "9.0 mm", "in mm");
    typed("3/8in", "9.5 mm", "in mm");
    typed("1.5 gaps", "6.0 mm", "× gap");
    typed("2 eyes", "1.9 mm", "in mm");
  }

  private void typed(String text, String shown, String sheet) {
    Locator tail = knob("tail length");
    tail.focus();
    tail.press("Enter");
    page.keyboard().type(text);
    page.keyboard().press("Enter");
    assertThat(page.getByTestId("plan-words")).containsText("tail " + shown);
    settled();
    assertThat(page.getByTestId("tray")).containsText(sheet);
  }

  @Test
  void whatCannotBeReadIsSaidWhereItWasTyped() {
    openCopyOf("Lantern Dun");
    Locator tail = knob("tail length");
    tail.focus();
    tail.press("Enter");
    page.keyboard().type("9 parsecs");
    page.keyboard().press("Enter");
    assertThat(page.getByRole(AriaRole.ALERT).getByText("1.5 gaps")).isVisible();
    page.keyboard().press("Escape");
    assertThat(page.getByTestId("plan-words")).containsText("tail 9.6 mm");
    consoleErrors.clear(); // the browser tells of every refusal
  }

  @Test
  void theSmallestChangesToAnOutcomeAreAppliedByTheirNumber() {
    answersCome();
    openCopyOf("Lantern Dun");
    page.locator("body").press("a");
    Locator window = page.getByRole(AriaRole.DIALOG);
    window.getByRole(AriaRole.BUTTON).getByText("Find the smallest").click();
    Locator first = page.getByTestId("changes").locator("li").first();
    assertThat(first).isVisible(LONG);
    assertThat(first).containsText("hackle turns 5 → ");
    assertThat(first).containsText("s of tying");
    page.keyboard().press("1");
    assertThat(window).hasCount(0);
    settled();
    assertThat(page.locator("[data-moved='eye']")).containsText("+");
    assertThat(field("turns")).not().hasValue("5");
    assertThat(consoleErrors).isEmpty();
  }

  @Test
  void anOutcomeThatItHasAlreadyIsSaid() {
    answersCome();
    openCopyOf("Willow Skate");
    button("Suggest changes for a goal…").click();
    Locator window = page.getByRole(AriaRole.DIALOG);
    window.getByRole(AriaRole.COMBOBOX).click();
    page.getByRole(AriaRole.OPTION, new Page.GetByRoleOptions().setName("lie flush")).click();
    window.getByRole(AriaRole.BUTTON).getByText("Find the smallest").click();
    assertThat(window.getByText("It does that already.")).isVisible(LONG);
  }
}
