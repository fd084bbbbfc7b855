package ripplerest.app.http;

import java.nio.charset.StandardCharsets;
import java.sql.Types;
import java.util.List;
import java.util.Map;
import java.util.function.Predicate;
import java.util.function.Supplier;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Service;
import org.springframework.transaction.support.TransactionTemplate;
import ripplerest.core.quantity.OutOfRangeException;
import tools.jackson.databind.json.JsonMapper;

/**
 * Changes by their idempotency key: one that is sent twice happens once and is answered alike. Key,
 * change and answer are one transaction, so a crash between them leaves all of it or nothing; a
 * second one that comes while the first is under way waits for it at the key's unique index.
 */
@Service
public class AnsweredChanges {
  private static final JsonMapper MAPPER = JsonMapper.shared();

  private final JdbcTemplate jdbc;
  private final TransactionTemplate transaction;

  AnsweredChanges(JdbcTemplate jdbc, TransactionTemplate transaction) {
    this.jdbc = jdbc;
    this.transaction = transaction;
  }

  /** What a change was answered with. */
  public record Answer(int status, Map<String, String> headers, byte[] body) {
    public Answer {
      headers = Map.copyOf(headers);
      body = body.clone();
    }

    @Override
    public byte[] body() {
      return body.clone();
    }

    public String text() {
      return new String(body, StandardCharsets.UTF_8);
    }
  }

  /**
   * Makes a change and remembers its answer, or answers as it was answered before.
   *
   * @param key the client's, 8 to 80 printable characters
   * @param request what tells this request from others, such as a hash of it
   * @param happened whether an answer says that something was changed; if not, nothing is
   */
  public Answer once(
      String key, String request, Predicate<Answer> happened, Supplier<Answer> change) {
    check(key);
    return transaction.execute(
        t -> {
          int fresh =
              jdbc.update(
                  "insert into answered_change (key, request, answered_at) values (?, ?, now())"
                      + " on conflict do nothing",
                  key,
                  request);
          if (fresh == 0) {
            return before(key, request);
          }
          Answer answer = change.get();
          if (happened.test(answer)) {
            keep(key, answer);
          } else {
            t.setRollbackOnly();
          }
          return answer;
        });
  }

  private static void check(String key) {
    if (!key.matches("[\\x21-\\x7e]{8,80}")) {
      throw new OutOfRangeException(
          "Idempotency-Key",
          "no key",
          "8 to 80 printable characters",
          "Send a random UUID, the same one when you send the same change again.");
    }
  }

  private void keep(String key, Answer answer) {
    jdbc.update(
        "update answered_change set status = ?, headers = ?, body = ? where key = ?",
        new Object[] {
          answer.status(), MAPPER.writeValueAsString(answer.headers()), answer.body(), key
        },
        new int[] {Types.INTEGER, Types.OTHER, Types.BINARY, Types.VARCHAR});
  }

  private Answer before(String key, String request) {
    List<Answer> before =
        jdbc.query(
            "select status, headers, body from answered_change where key = ? and request = ?",
            (row, n) -> new Answer(row.getInt(1), headers(row.getString(2)), row.getBytes(3)),
            key,
            request);
    if (before.isEmpty()) {
      throw new OutOfRangeException(
          "Idempotency-Key",
          "used for another change",
          "a key of its own for every change",
          "Send a new random UUID with a new change.");
    }
    return before.get(0);
  }

  private static Map<String, String> headers(String json) {
    return MAPPER.readerForMapOf(String.class).readValue(json);
  }
}
