package ripplerest.devices;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.IOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class StandInTest {
  private StandIn standIn;

  @BeforeEach
  void start() throws IOException {
    standIn = new StandIn(0, 0, 0);
  }

  @AfterEach
  void stop() throws IOException {
    standIn.close();
  }

  @Test
  void readsWhatIsSetInItsUnit() throws DeviceException {
    standIn.set(Instrument.CALIPER, 7.42, StandIn.Mood.STEADY);
    standIn.set(Instrument.SCALE, 21.6, StandIn.Mood.STEADY);
    assertThat(standIn.device(Instrument.CALIPER).read()).isEqualTo(7.42);
    assertThat(standIn.device(Instrument.SCALE).read()).isEqualTo(21.6);
  }

  @ParameterizedTest
  @CsvSource({
    "7.4, MOVING, BUSY, cannot read yet: moving",
    "7.4, SILENT, SILENT, has said nothing for 1.5 s",
    "7.4, GARBLED, GARBLED, which is no reading in mm",
    "999, STEADY, OUT_OF_RANGE, reads 999.00 mm; it reads from 0 to 150 mm",
    "-3, STEADY, OUT_OF_RANGE, reads -3.00 mm"
  })
  void whatIsNoReadingIsSaidPlainly(
      double value, StandIn.Mood mood, DeviceException.Why why, String words) {
    standIn.set(Instrument.CALIPER, value, mood);
    assertThatThrownBy(() -> standIn.device(Instrument.CALIPER).read())
        .isInstanceOfSatisfying(DeviceException.class, e -> assertThat(e.why()).isEqualTo(why))
        .hasMessageContaining(words);
  }

  @Test
  void aDeviceThatIsNotThereIsAbsent() {
    int nobody = 1; // reserved, nothing of ours listens there
    assertThatThrownBy(() -> new Device(Instrument.SCALE, "127.0.0.1", nobody).read())
        .isInstanceOfSatisfying(
            DeviceException.class, e -> assertThat(e.why()).isEqualTo(DeviceException.Why.ABSENT));
  }

  @Test
  void thePagePlaysThemAndRefusesNonsense() throws Exception {
    assertThat(play("device=SCALE&value=18.3&mood=STEADY").statusCode()).isEqualTo(204);
    assertThat(standIn.device(Instrument.SCALE).read()).isEqualTo(18.3);
    assertThat(play("device=SCALE&value=heavy&mood=STEADY").statusCode()).isEqualTo(422);
    assertThat(play("device=RULER&value=3&mood=STEADY").statusCode()).isEqualTo(422);
    assertThat(standIn.device(Instrument.SCALE).read()).isEqualTo(18.3);
  }

  @Test
  void noPageFromElsewherePlaysThem() throws Exception {
    String form = "device=SCALE&value=99&mood=STEADY";
    String own = "http://127.0.0.1:" + standIn.pagePort();
    assertThat(play(form, "Origin", "http://elsewhere.example").statusCode()).isEqualTo(403);
    assertThat(play(form, "Origin", "null").statusCode()).isEqualTo(403);
    assertThat(play(form, "Origin", "http://127.0.0.1:1").statusCode()).isEqualTo(403);
    assertThat(play(form, "Sec-Fetch-Site", "cross-site").statusCode()).isEqualTo(403);
    assertThat(standIn.device(Instrument.SCALE).read()).isEqualTo(21.6);
    assertThat(play(form, "Origin", own).statusCode()).isEqualTo(204);
    assertThat(standIn.device(Instrument.SCALE).read()).isEqualTo(99);
    HttpResponse<String> page =
        HttpClient.newHttpClient()
            .send(
                HttpRequest.newBuilder(URI.create(own)).build(),
                HttpResponse.BodyHandlers.ofString());
    String nonce = page.body().replaceAll("(?s).*<script nonce=\"([^\"]+)\".*", "$1");
    assertThat(page.headers().firstValue("Content-Security-Policy").orElse(""))
        .contains("script-src 'nonce-" + nonce + "'")
        .doesNotContain("unsafe");
  }

  private HttpResponse<String> play(String form, String... headers) throws Exception {
    URI page = URI.create("http://127.0.0.1:" + standIn.pagePort() + "/play");
    HttpRequest.Builder request =
        HttpRequest.newBuilder(page).POST(HttpRequest.BodyPublishers.ofString(form));
    if (headers.length > 0) {
      request.headers(headers);
    }
    return HttpClient.newHttpClient().send(request.build(), HttpResponse.BodyHandlers.ofString());
  }
}
