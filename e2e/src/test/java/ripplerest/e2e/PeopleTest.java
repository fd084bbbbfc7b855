package ripplerest.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Browser;
import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.Download;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.ColorScheme;
import com.microsoft.playwright.options.ReducedMotion;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.Pattern;
import org.assertj.core.api.Assertions;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;

/** Two people, a guest and a tablet before one application, over TLS. */
class PeopleTest {
  private static final String PASSWORD = "amber heron walks late";
  private static final Pattern SHARE = Pattern.compile("^share$");
  private static int names;

  private final Site site = Site.shared();
  private final List<BrowserContext> open = new ArrayList<>();

  private Page browser() {
    return browser(1280, 800, ColorScheme.LIGHT);
  }

  /** Somebody's browser, in which nobody is signed in. */
  private Page browser(int width, int height, ColorScheme scheme) {
    BrowserContext context =
        site.browser.newContext(
            new Browser.NewContextOptions()
                .setViewportSize(width, height)
                .setColorScheme(scheme)
                .setHasTouch(width < 1000)
                .setReducedMotion(ReducedMotion.REDUCE)
                .setIgnoreHTTPSErrors(true)); // made on this machine, and nobody's to vouch for
    context.addInitScript("localStorage.setItem('ripple-rest.tour', '9')");
    context.route(OnBench.ANSWERS, OnBench::busy);
    open.add(context);
    Page page = context.newPage();
    page.setDefaultTimeout(Site.SLOWEST_MS);
    return page;
  }

  @AfterEach
  void close() {
    open.forEach(BrowserContext::close);
  }

  private void comeIn(Page page, String link, String name) {
    page.navigate(link);
    page.getByLabel("Your name here").fill(name);
    page.getByLabel("Password").fill(PASSWORD);
    button(page, "Come in").click();
    assertThat(page.getByLabel("Everything else")).isVisible();
  }

