package unbo.app.web;

import java.io.IOException;

/** A body without a length turned out to be longer than it may be. */
public final class TooLarge extends IOException {

    private static final long serialVersionUID = 1L;

    TooLarge(Largest limit) {
        super(limit.words());
    }
}
