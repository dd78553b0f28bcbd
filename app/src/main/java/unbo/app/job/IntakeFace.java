package unbo.app.job;

import java.util.List;

import org.springframework.stereotype.Component;
import org.springframework.ui.Model;

import unbo.core.stage.RouteStage;

/** Intake shows what happened at the position before. */
@Component
class IntakeFace implements StageFace {

    private final JobService jobs;

    IntakeFace(JobService jobs) {
        this.jobs = jobs;
    }

    @Override
    public RouteStage stage() {
        return RouteStage.INTAKE;
    }

    @Override
    public List<String> asksFirst(Showing shown) {
        return List.of("complaint", "counter", "load");
    }

    @Override
    public void show(Showing shown, Model model) {
        model.addAttribute("history", jobs.newest(shown.view().position().id(), JobPages.SHORT_LIST));
    }
}
