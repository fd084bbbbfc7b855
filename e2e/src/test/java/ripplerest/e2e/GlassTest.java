package ripplerest.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.assertions.LocatorAssertions;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.FilePayload;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.regex.Pattern;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;

/** A tied fly in a glass of water, and what that teaches. */
class GlassTest extends OnBench {
  /** Learning runs each fly some hundreds of times. */
  private static final LocatorAssertions.IsVisibleOptions LEARNT =
      new LocatorAssertions.IsVisibleOptions().setTimeout(240_000);

  private Locator large(String words) {
    return page.locator("section[aria-label='This step']")
        .getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName(words).setExact(true));
  }

  private Locator step(String words) {
    return page.getByLabel("Steps").getByText(Pattern.compile(words));
  }

  private void begin(String fly) {
    openCopyOf(fly);
    page.keyboard().press("k");
    button("Log a fly tied to it").click();
    button("Begin the test").click();
    assertThat(page.getByTestId("foretold")).containsText("Foretold");
  }

  private Locator kept() {
    return page.getByTestId("kept");
  }

  @AfterEach
  void byTheTablesAgain() {
    page.evaluate(
        "fetch('/api/tests/learning', {method: 'PUT', headers: {'Content-Type':"
            + " 'application/json'}, body: '{\"inUse\": false}'})");
  }

  @Test
  void aTestIsMadeByWetHandsAndKeysAndOutlastsAReload() {
    begin("Deep Lodger");
    large("hanging").click();
    assertThat(large("hanging")).hasAttribute("aria-pressed", "true");
    page.keyboard().press("PageDown");
    large("measure the angle").click();
    page.getByLabel("angle", new Page.GetByLabelOptions().setExact(true)).press("ArrowUp");
    page.keyboard().press("Tab");
    step("3 hang weights").click();
    Locator next = page.getByTestId("next-weight");
    String first = next.textContent();
    large("goes under").click();
    assertThat(kept()).hasText("saved");
    assertThat(next).not().hasText(first);
    step("4 push under").click();
    large("comes back up").click();
    assertThat(kept()).hasText("saved");
    page.reload();
    step("6 result").click();
    Locator rows = page.locator("section[aria-label='This step'] tbody tr");
    assertThat(rows).hasCount(4);
    assertThat(rows.first()).containsText("hanging");
    assertThat(page.getByTestId("foretold")).containsText("hanging");
    assertThat(consoleErrors).isEmpty();
  }

  @Test
  void whatSankHasNoAngleAndTwoTabsLoseNothing() {
    begin("Lantern Dun");
    step("2 read off").click();
    large("measure the angle").click();
    step("1 look").click();
    large("sinks").click();
    assertThat(kept()).hasText("saved");
    step("2 read off").click();
    assertThat(page.getByText("It sank: there is nothing to read off.")).isVisible();
    Page other = context.newPage();
    other.navigate(page.url());
    other.getByLabel("Steps").getByText("4 push under").click();
    other.getByText("stays under").click();
    assertThat(other.getByTestId("kept")).hasText("saved");
    step("4 push under").click();
    large("comes back up").click();
    assertThat(kept()).hasText("changed elsewhere");
    button("Take the other").click();
    assertThat(large("stays under")).hasAttribute("aria-pressed", "true");
  }

  @Test
  void thePictureOfTheDemoIsMeasuredAnewWhenADistanceIsOtherwise() {
    page.navigate(site.address + "/tests");
    page.getByText("Bridge Shuttle 12, bare").click();
    step("2 read off").click();
    Locator angle = page.getByLabel("angle", new Page.GetByLabelOptions().setExact(true));
    assertThat(angle).hasValue(Pattern.compile("1[12](\\..*)?"));
    assertThat(page.getByTestId("picture").locator("[data-dot]")).hasCount(5);
    String before =
        page.getByLabel("eye", new Page.GetByLabelOptions().setExact(true)).inputValue();
    page.getByLabel("wall to fly", new Page.GetByLabelOptions().setExact(true)).fill("120");
    page.keyboard().press("Tab");
    assertThat(page.getByLabel("eye", new Page.GetByLabelOptions().setExact(true)))
        .not()
        .hasValue(before);
    assertThat(Site.violationsOn(page)).isEmpty();
    page.setViewportSize(390, 844);
    assertThat((int) page.evaluate("document.documentElement.scrollWidth - innerWidth"))
        .isLessThanOrEqualTo(0);
    page.getByLabel("wall to fly", new Page.GetByLabelOptions().setExact(true)).fill("40");
    page.keyboard().press("Tab");
    assertThat(kept()).hasText("saved");
  }

  /** Three flies are learnt from in a third of the time of nine. */
  private static final String ONLY_DRESSED_DUNS =
      """
      async () => {
        const before = await (await fetch('/api/tests.json')).text()
        for (const { name, test } of await (await fetch('/api/tests')).json()) {
          if (name === 'Lantern Dun' && test.floatant === 'GEL') continue
          await fetch(`/api/tests/${test.id}`, { method: 'DELETE' })
        }
        return before
      }""";

  private static final String ALL_AGAIN =
      """
      before => fetch('/api/tests/imports', { method: 'POST', body: before,
        headers: { 'Content-Type': 'application/octet-stream' } })""";

  @Test
  void whatTestsTeachStandsOnTheBenchAndCanBeSwitchedOff() {
    page.navigate(site.address + "/tests");
    Object before = page.evaluate(ONLY_DRESSED_DUNS);
    try {
      testsTeach();
    } finally {
      page.evaluate(ALL_AGAIN, before);
    }
  }

  private void testsTeach() {
    page.reload();
    Locator teach = page.getByLabel("What they teach");
    teach.getByText(Pattern.compile("Learn from \\d+ tests")).click();
    assertThat(teach.getByText(Pattern.compile("learning: .*tried"))).isVisible();
    button("Stop").click();
    assertThat(teach.getByText("Nothing is learnt yet")).isVisible();
    teach.getByText(Pattern.compile("Learn from \\d+ tests")).click();
    assertThat(page.getByTestId("lessons").locator("li").first()).isVisible(LEARNT);
    assertThat(page.getByText("disagrees: angle")).isVisible();
    assertThat(page.getByText("agrees", new Page.GetByTextOptions().setExact(true)).first())
        .isVisible();
    assertThat(Site.violationsOn(page)).isEmpty();
    answersCome();
    openFly("Lantern Dun");
    assertThat(page.getByTestId("by-tests")).containsText(Pattern.compile("by your \\d+ tests"));
    assertThat(page.locator("[data-without]").first())
        .containsText(Pattern.compile("by your \\d+ tests; without: "));
    String taught = page.getByTestId("verdict").textContent();
    page.getByTestId("by-tests").getByRole(AriaRole.CHECKBOX).click();
    assertThat(page.getByTestId("verdict")).not().hasText(taught);
    assertThat(page.locator("[data-without]")).hasCount(0);
  }

  @Test
  void testsGoOutAndIntoAndADeletedOneComesBack() {
    page.navigate(site.address + "/tests");
    Path file =
        page.waitForDownload(
                () -> page.getByText("JSON", new Page.GetByTextOptions().setExact(true)).click())
            .path();
    Locator rows = page.locator("tbody").first().locator("tr");
    assertThat(rows.first()).isVisible();
    int all = rows.count();
    rows.first().getByText("delete").click();
    assertThat(rows).hasCount(all - 1);
    page.getByLabel("Tests to import").setInputFiles(file);
    assertThat(page.getByText("1 test added; what was here already is as it was.")).isVisible();
    assertThat(rows).hasCount(all);
    page.getByLabel("Tests to import")
        .setInputFiles(
            new FilePayload("x.json", "application/json", "{}".getBytes(StandardCharsets.UTF_8)));
    assertThat(page.getByText("Nothing was added.")).isVisible();
    assertThat(rows).hasCount(all);
  }
}
