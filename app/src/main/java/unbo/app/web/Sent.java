package unbo.app.web;

import java.util.ArrayList;
import java.util.List;

import jakarta.servlet.http.HttpServletRequest;

/** One text that was sent. */
public record Sent(String name, String text) {

    private static final String TOKEN = "_csrf";

    /** All that a form sent but its token, so that it can be given back. */
    static List<Sent> of(HttpServletRequest request) {
        List<Sent> sent = new ArrayList<>();
        request.getParameterMap().forEach((name, texts) -> {
            for (String text : texts) {
                if (!name.equals(TOKEN)) {
                    sent.add(new Sent(name, text));
                }
            }
        });
        return sent;
    }
}
