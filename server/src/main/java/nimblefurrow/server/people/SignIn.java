package nimblefurrow.server.people;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.Locale;
import nimblefurrow.server.support.InputProblem;
import nimblefurrow.server.support.TooManyTries;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Checks passwords, and slows down whoever guesses. */
@Service
class SignIn {
  private static final int TRIES = 8;
  private static final Duration WINDOW = Duration.ofMinutes(10);

  private final Accounts accounts;
  private final LoginFailures failures;
  private final PasswordEncoder encoder;
  private final Clock clock;
  private final String nobodysHash;

  SignIn(Accounts accounts, LoginFailures failures, PasswordEncoder encoder, Clock clock) {
    this.accounts = accounts;
    this.failures = failures;
    this.encoder = encoder;
    this.clock = clock;
    this.nobodysHash = java.util.Objects.requireNonNull(encoder.encode("nobody at all"));
  }

  /**
   * @throws TooManyTries after eight failures in ten minutes
   * @throws InputProblem when address or password are wrong, without saying which
   */
  @Transactional(noRollbackFor = InputProblem.class)
  public Person check(String email, String password) {
    String address = email.strip().toLowerCase(Locale.ROOT);
    Instant now = Instant.now(clock);
    if (failures.countByEmailAndFailedAtAfter(address, now.minus(WINDOW)) >= TRIES) {
      throw new TooManyTries("Too many tries for this address. Wait ten minutes.");
    }
    Account account = accounts.findByEmailIgnoreCase(address).orElse(null);
    String hash = account == null || account.passwordHash == null ? null : account.passwordHash;
    // The same work for an unknown address, so that timing does not tell who has an account.
    boolean right = encoder.matches(password, hash == null ? nobodysHash : hash) && hash != null;
    if (!right || account == null) {
      LoginFailure failure = new LoginFailure();
      failure.email = address;
      failure.failedAt = now;
      failures.save(failure);
      throw new InputProblem("password", "Address and password do not belong together.");
    }
    failures.deleteByEmail(address);
    return new Person(account.id, account.name);
  }
}
