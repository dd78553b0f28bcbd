package unbo.app.web;

import java.util.Collection;
import java.util.List;
import java.util.Map;

import unbo.core.tools.school.Dispute;

/**
 * A question in which practitioners disagree, as a page shows it.
 *
 * @param name of the text that takes a side
 * @param boxed true where that is a box of the page
 * @param now the side that is taken; the default where nobody took one
 * @param taken false where nobody took one
 */
public record DisputeLine(
        String question, String name, boolean boxed, List<Dispute.Side> sides, Dispute.Side now, boolean taken) {

    /** Some disputes, with the sides that texts take. @param asked names of the boxes of the page */
    public static List<DisputeLine> of(List<Dispute> disputes, Map<String, String> texts, Collection<String> asked) {
        return disputes.stream()
                .map(dispute -> new DisputeLine(
                        dispute.question(),
                        dispute.name(),
                        asked.contains(dispute.box()),
                        dispute.sides(),
                        dispute.taken(texts).orElse(dispute.usual()),
                        dispute.taken(texts).isPresent()))
                .toList();
    }

    /** The side that stands, in a few words. */
    public String words() {
        return now.name() + (taken ? "" : ", the default");
    }
}
