package ripplerest.app.door;

import java.net.InetAddress;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.web.server.autoconfigure.ServerProperties;
import org.springframework.stereotype.Component;

/** Whoever is beyond this machine reaches the application only where there are accounts and TLS. */
@Component
class Binding {
  Binding(ServerProperties server, @Value("${ripplerest.shared:false}") boolean shared) {
    InetAddress address = server.getAddress();
    boolean beyond = address == null || !address.isLoopbackAddress();
    boolean tls = server.getSsl() != null && server.getSsl().isEnabled();
    if (beyond && !(shared && tls)) {
      throw new IllegalStateException(
          "server.address is %s, must be 127.0.0.1 unless there are accounts and TLS; start it with"
                  .formatted(address)
              + " ./ripple-rest start --shared.");
    }
  }
}
