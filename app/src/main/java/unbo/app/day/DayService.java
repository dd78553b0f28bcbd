package unbo.app.day;

import java.time.Clock;
import java.time.Duration;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.ZoneId;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;

import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.transaction.support.TransactionTemplate;

import unbo.core.plan.DayChance;
import unbo.core.plan.DayPlan;
import unbo.core.plan.DayWork;
import unbo.core.tools.deciding.TaskLine;

/** Plans a day out of the jobs under way, their promises and parts, and tasks of one's own; keeps the plan. */
@Service
public class DayService {

    /** So many days a plan goes over at most, where one does not hold it. */
    private static final int MOST_DAYS = 8;
    /** A step that begins earlier or later by so much has moved, minutes. */
    private static final int MOVED_MIN = 10;

    private static final int MOST_TASKS = 60;
    private static final int LONGEST_LINE = 200;
    private static final int LONGEST_CODE = 120;
    /** A plan is looked for so long, for each number of days that is tried. */
    private static final Duration FIRST_WITHIN = Duration.ofMillis(400);

    private static final Duration AGAIN_WITHIN = Duration.ofMillis(200);

    private final DayRows rows;
    private final DayJobs jobs;
    private final TransactionTemplate whole;
    private final Clock clock;

    DayService(DayRows rows, DayJobs jobs, TransactionTemplate whole, Clock clock) {
        this.rows = rows;
        this.jobs = jobs;
        this.whole = whole;
        this.clock = clock;
    }

    /**
     * The day as it is shown.
     *
     * @param made null where it was not planned yet
     * @param changed true where jobs were worked on since it was planned
     */
    public record Shown(
            LocalDate day,
            DayRows.Made made,
            List<PlannedStep> steps,
            List<DayJobs.Listed> jobs,
            List<DayRows.OwnTask> tasks,
            Map<String, Integer> pins,
            boolean changed) {

        /** The hands-on step of now, or the next one; empty where none is left. */
        public Optional<PlannedStep> now(int minute) {
            return steps.stream()
                    .filter(step -> !step.waits() && step.span().ends() > minute)
                    .findFirst();
        }

        /** What goes on by itself in a minute, the first to end first. */
        public List<PlannedStep> waits(int minute) {
            return steps.stream()
                    .filter(step -> step.waits()
                            && step.span().begins() <= minute
                            && step.span().ends() > minute)
                    .sorted(Comparator.comparingInt(step -> step.span().ends()))
                    .toList();
        }

        /** Hands-on steps after that, the next first. */
        public List<PlannedStep> then(int minute, int most) {
            return steps.stream()
                    .filter(step -> !step.waits() && step.span().ends() > minute)
                    .skip(1)
                    .limit(most)
                    .toList();
        }
    }

    @Transactional(readOnly = true)
    public DaySetup setup() {
        return rows.setup().orElse(DaySetup.USUAL);
    }

    @Transactional
    public void keep(DaySetup setup) {
        rows.keep(setup);
    }

    /**
     * What is promised of a job, and when its parts come; null where nobody says.
     *
     * @return false where no such job is under way
     */
    @Transactional
    public boolean told(long job, LocalDateTime promised, LocalDateTime parts) {
        boolean there = jobs.underWay(job);
        if (there) {
            rows.keep(job, new DayRows.OfJob(promised, parts));
        }
        return there;
    }

    /** @return what stands against the line; empty where it was kept */
    @Transactional
    public String add(LocalDate day, String line) {
        if (line.length() > LONGEST_LINE) {
            return "A task is written in " + LONGEST_LINE + " letters at most.";
        }
        if (rows.tasks(day).size() >= MOST_TASKS) {
            return MOST_TASKS + " tasks a day are kept: drop one first.";
        }
        TaskLine.Read read = TaskLine.read(line, List.copyOf(setup().resources().keySet()));
        TaskLine task = read.task();
        if (task == null) {
            return read.refusal();
        }
        String refusal = against(task, day, setup());
        if (refusal.isEmpty()) {
            rows.add(day, line.strip());
        }
        return refusal;
    }

