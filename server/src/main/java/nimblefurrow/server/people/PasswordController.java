package nimblefurrow.server.people;

import java.util.UUID;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Passwords that were forgotten. */
@RestController
class PasswordController {
  private final PasswordReset reset;
  private final Entrance entrance;
  private final Access access;

  PasswordController(PasswordReset reset, Entrance entrance, Access access) {
    this.reset = reset;
    this.entrance = entrance;
    this.access = access;
  }

  record NewPassword(String password) {}

  /** Makes a link by which a member sets a new password. */
  @PostMapping("/api/farms/{farmId}/members/{accountId}/password-link")
  PasswordReset.NewLink make(@PathVariable UUID farmId, @PathVariable UUID accountId) {
    access.manage(farmId);
    access.atTheKeyboard();
    return reset.make(farmId, accountId, access.person());
  }

  /** Sets the new password; wherever they were signed in, they are not any more. */
  @PostMapping("/api/password-links/{secret}")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void use(@PathVariable String secret, @RequestBody NewPassword input) {
    entrance.leaveEverywhere(reset.use(secret, input.password()));
  }
}
