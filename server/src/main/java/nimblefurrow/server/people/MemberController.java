package nimblefurrow.server.people;

import java.util.List;
import java.util.UUID;
import nimblefurrow.server.support.InputProblem;
import nimblefurrow.server.support.NotFound;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
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
  private final AccountService service;
  private final Memberships memberships;

  MemberController(
      Access access, Accounts accounts, AccountService service, Memberships memberships) {
    this.access = access;
    this.accounts = accounts;
    this.service = service;
    this.memberships = memberships;
  }

  record MemberView(UUID id, String name, String email, String role) {}

  /** A member by address; name and first password are needed only for someone new here. */
  record MemberInput(String email, String role, @Nullable String name, @Nullable String password) {}

  @GetMapping
  @Transactional(readOnly = true)
  public List<MemberView> members(@PathVariable UUID farmId) {
    access.see(farmId);
    return memberships.findByKeyFarmId(farmId).stream()
        .map(
            m -> {
              Account a = accounts.findById(m.key.accountId()).orElseThrow();
              return new MemberView(a.id, a.name, a.email, m.role);
            })
        .toList();
  }

  @PostMapping
  @Transactional
  public List<MemberView> add(@PathVariable UUID farmId, @RequestBody MemberInput input) {
    access.manage(farmId);
    Role role = Role.of(input.role());
    Person person =
        service
            .find(input.email().strip())
            .orElseGet(
                () ->
                    service.open(
                        input.email(),
                        input.name() == null ? "" : input.name(),
                        input.password() == null ? "" : input.password()));
    if (person.id().equals(access.person().id()) && role != Role.OWNER) {
      throw new InputProblem("role", "You cannot give up your own farm here.");
    }
    access.grant(person.id(), farmId, role);
    return members(farmId);
  }

  @DeleteMapping("/{accountId}")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  @Transactional
  public void remove(@PathVariable UUID farmId, @PathVariable UUID accountId) {
    access.manage(farmId);
    if (accountId.equals(access.person().id())) {
      throw new InputProblem("id", "You cannot remove yourself.");
    }
    Membership.Key key = new Membership.Key(accountId, farmId);
    memberships.delete(
        memberships.findById(key).orElseThrow(() -> new NotFound("They are not on this farm.")));
  }
}
