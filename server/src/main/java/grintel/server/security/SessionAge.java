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

    /** The front page needs no session, and no database. */
    @Override
    protected boolean shouldNotFilter(HttpServletRequest request) {
        return !request.getRequestURI().startsWith("/api/");
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        HttpSession session = request.getSession(false);
        if (session != null
                && Instant.ofEpochMilli(session.getCreationTime()).plus(oldest).isBefore(clock.instant())) {
            session.invalidate();
        }
        chain.doFilter(request, response);
    }
}
