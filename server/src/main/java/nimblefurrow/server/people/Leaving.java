package nimblefurrow.server.people;

import java.util.List;
import java.util.UUID;
import nimblefurrow.core.units.Refused;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Giving an account up. What its holder wrote down stays with the farms, without a name. */
@Service
class Leaving {
  private final Accounts accounts;
  private final Memberships memberships;
  private final FarmNames farms;

  Leaving(Accounts accounts, Memberships memberships, FarmNames farms) {
    this.accounts = accounts;
    this.memberships = memberships;
    this.farms = farms;
  }

  /**
   * Deletes an account.
   *
   * @throws Refused while a farm would be left without an owner
   */
  @Transactional
  void delete(UUID accountId) {
    List<String> orphans =
        memberships.findByKeyAccountId(accountId).stream()
            .filter(m -> Role.of(m.role) == Role.OWNER)
            .map(m -> m.key.farmId())
            .filter(f -> owners(f) < 2)
            .map(farms::of)
            .toList();
    if (!orphans.isEmpty()) {
      throw new Refused(
          "password",
          "You are the only owner of %s. Make someone else owner, or delete the farm first."
              .formatted(String.join(", ", orphans)));
    }
    accounts.deleteById(accountId);
  }

  private long owners(UUID farmId) {
    return memberships.findByKeyFarmId(farmId).stream()
        .filter(m -> Role.of(m.role) == Role.OWNER)
        .count();
  }
}
