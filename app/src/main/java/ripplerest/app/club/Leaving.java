package ripplerest.app.club;

import java.io.IOException;
import java.io.OutputStream;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.UUID;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;
import org.springframework.http.ResponseEntity;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import ripplerest.app.people.Accounts;
import ripplerest.app.people.CurrentPerson;
import ripplerest.app.people.OwnFile;
import ripplerest.app.people.Visits;
import ripplerest.core.quantity.OutOfRangeException;

/**
 * Whoever leaves takes their own things along as one file, and then nothing of them is here: but
 * patterns to which somebody has a link pass to the club, without a name.
 */
@Service
class Leaving {
  private final List<OwnFile> files;
  private final JdbcTemplate jdbc;
  private final Accounts accounts;
  private final Visits visits;

  Leaving(List<OwnFile> files, JdbcTemplate jdbc, Accounts accounts, Visits visits) {
    this.files = files;
    this.jdbc = jdbc;
    this.accounts = accounts;
    this.visits = visits;
  }

  /**
   * Everything of one's own: what there is an open format of, as it is taken in elsewhere; pictures
   * as they were taken; and every row as JSON, so that nothing is left out.
   */
  void write(OutputStream to) throws IOException {
    ZipOutputStream zip = new ZipOutputStream(to, StandardCharsets.UTF_8);
    for (OwnFile file : files) {
      ResponseEntity<String> own = file.ownFile();
      String name = own.getHeaders().getContentDisposition().getFilename();
      entry(zip, name, own.getBody().getBytes(StandardCharsets.UTF_8));
    }
    pictures(zip, "fly_picture", "fly_id");
    pictures(zip, "tank_picture", "test_id");
    for (String table : owned()) {
      String rows =
          jdbc.queryForObject(
              "select coalesce(json_agg(to_jsonb(t) - 'bytes'), '[]')::text from %s t"
                  .formatted(table),
              String.class);
      entry(zip, "rows/" + table + ".json", rows.getBytes(StandardCharsets.UTF_8));
    }
    zip.finish();
  }

  private void pictures(ZipOutputStream zip, String table, String of) throws IOException {
    List<UUID> ids = jdbc.queryForList("select %s from %s".formatted(of, table), UUID.class);
    for (UUID id : ids) { // one at a time: they are large
      record Picture(String type, byte[] bytes) {}
      Picture picture =
          jdbc.queryForObject(
              "select type, bytes from %s where %s = ?".formatted(table, of),
              (row, n) -> new Picture(row.getString(1), row.getBytes(2)),
              id);
      String ending = picture.type().substring(picture.type().indexOf('/') + 1);
      entry(zip, "pictures/%s/%s.%s".formatted(table, id, ending), picture.bytes());
    }
  }

  private static void entry(ZipOutputStream zip, String name, byte[] bytes) throws IOException {
    zip.putNextEntry(new ZipEntry(name));
    zip.write(bytes);
    zip.closeEntry();
  }

  /** Tables with an owner; what was answered before is nobody's thing. */
  private List<String> owned() {
    return jdbc.queryForList(
        "select table_name from information_schema.columns where table_schema = 'public'"
            + " and column_name = 'owner_id'"
            + " and table_name not in ('answered_change', 'remembered') order by 1",
        String.class);
  }

  /** Goes, for good; how many patterns passed to the club. */
  @Transactional
  int leave(String password) {
    UUID who = CurrentPerson.actor();
    if (!accounts.isPassword(who, password)) {
      throw new OutOfRangeException(
          "password", "another", "the password as it is", "Type it anew to leave.");
    }
    accounts.mayGo(who);
    List<UUID> used =
        jdbc.queryForList(
            "select distinct l.pattern_id from pattern_link l join pattern p on p.id = l.pattern_id"
                + " where l.whose_id = person_now() and p.deleted_at is null",
            UUID.class);
    jdbc.update("call hand_to_club(?)", (Object) used.toArray(UUID[]::new));
    jdbc.update("call leave()");
    visits.end(who, "");
    return used.size();
  }
}
