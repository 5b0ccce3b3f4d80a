package nimblefurrow.server.people;

import java.time.Clock;
import java.time.Instant;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import nimblefurrow.server.support.InputProblem;
import nimblefurrow.server.support.NotAllowed;
import nimblefurrow.server.support.NotFound;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Accounts and their tokens. */
@Service
public class AccountService {
  private static final int SHORTEST_PASSWORD = 10;
  static final int LONGEST_PASSWORD_BYTES = 72;
  static final int LONGEST_EMAIL = 254;
  private static final int LONGEST_NAME = 80;
  private static final int MOST_TOKENS = 50;

  private final Accounts accounts;
  private final AccessTokens tokens;
  private final PasswordEncoder encoder;
  private final Clock clock;

  AccountService(Accounts accounts, AccessTokens tokens, PasswordEncoder encoder, Clock clock) {
    this.accounts = accounts;
    this.tokens = tokens;
    this.encoder = encoder;
    this.clock = clock;
  }

  /** Names of people by their accounts; those whose account is gone are left out. */
  @Transactional(readOnly = true)
  public Map<UUID, String> names(Collection<UUID> ids) {
    return accounts.findAllById(ids).stream().collect(Collectors.toMap(a -> a.id, a -> a.name));
  }

  /** Whether nobody has an account yet. */
  @Transactional(readOnly = true)
  public boolean empty() {
    return accounts.count() == 0;
  }

  /**
   * Opens an account.
   *
   * @throws InputProblem when the address is taken or the password too short
   */
  @Transactional
  public Person open(String email, String name, String password) {
    String address = email.strip();
    requireAddress(address);
    requireName(name);
    requirePassword(password, address);
    requireFree(address);
    Account account = new Account();
    account.id = UUID.randomUUID();
    account.email = address;
    account.name = name.strip();
    account.passwordHash = encoder.encode(password);
    account.createdAt = Instant.now(clock);
    accounts.saveAndFlush(account);
    return new Person(account.id, account.name);
  }

  /**
   * Opens the first account of a server.
   *
   * @throws NotAllowed when there is one already, also by a whisker
   */
  @Transactional
  public Person openFirst(String email, String name, String password) {
    accounts.oneAtATime();
    if (!empty()) {
      throw new NotAllowed("This server has an owner already. Ask them to let you in.");
    }
    return open(email, name, password);
  }

  /** Changes a person's password. */
  @Transactional
  public void changePassword(UUID id, String next) {
    Account a = account(id);
    requirePassword(next, a.email);
    a.passwordHash = encoder.encode(next);
  }

  /**
   * Changes a person's address.
   *
   * @throws InputProblem when it is none, or another account's
   */
  @Transactional
  public void changeEmail(UUID id, String email) {
    String address = email.strip();
    requireAddress(address);
    Account a = account(id);
    if (!a.email.equalsIgnoreCase(address)) {
      requireFree(address);
    }
    a.email = address;
    accounts.saveAndFlush(a);
  }

  private static void requireAddress(String address) {
    if (address.length() > LONGEST_EMAIL || !address.matches("[^@\\s]+@[^@\\s]+")) {
      throw new InputProblem("email", "“" + address + "” is not an e-mail address.");
    }
  }

  private void requireFree(String address) {
    if (accounts.findByEmailIgnoreCase(address).isPresent()) {
      throw new InputProblem("email", "There is already an account for " + address + ".");
    }
  }

  private static void requireName(String name) {
    if (name.isBlank() || name.strip().length() > LONGEST_NAME) {
      throw new InputProblem(
          "name", "Say a name the others will know you by, up to 80 characters.");
    }
  }

