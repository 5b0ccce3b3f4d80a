package nimblefurrow.server;

import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.Statement;
import java.util.LinkedHashMap;
import java.util.Map;
import org.springframework.boot.SpringApplication;
import org.springframework.context.ConfigurableApplicationContext;

/** The real application on real PostgreSQL, started once for all tests of a run. */
public final class App {
  private static App demo;
  private static App empty;
  private static App untouched;

  private final String address;
  private final Path tokenFile;
  private final String database;

  private App(String address, Path tokenFile, String database) {
    this.database = database;
    this.address = address;
    this.tokenFile = tokenFile;
  }

  /** With the made-up farm. */
  public static synchronized App demo() throws Exception {
    if (demo == null) {
      demo = start("demo", true);
    }
    return demo;
  }

  /** With nothing at all, as on a fresh server. */
  public static synchronized App empty() throws Exception {
    if (empty == null) {
      empty = start("empty", false);
    }
    return empty;
  }

  /** With nothing at all, for the one test that asks who is first. */
  public static synchronized App untouched() throws Exception {
    if (untouched == null) {
      untouched = start("untouched", false);
    }
    return untouched;
  }

  /** Such as {@code http://127.0.0.1:41234}. */
  public String address() {
    return address;
  }

  /** The token the demo start wrote. */
  public String token() throws Exception {
    return Files.readString(tokenFile).strip();
  }

  /** Changes rows behind the application's back; how many. */
  public int sql(String statement) throws Exception {
    try (Connection connection = connection();
        Statement s = connection.createStatement()) {
      return s.executeUpdate(statement);
    }
  }

  /** A connection to its database, beside its own. */
  public Connection connection() throws Exception {
    return DriverManager.getConnection(
        database, required("NF_TEST_DB_USER"), required("NF_TEST_DB_PASSWORD"));
  }

  private static App start(String name, boolean demo) throws Exception {
    String base = required("NF_TEST_DB_URL");
    String user = required("NF_TEST_DB_USER");
    String password = required("NF_TEST_DB_PASSWORD");
    // A server of its own for each database: they are dropped with the one the script made.
    String database = base.substring(base.lastIndexOf('/') + 1) + "_" + name;
    try (Connection connection = DriverManager.getConnection(base, user, password);
        Statement statement = connection.createStatement()) {
      statement.execute("drop database if exists \"" + database + "\" with (force)");
      statement.execute("create database \"" + database + "\"");
    }
    Path tokenFile = Files.createTempDirectory("nimble-furrow").resolve("demo-token");
    Map<String, Object> settings = new LinkedHashMap<>();
    settings.put("server.port", 0);
    String url = base.substring(0, base.lastIndexOf('/') + 1) + database;
    settings.put("spring.datasource.url", url);
    settings.put("spring.datasource.username", user);
    settings.put("spring.datasource.password", password);
    settings.put("nimble-furrow.demo", demo);
    settings.put("nimble-furrow.watch-ms", 1000);
    settings.put("nimble-furrow.demo-token-file", demo ? tokenFile.toString() : "");
    SpringApplication application = new SpringApplication(NimbleFurrow.class);
    application.setRegisterShutdownHook(true);
    String[] arguments =
        settings.entrySet().stream()
            .map(e -> "--" + e.getKey() + "=" + e.getValue())
            .toArray(String[]::new);
    ConfigurableApplicationContext context = application.run(arguments);
    String port = context.getEnvironment().getProperty("local.server.port");
    return new App("http://127.0.0.1:" + port, tokenFile, url);
  }

  private static String required(String name) {
    String value = System.getenv(name);
    if (value == null || value.isBlank()) {
      throw new IllegalStateException(name + " is not set: run the tests with ./test");
    }
    return value;
  }
}
