package ripplerest.app.people;

import java.sql.Connection;
import java.sql.PreparedStatement;
import java.sql.SQLException;
import java.util.UUID;
import javax.sql.DataSource;
import org.springframework.beans.factory.config.BeanPostProcessor;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.jdbc.datasource.DelegatingDataSource;
import org.springframework.stereotype.Component;

/**
 * Where several people share a database, each connection says for whom it is taken, and takes on
 * the role for which rows of others do not exist. So no query can forget to ask whose a row is.
 */
@Component
@ConditionalOnProperty("ripplerest.shared")
class OwnConnections implements BeanPostProcessor {
  static final String ROLE = "ripplerest_shared";

  @Override
  public Object postProcessAfterInitialization(Object bean, String name) {
    return bean instanceof DataSource all && !(bean instanceof Own) ? new Own(all) : bean;
  }

  private static final class Own extends DelegatingDataSource {
    Own(DataSource all) {
      super(all);
    }

    @Override
    public Connection getConnection() throws SQLException {
      Connection connection = super.getConnection();
      try (PreparedStatement say =
          connection.prepareStatement(
              "select set_config('role', ?, false), set_config('ripplerest.person', ?, false),"
                  + " set_config('ripplerest.actor', ?, false)")) {
        say.setString(1, ROLE);
        say.setString(2, said(CurrentPerson.now()));
        say.setString(3, said(CurrentPerson.actor()));
        say.execute();
        return connection;
      } catch (SQLException e) {
        connection.close();
        throw e;
      }
    }

    private static String said(UUID who) {
      return (CurrentPerson.isSaid() ? who : CurrentPerson.NOBODY).toString();
    }
  }
}
