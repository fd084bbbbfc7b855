package ripplerest.app.drawer;

import io.swagger.v3.oas.annotations.media.Content;
import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.servlet.http.HttpServletRequest;
import java.io.IOException;
import java.util.List;
import java.util.UUID;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import ripplerest.app.http.Csv;
import ripplerest.app.http.Revisions;
import ripplerest.app.library.MaterialStore;
import ripplerest.app.library.Preparation;
import ripplerest.app.people.OwnFile;
import ripplerest.core.drawer.Search;
import ripplerest.core.quantity.OutOfRangeException;
import ripplerest.core.quantity.Require;
import ripplerest.exchange.table.DrawerTable;
import ripplerest.exchange.table.ShoppingTable;

/** The drawer: what lies in it, what to pick for a part, what can be tied, what to buy. */
@RestController
@RequestMapping("/api/drawer")
class DrawerController implements OwnFile {
  private static final int MOST_SHOWN = 10_000;
  private static final int MOST_PLANNED = 100;
  private static final int MOST_FLIES = 500;
  private static final Pattern PLAN =
      Pattern.compile(
          "(?<id>[0-9a-fA-F]{8}(-[0-9a-fA-F]{4}){3}-[0-9a-fA-F]{12})"
              + "(:(?<size>\\d{1,2}):(?<colouring>.{0,60}))?:(?<flies>\\d{1,4})");

  private final DrawerStore store;
  private final DrawerAnswers answers;
  private final DrawerViews views;
  private final Preparation preparation;
  private final MaterialStore materials;

  DrawerController(
      DrawerStore store,
      DrawerAnswers answers,
      DrawerViews views,
      Preparation preparation,
      MaterialStore materials) {
    this.store = store;
    this.answers = answers;
    this.views = views;
    this.preparation = preparation;
    this.materials = materials;
  }

  /** What is found in it, by label or the most alike in colour first, and how much there is. */
  @GetMapping
  DrawerViews.FoundView find(
      @RequestParam(defaultValue = "") String words,
      @RequestParam(defaultValue = "") String kind,
      @RequestParam(defaultValue = "") String colour,
      @RequestParam(defaultValue = "0") int hookSize,
      @RequestParam(defaultValue = "false") boolean lowOnly,
      @RequestParam(defaultValue = "100") int most) {
    Require.inRange("most", most, 1, MOST_SHOWN);
    return views.find(store.all(), new Search(words, kind, colour, hookSize, lowOnly), most);
  }

  @PostMapping
  @ResponseStatus(HttpStatus.CREATED)
  DrawerViews.ItemView add(@RequestBody DrawerViews.NewItem item) {
    return views.of(store.add(List.of(item.item())).get(0));
  }

  @PutMapping("/{id}")
  DrawerViews.ItemView change(
      @PathVariable UUID id,
      @RequestHeader(value = HttpHeaders.IF_MATCH, required = false) String ifMatch,
      @RequestBody DrawerViews.NewItem item) {
    return views.of(store.change(id, Revisions.required(ifMatch), item.item()));
  }

  @DeleteMapping("/{id}")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void delete(@PathVariable UUID id) {
    store.delete(id);
  }

  @GetMapping(path = "/table", produces = Csv.TYPE)
  ResponseEntity<String> table() throws IOException {
    return Csv.file(
        "drawer.csv",
        DrawerTable.write(
            store.all().stream().map(DrawerItem::item).toList(), materials.materials()));
  }

  /** Puts in what a CSV file lists, all of it or nothing. */
  @PostMapping(path = "/table", consumes = Csv.TYPE)
  Csv.Added bringIn(HttpServletRequest request) throws IOException {
    return new Csv.Added(
        store.add(DrawerTable.read(Csv.reader(request), materials.materials())).size());
  }

  /** What there is for a part of a fly, nearest first, and what it would do. */
  @PostMapping(path = "/picks", consumes = MediaType.APPLICATION_JSON_VALUE)
  @io.swagger.v3.oas.annotations.parameters.RequestBody(
      description = "A pattern document; see docs/format/pattern.schema.json",
      content = @Content(schema = @Schema(type = "object")))
  DrawerViews.PicksView picks(@RequestParam String part, HttpServletRequest request)
      throws IOException {
    return views.of(answers.picks(preparation.read(request.getInputStream()), part));
  }

  /** Barbs on a photograph, by a known length that lies beside them. */
  @PostMapping("/gauge")
  List<DrawerViews.GaugedView> gauge(@RequestBody DrawerViews.Marked marked) {
    return views.measured(marked);
  }

  /** What can be tied now, up to two things lacking. */
  @GetMapping("/tieable")
  DrawerViews.TieableNowView tieable(@RequestParam(defaultValue = "0") int missing) {
    Require.inRange("missing", missing, 0, 2);
    return views.of(answers.tieable(missing));
  }

  /**
   * What to buy: {@code plan} has a pattern's id, a colon and how many flies, as often as needed;
   * between them may stand a hook size and a colouring.
   */
  @GetMapping("/shopping")
  List<DrawerViews.BuyView> shopping(@RequestParam(defaultValue = "") List<String> plan) {
    return answers.shopping(planned(plan)).stream().map(views::of).toList();
  }

  @GetMapping(path = "/shopping.csv", produces = Csv.TYPE)
  ResponseEntity<String> shoppingTable(@RequestParam(defaultValue = "") List<String> plan)
      throws IOException {
    return Csv.file(
        "shopping.csv",
        ShoppingTable.write(answers.shopping(planned(plan)), materials.materials()));
  }

  private static List<DrawerAnswers.Planned> planned(List<String> plan) {
    Require.inRange("plan", plan.size(), 0, MOST_PLANNED);
    return plan.stream().filter(p -> !p.isBlank()).map(DrawerController::planned).toList();
  }

  /** {@code id:flies}, or {@code id:size:colouring:flies} on another hook or in other colours. */
  private static DrawerAnswers.Planned planned(String plan) {
    Matcher words = PLAN.matcher(plan);
    if (!words.matches()) {
      throw new OutOfRangeException(
          "plan", "\"" + plan + "\"", "an id, a colon and a number", "Send it like id:6.");
    }
    int flies = Integer.parseInt(words.group("flies"));
    Require.inRange("flies", flies, 1, MOST_FLIES);
    boolean other = words.group("size") != null;
    return new DrawerAnswers.Planned(
        UUID.fromString(words.group("id")),
        other ? Integer.parseInt(words.group("size")) : 0,
        other ? words.group("colouring") : "",
        flies);
  }

  @Override
  public ResponseEntity<String> ownFile() throws IOException {
    return table();
  }
}
