package unbo.app.web;

import jakarta.servlet.http.Cookie;
import jakarta.servlet.http.HttpServletRequest;

/**
 * What a cookie that says who one is is called. Behind TLS its name begins so that a browser takes it from this host
 * alone, for TLS alone and for every path (RFC 6265bis, 4.1.3.2); without TLS a browser refuses such a name.
 */
final class CookieName {

    static final String THIS_HOST_ALONE = "__Host-";

    private CookieName() {}

    static String of(String name, HttpServletRequest request) {
        return request.isSecure() ? THIS_HOST_ALONE + name : name;
    }

    /** What the request has under that name; null where it has none. */
    static String value(String name, HttpServletRequest request) {
        String called = of(name, request);
        if (request.getCookies() != null) {
            for (Cookie cookie : request.getCookies()) {
                if (cookie.getName().equals(called)) {
                    return cookie.getValue();
                }
            }
        }
        return null;
    }
}
