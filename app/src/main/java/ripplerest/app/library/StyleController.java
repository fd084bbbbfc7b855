package ripplerest.app.library;

import java.util.List;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import ripplerest.core.sizing.Style;

/** The styles and their rules; house styles can be made and changed. */
@RestController
@RequestMapping("/api/styles")
class StyleController {
  private final StyleStore store;

  StyleController(StyleStore store) {
    this.store = store;
  }

  /** A style with all its rules; only a house style can be changed. */
  record StyleView(String id, String label, boolean house, List<RuleView> rules) {}

  /** One rule: what it is a multiple of, its default, its usual range, and a tier's words. */
  record RuleView(
      String part,
      String dimension,
      String reference,
      String value,
      String low,
      String high,
      String words) {}

  /** A copy of a style under another name. */
  record NewStyle(String copyOf, String label) {}

  /** What a rule is changed to. */
  record NewRule(String value, String low, String high, String words) {}

  @GetMapping
  List<StyleView> styles() {
    return store.styles().offered().stream().map(this::view).toList();
  }

  @PostMapping
  @ResponseStatus(HttpStatus.CREATED)
  StyleView copy(@RequestBody NewStyle wanted) {
    return view(store.copy(wanted.copyOf(), wanted.label()));
  }

  @PutMapping("/{id}/rules/{part}/{dimension}")
  StyleView change(
      @PathVariable String id,
      @PathVariable String part,
      @PathVariable String dimension,
      @RequestBody NewRule to) {
    String reference = store.styles().named(id).rule(part, dimension).reference();
    Style.Rule rule = new Style.Rule(reference, to.value(), to.low(), to.high(), to.words());
    return view(store.change(id, part, dimension, rule));
  }

  @DeleteMapping("/{id}")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void delete(@PathVariable String id) {
    store.delete(id);
  }

  private StyleView view(Style s) {
    return new StyleView(s.id(), s.label(), store.houseIds().contains(s.id()), rules(s));
  }

  private static List<RuleView> rules(Style style) {
    return style.rules().entrySet().stream()
        .map(
            e -> {
              String[] key = e.getKey().split("/");
              Style.Rule r = e.getValue();
              return new RuleView(
                  key[0], key[1], r.reference(), r.value(), r.low(), r.high(), r.words());
            })
        .toList();
  }
}
