package nimblefurrow.server.people;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.UUID;
import nimblefurrow.server.support.NotAllowed;
import nimblefurrow.server.support.NotFound;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/**
 * A new password for someone who forgot theirs: there is no mail server, so an owner hands a link
 * over, which works once and for a day. The owner neither sees nor sets the password.
 */
@Service
class PasswordReset {
  private static final Duration GOOD_FOR = Duration.ofDays(1);

  private final PasswordLinks links;
  private final Memberships memberships;
  private final AccountService accounts;
  private final FarmNames farms;
  private final Clock clock;

  PasswordReset(
      PasswordLinks links,
      Memberships memberships,
      AccountService accounts,
      FarmNames farms,
      Clock clock) {
    this.links = links;
    this.memberships = memberships;
    this.accounts = accounts;
    this.farms = farms;
    this.clock = clock;
  }

  /** A link just made; its secret is told this once. */
  record NewLink(String secret, Instant expiresAt) {}

  /**
   * Makes a link for a member.
   *
   * @throws NotAllowed when they are on a farm the owner does not own: with the link one could look
   *     into it
   */
  @Transactional
  NewLink make(UUID farmId, UUID memberId, Person owner) {
    if (!memberships.existsById(new Membership.Key(memberId, farmId))) {
      throw new NotFound("They are not on this farm.");
    }
    List<String> others =
        memberships.findByKeyAccountId(memberId).stream()
            .map(m -> m.key.farmId())
            .filter(f -> !owns(owner.id(), f))
            .map(farms::of)
            .toList();
    if (!others.isEmpty()) {
      throw new NotAllowed(
          "They are also on %s, which is not yours; an owner of it has to agree first by taking them off, or by"
                  .formatted(String.join(", ", others))
              + " making you owner.");
    }
    String secret = Secrets.make("");
    links.deleteByAccountId(memberId);
    PasswordLink link = new PasswordLink();
    link.id = UUID.randomUUID();
    link.accountId = memberId;
    link.hash = Secrets.hash(secret);
    link.madeBy = owner.id();
    link.expiresAt = Instant.now(clock).plus(GOOD_FOR);
    links.save(link);
    return new NewLink(secret, link.expiresAt);
  }

  private boolean owns(UUID accountId, UUID farmId) {
    return memberships
        .findById(new Membership.Key(accountId, farmId))
        .filter(m -> Role.of(m.role) == Role.OWNER)
        .isPresent();
  }

  /** Sets the password of whose link it is. */
  @Transactional
  UUID use(String secret, String password) {
    PasswordLink link =
        links
            .findByHashAndExpiresAtAfter(Secrets.hash(secret), Instant.now(clock))
            .orElseThrow(() -> new NotFound("This link was used already, or is older than a day."));
    accounts.changePassword(link.accountId, password);
    links.delete(link);
    return link.accountId;
  }
}
