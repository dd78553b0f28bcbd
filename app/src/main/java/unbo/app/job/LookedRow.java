package unbo.app.job;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;

import unbo.core.assembly.AssemblyKind;
import unbo.core.assembly.BearingPlaces;
import unbo.core.assembly.Part;
import unbo.core.bearing.BearingBook;
import unbo.core.fact.FactKey;
import unbo.core.inspect.PartsLooked;
import unbo.core.sheet.Sheet;
import unbo.core.tools.strip.PartsLookedFields;

/**
 * A part that is no bearing, as Inspect asks of it.
 *
 * @param always true where it is never used twice
 * @param verdict code of what becomes of it; empty where nobody looked
 * @param first true for the first that nobody looked at yet
 */
public record LookedRow(String code, String label, boolean always, String verdict, String note, boolean first) {

    private static final String BECOMES = "becomes-";
    private static final String SEEN = "seen-";

    /** True where texts are about the other parts. */
    static boolean about(Map<String, String> texts) {
        return PartsLookedFields.WHICH.equals(texts.get(BearingPlaces.NAME));
    }

    /** The rows of a job, in the order of its parts. */
    static List<LookedRow> of(StageFace.Showing shown, BearingBook book) {
        Sheet sheet = shown.sheet();
        List<PartsLookedFields.Line> lines =
                PartsLookedFields.lines(shown.typed().text(PartsLookedFields.LOOKED));
        List<LookedRow> rows = new ArrayList<>();
        boolean open = true;
        for (Part part : PartsLookedFields.parts(
                sheet.kind().map(AssemblyKind::code).orElse(""),
                sheet.text(FactKey.BUILT),
                sheet.text(FactKey.PARTS),
                book)) {
            Optional<PartsLookedFields.Line> line = lines.stream()
                    .filter(said -> said.code().equals(part.code()))
                    .findFirst();
            rows.add(new LookedRow(
                    part.code(),
                    part.label(),
                    part.upkeep().renewed(),
                    line.map(said -> said.verdict().code()).orElse(""),
                    line.map(PartsLookedFields.Line::note).orElse(""),
                    open && line.isEmpty()));
            open &= line.isPresent();
        }
        return rows;
    }

    /** What becomes of it and what was seen, in words. */
    public String shown() {
        String becomes =
                PartsLooked.Verdict.of(verdict).map(PartsLooked.Verdict::words).orElse("not looked at");
        return note.isEmpty() ? becomes : becomes + ": " + note;
    }

    /** The box of lines, from the rows that were sent; none where there were no rows. */
    static Map<String, String> lines(Map<String, String> sent) {
        if (sent.keySet().stream().noneMatch(name -> name.startsWith(BECOMES))) {
            return Map.of();
        }
        List<String> lines = new ArrayList<>();
        sent.forEach((name, becomes) -> {
            if (name.startsWith(BECOMES)) {
                String code = name.substring(BECOMES.length());
                PartsLooked.Verdict.of(becomes)
                        .ifPresent(verdict -> lines.add(new PartsLookedFields.Line(
                                        code,
                                        verdict,
                                        sent.getOrDefault(SEEN + code, "")
                                                .replaceAll("[\\n\\r]+", " ")
                                                .strip())
                                .text()));
            }
        });
        return Map.of(
                PartsLookedFields.LOOKED,
                String.join("\n", lines.stream().sorted().toList()));
    }
}
