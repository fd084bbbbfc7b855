package ripplerest.app.library;

import jakarta.servlet.http.HttpServletRequest;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
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
import ripplerest.core.hook.Hook;
import ripplerest.core.hook.HookSpec;
import ripplerest.core.hook.Natural;
import ripplerest.core.material.Property;
import ripplerest.core.quantity.Words;
import ripplerest.exchange.table.HookTable;

/** Hooks: the catalogue, the tier's own, and those that match a natural. */
@RestController
@RequestMapping("/api/hooks")
class HookController implements OwnFile {
  private static final int STEP = 2;

  private final HookStore own;
  private final MaterialStore materials;

  HookController(HookStore own, MaterialStore materials) {
    this.own = own;
    this.materials = materials;
  }

  /** A hook, mm and mg; of the size table (from memory) or measured, and then with a name. */
  record HookRow(
      String name,
      int size,
      String shape,
      int lengthSteps,
      double shankMm,
      double gapMm,
      double wireMm,
      double eyeMm,
      double massMg,
      boolean extended) {}

  /** A hook of the tier's own, with what was measured; 0 mg: not weighed. */
  record OwnHookView(UUID id, HookRow hook, double tenMg) {}

  /** Every hook there is to choose from. */
  record HooksView(List<HookRow> catalogue, List<OwnHookView> own) {}

  /** Measures of a hook; 0 mg: not weighed. */
  record NewHook(
      String name,
      int size,
      String shape,
      double shankMm,
      double gapMm,
      double wireMm,
      double eyeMm,
      double tenMg) {}

  /** A hook for a natural by one way of choosing, its shank so much longer than the body. */
  record MatchView(String way, HookRow hook, double longerBy) {}

  /** Hooks for a natural; size 0 for the other sex where the sex is not known. */
  record MatchesView(List<MatchView> hooks, int otherSexSize, boolean beyondTheTable, int tails) {}

  @GetMapping
  HooksView hooks() {
    return new HooksView(
        catalogue().stream().map(this::view).toList(), own.all().stream().map(this::view).toList());
  }

  private static List<HookSpec> catalogue() {
    List<HookSpec> catalogue = new ArrayList<>();
    for (HookSpec.Shape shape : HookSpec.Shape.values()) {
      for (int size = HookSpec.USUAL_LARGEST; size <= HookSpec.USUAL_SMALLEST; size += STEP) {
        catalogue.add(new HookSpec(size, shape, 0, 0));
      }
    }
    return catalogue;
  }

  /** All hooks as CSV, the tier's own last. */
  @GetMapping(path = "/table", produces = Csv.TYPE)
  ResponseEntity<String> table() throws IOException {
    List<HookSpec> all = new ArrayList<>(catalogue());
    own.all().forEach(h -> all.add(h.spec()));
    return Csv.file("hooks.csv", HookTable.write(all));
  }

  /** Adds the measured hooks of a CSV file, all or none. */
  @PostMapping(path = "/table", consumes = Csv.TYPE)
  Csv.Added bringIn(HttpServletRequest request) throws IOException {
    return new Csv.Added(own.add(HookTable.read(Csv.reader(request))).size());
  }

  @PostMapping
  @ResponseStatus(HttpStatus.CREATED)
  OwnHookView measure(@RequestBody NewHook n) {
    HookSpec.Measured measured =
        new HookSpec.Measured(
            n.name(),
            n.shankMm(),
            n.gapMm(),
            n.wireMm(),
            n.eyeMm(),
            n.tenMg() == 0 ? Optional.empty() : Optional.of(n.tenMg()));
    HookSpec.Shape shape = HookSpec.Shape.named(n.shape());
    HookSpec hook = new HookSpec(n.size(), shape, 0, 0, Optional.of(measured));
    return view(own.add(List.of(hook)).get(0));
  }

  @DeleteMapping("/{id}")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void delete(@PathVariable UUID id) {
    own.delete(id);
  }

  @GetMapping("/matches")
  MatchesView matches(
      @RequestParam Natural.Order order,
      @RequestParam(defaultValue = "ADULT") Natural.Stage stage,
      @RequestParam(defaultValue = "UNKNOWN") Natural.Sex sex,
      @RequestParam double bodyMm,
      @RequestParam(defaultValue = "2") int tails) {
    Natural natural = new Natural(order, stage, sex, bodyMm, tails);
    return new MatchesView(
        natural.hooks().stream()
            .map(
                m ->
                    new MatchView(
                        Words.id(m.way()), view(m.hook()), Words.rounded(m.longerBy(), 2)))
            .toList(),
        natural.otherSexSize().orElse(0),
        natural.isBeyondTheTable(),
        natural.tails());
  }

  private OwnHookView view(OwnHook hook) {
    HookSpec spec = hook.spec();
    double tenMg = spec.measured().flatMap(HookSpec.Measured::tenMg).orElse(0.0);
    return new OwnHookView(hook.id(), view(spec), tenMg);
  }

  private HookRow view(HookSpec spec) {
    Hook hook = Hook.of(spec);
    return new HookRow(
        spec.measured().map(HookSpec.Measured::name).orElse(""),
        spec.size(),
        Words.id(spec.shape()),
        spec.lengthSteps(),
        Words.rounded(hook.shankMm(), 2),
        Words.rounded(hook.gapMm(), 2),
        Words.rounded(hook.wireMm(), 2),
        Words.rounded(hook.eyeMm(), 2),
        Words.rounded(
            hook.massMg(materials.materials().get("hook-steel").get(Property.DENSITY)), 1),
        hook.extended());
  }

  @Override
  public ResponseEntity<String> ownFile() throws IOException {
    return table();
  }
}
