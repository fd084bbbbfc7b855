package ripplerest.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.BoundingBox;
import java.util.Arrays;
import java.util.List;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;

/** How quick the bench is. Measured and reported, not asserted: these machines are noisy. */
@Tag("speed")
class SpeedTest extends OnBench {
  private static final int CHANGES = Integer.getInteger("changes", 40);
  private static final int LEG = 25;

  @Test
  void changeToRedrawn() {
    answersCome(); // a page whose questions are caught on their way waits for this process too
    openCopyOf("Willow Skate");
    sheet("Hackle");
    double[] ms = new double[CHANGES];
    for (int i = 0; i < ms.length; i++) {
      // in the page, so that what is timed is the page and not the test's way to it
      ms[i] =
          ((Number)
                  page.evaluate(
                      "name => {"
                          + " const verdict = document.querySelector('[data-testid=verdict]');"
                          + " const button = document.querySelector(`[aria-label='${name}']`);"
                          + " const drawn = new Promise(done => new MutationObserver((_, watch) => {"
                          + "  if (verdict.dataset.fly !== 'fresh') return; watch.disconnect();"
                          + "  requestAnimationFrame(() => done(performance.now())); })"
                          + "  .observe(verdict, {attributeFilter: ['data-fly']}));"
                          + " const start = performance.now(); button.click();"
                          + " return drawn.then(end => end - start); }",
                      step(i)))
              .doubleValue();
      page.waitForTimeout(30 + i % 7 * 25);
    }
    report("change to pose, drawing and figures", ms);
    assertThat(verdict()).hasText(Pattern.compile(".+"));
  }

  /** Barbs longer, then shorter with a turn more, and so on: no fly is met twice. */
  private static String step(int i) {
    boolean turns = i % LEG == LEG - 1;
    return turns ? "turns: more" : i / LEG % 2 == 0 ? "barb: more" : "barb: less";
  }

  @Test
  void knobAndPosesWhileItIsPulled() {
    answersCome();
    openCopyOf("Willow Skate");
    BoundingBox box = knob("tail length").boundingBox();
    Object counted =
        page.evaluate(
            "async ([x, y]) => {"
                + " const knob = document.querySelector(\"[data-handle='tail length']\");"
                + " const at = (type, px) => knob.dispatchEvent(new PointerEvent(type, {bubbles: true,"
                + " clientX: px, clientY: y, altKey: true, pointerId: 1, button: 0, buttons: 1}));"
                + " let poses = 0; new MutationObserver(() => poses++).observe("
                + " document.querySelector('[data-testid=waterline]'), {attributeFilter: ['d']});"
                + " knob.setPointerCapture = () => {}; at('pointerdown', x);"
                + " let moved = 0, last = ''; const start = performance.now(); let ms = 0;"
                + " while ((ms = performance.now() - start) < 4000) {"
                + "  at('pointermove', x - ms / 40);"
                + "  await new Promise(requestAnimationFrame);"
                + "  const cx = knob.getAttribute('cx'); if (cx !== last) moved++; last = cx; }"
                + " at('pointerup', x); return [moved / ms * 1000, poses / ms * 1000]; }",
            List.of(box.x + box.width / 2, box.y + box.height / 2));
    @SuppressWarnings("unchecked")
    List<Number> rates = (List<Number>) counted;
    System.out.printf(
        "pulled for 4 s: knob moved %.0f times a second, %.1f poses a second%n",
        rates.get(0).doubleValue(), rates.get(1).doubleValue());
    assertThat(rates.get(1).doubleValue()).isPositive();
  }

  @Test
  void firstPage() {
    double[] ms = new double[5];
    for (int i = 0; i < ms.length; i++) {
      try (var fresh = site.browser.newContext()) {
        var first = fresh.newPage();
        first.navigate(site.address);
        assertThat(first.getByTestId("fly")).isVisible();
        ms[i] = ((Number) first.evaluate("performance.now()")).doubleValue();
      }
    }
    report("first page until the fly is drawn", ms);
  }

  /** The fly in three dimensions, turned by key after key; each picture is waited for. */
  @Test
  void turning() {
    answersCome();
    openFly("Lantern Dun");
    page.getByRole(AriaRole.RADIO, new Page.GetByRoleOptions().setName("turn it")).click();
    assertThat(page.getByTestId("turn")).hasAttribute("data-drawn", "true");
    double rate =
        ((Number)
                page.getByTestId("turn")
                    .evaluate(
                        "async (turn, most) => { turn.focus(); let n = 0;"
                            + " const gl = turn.querySelector('canvas').getContext('webgl2');"
                            + " const dot = new Uint8Array(4), start = performance.now();"
                            + " while (performance.now() - start < most) {"
                            + "  turn.dispatchEvent(new KeyboardEvent('keydown',"
                            + "    {key: 'ArrowRight', bubbles: true}));"
                            + "  await new Promise(requestAnimationFrame);"
                            + "  gl.readPixels(0, 0, 1, 1, gl.RGBA, gl.UNSIGNED_BYTE, dot); n++; }"
                            + " return n / (performance.now() - start) * 1000; }",
                        50 * CHANGES))
            .doubleValue();
    System.out.printf("turned in three dimensions: drawn %.1f times a second%n", rate);
  }

  private static void report(String what, double[] ms) {
    Arrays.sort(ms);
    System.out.printf(
        "%s: median %.0f ms, 95th percentile %.0f ms, of %d%n",
        what, ms[ms.length / 2], ms[Math.max(0, (int) Math.ceil(0.95 * ms.length) - 1)], ms.length);
  }
}
