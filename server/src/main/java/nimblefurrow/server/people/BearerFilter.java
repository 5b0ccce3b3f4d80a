package nimblefurrow.server.people;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.security.authentication.UsernamePasswordAuthenticationToken;
import org.springframework.security.core.context.SecurityContext;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.filter.OncePerRequestFilter;

/** Signs scripts in by their token for one request. */
@Component
class BearerFilter extends OncePerRequestFilter {
  /** Details of who comes with a token. */
  static final String BY_TOKEN = "by token";

  private static final String SCHEME = "Bearer ";

  private final Bearers bearers;

  BearerFilter(Bearers bearers) {
    this.bearers = bearers;
  }

  static boolean carriesToken(HttpServletRequest request) {
    String header = request.getHeader("Authorization");
    return header != null && header.regionMatches(true, 0, SCHEME, 0, SCHEME.length());
  }

  @Override
  protected void doFilterInternal(
      HttpServletRequest request, HttpServletResponse response, FilterChain chain)
      throws ServletException, IOException {
    if (carriesToken(request)) {
      String secret = secret(request.getHeader("Authorization"));
      // A request with a token is that token's or nobody's, never the browser session's.
      SecurityContext context = SecurityContextHolder.createEmptyContext();
      bearers
          .person(secret)
          .ifPresent(
              p -> {
                UsernamePasswordAuthenticationToken script =
                    new UsernamePasswordAuthenticationToken(p, null, List.of());
                script.setDetails(BY_TOKEN);
                context.setAuthentication(script);
              });
      SecurityContextHolder.setContext(context);
    }
    chain.doFilter(request, response);
  }

  private static String secret(@Nullable String header) {
    return header == null ? "" : header.substring(SCHEME.length()).strip();
  }

  @Component
  static class Bearers {
    private static final Duration NOTED_EVERY = Duration.ofMinutes(1);

    private final AccessTokens tokens;
    private final Accounts accounts;
    private final Clock clock;

    Bearers(AccessTokens tokens, Accounts accounts, Clock clock) {
      this.tokens = tokens;
      this.accounts = accounts;
      this.clock = clock;
    }

    @Transactional
    public Optional<Person> person(String secret) {
      return tokens
          .findByHash(Secrets.hash(secret))
          .flatMap(
              t -> {
                Instant now = Instant.now(clock);
                if (t.lastUsedAt == null || t.lastUsedAt.isBefore(now.minus(NOTED_EVERY))) {
                  t.lastUsedAt = now;
                }
                return accounts.findById(t.accountId);
              })
          .map(a -> new Person(a.id, a.name));
    }
  }
}
