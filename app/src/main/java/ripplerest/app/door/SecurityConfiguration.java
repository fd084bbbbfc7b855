package ripplerest.app.door;

import jakarta.servlet.DispatcherType;
import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.util.List;
import java.util.Optional;
import java.util.OptionalLong;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.security.access.AccessDeniedException;
import org.springframework.security.authentication.AuthenticationServiceException;
import org.springframework.security.authorization.AuthorizationDecision;
import org.springframework.security.config.annotation.web.builders.HttpSecurity;
import org.springframework.security.config.annotation.web.configurers.AbstractHttpConfigurer;
import org.springframework.security.core.Authentication;
import org.springframework.security.core.AuthenticationException;
import org.springframework.security.web.DefaultSecurityFilterChain;
import org.springframework.security.web.SecurityFilterChain;
import org.springframework.security.web.access.intercept.AuthorizationFilter;
import org.springframework.security.web.authentication.UsernamePasswordAuthenticationFilter;
import org.springframework.security.web.csrf.CookieCsrfTokenRepository;
import org.springframework.security.web.csrf.CsrfAuthenticationStrategy;
import org.springframework.security.web.csrf.CsrfException;
import org.springframework.security.web.util.matcher.AnyRequestMatcher;
import org.springframework.web.filter.OncePerRequestFilter;
import ripplerest.app.http.Problems;

/** Who comes in: nobody is asked where one is alone, everybody where people share it. */
@Configuration
class SecurityConfiguration {
  /** Alone on loopback nothing is asked, and no request goes through any of it. */
  @Bean
  @ConditionalOnProperty(name = "ripplerest.shared", havingValue = "false", matchIfMissing = true)
  SecurityFilterChain alone() {
    return new DefaultSecurityFilterChain(AnyRequestMatcher.INSTANCE, List.of());
  }

  @Bean
  CookieCsrfTokenRepository csrfTokens() {
    CookieCsrfTokenRepository tokens = CookieCsrfTokenRepository.withHttpOnlyFalse();
    tokens.setCookieCustomizer(cookie -> cookie.sameSite("Lax")); // the page sends it in a header
    return tokens;
  }

  /** A new token for whoever has just come in. */
  @Bean
  CsrfAuthenticationStrategy freshCsrfToken(CookieCsrfTokenRepository tokens) {
    return new CsrfAuthenticationStrategy(tokens);
  }

  @Bean
  @ConditionalOnProperty("ripplerest.shared")
  SecurityFilterChain shared(
      HttpSecurity http, Sessions sessions, Limits limits, CookieCsrfTokenRepository tokens) {
    return http.securityContext(c -> c.securityContextRepository(sessions))
        .csrf(c -> c.spa().csrfTokenRepository(tokens))
        .headers(AbstractHttpConfigurer::disable) // SafetyHeaders has them, alone too
        .requestCache(AbstractHttpConfigurer::disable)
        .formLogin(
            f ->
                f.loginPage("/sign-in")
                    .loginProcessingUrl("/api/session")
                    .usernameParameter("name")
                    .passwordParameter("password")
                    .successHandler(
                        (request, response, now) -> {
                          limits.cameIn(request.getParameter("name"));
                          response.setStatus(HttpServletResponse.SC_NO_CONTENT);
                        })
                    .failureHandler((request, response, why) -> notIn(response, why)))
        .logout(
            l ->
                l.logoutRequestMatcher(
                        r ->
                            r.getMethod().equals("DELETE")
                                && r.getRequestURI().equals("/api/session"))
                    .logoutSuccessHandler(
                        (request, response, now) ->
                            response.setStatus(HttpServletResponse.SC_NO_CONTENT)))
        .exceptionHandling(
            e ->
                e.authenticationEntryPoint(
                        (request, response, why) -> Refusals.notSignedIn(response))
                    .accessDeniedHandler((request, response, why) -> denied(response, why)))
        .authorizeHttpRequests(
            a ->
                // what goes on in another thread was let in when it was asked for
                a.dispatcherTypeMatchers(DispatcherType.ERROR, DispatcherType.ASYNC)
                    .permitAll()
                    .anyRequest()
                    .access(
                        (now, asked) ->
                            new AuthorizationDecision(
                                Access.may(
                                    visitor(now.get()),
                                    asked.getRequest().getMethod(),
                                    asked.getRequest().getRequestURI()))))
        .addFilterBefore(new Tries(limits), UsernamePasswordAuthenticationFilter.class)
        .addFilterAfter(new AsVisitor(), AuthorizationFilter.class)
        .build();
  }

  private static void notIn(HttpServletResponse response, AuthenticationException why)
      throws IOException {
    if (why instanceof AuthenticationServiceException) {
      Problems.write(why, response); // nobody could look the password up
    } else {
      Refusals.wrong(response);
    }
  }

  private static void denied(HttpServletResponse response, AccessDeniedException why)
      throws IOException {
    if (why instanceof CsrfException) {
      Refusals.oldPage(response);
    } else {
      Refusals.notAllowed(response);
    }
  }

  private static Optional<Visitor> visitor(Authentication now) {
    return now != null && now.getPrincipal() instanceof Visitor v
        ? Optional.of(v)
        : Optional.empty();
  }

  /** Whoever tries to come in too often waits. */
  private static final class Tries extends OncePerRequestFilter {
    private final Limits limits;

    Tries(Limits limits) {
      this.limits = limits;
    }

    @Override
    protected boolean shouldNotFilter(HttpServletRequest request) {
      return !request.getMethod().equals("POST") || !Limits.TRIES.contains(request.getRequestURI());
    }

    @Override
    protected void doFilterInternal(
        HttpServletRequest request, HttpServletResponse response, FilterChain chain)
        throws ServletException, IOException {
      OptionalLong wait = limits.address(request.getRemoteAddr());
      if (wait.isEmpty() && request.getRequestURI().equals("/api/session")) {
        wait = limits.name(request.getParameter("name"));
      }
      if (wait.isPresent()) {
        Refusals.tooOften(response, wait.getAsLong());
      } else {
        chain.doFilter(request, response);
      }
    }
  }
}
