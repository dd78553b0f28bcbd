package unbo.app.web;

import java.io.IOException;

import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;

import org.springframework.http.HttpHeaders;
import org.springframework.security.access.AccessDeniedException;
import org.springframework.security.web.access.AccessDeniedHandler;
import org.springframework.security.web.csrf.CsrfException;

/**
 * A form of ours whose token no longer fits is shown again with what was typed, to be sent by hand; one that another
 * site sent is refused.
 */
class StaleForms implements AccessDeniedHandler {

    @Override
    public void handle(HttpServletRequest request, HttpServletResponse response, AccessDeniedException denied) throws IOException, ServletException {
        if (denied instanceof CsrfException && ours(request)) {
            request.getRequestDispatcher(Breakdowns.TOO_LATE).forward(request, response);
        } else {
            response.sendError(HttpServletResponse.SC_FORBIDDEN);
        }
    }

    /** True when a page of this very address sent it: browsers say so, and no page can say it of itself. */
    private static boolean ours(HttpServletRequest request) {
        String origin = request.getHeader(HttpHeaders.ORIGIN);
        String here = request.getScheme() + "://" + request.getHeader(HttpHeaders.HOST);
        return origin != null ? origin.equals(here) : "same-origin".equals(request.getHeader("Sec-Fetch-Site"));
    }
}
