package unbo.app.job;

import java.util.Map;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;

import org.springframework.http.HttpStatus;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.server.ResponseStatusException;

import unbo.app.catalogue.KnowledgeService;
import unbo.app.diagnosis.RoadView;
import unbo.app.web.Desk;
import unbo.app.web.Page;
import unbo.core.diagnosis.Diagnosis;
import unbo.core.diagnosis.VerdictInput;
import unbo.core.input.Typed;
import unbo.core.route.Knowledge;
import unbo.core.route.StageRule;
import unbo.core.stage.RouteStage;

/** The road-test card of a job under way, by what was noted so far on this browser. */
@Page
class RoadPages {

    private static final RouteStage STAGE = RouteStage.DIAGNOSE;

    private final JobService jobs;
    private final DraftService drafts;
    private final StageTexts texts;
    private final KnowledgeService knowledge;

    RoadPages(JobService jobs, DraftService drafts, StageTexts texts, KnowledgeService knowledge) {
        this.jobs = jobs;
        this.drafts = drafts;
        this.texts = texts;
        this.knowledge = knowledge;
    }

    @GetMapping("/jobs/{id}/diagnose/road")
    String road(@PathVariable long id, HttpServletRequest request, HttpServletResponse response, Model model) {
        JobView view = jobs.view(id).orElseThrow(() -> new ResponseStatusException(HttpStatus.NOT_FOUND));
        String back = "/jobs/" + id + "/" + STAGE.code();
        if (view.job().state().frozen()) {
            return "redirect:" + back;
        }
        Typed kept = view.station(STAGE).entries().isEmpty()
                ? texts.fresh(view, STAGE, Map.of())
                : view.station(STAGE).typed();
        Typed typed = drafts.at(id, STAGE, Desk.of(request, response))
                .map(DraftService.Draft::typed)
                .orElse(kept);
        Knowledge known = knowledge.current();
        StageRule.Work work = StageTexts.rule(view, STAGE, typed).work(typed, view.sheetFor(STAGE), known);
        model.addAttribute(
                "card",
                work.ok()
                        ? RoadView.of(
                                Diagnosis.of(((VerdictInput) work.reading().record()).asked(), known.cases()))
                        : null);
        model.addAttribute("back", back);
        return "road";
    }
}
