package ripplerest.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.BoundingBox;
import java.util.List;
import java.util.regex.Pattern;
import org.assertj.core.api.Assertions;
import org.junit.jupiter.api.Test;

/**
 * How a fly is tied, changed on the bench: order, words, places, feathers, the length of another.
 */
class TyingOrderTest extends OnBench {
  private Locator steps() {
    return page.getByRole(
            AriaRole.LIST, new Page.GetByRoleOptions().setName("Steps in the order of work"))
        .getByRole(AriaRole.LISTITEM);
  }

  private Locator role(AriaRole role, String name) {
    return page.getByRole(role, new Page.GetByRoleOptions().setName(name).setExact(true));
  }

  private void openOrder() {
    button("Order of work…").click();
    assertThat(steps().first()).containsText("Start the thread");
    Assertions.assertThat(Site.violationsOn(page)).isEmpty();
  }

  private void shut() {
    page.keyboard().press("Escape");
    assertThat(page.getByRole(AriaRole.DIALOG)).hasCount(0);
    settled();
  }

  /** By the mouse, from a handle onto another step. */
  private void drag(Locator handle, Locator onto) {
    handle.scrollIntoViewIfNeeded();
    BoundingBox from = handle.boundingBox();
    BoundingBox to = onto.boundingBox();
    page.mouse().move(from.x + from.width / 2, from.y + from.height / 2);
    page.mouse().down();
    for (int i = 1; i <= 10; i++) {
      double y = from.y + (to.y - from.y) * i / 10;
      page.mouse().move(from.x + from.width / 2, y + from.height / 2);
    }
    page.mouse().up();
  }

  private void howTied(String sheet) {
    sheet(sheet);
    button("How it is tied…").click();
    assertThat(page.getByRole(AriaRole.DIALOG)).isVisible();
    Assertions.assertThat(Site.violationsOn(page)).isEmpty();
  }

  @Test
  void stepsAreDraggedAndWhatCannotBeTiedIsMendedByOneMove() {
    openCopyOf("Ember Quill");
    openOrder();
    List<String> derived = steps().locator("strong").allTextContents();
    int body = derived.indexOf("Wind the body");
    int tail = derived.indexOf("Bind in the tail");
    Locator handle = button("move wind the body");
    handle.focus();
    for (String key : List.of("Space", "ArrowUp", "Space")) { // in front of the tail
      page.keyboard().press(key);
      page.waitForTimeout(200);
    }
    assertThat(steps().nth(tail)).containsText("Wind the body");
    assertThat(steps().nth(tail)).containsText("the body covers where it is bound in");
    button("Move it there").first().click();
    assertThat(steps().nth(body)).containsText("Wind the body");
    assertThat(page.getByText("the body covers where it is bound in")).hasCount(0);
    assertThat(page.getByText("This order is your own.")).isVisible();
    drag(button("move divide the upright wing"), steps().nth(derived.indexOf("Wind the body")));
    assertThat(steps().nth(derived.indexOf("Wind the body")))
        .containsText("Divide the upright wing");
    assertThat(steps().getByText("Divide the upright wing needs")).isVisible();
    button("Work the order out again").click();
    assertThat(page.getByText("This order is your own.")).hasCount(0);
    assertThat(steps().locator("strong")).hasText(derived.toArray(String[]::new));
    shut();
  }

