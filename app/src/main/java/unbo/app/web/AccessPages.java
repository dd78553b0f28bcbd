package unbo.app.web;

import org.springframework.security.core.session.SessionInformation;
import org.springframework.security.core.session.SessionRegistry;
import org.springframework.web.bind.annotation.PostMapping;

/** Leaving everywhere at once. */
@Page
class AccessPages {

    private final Remembered remembered;
    private final SessionRegistry sessions;

    AccessPages(Remembered remembered, SessionRegistry sessions) {
        this.remembered = remembered;
        this.sessions = sessions;
    }

    @PostMapping("/settings/leave-everywhere")
    String everywhere() {
        remembered.forgetAll();
        sessions.getAllPrincipals().stream()
                .flatMap(one -> sessions.getAllSessions(one, false).stream())
                .forEach(SessionInformation::expireNow);
        return "redirect:/login";
    }
}
