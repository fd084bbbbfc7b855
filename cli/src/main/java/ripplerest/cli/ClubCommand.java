package ripplerest.cli;

import java.net.URI;
import java.security.GeneralSecurityException;
import java.security.SecureRandom;
import java.security.cert.X509Certificate;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.SplittableRandom;
import java.util.concurrent.Callable;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import javax.net.ssl.SSLContext;
import javax.net.ssl.SSLEngine;
import javax.net.ssl.X509ExtendedTrustManager;
import picocli.CommandLine;
import ripplerest.core.quantity.Require;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/**
 * A club at work while copies of the application are killed under it: everybody has an account,
 * changes a fly, logs flies and asks what takes a while, and in the end each counts whether every
 * change that was confirmed is there once. Bounded in people and time, and on loopback only.
 */
@CommandLine.Command(
    name = "club",
    description = "Lets a club use several copies of the application and counts what was lost.",
    mixinStandardHelpOptions = true)
final class ClubCommand implements Callable<Integer> {
  private static final JsonMapper MAPPER = JsonMapper.shared();
  private static final int FAILED = 1;

  @CommandLine.Option(names = "--port", required = true, description = "Of the site, over TLS.")
  int port;

  @CommandLine.Option(names = "--first", required = true, description = "The first invitation.")
  String first;

  @CommandLine.Option(names = "--people", description = "1 to 300.")
  int people = 200;

  @CommandLine.Option(names = "--seconds", description = "How long, 10 to 600.")
  int seconds = 180;

  @CommandLine.Option(names = "--think", description = "Between two actions, s.")
  double think = 4;

  private final ClubTally tally = new ClubTally();
  private long deadline;

  @Override
  public Integer call() throws Exception {
    Require.inRange("people", people, 1, 300);
    Require.inRange("seconds", seconds, 10, 600);
    URI site = URI.create("https://localhost:" + port);
    SSLContext tls = anyCertificate();
    ClubMember warden = new ClubMember(site, tls, tally);
    warden.join(first, "Warden");
    List<ClubMember> members = new ArrayList<>();
    for (int i = 0; i < people; i++) {
      String link =
          warden.change("POST", "/api/invitations", "{\"role\":\"TIER\"}").get("token").asString();
      ClubMember member = new ClubMember(site, tls, tally);
      member.join(link, "Member %03d".formatted(i));
      members.add(member);
    }
    System.out.println(people + " people have joined"); // whoever kills copies waits for this
    ExecutorService pool = Executors.newFixedThreadPool(people);
    SplittableRandom seeds = new SplittableRandom(20261129);
    deadline = System.nanoTime() + seconds * 1_000_000_000L;
    List<Future<Boolean>> all = new ArrayList<>();
    for (ClubMember member : members) {
      SplittableRandom random = seeds.split();
      all.add(pool.submit(() -> evening(member, random)));
    }
    int whole = 0;
    for (Future<Boolean> f : all) {
      try {
        whole += f.get() ? 1 : 0;
      } catch (ExecutionException e) {
        tally.odd(e.getCause().getMessage());
      }
    }
    pool.shutdown();
    System.out.printf(
        Locale.ROOT, "%d people for %d s, %.1f s of thought%n", people, seconds, think);
    System.out.println(tally.words());
    System.out.printf("everything there once: %d of %d people%n", whole, people);
    return whole == people && tally.isClean() ? 0 : FAILED;
  }

  /** What one does; whether all that was confirmed is there once in the end. */
  private boolean evening(ClubMember member, SplittableRandom random) throws Exception {
    Thread.sleep(random.nextInt((int) (4000 * think) + 1)); // not all in the same moment
    JsonNode made = member.change("POST", "/api/patterns", "{\"style\":\"parachute\"}");
    String path = "/api/patterns/" + made.get("id").asString();
    long revision = made.get("revision").asLong();
    long firstRevision = revision;
    int saved = 0;
    int logged = 0;
    while (System.nanoTime() < deadline) {
      JsonNode opened = member.read(path);
      ObjectNode document = LoadCommand.changed((ObjectNode) opened.get("document"), random);
      thinks(random);
      member.question("/api/estimates", document.toString());
      revision =
          member
              .change("PUT", path, document.toString(), "If-Match", "\"" + revision + "\"")
              .get("revision")
              .asLong();
      saved++;
      thinks(random);
      if (random.nextInt(3) == 0) {
        member.change("POST", "/api/log?pattern=" + made.get("id").asString(), "");
        logged++;
      }
      if (random.nextInt(8) == 0) {
        member.stream("/api/answers?ask=LANDING&casts=300", document.toString());
      }
      member.read("/api/book?words=par");
      thinks(random);
      member.read(path + "/card");
      thinks(random);
    }
    long there = member.read(path).get("revision").asLong();
    int flies = member.read("/api/log").size();
    boolean whole = there - firstRevision == saved && there == revision && flies == logged;
    if (!whole) {
      tally.odd(
          "%d saved, revision went up by %d; %d logged, %d are there"
              .formatted(saved, there - firstRevision, logged, flies));
    }
    return whole;
  }

  private void thinks(SplittableRandom random) throws InterruptedException {
    Thread.sleep((long) (1000 * think * random.nextDouble(0.5, 1.5)));
  }

  /** The site's own certificate is made on this machine, and this talks to this machine only. */
  private static SSLContext anyCertificate() throws GeneralSecurityException {
    SSLContext context = SSLContext.getInstance("TLS");
    X509ExtendedTrustManager any =
        new X509ExtendedTrustManager() {
          @Override
          public void checkClientTrusted(X509Certificate[] chain, String type) {}

          @Override
          public void checkServerTrusted(X509Certificate[] chain, String type) {}

          @Override
          public void checkClientTrusted(
              X509Certificate[] chain, String type, java.net.Socket socket) {}

          @Override
          public void checkServerTrusted(
              X509Certificate[] chain, String type, java.net.Socket socket) {}

          @Override
          public void checkClientTrusted(X509Certificate[] chain, String type, SSLEngine engine) {}

          @Override
          public void checkServerTrusted(X509Certificate[] chain, String type, SSLEngine engine) {}

          @Override
          public X509Certificate[] getAcceptedIssuers() {
            return new X509Certificate[0];
          }
        };
    context.init(null, new X509ExtendedTrustManager[] {any}, new SecureRandom());
    return context;
  }

  /** So long a request may take before it counts as lost. */
  static final Duration LONGEST = Duration.ofSeconds(60);
}
