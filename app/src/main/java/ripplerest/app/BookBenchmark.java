package ripplerest.app;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.SplittableRandom;
import org.springframework.boot.ApplicationArguments;
import org.springframework.boot.ApplicationRunner;
import org.springframework.boot.SpringApplication;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.context.ConfigurableApplicationContext;
import org.springframework.core.annotation.Order;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Component;
import ripplerest.app.patterns.BookSearch;
import ripplerest.app.patterns.BookSearch.Sort;
import ripplerest.app.patterns.BookSearch.Wanted;
import ripplerest.app.patterns.PatternStore;
import ripplerest.core.dressing.Making;
import ripplerest.core.dressing.Part;
import ripplerest.core.dressing.PartKind;
import ripplerest.core.dressing.Pattern;
import ripplerest.core.hook.HookSpec;
import ripplerest.core.material.Material;
import ripplerest.core.material.Materials;
import ripplerest.core.quantity.Words;
import ripplerest.core.rest.Sitting;
import ripplerest.core.sizing.Sizer;
import ripplerest.core.sizing.Style;
import ripplerest.core.sizing.Styles;
import ripplerest.core.water.Conditions;
import ripplerest.exchange.format.PatternFile;

/**
 * Fills a scratch database with 10,000 seeded patterns, searches it in every way and prints how
 * long that took; then ends. Run by {@code ./ripple-rest benchmark book}.
 */
@Component
@Order(100)
@ConditionalOnProperty(name = "ripple-rest.benchmark", havingValue = "book")
class BookBenchmark implements ApplicationRunner {
  private static final int PATTERNS = 10_000;
  private static final int WARM_UP = 200;
  private static final int SEARCHES = 200;
  private static final List<String> WORDS =
      List.of(
          "amber", "birch", "cinder", "dusk", "ember", "fern", "gravel", "heather", "ivory",
          "juniper", "kelp", "lantern", "moss", "nettle", "osier", "pewter", "quartz", "rush",
          "slate", "thistle", "umber", "violet", "willow", "yarrow");
  private static final List<String> NATURALS =
      List.of("autumn dun", "lake sedge", "small dark midge", "pale evening spinner", "drake");
  private static final List<String> POSTURES =
      List.of("on-tips", "flush", "hanging", "half-down", "head-down", "sunk");

  private final PatternStore store;
  private final BookSearch search;
  private final JdbcTemplate jdbc;
  private final ConfigurableApplicationContext context;
  private final List<Material> materials = new ArrayList<>();

  BookBenchmark(
      PatternStore store,
      BookSearch search,
      JdbcTemplate jdbc,
      ConfigurableApplicationContext context) {
    this.store = store;
    this.search = search;
    this.jdbc = jdbc;
    this.context = context;
    Materials.standard().all().forEach(materials::add);
  }

  @Override
  public void run(ApplicationArguments args) {
    SplittableRandom random = new SplittableRandom(20261124);
    long before = System.nanoTime();
    store.addAll(
        take -> {
          for (int i = 0; i < PATTERNS; i++) {
            take.accept(new PatternFile(pattern(random, i), Conditions.DEFAULT));
          }
        });
    System.out.printf(
        "%,d patterns written in %.1f s%n", PATTERNS, (System.nanoTime() - before) / 1e9);
    // postures are given, not reckoned: here only the search is timed
    for (int i = 0; i < POSTURES.size(); i++) {
      jdbc.update(
          "update pattern set posture = ? where abs(hashtext(id::text)) % ? = ?",
          POSTURES.get(i), POSTURES.size(), i);
    }
    jdbc.execute("vacuum analyze pattern");
    System.out.printf("%-40s %10s %10s %12s%n", "search", "median ms", "95th ms", "found, mean");
    for (Kind kind : Kind.values()) {
      time(kind, random);
    }
    System.exit(SpringApplication.exit(context));
  }

  private enum Kind {
    WORDS,
    MATERIALS,
    HOOK_AND_STYLE,
    NATURAL,
    POSTURE,
    AT_HAND,
    AT_HAND_BUT_TWO,
    LAST_PAGE_BY_CHANGE,
    ALL_TOGETHER
  }

