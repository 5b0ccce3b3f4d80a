package nimblefurrow.server.people;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.Locale;
import java.util.Set;
import java.util.stream.Collectors;

/** Passwords that are guessed first: a shipped list, and what it takes no list to guess. */
final class CommonPasswords {
  private static final int FEWEST_DIFFERENT = 4;
  private static final Set<String> LIST = read();

  private CommonPasswords() {}

  /** Whether a password is one of the first to be tried for an address. */
  static boolean guessed(String password, String email) {
    String plain = password.toLowerCase(Locale.ROOT);
    String letters = plain.replaceAll("[^a-z]", "");
    String name = email.toLowerCase(Locale.ROOT).split("@")[0];
    return LIST.contains(plain)
        || LIST.contains(letters)
        || plain.chars().distinct().count() < FEWEST_DIFFERENT
        || isRun(plain)
        || !name.isEmpty()
            && (letters.equals(name.replaceAll("[^a-z]", "")) || plain.equals(email));
  }

  /** Whether each sign is the one after the last, up or down. */
  private static boolean isRun(String text) {
    boolean up = true;
    boolean down = true;
    for (int i = 1; i < text.length(); i++) {
      int step = text.charAt(i) - text.charAt(i - 1);
      up &= step == 1 || step == -9;
      down &= step == -1 || step == 9;
    }
    return up || down;
  }

  private static Set<String> read() {
    try (InputStream in = CommonPasswords.class.getResourceAsStream("/common-passwords.txt")) {
      if (in == null) {
        throw new IllegalStateException("the list of common passwords is missing");
      }
      return new BufferedReader(new InputStreamReader(in, StandardCharsets.UTF_8))
          .lines()
          .filter(l -> !l.isBlank() && !l.startsWith("#"))
          .map(String::strip)
          .collect(Collectors.toUnmodifiableSet());
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }
}
