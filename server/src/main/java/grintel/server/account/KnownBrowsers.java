package grintel.server.account;

import grintel.server.support.Sha256;
import grintel.server.support.Tokens;
import jakarta.servlet.http.Cookie;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.time.Clock;
import java.time.Duration;
import java.util.Arrays;
import java.util.UUID;
import java.util.regex.Pattern;
import org.springframework.http.HttpHeaders;
import org.springframework.http.ResponseCookie;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/**
 * Knows browsers again that have signed in to an account (the "device cookie" of OWASP). It lets nobody in; it only keeps
 * the tries of others from counting against the owner.
 */
@Component
class KnownBrowsers {
    private static final int BYTES = 24;
    private static final int DAYS = 180;
    private static final Pattern VALUE = Pattern.compile("[A-Za-z0-9_-]{32}");

    private final KnownBrowserRepository browsers;
    private final Clock clock;

    KnownBrowsers(KnownBrowserRepository browsers, Clock clock) {
        this.browsers = browsers;
        this.clock = clock;
    }

    private static String name(HttpServletRequest request) {
        return request.isSecure() ? "__Host-grintel-browser" : "grintel-browser";
    }

    /** What tells the browser of a request, if it has signed in to the account of an address; empty otherwise. */
    @Transactional(readOnly = true)
    public String known(HttpServletRequest request, String email) {
        String value = value(request);
        return !value.isEmpty() && browsers.knows(Sha256.of(value), email) ? value : "";
    }

    private static String value(HttpServletRequest request) {
        Cookie[] cookies = request.getCookies();
        return cookies == null
                ? ""
                : Arrays.stream(cookies)
                        .filter(cookie -> cookie.getName().equals(name(request)))
                        .map(Cookie::getValue)
                        .filter(value -> VALUE.matcher(value).matches())
                        .findFirst()
                        .orElse("");
    }

    /** A browser has signed in: it is known from now on, for this account. */
    @Transactional
    public void remember(UUID account, HttpServletRequest request, HttpServletResponse response) {
        String value = Tokens.make(BYTES);
        browsers.forgetOld(DAYS);
        browsers.save(new KnownBrowser(Sha256.of(value), account, clock.instant()));
        ResponseCookie cookie = ResponseCookie.from(name(request), value)
                .path("/")
                .httpOnly(true)
                .secure(request.isSecure())
                .sameSite("Lax")
                .maxAge(Duration.ofDays(DAYS))
                .build();
        response.addHeader(HttpHeaders.SET_COOKIE, cookie.toString());
    }
}
