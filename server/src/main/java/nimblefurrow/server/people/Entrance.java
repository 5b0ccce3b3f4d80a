package nimblefurrow.server.people;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.util.List;
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
    request.getSession(true);
    request.changeSessionId();
    SecurityContext context = SecurityContextHolder.createEmptyContext();
    context.setAuthentication(new UsernamePasswordAuthenticationToken(person, null, List.of()));
    SecurityContextHolder.setContext(context);
    contexts.saveContext(context, request, response);
  }

  /** Signs a person out everywhere but here. */
  void leaveElsewhere(Person person, HttpServletRequest request) {
    String here = request.getSession(true).getId();
    sessions.findByPrincipalName(person.toString()).keySet().stream()
        .filter(id -> !id.equals(here))
        .forEach(sessions::deleteById);
  }
}
