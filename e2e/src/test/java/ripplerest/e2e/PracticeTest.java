package ripplerest.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.assertions.LocatorAssertions;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.BoundingBox;
import com.microsoft.playwright.options.ColorScheme;
import com.microsoft.playwright.options.ReducedMotion;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** Practice for the eye, by keys, by pointer and on a phone. */
class PracticeTest extends OnBench {
  private static final LocatorAssertions.IsVisibleOptions LONG =
      new LocatorAssertions.IsVisibleOptions().setTimeout(60_000);

  private void sit(String query) {
    page.navigate(site.address + "/practice/sitting" + query);
    assertThat(question()).isVisible(LONG);
  }

  private Locator question() {
    return page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setLevel(2));
  }

  /** Chooses by a key, once the question has the focus: then keys are heard. */
  private void choose(String key) {
    assertThat(question()).isFocused();
    page.keyboard().press(key);
  }

  private Locator next() {
    return page.getByRole(
        AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Next").setExact(true));
  }

  private Locator judged() {
    return page.getByTestId("judged");
  }

  @Test
  void fiveMinutesBeginWithOneLinkOnTheBenchAndGoByKeysAlone() {
    openFly("Lantern Dun");
    page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("practise 5 min")).focus();
    page.keyboard().press("Enter");
    assertThat(page.getByTestId("sitting")).containsText("about 5 min left");
    for (int i = 1; i <= 5; i++) {
      Locator heading = page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setLevel(2));
      assertThat(heading).isVisible(LONG);
      Locator look = page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Look"));
      if (look.isVisible()) {
        assertThat(look).isFocused();
        page.keyboard().press("Enter");
        assertThat(page.getByText("It is gone.")).isVisible();
        page.keyboard().press("5");
      } else if (page.locator("input[type=range]").first().isVisible()) {
        assertThat(page.locator("input[type=range]").first()).isFocused();
        page.keyboard().press("ArrowRight");
        page.keyboard().press("Enter");
      } else {
        assertThat(heading).isFocused();
        page.keyboard().press("1");
      }
      assertThat(next()).isFocused();
      assertThat(judged()).not().isEmpty();
      assertThat(page.getByTestId("sitting")).containsText(i + " look");
      page.keyboard().press("Enter");
    }
    button("Stop").click();
    assertThat(page.getByText("5 looks; all of them are kept.")).isVisible();
    assertThat(consoleErrors).isEmpty();
  }

  @Test
  void aHeldKeyAnswersOnce() {
    sit("?only=WHICH_HOOK");
    assertThat(question()).isFocused();
    page.keyboard().down("1");
    assertThat(next()).isFocused();
    page.keyboard().press("Enter");
    assertThat(judged()).isEmpty();
    assertThat(question()).isFocused();
    for (int i = 0; i < 5; i++) {
      page.keyboard().down("1"); // the same key, still down
    }
    page.waitForTimeout(300);
    assertThat(page.getByTestId("sitting")).containsText("1 look");
    assertThat(judged()).isEmpty();
    page.keyboard().up("1");
  }

  @Test
  void aBarIsPulledToItsLengthAndJudged() {
    sit("?only=SET_BY_EYE&seed=3");
    Locator bar = page.getByTestId("bar");
    String before = bar.getAttribute("data-value");
    BoundingBox end = page.getByTestId("pull").boundingBox();
    double x = end.x + end.width / 2;
    double y = end.y + end.height / 2;
    page.mouse().move(x, y);
    page.mouse().down();
    page.mouse().move(x + 30, y - 30);
    page.mouse().up();
    assertThat(bar.getAttribute("data-value")).isNotEqualTo(before);
    button("That is it").click();
    assertThat(judged()).containsText("You set");
    assertThat(Site.violationsOn(page)).isEmpty();
  }

  @Test
  void theWaterIsLaidOnAPhoneAndThenTheFlyLiesOnIt() {
    page.setViewportSize(390, 844);
    page.emulateMedia(
        new Page.EmulateMediaOptions()
            .setColorScheme(ColorScheme.DARK)
            .setReducedMotion(ReducedMotion.REDUCE));
    sit("?only=HOW_IT_SITS");
    assertThat(sideways()).isLessThanOrEqualTo(0);
    Locator laid = page.getByTestId("laid");
    assertThat(laid).hasAttribute("data-pitch", "0");
    BoundingBox rear = page.getByTestId("water-rear").boundingBox();
    page.mouse().move(rear.x + rear.width / 2, rear.y + rear.height / 2);
    page.mouse().down();
    page.mouse().move(rear.x + rear.width / 2, rear.y - 15);
    page.mouse().up();
    assertThat(Double.parseDouble(laid.getAttribute("data-pitch"))).isGreaterThan(3);
    assertThat(page.locator("output").first()).containsText("tail down");
    button("Put it on the water").click();
    assertThat(judged()).containsText("It sits");
    assertThat(page.getByTestId("waterline"))
        .isVisible(); // at rest at once: less motion is asked for
    assertThat(next()).isInViewport();
    assertThat(Site.violationsOn(page)).isEmpty();
    assertThat(sideways()).isLessThanOrEqualTo(0);
  }

  @Test
  void whatIsNotPurelyVisualIsToldInWords() {
    sit("?only=WHICH_FEATHER");
    assertThat(page.locator("main"))
        .containsText(Pattern.compile("The gap of the hook is [0-9.]+ mm"));
    assertThat(page.locator("main")).containsText("Feather 4 has barbs of");
    sit("?only=WHAT_HOLDS");
    assertThat(page.getByText("How it is tied")).isVisible();
    assertThat(Site.violationsOn(page)).isEmpty();
  }

  @Test
  void aDrillIsShownLargeAndNothingOfItIsKept() {
    page.navigate(site.address + "/practice");
    Locator drill = page.locator("[data-drill=ROOM_LEFT]");
    String before = drill.textContent();
    drill.getByRole(AriaRole.LINK, new Locator.GetByRoleOptions().setName("show it large")).click();
    assertThat(page.getByText("shown to others, nothing is kept")).isVisible(LONG);
    button("That is it").click();
    assertThat(judged()).containsText("eye lengths will be left");
    assertThat(Site.violationsOn(page)).isEmpty();
    button("Stop").click();
    page.navigate(site.address + "/practice");
    assertThat(drill).containsText("You see room for the head");
    assertThat(drill.textContent()).isEqualTo(before);
  }

  @Test
  void aSetForSomebodyIsALinkAndKeptUnderTheirName() {
    page.navigate(site.address + "/practice");
    button("Set practice for somebody…").click();
    page.getByLabel("For whom").fill("the girl at the bridge");
    page.getByRole(AriaRole.DIALOG).getByLabel("Set it by eye").uncheck();
    Locator each = page.getByLabel("looks at each", new Page.GetByLabelOptions().setExact(true));
    each.fill("2");
    each.press("Tab");
    String link = page.getByLabel("Link", new Page.GetByLabelOptions().setExact(true)).inputValue();
    assertThat(link).contains("only=PART_OFF").contains("each=2").contains("seed=");
    assertThat(Site.violationsOn(page)).isEmpty();
    page.navigate(link);
    assertThat(page).hasTitle("Practice set for the girl at the bridge · Ripple Rest");
    for (int i = 0; i < 2; i++) {
      assertThat(page.getByText("One part is off. Which?")).isVisible(LONG);
      choose("2");
      assertThat(next()).isFocused();
      next().click();
    }
    assertThat(page.getByText("2 looks; all of them are kept.")).isVisible();
    page.navigate(site.address + "/practice");
    page.getByLabel("whose eye").click();
    page.getByRole(AriaRole.OPTION, new Page.GetByRoleOptions().setName("the girl at the bridge"))
        .click();
    assertThat(page.locator("[data-drill=PART_OFF]")).containsText("so far");
  }

  @Test
  void theEyeStandsBesideTheHandsInPracticeAndInTheLog() {
    page.navigate(site.address + "/practice");
    Locator wings = page.locator("[data-skill='part-off/wing length']");
    assertThat(wings).containsText("of wing length; 3 months before");
    assertThat(wings).containsText("Your eye");
    assertThat(wings.getByTestId("curve")).isVisible();
    page.navigate(site.address + "/log");
    assertThat(page.getByTestId("trends")).containsText("You see");
  }

  @Test
  void whatIsLeftOutStaysOut() {
    page.navigate(site.address + "/practice");
    for (String name :
        new String[] {
          "Which part is off",
          "Set it by eye",
          "Count at a glance",
          "Room left",
          "How will it sit",
          "What holds it, what if",
          "Which feather for this hook"
        }) {
      page.getByLabel("practise " + name).uncheck();
    }
    page.reload();
    assertThat(page.getByLabel("practise Room left")).not().isChecked();
    page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Practise for five minutes"))
        .click();
    for (int i = 0; i < 3; i++) {
      assertThat(page.getByTestId("sitting")).containsText("Which hook for this natural");
      choose("1");
      assertThat(next()).isFocused();
      next().click();
    }
  }

  @Test
  void aServerThatDoesNotAnswerLosesNoAnswer() {
    sit("?only=WHICH_HOOK");
    page.route("**/answer", route -> route.abort());
    choose("1");
    assertThat(page.getByRole(AriaRole.ALERT).first()).isVisible();
    page.unroute("**/answer");
    page.keyboard().press("1");
    assertThat(next()).isFocused();
  }
}
