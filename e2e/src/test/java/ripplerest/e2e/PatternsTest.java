package ripplerest.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Download;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.FilePayload;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import org.junit.jupiter.api.Test;

/** Patterns are made, renamed, deleted, given away and taken in. */
class PatternsTest extends OnBench {
  @Test
  void anotherStyleIsAnotherPattern() {
    openCopyOf("Ember Quill");
    button("New").click();
    page.getByRole(
            AriaRole.MENUITEM, new Page.GetByRoleOptions().setName("Parachute").setExact(true))
        .click();
    assertThat(page.getByLabel("Name of the fly")).hasValue("New parachute");
    settled();
    assertThat(field("size")).hasValue("16");
    assertThat(verdict()).containsText("Lies flush");
    assertThat(page.getByLabel("Patterns", new Page.GetByLabelOptions().setExact(true)))
        .containsText("Ember Quill, copy");
  }

  @Test
  void renamingAndDeletingWithUndo() {
    openCopyOf("Heather Ghost");
    Locator name = page.getByLabel("Name of the fly");
    name.fill("Bell Midge");
    name.press("Enter");
    Locator box = page.getByLabel("Patterns", new Page.GetByLabelOptions().setExact(true));
    assertThat(box).containsText("Bell Midge");
    settled();
    button("Delete").click();
    assertThat(box).not().containsText("Bell Midge");
    button("Undo").click();
    assertThat(box).containsText("Bell Midge");
    assertThat(page.getByLabel("Name of the fly")).hasValue("Bell Midge");
  }

  @Test
  void exportedFileComesBackTheSame() throws Exception {
    openFly("Slate Lodger");
    Download download = page.waitForDownload(() -> page.getByLabel("Export").click());
    String exported = Files.readString(download.path());
    choose("again.json", exported.replace("Slate Lodger", "Slate Tenant"));
    assertThat(page.getByLabel("Name of the fly")).hasValue("Slate Tenant");
    settled();
    Download again = page.waitForDownload(() -> page.getByLabel("Export").click());
    assertThat(Files.readString(again.path()).replace("Slate Tenant", "Slate Lodger"))
        .isEqualTo(exported);
  }

  private void choose(String name, String text) {
    page.getByLabel("Pattern file to import")
        .setInputFiles(
            new FilePayload(name, "application/json", text.getBytes(StandardCharsets.UTF_8)));
  }

  @Test
  void badFilesAreRefusedWithTheFieldAndNothingIsAdded() throws Exception {
    openFly("Lantern Dun");
    int before =
        page.getByLabel("Patterns", new Page.GetByLabelOptions().setExact(true))
            .getByRole(AriaRole.LISTITEM)
            .count();
    String good = Files.readString(Path.of("../docs/format/examples/parachute.json"));
    choose("bad.json", good.replace("\"size\": 14", "\"size\": 99"));
    Locator dialog = page.getByRole(AriaRole.DIALOG);
    assertThat(dialog).containsText("/pattern/hook/size is 99");
    assertThat(dialog).containsText("Nothing was saved");
    button("Close").click();
    choose("notes.txt", "this is no pattern");
    assertThat(dialog).containsText("not JSON");
    button("Close").click();
    choose("huge.json", " ".repeat(2_000_000));
    assertThat(dialog).containsText("2.0 MB");
    button("Close").click();
    assertThat(
            page.getByLabel("Patterns", new Page.GetByLabelOptions().setExact(true))
                .getByRole(AriaRole.LISTITEM))
        .hasCount(before);
  }

  @Test
  void aDroppedFileIsImported() throws Exception {
    openFly("Lantern Dun");
    String text =
        Files.readString(Path.of("../docs/format/examples/parachute.json"))
            .replace("Willow Skate", "Dropped Skate");
    String drag =
        "(at, [what, text]) => {"
            + "const data = new DataTransfer();"
            + "data.items.add(new File([text], 'p.json', {type: 'application/json'}));"
            + "at.dispatchEvent(new DragEvent(what,"
            + " {dataTransfer: data, bubbles: true, cancelable: true}));}";
    page.locator("main").evaluate(drag, List.of("dragover", text));
    Locator target = page.getByText("Drop a pattern file here");
    for (String what : List.of("dragenter", "dragover", "drop")) {
      target.evaluate(drag, List.of(what, text));
    }
    assertThat(page.getByLabel("Name of the fly")).hasValue("Dropped Skate");
  }
}
