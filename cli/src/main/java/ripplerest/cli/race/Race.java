package ripplerest.cli.race;

import java.io.IOException;
import java.net.MalformedURLException;
import java.net.URL;
import java.net.URLClassLoader;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.concurrent.Callable;
import java.util.function.BiFunction;
import org.hipparchus.stat.descriptive.rank.Median;
import picocli.CommandLine.Command;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;

/**
 * This version of the core against an earlier one, in one process, taking turns, so that what the
 * machine does meanwhile falls on both; no answer is kept between two questions.
 */
@Command(
    name = "race",
    description = "Times this version of the core against an earlier one, taking turns.",
    mixinStandardHelpOptions = true)
public final class Race implements Callable<Integer> {
  private static final List<String> USUAL =
      List.of(
          "upright-collar:14:GEL",
          "parachute:14:GEL",
          "forward-plume:14:GEL",
          "upright-collar:14:NONE",
          "parachute:14:NONE");

  /** Rests that differ by less than this are one, mm and °. */
  private static final double SAME_MM = 0.01;

  private static final double SAME_DEG = 0.1;

  /** How long a flame graph is sampled. */
  private static final Duration SAMPLED = Duration.ofSeconds(20);

  /** Exit status for a jar that is not there: the race would be against itself. */
  private static final int BAD = 2;

  @Option(
      names = "--against",
      required = true,
      description = "The earlier version's command-line jar.")
  private Path against;

  @Option(names = "--measure", description = "Only these: ${COMPLETION-CANDIDATES}.")
  private List<Measure> measures = List.of(Measure.values());

  @Option(names = "--where", description = "Not how fast, but which flies rest elsewhere.")
  private boolean where;

  @Option(
      names = "--flames",
      description = "Not how fast, but in what: writes flame graphs of both into this folder.")
  private Path flames;

  @Parameters(
      description =
          "Flies as style:size:FLOATANT or file:FLOATANT; a collar, a parachute and a hanger without.")
  private List<String> flies = USUAL;

  @Override
  public Integer call() throws Exception {
    if (!Files.isRegularFile(against)) {
      System.err.printf(
          "--against is %s, which is no file; name the command-line jar of an earlier version.%n",
          against);
      return BAD;
    }
    Path own = Path.of(Race.class.getProtectionDomain().getCodeSource().getLocation().toURI());
    if (flames != null) {
      flame("before", entrant(against, own));
      flame("after", entrant(own));
    } else {
      run(entrant(against, own), entrant(own));
    }
    return 0;
  }

  /** All measures of all flies, again and again, once warm. */
  private void flame(String name, BiFunction<String, String, double[]> entrant) throws IOException {
    Runnable round =
        () -> measures.forEach(m -> flies.forEach(fly -> entrant.apply(m.name(), fly)));
    long warm = System.nanoTime() + SAMPLED.toNanos() / 2;
    while (System.nanoTime() < warm) {
      round.run();
    }
    FlameGraph graph =
        FlameGraph.of(
            () -> {
              long end = System.nanoTime() + SAMPLED.toNanos();
              while (System.nanoTime() < end) {
                round.run();
              }
            });
    Path file = flames.resolve(name + ".svg");
    Files.createDirectories(flames);
    Files.writeString(file, graph.svg("%s: %s of %s".formatted(name, measures, flies)));
    System.out.printf("%s: %d samples%n", file, graph.samples());
  }

  private void run(
      BiFunction<String, String, double[]> earlier, BiFunction<String, String, double[]> now) {
    if (where) {
      long moved = flies.stream().filter(fly -> isMoved(fly, earlier, now)).count();
      System.out.printf("%d of %d rest elsewhere%n", moved, flies.size());
      return;
    }
    for (Measure measure : measures) {
      flies.forEach(fly -> time(measure, fly, earlier, now));
    }
  }

  private static void time(
      Measure measure,
      String fly,
      BiFunction<String, String, double[]> earlier,
      BiFunction<String, String, double[]> now) {
    double[] first = new double[measure.rounds];
    double[] second = new double[measure.rounds];
    for (int i = -(measure.rounds + 1) / 2; i < measure.rounds; i++) { // below nought: warming up
      boolean earlierFirst = i % 2 == 0;
      double before = earlierFirst ? earlier.apply(measure.name(), fly)[0] : 0;
      double after = now.apply(measure.name(), fly)[0];
      before = earlierFirst ? before : earlier.apply(measure.name(), fly)[0];
      if (i >= 0) {
        first[i] = before;
        second[i] = after;
      }
    }
    double was = new Median().evaluate(first);
    double is = new Median().evaluate(second);
    System.out.printf(
        Locale.ROOT,
        "%-8s %-24s %8.1f -> %7.1f ms  %.2fx%n",
        measure.name().toLowerCase(Locale.ROOT),
        fly,
        was,
        is,
        was / is);
  }

  private static boolean isMoved(
      String fly,
      BiFunction<String, String, double[]> earlier,
      BiFunction<String, String, double[]> now) {
    double[] was = earlier.apply(Measure.POSE.name(), fly);
    double[] is = now.apply(Measure.POSE.name(), fly);
    double mm = 0;
    double degrees = 0;
    for (int i = 1; i < Math.min(was.length, is.length); i++) {
      double apart = Math.abs(Math.abs(was[i]) - Math.abs(is[i])); // either side counts once
      mm = i < 4 ? Math.max(mm, apart) : mm;
      degrees = i < 4 ? degrees : Math.max(degrees, apart);
    }
    boolean moved = was.length != is.length || mm > SAME_MM || degrees > SAME_DEG;
    if (moved) {
      System.out.printf(
          Locale.ROOT,
          "%s: %s%n",
          fly,
          was.length == is.length
              ? String.format(Locale.ROOT, "%.3f mm, %.2f°", mm, degrees)
              : "rests in one only");
    }
    return moved;
  }

  /** An entrant over the classes of the first of these files that has them. */
  @SuppressWarnings("unchecked")
  private static BiFunction<String, String, double[]> entrant(Path... jars)
      throws ReflectiveOperationException {
    List<URL> urls = new ArrayList<>();
    Arrays.stream(jars).map(Race::url).forEach(urls::add);
    ClassLoader own =
        new URLClassLoader(urls.toArray(URL[]::new), ClassLoader.getPlatformClassLoader());
    return (BiFunction<String, String, double[]>)
        own.loadClass(Entrant.class.getName()).getDeclaredConstructor().newInstance();
  }

  private static URL url(Path jar) {
    try {
      return jar.toUri().toURL();
    } catch (MalformedURLException e) {
      throw new IllegalArgumentException(e);
    }
  }
}
