package ripplerest.app.patterns;

import java.sql.Connection;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.SQLException;
import org.flywaydb.core.api.MigrationVersion;
import org.flywaydb.core.api.migration.Context;
import org.flywaydb.core.api.migration.JavaMigration;
import org.springframework.stereotype.Component;
import ripplerest.exchange.format.PatternReader;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** Rewrites every stored document of version 2 as one of version 3, so that all are read alike. */
@Component
class DocumentsInVersionThree implements JavaMigration {
  private static final JsonMapper JSON = JsonMapper.shared();

  @Override
  public MigrationVersion getVersion() {
    return MigrationVersion.fromVersion("9");
  }

  @Override
  public String getDescription() {
    return "documents in version 3";
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
    rewrite(db, "pattern", "document", "");
    rewrite(db, "pattern_step", "document", "");
    rewrite(db, "logged_fly", "entry", "/document");
  }

  /**
   * @param pointer where in the column the document stands
   */
  private static void rewrite(Connection db, String table, String column, String pointer)
      throws SQLException {
    String all = "select ctid, %s from %s".formatted(column, table);
    String one = "update %s set %s = ?::jsonb where ctid = ?".formatted(table, column);
    try (PreparedStatement read = db.prepareStatement(all);
        PreparedStatement write = db.prepareStatement(one);
        ResultSet rows = read.executeQuery()) {
      while (rows.next()) {
        JsonNode root = JSON.readTree(rows.getString(2));
        PatternReader.upgrade(root.at(pointer));
        write.setString(1, root.toString());
        write.setObject(2, rows.getObject(1));
        write.executeUpdate();
      }
    }
  }
}
