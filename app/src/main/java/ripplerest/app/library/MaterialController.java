package ripplerest.app.library;

import jakarta.servlet.http.HttpServletRequest;
import java.io.IOException;
import java.util.List;
import java.util.Map;
import org.springframework.http.HttpStatus;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import ripplerest.app.http.Csv;
import ripplerest.app.people.OwnFile;
import ripplerest.core.drawer.Kept;
import ripplerest.core.material.Material;
import ripplerest.core.material.MaterialRow;
import ripplerest.core.quantity.Require;
import ripplerest.core.quantity.Words;
import ripplerest.exchange.table.MaterialTable;

/** The material table: what is known, from where, and which patterns use it. */
@RestController
@RequestMapping("/api/materials")
class MaterialController implements OwnFile {
  private final MaterialStore store;
  private final InUse book;

  MaterialController(MaterialStore store, InUse book) {
    this.store = store;
    this.book = book;
  }

  /** One value, in the unit of the file. */
  record MaterialValue(
      String property, double value, double spread, String unit, String kind, String source) {}

  /**
   * A material with all that is known of it; whether the tier brought any of it along, and how it
   * is kept.
   */
  record MaterialEntry(
      String id,
      String label,
      boolean own,
      long patterns,
      String kept,
      String unit,
      List<MaterialValue> values) {}

  @GetMapping
  List<MaterialEntry> all() {
    Map<String, Long> used = book.materials();
    return store.materials().offered().stream()
        .map(m -> entry(m, used.getOrDefault(m.id(), 0L)))
        .toList();
  }

  /** A material of old recipes, and what serves instead. */
  record Unobtainable(String name, String why, List<Instead> instead, String because) {}

  /** A kind that serves. */
  record Instead(String id, String label) {}

  /** What a recipe names that may not be had or got any more. */
  @GetMapping("/unobtainable")
  List<Unobtainable> unobtainable(@RequestParam String named) {
    Require.text("named", named, 200);
    return ripplerest.core.drawer.Unobtainable.named(named).stream()
        .map(
            u ->
                new Unobtainable(
                    u.name(),
                    u.why(),
                    u.instead().stream()
                        .map(id -> new Instead(id, store.materials().get(id).label()))
                        .toList(),
                    u.because()))
        .toList();
  }

  @GetMapping(path = "/table", produces = Csv.TYPE)
  ResponseEntity<String> table() throws IOException {
    return Csv.file("materials.csv", MaterialTable.write(store.materials()));
  }

  /** Takes in the values of a CSV file that differ from the table that ships, all or none. */
  @PostMapping(path = "/table", consumes = Csv.TYPE)
  Csv.Added bringIn(HttpServletRequest request) throws IOException {
    return new Csv.Added(store.take(MaterialRow.readAll(Csv.reader(request))));
  }

  /**
   * A kind of one's own.
   *
   * @param copyOf the kind that it is near
   * @param label what it is called
   * @param differs what was measured otherwise, by property, in the unit of the file
   */
  record OwnKind(String copyOf, String label, Map<String, Double> differs) {}

  /** Makes a kind of the tier's own from a near one. */
  @PostMapping
  @ResponseStatus(HttpStatus.CREATED)
  MaterialEntry make(@RequestBody OwnKind kind) {
    Map<String, Double> differs = kind.differs() == null ? Map.of() : kind.differs();
    String id = store.make(Require.sent("copyOf", kind.copyOf()), kind.label(), differs);
    return entry(store.materials().get(id), 0);
  }

  /** Forgets what the tier brought along of one material. */
  @DeleteMapping("/{id}")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void forget(@PathVariable String id) {
    store.forget(id);
  }

  private MaterialEntry entry(Material m, long patterns) {
    List<MaterialValue> values =
        MaterialRow.of(m).stream()
            .map(
                r ->
                    new MaterialValue(
                        r.property().fileName(),
                        r.value(),
                        r.spread(),
                        r.property().fileUnit(),
                        Words.of(r.kind()),
                        r.source()))
            .toList();
    Kept.By by = Kept.of(m.id(), store.materials()).by();
    return new MaterialEntry(
        m.id(), m.label(), store.isOwn(m.id()), patterns, Words.id(by), by.unit(), values);
  }

  @Override
  public ResponseEntity<String> ownFile() throws IOException {
    return table();
  }
}
