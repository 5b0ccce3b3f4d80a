package nimblefurrow.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.ResultSet;
import java.sql.Statement;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** What {@code ./run --backup} writes, {@code ./run --restore} makes again. */
class BackupTest {
  private static final Path SCRIPTS = Path.of("..", "scripts").toAbsolutePath();
  private static final List<String> TABLES =
      List.of("account", "field", "log_entry", "cover_plan", "station_day", "picture_bytes");

  @TempDir private Path folder;
  private String database = "";

  private record Said(int status, String text) {}

  private static Said run(String script, String... arguments) throws Exception {
    List<String> command = new ArrayList<>(List.of("bash", SCRIPTS.resolve(script).toString()));
    command.addAll(List.of(arguments));
    Process process = new ProcessBuilder(command).redirectErrorStream(true).start();
    String said = new String(process.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
    return new Said(process.waitFor(), said.strip());
  }

  private static void done(Said said) {
    assertThat(said.status).as(said.text).isZero();
  }

  private static Connection to(String database) throws Exception {
    String url = System.getenv("NF_TEST_DB_URL");
    return DriverManager.getConnection(
        url.substring(0, url.lastIndexOf('/') + 1) + database,
        System.getenv("NF_TEST_DB_USER"),
        System.getenv("NF_TEST_DB_PASSWORD"));
  }

  /** What every row of some tables says, as a number each. */
  private static List<String> sums(String database) throws Exception {
    List<String> sums = new ArrayList<>();
    try (Connection connection = to(database);
        Statement s = connection.createStatement()) {
      for (String table : TABLES) {
        try (ResultSet r =
            s.executeQuery(
                "select count(*) || ' ' || coalesce(sum(hashtextextended(t::text, 0)), 0) from "
                    + table
                    + " t")) {
          r.next();
          sums.add(table + " " + r.getString(1));
        }
      }
    }
    return sums;
  }

  private static void change(String database, String statement) throws Exception {
    try (Connection connection = to(database);
        Statement s = connection.createStatement()) {
      s.execute(statement);
    }
  }

  @BeforeEach
  void theDemosDatabase() throws Exception {
    try (Connection connection = App.demo().connection()) {
      database = connection.getCatalog();
    }
  }

  @AfterEach
  void goneAgain() throws Exception {
    for (String name : List.of("_again", "_again_before", "_again_coming")) {
      change("postgres", "drop database if exists \"" + database + name + "\" with (force)");
    }
  }

  @Test
  void itComesBackRowForRowAndWhatWasThereBeforeIsKept() throws Exception {
    String file = folder.resolve("farm.dump").toString();
    String again = database + "_again";
    done(run("backup", database, file));
    done(run("restore", again, file));
    assertThat(sums(again)).isEqualTo(sums(database));

    change(again, "delete from log_entry");
    List<String> changed = sums(again);
    done(run("restore", again, file));
    assertThat(sums(again)).isEqualTo(sums(database)).isNotEqualTo(changed);
    assertThat(sums(again + "_before")).isEqualTo(changed);
  }

  @Test
  void halfABackupOrNoneChangesNothing() throws Exception {
    Path file = folder.resolve("farm.dump");
    String again = database + "_again";
    done(run("backup", database, file.toString()));
    done(run("restore", again, file.toString()));
    List<String> there = sums(again);
    byte[] whole = Files.readAllBytes(file);
    for (byte[] broken :
        List.of(
            Arrays.copyOf(whole, whole.length / 2), "a letter".getBytes(StandardCharsets.UTF_8))) {
      Files.write(file, broken);
      Said said = run("restore", again, file.toString());
      assertThat(said.status).isEqualTo(1);
      assertThat(said.text).contains("nothing was changed");
      assertThat(sums(again)).isEqualTo(there);
    }
    assertThat(run("restore", again, folder + "/none").text).contains("is not there");
    assertThat(run("restore", database, file.toString()).text).contains("stop it first");
    assertThat(run("backup", "no_such_database", file.toString()).text).contains("no database");
    assertThat(run("backup", database, folder + "/none/farm.dump").text)
        .contains("is the folder there");
  }

  @Test
  void oneADayIsKeptForTwoWeeks() throws Exception {
    Path backups = SCRIPTS.resolveSibling(".data").toRealPath().resolve("backups");
    Files.createDirectories(backups);
    List<Path> mine = new ArrayList<>();
    for (int day = 10; day < 25; day++) {
      mine.add(backups.resolve(database + "-2020-01-" + day + ".dump"));
      Files.writeString(mine.get(mine.size() - 1), "old");
    }
    Path today = backups.resolve(database + "-" + LocalDate.now() + ".dump");
    mine.add(today);
    try {
      done(run("daily-backups", database, "once"));
      assertThat(Files.size(today)).isGreaterThan(10_000);
      assertThat(run("daily-backups", database, "once").text).isEmpty();
      try (Stream<Path> kept = Files.list(backups)) {
        assertThat(kept.filter(p -> p.getFileName().toString().startsWith(database + "-")))
            .hasSize(14)
            .contains(today)
            .doesNotContain(mine.get(0), mine.get(1));
      }
    } finally {
      for (Path file : mine) {
        Files.deleteIfExists(file);
      }
    }
  }
}
