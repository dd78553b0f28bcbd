package unbo.core.tools.setting;

import java.util.List;

import unbo.core.answer.Answer;
import unbo.core.arrange.Arrangement;
import unbo.core.bearing.Bearing;
import unbo.core.finding.Finding;
import unbo.core.finding.Level;
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
        Arrangement arrangement = shaft.arrangement();
        return arrangement == null ? mounted : mounted.and(ArrangementWords.answer(arrangement));
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
