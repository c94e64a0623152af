package grintel.server.security;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import jakarta.servlet.http.HttpSession;
import java.io.IOException;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import org.springframework.web.filter.OncePerRequestFilter;

/** Ends a session that has grown old, however much it is used. */
final class SessionAge extends OncePerRequestFilter {
    private final Duration oldest;
    private final Clock clock;

    SessionAge(Duration oldest, Clock clock) {
        this.oldest = oldest;
        this.clock = clock;
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        // Who shows no session is not looked up: the front page needs no database.
        HttpSession session = request.getRequestedSessionId() == null ? null : request.getSession(false);
        if (session != null
                && Instant.ofEpochMilli(session.getCreationTime()).plus(oldest).isBefore(clock.instant())) {
            session.invalidate();
        }
        chain.doFilter(request, response);
    }
}
