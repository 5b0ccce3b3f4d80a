package nimblefurrow.server.people;

import java.util.List;
import java.util.UUID;
import nimblefurrow.server.support.InputProblem;
import nimblefurrow.server.support.NotFound;
import org.springframework.http.HttpStatus;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Who works on a farm. */
@RestController
@RequestMapping("/api/farms/{farmId}/members")
class MemberController {
  private final Access access;
  private final Accounts accounts;
  private final Memberships memberships;

  MemberController(Access access, Accounts accounts, Memberships memberships) {
    this.access = access;
    this.accounts = accounts;
    this.memberships = memberships;
  }

  record MemberView(UUID id, String name, String email, Role role) {}

  record RoleInput(Role role) {}

  @GetMapping
  @Transactional(readOnly = true)
  public List<MemberView> members(@PathVariable UUID farmId) {
    access.see(farmId);
    return memberships.findByKeyFarmId(farmId).stream()
        .map(
            m -> {
              Account a = accounts.findById(m.key.accountId()).orElseThrow();
              return new MemberView(a.id, a.name, a.email, Role.of(m.role));
            })
        .toList();
  }

  /** Changes what a member may do. */
  @PutMapping("/{accountId}")
  @Transactional
  public List<MemberView> change(
      @PathVariable UUID farmId, @PathVariable UUID accountId, @RequestBody RoleInput input) {
    access.manage(farmId);
    Role role = input.role();
    Membership.Key key = new Membership.Key(accountId, farmId);
    if (!memberships.existsById(key)) {
      throw new NotFound("They are not on this farm.");
    }
    if (accountId.equals(access.person().id()) && role != Role.OWNER) {
      throw new InputProblem("role", "You cannot give up your own farm here.");
    }
    access.grant(accountId, farmId, role);
    return members(farmId);
  }

  /** Takes someone off the farm; whoever wants to leave takes off themselves. */
  @DeleteMapping("/{accountId}")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  @Transactional
  public void remove(@PathVariable UUID farmId, @PathVariable UUID accountId) {
    if (accountId.equals(access.person().id())) {
      leaving(farmId, access.see(farmId));
    } else {
      access.manage(farmId);
    }
    Membership.Key key = new Membership.Key(accountId, farmId);
    memberships.delete(
        memberships.findById(key).orElseThrow(() -> new NotFound("They are not on this farm.")));
  }

  /** A farm keeps at least one owner. */
  private void leaving(UUID farmId, Role role) {
    long owners =
        memberships.findByKeyFarmId(farmId).stream()
            .filter(m -> Role.of(m.role) == Role.OWNER)
            .count();
    if (role == Role.OWNER && owners < 2) {
      throw new InputProblem(
          "id",
          "You cannot remove yourself: you are the only owner. Make someone else owner first.");
    }
  }
}
