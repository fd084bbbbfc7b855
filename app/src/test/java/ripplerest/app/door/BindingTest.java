package ripplerest.app.door;

import static org.assertj.core.api.Assertions.assertThatCode;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.net.InetAddress;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.boot.web.server.Ssl;
import org.springframework.boot.web.server.autoconfigure.ServerProperties;

/** Nobody beyond this machine reaches it without accounts and TLS. */
class BindingTest {
  @ParameterizedTest
  @CsvSource({
    "127.0.0.1, false, false, true",
    "127.0.0.1, true, false, true", // behind nginx
    "127.0.0.9, false, false, true",
    "::1, false, false, true",
    "0.0.0.0, false, false, false",
    "0.0.0.0, true, false, false",
    "0.0.0.0, false, true, false",
    "0.0.0.0, true, true, true",
    "192.0.2.2, true, false, false",
    "192.0.2.2, true, true, true",
    ", false, false, false", // none named is all of them
    ", true, true, true"
  })
  void listens(String address, boolean shared, boolean tls, boolean may) throws Exception {
    ServerProperties server = new ServerProperties();
    server.setAddress(address == null ? null : InetAddress.getByName(address));
    Ssl ssl = new Ssl();
    ssl.setEnabled(tls);
    server.setSsl(ssl);
    if (may) {
      assertThatCode(() -> new Binding(server, shared)).doesNotThrowAnyException();
    } else {
      assertThatThrownBy(() -> new Binding(server, shared))
          .hasMessageContaining("must be 127.0.0.1")
          .hasMessageContaining("--shared");
    }
  }
}
