package ripplerest.app.work;

import com.fasterxml.jackson.annotation.JsonRawValue;
import com.fasterxml.jackson.annotation.JsonValue;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.Optional;
import java.util.zip.GZIPInputStream;
import java.util.zip.GZIPOutputStream;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.dao.DataAccessException;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Service;
import org.springframework.util.unit.DataSize;
import tools.jackson.databind.json.JsonMapper;

/**
 * Answers that took long, kept for whoever asks the same of the same fly again; packed, and the
 * least recently used go once there is no more room. A database that does not answer costs an
 * answer nothing but the time to work it out.
 */
@Service
public class KeptAnswers {
  private static final Logger LOG = LoggerFactory.getLogger(KeptAnswers.class);

  private final JdbcTemplate jdbc;
  private final long room;

  KeptAnswers(JdbcTemplate jdbc, @Value("${ripplerest.kept-answers.room:200MB}") DataSize room) {
    this.jdbc = jdbc;
    this.room = room.toBytes();
  }

  /** A line as it was written once. */
  record Line(@JsonRawValue @JsonValue String json) {}

  /** What was kept. */
  Optional<Line> find(String key) {
    try {
      return jdbc
          .query(
              "update kept_answer set used_at = now() where key = ? returning answer",
              (row, n) -> unpacked(row.getBytes(1)),
              key)
          .stream()
          .findFirst();
    } catch (DataAccessException e) {
      LOG.warn("A kept answer cannot be read: {}", e.getMessage());
      return Optional.empty();
    }
  }

  /**
   * Keeps an answer, and lets go of what there is no room for.
   *
   * @return how it was written
   */
  Line keep(String key, Object answer) {
    Line line = new Line(JsonMapper.shared().writeValueAsString(answer));
    byte[] packed = packed(line.json());
    if (packed.length <= room) {
      keep(key, packed);
    }
    return line;
  }

  private void keep(String key, byte[] packed) {
    try {
      jdbc.update(
          "insert into kept_answer (key, answer, bytes, used_at) values (?, ?, ?, now())"
              + " on conflict (key) do update set used_at = now()",
          key,
          packed,
          packed.length);
      jdbc.update(
          """
          delete from kept_answer where key in (
            select key from (
              select key, sum(bytes) over (order by used_at desc, key) as so_far from kept_answer) a
            where so_far > ?)""",
          room);
    } catch (DataAccessException e) {
      LOG.warn("An answer is not kept: {}", e.getMessage());
    }
  }

  private static byte[] packed(String line) {
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    try (GZIPOutputStream zip = new GZIPOutputStream(out)) {
      zip.write(line.getBytes(StandardCharsets.UTF_8));
    } catch (IOException e) {
      throw new IllegalStateException(e); // nothing but memory is written to
    }
    return out.toByteArray();
  }

  private static Line unpacked(byte[] packed) {
    try (GZIPInputStream zip = new GZIPInputStream(new ByteArrayInputStream(packed))) {
      return new Line(new String(zip.readAllBytes(), StandardCharsets.UTF_8));
    } catch (IOException e) {
      throw new IllegalStateException(e); // nothing but memory is read
    }
  }
}
