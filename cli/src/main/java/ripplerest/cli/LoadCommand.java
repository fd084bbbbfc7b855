package ripplerest.cli;

import java.io.IOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.time.Duration;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.EnumMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.SplittableRandom;
import java.util.UUID;
import java.util.concurrent.Callable;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import picocli.CommandLine;
import ripplerest.core.quantity.Require;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/**
 * Many people at once, each with a pattern of their own: open, change a length to one never asked
 * before, pose and save it, search the book, read the card, with a moment's thought between; beside
 * them long answers that never end. Bounded in people and time, and on loopback only.
 */
@CommandLine.Command(
    name = "load",
    description = "Lets many people use a running application at once and prints how long it took.",
    mixinStandardHelpOptions = true)
final class LoadCommand implements Callable<Integer> {
  private static final JsonMapper MAPPER = JsonMapper.shared();
  private static final int FAILED = 1;

  @CommandLine.Option(names = "--port", required = true, description = "Of the application.")
  int port;

  @CommandLine.Option(names = "--people", description = "At once, 1 to 500.")
  int people = 200;

  @CommandLine.Option(names = "--seconds", description = "How long, 1 to 600.")
  int seconds = 300;

  @CommandLine.Option(names = "--think", description = "Between two actions, s.")
  double think = 2;

  @CommandLine.Option(
      names = "--warm",
      description = "Before anything is counted: as an application that has run a while, s.")
  int warm = 60;

  @CommandLine.Option(names = "--long", description = "WHOLE answers running beside them.")
  int answers = 2;

  private enum Action {
    OPEN,
    POSE,
    SAVE,
    SEARCH,
    CARD
  }

  /** What went through and what did not. */
  private static final class Tally {
    final Map<Action, List<Double>> millis = new EnumMap<>(Action.class);
    final List<String> failures = new ArrayList<>();
    long busy;
    long answered;

    synchronized void took(Action action, double ms) {
      millis.computeIfAbsent(action, a -> new ArrayList<>()).add(ms);
    }

    synchronized void failed(String why) {
      failures.add(why);
    }

    synchronized void busy() {
      busy++;
    }

    synchronized void answered() {
      answered++;
    }
  }

  private final HttpClient client = HttpClient.newHttpClient();
  private final Tally tally = new Tally();
  private long counts;
  private long deadline;

  @Override
  public Integer call() throws Exception {
    Require.inRange("people", people, 1, 500);
    Require.inRange("seconds", seconds, 1, 600);
    Require.inRange("long", answers, 0, 8);
    Require.inRange("warm", warm, 0, 300);
    List<String> demo =
        MAPPER.readTree(ask("GET", "/api/patterns", "").body()).findValuesAsString("id");
    SplittableRandom seeds = new SplittableRandom(20261128);
    ExecutorService pool = Executors.newFixedThreadPool(people + answers);
    long begun = System.nanoTime();
    counts = begun + warm * 1_000_000_000L;
    deadline = counts + seconds * 1_000_000_000L;
    List<Future<?>> all = new ArrayList<>();
    for (int i = 0; i < people; i++) {
      SplittableRandom random = seeds.split();
      String like = demo.get(i % demo.size());
      all.add(pool.submit(() -> person(like, random)));
    }
    for (int i = 0; i < answers; i++) {
      SplittableRandom random = seeds.split();
      String like = demo.get(i);
      all.add(pool.submit(() -> asker(like, random)));
    }
    for (Future<?> f : all) {
      f.get();
    }
    pool.shutdown();
    return print();
  }

  private boolean goesOn() {
    return System.nanoTime() < deadline;
  }

  private Void person(String like, SplittableRandom random) throws Exception {
    Thread.sleep(random.nextInt((int) (5000 * think) + 1)); // not all in the same moment
    String path =
        "/api/patterns/"
            + MAPPER
                .readTree(
                    ask(
                            "POST",
                            "/api/patterns/" + like + "/copies",
                            "",
                            "Idempotency-Key",
                            key(random))
                        .body())
                .get("id")
                .asString();
    while (goesOn()) {
      HttpResponse<String> opened = timed(Action.OPEN, "GET", path, "");
      thinks(random);
      if (opened == null) {
        continue;
      }
      JsonNode resource = MAPPER.readTree(opened.body());
      String document = changed((ObjectNode) resource.get("document"), random).toString();
      timed(Action.POSE, "POST", "/api/estimates", document);
      timed(
          Action.SAVE,
          "PUT",
          path,
          document,
          "If-Match",
          "\"" + resource.get("revision").asLong() + "\"",
          "Idempotency-Key",
          key(random));
      thinks(random);
      String words = List.of("lantern", "slate", "dun", "sed", "wil").get(random.nextInt(5));
      timed(Action.SEARCH, "GET", "/api/book?words=" + words, "");
      thinks(random);
      timed(Action.CARD, "GET", path + "/card", "");
      thinks(random);
    }
    return null;
  }

