package ripplerest.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.Download;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.ColorScheme;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.regex.Pattern;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** The book, the materials and the size run, as a person uses them. */
class BookTest {
  private static final Path DEMO = Path.of("../app/src/main/resources/demo");

  private final Site site = Site.get();
  private final List<String> errors = new ArrayList<>();
  private BrowserContext context;
  private Page page;

  @TempDir Path folder;

  @BeforeEach
  void open() {
    context = site.browser.newContext();
    page = context.newPage();
    page.onConsoleMessage(
        m -> {
          if (m.type().equals("error")) {
            errors.add(m.text());
          }
        });
  }

  @AfterEach
  void close() {
    context.close();
    assertThat(errors).isEmpty();
  }

  private Locator by(AriaRole role, String name) {
    return page.getByRole(role, new Page.GetByRoleOptions().setName(name).setExact(true));
  }

  private Locator rows() {
    return page.locator("tbody tr");
  }

  private Locator found() {
    return page.getByTestId("found");
  }

  private void choose(String field, String option) {
    by(AriaRole.COMBOBOX, field).click();
    by(AriaRole.OPTION, option).click();
  }

  private static String document(String name) throws IOException {
    return Files.readString(DEMO.resolve("quill-heron.json")).replace("Quill Heron", name);
  }

  private Path book(String file, List<String> documents) throws IOException {
    Path path = folder.resolve(file);
    String all = String.join(",\n", documents);
    Files.writeString(
        path, "{\"format\":\"ripple-rest/book\",\"version\":1,\"patterns\":[" + all + "]}");
    return path;
  }

  @Test
  void aPatternIsFoundByWordsAndByWhatItIs() {
    page.navigate(site.address + "/book");
    assertThat(rows()).hasCount(25);
    page.getByLabel("Find a pattern").fill("weir lant");
    assertThat(found()).containsText("1 to 1 of 1");
    assertThat(rows().first()).containsText("Weir Lantern");
    page.getByLabel("Find a pattern").fill("");
    choose("natural", "drake");
    choose("style", "Parachute");
    assertThat(found()).containsText("1 to 1 of 1");
    assertThat(rows().first()).containsText("Withy Parachute");
    page.reload();
    assertThat(rows().first()).containsText("Withy Parachute");
    choose("hook", "22");
    assertThat(found()).containsText("Nothing like this");
    choose("hook", "any");
    by(AriaRole.LINK, "Withy Parachute").click();
    assertThat(page.getByLabel("Name of the fly")).hasValue("Withy Parachute");
    assertThat(page.getByLabel("stands for")).hasValue("drake");
  }

  @Test
  void pagesTurnAndTheOrderIsChosen() {
    page.navigate(site.address + "/book");
    String first = rows().first().innerText();
    by(AriaRole.BUTTON, "Next").click();
    assertThat(found()).containsText(Pattern.compile("^26 to"));
    assertThat(rows().first()).not().hasText(first);
    choose("sorted by", "hook, large first");
    assertThat(found()).containsText(Pattern.compile("^1 to"));
    assertThat(rows().first()).containsText("Spent Drake");
  }

  @Test
  void aPatternIsCopiedPutAwayAndDeletedWithUndo() throws IOException {
    page.navigate(site.address + "/book");
    page.getByLabel("Book to import").setInputFiles(book("one.json", List.of(document("Oxbow"))));
    assertThat(page.getByText("1 patterns were added.")).isVisible();
    page.getByLabel("Find a pattern").fill("oxbow");
    by(AriaRole.BUTTON, "copy Oxbow").click();
    assertThat(found()).containsText("of 2 patterns");
    by(AriaRole.BUTTON, "archive Oxbow, copy").click();
    assertThat(found()).containsText("of 1 pattern");
    page.getByLabel("archived", new Page.GetByLabelOptions().setExact(true)).click();
    assertThat(rows().first()).containsText("Oxbow, copy");
    by(AriaRole.BUTTON, "restore from archive Oxbow, copy").click();
    assertThat(found()).containsText("Nothing like this");
    page.getByLabel("archived", new Page.GetByLabelOptions().setExact(true)).click();
    assertThat(found()).containsText("of 2 patterns");
    by(AriaRole.BUTTON, "delete Oxbow").click();
    assertThat(found()).containsText("of 1 pattern");
    by(AriaRole.BUTTON, "Undo").click();
    assertThat(found()).containsText("of 2 patterns");
  }

