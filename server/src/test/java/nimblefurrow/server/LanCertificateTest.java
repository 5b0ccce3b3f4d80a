package nimblefurrow.server;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import com.sun.net.httpserver.HttpsConfigurator;
import com.sun.net.httpserver.HttpsServer;
import java.io.IOException;
import java.net.InetSocketAddress;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse.BodyHandlers;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.PosixFilePermissions;
import java.security.KeyStore;
import java.security.cert.CertificateFactory;
import java.util.ArrayList;
import java.util.List;
import javax.net.ssl.KeyManagerFactory;
import javax.net.ssl.SSLContext;
import javax.net.ssl.TrustManagerFactory;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/**
 * What {@code ./run --lan} shows on the local network is trusted by whoever trusts its authority.
 */
class LanCertificateTest {
  private static final Path SCRIPT = Path.of("..", "scripts", "certificate").toAbsolutePath();

  @TempDir private Path folder;

  private String make(String... names) throws Exception {
    List<String> command = new ArrayList<>(List.of("bash", SCRIPT.toString(), folder.toString()));
    command.addAll(List.of(names));
    Process process = new ProcessBuilder(command).redirectErrorStream(true).start();
    String said = new String(process.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
    assertThat(process.waitFor()).as(said).isZero();
    return said.strip();
  }

  private byte[] file(String name) throws IOException {
    return Files.readAllBytes(folder.resolve(name));
  }

  private HttpsServer server() throws Exception {
    char[] password = Files.readString(folder.resolve("password")).toCharArray();
    KeyStore keys = KeyStore.getInstance(folder.resolve("lan.p12").toFile(), password);
    KeyManagerFactory managers = KeyManagerFactory.getInstance("PKIX");
    managers.init(keys, password);
    SSLContext tls = SSLContext.getInstance("TLS");
    tls.init(managers.getKeyManagers(), null, null);
    HttpsServer server = HttpsServer.create(new InetSocketAddress("127.0.0.1", 0), 0);
    server.setHttpsConfigurator(new HttpsConfigurator(tls));
    server.createContext(
        "/",
        exchange -> {
          exchange.sendResponseHeaders(200, -1);
          exchange.close();
        });
    server.start();
    return server;
  }

  private HttpClient phone(boolean trusting) throws Exception {
    if (!trusting) {
      return HttpClient.newHttpClient();
    }
    KeyStore trusted = KeyStore.getInstance("PKCS12");
    trusted.load(null, null);
    try (var in = Files.newInputStream(folder.resolve("authority.crt"))) {
      trusted.setCertificateEntry(
          "farm", CertificateFactory.getInstance("X.509").generateCertificate(in));
    }
    TrustManagerFactory managers = TrustManagerFactory.getInstance("PKIX");
    managers.init(trusted);
    SSLContext tls = SSLContext.getInstance("TLS");
    tls.init(null, managers.getTrustManagers(), null);
    return HttpClient.newBuilder().sslContext(tls).build();
  }

  private static int ask(HttpClient phone, String host, int port) throws Exception {
    URI at = URI.create("https://%s:%d/".formatted(host, port));
    return phone.send(HttpRequest.newBuilder(at).build(), BodyHandlers.discarding()).statusCode();
  }

  @Test
  void aServerForThisMachineAloneSaysSoToAnyone() throws Exception {
    Api anyone = Api.browser(App.demo());
    assertThat(anyone.get("/api/trust").ok().json().get("lan").asBoolean()).isFalse();
    assertThat(anyone.get("/api/trust/certificate").refused(404)).contains("./run --lan");
  }

  @Test
  void whoTrustsTheAuthorityReachesTheNamesItWasMadeForAndNoOthers() throws Exception {
    String fingerprint = make("127.0.0.1", "farm.local");
    assertThat(fingerprint).matches("([0-9A-F]{2}:){31}[0-9A-F]{2}");
    assertThat(PosixFilePermissions.toString(Files.getPosixFilePermissions(folder)))
        .as("nobody else reads its keys")
        .isEqualTo("rwx------");
    HttpsServer server = server();
    try {
      int port = server.getAddress().getPort();
      assertThat(ask(phone(true), "127.0.0.1", port)).isEqualTo(200);
      assertThatThrownBy(() -> ask(phone(true), "localhost", port))
          .as("a name it was not made for")
          .isInstanceOf(IOException.class);
      assertThatThrownBy(() -> ask(phone(false), "127.0.0.1", port))
          .as("a phone that was not told")
          .isInstanceOf(IOException.class);
    } finally {
      server.stop(0);
    }

    byte[] first = file("lan.p12");
    assertThat(make("127.0.0.1", "farm.local")).isEqualTo(fingerprint);
    assertThat(file("lan.p12")).as("nothing changed").isEqualTo(first);
    assertThat(make("127.0.0.1", "localhost"))
        .as("phones need not trust anew")
        .isEqualTo(fingerprint);
    assertThat(file("lan.p12")).isNotEqualTo(first);
    server = server();
    try {
      assertThat(ask(phone(true), "localhost", server.getAddress().getPort())).isEqualTo(200);
    } finally {
      server.stop(0);
    }
  }
}
