package hazelkeep.web.config;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.time.Duration;
import java.util.Locale;
import java.util.Set;
import java.util.regex.Pattern;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.security.config.annotation.web.builders.HttpSecurity;
import org.springframework.security.core.userdetails.UserDetailsService;
import org.springframework.security.provisioning.InMemoryUserDetailsManager;
import org.springframework.security.web.SecurityFilterChain;
import org.springframework.security.web.csrf.CookieCsrfTokenRepository;
import org.springframework.security.web.csrf.CsrfFilter;
import org.springframework.security.web.csrf.CsrfToken;
import org.springframework.security.web.header.writers.ReferrerPolicyHeaderWriter.ReferrerPolicy;
import org.springframework.web.filter.OncePerRequestFilter;

/**
 * One turner on one machine: no log-in, but nothing that a page from elsewhere could misuse. The
 * server listens on the loopback interface; a strict policy forbids foreign and inline script. Who
 * comes in from the local network is met before all this, where a device shows that it is paired.
 */
@Configuration
class SecurityConfig {
  private static final String POLICY =
      "default-src 'none'; script-src 'self'; style-src 'self'; img-src 'self' data:;"
          + " font-src 'self'; connect-src 'self'; form-action 'self'; base-uri 'none';"
          + " frame-ancestors 'none'";

  /** A page that stays open at the lathe can save for as long as a browser keeps a cookie. */
  private static final Duration TOKEN = Duration.ofDays(400);

  private static final Set<String> LOCAL = Set.of("localhost", "127.0.0.1", "[::1]", "::1");

  /** A page from elsewhere can make its own name mean this machine, but not a bare address. */
  private static final Pattern IP = Pattern.compile("\\d{1,3}(\\.\\d{1,3}){3}|\\[?[0-9a-f:]+]?");

  private static boolean named(HttpServletRequest request) {
    String name = request.getServerName().toLowerCase(Locale.ROOT);
    return LOCAL.contains(name) || Callers.throughDoor(request) && IP.matcher(name).matches();
  }

  /** Asking for a plan says itself who may. */
  private static final String ASKING = "/api/plan";

  /** The owner's command line shows a key instead. */
  private static final String OWNER = "/data/copy-for-owner";

  private static boolean changes(HttpServletRequest request) {
    return !Set.of("GET", "HEAD", "OPTIONS").contains(request.getMethod())
        && !request.getRequestURI().equals(ASKING);
  }

  @Bean
  SecurityFilterChain chain(HttpSecurity http) throws Exception {
    return http.authorizeHttpRequests(r -> r.anyRequest().permitAll())
        // Asking for a plan changes nothing, and programs that ask hold no token.
        .csrf(c -> c.csrfTokenRepository(tokens()).ignoringRequestMatchers(ASKING, OWNER))
        .addFilterAfter(tokenForThePage(), CsrfFilter.class)
        .headers(
            h ->
                h.contentSecurityPolicy(p -> p.policyDirectives(POLICY))
                    .referrerPolicy(r -> r.policy(ReferrerPolicy.SAME_ORIGIN)))
        .formLogin(f -> f.disable())
        .httpBasic(b -> b.disable())
        .logout(l -> l.disable())
        .build();
  }

  /** Kept by the browser, not by a session: it outlasts a restart of the server. */
  private static CookieCsrfTokenRepository tokens() {
    CookieCsrfTokenRepository tokens = new CookieCsrfTokenRepository();
    tokens.setCookieName("hazel-page");
    tokens.setCookieCustomizer(c -> c.maxAge(TOKEN).sameSite("Strict").httpOnly(true));
    return tokens;
  }

  /** Makes the cookie before a long page begins to leave. */
  private static OncePerRequestFilter tokenForThePage() {
    return new OncePerRequestFilter() {
      @Override
      protected void doFilterInternal(
          HttpServletRequest request, HttpServletResponse response, FilterChain chain)
          throws ServletException, IOException {
        if (request.getAttribute(CsrfToken.class.getName()) instanceof CsrfToken token) {
          token.getToken();
        }
        chain.doFilter(request, response);
      }
    };
  }

  /** Nobody logs in; without this a password would be made up and printed. */
  @Bean
  UserDetailsService nobody() {
    return new InMemoryUserDetailsManager();
  }

  /** Refuses requests under a foreign name, and changes that a page from elsewhere sends. */
  @Bean
  OncePerRequestFilter localOnly() {
    return new OncePerRequestFilter() {
      @Override
      protected void doFilterInternal(
          HttpServletRequest request, HttpServletResponse response, FilterChain chain)
          throws ServletException, IOException {
        if (!named(request)) {
          response.sendError(HttpServletResponse.SC_BAD_REQUEST);
        } else if (changes(request) && Callers.elsewhere(request)) {
          response.sendError(HttpServletResponse.SC_FORBIDDEN);
        } else {
          chain.doFilter(request, response);
        }
      }
    };
  }
}
