package nimblefurrow.server.people;

import jakarta.servlet.http.HttpServletResponse;
import java.nio.charset.StandardCharsets;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.web.servlet.FilterRegistrationBean;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.security.config.annotation.web.builders.HttpSecurity;
import org.springframework.security.crypto.bcrypt.BCryptPasswordEncoder;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.security.web.SecurityFilterChain;
import org.springframework.security.web.authentication.AnonymousAuthenticationFilter;
import org.springframework.security.web.context.HttpSessionSecurityContextRepository;
import org.springframework.security.web.context.SecurityContextRepository;
import org.springframework.security.web.header.writers.ReferrerPolicyHeaderWriter;

@Configuration
class Security {
  @Bean
  PasswordEncoder passwordEncoder(@Value("${nimble-furrow.password-rounds:11}") int rounds) {
    return new BCryptPasswordEncoder(rounds);
  }

  @Bean
  SecurityContextRepository securityContexts() {
    return new HttpSessionSecurityContextRepository();
  }

  /** The filter belongs to the chain below, not to every request as well. */
  @Bean
  FilterRegistrationBean<BearerFilter> notTwice(BearerFilter bearer) {
    FilterRegistrationBean<BearerFilter> registration = new FilterRegistrationBean<>(bearer);
    registration.setEnabled(false);
    return registration;
  }

  @Bean
  SecurityFilterChain chain(
      HttpSecurity http, BearerFilter bearer, SecurityContextRepository contexts) throws Exception {
    return http.csrf(c -> c.spa().ignoringRequestMatchers(BearerFilter::carriesToken))
        .securityContext(c -> c.securityContextRepository(contexts))
        .authorizeHttpRequests(
            a ->
                a.requestMatchers("/api/session", "/api/session/demo", "/api/first-run")
                    .permitAll()
                    .requestMatchers(
                        "/api/ready",
                        "/api/trust",
                        "/api/trust/*",
                        "/api/password-links/*",
                        "/api/invitations/*",
                        "/api/invitations/*/account")
                    .permitAll()
                    .requestMatchers("/api/openapi/**", "/api/openapi", "/api/calendar/**")
                    .permitAll()
                    .requestMatchers("/api/**")
                    .authenticated()
                    .anyRequest()
                    .permitAll())
        .addFilterBefore(bearer, AnonymousAuthenticationFilter.class)
        .exceptionHandling(
            e ->
                e.authenticationEntryPoint(
                        (request, response, problem) ->
                            refuse(response, 401, "Sign in first, or send a valid token."))
                    .accessDeniedHandler(
                        (request, response, problem) ->
                            refuse(
                                response,
                                403,
                                "The page was open too long. Reload it and try again.")))
        .requestCache(c -> c.disable())
        .logout(l -> l.disable())
        .headers(
            h ->
                h.contentSecurityPolicy(
                        c ->
                            c.policyDirectives(
                                "default-src 'self'; style-src 'self' 'unsafe-inline'; "
                                    + "img-src 'self' data: blob:; frame-ancestors 'none'; "
                                    + "base-uri 'self'; form-action 'self'; object-src 'none'"))
                    .referrerPolicy(
                        r -> r.policy(ReferrerPolicyHeaderWriter.ReferrerPolicy.SAME_ORIGIN)))
        .build();
  }

  private static void refuse(HttpServletResponse response, int status, String sentence)
      throws java.io.IOException {
    response.setStatus(status);
    response.setContentType("application/problem+json");
    response.setCharacterEncoding(StandardCharsets.UTF_8.name());
    response.getWriter().write("{\"status\":%d,\"detail\":\"%s\"}".formatted(status, sentence));
  }
}
