package nimblefurrow.server;

import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.SQLException;
import java.sql.Statement;

/**
 * An empty database for one server of a test run.
 *
 * @param url for JDBC
 * @param user who owns it
 * @param password the owner's
 */
record FreshDatabase(String url, String user, String password) {
  /**
   * Made anew, beside the one that the script made, so that they are dropped together. Runs beside
   * each other, such as the server's tests and the browser's, keep theirs apart.
   */
  static FreshDatabase make(String name) throws SQLException {
    String base = required("NF_TEST_DB_URL");
    String user = required("NF_TEST_DB_USER");
    String password = required("NF_TEST_DB_PASSWORD");
    String url = base + "_" + System.getProperty("tests.run", "alone") + "_" + name;
    String database = url.substring(url.lastIndexOf('/') + 1);
    try (Connection connection = DriverManager.getConnection(base, user, password);
        Statement statement = connection.createStatement()) {
      statement.execute("drop database if exists \"" + database + "\" with (force)");
      statement.execute("create database \"" + database + "\"");
    }
    return new FreshDatabase(url, user, password);
  }

  /** A connection to it. */
  Connection connection() throws SQLException {
    return DriverManager.getConnection(url, user, password);
  }

  private static String required(String name) {
    String value = System.getenv(name);
    if (value == null || value.isBlank()) {
      throw new IllegalStateException(name + " is not set: run the tests with ./test");
    }
    return value;
  }
}
