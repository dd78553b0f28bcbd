package unbo.app.job;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;

import org.springframework.stereotype.Service;

import unbo.app.catalogue.KnowledgeService;
import unbo.core.apart.MountStep;
import unbo.core.apart.WholePlan;
import unbo.core.input.Typed;
import unbo.core.plan.StageWork;
import unbo.core.route.Knowledge;
import unbo.core.route.StageRule;
import unbo.core.sheet.Sheet;
import unbo.core.stage.RouteStage;
import unbo.core.tools.strip.ApartWords;

/** What is left to be done of a job, in hands-on minutes: by the plan of its assembly, else by the usual ones. */
@Service
public class JobWork {

    private final KnowledgeService knowledge;

    JobWork(KnowledgeService knowledge) {
        this.knowledge = knowledge;
    }

    /**
     * A stage that is left.
     *
     * @param uses resources beside a person
     * @param hot true where a ring is warmed for it
     */
    public record Left(RouteStage stage, int minutes, List<String> uses, boolean hot) {}

    /**
     * The stages of a job under way that are not complete, in their order.
     *
     * @param pace how this workshop's minutes stand to the plan's
     */
    public List<Left> left(JobView view, double pace) {
        WholePlan plan = plan(view);
        List<Left> left = new ArrayList<>();
        RouteStage next = view.nextStage();
        for (JobView.Station station : view.stations()) {
            RouteStage stage = station.stage();
            if (station.complete() || stage.compareTo(next) < 0 || absent(station)) {
                continue;
            }
            StageWork usual = StageWork.of(stage);
            double minutes = minutes(plan, view, stage, usual.minutes());
            boolean hot = stage == RouteStage.FIT && plan != null && hot(plan);
            left.add(new Left(stage, Math.max(1, (int) Math.round(minutes * pace)), usual.uses(), hot));
        }
        return left;
    }

    private static boolean absent(JobView.Station station) {
        return station.state().equals("ABSENT") || station.state().equals("SKIPPED");
    }

    private static double minutes(WholePlan plan, JobView view, RouteStage stage, double usual) {
        if (plan == null || plan.apart() == null || plan.together() == null) {
            return usual;
        }
        if (stage == RouteStage.STRIP) {
            Set<String> ticked =
                    StageForm.ticked(view.station(RouteStage.STRIP).typed().texts());
            return plan.apart().steps().stream()
                    .filter(step -> !ticked.contains(ApartWords.code(step)))
                    .mapToDouble(step -> step.minutes())
                    .sum();
        }
        return stage == RouteStage.FIT ? plan.together().minutes() : usual;
    }

    /** True where a ring goes in by heat. */
    private static boolean hot(WholePlan plan) {
        return plan.together() != null && plan.together().steps().stream().anyMatch(JobWork::heats);
    }

    private static boolean heats(MountStep step) {
        return step.celsius() != null;
    }

    /** The plan of the assembly by what the job knows; null where it cannot be planned. */
    private WholePlan plan(JobView view) {
        Typed typed = view.station(RouteStage.STRIP).typed();
        Sheet sheet = view.sheetFor(RouteStage.STRIP);
        StageRule<?> rule = StageTexts.rule(view, RouteStage.STRIP, typed);
        Knowledge known = knowledge.current();
        StageRule.Work work = rule == null ? null : rule.work(typed, sheet, known);
        return work != null && work.ok() && work.outcome().result() instanceof WholePlan plan ? plan : null;
    }
}
