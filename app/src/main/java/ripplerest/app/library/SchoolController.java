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
import ripplerest.core.sizing.School;

/** The schools and their rules; house schools can be made and changed. */
@RestController
@RequestMapping("/api/schools")
class SchoolController {
  private final SchoolStore store;

  SchoolController(SchoolStore store) {
    this.store = store;
  }

  /** A school with all its rules; only a house school can be changed. */
  record SchoolView(String id, String label, boolean house, List<RuleView> rules) {}

  /** One rule: what it is a multiple of, its default, its usual range, and a tier's words. */
  record RuleView(
      String part,
      String dimension,
      String reference,
      String value,
      String low,
      String high,
      String words) {}

  /** A copy of a school under another name. */
  record NewSchool(String copyOf, String label) {}

  /** What a rule is changed to. */
  record NewRule(String value, String low, String high, String words) {}

  @GetMapping
  List<SchoolView> schools() {
    return store.schools().offered().stream().map(this::view).toList();
  }

  @PostMapping
  @ResponseStatus(HttpStatus.CREATED)
  SchoolView copy(@RequestBody NewSchool wanted) {
    return view(store.copy(wanted.copyOf(), wanted.label()));
  }

  @PutMapping("/{id}/rules/{part}/{dimension}")
  SchoolView change(
      @PathVariable String id,
      @PathVariable String part,
      @PathVariable String dimension,
      @RequestBody NewRule to) {
    String reference = store.schools().named(id).rule(part, dimension).reference();
    School.Rule rule = new School.Rule(reference, to.value(), to.low(), to.high(), to.words());
    return view(store.change(id, part, dimension, rule));
  }

  @DeleteMapping("/{id}")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void delete(@PathVariable String id) {
    store.delete(id);
  }

  private SchoolView view(School s) {
    return new SchoolView(s.id(), s.label(), store.houseIds().contains(s.id()), rules(s));
  }

  private static List<RuleView> rules(School school) {
    return school.rules().entrySet().stream()
        .map(
            e -> {
              String[] key = e.getKey().split("/");
              School.Rule r = e.getValue();
              return new RuleView(
                  key[0], key[1], r.reference(), r.value(), r.low(), r.high(), r.words());
            })
        .toList();
  }
}
