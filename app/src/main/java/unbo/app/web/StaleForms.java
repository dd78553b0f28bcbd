package unbo.app.web;

import java.io.IOException;

import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;

import org.springframework.security.access.AccessDeniedException;
import org.springframework.security.web.access.AccessDeniedHandler;
import org.springframework.security.web.csrf.CsrfException;

/**
 * A form of ours whose token no longer fits is shown again with what was typed, to be sent by hand; one that another
 * site sent is refused.
 */
class StaleForms implements AccessDeniedHandler {

    @Override
    public void handle(HttpServletRequest request, HttpServletResponse response, AccessDeniedException denied)
            throws IOException, ServletException {
        if (denied instanceof CsrfException && Ours.known(request)) {
            request.getRequestDispatcher(Breakdowns.TOO_LATE).forward(request, response);
        } else {
            response.sendError(
                    HttpServletResponse.SC_FORBIDDEN,
                    denied instanceof CsrfException
                            ? ""
                            : "Your account may not do that: the owner of this workshop may.");
        }
    }
}