  @Test
  void aBookGoesOutAndInAsOneFileAndAsAFolder() {
    page.navigate(site.address + "/book");
    Locator name = page.getByText("whole book, one file");
    Download file = page.waitForDownload(name::click);
    assertThat(file.suggestedFilename()).isEqualTo("ripple-rest-book.json");
    Download zip = page.waitForDownload(page.getByText("whole book, a folder")::click);
    assertThat(zip.suggestedFilename()).isEqualTo("ripple-rest-book.zip");
    assertThat(zip.path()).isNotEmptyFile();
    Path broken = folder.resolve("broken.zip");
    page.getByLabel("Book to import").setInputFiles(cut(zip.path(), broken));
    assertThat(page.getByRole(AriaRole.DIALOG)).containsText("Nothing was");
    by(AriaRole.BUTTON, "Close").click();
    assertThat(page.getByRole(AriaRole.DIALOG)).hasCount(0);
  }

  private static Path cut(Path whole, Path to) {
    try {
      byte[] bytes = Files.readAllBytes(whole);
      return Files.write(to, java.util.Arrays.copyOf(bytes, bytes.length / 2));
    } catch (IOException e) {
      throw new java.io.UncheckedIOException(e);
    }
  }

  @Test
  void oneBadPatternIsPointedToAndABigImportCanBeStopped() throws IOException {
    page.navigate(site.address + "/book");
    assertThat(found()).containsText(" of ");
    String total = found().innerText();
    String bad = document("Bad").replace("\"size\" : 14", "\"size\" : 400");
    assertThat(bad).contains("400");
    Locator input = page.getByLabel("Book to import");
    input.setInputFiles(book("bad.json", List.of(document("Good"), bad)));
    assertThat(page.getByRole(AriaRole.DIALOG)).containsText("/patterns/1/pattern/hook/size");
    by(AriaRole.BUTTON, "Close").click();
    input.setInputFiles(book("many.json", Collections.nCopies(10_000, document("Many"))));
    assertThat(page.getByRole(AriaRole.PROGRESSBAR)).isVisible();
    by(AriaRole.BUTTON, "Stop").click();
    assertThat(page.getByText("Stopped; nothing was added.")).isVisible();
    page.reload();
    page.getByLabel("Find a pattern").fill("many");
    assertThat(found()).containsText("Nothing like this");
    page.getByLabel("Find a pattern").fill("");
    assertThat(found()).containsText(total.replaceAll(".* of (\\d+).*", "$1"));
  }

  @Test
  void aSizeRunShowsEverySizeAndWhatStopsIt() {
    page.navigate(site.address + "/book");
    page.getByLabel("Find a pattern").fill("lantern dun");
    assertThat(rows().first()).containsText("Lantern Dun");
    by(AriaRole.LINK, "Lantern Dun").first().click();
    by(AriaRole.LINK, "size run").click();
    assertThat(rows()).hasCount(9);
    assertThat(rows().nth(4)).containsText("14 (its own)");
    assertThat(rows().nth(4)).containsText("yes");
    assertThat(page.getByTestId("size-run"))
        .hasAttribute("aria-label", Pattern.compile("14 works"));
    page.navigate(site.address + "/book");
    page.getByLabel("Find a pattern").fill("ember sedge");
    by(AriaRole.LINK, "Ember Sedge").first().click();
    by(AriaRole.LINK, "size run").click();
    assertThat(page.locator("tbody")).containsText("this style wants it");
  }

