package unbo.core.tools.setting;

import java.util.List;

import unbo.core.answer.Answer;
import unbo.core.arrange.Arrangement;
import unbo.core.bearing.Bearing;
import unbo.core.finding.Finding;
import unbo.core.finding.Level;
import unbo.core.measure.Show;
import unbo.core.mount.FittedShaft;
import unbo.core.worksheet.Worksheet;

/** What a job's Fit comes to, in print. */
public final class FittedShaftWords {

    private FittedShaftWords() {}

    /** Both in print, the arrangement behind the mounting, and what is other than in the bearing that was found. */
    public static Answer answer(FittedShaft shaft) {
        Answer mounted = MountingWords.answer(shaft.mounting());
        Bearing found = shaft.input().found();
        if (found != null && shaft.other()) {
            mounted = mounted.and(changed(found, shaft));
        }
        FittedShaft.Measured measured = shaft.measured();
        if (measured != null) {
            mounted = mounted.and(clearance(measured));
        } else if (shaft.input().made().clearanceMm() != null) {
            mounted = mounted.and(unlisted(shaft));
        }
        Arrangement arrangement = shaft.arrangement();
        return arrangement == null ? mounted : mounted.and(ArrangementWords.answer(arrangement));
    }

    /** Adjusted pairs have no class, and of some kinds none are listed here: noted, not judged. */
    private static Answer unlisted(FittedShaft shaft) {
        return new Answer(
                List.of(),
                List.of(new Finding(
                        "clearance-unlisted",
                        Level.OPEN,
                        "No clearance classes are listed for a "
                                + shaft.mounting().input().bearing().kind().words()
                                + ": what was measured is noted, not judged.")),
                List.of(),
                new Worksheet("What class is it?", List.of(), List.of("Classes by ISO 5753-1.")),
                List.of());
    }

    private static Answer clearance(FittedShaft.Measured measured) {
        String um = Show.number(measured.um(), 0) + " µm";
        String lies = measured.classes().isEmpty()
                ? "lies in no class of this bore: measure again, or it is worn or not what its box says"
                : "is " + String.join(" or ", measured.classes());
        Finding finding = measured.other()
                ? new Finding(
                        "clearance-other",
                        Level.SOON,
                        "Its number says " + measured.marked() + ", and " + um + " measured " + lies + ".")
                : new Finding(
                        "clearance-measured", Level.RIGHT, um + " measured: it " + lies + ", as its number says.");
        List<Answer.Figure> figures = measured.leftUm() == null
                ? List.of()
                : List.of(Answer.Figure.number(
                        "left of the measured clearance", measured.leftUm(), 0, "µm", "mean, on its seat"));
        return new Answer(
                figures,
                List.of(finding),
                List.of(),
                new Worksheet(
                        "What class is it?",
                        List.of(Worksheet.given("Gr", "radial clearance, measured", um)),
                        List.of("Classes by ISO 5753-1.")),
                List.of());
    }

    private static Answer changed(Bearing found, FittedShaft shaft) {
        String now = shaft.mounting().input().bearing().designation();
        List<String> changes = shaft.changes();
        String sentence = now + " goes in where " + found.designation() + " was"
                + (changes.isEmpty() ? "." : ": " + String.join("; ", changes) + ".");
        return new Answer(
                List.of(),
                changes.isEmpty() ? List.of() : List.of(new Finding("other-bearing", Level.WATCH, sentence)),
                changes.isEmpty() ? List.of(sentence) : List.of(),
                new Worksheet(
                        "What is other than before?",
                        List.of(Worksheet.given("", "found", found.designation()), Worksheet.given("", "goes in", now)),
                        List.of()),
                List.of());
    }
}
