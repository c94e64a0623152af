package grintel.server.security;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import jakarta.servlet.http.HttpSession;
import java.util.List;
import java.util.UUID;
import org.springframework.security.authentication.UsernamePasswordAuthenticationToken;
import org.springframework.security.core.context.SecurityContext;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.security.web.context.HttpSessionSecurityContextRepository;
import org.springframework.session.FindByIndexNameSessionRepository;
import org.springframework.session.Session;
import org.springframework.stereotype.Component;

/** Starts and ends sessions. */
@Component
public class Sessions {
    private final HttpSessionSecurityContextRepository contexts = new HttpSessionSecurityContextRepository();
    private final FindByIndexNameSessionRepository<? extends Session> sessions;

    Sessions(FindByIndexNameSessionRepository<? extends Session> sessions) {
        this.sessions = sessions;
    }

    /** Signs a person in, in a new session: one planted before is worth nothing, and its age counts from now. */
    public void start(SignedIn person, HttpServletRequest request, HttpServletResponse response) {
        end(request);
        request.getSession(true);
        SecurityContext context = SecurityContextHolder.createEmptyContext();
        context.setAuthentication(UsernamePasswordAuthenticationToken.authenticated(person, null, List.of()));
        SecurityContextHolder.setContext(context);
        contexts.saveContext(context, request, response);
    }

    /** Whether a request comes from somebody signed in; asks the store of sessions. */
    public static boolean isSignedIn(HttpServletRequest request) {
        HttpSession session = request.getSession(false);
        return session != null
                && session.getAttribute(HttpSessionSecurityContextRepository.SPRING_SECURITY_CONTEXT_KEY) != null;
    }

    /** Signs out. */
    public void end(HttpServletRequest request) {
        HttpSession session = request.getSession(false);
        if (session != null) {
            session.invalidate();
        }
        SecurityContextHolder.clearContext();
    }

    /** Ends all sessions of an account but that of a request. */
    public void endOthers(UUID account, HttpServletRequest request) {
        HttpSession own = request.getSession(false);
        String kept = own == null ? "" : own.getId();
        for (String id : sessions.findByPrincipalName(account.toString()).keySet()) {
            if (!id.equals(kept)) {
                sessions.deleteById(id);
            }
        }
    }
}
