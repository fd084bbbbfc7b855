package ripplerest.app.store;

import java.util.Locale;
import org.springframework.stereotype.Service;
import org.springframework.transaction.support.TransactionTemplate;
import ripplerest.core.quantity.OutOfRangeException;
import ripplerest.core.quantity.Require;
import ripplerest.core.sizing.School;
import ripplerest.core.sizing.Schools;

/** The schools there are: those that ship, and the tier's own. */
@Service
public class SchoolStore {
  private final HouseSchoolRepository repository;
  private final PatternRepository patterns;
  private final TransactionTemplate transaction;
  private volatile Schools known;

  SchoolStore(
      HouseSchoolRepository repository,
      PatternRepository patterns,
      TransactionTemplate transaction) {
    this.repository = repository;
    this.patterns = patterns;
    this.transaction = transaction;
  }

  /** All schools, house schools last; every estimate asks, so they are kept until one changes. */
  public Schools schools() {
    Schools all = known;
    if (all == null) {
      all = Schools.standard();
      for (HouseSchool house : repository.findAll()) {
        all = all.with(house.school());
      }
      known = all;
    }
    return all;
  }

  public boolean isHouse(String id) {
    return repository.existsById(id);
  }

  /** Copies a school under a label of its own; a house school's copy takes its rules along. */
  public School copy(String copyOf, String label) {
    Require.text("label", label, 60);
    School like = schools().named(copyOf);
    String id = label.toLowerCase(Locale.ROOT).replaceAll("[^a-z0-9]+", "-");
    id = "house-" + id.replaceAll("^-|-$", "");
    if (repository.existsById(id)) {
      throw new OutOfRangeException(
          "label", "\"" + label + "\"", "a name that no school has", "Choose another name.");
    }
    String root = repository.findById(copyOf).map(HouseSchool::root).orElse(copyOf);
    HouseSchool house = new HouseSchool(id, label, root);
    repository.findById(copyOf).ifPresent(house::takeRules);
    repository.save(house);
    known = null;
    return like.copy(id, label);
  }

  /** Changes one rule of a house school; the standard ones stay as they ship. */
  public School change(String id, String part, String dimension, School.Rule rule) {
    School school =
        transaction.execute(
            t -> {
              HouseSchool house = house(id);
              School changed = house.school().with(part, dimension, rule);
              house.put(part, dimension, rule);
              repository.save(house);
              return changed;
            });
    known = null;
    return school;
  }

  /** Removes a house school that no pattern follows, deleted ones included. */
  public void delete(String id) {
    HouseSchool house = house(id);
    long followers = patterns.countBySchool(id);
    if (followers > 0) {
      throw new OutOfRangeException(
          "school",
          id,
          "one that no pattern follows; " + followers + " do",
          "Give those patterns another school first.");
    }
    repository.delete(house);
    known = null;
  }

  private HouseSchool house(String id) {
    return repository
        .findById(id)
        .orElseThrow(
            () ->
                new OutOfRangeException(
                    "school",
                    "\"" + id + "\"",
                    "a house school",
                    "Copy this school and change the copy."));
  }
}