    @Transactional
    public void drop(LocalDate day, long task) {
        rows.drop(day, task);
    }

    /** What no plan could hold; empty where that is nothing. */
    private static String against(TaskLine task, LocalDate day, DaySetup setup) {
        if (task.waits()) {
            return "";
        }
        if (task.minutes() > setup.closes() - setup.opens()) {
            return "Nobody is there for so long at a time: part it, or say that it waits.";
        }
        return task.at() == null ? "" : away(Clocks.minute(task.at()), day, setup);
    }

    /** That nobody is there at a minute of the day; empty where somebody is. */
    private static String away(int minute, LocalDate day, DaySetup setup) {
        return minute >= setup.opens() && minute < setup.closes()
                ? ""
                : "Nobody is there at " + Clocks.shown(minute, day) + ": it is open from " + setup.begins() + " to "
                        + setup.ends() + ".";
    }

    /**
     * @param minute from midnight; null lets it move again
     * @return what stands against it; empty where nothing does
     */
    @Transactional
    public String pin(LocalDate day, String code, Integer minute) {
        String refusal = minute == null ? "" : away(minute, day, setup());
        if (refusal.isEmpty() && code.length() <= LONGEST_CODE) {
            rows.pin(day, code, minute);
        }
        return refusal;
    }

    /** The minute of a day that is now, from its midnight. */
    public int minute(LocalDate day) {
        return (int) ChronoUnit.MINUTES.between(
                day.atStartOfDay(), LocalDateTime.ofInstant(clock.instant(), ZoneId.systemDefault()));
    }

    @Transactional(readOnly = true)
    public Shown shown(LocalDate day) {
        Optional<DayRows.Made> made = rows.made(day);
        return new Shown(
                day,
                made.orElse(null),
                rows.steps(day),
                jobs.listed(day, rows.jobs()),
                rows.tasks(day),
                rows.pins(day),
                made.filter(plan -> rows.workedOnSince(plan.made())).isPresent());
    }

    /** What is kept of the plan, for those who only ask what is now. */
    @Transactional(readOnly = true)
    public Optional<PlannedStep> now() {
        LocalDate day = LocalDate.now(clock);
        int minute = minute(day);
        return rows.steps(day).stream()
                .filter(step -> !step.waits() && step.span().ends() > minute)
                .findFirst();
    }

    /** When a job is ready by the plan of today, and what was promised; empty where neither is known. */
    @Transactional(readOnly = true)
    public Map<Long, String> ready() {
        LocalDate day = LocalDate.now(clock);
        Map<Long, String> ready = new HashMap<>();
        rows.steps(day).stream()
                .filter(step -> step.job() != null)
                .forEach(step -> ready.put(step.job(), "by the plan at " + step.until()));
        rows.jobs().forEach((job, told) -> {
            if (told.promised() != null) {
                ready.merge(
                        job,
                        "promised for " + told.promised().toString().replace('T', ' '),
                        (plan, promise) -> promise + ", " + plan);
            }
        });
        return ready;
    }

    /** Plans a day anew where it was planned before. */
    public void again(LocalDate day) {
        if (Boolean.TRUE.equals(whole.execute(status -> rows.made(day).isPresent()))) {
            plan(day);
        }
    }

    /** Plans a day anew from now on, with few changes; computed outside of any transaction. */
    public void plan(LocalDate day) {
        DaySetup setup = whole.execute(status -> setup());
        Map<Long, DayRows.OfJob> told = whole.execute(status -> rows.jobs());
        List<DayJobs.Under> under = whole.execute(status -> jobs.under(told, setup.oven()));
        List<DayRows.OwnTask> own = whole.execute(status -> rows.tasks(day));
        Map<String, Integer> pins = whole.execute(status -> rows.pins(day));
        List<PlannedStep> before = whole.execute(status -> rows.steps(day));
        List<Wanted.Task> wanted = Wanted.of(day, under, own, setup);
        int from = from(day, setup);
        DayPlan plan = planned(setup, from, wanted, pins, before);
        DayChance chance = plan.fits() ? DayChance.of(plan, DayChance.SPREAD) : new DayChance(Map.of(), 0);
        List<PlannedStep> steps = kept(day, from, plan, chance, wanted, before);
        whole.executeWithoutResult(status -> rows.keep(
                day,
                new DayRows.Made(
                        clock.instant(),
                        from,
                        plan.lateMinutes(),
                        from + plan.lowerBound(),
                        plan.proven(),
                        plan.fits()),
                steps));
    }

