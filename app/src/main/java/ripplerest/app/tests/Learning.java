package ripplerest.app.tests;

import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Service;
import ripplerest.app.Version;
import ripplerest.app.http.Fingerprint;
import ripplerest.app.library.LearntStore;
import ripplerest.app.library.MaterialStore;
import ripplerest.app.library.Preparation;
import ripplerest.app.log.LogStore;
import ripplerest.app.patterns.PatternEntity;
import ripplerest.app.patterns.PatternStore;
import ripplerest.core.calibration.ByTests;
import ripplerest.core.calibration.Calibration;
import ripplerest.core.calibration.Lesson;
import ripplerest.core.calibration.NextTest;
import ripplerest.core.calibration.TankTest;
import ripplerest.core.estimate.PreparedFly;
import ripplerest.core.estimate.Work;
import ripplerest.core.material.Learnt;
import ripplerest.core.material.Material;
import ripplerest.core.material.Property;
import ripplerest.core.quantity.OutOfRangeException;
import ripplerest.core.water.Floatant;
import ripplerest.exchange.format.InvalidDocumentException;
import ripplerest.exchange.format.LoggedFly;
import ripplerest.exchange.format.LoggedTest;
import ripplerest.exchange.view.LearningView;
import tools.jackson.databind.json.JsonMapper;

/** What a tier's tests teach, what that changes, and which would teach most next. */
@Service
class Learning {
  private static final long SEED = 1;

  /** Water out of a tap that stood for a while, °C, and a fly laid on it. */
  private static final double ROOM_C = 15;

  private static final double LAID_DOWN = 1;

  /** Patterns whose change is told. */
  private static final int MOST_CHANGED = 60;

  private static final JsonMapper MAPPER = JsonMapper.builder().build();

  private final TestStore tests;
  private final TestResources resources;
  private final LearntStore learnt;
  private final MaterialStore materials;
  private final PatternStore patterns;
  private final LogStore log;
  private final Preparation preparation;
  private final String build;

  /** Flies that could be tested next, looked at: each takes a second or two. */
  private final int mostCandidates;

  Learning(
      TestStore tests,
      TestResources resources,
      LearntStore learnt,
      MaterialStore materials,
      PatternStore patterns,
      LogStore log,
      Preparation preparation,
      Version version,
      @Value("${ripplerest.next-test.candidates:6}") int mostCandidates) {
    this.mostCandidates = mostCandidates;
    this.tests = tests;
    this.resources = resources;
    this.learnt = learnt;
    this.materials = materials;
    this.patterns = patterns;
    this.log = log;
    this.preparation = preparation;
    this.build = version.build().orElse("");
  }

  /** Tests that something is to be learnt from, the oldest first. */
  private List<LoggedTest> counted() {
    List<LoggedTest> all = new ArrayList<>();
    for (TestStore.Entry e : tests.all()) {
      if (e.test().counts()) {
        all.add(0, e.test());
      }
    }
    return all;
  }

  /** Names what is learnt from these tests; any other tests, materials or build have another. */
  private String id(List<LoggedTest> all) {
    MessageDigest digest = Fingerprint.digest();
    StringBuilder of = new StringBuilder(build);
    all.forEach(t -> of.append(t.id()).append(t.tied()).append(t.conditions()).append(t.seen()));
    for (Material m : materials.materials().all()) {
      of.append(m.id());
      for (Property p : Property.values()) {
        of.append(m.priors().get(p));
      }
    }
    return Fingerprint.hex(digest.digest(of.toString().getBytes(StandardCharsets.UTF_8)));
  }

  /** Learns anew from all tests, and goes by it. */
  Calibration learn(Work work) {
    List<LoggedTest> all = counted();
    String id = id(all);
    List<TankTest> core = all.stream().map(resources::untaught).toList();
    Calibration found = Calibration.of(core, SEED, work);
    work.throwIfCancelled();
    String told = MAPPER.writeValueAsString(LearningView.of(found));
    learnt.keep(id, all.size(), found.learnt(id, all.size()), told);
    return found;
  }

  /**
   * How things stand.
   *
   * @param tests that something can be learnt from
   * @param learnt what was; empty before anything was
   */
  record State(
      int tests, Optional<LearntStore.Kept> learnt, boolean current, List<Lesson> lessons) {}

  State state() {
    List<LoggedTest> all = counted();
    Optional<LearntStore.Kept> kept = learnt.kept();
    List<Lesson> lessons =
        kept.flatMap(LearntStore.Kept::learnt).map(l -> lessons(l, all)).orElse(List.of());
    boolean current = !all.isEmpty() && kept.filter(k -> k.id().equals(id(all))).isPresent();
    return new State(all.size(), kept, current, lessons);
  }

  private List<Lesson> lessons(Learnt of, List<LoggedTest> all) {
    Set<String> ids = new LinkedHashSet<>();
    for (LoggedTest t : all) {
      ids.addAll(log.get(t.fly()).fly().document().findValuesAsString("material"));
    }
    ids.removeIf(id -> !materials.materials().knows(id));
    return Lesson.of(materials.materials().taught(of), ids);
  }

  /**
   * Which tests would teach most about one pattern: of tied flies, the latest of each pattern.
   *
   * @param pattern that the tier cares about
   */
  List<NextTest> next(UUID pattern, NextTest.Goal goal, Work work) {
    PreparedFly target = preparation.prepared(preparation.read(patterns.get(pattern).document()));
    return NextTest.of(target, goal, candidates(), SEED, work);
  }

  private List<NextTest.Candidate> candidates() {
    Map<String, LoggedFly> latest = new LinkedHashMap<>();
    log.all().flies().forEach(f -> latest.putIfAbsent(TestResources.name(f), f));
    List<NextTest.Candidate> all = new ArrayList<>();
    for (LoggedFly fly : latest.values().stream().limit(mostCandidates).toList()) {
      for (Floatant floatant : List.of(Floatant.GEL, Floatant.NONE)) {
        LoggedTest test = LoggedTest.fresh(fly.id(), fly.tiedAt(), ROOM_C, floatant, LAID_DOWN);
        all.add(new NextTest.Candidate(fly.id().toString(), resources.known(test)));
      }
    }
    return all;
  }

  /** What tests change of the patterns of the book, those that were changed last first. */
  Map<String, ByTests> changed(Work work) {
    Map<String, ByTests> changed = new LinkedHashMap<>();
    List<PatternEntity> all = patterns.latest(MOST_CHANGED);
    for (int i = 0; i < all.size(); i++) {
      work.throwIfCancelled();
      PatternEntity pattern = all.get(i);
      try {
        ByTests by = ByTests.of(preparation.prepared(preparation.read(pattern.document())));
        if (by.tests() > 0) {
          changed.put(pattern.id().toString(), by);
        }
      } catch (InvalidDocumentException | OutOfRangeException e) {
        // one that cannot be read hides no other; the book says so
      }
      work.progress(i + 1, all.size());
    }
    return changed;
  }

  void use(boolean inUse) {
    learnt.use(inUse);
  }
}
