package unbo.core.tools.deciding;

import java.time.LocalDateTime;
import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;

import com.google.auto.service.AutoService;

import unbo.core.answer.Answer;
import unbo.core.drawing.ValueTable;
import unbo.core.finding.Finding;
import unbo.core.finding.Level;
import unbo.core.input.FieldList;
import unbo.core.measure.Show;
import unbo.core.plan.DayPlan;
import unbo.core.tool.About;
import unbo.core.tool.Call;
import unbo.core.tool.Offered;
import unbo.core.tool.Tool;
import unbo.core.tool.Work;
import unbo.core.worksheet.Worksheet;

/** What is done when, and what now? */
@AutoService(Offered.class)
public final class DayPlanTool implements Tool<DayFields.Asked, DayPlanTool.Planned> {

    private static final DateTimeFormatter CLOCK = DateTimeFormatter.ofPattern("HH:mm");

    /** A plan and where its minutes begin. */
    public record Planned(LocalDateTime from, DayPlan plan) {

        LocalDateTime at(int minute) {
            return from.plusMinutes(minute);
        }
    }

    /** A step, as local date-times. */
    public record PlannedStep(String code, String start, String end) {}

    /** @param proven true where no better plan is */
    public record PlanJson(List<PlannedStep> plan, int lateMinutes, int makespan, int lowerBound, boolean proven) {}

    @Override
    public About about() {
        return new About("day-plan", "The day on the bench", "What is done when, and what now?", Work.DECIDE, 70);
    }

    @Override
    public FieldList<DayFields.Asked> fields() {
        return DayFields.LIST;
    }

    @Override
    public Map<String, String> sample() {
        return Map.of(
                "from",
                "2026-05-04T08:00",
                "to",
                "17:00",
                "resources",
                "person; 1\nlift; 1\npress; 1\noven; 1",
                "tasks",
                String.join(
                        "\n",
                        "van: hub off; 45; lift",
                        "van: press out and in; 30; press, lift; van: hub off",
                        "van: back together; 40; lift; van: press out and in; ; ; ; ; 11:30",
                        "crank: case in the oven; 50; oven; ; ; ; ; ; ; yes",
                        "crank: bearings in; 10; ; crank: case in the oven; 0; 1",
                        "crank: cools; 60; ; crank: bearings in; ; ; ; ; ; yes",
                        "crank: closed and turned; 35; ; crank: cools",
                        "scooter: seat compound; 20",
                        "scooter: cures; 180; ; scooter: seat compound; ; ; ; ; ; yes",
                        "scooter: wheel in; 30; ; scooter: cures",
                        "trailer: hub when parts come; 55; ; ; ; ; 10:00; ; 13:00"));
    }

    @Override
    public Planned compute(DayFields.Asked in) {
        return new Planned(in.from(), DayPlan.of(in.work()));
    }

    @Override
    public List<Finding> findings(Planned p) {
        DayPlan plan = p.plan();
        List<Finding> findings = new ArrayList<>();
        if (!plan.fits()) {
            findings.add(new Finding(
                    "day-too-short",
                    Level.STOP,
                    plan.lowerBound() > plan.day().minutes()
                            ? "The day does not hold it: the work takes until "
                                    + p.at(plan.lowerBound()).format(CLOCK) + " at best. Leave something for tomorrow."
                            : "No plan was found that keeps every rule: something that may not wait finds nobody free. "
                                    + "Leave something out, or give it more time."));
            return findings;
        }
        if (plan.dueMissed()) {
            findings.add(new Finding(
                    "day-due-missed", Level.STOP, "Not everything can end by when it must: see what is late."));
        }
        findings.add(
                plan.lateMinutes() == 0
                        ? new Finding(
                                "day-in-time",
                                Level.RIGHT,
                                "Everything ends when it was promised, and all is "
                                        + "done by "
                                        + p.at(plan.makespan()).format(CLOCK) + ".")
                        : new Finding(
                                "day-late",
                                Level.SOON,
                                plan.lateMinutes() + " minutes late in all: " + String.join(", ", late(plan))
                                        + ". Tell the customer now."));
        return findings;
    }