  private void time(Kind kind, SplittableRandom random) {
    for (int i = 0; i < WARM_UP; i++) {
      search(kind, random);
    }
    double[] ms = new double[SEARCHES];
    long found = 0;
    for (int i = 0; i < SEARCHES; i++) {
      long begun = System.nanoTime();
      found += search(kind, random).total();
      ms[i] = (System.nanoTime() - begun) / 1e6;
    }
    Arrays.sort(ms);
    String name = Words.of(kind);
    System.out.printf(
        "%-40s %10.1f %10.1f %,12d%n",
        name, ms[SEARCHES / 2], ms[SEARCHES * 95 / 100], found / SEARCHES);
  }

  private BookSearch.Page search(Kind kind, SplittableRandom random) {
    String words = any(WORDS, random).substring(0, 4) + " " + any(WORDS, random).substring(0, 2);
    List<String> two = List.of(any(materials, random).id(), any(materials, random).id());
    List<String> hand =
        materials.stream().filter(m -> random.nextInt(3) > 0).map(Material::id).toList();
    Optional<Integer> hook = Optional.of(2 * random.nextInt(3, 12));
    String style = any(Styles.standard().offered(), random).id();
    List<String> none = List.of();
    Optional<Integer> any = Optional.empty();
    Optional<Sitting> no = Optional.empty();
    Optional<Sitting> posture = Optional.of(Sitting.valueOf(Words.constant(any(POSTURES, random))));
    Wanted wanted =
        switch (kind) {
          case WORDS -> new Wanted(words, none, none, 0, any, "", "", no, false);
          case MATERIALS -> new Wanted("", two, none, 0, any, "", "", no, false);
          case HOOK_AND_STYLE -> new Wanted("", none, none, 0, hook, "", style, no, false);
          case NATURAL -> new Wanted("", none, none, 0, any, any(NATURALS, random), "", no, false);
          case POSTURE -> new Wanted("", none, none, 0, any, "", "", posture, false);
          case AT_HAND -> new Wanted("", none, hand, 0, any, "", "", no, false);
          case AT_HAND_BUT_TWO -> new Wanted("", none, hand, 2, any, "", "", no, false);
          case LAST_PAGE_BY_CHANGE -> new Wanted("", none, none, 0, any, "", "", no, false);
          case ALL_TOGETHER ->
              new Wanted(
                  words.substring(0, 4), two.subList(0, 1), hand, 2, hook, "", "", posture, false);
        };
    boolean last = kind == Kind.LAST_PAGE_BY_CHANGE;
    return search.find(wanted, last ? Sort.CHANGED : Sort.NAME, last ? 399 : 0, 25);
  }

  /** A style's fly on some hook, some of its materials exchanged, with a few words about it. */
  private Pattern pattern(SplittableRandom random, int number) {
    Style style = any(Styles.standard().offered(), random);
    HookSpec hook =
        new HookSpec(2 * random.nextInt(3, 12), HookSpec.Shape.STRAIGHT, random.nextInt(-1, 3), 0);
    String name = any(WORDS, random) + " " + any(WORDS, random) + " " + number;
    Pattern plain = Sizer.defaults(style, hook, name);
    List<Part> parts = new ArrayList<>();
    for (Part part : plain.parts()) {
      List<Material> fitting =
          materials.stream().filter(m -> PartKind.of(part).form().fits(m)).toList();
      parts.add(random.nextBoolean() ? part : part.withMaterial(any(fitting, random).id()));
    }
    StringBuilder notes = new StringBuilder();
    for (int i = 0; i < 30; i++) {
      notes.append(any(WORDS, random)).append(' ');
    }
    return new Pattern(
        name, style.id(), hook, parts, notes.toString(), any(NATURALS, random), Making.NONE);
  }

  private static <T> T any(List<T> of, SplittableRandom random) {
    return of.get(random.nextInt(of.size()));
  }
}
