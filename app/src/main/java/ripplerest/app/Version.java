package ripplerest.app;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.util.Arrays;
import java.util.Optional;
import java.util.Properties;
import org.springframework.boot.health.contributor.Health;
import org.springframework.boot.health.contributor.HealthIndicator;
import org.springframework.core.io.Resource;
import org.springframework.core.io.support.PathMatchingResourcePatternResolver;
import org.springframework.stereotype.Component;

/** Which version and build of the program this is, and which schema of the data it knows. */
@Component("program")
public final class Version implements HealthIndicator {
  /** What stands for the commit where nobody told it. */
  private static final String UNKNOWN = "unknown";

  private final String number;
  private final String build;
  private final int schema;

  public Version() {
    Properties all = new Properties();
    try (InputStream in = Version.class.getResourceAsStream("/version.properties")) {
      all.load(in);
      schema =
          Arrays.stream(
                  new PathMatchingResourcePatternResolver()
                      .getResources("classpath*:db/migration/V*.sql"))
              .map(Resource::getFilename)
              .mapToInt(f -> Integer.parseInt(f.substring(1, f.indexOf("__"))))
              .max()
              .orElse(0);
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
    number = all.getProperty("version");
    build = all.getProperty("build");
  }

  /** The same for programs: version, build and schema with a space between. */
  String words(boolean brief) {
    return brief
        ? number + " " + build + " " + schema
        : "Ripple Rest %s (build %s, data of schema %d)".formatted(number, build, schema);
  }

  /** Version and build of the program, and the schema of its data. */
  record About(String version, String build, int schema) {}

  /** The commit that was built; empty if it is not known. */
  public Optional<String> build() {
    return Optional.of(build).filter(b -> !b.equals(UNKNOWN));
  }

  About about() {
    return new About(number, build, schema);
  }

  @Override
  public Health health() {
    return Health.up()
        .withDetail("version", number)
        .withDetail("build", build)
        .withDetail("schema", schema)
        .build();
  }
}
