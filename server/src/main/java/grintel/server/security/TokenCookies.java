package grintel.server.security;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import org.jspecify.annotations.Nullable;
import org.springframework.security.web.csrf.CookieCsrfTokenRepository;
import org.springframework.security.web.csrf.CsrfToken;
import org.springframework.security.web.csrf.CsrfTokenRepository;

/** The cookie of the token that a page sends back with each change, named by the same rules as that of a session. */
final class TokenCookies implements CsrfTokenRepository {
    private final CookieCsrfTokenRepository plain = named("grintel-token");
    private final CookieCsrfTokenRepository secure = named("__Host-grintel-token");

    private static CookieCsrfTokenRepository named(String name) {
        CookieCsrfTokenRepository repository = CookieCsrfTokenRepository.withHttpOnlyFalse();
        repository.setCookieName(name);
        repository.setCookiePath("/");
        repository.setCookieCustomizer(cookie -> cookie.sameSite("Lax"));
        return repository;
    }

    private CookieCsrfTokenRepository of(HttpServletRequest request) {
        return request.isSecure() ? secure : plain;
    }

    @Override
    public CsrfToken generateToken(HttpServletRequest request) {
        return of(request).generateToken(request);
    }

    @Override
    public void saveToken(@Nullable CsrfToken token, HttpServletRequest request, HttpServletResponse response) {
        of(request).saveToken(token, request, response);
    }

    @Override
    public @Nullable CsrfToken loadToken(HttpServletRequest request) {
        return of(request).loadToken(request);
    }
}
