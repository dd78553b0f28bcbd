package unbo.app.job;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;

import org.springframework.stereotype.Service;

import unbo.app.catalogue.KnowledgeService;
import unbo.core.apart.WholePlan;
import unbo.core.input.Typed;
import unbo.core.plan.HubWork;
import unbo.core.plan.JobChain;
import unbo.core.plan.Oven;
import unbo.core.plan.StageWork;
import unbo.core.route.Knowledge;
import unbo.core.route.StageRule;
import unbo.core.sheet.Sheet;
import unbo.core.stage.RouteStage;

/** What is left to be done of a job, in hands-on minutes: by the plan of its assembly, else by the usual ones. */
@Service
public class JobWork {

    private final KnowledgeService knowledge;

    JobWork(KnowledgeService knowledge) {
        this.knowledge = knowledge;
    }

    /**
     * How this workshop's minutes stand to the plan's.
     *
     * @param all over all steps
     * @param byMethod by code of a method that was seen often enough
     */
    public record Pace(double all, Map<String, Double> byMethod) {

        double of(String method) {
            return byMethod.getOrDefault(method, all);
        }
    }

    /** The pieces of a job under way that are not done, in their order. */
    public List<JobChain.Left> left(JobView view, Pace pace, Oven oven) {
        WholePlan plan = plan(view);
        List<JobChain.Left> left = new ArrayList<>();
        RouteStage next = view.nextStage();
        for (JobView.Station station : view.stations()) {
            RouteStage stage = station.stage();
            if (station.complete() || stage.compareTo(next) < 0 || absent(station)) {
                continue;
            }
            StageWork usual = StageWork.of(stage);
            List<HubWork.Piece> pieces = pieces(plan, view, stage, pace, oven);
            if (pieces.isEmpty()) {
                double minutes = planned(plan, stage) ? 1 : usual.minutes() * pace.all();
                pieces = List.of(new HubWork.Piece("", minutes, List.of(), null));
            }
            for (HubWork.Piece piece : pieces) {
                left.add(new JobChain.Left(stage, with(piece, usual.uses())));
            }
        }
        return left;
    }

    private static HubWork.Piece with(HubWork.Piece piece, List<String> uses) {
        List<String> all = new ArrayList<>(uses);
        all.addAll(piece.uses());
        return new HubWork.Piece(piece.what(), piece.minutes(), all, piece.load());
    }

    private static boolean planned(WholePlan plan, RouteStage stage) {
        boolean whole = plan != null && plan.apart() != null && plan.together() != null;
        return whole && (stage == RouteStage.STRIP || stage == RouteStage.FIT);
    }

    /** By the plan of its steps; empty where none says, or all of them are done. */
    private static List<HubWork.Piece> pieces(WholePlan plan, JobView view, RouteStage stage, Pace pace, Oven oven) {
        if (!planned(plan, stage)) {
            return List.of();
        }
        return switch (stage) {
            case STRIP ->
                HubWork.apart(
                        plan.apart(),
                        StageForm.ticked(view.station(RouteStage.STRIP).typed().texts()),
                        pace::of);
            case FIT -> HubWork.together(plan.together(), oven, pace::of);
            default -> List.of();
        };
    }

    private static boolean absent(JobView.Station station) {
        return station.state().equals("ABSENT") || station.state().equals("SKIPPED");
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
