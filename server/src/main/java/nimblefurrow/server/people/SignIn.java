package nimblefurrow.server.people;

import java.nio.charset.StandardCharsets;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.Locale;
import java.util.Objects;
import java.util.UUID;
import nimblefurrow.server.support.InputProblem;
import nimblefurrow.server.support.TooManyTries;
import org.jspecify.annotations.Nullable;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.stereotype.Service;
import org.springframework.transaction.support.TransactionTemplate;

/**
 * Checks passwords, and slows down whoever guesses. A try is counted before it is checked, by
 * address and by where it comes from: tries side by side do not pass, and nobody elsewhere can shut
 * an owner out.
 */
@Service
class SignIn {
  private static final int TRIES = 8;
  private static final int TRIES_FROM_ONE_PLACE = 60;
  private static final Duration WINDOW = Duration.ofMinutes(10);
  private static final Duration KEPT = Duration.ofDays(1);

  private final Accounts accounts;
  private final LoginFailures failures;
  private final PasswordEncoder encoder;
  private final TransactionTemplate transaction;
  private final Clock clock;
  private final String nobodysHash;

  SignIn(
      Accounts accounts,
      LoginFailures failures,
      PasswordEncoder encoder,
      TransactionTemplate transaction,
      Clock clock) {
    this.accounts = accounts;
    this.failures = failures;
    this.encoder = encoder;
    this.transaction = transaction;
    this.clock = clock;
    this.nobodysHash = Objects.requireNonNull(encoder.encode("nobody at all"));
  }

  /**
   * @param client where the try comes from
   * @throws TooManyTries after eight failures for an address from one place in ten minutes
   * @throws InputProblem when address or password are wrong, without saying which
   */
  Person check(String email, String password, String client) {
    String address = email.strip().toLowerCase(Locale.ROOT);
    if (address.length() > AccountService.LONGEST_EMAIL) {
      throw new InputProblem("email", "That is no e-mail address.");
    }
    return check(accounts.findByEmailIgnoreCase(address).orElse(null), address, password, client);
  }

  /** Checks the password of someone who is signed in already. */
  void again(UUID id, String password, String client) {
    Account account = accounts.findById(id).orElseThrow();
    check(account, account.email.toLowerCase(Locale.ROOT), password, client);
  }

  private Person check(@Nullable Account account, String address, String password, String client) {
    count(address, client);
    String hash = account == null ? null : account.passwordHash;
    boolean tooLong =
        password.getBytes(StandardCharsets.UTF_8).length > AccountService.LONGEST_PASSWORD_BYTES;
    // The same work for an unknown address, so that timing does not tell who has an account.
    boolean right =
        encoder.matches(tooLong ? "" : password, hash == null ? nobodysHash : hash)
            && !tooLong
            && hash != null;
    if (!right || account == null) {
      throw new InputProblem("password", "Address and password do not belong together.");
    }
    transaction.executeWithoutResult(status -> failures.deleteByEmailAndClient(address, client));
    return new Person(account.id, account.name);
  }

  private void count(String address, String client) {
    transaction.executeWithoutResult(
        status -> {
          failures.oneAtATime(client);
          Instant now = Instant.now(clock);
          Instant since = now.minus(WINDOW);
          if (failures.countByEmailAndClientAndFailedAtAfter(address, client, since) >= TRIES) {
            throw new TooManyTries("Too many tries for this address. Wait ten minutes.");
          }
          if (failures.countByClientAndFailedAtAfter(client, since) >= TRIES_FROM_ONE_PLACE) {
            throw new TooManyTries("Too many tries from here. Wait ten minutes.");
          }
          failures.purge(now.minus(KEPT));
          LoginFailure failure = new LoginFailure();
          failure.email = address;
          failure.client = client;
          failure.failedAt = now;
          failures.save(failure);
        });
  }
}
