package unbo.core.tools.identify;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;

import unbo.core.answer.Answer;
import unbo.core.bearing.Bearing;
import unbo.core.bearing.Boundary;
import unbo.core.catalogue.CaliperFind;
import unbo.core.finding.Finding;
import unbo.core.finding.Level;
import unbo.core.identify.Interchange;
import unbo.core.identify.Suitability;
import unbo.core.measure.Show;
import unbo.core.worksheet.Worksheet;

/** Bearings of a size, and what may go in their place, in print. */
public final class IdentifyWords {

    private IdentifyWords() {}

    public static Answer found(CaliperFind find) {
        List<Answer.Figure> figures = new ArrayList<>();
        List<String> sentences = new ArrayList<>();
        List<Finding> findings = new ArrayList<>();
        if (find.exact().isEmpty()) {
            findings.add(new Finding(
                    "find-none",
                    Level.OPEN,
                    "Nothing listed has these sizes. "
                            + (find.near().isEmpty()
                                    ? "Measure again; a worn or dirty ring measures off."
                                    : "Near misses stand below: a worn or dirty ring measures off.")));
        } else {
            Boundary best = find.exact().get(0).bearing();
            figures.add(new Answer.Figure(
                    "best of " + find.exact().size(),
                    best.designation(),
                    "",
                    best.kind().words()));
            figures.add(new Answer.Figure("its sizes", sizes(best), "mm", ""));
            find.exact().stream().skip(1).forEach(f -> sentences.add(line(f)));
        }
        find.near().forEach(f -> sentences.add("Near: " + line(f)));
        if (find.measured().widthMm() != null && find.exact().isEmpty()) {
            sentences.add("A width between two listed ones often means seals, an extended inner ring or two rows.");
        }
        sentences.add("Measured on shaft and housing instead, interference makes them differ by "
                + "hundredths. Measure before ordering.");
        return new Answer(
                figures,
                findings,
                sentences,
                new Worksheet(
                        "Which bearing has these sizes?",
                        lines(find),
                        List.of("Boundary dimensions: ISO 15, ISO 355, ISO 104 and ABMA lists; allowed are "
                                + "what it was measured to, 0.03 mm on diameters, 0.12 mm on the width, 0.2 mm "
                                + "on a taper's.")),
                List.of());
    }

    private static String sizes(Boundary b) {
        return Show.number(b.boreMm(), 3) + " × " + Show.number(b.outsideMm(), 3) + " × " + Show.number(b.widthMm(), 3);
    }

    private static String line(CaliperFind.Found f) {
        String off = f.widthOff() != null && Math.abs(f.widthOff()) > 0.25
                ? ": width " + Show.number(f.bearing().widthMm(), 2) + " mm, off by " + Show.number(f.widthOff(), 2)
                : f.outsideOff() != null && Math.abs(f.outsideOff()) > 0.1
                        ? ": outside off by " + Show.number(f.outsideOff(), 2)
                        : f.boreOff() != null && Math.abs(f.boreOff()) > 0.1
                                ? ": bore off by " + Show.number(f.boreOff(), 2)
                                : "";
        return f.bearing().designation() + ", " + f.bearing().kind().words() + ", " + sizes(f.bearing()) + " mm" + off
                + ".";
    }

    private static List<Worksheet.Line> lines(CaliperFind find) {
        List<Worksheet.Line> lines = new ArrayList<>();
        for (CaliperFind.Found f : find.exact()) {
            lines.add(Worksheet.judged(
                    f.bearing().designation(), f.bearing().kind().words(), "listed − measured", off(f), "inside"));
        }
        for (CaliperFind.Found f : find.near()) {
            lines.add(Worksheet.judged(
                    f.bearing().designation(), f.bearing().kind().words(), "listed − measured", off(f), "near"));
        }
        return lines;
    }

    private static String off(CaliperFind.Found f) {
        return (f.boreOff() == null ? "–" : Show.fixed(f.boreOff(), 3)) + " / "
                + (f.outsideOff() == null ? "–" : Show.fixed(f.outsideOff(), 3)) + " / "
                + (f.widthOff() == null ? "–" : Show.fixed(f.widthOff(), 3)) + " mm";
    }

    public static Answer inPlace(IdentifyFields.AtPlace in) {
        Bearing decoded = in.bearing();
        Interchange interchange = Interchange.of(decoded, in.book());
        List<Finding> findings = new ArrayList<>();
        if (!in.place().isEmpty()) {
            findings.add(judged(decoded, in));
        }
        List<String> sentences = new ArrayList<>();
        List<Worksheet.Line> lines = new ArrayList<>();
        for (Interchange.Candidate c : interchange.candidates()) {
            String at = in.place().isEmpty()
                    ? ""
                    : " Here: "
                            + Suitability.of(in.book().decode(c.designation()), in.place(), in.immersed(), in.duty())
                                    .verdict()
                                    .name()
                                    .toLowerCase(Locale.ROOT)
                            + ".";
            String word = c.verdict().name().toLowerCase(Locale.ROOT);
            sentences.add(c.designation() + " (" + word + "): " + String.join("; ", c.changes()) + "." + at);
            lines.add(Worksheet.judged(
                    c.designation(), c.kind().words(), "same bore and outside", String.join("; ", c.changes()), word));
        }
        if (interchange.candidates().isEmpty()) {
            sentences.add(
                    decoded.recognised()
                            ? "Nothing listed has the same bore and outside."
                            : decoded.warnings().get(0));
        }
        return new Answer(
                List.of(
                        new Answer.Figure(
                                "in place of",
                                decoded.designation(),
                                "",
                                decoded.kind().words()),
                        new Answer.Figure(
                                "listed with its bore and outside",
                                String.valueOf(interchange.candidates().size()),
                                "",
                                "")),
                findings,
                sentences,
                new Worksheet(
                        "What may go in its place?",
                        lines,
                        List.of("Boundary dimensions of ISO 15; what each kind can do as in textbooks of "
                                + "rolling bearings. The drag of seals is a guide.")),
                List.of());
    }

    private static Finding judged(Bearing decoded, IdentifyFields.AtPlace in) {
        Suitability s = Suitability.of(decoded, in.place(), in.immersed(), in.duty());
        Level level = switch (s.verdict()) {
            case RIGHT -> Level.RIGHT;
            case ACCEPTABLE -> Level.WATCH;
            case WRONG -> Level.STOP;
        };
        return new Finding(
                "place-" + s.verdict().name().toLowerCase(Locale.ROOT),
                level,
                decoded.designation() + " at: "
                        + Suitability.placeLabel(in.place()).orElse(in.place()) + ". " + String.join(" ", s.reasons()));
    }
}