    /** From when on a day is planned: its opening, or now in steps of five minutes. */
    private int from(LocalDate day, DaySetup setup) {
        int now = (minute(day) + 4) / 5 * 5;
        return Math.max(setup.opens(), Math.min(now, Clocks.DAY_MIN - 5));
    }

    private static DayPlan planned(
            DaySetup setup, int from, List<Wanted.Task> wanted, Map<String, Integer> pins, List<PlannedStep> before) {
        Map<String, Integer> begins = before.stream()
                .collect(Collectors.toMap(
                        PlannedStep::code, step -> step.span().begins(), (a, b) -> a, LinkedHashMap::new));
        Duration within = begins.isEmpty() ? FIRST_WITHIN : AGAIN_WITHIN;
        if (begins.isEmpty()) {
            wanted.forEach(task -> begins.put(task.step().code(), begins.size()));
        }
        DayPlan plan = null;
        int first = from < setup.closes() ? 1 : 2;
        for (int days = first; days <= MOST_DAYS && (plan == null || !plan.fits()); days++) {
            int until = (days - 1) * Clocks.DAY_MIN + setup.closes();
            List<DayWork.Task> tasks = new ArrayList<>();
            wanted.forEach(task ->
                    tasks.add(task.step().from(from, pins.get(task.step().code()))));
            DayWork work = new DayWork(until - from, setup.capacity(), tasks, away(setup, from, until));
            if (days == MOST_DAYS || DayPlan.mayFit(work)) {
                plan = DayPlan.again(work, begins, within);
            }
        }
        return plan;
    }

    /** Everybody is away but in his hours. */
    private static List<DayWork.Away> away(DaySetup setup, int from, int until) {
        List<DayWork.Away> away = new ArrayList<>();
        for (DaySetup.Person one : setup.hands()) {
            int left = 0;
            for (int midnight = 0; midnight <= until; midnight += Clocks.DAY_MIN) {
                add(away, left - from, Math.min(until, midnight + Clocks.minute(one.from())) - from);
                left = midnight + Clocks.minute(one.until());
            }
            add(away, left - from, until - from);
        }
        return away;
    }

    private static void add(List<DayWork.Away> away, int from, int until) {
        if (until > Math.max(0, from)) {
            away.add(new DayWork.Away(DayWork.PERSON, Math.max(0, from), until));
        }
    }

    private static List<PlannedStep> kept(
            LocalDate day,
            int from,
            DayPlan plan,
            DayChance chance,
            List<Wanted.Task> wanted,
            List<PlannedStep> before) {
        Map<String, Integer> begins = new HashMap<>();
        before.forEach(step -> begins.put(step.code(), step.span().begins()));
        Map<String, Long> ofJob = new HashMap<>();
        wanted.forEach(task -> ofJob.put(task.step().code(), task.job()));
        return plan.steps().stream()
                .map(step -> {
                    String code = step.task().code();
                    Integer promised = step.task().times().promised();
                    Integer was = begins.get(code);
                    return new PlannedStep(
                            day,
                            code,
                            new PlannedStep.Span(
                                    from + step.begin(), step.task().minutes()),
                            step.task().uses(),
                            step.task().waits(),
                            promised == null
                                    ? null
                                    : new PlannedStep.Promise(
                                            from + promised, chance.kept().get(code)),
                            ofJob.get(code),
                            was != null && Math.abs(was - from - step.begin()) > MOVED_MIN);
                })
                .toList();
    }
}
