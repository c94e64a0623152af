package grintel.server.security;

import java.time.Clock;
import java.time.Duration;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.http.HttpStatus;
import org.springframework.security.authorization.AuthorizationDecision;
import org.springframework.security.config.annotation.web.builders.HttpSecurity;
import org.springframework.security.config.annotation.web.configurers.AbstractHttpConfigurer;
import org.springframework.security.core.Authentication;
import org.springframework.security.crypto.argon2.Argon2PasswordEncoder;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.security.web.SecurityFilterChain;
import org.springframework.security.web.authentication.HttpStatusEntryPoint;
import org.springframework.security.web.context.SecurityContextHolderFilter;
import org.springframework.security.web.header.writers.CrossOriginOpenerPolicyHeaderWriter.CrossOriginOpenerPolicy;
import org.springframework.security.web.header.writers.CrossOriginResourcePolicyHeaderWriter.CrossOriginResourcePolicy;
import org.springframework.security.web.header.writers.ReferrerPolicyHeaderWriter.ReferrerPolicy;
import org.springframework.security.web.savedrequest.NullRequestCache;
import org.springframework.session.web.http.CookieSerializer;

/** Everything under /api needs a person signed in, but for signing in itself and for what is the same for all. */
@Configuration
class SecurityConfiguration {
    private static final String CONTENT_POLICY = "default-src 'self'; style-src 'self' 'unsafe-inline'; img-src 'self'"
            + " data: blob:; font-src 'self'; object-src 'none'; base-uri 'none'; form-action 'self'; frame-ancestors 'none'";

    @Bean
    SecurityFilterChain chain(
            HttpSecurity http,
            @Value("${grintel.demo}") boolean demo,
            @Value("${grintel.session.oldest}") Duration oldest,
            Clock clock,
            SecurityLog log)
            throws Exception {
        return http.authorizeHttpRequests(requests -> requests.requestMatchers(
                                "/api/session",
                                "/api/session/demo/**",
                                "/api/accounts",
                                "/api/password-reset",
                                "/api/guides")
                        .permitAll()
                        .requestMatchers("/api/openapi")
                        .access((person, request) -> new AuthorizationDecision(demo || isSignedIn(person.get())))
                        .requestMatchers("/api/**")
                        .authenticated()
                        .requestMatchers("/actuator/health")
                        .permitAll()
                        .requestMatchers("/actuator/**")
                        .denyAll()
                        .anyRequest()
                        .permitAll())
                .csrf(csrf -> {
                    csrf.spa();
                    csrf.csrfTokenRepository(new TokenCookies());
                })
                .addFilterBefore(new SessionAge(oldest, clock), SecurityContextHolderFilter.class)
                .formLogin(AbstractHttpConfigurer::disable)
                .httpBasic(AbstractHttpConfigurer::disable)
                .logout(AbstractHttpConfigurer::disable)
                // What was asked for before signing in is not kept: it would start a session for everybody who looks.
                .requestCache(cache -> cache.requestCache(new NullRequestCache()))
                .exceptionHandling(handling -> handling.authenticationEntryPoint(
                                new HttpStatusEntryPoint(HttpStatus.UNAUTHORIZED))
                        .accessDeniedHandler((request, response, denied) -> {
                            log.machine(SecurityLog.Event.REFUSED, request.getRemoteAddr());
                            response.setStatus(HttpStatus.FORBIDDEN.value());
                        }))
                // Spring adds Strict-Transport-Security by itself to what is answered over HTTPS.
                .headers(headers -> headers.contentSecurityPolicy(policy -> policy.policyDirectives(CONTENT_POLICY))
                        .referrerPolicy(policy -> policy.policy(ReferrerPolicy.NO_REFERRER))
                        .crossOriginOpenerPolicy(policy -> policy.policy(CrossOriginOpenerPolicy.SAME_ORIGIN))
                        .crossOriginResourcePolicy(policy -> policy.policy(CrossOriginResourcePolicy.SAME_ORIGIN)))
                .build();
    }

    private static boolean isSignedIn(Authentication person) {
        return person != null && person.getPrincipal() instanceof SignedIn;
    }

    @Bean
    CookieSerializer sessionCookies() {
        return new SessionCookies();
    }

    /**
     * Argon2id at a cost of the OWASP password storage cheat sheet, which names several as equally strong: 7 MiB, five
     * passes, one lane. Of those it is the quickest here, and holds the least memory while a class signs up.
     */
    @Bean
    PasswordEncoder passwordEncoder() {
        return new BoundedPasswordEncoder(new Argon2PasswordEncoder(16, 32, 1, 7 << 10, 5));
    }

    @Bean
    Clock clock() {
        return Clock.systemUTC();
    }
}