  @Test
  void aSentenceIsEditedAndAStepAddedAndTheCardSaysBoth() {
    openCopyOf("Ember Quill");
    openOrder();
    button("change the words: wind the body").click();
    page.getByLabel("What to do", new Page.GetByLabelOptions().setExact(true))
        .fill("Wind it as thin as it goes.");
    page.getByLabel("Note to this step").fill("Guests wind it too thick.");
    button("Keep these words").click();
    assertThat(page.getByText("in your words")).isVisible();
    button("add a step behind: bind in the tail").click();
    Locator words = page.getByLabel("What to do behind: bind in the tail");
    words.fill("Breathe.");
    page.keyboard().press("Escape"); // closes what is open in the row, not the window
    assertThat(page.getByRole(AriaRole.DIALOG)).isVisible();
    button("add a step behind: bind in the tail").click();
    words.fill("Look at it from below.");
    button("Add this step").click();
    assertThat(steps().nth(2)).containsText("Look at it from below.");
    shut();
    page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("card").setExact(true))
        .click();
    Locator card = page.getByTestId("steps");
    assertThat(card).containsText("Wind it as thin as it goes.");
    assertThat(card).containsText("Guests wind it too thick.");
    assertThat(card.getByRole(AriaRole.LISTITEM).nth(2)).containsText("Look at it from below.");
  }

  @Test
  void aStretchIsDraggedOnThePlanAndAPlaceIsChosenByName() {
    openCopyOf("Ember Quill");
    sheet("Body");
    Locator end = knob("where the body ends on the shank");
    double before = Double.parseDouble(end.getAttribute("aria-valuenow"));
    BoundingBox box = end.boundingBox();
    page.mouse().move(box.x + box.width / 2, box.y + box.height / 2);
    page.mouse().down();
    page.mouse().move(box.x + 60, box.y + box.height / 2);
    page.mouse().move(box.x + 120, box.y + box.height / 2);
    page.mouse().up();
    settled();
    assertThat(Double.parseDouble(end.getAttribute("aria-valuenow"))).isGreaterThan(before + 0.3);
    howTied("Body");
    role(AriaRole.COMBOBOX, "to 1").click();
    role(AriaRole.OPTION, "the middle").click();
    shut();
    assertThat(end).hasAttribute("aria-valuetext", "3.2 mm");
    button("size: less").click();
    settled();
    sheet("Body");
    assertThat(end).hasAttribute("aria-valuetext", Pattern.compile("3\\.[3-9] mm"));
  }

  @Test
  void aWingReachesALandmarkWhateverTheHook() {
    openCopyOf("Rush Sedge");
    sheet("Hair");
    pick("length is said", "to the bend");
    settled();
    assertThat(page.getByTestId("tray")).containsText("mm past");
    assertThat(field("length")).hasValue("0");
  }

  @Test
  void twoFeathersMakeOneHackleInColour() {
    openCopyOf("Lantern Dun");
    howTied("Hackle");
    page.getByLabel("hackle colour").fill("ginger");
    page.keyboard().press("Enter");
    button("Add a feather").click();
    page.getByLabel("feather 2 colour").fill("grizzled");
    page.keyboard().press("Enter");
    role(AriaRole.BUTTON, "feather 2: swatches").click();
    page.getByLabel("a colour I have").fill("#26241e");
    Assertions.assertThat(Site.violationsOn(page)).isEmpty();
    page.getByLabel("Nearest to it").getByRole(AriaRole.BUTTON).first().click();
    assertThat(page.getByLabel("feather 2 colour")).hasValue("black");
    page.getByLabel("feather 2 colour").fill("grizzled");
    page.keyboard().press("Enter");
    role(AriaRole.RADIO, "through each other").click();
    page.getByLabel("a half hitch behind it").check();
    shut();
    page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("card").setExact(true))
        .click();
    Locator card = page.getByTestId("steps");
    assertThat(card).containsText("Ginger stiff dry-fly hackle and grizzled stiff dry-fly hackle");
    assertThat(card).containsText("through its turns");
    assertThat(card).containsText("Hold the collar hackle with a half hitch");
    page.getByLabel("weigh the fly behind each step").check();
    assertThat(card).containsText("so far 20 mg"); // hook and thread of a 14
  }

  @Test
  void oneDressingIsTiedInSeveralColours() {
    openCopyOf("Lantern Dun");
    button("Colours…").click();
    Locator kept = page.getByLabel("Kept colours").getByRole(AriaRole.LISTITEM);
    page.getByLabel("keep these colours as").fill("as it came");
    page.keyboard().press("Enter");
    assertThat(kept.last()).containsText("as it is now");
    Assertions.assertThat(Site.violationsOn(page)).isEmpty();
    kept.filter(new Locator.FilterOptions().setHasText("late, claret"))
        .getByText("Tie it so")
        .click();
    assertThat(kept.nth(1)).containsText("as it is now");
    page.keyboard().press("Escape");
    settled();
    assertThat(page.locator("[data-span='body'] rect").first())
        .hasAttribute("fill", Pattern.compile("#6b2433"));
  }

  @Test
  void anExtensionMakesAHookAsLongAsAnother() {
    openCopyOf("Small Drake");
    sheet("Extended body");
    pick("make it as long as", "a size 8");
    settled();
    assertThat(page.getByTestId("tray")).containsText("As long as a body on a size 8.");
  }
}
