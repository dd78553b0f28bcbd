package unbo.app.web;

import jakarta.servlet.http.HttpServletRequest;

import org.springframework.security.authentication.AnonymousAuthenticationToken;
import org.springframework.security.core.Authentication;
import org.springframework.security.web.authentication.WebAuthenticationDetails;

/** Who may come in, and where to. */
public interface Door {

    /** True where nobody is asked who he is: there are no accounts and no passphrase. */
    boolean open();

    /** True where there are accounts; false where one passphrase is shared, or nothing. */
    boolean named();

    /** What of a request counts besides name and password as somebody comes in. */
    WebAuthenticationDetails given(HttpServletRequest request);

    /** Whether somebody who came in may do what is asked for. @param method of the request @param path of it */
    boolean may(Authentication who, String method, String path);

    /** Whether whoever asks may do it: everybody where nobody is asked who he is, else who came in and may. */
    default boolean lets(Authentication who, String method, String path) {
        return open()
                || who != null
                        && who.isAuthenticated()
                        && !(who instanceof AnonymousAuthenticationToken)
                        && may(who, method, path);
    }
}
