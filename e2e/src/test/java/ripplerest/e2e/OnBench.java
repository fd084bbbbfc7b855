package ripplerest.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Browser;
import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.PlaywrightException;
import com.microsoft.playwright.Route;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.ReducedMotion;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.regex.Pattern;
import org.assertj.core.api.Assertions;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;

/** A page with the bench on it, and what a person does there. */
abstract class OnBench {
  /** On which sheet of the tray a control lies. */
  private static final Map<String, String> SHEETS =
      Map.ofEntries(
          Map.entry("size", "Hook"),
          Map.entry("X wire", "Hook"),
          Map.entry("fibres", "Tail"),
          Map.entry("turns", "Hackle"),
          Map.entry("barb", "Hackle"),
          Map.entry("trim", "Hackle"),
          Map.entry("barb is said", "Hackle"),
          Map.entry("available feather length", "Hackle"),
          Map.entry("plumes", "Plumes"),
          Map.entry("floatant", "Water"),
          Map.entry("temperature", "Water"),
          Map.entry("false casts", "Water"),
          Map.entry("tippet size", "Water"));

  static final Pattern ANSWERS = Pattern.compile(".*/api/answers.*");

  final Site site = Site.get();
  final List<String> consoleErrors = new ArrayList<>();
  BrowserContext context;
  Page page;

  @BeforeEach
  void open() {
    context =
        site.browser.newContext(
            new Browser.NewContextOptions()
                .setViewportSize(1280, 800)
                .setReducedMotion(ReducedMotion.REDUCE));
    context.addInitScript("localStorage.setItem('ripple-rest.tour', '9')"); // not the first visit
    page = context.newPage();
    page.setDefaultTimeout(Site.SLOWEST_MS);
    page.onConsoleMessage(
        m -> {
          if (m.type().equals("error")) {
            consoleErrors.add(m.text());
          }
        });
    page.onPageError(consoleErrors::add);
    // Long answers take both cores for seconds: most tests meet a server that is busy with others'.
    page.route(ANSWERS, OnBench::busy);
  }

  /** As if long answers of others were before this one. */
  static void busy(Route route) {
    try {
      route.fulfill(
          new Route.FulfillOptions()
              .setContentType("application/x-ndjson")
              .setBody("{\"waits\": {\"before\": 9}}\n"));
    } catch (PlaywrightException e) {
      // asked while the page was closing: nobody waits for it
      if (!e.getMessage().contains("closed")) {
        throw e;
      }
    }
  }

  /** Lets long answers come. */
  void answersCome() {
    page.unroute(ANSWERS);
  }

  @AfterEach
  void close() {
    context.close();
    Assertions.assertThat(consoleErrors)
        .as("the page keeps to its policy")
        .noneMatch(e -> e.contains("Content Security Policy"));
  }

  /** By how much the page is wider than its window, px. */
  int sideways() {
    return (int)
        page.evaluate(
            "document.documentElement.scrollWidth - document.documentElement.clientWidth");
  }

  void openFly(String name) {
    page.navigate(site.address);
    page.getByLabel("Patterns", new Page.GetByLabelOptions().setExact(true))
        .getByText(name, new Locator.GetByTextOptions().setExact(true))
        .click();
    assertThat(page.getByLabel("Name of the fly")).hasValue(name);
    settled();
  }

  Locator verdict() {
    return page.getByTestId("verdict");
  }

  void settled() {
    assertThat(verdict()).hasAttribute("data-fly", "fresh");
    assertThat(page.getByTestId("fly")).isVisible();
    assertThat(page.getByTestId("saved")).hasText("saved");
  }

  /** Opens a sheet of the tray. */
  void sheet(String tab) {
    page.getByRole(
            AriaRole.TAB, new Page.GetByRoleOptions().setName(Pattern.compile("^" + tab + "\\b")))
        .click();
  }

  private void reveal(String control) {
    String tab = SHEETS.get(control.replaceFirst(":.*", ""));
    if (tab != null) {
      sheet(tab);
    }
  }

  Locator field(String name) {
    reveal(name);
    return page.getByRole(
        AriaRole.SPINBUTTON, new Page.GetByRoleOptions().setName(name).setExact(true));
  }

  Locator combobox(String name) {
    reveal(name);
    return page.getByRole(AriaRole.COMBOBOX, new Page.GetByRoleOptions().setName(name));
  }

  void pick(String name, String option) {
    combobox(name).click();
    page.getByRole(AriaRole.OPTION, new Page.GetByRoleOptions().setName(option).setExact(true))
        .click();
  }

  Locator button(String name) {
    reveal(name);
    return page.getByRole(
        AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name).setExact(true));
  }

  Locator knob(String name) {
    return page.getByRole(
        AriaRole.SLIDER, new Page.GetByRoleOptions().setName(name).setExact(true));
  }

  /** A copy to change, so that no test sees another's changes. */
  void openCopyOf(String name) {
    openFly(name);
    button("Copy").click();
    assertThat(page.getByLabel("Name of the fly")).hasValue(name + ", copy");
    settled();
  }

  String drawing() {
    return (String) page.getByTestId("fly").evaluate("e => e.innerHTML");
  }
}
