package ripplerest.app.drawer;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import java.util.SplittableRandom;
import org.springframework.boot.ApplicationArguments;
import org.springframework.boot.ApplicationRunner;
import org.springframework.boot.SpringApplication;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.context.ConfigurableApplicationContext;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;
import ripplerest.core.drawer.BarbLengths;
import ripplerest.core.drawer.Item;
import ripplerest.core.drawer.Kept;
import ripplerest.core.drawer.Search;
import ripplerest.core.dressing.tie.Colour;
import ripplerest.core.dressing.tie.Shade;
import ripplerest.core.material.Material;
import ripplerest.core.material.Materials;
import tools.jackson.databind.ObjectMapper;

/**
 * Fills a scratch database with 2,000 seeded things, looks for some of them in every way and prints
 * how long that took, written as JSON; then ends. Run by {@code ./ripple-rest benchmark drawer}.
 */
@Component
@Order(100)
@ConditionalOnProperty(name = "ripple-rest.benchmark", havingValue = "drawer")
class DrawerBenchmark implements ApplicationRunner {
  private static final int ITEMS = 2_000;
  private static final int SHOWN = 120; // as many as the page shows at once
  private static final int SEARCHES = 200;

  private final DrawerStore store;
  private final DrawerViews views;
  private final ObjectMapper json;
  private final ConfigurableApplicationContext context;

  DrawerBenchmark(
      DrawerStore store,
      DrawerViews views,
      ObjectMapper json,
      ConfigurableApplicationContext context) {
    this.store = store;
    this.views = views;
    this.json = json;
    this.context = context;
  }

  @Override
  public void run(ApplicationArguments args) {
    SplittableRandom random = new SplittableRandom(20261129);
    List<Material> kinds = Materials.standard().offered();
    List<String> colours = Shade.all().stream().map(Shade.Named::name).toList();
    List<Item> items = new ArrayList<>();
    for (int i = 0; i < ITEMS; i++) {
      items.add(item(any(kinds, random).id(), any(colours, random), i, random));
    }
    store.add(items);
    System.out.printf("%-20s %10s %10s%n", ITEMS + " things, by", "median ms", "95th ms");
    Map<String, Search> searches =
        Map.of(
            "words", new Search("thing 1", "", "", 0, false),
            "kind", new Search("", "dry-hackle", "", 0, false),
            "colour", new Search("", "", "olive dun", 0, false),
            "hook size", new Search("", "", "", 14, false),
            "low", new Search("", "", "", 0, true),
            "nothing: all", new Search("", "", "", 0, false));
    for (Map.Entry<String, Search> search : searches.entrySet()) {
      time(search.getKey(), search.getValue());
    }
    System.exit(SpringApplication.exit(context));
  }

  private void time(String name, Search search) {
    double[] ms = new double[SEARCHES];
    for (int i = -SEARCHES; i < SEARCHES; i++) { // half of them warm up
      long begun = System.nanoTime();
      json.writeValueAsBytes(views.find(store.all(), search, SHOWN));
      ms[Math.max(0, i)] = (System.nanoTime() - begun) / 1e6;
    }
    Arrays.sort(ms);
    System.out.printf("%-20s %10.1f %10.1f%n", name, ms[SEARCHES / 2], ms[SEARCHES * 95 / 100]);
  }

  private static Item item(String kind, String colour, int number, SplittableRandom random) {
    boolean feathers = Kept.of(kind, Materials.standard()).by() == Kept.By.FEATHERS;
    List<Double> barbs = random.doubles(6, 4, 16).boxed().toList();
    return new Item(
        "Thing " + number,
        kind,
        Colour.of(colour),
        OptionalInt.empty(),
        "tray " + number % 12,
        false,
        random.nextInt(100),
        5,
        Optional.empty(),
        feathers ? Optional.of(new BarbLengths(barbs)) : Optional.empty(),
        feathers ? OptionalDouble.of(40 + random.nextInt(150)) : OptionalDouble.empty(),
        kind.equals("hook-steel") ? OptionalInt.of(14) : OptionalInt.empty(),
        "");
  }

  private static <T> T any(List<T> of, SplittableRandom random) {
    return of.get(random.nextInt(of.size()));
  }
}
