package unbo.app.web;

import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.time.Duration;
import java.time.Instant;
import java.util.Date;

import jakarta.servlet.http.Cookie;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;

import org.springframework.security.core.Authentication;
import org.springframework.security.core.userdetails.UserDetails;
import org.springframework.security.core.userdetails.UserDetailsService;
import org.springframework.security.web.authentication.rememberme.InvalidCookieException;
import org.springframework.security.web.authentication.rememberme.PersistentRememberMeToken;
import org.springframework.security.web.authentication.rememberme.PersistentTokenBasedRememberMeServices;
import org.springframework.security.web.authentication.rememberme.RememberMeAuthenticationException;

/**
 * Knows a browser again by a secret of its own, which stays the same: a page asks for several things at once, and a
 * secret that changed with each would send the others away. A browser that leaves is forgotten, the others are not.
 */
final class Remembering extends PersistentTokenBasedRememberMeServices {

    private static final Duration SEEN_EACH = Duration.ofHours(12);

    private final Remembered remembered;

    /** @param seconds so long a browser is known that does not come */
    Remembering(String key, UserDetailsService users, Remembered remembered, int seconds) {
        super(key, users, remembered);
        this.remembered = remembered;
        setAlwaysRemember(true);
        setTokenValiditySeconds(seconds);
    }

    /** What is the same for everybody asks for no secret. */
    @Override
    protected String extractRememberMeCookie(HttpServletRequest request) {
        return request.getRequestURI().startsWith("/assets/") ? null : CookieName.value(getCookieName(), request);
    }

    @Override
    protected void setCookie(String[] tokens, int seconds, HttpServletRequest request, HttpServletResponse response) {
        give(encodeCookie(tokens), seconds, request, response);
    }

    @Override
    protected void cancelCookie(HttpServletRequest request, HttpServletResponse response) {
        give("", 0, request, response);
    }

    private void give(String value, int seconds, HttpServletRequest request, HttpServletResponse response) {
        Cookie cookie = new Cookie(CookieName.of(getCookieName(), request), value);
        cookie.setMaxAge(seconds);
        cookie.setPath("/");
        cookie.setSecure(request.isSecure());
        cookie.setHttpOnly(true);
        cookie.setAttribute("SameSite", "Lax");
        response.addCookie(cookie);
    }

    @Override
    protected UserDetails processAutoLoginCookie(
            String[] cookie, HttpServletRequest request, HttpServletResponse response) {
        if (cookie.length != 2) {
            throw new InvalidCookieException("not a series and a token");
        }
        PersistentRememberMeToken kept = remembered.getTokenForSeries(cookie[0]);
        if (kept == null || !same(kept.getTokenValue(), cookie[1])) {
            throw new RememberMeAuthenticationException("not a browser that is known");
        }
        Instant seen = kept.getDate().toInstant();
        Instant now = Instant.now();
        if (seen.plusSeconds(getTokenValiditySeconds()).isBefore(now)) {
            throw new RememberMeAuthenticationException("not seen for too long");
        }
        if (seen.plus(SEEN_EACH).isBefore(now)) {
            remembered.updateToken(kept.getSeries(), kept.getTokenValue(), Date.from(now));
        }
        return getUserDetailsService().loadUserByUsername(kept.getUsername());
    }

    private static boolean same(String one, String other) {
        return MessageDigest.isEqual(one.getBytes(StandardCharsets.UTF_8), other.getBytes(StandardCharsets.UTF_8));
    }

    @Override
    protected String[] decodeCookie(String cookie) {
        try {
            return super.decodeCookie(cookie);
        } catch (IllegalArgumentException cut) {
            throw new InvalidCookieException("not a cookie of ours");
        }
    }

    @Override
    public void logout(HttpServletRequest request, HttpServletResponse response, Authentication given) {
        String cookie = extractRememberMeCookie(request);
        if (cookie != null && !cookie.isEmpty()) {
            try {
                remembered.forget(decodeCookie(cookie)[0]);
            } catch (InvalidCookieException none) {
                // it was not known before either
            }
        }
        cancelCookie(request, response);
    }
}