  private static void requirePassword(String password, String email) {
    if (password.length() < SHORTEST_PASSWORD) {
      throw new InputProblem(
          "password", "A password needs at least " + SHORTEST_PASSWORD + " characters.");
    }
    if (password.getBytes(java.nio.charset.StandardCharsets.UTF_8).length
        > LONGEST_PASSWORD_BYTES) {
      throw new InputProblem("password", "A password may have at most 72 bytes.");
    }
    if (CommonPasswords.guessed(password, email)) {
      throw new InputProblem(
          "password", "That password is among the first that are guessed; choose another.");
    }
  }

  /** Opens an account nobody can sign in to with a password: the demonstration's. */
  @Transactional
  public Person openWithoutPassword(String email, String name) {
    Account account = new Account();
    account.id = UUID.randomUUID();
    account.email = email;
    account.name = name;
    account.createdAt = Instant.now(clock);
    accounts.saveAndFlush(account);
    return new Person(account.id, account.name);
  }

  /**
   * Whose name stands under what was written on another server: the same person where they are
   * known here too, otherwise someone nobody can sign in as.
   *
   * @param there their id on the other server
   */
  @Transactional
  public Person byName(UUID there, String name) {
    Optional<Account> same = accounts.findById(there).filter(a -> a.name.equals(name));
    if (same.isPresent()) {
      return new Person(there, name);
    }
    String nowhere = there + "@elsewhere.invalid";
    String shown =
        name.isBlank() ? "someone" : name.substring(0, Math.min(name.length(), LONGEST_NAME));
    return find(nowhere).orElseGet(() -> openWithoutPassword(nowhere, shown));
  }

  /** The person with an address. */
  @Transactional(readOnly = true)
  public java.util.Optional<Person> find(String email) {
    return accounts.findByEmailIgnoreCase(email).map(a -> new Person(a.id, a.name));
  }

  /** A person's name, units and address. */
  @Transactional(readOnly = true)
  public Profile profile(UUID id) {
    Account a = account(id);
    return new Profile(a.name, a.email, a.units);
  }

  /** What a person shows and prefers. */
  public record Profile(String name, String email, String units) {}

  /** Changes name and units. */
  @Transactional
  public Profile change(UUID id, String name, String units) {
    if (!units.equals("us") && !units.equals("metric")) {
      throw new InputProblem("units", "Units are “us” or “metric”.");
    }
    requireName(name);
    Account a = account(id);
    a.name = name.strip();
    a.units = units;
    return new Profile(a.name, a.email, a.units);
  }

  /** A person's tokens, without their secrets. */
  @Transactional(readOnly = true)
  public List<TokenView> tokens(UUID accountId) {
    return tokens.findByAccountIdOrderByCreatedAt(accountId).stream()
        .map(t -> new TokenView(t.id, t.name, t.createdAt, t.lastUsedAt))
        .toList();
  }

  /** Makes a token; its secret is told this once and stored only as a hash. */
  @Transactional
  public NewToken makeToken(UUID accountId, String name) {
    if (name.isBlank()) {
      throw new InputProblem("name", "Name the token after the script that will use it.");
    }
    if (tokens.findByAccountIdOrderByCreatedAt(accountId).size() >= MOST_TOKENS) {
      throw new InputProblem("name", "You have 50 tokens; revoke some that are not used.");
    }
    String secret = Secrets.make("nf_");
    AccessToken token = new AccessToken();
    token.id = UUID.randomUUID();
    token.accountId = accountId;
    token.name = name.strip();
    token.hash = Secrets.hash(secret);
    token.createdAt = Instant.now(clock);
    tokens.save(token);
    return new NewToken(token.id, token.name, secret);
  }

  /** Takes a token back. */
  @Transactional
  public void revokeToken(UUID accountId, UUID tokenId) {
    AccessToken token =
        tokens
            .findById(tokenId)
            .filter(t -> t.accountId.equals(accountId))
            .orElseThrow(() -> new NotFound("There is no such token."));
    tokens.delete(token);
  }

  private Account account(UUID id) {
    return accounts.findById(id).orElseThrow(() -> new NotFound("There is no such account."));
  }
}
