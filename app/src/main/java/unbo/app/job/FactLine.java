package unbo.app.job;

import com.fasterxml.jackson.annotation.JsonIgnoreProperties;

import unbo.core.route.FactWords;
import unbo.core.sheet.Fact;
import unbo.core.sheet.Sheet;

/**
 * A fact in a list, in words.
 *
 * @param words what it is
 * @param shown its value with its unit
 * @param how how it is known
 * @param source where it comes from
 */
@JsonIgnoreProperties(ignoreUnknown = true)
public record FactLine(String words, String shown, String how, String source) {

    /** @param sheet that it stands on */
    public static FactLine of(Fact fact, Sheet sheet) {
        return new FactLine(
                fact.key().words(), FactWords.value(fact, sheet), fact.how().word(), FactWords.source(fact));
    }
}
