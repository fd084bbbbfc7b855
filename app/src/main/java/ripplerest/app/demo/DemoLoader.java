package ripplerest.app.demo;

import java.io.IOException;
import java.io.InputStreamReader;
import java.io.Reader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.time.Instant;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.ApplicationArguments;
import org.springframework.boot.ApplicationRunner;
import org.springframework.core.io.ClassPathResource;
import org.springframework.core.io.Resource;
import org.springframework.core.io.support.PathMatchingResourcePatternResolver;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Component;
import org.springframework.transaction.support.TransactionTemplate;
import ripplerest.app.drawer.DrawerStore;
import ripplerest.app.library.MaterialStore;
import ripplerest.app.patterns.PatternEntity;
import ripplerest.app.patterns.PatternStore;
import ripplerest.app.people.CurrentPerson;
import ripplerest.core.drawer.Item;
import ripplerest.exchange.format.PatternFile;
import ripplerest.exchange.format.PatternReader;
import ripplerest.exchange.table.DrawerTable;

/** Loads the loan box of Fennel Hut, our invented demo, the first time a database is used. */
@Component
class DemoLoader implements ApplicationRunner {
  private static final Logger LOG = LoggerFactory.getLogger(DemoLoader.class);
  private static final String FIRST = "lantern-dun.json";

  private final PatternStore store;
  private final PatternReader reader;
  private final JdbcTemplate jdbc;
  private final TransactionTemplate transaction;
  private final DemoLog log;
  private final DemoTests tests;
  private final DemoOutings outings;
  private final DemoPractice practice;
  private final DrawerStore drawer;
  private final MaterialStore materials;
  private final boolean shared;

  DemoLoader(
      PatternStore store,
      PatternReader reader,
      JdbcTemplate jdbc,
      TransactionTemplate transaction,
      DemoLog log,
      DemoTests tests,
      DemoOutings outings,
      DemoPractice practice,
      DrawerStore drawer,
      MaterialStore materials,
      @Value("${ripplerest.shared:false}") boolean shared) {
    this.shared = shared;
    this.drawer = drawer;
    this.materials = materials;
    this.log = log;
    this.tests = tests;
    this.outings = outings;
    this.practice = practice;
    this.store = store;
    this.reader = reader;
    this.jdbc = jdbc;
    this.transaction = transaction;
  }

  @Override
  public void run(ApplicationArguments args) throws IOException {
    List<PatternFile> demo = read();
    boolean loaded = CurrentPerson.as(CurrentPerson.LOCAL, () -> load(demo, true));
    if (loaded && shared) {
      CurrentPerson.as(CurrentPerson.CLUB, () -> load(demo, false));
    }
  }

  /** Once, whichever of several copies of the application comes first. */
  private boolean load(List<PatternFile> demo, boolean first) {
    return Boolean.TRUE.equals(
        transaction.execute(
            t -> {
              jdbc.queryForList("select 1 from pg_advisory_xact_lock(hashtext('demo_load'))");
              if (first && jdbc.queryForObject("select count(*) from demo_load", int.class) > 0) {
                return false;
              }
              List<PatternEntity> patterns = demo.stream().map(store::add).toList();
              outings.boxes();
              if (first) {
                tests.load(log.load(patterns, demo));
              }
              drawer.add(items());
              outings.load(patterns, LocalDate.now());
              if (first) {
                practice.load(Instant.now());
                jdbc.update("insert into demo_load values (now())");
              }
              LOG.info("Loaded {} demo patterns.", demo.size());
              return true;
            }));
  }

  /** The hut's drawer, invented like everything in the demo. */
  private List<Item> items() {
    try (Reader table =
        new InputStreamReader(
            new ClassPathResource("demo-drawer.csv").getInputStream(), StandardCharsets.UTF_8)) {
      return DrawerTable.read(table, materials.materials());
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  private List<PatternFile> read() throws IOException {
    Resource[] found =
        new PathMatchingResourcePatternResolver().getResources("classpath*:demo/*.json");
    Arrays.sort(
        found,
        Comparator.comparing((Resource r) -> !FIRST.equals(r.getFilename()))
            .thenComparing(Resource::getFilename));
    List<PatternFile> files = new ArrayList<>();
    for (Resource r : found) {
      files.add(reader.read(r.getContentAsByteArray()));
    }
    return files;
  }
}
