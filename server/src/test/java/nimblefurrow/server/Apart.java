package nimblefurrow.server;

import java.io.File;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse.BodyHandlers;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.TimeUnit;
import org.awaitility.Awaitility;

/** A server in a process of its own, with the demo farm on a database of its own. */
final class Apart implements AutoCloseable {
  private static final Duration PATIENCE = Duration.ofMinutes(6);

  private final Process process;
  private final String address;
  private final Path folder;

  private Apart(Process process, String address, Path folder) {
    this.process = process;
    this.address = address;
    this.folder = folder;
  }

  /**
   * Starts one and waits until it answers.
   *
   * @param options of the Java machine
   */
  static Apart start(String name, String... options) throws Exception {
    Apart apart = launch(name, FreshDatabase.make(name), options);
    apart.await();
    return apart;
  }

  /** Starts two at once on one empty database and waits until both answer. */
  static List<Apart> two(String name, String... options) throws Exception {
    FreshDatabase database = FreshDatabase.make(name);
    List<Apart> both = List.of(launch(name, database, options), launch(name, database, options));
    for (Apart one : both) {
      one.await();
    }
    return both;
  }

  private static Apart launch(String name, FreshDatabase database, String... options)
      throws Exception {
    Path folder = Files.createTempDirectory("nimble-furrow-" + name);
    int port;
    try (java.net.ServerSocket free = new java.net.ServerSocket(0)) {
      port = free.getLocalPort();
    }
    List<String> command = new ArrayList<>();
    command.add(Path.of(System.getProperty("java.home"), "bin", "java").toString());
    // It lives for a minute or two: the second compiler's time is never won back.
    command.add("-XX:TieredStopAtLevel=1");
    command.addAll(List.of(options));
    command.addAll(List.of("-cp", System.getProperty("java.class.path")));
    command.add(NimbleFurrow.class.getName());
    command.add("--server.port=" + port);
    command.add("--spring.datasource.url=" + database.url());
    command.add("--nimble-furrow.demo=true");
    command.add("--nimble-furrow.demo-token-file=" + folder.resolve("token"));
    ProcessBuilder builder = new ProcessBuilder(command);
    builder.environment().put("NF_DB_USER", database.user());
    builder.environment().put("NF_DB_PASSWORD", database.password());
    builder.redirectErrorStream(true).redirectOutput(folder.resolve("log").toFile());
    builder.directory(new File("."));
    return new Apart(builder.start(), "http://127.0.0.1:" + port, folder);
  }

  private void await() throws Exception {
    HttpRequest ask = HttpRequest.newBuilder(URI.create(address + "/api/session")).build();
    Awaitility.await()
        .atMost(PATIENCE)
        .pollInterval(Duration.ofMillis(200))
        .ignoreExceptionsInstanceOf(java.io.IOException.class)
        .failFast("it did not start", () -> !process.isAlive())
        .until(() -> HttpClient.newHttpClient().send(ask, BodyHandlers.discarding()) != null);
  }

  /** Whether it was this one that made the demo's farm. */
  boolean madeTheFarm() {
    return Files.exists(folder.resolve("token"));
  }

  /** The demo's owner, who was made by another server, at this one's door. */
  Api owner(Apart maker) throws Exception {
    return Api.withToken(address, Files.readString(maker.folder.resolve("token")).strip());
  }

  /** The demo's owner. */
  Api owner() throws Exception {
    return Api.withToken(address, Files.readString(folder.resolve("token")).strip());
  }

  boolean alive() {
    return process.isAlive();
  }

  /** All it said. */
  Path log() {
    return folder.resolve("log");
  }

  @Override
  public void close() throws Exception {
    process.destroy();
    if (!process.waitFor(20, TimeUnit.SECONDS)) {
      process.destroyForcibly();
    }
  }
}
