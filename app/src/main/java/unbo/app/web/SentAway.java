package unbo.app.web;

import org.springframework.security.core.session.SessionInformation;
import org.springframework.security.core.session.SessionRegistry;
import org.springframework.security.core.userdetails.UserDetails;
import org.springframework.stereotype.Component;

/** Sends somebody away from every browser at once. */
@Component
public class SentAway {

    private final Remembered remembered;
    private final SessionRegistry sessions;

    SentAway(Remembered remembered, SessionRegistry sessions) {
        this.remembered = remembered;
        this.sessions = sessions;
    }

    /** @param name of the one who is */
    public void everywhere(String name) {
        remembered.removeUserTokens(name);
        sessions.getAllPrincipals().stream()
                .filter(one ->
                        one instanceof UserDetails user && user.getUsername().equals(name))
                .flatMap(one -> sessions.getAllSessions(one, false).stream())
                .forEach(SessionInformation::expireNow);
    }
}
