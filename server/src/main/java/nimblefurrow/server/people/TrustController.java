package nimblefurrow.server.people;

import java.io.IOException;
import java.io.InputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.security.GeneralSecurityException;
import java.security.MessageDigest;
import java.security.cert.CertificateFactory;
import java.security.cert.X509Certificate;
import java.time.LocalDate;
import java.time.ZoneOffset;
import java.util.HexFormat;
import java.util.Locale;
import nimblefurrow.server.support.NotFound;
import org.jspecify.annotations.Nullable;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;

/**
 * The authority whose certificate this server shows on the local network, for phones to trust. It
 * is public: a phone needs it before anyone can sign in on it.
 */
@RestController
class TrustController {
  private static final MediaType CERTIFICATE = MediaType.valueOf("application/x-x509-ca-cert");

  private final String authority;

  TrustController(@Value("${nimble-furrow.authority:}") String authority) {
    this.authority = authority;
  }

  /**
   * Whether phones on the local network can reach this server.
   *
   * @param fingerprint of the authority by SHA-256, in pairs; null where there is none
   * @param until last day of the authority
   */
  record TrustView(boolean lan, @Nullable String fingerprint, @Nullable LocalDate until) {}

  @GetMapping("/api/trust")
  TrustView trust() throws IOException, GeneralSecurityException {
    if (authority.isEmpty()) {
      return new TrustView(false, null, null);
    }
    X509Certificate certificate;
    try (InputStream in = Files.newInputStream(Path.of(authority))) {
      certificate =
          (X509Certificate) CertificateFactory.getInstance("X.509").generateCertificate(in);
    }
    byte[] print = MessageDigest.getInstance("SHA-256").digest(certificate.getEncoded());
    return new TrustView(
        true,
        HexFormat.ofDelimiter(":").formatHex(print).toUpperCase(Locale.ROOT),
        LocalDate.ofInstant(certificate.getNotAfter().toInstant(), ZoneOffset.UTC));
  }

  @GetMapping("/api/trust/certificate")
  ResponseEntity<byte[]> certificate() throws IOException {
    if (authority.isEmpty()) {
      throw new NotFound("This server is for this machine alone; start it with ./run --lan.");
    }
    return ResponseEntity.ok()
        .contentType(CERTIFICATE)
        .header(HttpHeaders.CONTENT_DISPOSITION, "attachment; filename=\"nimble-furrow.crt\"")
        .body(Files.readAllBytes(Path.of(authority)));
  }
}
