package unbo.app.web;

import jakarta.servlet.http.HttpServletRequest;

import org.springframework.security.web.authentication.WebAuthenticationDetails;

/** What of a request counts besides name and password as somebody comes in. */
public interface Given {

    WebAuthenticationDetails of(HttpServletRequest request);
}
