package unbo.app.job;

import java.util.Map;
import java.util.Optional;
import java.util.Set;

import org.springframework.stereotype.Component;
import org.springframework.ui.Model;

import unbo.app.catalogue.KnowledgeService;
import unbo.app.diagnosis.DiagnosisView;
import unbo.core.diagnosis.Diagnosis;
import unbo.core.diagnosis.Observations;
import unbo.core.diagnosis.VerdictInput;
import unbo.core.fact.FactKey;
import unbo.core.sheet.Sheet;
import unbo.core.stage.RouteStage;
import unbo.core.vehicle.Place;

/** Diagnose is a board of causes and checks; a result is noted by a touch. */
@Component
class DiagnoseFace implements StageFace {

    private final KnowledgeService knowledge;

    DiagnoseFace(KnowledgeService knowledge) {
        this.knowledge = knowledge;
    }

    @Override
    public RouteStage stage() {
        return RouteStage.DIAGNOSE;
    }

    @Override
    public Map<String, String> touched(Map<String, String> texts, Map<String, String> sent) {
        return Observations.touched(texts, sent);
    }

    @Override
    public Set<String> apart(Showing shown) {
        return Set.copyOf(shown.rule().asked());
    }

    @Override
    public boolean wide() {
        return true;
    }

    @Override
    public boolean notes() {
        return true;
    }

    @Override
    public void show(Showing shown, Model model) {
        if (!shown.work().ok()) {
            return;
        }
        JobView view = shown.view();
        VerdictInput input = (VerdictInput) shown.work().reading().record();
        model.addAttribute(
                "diagnosis",
                DiagnosisView.of(
                        Diagnosis.of(input.asked(), knowledge.current().cases()),
                        String.valueOf(model.getAttribute("look"))));
        model.addAttribute("roadCard", "/jobs/" + view.job().id() + "/diagnose/road");
        String at = Sheet.of(shown.work().outcome().facts()).text(FactKey.VERDICT_AT);
        Optional<Place> elsewhere = Place.of(view.vehicle().kind(), at)
                .filter(place -> !place.code().equals(view.position().code()));
        model.addAttribute("elsewhere", elsewhere.orElse(null));
    }
}
