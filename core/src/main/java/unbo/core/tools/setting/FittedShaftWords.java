package unbo.core.tools.setting;

import unbo.core.answer.Answer;
import unbo.core.arrange.Arrangement;
import unbo.core.mount.FittedShaft;

/** What a job's Fit comes to, in print. */
public final class FittedShaftWords {

    private FittedShaftWords() {}

    /** Both in print, the arrangement behind the mounting. */
    public static Answer answer(FittedShaft shaft) {
        Answer mounted = MountingWords.answer(shaft.mounting());
        Arrangement arrangement = shaft.arrangement();
        return arrangement == null ? mounted : mounted.and(ArrangementWords.answer(arrangement));
    }
}
