package unbo.app.web;

import java.security.SecureRandom;
import java.time.Duration;
import java.util.HexFormat;

import jakarta.servlet.http.Cookie;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;

import org.springframework.http.HttpHeaders;
import org.springframework.http.ResponseCookie;
import org.springframework.web.util.WebUtils;

/**
 * Tells one browser from another by a random cookie, so that what is being typed at each is held apart. Names nobody.
 */
public final class Desk {

    private static final String COOKIE = "unbo-desk";
    private static final SecureRandom RANDOM = new SecureRandom();

    private Desk() {}

    /** The desk this request comes from: 32 hexadecimal figures, given out at the first request and kept for a year. */
    public static String of(HttpServletRequest request, HttpServletResponse response) {
        Cookie cookie = WebUtils.getCookie(request, COOKIE);
        if (cookie != null && cookie.getValue().matches("[0-9a-f]{32}")) {
            return cookie.getValue();
        }
        byte[] bytes = new byte[16];
        RANDOM.nextBytes(bytes);
        String desk = HexFormat.of().formatHex(bytes);
        response.addHeader(
                HttpHeaders.SET_COOKIE,
                ResponseCookie.from(COOKIE, desk)
                        .path("/")
                        .httpOnly(true)
                        .sameSite("Lax")
                        .maxAge(Duration.ofDays(365))
                        .build()
                        .toString());
        return desk;
    }
}
