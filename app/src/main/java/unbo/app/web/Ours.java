package unbo.app.web;

import jakarta.servlet.http.HttpServletRequest;

import org.springframework.http.HttpHeaders;

/**
 * Tells what a page of this very address asks for from what another site makes a browser ask: browsers say so, and no
 * page can say it of itself.
 */
public final class Ours {

    private static final String SITE = "Sec-Fetch-Site";
    private static final String SAME = "same-origin";

    private Ours() {}

    /** True when a page of ours is known to have sent it. */
    static boolean known(HttpServletRequest request) {
        String origin = request.getHeader(HttpHeaders.ORIGIN);
        return origin != null ? origin.equals(here(request)) : SAME.equals(request.getHeader(SITE));
    }

    /**
     * True when another site made the browser ask. What says nothing of where it comes from is no page of another site.
     */
    public static boolean foreign(HttpServletRequest request) {
        String origin = request.getHeader(HttpHeaders.ORIGIN);
        String site = request.getHeader(SITE);
        return origin != null && !origin.equals(here(request))
                || site != null && !site.equals(SAME) && !site.equals("none");
    }

    private static String here(HttpServletRequest request) {
        return request.getScheme() + "://" + request.getHeader(HttpHeaders.HOST);
    }
}
