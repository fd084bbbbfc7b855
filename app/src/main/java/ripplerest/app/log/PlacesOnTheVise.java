package ripplerest.app.log;

import java.sql.Connection;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.flywaydb.core.api.MigrationVersion;
import org.flywaydb.core.api.migration.Context;
import org.flywaydb.core.api.migration.JavaMigration;
import org.springframework.stereotype.Component;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/**
 * A place on the vise was the number of a part; it becomes that part's name, from which its first
 * step follows, and so do the seconds each took.
 */
@Component
class PlacesOnTheVise implements JavaMigration {
  private static final JsonMapper JSON = JsonMapper.shared();

  @Override
  public MigrationVersion getVersion() {
    return MigrationVersion.fromVersion("8.1");
  }

  @Override
  public String getDescription() {
    return "places on the vise";
  }

  @Override
  public Integer getChecksum() {
    return null;
  }

  @Override
  public boolean canExecuteInTransaction() {
    return true;
  }

  @Override
  public void migrate(Context context) throws SQLException {
    Connection db = context.getConnection();
    try (Statement s = db.createStatement();
        PreparedStatement write =
            db.prepareStatement(
                "update tying set step_key = ?, seconds = ?::jsonb where pattern_id = ?")) {
      s.execute("alter table tying add step_key varchar(100) not null default ''");
      try (ResultSet rows =
          s.executeQuery(
              "select t.pattern_id, t.step, t.seconds, p.document from tying t"
                  + " join pattern p on p.id = t.pattern_id")) {
        while (rows.next()) {
          List<String> names = names(JSON.readTree(rows.getString(4)));
          int step = rows.getInt(2);
          write.setString(1, step == 0 ? "" : step <= names.size() ? names.get(step - 1) : "done");
          write.setString(2, seconds(names, JSON.readTree(rows.getString(3))));
          write.setObject(3, rows.getObject(1));
          write.executeUpdate();
        }
      }
      s.execute("alter table tying drop step");
    }
  }

  private static String seconds(List<String> names, JsonNode old) {
    Map<String, Double> byName = new LinkedHashMap<>();
    for (int i = 0; i < old.size(); i++) {
      byName.put(i < names.size() ? names.get(i) : "", old.get(i).asDouble());
    }
    return JSON.writeValueAsString(byName);
  }

  /** As a card had them: thread first and head last, whether the pattern names them or not. */
  private static List<String> names(JsonNode document) {
    List<String> names = new ArrayList<>();
    for (JsonNode part : document.at("/pattern/parts")) {
      String kind = part.path("part").asString("");
      long before = names.stream().filter(n -> n.replaceFirst("-\\d+$", "").equals(kind)).count();
      names.add(before == 0 ? kind : kind + "-" + (before + 1));
    }
    if (!names.contains("thread")) {
      names.add(0, "thread");
    }
    if (!names.contains("head")) {
      names.add("head");
    }
    return names;
  }
}
