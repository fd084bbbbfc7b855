package ripplerest.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.BoundingBox;
import com.microsoft.playwright.options.ColorScheme;
import java.nio.file.Path;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

class DrawerTest extends OnBench {
  private Locator by(AriaRole role, String name) {
    return page.getByRole(role, new Page.GetByRoleOptions().setName(name).setExact(true));
  }

  private Locator thing(String label) {
    return page.locator("main li").filter(new Locator.FilterOptions().setHasText(label));
  }

  private Locator inWindow(String label) {
    return page.getByRole(AriaRole.DIALOG)
        .getByLabel(label, new Locator.GetByLabelOptions().setExact(true));
  }

  private void openDrawer() {
    page.navigate(site.address + "/drawer");
    assertThat(page.getByTestId("found")).containsText("things");
  }

  @Test
  void aThingIsPutInFoundChangedAndTakenOut() {
    openDrawer();
    page.keyboard().press("Tab");
    by(AriaRole.BUTTON, "Put something in…").focus();
    page.keyboard().press("Enter");
    inWindow("what you call it").fill("Barn owl is not in here");
    inWindow("colour").fill("olive");
    inWindow("left, feathers").fill("4");
    inWindow("low from").fill("5");
    inWindow("barbs, mm").fill("6 7 8");
    page.keyboard().press("Enter"); // a form is sent from any of its fields
    assertThat(page.getByRole(AriaRole.DIALOG)).isHidden();
    page.getByLabel("Words").fill("barn owl");
    assertThat(page.getByTestId("found")).containsText(Pattern.compile("^1 of \\d+ things"));
    assertThat(thing("Barn owl")).containsText("▲ 4 feathers left");
    thing("Barn owl").getByRole(AriaRole.BUTTON).click();
    inWindow("left, feathers").fill("-3");
    by(AriaRole.BUTTON, "Keep").click();
    assertThat(page.getByRole(AriaRole.DIALOG).getByRole(AriaRole.ALERT)).containsText("amount");
    inWindow("left, feathers").fill("40");
    by(AriaRole.BUTTON, "Keep").click();
    assertThat(thing("Barn owl")).containsText("40 feathers");
    thing("Barn owl").getByRole(AriaRole.BUTTON).click();
    by(AriaRole.BUTTON, "Take out of the drawer").click();
    assertThat(thing("Barn owl")).hasCount(0);
    by(AriaRole.BUTTON, "Undo").click();
    assertThat(thing("Barn owl")).hasCount(1);
    thing("Barn owl").getByRole(AriaRole.BUTTON).click();
    by(AriaRole.BUTTON, "Take out of the drawer").click();
  }

  @Test
  void barbsAreMeasuredOnAPhotograph() {
    openDrawer();
    by(AriaRole.BUTTON, "Put something in…").click();
    page.getByRole(AriaRole.DIALOG)
        .getByLabel("A photograph of feathers")
        .setInputFiles(Path.of("../docs/screenshots/drawer.png"));
    Locator picture = page.getByTestId("picture");
    BoundingBox box = picture.boundingBox();
    for (double share : new double[] {0.1, 0.5, 0.2, 0.4}) { // a known length, then half of it
      picture.click(new Locator.ClickOptions().setPosition(share * box.width, box.height / 2));
    }
    by(AriaRole.BUTTON, "measure this barb").click();
    assertThat(inWindow("barbs, mm")).hasValue("5.0");
    picture.press("Enter"); // the cross in the middle marks by keys too
    assertThat(page.getByRole(AriaRole.DIALOG)).containsText("Mark its tip.");
    assertThat(Site.violationsOn(page)).isEmpty();
  }

  @Test
  void twoTabsDoNotOverwriteEachOther() {
    openDrawer();
    thing("White post yarn").getByRole(AriaRole.BUTTON).click();
    Page other = page.context().newPage();
    other.navigate(site.address + "/drawer");
    other.getByText("White post yarn").click();
    other.getByLabel("left, m").fill("9");
    other.getByText("Keep", new Page.GetByTextOptions().setExact(true)).click();
    assertThat(other.getByRole(AriaRole.DIALOG)).isHidden();
    other.close();
    inWindow("note").fill("washed");
    by(AriaRole.BUTTON, "Keep").click();
    assertThat(page.getByRole(AriaRole.DIALOG).getByRole(AriaRole.ALERT))
        .containsText("There are 9 m now");
    inWindow("left, m").fill("9");
    by(AriaRole.BUTTON, "Keep").click();
    assertThat(page.getByRole(AriaRole.DIALOG)).isHidden();
    assertThat(thing("White post yarn")).containsText("9 m");
  }

  @Test
  void aPartIsMadeOfWhatLiesInTheDrawer() {
    openCopyOf("Lantern Dun");
    sheet("Hackle");
    by(AriaRole.BUTTON, "From the drawer…").click();
    Locator window = page.getByRole(AriaRole.DIALOG);
    assertThat(window).containsText("Takes 1 feather, medium dun, barbs of");
    assertThat(window.locator("li").first()).containsText("Medium dun saddle");
    assertThat(window).containsText("another material");
    window
        .locator("li")
        .filter(new Locator.FilterOptions().setHasText("Ginger cape").setHasNotText("Pale"))
        .getByText("Use it")
        .click();
    assertThat(window).isHidden();
    by(AriaRole.BUTTON, "From the drawer…").click();
    assertThat(window).containsText("Takes 1 feather, ginger");
    assertThat(window.locator("li").first()).containsText("Ginger cape");
  }

  @Test
  void whatOneWantsToTieIsWhatOneBuysFor() {
    page.navigate(site.address + "/drawer/tie");
    Locator many = by(AriaRole.SPINBUTTON, "to tie, Lantern Dun");
    many.fill("200");
    many.press("Enter");
    assertThat(page.getByLabel("To buy")).containsText("For 200 flies");
    assertThat(page.getByLabel("To buy")).containsText("Lacquered hook wire, size 14");
    page.reload();
    assertThat(page.getByLabel("To buy")).containsText("For 200 flies");
    by(AriaRole.RADIO, "two things").click();
    assertThat(page.getByLabel("What can be tied now")).containsText("of ");
  }

  @ParameterizedTest
  @EnumSource(names = {"LIGHT", "DARK"})
  void axeFindsNothingInItsWindows(ColorScheme scheme) {
    page.setViewportSize(390, 844);
    page.emulateMedia(new Page.EmulateMediaOptions().setColorScheme(scheme));
    openDrawer();
    thing("Brown cape, the good one").getByRole(AriaRole.BUTTON).click();
    assertThat(inWindow("barbs, mm")).isVisible();
    assertThat(Site.violationsOn(page)).isEmpty();
    openFly("Lantern Dun");
    sheet("Hackle");
    by(AriaRole.BUTTON, "From the drawer…").click();
    assertThat(page.getByText("Use it").first()).isVisible();
    assertThat(Site.violationsOn(page)).isEmpty();
  }
}
