package unbo.core.tools.identify;

import static java.util.Objects.requireNonNull;

import java.util.ArrayList;
import java.util.List;

import unbo.core.answer.Answer;
import unbo.core.designation.SealSize;
import unbo.core.finding.Finding;
import unbo.core.finding.Level;
import unbo.core.identify.SealFind;
import unbo.core.measure.Show;
import unbo.core.worksheet.Worksheet;

/** Finding a seal, in print. */
public final class SealFindWords {

    private SealFindWords() {}

    public static Answer answer(SealFind find) {
        List<Finding> findings = new ArrayList<>();
        List<String> sentences = new ArrayList<>();
        SealFind.Measured m = find.measured();
        if (find.fitting().isEmpty()) {
            findings.add(new Finding(
                    "seal-none",
                    Level.OPEN,
                    "No standard size has this shaft and this housing: measure again beside the "
                            + "worn track, or have the maker's number."));
        }
        for (SealSize s : find.fitting()) {
            findings.add(
                    find.fitsDepth(s)
                            ? new Finding(
                                    "seal-fits",
                                    Level.RIGHT,
                                    SealFind.words(s) + " fits"
                                            + (m.depthMm() == null
                                                    ? "; measure the depth of its seat"
                                                    : " the seat, " + Show.number(m.depthMm() - s.widthMm(), 1)
                                                            + " mm to spare")
                                            + ".")
                            : new Finding(
                                    "seal-deep",
                                    Level.SOON,
                                    SealFind.words(s) + " is too wide for a seat of "
                                            + Show.number(requireNonNull(m.depthMm()), 1) + " mm: "
                                            + Show.number(SealFind.FREE_MM, 1) + " mm must stay free of the bearing."));
        }
        find.near()
                .forEach(s -> sentences.add(
                        "Near: " + SealFind.words(s) + ": shaft " + signed(s.shaftMm() - m.shaftMm()) + ", housing "
                                + signed(s.outsideMm() - m.housingMm()) + " mm from what was measured."));
        sentences.add(
                "Widths are the usual ones; wider seals of the same two diameters exist. Measure before ordering.");
        List<Worksheet.Line> lines = new ArrayList<>(List.of(
                Worksheet.given("d", "shaft", Show.number(m.shaftMm(), 3) + " mm"),
                Worksheet.given("D", "housing", Show.number(m.housingMm(), 3) + " mm")));
        find.fitting().forEach(s -> lines.add(line(s, m, "fits")));
        find.near().forEach(s -> lines.add(line(s, m, "near")));
        List<Answer.Figure> figures = find.fitting().isEmpty()
                ? List.of()
                : List.of(new Answer.Figure(
                        "shaft × outside × width",
                        SealFind.words(find.fitting().get(0)),
                        "mm",
                        find.fitting().size() + " of this shaft and housing"));
        return new Answer(
                figures,
                findings,
                sentences,
                new Worksheet(
                        "Which seal goes between this shaft and this housing?",
                        lines,
                        List.of("Nominal sizes: ISO 6194-1. Taken as fitting: shaft within "
                                + Show.number(SealFind.SHAFT_MM, 2) + " mm, housing within "
                                + Show.number(SealFind.HOUSING_MM, 1) + " mm.")),
                List.of());
    }

    private static Worksheet.Line line(SealSize s, SealFind.Measured m, String judged) {
        return Worksheet.judged(
                "",
                SealFind.words(s),
                "size − measured",
                signed(s.shaftMm() - m.shaftMm()) + " / " + signed(s.outsideMm() - m.housingMm()) + " mm",
                judged);
    }

    private static String signed(double mm) {
        return (mm < 0 ? "−" : "+") + Show.fixed(Math.abs(mm), 2);
    }
}
