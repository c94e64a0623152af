package grintel.server.problem;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/** Around all other filters: what goes wrong in them, as when sessions cannot be looked up, is told as any problem is. */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE)
class ProblemFilter extends OncePerRequestFilter {
    private final ProblemWriter writer;

    ProblemFilter(ProblemWriter writer) {
        this.writer = writer;
    }

    @Override
    protected boolean shouldNotFilterAsyncDispatch() {
        return false;
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws IOException, ServletException {
        try {
            chain.doFilter(request, response);
        } catch (RuntimeException | ServletException e) {
            if (response.isCommitted()) {
                throw e;
            }
            Problem problem = Problems.of(e instanceof ServletException && e.getCause() != null ? e.getCause() : e);
            response.resetBuffer();
            writer.write(problem, response);
        }
    }
}
