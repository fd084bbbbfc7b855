package ripplerest.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.assertions.LocatorAssertions;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.ColorScheme;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

/** Drives the real interface as a person would. */
class BenchTest extends OnBench {
  @Test
  void theDemoFlyIsAlreadyOnTheWater() {
    page.navigate(site.address);
    settled();
    assertThat(verdict()).containsText("Stands on its hackle and tail");
    assertThat(page.locator("[data-callout='eye']")).containsText("clear");
    assertThat(page.locator("[data-callout='hook point']")).containsText("under");
    assertThat(page.locator("[data-span='body']")).hasCount(1);
    assertThat(page.locator("[data-reading='posture']")).containsText("on its tips");
  }

  @Test
  void changingTheHookChangesMillimetresDrawingSentenceAndNumbersAndIsKept() {
    openCopyOf("Lantern Dun");
    String before = drawing();
    String sentence = verdict().textContent();
    String plan = page.getByTestId("plan-words").textContent();
    assertThat(plan).contains("tail 9.6 mm");
    field("size").fill("18");
    field("size").press("Enter");
    assertThat(page.getByTestId("plan-words")).containsText("tail 7.3 mm");
    settled();
    assertThat(drawing()).isNotEqualTo(before);
    assertThat(verdict()).not().hasText(sentence);
    String after = verdict().textContent();
    page.reload();
    settled();
    assertThat(field("size")).hasValue("18");
    assertThat(verdict().textContent()).startsWith(after.split("\\. ")[0]);
  }

  @ParameterizedTest
  @CsvSource({
    "Willow Skate, temperature, 25",
    "Slate Lodger, plumes, 2",
    "Willow Skate, X wire, 2",
    "Lantern Dun, barb, 1.5"
  })
  void everyControlMovesTheFly(String fly, String control, String value) {
    openCopyOf(fly);
    String before = drawing();
    field(control).fill(value);
    field(control).press("Enter");
    page.waitForCondition(() -> !drawing().equals(before));
    settled();
    page.reload();
    settled();
    assertThat(field(control)).hasValue(value);
  }

  @Test
  void clippingAndUndressingAreOneClick() {
    openCopyOf("Lantern Dun");
    pick("trim", "below");
    assertThat(verdict()).containsText("Lies flush");
    pick("trim", "full");
    assertThat(verdict()).containsText("Stands");
    pick("floatant", "none");
    assertThat(verdict()).containsText("Lies flush");
    settled();
  }

  @Test
  void longAnswersFollowAndLookStaleUntilTheyArrive() {
    answersCome();
    openCopyOf("Slate Lodger");
    Locator landing = page.locator("[data-reading='landing']");
    assertThat(landing).containsText("open to work it out");
    landing.getByRole(AriaRole.BUTTON).click();
    assertThat(landing.locator("[aria-busy='true']")).isVisible();
    assertThat(landing.locator("[aria-busy='false']"))
        .isVisible(new LocatorAssertions.IsVisibleOptions().setTimeout(60_000));
    assertThat(landing).containsText("of casts");
    Locator overTime = page.locator("[data-reading='over-time']");
    overTime.getByRole(AriaRole.BUTTON).click();
    assertThat(overTime.getByRole(AriaRole.IMG))
        .hasCount(4, new LocatorAssertions.HasCountOptions().setTimeout(60_000));
    assertThat(overTime).containsText("min");
    Locator carry = page.locator("[data-reading='carry']");
    carry.getByRole(AriaRole.BUTTON).click();
    assertThat(carry).containsText("still water");
    button("plumes: less").click();
    assertThat(landing.locator("[aria-busy='true']")).isVisible();
  }

  @Test
  void whatATierAsksOpensUnderTheWeakestLink() {
    answersCome();
    openFly("Lantern Dun");
    Locator reading = page.locator("[data-reading='what-if']");
    reading.getByRole(AriaRole.BUTTON).click();
    assertThat(reading.locator("[aria-busy='true']")).isVisible();
    assertThat(reading.locator("[aria-busy='false']"))
        .isVisible(new LocatorAssertions.IsVisibleOptions().setTimeout(60_000));
    assertThat(reading).containsText("hackle");
    assertThat(reading).containsText("tail: film reserve");
    assertThat(reading).containsText("One wire heavier");
    assertThat(reading).containsText("acts behind what holds its head end up");
  }

