package nimblefurrow.server;

import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
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
  private static App elsewhere;

  private final String address;
  private final Path tokenFile;
  private final FreshDatabase database;

  private App(String address, Path tokenFile, FreshDatabase database) {
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

  /** Another server, on which nothing is known of the others' farms. */
  public static synchronized App elsewhere() throws Exception {
    if (elsewhere == null) {
      elsewhere = start("elsewhere", false);
    }
    return elsewhere;
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
    return database.connection();
  }

  private static App start(String name, boolean demo) throws Exception {
    FreshDatabase database = FreshDatabase.make(name);
    Path tokenFile = Files.createTempDirectory("nimble-furrow").resolve("demo-token");
    Map<String, Object> settings = new LinkedHashMap<>();
    settings.put("server.port", 0);
    settings.put("spring.datasource.url", database.url());
    settings.put("spring.datasource.username", database.user());
    settings.put("spring.datasource.password", database.password());
    settings.put("nimble-furrow.demo", demo);
    settings.put("nimble-furrow.watch-ms", 1000);
    // Plans that are laid out again by themselves must not take the tests' processors for long.
    settings.put("nimble-furrow.watch-looks-s", 0.5);
    // Slow passwords are for those who guess; tests log in by the hundred.
    settings.put("nimble-furrow.password-rounds", 4);
    settings.put("nimble-furrow.demo-token-file", demo ? tokenFile.toString() : "");
    SpringApplication application = new SpringApplication(NimbleFurrow.class);
    application.setRegisterShutdownHook(true);
    String[] arguments =
        settings.entrySet().stream()
            .map(e -> "--" + e.getKey() + "=" + e.getValue())
            .toArray(String[]::new);
    ConfigurableApplicationContext context = application.run(arguments);
    String port = context.getEnvironment().getProperty("local.server.port");
    return new App("http://127.0.0.1:" + port, tokenFile, database);
  }
}
