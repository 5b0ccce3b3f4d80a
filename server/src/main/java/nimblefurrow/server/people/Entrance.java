package nimblefurrow.server.people;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import jakarta.servlet.http.HttpSession;
import java.util.Comparator;
import java.util.List;
import java.util.UUID;
import nimblefurrow.server.support.NotFound;
import org.jspecify.annotations.Nullable;
import org.springframework.security.authentication.UsernamePasswordAuthenticationToken;
import org.springframework.security.core.context.SecurityContext;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.security.web.context.SecurityContextRepository;
import org.springframework.session.FindByIndexNameSessionRepository;
import org.springframework.session.Session;
import org.springframework.stereotype.Component;

/** Begins and ends a browser's session. */
@Component
class Entrance {
  private static final String DEVICE = "device";

  private final SecurityContextRepository contexts;
  private final FindByIndexNameSessionRepository<? extends Session> sessions;

  Entrance(
      SecurityContextRepository contexts,
      FindByIndexNameSessionRepository<? extends Session> sessions) {
    this.contexts = contexts;
    this.sessions = sessions;
  }

  /** Lets a person in under a new session id. */
  void enter(Person person, HttpServletRequest request, HttpServletResponse response) {
    request.getSession(true).setAttribute(DEVICE, device(request.getHeader("User-Agent")));
    request.changeSessionId();
    SecurityContext context = SecurityContextHolder.createEmptyContext();
    context.setAuthentication(new UsernamePasswordAuthenticationToken(person, null, List.of()));
    SecurityContextHolder.setContext(context);
    contexts.saveContext(context, request, response);
  }

  /** What somebody sits at, as far as its browser says: no more than is needed to know it again. */
  private static String device(@Nullable String browser) {
    return browser != null && browser.contains("Mobi") ? "phone" : "computer";
  }

  /** Where a person is signed in, the latest used first. */
  List<SignedIn> signedIn(Person person, HttpServletRequest request) {
    HttpSession here = request.getSession(false);
    return sessions.findByPrincipalName(person.toString()).values().stream()
        .filter(s -> !s.isExpired())
        .sorted(Comparator.comparing(Session::getLastAccessedTime).reversed())
        .map(
            s ->
                new SignedIn(
                    Secrets.hash(s.getId()),
                    s.getAttributeOrDefault(DEVICE, "computer"),
                    s.getCreationTime(),
                    s.getLastAccessedTime(),
                    here != null && s.getId().equals(here.getId())))
        .toList();
  }

  /**
   * Ends one of a person's sessions.
   *
   * @param id as it was told
   * @throws NotFound when they have no such session
   */
  void end(Person person, String id) {
    String session =
        sessions.findByPrincipalName(person.toString()).keySet().stream()
            .filter(s -> Secrets.hash(s).equals(id))
            .findFirst()
            .orElseThrow(() -> new NotFound("You are not signed in there any more."));
    sessions.deleteById(session);
  }

  /** Signs a person out everywhere but here. */
  void leaveElsewhere(Person person, HttpServletRequest request) {
    String here = request.getSession(true).getId();
    sessions.findByPrincipalName(person.toString()).keySet().stream()
        .filter(id -> !id.equals(here))
        .forEach(sessions::deleteById);
  }

  /** Signs someone out everywhere. */
  void leaveEverywhere(UUID accountId) {
    sessions.findByPrincipalName(accountId.toString()).keySet().forEach(sessions::deleteById);
  }
}
