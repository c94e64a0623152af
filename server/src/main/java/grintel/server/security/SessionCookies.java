package grintel.server.security;

import jakarta.servlet.http.HttpServletRequest;
import java.util.List;
import org.springframework.session.web.http.CookieSerializer;
import org.springframework.session.web.http.DefaultCookieSerializer;

/**
 * The cookie of a session. Behind HTTPS its name says to the browser that it is of this very host, whole and over HTTPS
 * only (the {@code __Host-} prefix of RFC 6265bis).
 */
final class SessionCookies implements CookieSerializer {
    private final DefaultCookieSerializer plain = named("grintel-session");
    private final DefaultCookieSerializer secure = named("__Host-grintel-session");

    private static DefaultCookieSerializer named(String name) {
        DefaultCookieSerializer serializer = new DefaultCookieSerializer();
        serializer.setCookieName(name);
        serializer.setCookiePath("/");
        serializer.setSameSite("Lax");
        serializer.setUseHttpOnlyCookie(true);
        return serializer;
    }

    private DefaultCookieSerializer of(HttpServletRequest request) {
        return request.isSecure() ? secure : plain;
    }

    @Override
    public void writeCookieValue(CookieValue value) {
        of(value.getRequest()).writeCookieValue(value);
    }

    @Override
    public List<String> readCookieValues(HttpServletRequest request) {
        return of(request).readCookieValues(request);
    }
}
