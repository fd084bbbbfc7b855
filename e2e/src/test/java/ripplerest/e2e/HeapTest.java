package ripplerest.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.file.Path;
import java.util.List;
import java.util.concurrent.CompletableFuture;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** The application runs with 512 MB of heap and ends at once when that is too little. */
class HeapTest {
  @ParameterizedTest
  @CsvSource({"WHOLE, estimate", "OVER_TIME, overTime"})
  void twoAtATimeFit(String question, String answer) {
    URI address = URI.create(Site.get().address + "/api/answers?ask=" + question);
    HttpClient client = HttpClient.newHttpClient();
    List<CompletableFuture<HttpResponse<String>>> both =
        Stream.of("upright-collar", "parachute")
            .map(
                style ->
                    client.sendAsync(post(address, style), HttpResponse.BodyHandlers.ofString()))
            .toList();
    for (CompletableFuture<HttpResponse<String>> one : both) {
      String last = one.join().body().lines().reduce("", (a, b) -> b);
      assertThat(last).contains("\"" + answer + "\":{");
    }
  }

  private static HttpRequest post(URI address, String style) {
    Path file = Path.of("../docs/format/examples/" + style + ".json");
    try {
      return HttpRequest.newBuilder(address)
          .header("Content-Type", "application/json")
          .POST(HttpRequest.BodyPublishers.ofFile(file))
          .build();
    } catch (java.io.FileNotFoundException e) {
      throw new IllegalStateException(e);
    }
  }
}
