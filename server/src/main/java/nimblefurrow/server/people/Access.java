package nimblefurrow.server.people;

import java.util.Map;
import java.util.UUID;
import java.util.stream.Collectors;
import nimblefurrow.server.support.NotAllowed;
import nimblefurrow.server.support.NotFound;
import org.springframework.security.core.Authentication;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Who asks, and what they may do on a farm. */
@Service
public class Access {
  private final Memberships memberships;

  Access(Memberships memberships) {
    this.memberships = memberships;
  }

  /** The person who asks. */
  public Person person() {
    Authentication authentication = SecurityContextHolder.getContext().getAuthentication();
    if (authentication != null && authentication.getPrincipal() instanceof Person person) {
      return person;
    }
    throw new NotAllowed("Sign in first.");
  }

  /**
   * A person at a browser, signed in with a password: what no script may do with its token.
   *
   * @throws NotAllowed when a token asks
   */
  public void atTheKeyboard() {
    Authentication authentication = SecurityContextHolder.getContext().getAuthentication();
    if (authentication == null || BearerFilter.BY_TOKEN.equals(authentication.getDetails())) {
      throw new NotAllowed("A token may not do this; sign in with your password.");
    }
  }

  /**
   * Lets the asker see a farm.
   *
   * @throws NotFound when there is no such farm for them
   */
  @Transactional(readOnly = true)
  public Role see(UUID farmId) {
    return require(farmId, Role.VIEWER);
  }

  /** Lets the asker log work on a farm. */
  @Transactional(readOnly = true)
  public Role work(UUID farmId) {
    return require(farmId, Role.OPERATOR);
  }

  /** Lets the asker plan and change a farm. */
  @Transactional(readOnly = true)
  public Role manage(UUID farmId) {
    return require(farmId, Role.OWNER);
  }

  /** Whether the asker may log work on a farm. */
  @Transactional(readOnly = true)
  public boolean mayWork(UUID farmId) {
    return farms(person().id()).getOrDefault(farmId, Role.VIEWER).compareTo(Role.OPERATOR) >= 0;
  }

  private Role require(UUID farmId, Role least) {
    Role role =
        memberships
            .findById(new Membership.Key(person().id(), farmId))
            .map(m -> Role.of(m.role))
            .orElseThrow(() -> new NotFound("There is no such farm, or it is not yours to see."));
    if (role.compareTo(least) < 0) {
      throw new NotAllowed(
          "You are %s here; this needs %s."
              .formatted(role.key(), least == Role.OWNER ? "the owner" : "an operator"));
    }
    return role;
  }

  /** The roles of a person by farm. */
  @Transactional(readOnly = true)
  public Map<UUID, Role> farms(UUID accountId) {
    return memberships.findByKeyAccountId(accountId).stream()
        .collect(Collectors.toMap(m -> m.key.farmId(), m -> Role.of(m.role)));
  }

  /** Makes a person a member, or changes their role. */
  @Transactional
  public void grant(UUID accountId, UUID farmId, Role role) {
    Membership membership = new Membership();
    membership.key = new Membership.Key(accountId, farmId);
    membership.role = role.key();
    memberships.save(membership);
  }
}
