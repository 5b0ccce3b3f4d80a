package nimblefurrow.server.people;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.util.List;
import java.util.UUID;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Links onto a farm, and those who open them. */
@RestController
class InvitationController {
  private final InvitationService invitations;
  private final Access access;
  private final FarmNames farms;
  private final Entrance entrance;

  InvitationController(
      InvitationService invitations, Access access, FarmNames farms, Entrance entrance) {
    this.invitations = invitations;
    this.access = access;
    this.farms = farms;
    this.entrance = entrance;
  }

  /** Who is to be let in, in the owner's words, and as what. */
  record InvitationInput(String label, Role role) {}

  /** What whoever holds a link sees of it. */
  record InvitationView(String farm, String label, Role role) {}

  /** An account that is opened with a link. */
  record AccountInput(String email, String name, String password) {}

  /** The farm one was let in to. */
  record LetIn(UUID farmId) {}

  @GetMapping("/api/farms/{farmId}/invitations")
  List<InvitationService.OpenInvitation> open(@PathVariable UUID farmId) {
    access.manage(farmId);
    return invitations.open(farmId);
  }

  @PostMapping("/api/farms/{farmId}/invitations")
  InvitationService.NewInvitation make(
      @PathVariable UUID farmId, @RequestBody InvitationInput input) {
    access.manage(farmId);
    return invitations.make(farmId, input.label(), input.role());
  }

  @DeleteMapping("/api/farms/{farmId}/invitations/{id}")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void takeBack(@PathVariable UUID farmId, @PathVariable UUID id) {
    access.manage(farmId);
    invitations.takeBack(farmId, id);
  }

  @GetMapping("/api/invitations/{secret}")
  InvitationView look(@PathVariable String secret) {
    Invitation i = invitations.look(secret);
    return new InvitationView(farms.of(i.farmId), i.label, Role.of(i.role));
  }

  @PostMapping("/api/invitations/{secret}/accept")
  LetIn accept(@PathVariable String secret) {
    return new LetIn(invitations.accept(secret, access.person()));
  }

  @PostMapping("/api/invitations/{secret}/account")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void acceptAnew(
      @PathVariable String secret,
      @RequestBody AccountInput input,
      HttpServletRequest request,
      HttpServletResponse response) {
    Person person = invitations.acceptAnew(secret, input.email(), input.name(), input.password());
    entrance.enter(person, request, response);
  }
}