  private static Locator button(Page page, String name) {
    return page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name));
  }

  private Page warden() {
    Page page = browser();
    page.navigate(site.address + "/people");
    page.getByLabel("Name").fill("Wren");
    page.getByLabel("Password").fill(PASSWORD);
    button(page, "Sign in").click();
    Locator in = page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName("People"));
    if (!isThere(in.or(page.getByRole(AriaRole.ALERT)), in)) {
      comeIn(page, site.address + "/join#" + Site.FIRST, "Wren");
      page.navigate(site.address + "/people");
    }
    assertThat(in).isVisible();
    return page;
  }

  private static boolean isThere(Locator either, Locator wanted) {
    assertThat(either.first()).isVisible();
    return wanted.isVisible();
  }

  /** Somebody new, by a link that a warden made on the page. */
  private Page invited(Page warden, String role, String name) {
    button(warden, "Invite somebody…").click();
    warden.getByRole(AriaRole.RADIO, new Page.GetByRoleOptions().setName(role)).click();
    button(warden, "Make a link").click();
    String link = warden.getByLabel("Link, good once within a week").inputValue();
    warden.keyboard().press("Escape");
    Page page = browser();
    comeIn(page, link, name);
    return page;
  }

  private static String name() {
    return "Alder " + ++names;
  }

  private static void clean(Page page, String what) {
    Assertions.assertThat(Site.violationsOn(page)).as(what).isEmpty();
    Assertions.assertThat(
            (int)
                page.evaluate(
                    "document.documentElement.scrollWidth - document.documentElement.clientWidth"))
        .as(what)
        .isLessThanOrEqualTo(0);
  }

  @Test
  void twoPeopleAndAGuestShareTheClubsBook() {
    Page warden = warden();
    String name = name();
    Page tier = invited(warden, "tier", name);
    warden.reload();
    assertThat(warden.getByRole(AriaRole.ROW).filter(new Locator.FilterOptions().setHasText(name)))
        .isVisible();
    clean(warden, "people");

    // a fly of one's own, and a copy for the club
    button(tier, "New").click();
    tier.getByRole(AriaRole.MENUITEM, new Page.GetByRoleOptions().setName("Parachute")).click();
    assertThat(tier.getByTestId("saved")).hasText("saved");
    tier.getByLabel("Name of the fly").fill(name + " Dun");
    tier.keyboard().press("Enter");
    assertThat(tier.getByTestId("saved")).hasText("saved");
    tier.getByLabel("Views of this fly").getByText(SHARE).click();
    button(tier, "Give the club a copy").click();
    tier.getByText("Open the copy").click();
    assertThat(tier).hasURL(Pattern.compile("/club/bench/"));
    assertThat(tier.getByLabel("Name of the fly")).hasValue(name + " Dun");

    // the warden finds it in the club's book, changes it, and it says so
    warden.navigate(tier.url());
    assertThat(warden.getByTestId("saved")).hasText("saved");
    warden.getByLabel("Name of the fly").fill(name + " Spinner");
    warden.keyboard().press("Enter");
    assertThat(warden.getByTestId("saved")).hasText("saved");
    warden.getByLabel("Views of this fly").getByText("in the club").click();
    assertThat(warden.getByText("named " + name + " Spinner")).isVisible();
    warden.getByLabel("Say something to it").fill("Ties faster without the wing.");
    button(warden, "Say it").click();
    assertThat(warden.getByText("Ties faster without the wing.")).isVisible();
    clean(warden, "in the club");

    // a guest reads both, and has nothing to change it with
    warden.navigate(site.address + "/people");
    Page guest = invited(warden, "guest", name());
    assertThat(guest).hasURL(Pattern.compile("/club/"));
    assertThat(guest.getByTestId("saved")).containsText("you look on");
    guest.getByLabel("Name of the fly").fill("Tried Dun");
    guest.keyboard().press("Enter");
    guest.reload();
    assertThat(guest.getByTestId("saved")).containsText("you look on");
    assertThat(guest.getByText("Tried Dun")).hasCount(0);
    clean(guest, "guest");
    guest.navigate(warden.url().replaceAll("/people.*", "/club/changes"));
    guest.locator("main").getByText(name + " Spinner").first().click();
    assertThat(guest.getByText("Ties faster without the wing.")).isVisible();
    assertThat(button(guest, "Take a copy")).hasCount(0);
    assertThat(button(guest, "New")).hasCount(0);
    guest.navigate(site.address + "/club/boxes");
    assertThat(guest.getByText("the Tuesday party").first()).isVisible();
    assertThat(button(guest, "move")).hasCount(0);
    assertThat(button(guest, "New box")).hasCount(0);
    guest.getByLabel("Everything else").getByText("Book").click();
    assertThat(guest.getByTestId("found")).containsText("of");
    assertThat(button(guest, "delete")).hasCount(0);
    clean(guest, "book of a guest");
    // and nothing of what is somebody's
    tier.navigate(site.address + "/book");
    assertThat(tier.getByText(name + " Dun").first()).isVisible();
    warden.navigate(site.address + "/book?words=" + name.replace(" ", "+"));
    assertThat(warden.getByText(name + " Dun")).hasCount(0);
  }

  @Test
  void aTabletFollowsTheFlyAtTheVise() {
    Page bench = invited(warden(), "tier", name());
    button(bench, "New").click();
    bench.getByRole(AriaRole.MENUITEM, new Page.GetByRoleOptions().setName("Parachute")).click();
    assertThat(bench.getByTestId("saved")).hasText("saved");
    String fly = bench.url().replaceAll(".*/bench/([^/?]+).*", "$1");
    bench.navigate(site.address + "/bench/" + fly + "/tie");
    button(bench, "tablet").click();
    button(bench, "Show a code").click();
    assertThat(bench.getByTestId("code")).isVisible();
    clean(bench, "code");
    String address = bench.getByTestId("code-address").textContent();

    Page tablet = browser(800, 1100, ColorScheme.DARK);
    tablet.navigate(address);
    assertThat(tablet.getByTestId("where")).hasText("before you start");
    assertThat(bench.getByText("The tablet is here.")).isVisible();
    bench.keyboard().press("Escape");
    button(tablet, "start →").click();
    assertThat(tablet.getByTestId("where")).hasText(Pattern.compile("step 1 of"));
    assertThat(bench.getByTestId("where")).hasText(Pattern.compile("step 1 of"));
    button(bench, "next →").click();
    assertThat(tablet.getByTestId("where")).hasText(Pattern.compile("step 2 of"));
    button(tablet, "← back").click();
    assertThat(bench.getByTestId("where")).hasText(Pattern.compile("step 1 of"));
    // both at once: one of them turns it
    button(bench, "next →").click();
    button(tablet, "next →").click();
    assertThat(bench.getByTestId("where")).hasText(Pattern.compile("step [23] of"));
    tablet.waitForCondition(
        () ->
            tablet
                .getByTestId("where")
                .textContent()
                .equals(bench.getByTestId("where").textContent()));
    assertThat(bench.getByRole(AriaRole.ALERT)).hasCount(0);
    clean(tablet, "tablet");

    // it goes nowhere else, and nobody comes in by the same code
    tablet.navigate(site.address + "/book");
    assertThat(tablet.getByTestId("where")).isVisible();
    Page thief = browser();
    thief.navigate(address);
    assertThat(thief.getByRole(AriaRole.ALERT)).containsText("scanned before");

    button(bench, "tablet").click();
    button(bench, "send away").click();
    assertThat(tablet.getByText("This tablet was sent away")).isVisible();
    bench.keyboard().press("Escape");
    button(bench, "next →").click();
    assertThat(bench.getByTestId("where")).hasText(Pattern.compile("step [34] of"));
  }

  @Test
  void whoeverIsSignedOutMeanwhileLosesNothing() {
    Page warden = warden();
    String name = name();
    Page here = invited(warden, "tier", name);
    button(here, "New").click();
    here.getByRole(AriaRole.MENUITEM, new Page.GetByRoleOptions().setName("Parachute")).click();
    assertThat(here.getByTestId("saved")).hasText("saved");
    // another browser changes the password, which ends this session
    Page there = browser();
    there.navigate(site.address + "/you");
    there.getByLabel("Name").fill(name.toUpperCase(java.util.Locale.ROOT));
    there.getByLabel("Password").fill(PASSWORD);
    clean(there, "sign in");
    button(there, "Sign in").click();
    there.getByLabel("The password now").fill(PASSWORD);
    there.getByLabel("The new one").fill("quiet otter sings twice");
    button(there, "Change the password").click();
    assertThat(there.getByText("The password is changed").first()).isVisible();
    clean(there, "you");

    here.getByLabel("Name of the fly").fill("Kept Dun");
    here.keyboard().press("Enter");
    Locator again = here.getByRole(AriaRole.DIALOG);
    assertThat(again).containsText("signed out");
    clean(here, "signed out");
    again.getByLabel("Name").fill(name);
    again.getByLabel("Password").fill("not the password now");
    again.getByText("Sign in").click();
    assertThat(again.getByRole(AriaRole.ALERT)).containsText("Type both anew");
    again.getByLabel("Password").fill("quiet otter sings twice");
    again.getByText("Sign in").click();
    assertThat(again).hasCount(0);
    assertThat(here.getByTestId("saved")).hasText("saved");
    here.reload();
    assertThat(here.getByLabel("Name of the fly")).hasValue("Kept Dun");
  }

  @Test
  void whoeverHasALinkReadsOnAPhoneAndWhoLeavesIsGone() {
    String name = name();
    Page tier = invited(warden(), "tier", name);
    button(tier, "New").click();
    tier.getByRole(AriaRole.MENUITEM, new Page.GetByRoleOptions().setName("Parachute")).click();
    assertThat(tier.getByTestId("saved")).hasText("saved");
    tier.getByLabel("Name of the fly").fill("Linked Dun");
    tier.keyboard().press("Enter");
    assertThat(tier.getByTestId("saved")).hasText("saved");
    tier.getByLabel("Views of this fly").getByText(SHARE).click();
    button(tier, "Make a link").click();
    String link = tier.getByLabel("Link, told this once").inputValue();
    clean(tier, "share");

    Page phone = browser(390, 800, ColorScheme.DARK);
    phone.navigate(link);
    assertThat(phone.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setLevel(1)))
        .hasText("Linked Dun");
    assertThat(phone.getByText(name + " shares this fly")).isVisible();
    assertThat(phone.getByRole(AriaRole.IMG).first()).isVisible();
    assertThat(button(phone, "Copy it into my book")).hasCount(0); // nobody is signed in
    clean(phone, "shared");

    tier.navigate(site.address + "/you");
    Download things =
        tier.waitForDownload(() -> tier.getByText("Everything of yours, one file").click());
    Assertions.assertThat(things.suggestedFilename()).endsWith(".zip");
    button(tier, "Leave…").click();
    tier.getByRole(AriaRole.DIALOG).getByLabel("Your password").fill(PASSWORD);
    clean(tier, "leave");
    tier.getByText("Delete all of mine and leave").click();
    assertThat(tier.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName("Sign in")))
        .isVisible();
    phone.reload();
    assertThat(phone.getByText("the club shares this fly")).isVisible();
    assertThat(phone.getByText(name)).hasCount(0);
  }
}