    private static List<String> late(DayPlan plan) {
        return plan.steps().stream()
                .filter(step -> {
                    Integer promised = step.task().times().promised();
                    Integer due = step.task().times().due();
                    return promised != null && step.end() > promised || due != null && step.end() > due;
                })
                .map(step -> step.task().code())
                .toList();
    }

    @Override
    public Answer print(Planned p) {
        DayPlan plan = p.plan();
        List<Answer.Figure> figures = new ArrayList<>();
        if (plan.fits()) {
            DayPlan.Step now = plan.steps().stream()
                    .filter(step -> !step.task().waits())
                    .min(Comparator.comparingInt(DayPlan.Step::begin))
                    .orElse(plan.steps().get(0));
            figures.add(new Answer.Figure(
                    "first", now.task().code(), "", "at " + p.at(now.begin()).format(CLOCK)));
            figures.add(new Answer.Figure("all done by", p.at(plan.makespan()).format(CLOCK), "", ""));
            figures.add(new Answer.Figure("late in all", String.valueOf(plan.lateMinutes()), "min", ""));
        } else {
            figures.add(new Answer.Figure("no plan", "too much", "", "for this day"));
        }
        Answer answer = new Answer(
                figures,
                findings(p),
                List.of("A hot ring waits for nobody: it stands right before the step that fits it. What is late is "
                        + "said "
                        + "now, not at five."),
                worksheet(p),
                plan.fits() ? List.of(DayDrawing.of(plan, p.from())) : List.of());
        return plan.fits() ? answer.with(table(p)) : answer;
    }

    private static ValueTable table(Planned p) {
        return new ValueTable(
                "steps",
                "Step by step",
                List.of("from", "to", "step", "uses", "hands on"),
                p.plan().steps().stream()
                        .sorted(Comparator.comparingInt(DayPlan.Step::begin))
                        .map(step -> List.of(
                                p.at(step.begin()).format(CLOCK),
                                p.at(step.end()).format(CLOCK),
                                step.task().code(),
                                String.join(", ", step.task().uses()),
                                step.task().waits() ? "waits" : "yes"))
                        .toList());
    }

    private static Worksheet worksheet(Planned p) {
        DayPlan plan = p.plan();
        return new Worksheet(
                "What is done when?",
                List.of(
                        Worksheet.given(
                                "", "steps", String.valueOf(plan.day().tasks().size())),
                        Worksheet.computed(
                                "",
                                "no plan ends sooner than",
                                "the longest chain; the work of each resource over how many there are",
                                Show.number(plan.lowerBound(), 0) + " min"),
                        Worksheet.computed(
                                "",
                                "this one ends after",
                                plan.proven() ? "proven: none is better" : "the best that was found in its time",
                                Show.number(plan.makespan(), 0) + " min")),
                List.of(
                        "Must hold: resources, order, the day, what may not wait. Wished: promises, then an early end.",
                        "Lists first, then a constraint model with a bound in time; never worse than first come, first "
                                + "served."));
    }

    @Override
    public List<Call<Planned>> calls() {
        return List.of(Call.post(
                "day-plan",
                "A day planned over its resources; tasks: [{code, minutes, uses, after, lag, maxLag, notBefore, due, "
                        + "promised, waits}]",
                DayFields.SHAPE,
                PlanJson.class,
                DayPlanTool::json));
    }

    private static PlanJson json(Planned p) {
        return new PlanJson(
                p.plan().steps().stream()
                        .map(step -> new PlannedStep(
                                step.task().code(),
                                p.at(step.begin()).toString(),
                                p.at(step.end()).toString()))
                        .toList(),
                p.plan().lateMinutes(),
                p.plan().makespan(),
                p.plan().lowerBound(),
                p.plan().proven());
    }
}