  @Test
  void anotherRestCanBeDrawn() {
    answersCome();
    openFly("Lantern Dun");
    Locator drawn =
        page.getByRole(AriaRole.RADIOGROUP, new Page.GetByRoleOptions().setName("show pose"));
    assertThat(drawn).isVisible(new LocatorAssertions.IsVisibleOptions().setTimeout(60_000));
    String before = drawing();
    assertThat(page.getByTestId("fly")).hasAttribute("data-rest", "ON_TIPS");
    drawn.getByRole(AriaRole.RADIO).nth(1).click();
    assertThat(page.getByTestId("fly")).not().hasAttribute("data-rest", "ON_TIPS");
    assertThat(drawing()).isNotEqualTo(before);
    drawn.getByRole(AriaRole.RADIO).nth(0).click();
    assertThat(page.getByTestId("fly")).hasAttribute("data-rest", "ON_TIPS");
  }

  @Test
  void anotherFloatantAndMoreFalseCastsAreKept() {
    openCopyOf("Willow Skate");
    pick("floatant", "pre-soak");
    field("false casts").fill("3");
    field("false casts").press("Enter");
    settled();
    page.reload();
    settled();
    assertThat(field("false casts")).hasValue("3");
    assertThat(combobox("floatant")).hasText("pre-soak");
  }

  @Test
  void partsAreAddedMovedAndLeftOut() {
    openCopyOf("Ember Quill");
    pick("add a part", "rib");
    assertThat(page.getByRole(AriaRole.GROUP, group("Rib"))).isVisible();
    settled();
    sheet("Body");
    button("body: tie earlier").click(); // what has to be done first still comes first
    settled();
    button("body: duplicate").click();
    assertThat(page.getByLabel("Warnings")).containsText("A fly has one body");
    button("body 2: leave out").click();
    assertThat(page.getByLabel("Warnings")).not().containsText("A fly has one body");
    pick("add a part", "collar hackle");
    assertThat(page.getByRole(AriaRole.GROUP, group("Hackle 2"))).isVisible();
    button("hackle 2: leave out").click();
    assertThat(page.getByRole(AriaRole.GROUP, group("Hackle 2"))).hasCount(0);
    settled();
    page.reload();
    sheet("Rib");
    assertThat(page.getByRole(AriaRole.GROUP, group("Rib"))).isVisible();
  }

  @Test
  void anotherMaterialAndAFeatherThatRunsOut() {
    openCopyOf("Willow Skate");
    sheet("Body");
    page.getByRole(AriaRole.GROUP, group("Body")).getByRole(AriaRole.COMBOBOX).click();
    page.getByRole(AriaRole.OPTION, new Page.GetByRoleOptions().setName("Herl").setExact(true))
        .click();
    field("available feather length").fill("28");
    field("available feather length").press("Enter");
    assertThat(page.getByLabel("Warnings")).containsText("runs out after");
    settled();
    page.reload();
    sheet("Body");
    assertThat(page.getByRole(AriaRole.GROUP, group("Body"))).containsText("Herl");
  }

  private static Page.GetByRoleOptions group(String name) {
    return new Page.GetByRoleOptions().setName(Pattern.compile("^" + name + "( |$)"));
  }

  @Test
  void aTippetPullsAtTheEye() {
    openCopyOf("Slate Lodger");
    settled();
    String before = verdict().textContent();
    sheet("Water");
    page.getByRole(AriaRole.RADIO, new Page.GetByRoleOptions().setName("tied on")).click();
    field("tippet size").fill("0.2");
    field("tippet size").press("Enter");
    settled();
    assertThat(verdict()).not().hasText(before);
    page.reload();
    assertThat(field("tippet size")).hasValue("0.2");
  }

  @Test
  void aLengthCanBePinnedAndKeepsItsMillimetresOnAnotherHook() {
    openCopyOf("Willow Skate");
    pick("barb is said", "in mm");
    assertThat(field("barb")).hasValue("8");
    field("size").fill("18");
    field("size").press("Enter");
    settled();
    assertThat(field("barb")).hasValue("8");
    pick("barb is said", "by rule");
    assertThat(field("barb")).hasValue("2.58");
  }

  @Test
  void readingsOpenToWhatMakesThemSo() {
    answersCome();
    openFly("Willow Skate");
    Locator posture = page.locator("[data-reading='posture']");
    posture.getByRole(AriaRole.BUTTON).click();
    assertThat(posture.getByRole(AriaRole.LIST)).containsText("body");
    assertThat(posture).containsText("fibres lie on the film");
    Locator popBack = page.locator("[data-reading='pop-back']");
    popBack.getByRole(AriaRole.BUTTON).click();
    assertThat(popBack).containsText("hook wire");
    Locator reserve = page.locator("[data-reading='reserve']");
    assertThat(reserve.locator("[aria-busy='false']"))
        .containsText(
            "to",
            new com.microsoft.playwright.assertions.LocatorAssertions.ContainsTextOptions()
                .setTimeout(60_000));
  }