  @Test
  void anotherMaterialOrNumberIsTakenFromTheAdvice() {
    page.navigate(site.address + "/book");
    page.getByLabel("Find a pattern").fill("bristle");
    assertThat(rows().first()).containsText("Quennet Bristle");
    by(AriaRole.BUTTON, "copy Quennet Bristle").first().click();
    by(AriaRole.LINK, "Quennet Bristle, copy").first().click();
    by(AriaRole.SPINBUTTON, "turns").fill("12");
    by(AriaRole.SPINBUTTON, "turns").press("Enter");
    by(AriaRole.BUTTON, "hackle: what else, how many").click();
    by(AriaRole.SPINBUTTON, "film reserve wanted").fill("1.5");
    by(AriaRole.SPINBUTTON, "film reserve wanted").press("Enter");
    Locator tie = page.getByRole(AriaRole.BUTTON).getByText(Pattern.compile("^tie \\d+$"));
    assertThat(tie).isVisible();
    String number = tie.innerText().substring(4);
    tie.click();
    assertThat(by(AriaRole.SPINBUTTON, "turns")).hasValue(number);
    by(AriaRole.BUTTON, "hackle: what else, how many").click();
    by(AriaRole.BUTTON, "use Soft game-bird hackle").click();
    assertThat(page.getByText("Soft game-bird hackle").first()).isVisible();
    page.getByRole(AriaRole.TAB, new Page.GetByRoleOptions().setName(Pattern.compile("^Hook \\d+")))
        .click();
    by(AriaRole.BUTTON, "hook: what else").click();
    page.getByRole(AriaRole.BUTTON).getByText("use").first().click();
    assertThat(page.getByRole(AriaRole.DIALOG)).hasCount(0);
  }

  @Test
  void footprintAndAmountsAreRead() {
    page.navigate(site.address);
    page.locator("[data-reading='footprint']").getByRole(AriaRole.BUTTON).first().click();
    Locator prints = page.getByLabel("Footprints");
    assertThat(prints).containsText("one smaller");
    assertThat(prints).containsText("same size");
    page.locator("[data-reading='takes']").getByRole(AriaRole.BUTTON).first().click();
    assertThat(page.locator("[data-reading='takes']")).containsText("noodle long");
  }

  @Test
  void tablesGoOutAndInAsCsv() throws IOException {
    page.navigate(site.address + "/materials");
    Download table = page.waitForDownload(page.getByText("table as CSV")::click);
    String csv = Files.readString(table.path());
    Path wrong = folder.resolve("wrong.csv");
    Files.writeString(wrong, csv.replaceFirst("density,1.38", "density,1380"));
    page.getByLabel("CSV of materials to import").setInputFiles(wrong);
    assertThat(page.getByRole(AriaRole.ALERT)).containsText("density");
    errors.clear(); // the browser tells of every refusal
    Path same = folder.resolve("same.csv");
    Files.writeString(same, csv);
    page.getByLabel("CSV of materials to import").setInputFiles(same);
    assertThat(page.getByText("0 values imported.")).isVisible();
  }

  @ParameterizedTest
  @CsvSource({"book, LIGHT", "book, DARK", "materials, LIGHT", "materials, DARK"})
  void axeFindsNothingSerious(String view, ColorScheme scheme) {
    page.emulateMedia(new Page.EmulateMediaOptions().setColorScheme(scheme));
    page.navigate(site.address + "/" + view);
    assertThat(page.locator("tbody tr, main li").first()).isVisible();
    assertThat(Site.violationsOn(page)).isEmpty();
  }

  @ParameterizedTest
  @CsvSource({"LIGHT", "DARK"})
  void axeFindsNothingSeriousOnASizeRunOrInAdvice(ColorScheme scheme) {
    page.emulateMedia(new Page.EmulateMediaOptions().setColorScheme(scheme));
    page.navigate(site.address);
    page.getByLabel("Patterns", new Page.GetByLabelOptions().setExact(true))
        .getByText("Lantern Dun", new Locator.GetByTextOptions().setExact(true))
        .click();
    by(AriaRole.BUTTON, "hackle: what else, how many").click();
    assertThat(page.getByText("reach it")).isVisible();
    assertThat(Site.violationsOn(page)).isEmpty();
    page.keyboard().press("Escape");
    by(AriaRole.LINK, "size run").click();
    assertThat(rows()).hasCount(9);
    assertThat(Site.violationsOn(page)).isEmpty();
  }

  @Test
  void theBookFitsATabletUpright() {
    page.setViewportSize(820, 1180);
    page.navigate(site.address + "/book");
    assertThat(rows().first()).isVisible();
    Object overflow =
        page.evaluate(
            "document.documentElement.scrollWidth - document.documentElement.clientWidth");
    assertThat(((Number) overflow).intValue()).isLessThanOrEqualTo(0);
  }
}