  private void thinks(SplittableRandom random) throws InterruptedException {
    Thread.sleep((long) (1000 * think * random.nextDouble(0.5, 1.5)));
  }

  private static String key(SplittableRandom random) {
    return new UUID(random.nextLong(), random.nextLong()).toString();
  }

  /** One length of the fly, pulled by a little to where nobody has been. */
  static ObjectNode changed(ObjectNode document, SplittableRandom random) {
    List<ObjectNode> lengths = new ArrayList<>();
    for (JsonNode part : document.at("/pattern/parts")) {
      for (JsonNode field : part) {
        if (field instanceof ObjectNode length && (length.has("factor") || length.has("value"))) {
          lengths.add(length);
        }
      }
    }
    if (!lengths.isEmpty()) {
      ObjectNode length = lengths.get(random.nextInt(lengths.size()));
      String field = length.has("factor") ? "factor" : "value";
      // always about the length that the fly began with, so that it stays one that can be tied
      double near = Math.rint(length.get(field).asDouble() * 10) / 10;
      length.put(field, Math.max(0.5, near) * random.nextDouble(0.96, 1.04));
    }
    return document;
  }

  private Void asker(String like, SplittableRandom random) throws Exception {
    JsonNode resource = MAPPER.readTree(ask("GET", "/api/patterns/" + like, "").body());
    while (goesOn()) {
      ObjectNode document = changed((ObjectNode) resource.get("document").deepCopy(), random);
      HttpResponse<String> answer = ask("POST", "/api/answers?ask=WHOLE", document.toString());
      if (answer.statusCode() == 200 && answer.body().contains("\"verdict\"")) {
        tally.answered();
      } else {
        Thread.sleep(500);
      }
    }
    return null;
  }

  /** One action until it is answered; being told to come again is part of how long it took. */
  private HttpResponse<String> timed(
      Action action, String method, String path, String body, String... headers) throws Exception {
    long begun = System.nanoTime();
    HttpResponse<String> answer = ask(method, path, body, headers);
    while (answer.statusCode() == 429) {
      tally.busy();
      Thread.sleep(1000L * answer.headers().firstValueAsLong("Retry-After").orElse(1));
      answer = ask(method, path, body, headers);
    }
    if (answer.statusCode() >= 400) {
      String told = answer.body().substring(0, Math.min(200, answer.body().length()));
      tally.failed(action + " " + answer.statusCode() + " " + told);
      return null;
    }
    if (begun >= counts) {
      tally.took(action, (System.nanoTime() - begun) / 1e6);
    }
    return answer;
  }

  private HttpResponse<String> ask(String method, String path, String body, String... headers)
      throws IOException, InterruptedException {
    HttpRequest.Builder request =
        HttpRequest.newBuilder(URI.create("http://127.0.0.1:" + port + path))
            .timeout(Duration.ofSeconds(120))
            .header("Content-Type", "application/json")
            .method(method, HttpRequest.BodyPublishers.ofString(body));
    if (headers.length > 0) {
      request.headers(headers);
    }
    return client.send(request.build(), HttpResponse.BodyHandlers.ofString());
  }

  private int print() {
    System.out.printf(
        Locale.ROOT,
        "%d people, %d s after %d s, %.1f s of thought, %d whole answers at a time (%d answered)%n",
        people,
        seconds,
        warm,
        think,
        answers,
        tally.answered);
    System.out.printf(
        "%-8s %8s %8s %8s %8s %8s%n", "", "times", "50 % ms", "95 % ms", "99 % ms", "most ms");
    List<Double> every = new ArrayList<>();
    tally.millis.forEach(
        (action, ms) -> {
          line(action.name().toLowerCase(Locale.ROOT), ms);
          every.addAll(ms);
        });
    line("all", every);
    System.out.printf("told to come again: %d; failed: %d%n", tally.busy, tally.failures.size());
    tally.failures.stream().limit(5).forEach(System.out::println);
    return tally.failures.isEmpty() ? 0 : FAILED;
  }

  private static void line(String name, List<Double> of) {
    double[] ms = of.stream().mapToDouble(d -> d).sorted().toArray();
    System.out.printf(
        Locale.ROOT,
        "%-8s %8d %8.0f %8.0f %8.0f %8.0f%n",
        name,
        ms.length,
        at(ms, 0.5),
        at(ms, 0.95),
        at(ms, 0.99),
        Arrays.stream(ms).max().orElse(0));
  }

  private static double at(double[] sorted, double share) {
    return sorted.length == 0
        ? 0
        : sorted[Math.min(sorted.length - 1, (int) (share * sorted.length))];
  }
}
