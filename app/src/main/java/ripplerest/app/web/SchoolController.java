package ripplerest.app.web;

import java.util.List;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;
import ripplerest.core.sizing.School;
import ripplerest.core.sizing.Schools;

/** The schools and their rules, for whoever chooses between them. */
@RestController
class SchoolController {
  /** A school with all its rules. */
  record SchoolView(String id, String label, List<RuleView> rules) {}

  /** One rule: what it is a multiple of, its default, its usual range, and a tier's words. */
  record RuleView(
      String part,
      String dimension,
      String reference,
      String value,
      String low,
      String high,
      String words) {}

  @GetMapping("/api/schools")
  List<SchoolView> schools() {
    return Schools.standard().all().stream()
        .map(s -> new SchoolView(s.id(), s.label(), rules(s)))
        .toList();
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