  @Test
  void keyboardAloneIsEnough() {
    openCopyOf("Lantern Dun");
    tabToTab("Hook 14");
    tabTo("size");
    page.keyboard().press("ArrowUp");
    page.keyboard().press("ArrowUp");
    assertThat(page.getByRole(AriaRole.SPINBUTTON, new Page.GetByRoleOptions().setName("size")))
        .hasValue("16");
    tabToTab("Hackle");
    tabTo("turns");
    page.keyboard().press("ArrowUp");
    assertThat(page.getByRole(AriaRole.SPINBUTTON, new Page.GetByRoleOptions().setName("turns")))
        .hasValue("5.5");
    settled();
    assertThat(page.getByTestId("plan-words")).containsText("tail 8.3 mm");
  }

  private void tabTo(String label) {
    pressTo("Tab", "document.activeElement?.labels?.[0]?.textContent ?? ''", label);
  }

  /** Tab reaches the list of sheets, and an arrow each sheet on it. */
  private void tabToTab(String tab) {
    pressTo("Tab", "document.activeElement?.role ?? ''", "tab");
    pressTo("ArrowRight", "document.activeElement?.textContent ?? ''", tab);
  }

  private void pressTo(String key, String asked, String wanted) {
    for (int i = 0; i < 140; i++) {
      if (wanted.equals(page.evaluate(asked))) {
        return;
      }
      page.keyboard().press(key);
    }
    throw new AssertionError(key + " never reached " + wanted);
  }

  @Test
  void aChangeFromElsewhereShowsBothVersions() {
    openCopyOf("Willow Skate");
    Page other = context.newPage();
    other.navigate(page.url());
    Locator turns =
        other.getByRole(AriaRole.SPINBUTTON, new Page.GetByRoleOptions().setName("turns"));
    turns.fill("6");
    turns.press("Enter");
    assertThat(other.getByTestId("saved")).hasText("saved");
    other.waitForTimeout(600);
    other.close();
    field("fibres").fill("9");
    field("fibres").press("Enter");
    Locator dialog = page.getByRole(AriaRole.ALERTDIALOG);
    assertThat(dialog).containsText("count:9");
    assertThat(dialog).containsText("turns:6");
    String theirs = page.url();
    button("Keep both").click();
    assertThat(page.getByLabel("Name of the fly")).hasValue("Willow Skate, copy, mine");
    assertThat(field("fibres")).hasValue("9");
    page.navigate(theirs);
    assertThat(field("turns")).hasValue("6");
    assertThat(field("fibres")).hasValue("6");
  }

  @ParameterizedTest
  @EnumSource(names = {"LIGHT", "DARK"})
  void axeFindsNothingSerious(ColorScheme scheme) {
    page.emulateMedia(new Page.EmulateMediaOptions().setColorScheme(scheme));
    openFly("Lantern Dun");
    page.locator("[data-reading='posture']").getByRole(AriaRole.BUTTON).click();
    assertThat(Site.violationsOn(page)).isEmpty();
  }

  @Test
  void nothingOverflowsOnATabletUpright() {
    page.setViewportSize(820, 1180);
    openFly("Willow Skate");
    Object overflow =
        page.evaluate(
            "document.documentElement.scrollWidth - document.documentElement.clientWidth");
    assertThat(((Number) overflow).intValue()).isLessThanOrEqualTo(0);
  }

  @Test
  void changesAreTakenBackAndDoneAgainAfterAReloadToo() {
    openCopyOf("Lantern Dun");
    button("turns: more").click();
    assertThat(button("Undo: collar hackle turns 5 → 5.5")).isEnabled();
    button("turns: more").click();
    assertThat(button("Undo: collar hackle turns 5.5 → 6")).isEnabled();
    page.reload();
    button("Undo: collar hackle turns 5.5 → 6").click();
    assertThat(field("turns")).hasValue("5.5");
    page.keyboard().press("Control+z");
    assertThat(field("turns")).hasValue("5");
    assertThat(button("Nothing to undo")).isDisabled();
    page.reload();
    assertThat(button("Redo: collar hackle turns 5 → 5.5")).isEnabled();
    page.keyboard().press("Control+Shift+z");
    assertThat(field("turns")).hasValue("5.5");
    assertThat(page.getByTestId("saved")).hasText("saved");
  }

  @Test
  void aChangeShowsWhatItDidAndLeavesAGhost() {
    openCopyOf("Lantern Dun");
    assertThat(page.getByTestId("ghost")).hasCount(0);
    field("turns").fill("9");
    field("turns").press("Enter");
    assertThat(page.getByTestId("ghost")).hasCount(1);
    assertThat(page.locator("[data-moved='eye']")).containsText("+");
    assertThat(page.getByTestId("difference")).containsText("higher");
    Locator was = page.locator("[data-reading='posture'] [data-was]");
    button("Undo: collar hackle turns 5 → 9").click();
    assertThat(page.locator("[data-moved='eye']")).containsText("−");
    assertThat(was).hasCount(0);
  }
}
