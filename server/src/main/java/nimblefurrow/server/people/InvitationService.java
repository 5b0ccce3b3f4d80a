package nimblefurrow.server.people;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.UUID;
import nimblefurrow.server.support.InputProblem;
import nimblefurrow.server.support.NotFound;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/**
 * Links that let someone onto a farm, once. The owner hands the link over; whoever opens it uses an
 * account of their own, which the owner neither sees nor sets.
 */
@Service
class InvitationService {
  private static final Duration GOOD_FOR = Duration.ofDays(7);
  private static final int LONGEST_LABEL = 80;

  private final Invitations invitations;
  private final Memberships memberships;
  private final AccountService accounts;
  private final Access access;
  private final Clock clock;

  InvitationService(
      Invitations invitations,
      Memberships memberships,
      AccountService accounts,
      Access access,
      Clock clock) {
    this.invitations = invitations;
    this.memberships = memberships;
    this.accounts = accounts;
    this.access = access;
    this.clock = clock;
  }

  /** A link just made; its secret is told this once. */
  record NewInvitation(UUID id, String label, Role role, Instant expiresAt, String secret) {}

  /** A link that nobody has used yet. */
  record OpenInvitation(UUID id, String label, Role role, Instant expiresAt) {}

  @Transactional
  NewInvitation make(UUID farmId, String label, Role role) {
    if (label.isBlank() || label.strip().length() > LONGEST_LABEL) {
      throw new InputProblem("label", "Say in up to 80 characters who the link is for.");
    }
    String secret = Secrets.make("");
    Invitation i = new Invitation();
    i.id = UUID.randomUUID();
    i.farmId = farmId;
    i.label = label.strip();
    i.role = role.key();
    i.hash = Secrets.hash(secret);
    i.invitedBy = access.person().id();
    i.createdAt = Instant.now(clock);
    i.expiresAt = i.createdAt.plus(GOOD_FOR);
    invitations.save(i);
    return new NewInvitation(i.id, i.label, role, i.expiresAt, secret);
  }

  @Transactional(readOnly = true)
  List<OpenInvitation> open(UUID farmId) {
    return invitations
        .findByFarmIdAndExpiresAtAfterOrderByCreatedAt(farmId, Instant.now(clock))
        .stream()
        .map(i -> new OpenInvitation(i.id, i.label, Role.of(i.role), i.expiresAt))
        .toList();
  }

  @Transactional
  void takeBack(UUID farmId, UUID id) {
    invitations.delete(
        invitations
            .findByFarmIdAndId(farmId, id)
            .orElseThrow(() -> new NotFound("There is no such link, or it was used.")));
  }

  /** What a link is for. */
  @Transactional(readOnly = true)
  Invitation look(String secret) {
    return invitations
        .findByHashAndExpiresAtAfter(Secrets.hash(secret), Instant.now(clock))
        .orElseThrow(InvitationService::gone);
  }

  /** Lets a person in; who has more rights there already keeps them. */
  @Transactional
  UUID accept(String secret, Person person) {
    Invitation i =
        invitations
            .findFirstByHashAndExpiresAtAfter(Secrets.hash(secret), Instant.now(clock))
            .orElseThrow(InvitationService::gone);
    Role role = Role.of(i.role);
    Role now =
        memberships
            .findById(new Membership.Key(person.id(), i.farmId))
            .map(m -> Role.of(m.role))
            .orElse(Role.VIEWER);
    access.grant(person.id(), i.farmId, now.compareTo(role) > 0 ? now : role);
    invitations.delete(i);
    return i.farmId;
  }

  /** Opens an account of their own for whoever holds the link, and lets them in. */
  @Transactional
  Person acceptAnew(String secret, String email, String name, String password) {
    look(secret);
    Person person = accounts.open(email, name, password);
    accept(secret, person);
    return person;
  }

  private static NotFound gone() {
    return new NotFound("This link was used already, taken back, or is older than seven days.");
  }
}
