package unbo.app.job;

import java.util.List;
import java.util.Objects;

import unbo.core.bearing.BearingBook;
import unbo.core.drawing.Drawing;
import unbo.core.fact.FactKey;
import unbo.core.route.FactWords;
import unbo.core.sheet.Fact;
import unbo.core.sheet.Sheet;
import unbo.core.table.Table;
import unbo.core.tools.identify.HubSection;
import unbo.core.tools.setting.ShaftSection;

/**
 * How a job was printed while facts had no places of their own: what was closed then stands as it was, word for word.
 */
final class OlderPaper {

    private static final List<Words> WORDS = Table.read(OlderPaper.class, "older-facts.csv").stream()
            .map(row -> new Words(FactKey.named(row.get("key")).orElseThrow(), row.get("words")))
            .toList();

    private record Words(FactKey key, String words) {}

    private OlderPaper() {}

    /** Its facts, in the order and the words of then. */
    static List<FactLine> facts(Sheet sheet) {
        return WORDS.stream()
                .map(known -> line(known, sheet))
                .filter(Objects::nonNull)
                .filter(line -> !line.shown().isEmpty())
                .toList();
    }

    private static FactLine line(Words known, Sheet sheet) {
        Fact fact = sheet.get(known.key()).orElse(null);
        return fact == null
                ? null
                : new FactLine(
                        known.words(), FactWords.value(fact, sheet), fact.how().word(), FactWords.source(fact));
    }

    /** Its section: a wheel's hub, or the shaft in its bearings; null where nothing was known to draw. */
    static Drawing section(JobView view, BearingBook book) {
        return view.position().wheel() || view.position().unknown()
                ? HubSection.of(view.sheet(), book)
                : ShaftSection.of(view.sheet(), book).orElse(null);
    }
}
