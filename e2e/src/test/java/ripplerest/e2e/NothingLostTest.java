package ripplerest.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Route;
import com.microsoft.playwright.options.AriaRole;
import java.util.List;
import java.util.concurrent.atomic.AtomicInteger;
import org.assertj.core.api.Assertions;
import org.junit.jupiter.api.Test;

/** What a hand did is kept, once, however quickly it leaves or however long it holds a key. */
class NothingLostTest extends OnBench {
  private static final String PATTERNS = "**/api/patterns/*";

  /** Holds every save for a while, as a slow server would. */
  private void slowSaves(int ms) {
    page.route(
        PATTERNS,
        route -> {
          if (route.request().method().equals("PUT")) {
            sleep(ms);
          }
          route.resume();
        });
  }

  private static void sleep(int ms) {
    try {
      Thread.sleep(ms);
    } catch (InterruptedException e) {
      Thread.currentThread().interrupt();
    }
  }

  @Test
  void theCardReadsTheLastChangeThoughTheBenchIsLeftAtOnce() {
    openCopyOf("Lantern Dun");
    slowSaves(600);
    field("fibres").fill("11");
    field("fibres").press("Enter");
    page.getByLabel("Views of this fly").getByText("card").click();
    assertThat(page.getByTestId("steps")).isVisible();
    assertThat(page.getByTestId("steps")).containsText("11");
  }

  @Test
  void undoWaitsForTheSaveUnderWay() {
    openCopyOf("Lantern Dun");
    String before = field("fibres").inputValue();
    slowSaves(700);
    field("fibres").fill("11");
    field("fibres").press("Enter");
    page.waitForTimeout(350); // the save is under way
    page.getByTestId("fly").click();
    page.keyboard().press("Control+z");
    assertThat(page.getByTestId("saved")).hasText("saved");
    assertThat(field("fibres")).hasValue(before);
  }

  @Test
  void aHeldKeyLogsOneFly() {
    openCopyOf("Slate Lodger");
    String id = page.url().replaceAll(".*/bench/", "");
    int before = logged();
    page.navigate(site.address + "/bench/" + id + "/tie");
    assertThat(page.getByTestId("where")).hasText("before you start");
    for (int i = 0; i < 30 && !page.getByTestId("where").textContent().equals("done"); i++) {
      page.keyboard().press("PageDown");
    }
    assertThat(page.getByTestId("where")).hasText("done");
    page.keyboard().down("PageDown"); // and held: the browser repeats it
    for (int i = 0; i < 10; i++) {
      page.keyboard().down("PageDown");
    }
    page.keyboard().up("PageDown");
    page.keyboard().press("PageDown"); // a pedal that bounces
    assertThat(page.getByTestId("kept")).isVisible();
    Assertions.assertThat(logged()).isEqualTo(before + 1);
  }

  private int logged() {
    return (int) page.evaluate("async () => (await (await fetch('/api/log')).json()).length");
  }

  @Test
  void aDeletionThatFailedDoesNotSayDeletedAndOneThatDidIsFoundAndPutBack() {
    openCopyOf("Lantern Dun");
    page.navigate(site.address + "/book?words=Lantern+Dun+copy");
    Locator delete =
        page.getByRole(
            AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Delete Lantern Dun, copy"));
    page.route(
        PATTERNS, route -> route.fulfill(new Route.FulfillOptions().setStatus(503).setBody("{}")));
    delete.first().click();
    assertThat(page.getByRole(AriaRole.ALERT)).isVisible();
    assertThat(page.getByText("is deleted.")).hasCount(0);
    page.unroute(PATTERNS);
    consoleErrors.clear();
    delete.first().click();
    assertThat(page.getByText("is deleted.").first()).isVisible();
    page.navigate(site.address + "/deleted");
    Locator back =
        page.getByRole(
            AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Put back Lantern Dun, copy"));
    assertThat(back.first()).isVisible();
    back.first().click();
    assertThat(page.getByRole(AriaRole.STATUS)).containsText("is back");
    Assertions.assertThat(Site.violationsOn(page)).isEmpty();
  }

  @Test
  void aChangeAsksForWhatIsOpenAndNothingElse() {
    openCopyOf("Lantern Dun");
    List<String> asked = new java.util.ArrayList<>();
    AtomicInteger lists = new AtomicInteger();
    page.onRequest(
        r -> {
          if (r.url().contains("/api/answers?")) {
            asked.add(r.url().replaceAll(".*ask=([A-Z_]+).*", "$1"));
          }
          if (r.url().endsWith("/api/patterns")) {
            lists.incrementAndGet();
          }
        });
    answersCome();
    field("fibres").fill("11");
    field("fibres").press("Enter");
    settled();
    page.waitForTimeout(2500);
    Assertions.assertThat(asked).isNotEmpty().allMatch(q -> q.equals("WHOLE"));
    Assertions.assertThat(lists.get()).as("the box says what it said").isZero();
  }
}
