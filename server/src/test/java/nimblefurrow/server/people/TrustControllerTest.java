package nimblefurrow.server.people;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDate;
import nimblefurrow.server.support.NotFound;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** What a phone is told of the certificate it may trust. */
class TrustControllerTest {
  /** Made for this test by the JDK's own tool: P-256, signed by itself, good from 2026 to 2036. */
  private static final String CERTIFICATE =
      """
      -----BEGIN CERTIFICATE-----
      MIIBeDCCAR2gAwIBAgIIHXK3wNwNy/EwCgYIKoZIzj0EAwIwHjEcMBoGA1UEAxMT
      TmltYmxlIEZ1cnJvdyBvbiB2bTAeFw0yNjExMjcxMzE3MTFaFw0zNjExMjQxMzE3
      MTFaMB4xHDAaBgNVBAMTE05pbWJsZSBGdXJyb3cgb24gdm0wWTATBgcqhkjOPQIB
      BggqhkjOPQMBBwNCAATBK0uVjioJW4lAvoclVfJ90fKfPfTNo2uW3Y6gLHCOtLaA
      tbOeIbl+nRsX7rWWDff5KybfQBkz/pFQLnqyfn/po0UwQzAdBgNVHQ4EFgQUCnjU
      AXYRHqwiu2U4Lag6S4KYTPMwDgYDVR0PAQH/BAQDAgEGMBIGA1UdEwEB/wQIMAYB
      Af8CAQAwCgYIKoZIzj0EAwIDSQAwRgIhAJ5QDfOqJtji39+8PlG6gp+l50p3mQrO
      wdOOi/Igpv1nAiEA/b8aGs8u6kz+usEvq5e0xnpvP2q63z2oGo3/hmodGvc=
      -----END CERTIFICATE-----
      """;

  @TempDir private Path folder;

  @Test
  void aServerForThisMachineAloneHasNone() throws Exception {
    TrustController alone = new TrustController("");
    assertThat(alone.trust()).isEqualTo(new TrustController.TrustView(false, null, null));
    assertThatThrownBy(alone::certificate)
        .isInstanceOf(NotFound.class)
        .hasMessageContaining("--lan");
  }

  @Test
  void oneOnTheNetworkShowsItsFingerprintAndHandsItOut() throws Exception {
    Path file = Files.writeString(folder.resolve("authority.crt"), CERTIFICATE);
    TrustController lan = new TrustController(file.toString());
    TrustController.TrustView trust = lan.trust();
    assertThat(trust.lan()).isTrue();
    assertThat(trust.fingerprint())
        .isEqualTo(
            "FA:27:D6:D6:59:40:7F:6B:B2:22:81:72:2E:28:1B:A0:02:16:53:92:E3:18:F0:05:08:40:40:53:FB:F6:19:0B");
    assertThat(trust.until()).isEqualTo(LocalDate.parse("2036-11-24"));
    assertThat(new String(lan.certificate().getBody(), StandardCharsets.UTF_8))
        .isEqualTo(CERTIFICATE);
  }
}
