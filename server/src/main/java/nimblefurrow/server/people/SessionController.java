package nimblefurrow.server.people;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import jakarta.servlet.http.HttpSession;
import java.util.List;
import java.util.UUID;
import nimblefurrow.server.support.InputProblem;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.Authentication;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Signing in and out, and one's own account. */
@RestController
class SessionController {
  private final SignIn signIn;
  private final AccountService accounts;
  private final Access access;
  private final Entrance entrance;
  private final DemoMode demo;
  private final Leaving leaving;

  SessionController(
      SignIn signIn,
      AccountService accounts,
      Access access,
      Entrance entrance,
      DemoMode demo,
      Leaving leaving) {
    this.signIn = signIn;
    this.accounts = accounts;
    this.access = access;
    this.entrance = entrance;
    this.demo = demo;
    this.leaving = leaving;
  }

  record SessionView(
      boolean signedIn,
      boolean firstRun,
      boolean demo,
      @Nullable String name,
      @Nullable String email,
      @Nullable String units) {}

  record Credentials(String email, String password) {}

  record FirstRun(String email, String name, String password) {}

  /** A password does not belong here; one that comes all the same is refused, not dropped. */
  record ProfileInput(String name, String units, @Nullable String password) {}

  record PasswordInput(String now, String next) {}

  record EmailInput(String email, String password) {}

  record TokenInput(String name) {}

  record Goodbye(String password) {}

  @GetMapping("/api/session")
  SessionView session() {
    Authentication authentication = SecurityContextHolder.getContext().getAuthentication();
    if (authentication != null && authentication.getPrincipal() instanceof Person person) {
      AccountService.Profile profile = accounts.profile(person.id());
      return new SessionView(
          true, false, demo.on(), profile.name(), profile.email(), profile.units());
    }
    return new SessionView(false, accounts.empty(), demo.on(), null, null, null);
  }

  @PostMapping("/api/session")
  SessionView signIn(
      @RequestBody Credentials c, HttpServletRequest request, HttpServletResponse response) {
    return enter(signIn.check(c.email(), c.password(), request.getRemoteAddr()), request, response);
  }

  @PostMapping("/api/session/demo")
  SessionView enterDemo(HttpServletRequest request, HttpServletResponse response) {
    return enter(demo.owner(), request, response);
  }

  @PostMapping("/api/first-run")
  SessionView firstRun(
      @RequestBody FirstRun f, HttpServletRequest request, HttpServletResponse response) {
    return enter(accounts.openFirst(f.email(), f.name(), f.password()), request, response);
  }

  @DeleteMapping("/api/session")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void signOut(HttpServletRequest request) {
    HttpSession session = request.getSession(false);
    if (session != null) {
      session.invalidate();
    }
    SecurityContextHolder.clearContext();
  }

  @PutMapping("/api/account")
  AccountService.Profile change(@RequestBody ProfileInput input) {
    if (input.password() != null) {
      throw new InputProblem(
          "password", "A password is changed by itself, with the one that holds now.");
    }
    return accounts.change(access.person().id(), input.name(), input.units());
  }

  /** Changes one's password; all other sessions end. */
  @PutMapping("/api/account/password")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void changePassword(@RequestBody PasswordInput input, HttpServletRequest request) {
    access.atTheKeyboard();
    Person person = access.person();
    signIn.again(person.id(), input.now(), request.getRemoteAddr());
    accounts.changePassword(person.id(), input.next());
    entrance.leaveElsewhere(person, request);
  }

  /** Changes one's address, with the password that holds now. */
  @PutMapping("/api/account/email")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void changeEmail(@RequestBody EmailInput input, HttpServletRequest request) {
    access.atTheKeyboard();
    Person person = access.person();
    signIn.again(person.id(), input.password(), request.getRemoteAddr());
    accounts.changeEmail(person.id(), input.email());
  }

  /** Gives one's account up, with the password that holds now. */
  @PostMapping("/api/account/delete")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void delete(@RequestBody Goodbye input, HttpServletRequest request) {
    access.atTheKeyboard();
    Person person = access.person();
    signIn.again(person.id(), input.password(), request.getRemoteAddr());
    leaving.delete(person.id());
    entrance.leaveEverywhere(person.id());
  }

  /** Where one is signed in. */
  @GetMapping("/api/account/sessions")
  List<SignedIn> signedIn(HttpServletRequest request) {
    return entrance.signedIn(access.person(), request);
  }

  /** Signs oneself out somewhere. */
  @DeleteMapping("/api/account/sessions/{id}")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void signOutThere(@PathVariable String id) {
    access.atTheKeyboard();
    entrance.end(access.person(), id);
  }

  @GetMapping("/api/account/tokens")
  List<TokenView> tokens() {
    return accounts.tokens(access.person().id());
  }

  @PostMapping("/api/account/tokens")
  NewToken makeToken(@RequestBody TokenInput input) {
    access.atTheKeyboard();
    return accounts.makeToken(access.person().id(), input.name());
  }

  @DeleteMapping("/api/account/tokens/{id}")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void revokeToken(@PathVariable UUID id) {
    access.atTheKeyboard();
    accounts.revokeToken(access.person().id(), id);
  }

  private SessionView enter(
      Person person, HttpServletRequest request, HttpServletResponse response) {
    entrance.enter(person, request, response);
    return session();
  }
}
