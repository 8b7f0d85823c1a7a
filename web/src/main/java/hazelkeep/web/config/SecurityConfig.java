package hazelkeep.web.config;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.util.Set;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.security.config.annotation.web.builders.HttpSecurity;
import org.springframework.security.core.userdetails.UserDetailsService;
import org.springframework.security.provisioning.InMemoryUserDetailsManager;
import org.springframework.security.web.SecurityFilterChain;
import org.springframework.security.web.header.writers.ReferrerPolicyHeaderWriter.ReferrerPolicy;
import org.springframework.web.filter.OncePerRequestFilter;

/**
 * One turner on one machine: no log-in, but nothing that a page from elsewhere could misuse. The
 * server listens on the loopback interface; a strict policy forbids foreign and inline script.
 */
@Configuration
class SecurityConfig {
  private static final String POLICY =
      "default-src 'none'; script-src 'self'; style-src 'self'; img-src 'self' data:;"
          + " font-src 'self'; connect-src 'self'; form-action 'self'; base-uri 'none';"
          + " frame-ancestors 'none'";

  private static final Set<String> LOCAL = Set.of("localhost", "127.0.0.1", "[::1]", "::1");

  @Bean
  SecurityFilterChain chain(HttpSecurity http) throws Exception {
    return http.authorizeHttpRequests(r -> r.anyRequest().permitAll())
        // Asking for a plan changes nothing, and programs that ask hold no token.
        .csrf(c -> c.ignoringRequestMatchers("/api/plan"))
        .headers(
            h ->
                h.contentSecurityPolicy(p -> p.policyDirectives(POLICY))
                    .referrerPolicy(r -> r.policy(ReferrerPolicy.SAME_ORIGIN)))
        .formLogin(f -> f.disable())
        .httpBasic(b -> b.disable())
        .logout(l -> l.disable())
        .build();
  }

  /** Nobody logs in; without this a password would be made up and printed. */
  @Bean
  UserDetailsService nobody() {
    return new InMemoryUserDetailsManager();
  }

  /** Refuses requests that reached this machine under a foreign name. */
  @Bean
  OncePerRequestFilter localNamesOnly() {
    return new OncePerRequestFilter() {
      @Override
      protected void doFilterInternal(
          HttpServletRequest request, HttpServletResponse response, FilterChain chain)
          throws ServletException, IOException {
        if (LOCAL.contains(request.getServerName())) {
          chain.doFilter(request, response);
        } else {
          response.sendError(HttpServletResponse.SC_BAD_REQUEST);
        }
      }
    };
  }
}
