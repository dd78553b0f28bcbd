package unbo.app.bench;

import java.util.List;
import java.util.Map;

import unbo.core.answer.Question;
import unbo.core.designation.MarkingQuestion;
import unbo.core.identify.IdentifyQuestions;
import unbo.core.identify.SealQuestion;
import unbo.core.identify.SeriesLadder;
import unbo.core.lubrication.BearingGreaseFields;
import unbo.core.lubrication.HubGreaseFields;
import unbo.core.lubrication.MixQuestion;
import unbo.core.proof.ProofFields;
import unbo.core.route.RouteStage;
import unbo.core.runout.RimRock;
import unbo.core.runout.RunoutFields;
import unbo.core.service.DueFields;

/** The questions that the bench offers, in the order of a job. */
final class Questions {

    static final List<Question<?>> ALL = List.of(MarkingQuestion.DECODE, IdentifyQuestions.FIND, SeriesLadder.QUESTION, IdentifyQuestions.INTERCHANGE, MarkingQuestion.MATCH, SealQuestion.QUESTION, HubGreaseFields.QUESTION,
            BearingGreaseFields.QUESTION, MixQuestion.QUESTION, RunoutFields.QUESTION, RimRock.QUESTION, ProofFields.QUESTION, DueFields.QUESTION);

    /** The stage of a job that asks the same question, by the question's name. */
    static final Map<String, RouteStage> STAGES = Map.of(HubGreaseFields.QUESTION.name(), RouteStage.GREASE,
            ProofFields.QUESTION.name(), RouteStage.PROVE, DueFields.QUESTION.name(), RouteStage.LOG);

    private Questions() {
    }
}
