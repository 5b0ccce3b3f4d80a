package nimblefurrow.server.people;

import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.security.SecureRandom;
import java.util.Base64;
import java.util.HexFormat;

/**
 * Secrets long and random enough that a plain hash keeps them: tokens and addresses of feeds, not
 * passwords.
 */
public final class Secrets {
  private static final SecureRandom RANDOM = new SecureRandom();
  private static final int BYTES = 32;

  private Secrets() {}

  /** A new secret. */
  public static String make(String prefix) {
    byte[] bytes = new byte[BYTES];
    RANDOM.nextBytes(bytes);
    return prefix + Base64.getUrlEncoder().withoutPadding().encodeToString(bytes);
  }

  /** What is stored of a secret. */
  public static String hash(String secret) {
    try {
      byte[] digest =
          MessageDigest.getInstance("SHA-256").digest(secret.getBytes(StandardCharsets.UTF_8));
      return HexFormat.of().formatHex(digest);
    } catch (NoSuchAlgorithmException e) {
      throw new IllegalStateException(e);
    }
  }
}
