package ripplerest.e2e;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.security.GeneralSecurityException;
import java.security.KeyStore;
import java.security.cert.CertificateFactory;
import javax.net.ssl.SSLContext;
import javax.net.ssl.TrustManagerFactory;

/** A certificate for this machine, made as the start command makes one. */
record Certificate(Path file, Path key) {
  static Certificate made() {
    Path folder = Path.of("target").toAbsolutePath();
    Certificate made = new Certificate(folder.resolve("tls.pem"), folder.resolve("tls-key.pem"));
    try {
      Process openssl =
          new ProcessBuilder(
                  ("openssl req -x509 -newkey ec -pkeyopt ec_paramgen_curve:P-256 -noenc -days 2"
                          + " -subj /CN=test -addext subjectAltName=DNS:localhost,IP:127.0.0.1"
                          + " -keyout "
                          + made.key
                          + " -out "
                          + made.file)
                      .split(" "))
              .redirectErrorStream(true)
              .redirectOutput(folder.resolve("openssl.log").toFile())
              .start();
      if (openssl.waitFor() != 0) {
        throw new IllegalStateException("no certificate; see e2e/target/openssl.log");
      }
      return made;
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    } catch (InterruptedException e) {
      Thread.currentThread().interrupt();
      throw new IllegalStateException(e);
    }
  }

  /** What trusts this certificate and no other. */
  SSLContext trusted() {
    try (var in = Files.newInputStream(file)) {
      KeyStore store = KeyStore.getInstance(KeyStore.getDefaultType());
      store.load(null, null);
      store.setCertificateEntry(
          "site", CertificateFactory.getInstance("X.509").generateCertificate(in));
      TrustManagerFactory trust =
          TrustManagerFactory.getInstance(TrustManagerFactory.getDefaultAlgorithm());
      trust.init(store);
      SSLContext context = SSLContext.getInstance("TLS");
      context.init(null, trust.getTrustManagers(), null);
      return context;
    } catch (IOException | GeneralSecurityException e) {
      throw new IllegalStateException(e);
    }
  }
}
