package grintel.server.security;

import java.time.Clock;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.http.HttpStatus;
import org.springframework.security.config.annotation.web.builders.HttpSecurity;
import org.springframework.security.config.annotation.web.configurers.AbstractHttpConfigurer;
import org.springframework.security.config.annotation.web.configurers.CsrfConfigurer;
import org.springframework.security.crypto.argon2.Argon2PasswordEncoder;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.security.web.SecurityFilterChain;
import org.springframework.security.web.authentication.HttpStatusEntryPoint;
import org.springframework.security.web.savedrequest.NullRequestCache;

/** Everything under /api needs a person signed in, but for signing in itself and for what is the same for all. */
@Configuration
class SecurityConfiguration {
    private static final String CONTENT_POLICY = "default-src 'self'; style-src 'self' 'unsafe-inline'; img-src 'self'"
            + " data: blob:; font-src 'self'; object-src 'none'; base-uri 'self'; frame-ancestors 'none'";

    @Bean
    SecurityFilterChain chain(HttpSecurity http) throws Exception {
        return http.authorizeHttpRequests(requests -> requests.requestMatchers(
                                "/api/session", "/api/session/demo", "/api/accounts", "/api/guides", "/api/openapi")
                        .permitAll()
                        .requestMatchers("/api/**")
                        .authenticated()
                        .requestMatchers("/actuator/health")
                        .permitAll()
                        .requestMatchers("/actuator/**")
                        .denyAll()
                        .anyRequest()
                        .permitAll())
                .csrf(CsrfConfigurer::spa)
                .formLogin(AbstractHttpConfigurer::disable)
                .httpBasic(AbstractHttpConfigurer::disable)
                .logout(AbstractHttpConfigurer::disable)
                // What was asked for before signing in is not kept: it would start a session for everybody who looks.
                .requestCache(cache -> cache.requestCache(new NullRequestCache()))
                .exceptionHandling(handling ->
                        handling.authenticationEntryPoint(new HttpStatusEntryPoint(HttpStatus.UNAUTHORIZED)))
                .headers(headers -> headers.contentSecurityPolicy(policy -> policy.policyDirectives(CONTENT_POLICY)))
                .build();
    }

    /** Argon2id with the parameters Spring recommends since its version 5.8. */
    @Bean
    PasswordEncoder passwordEncoder() {
        return new BoundedPasswordEncoder(Argon2PasswordEncoder.defaultsForSpringSecurity_v5_8());
    }

    @Bean
    Clock clock() {
        return Clock.systemUTC();
    }
}
