package unbo.app.web;

import org.springframework.stereotype.Component;

/** Sends somebody away from every browser at once. */
@Component
public class SentAway {

    private final Remembered remembered;

    SentAway(Remembered remembered) {
        this.remembered = remembered;
    }

    /** @param name of the one who is */
    public void everywhere(String name) {
        remembered.removeUserTokens(name);
    }
}
