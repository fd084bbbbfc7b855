package ripplerest.app.answers;

import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.TreeMap;
import java.util.UUID;
import java.util.stream.StreamSupport;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.stereotype.Component;
import ripplerest.app.Version;
import ripplerest.app.http.Fingerprint;
import ripplerest.core.estimate.PreparedFly;
import ripplerest.core.material.Learnt;
import ripplerest.core.material.Material;
import ripplerest.core.material.Materials;
import ripplerest.core.material.Property;
import ripplerest.core.sizing.Style;
import ripplerest.exchange.format.PatternFile;
import ripplerest.exchange.format.PatternWriter;

/**
 * What an answer depends on, as one hash: the question, each fly's canonical document with its
 * conditions, the rules of its style, the table of materials as they are and what tests taught of
 * it, and the build that answers.
 */
@Component
class AnswerKey {
  private final String build;

  @Autowired
  AnswerKey(Version version) {
    this(version.build());
  }

  /**
   * @param build empty for one that does not know itself: it takes no other's answers
   */
  AnswerKey(Optional<String> build) {
    this.build = build.orElseGet(() -> UUID.randomUUID().toString());
  }

  /**
   * @param question and all it is asked with
   */
  String of(String question, List<PreparedFly> flies) {
    MessageDigest digest = Fingerprint.digest();
    add(digest, build);
    add(digest, question);
    for (PreparedFly fly : flies) {
      add(digest, PatternWriter.write(new PatternFile(fly.pattern(), fly.conditions())));
      add(digest, fly.sized().style());
    }
    flies.stream().map(PreparedFly::materials).distinct().forEach(m -> add(digest, m));
    return Fingerprint.hex(digest.digest());
  }

  private static void add(MessageDigest digest, Style style) {
    add(digest, style.id() + "\n" + style.label());
    new TreeMap<>(style.rules()).forEach((place, rule) -> add(digest, place + rule));
  }

  private static void add(MessageDigest digest, Materials materials) {
    List<Material> offered = materials.offered();
    add(digest, materials.learnt().map(Learnt::id).orElse(""));
    StreamSupport.stream(materials.all().spliterator(), false)
        .sorted(Comparator.comparing(Material::id))
        .forEach(m -> add(digest, m, offered.contains(m)));
  }

  private static void add(MessageDigest digest, Material material, boolean offered) {
    add(digest, material.id() + "\n" + material.label() + offered);
    for (Property p : Property.values()) {
      add(digest, String.valueOf(material.priors().get(p)));
    }
  }

  /** With its length before it, so that no two lists of words read alike. */
  private static void add(MessageDigest digest, String words) {
    byte[] bytes = words.getBytes(StandardCharsets.UTF_8);
    digest.update((bytes.length + ":").getBytes(StandardCharsets.UTF_8));
    digest.update(bytes);
  }
}
