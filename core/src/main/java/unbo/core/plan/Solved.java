package unbo.core.plan;

import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;

import org.chocosolver.solver.Model;
import org.chocosolver.solver.Solution;
import org.chocosolver.solver.Solver;
import org.chocosolver.solver.search.limits.FailCounter;
import org.chocosolver.solver.search.loop.lns.INeighborFactory;
import org.chocosolver.solver.search.strategy.Search;
import org.chocosolver.solver.search.strategy.selectors.values.IntDomainMin;
import org.chocosolver.solver.search.strategy.selectors.variables.Smallest;
import org.chocosolver.solver.variables.IntVar;
import org.chocosolver.solver.variables.Task;
import org.jspecify.annotations.Nullable;

/** A day as a constraint model: searched through, and where that takes too long, bettered piece by piece. */
final class Solved {

    private static final int FAILS = 200;
    private static final int MOST_WORTH = 1_000_000_000;

    private final DayWork day;
    private final boolean dueIsPromised;

    Solved(DayWork day, boolean dueIsPromised) {
        this.day = day;
        this.dueIsPromised = dueIsPromised;
    }

    /** A model with its variables. */
    private record Built(Model model, IntVar[] begin, IntVar worth) {}

    /**
     * @param starts the best that is known; null where nothing is
     * @param proven true where no better one is
     */
    record Outcome(@Nullable Starts starts, boolean proven) {}

    /** Betters what is known within a time; proves it where it can. @param known null where no plan is known */
    Outcome better(@Nullable Starts known, Duration within) {
        Outcome all = search(known, within.dividedBy(2), false);
        return all.proven() || all.starts() == null ? all : search(all.starts(), within.dividedBy(2), true);
    }

    private Outcome search(@Nullable Starts known, Duration within, boolean pieces) {
        Built built = build(known == null ? Long.MAX_VALUE : known.worth() - 1);
        Solver solver = built.model().getSolver();
        solver.limitTime(within.toMillis());
        built.model().setObjective(Model.MINIMIZE, built.worth());
        solver.setSearch(Search.intVarSearch(new Smallest(), new IntDomainMin(), built.begin()));
        Starts best = known;
        if (pieces && known != null) {
            Solution from = new Solution(built.model(), built.begin());
            for (int i = 0; i < built.begin().length; i++) {
                from.setIntVal(built.begin()[i], known.begin()[i]);
            }
            solver.setLNS(INeighborFactory.random(built.begin()), new FailCounter(built.model(), FAILS), from);
        }
        while (solver.solve()) {
            int[] begin = new int[built.begin().length];
            for (int i = 0; i < begin.length; i++) {
                begin[i] = built.begin()[i].getValue();
            }
            best = Starts.of(day, begin, dueIsPromised);
        }
        return new Outcome(best, !pieces && !solver.isStopCriterionMet());
    }

    private Built build(long most) {
        Model model = new Model("day");
        int count = day.tasks().size();
        IntVar[] begin = new IntVar[count];
        IntVar[] end = new IntVar[count];
        Task[] steps = new Task[count];
        List<IntVar> late = new ArrayList<>();
        for (int i = 0; i < count; i++) {
            DayWork.Task task = day.tasks().get(i);
            Integer least = task.times().notBefore();
            Integer due = task.times().due();
            int to = due == null || dueIsPromised ? day.minutes() : Math.min(due, day.minutes());
            int from = least == null ? 0 : Math.max(0, least);
            begin[i] = model.intVar("b" + i, from, Math.max(from, to - task.minutes()));
            end[i] = model.offset(begin[i], task.minutes());
            model.arithm(end[i], "<=", to).post();
            steps[i] = new Task(begin[i], model.intVar(task.minutes()), end[i]);
            late(model, task.times(), end[i], late);
        }
        order(model, begin, end);
        resources(model, steps);
        settings(model, begin, end);
        IntVar makespan = model.intVar("makespan", 0, day.minutes());
        model.max(makespan, end).post();
        return new Built(model, begin, worth(model, makespan, late, most));
    }

    private void late(Model model, DayWork.Times times, IntVar end, List<IntVar> late) {
        for (Integer promised : new Integer[] {times.promised(), dueIsPromised ? times.due() : null}) {
            if (promised != null) {
                IntVar minutes = model.intVar(0, Math.max(0, day.minutes() - promised));
                model.max(minutes, model.offset(end, -promised), model.intVar(0))
                        .post();
                late.add(minutes);
            }
        }
    }

    private void order(Model model, IntVar[] begin, IntVar[] end) {
        for (int i = 0; i < begin.length; i++) {
            DayWork.Task task = day.tasks().get(i);
            int[] after = day.after(task);
            if (after.length == 0) {
                continue;
            }
            IntVar[] ends = new IntVar[after.length];
            for (int k = 0; k < after.length; k++) {
                ends[k] = end[after[k]];
                model.arithm(begin[i], ">=", ends[k], "+", task.order().lag()).post();
            }
            Integer most = task.order().maxLag();
            if (most != null) {
                int of = day.soonAfter(task);
                IntVar since = of < 0 ? model.intVar(0, day.minutes()) : end[of];
                if (of < 0) {
                    model.max(since, ends).post();
                }
                model.arithm(begin[i], "<=", since, "+", most).post();
            }
        }
    }

    private void resources(Model model, Task[] steps) {
        for (Map.Entry<String, Integer> resource : day.capacity().entrySet()) {
            List<Task> using = new ArrayList<>();
            List<IntVar> taken = new ArrayList<>();
            int all = 0;
            for (int i = 0; i < steps.length; i++) {
                int used = day.uses(day.tasks().get(i), resource.getKey());
                if (used > 0) {
                    using.add(steps[i]);
                    taken.add(model.intVar(used));
                    all += used;
                }
            }
            for (DayWork.Away one : day.away()) {
                if (one.resource().equals(resource.getKey())) {
                    IntVar from = model.intVar(one.from());
                    using.add(new Task(from, model.intVar(one.until() - one.from()), model.intVar(one.until())));
                    taken.add(model.intVar(1));
                    all++;
                }
            }
            if (all > resource.getValue()) {
                model.cumulative(
                                using.toArray(Task[]::new),
                                taken.toArray(IntVar[]::new),
                                model.intVar(resource.getValue()))
                        .post();
            }
        }
    }

    private void settings(Model model, IntVar[] begin, IntVar[] end) {
        for (int i = 0; i < begin.length; i++) {
            for (int j = 0; j < i; j++) {
                if (day.apart(day.tasks().get(i), day.tasks().get(j))) {
                    model.or(model.arithm(end[i], "<=", begin[j]), model.arithm(end[j], "<=", begin[i]))
                            .post();
                }
            }
        }
    }

    private IntVar worth(Model model, IntVar makespan, List<IntVar> late, long most) {
        int worst = (int) Math.min(most, MOST_WORTH);
        if (late.isEmpty()) {
            model.arithm(makespan, "<=", Math.min(worst, day.minutes())).post();
            return makespan;
        }
        int limit = Math.max(0, Math.min(worst, MOST_WORTH));
        IntVar worth = model.intVar("worth", 0, limit);
        IntVar[] all = new IntVar[late.size() + 1];
        int[] weights = new int[all.length];
        for (int i = 0; i < late.size(); i++) {
            all[i] = late.get(i);
            weights[i] = Starts.weight(day);
        }
        all[late.size()] = makespan;
        weights[late.size()] = 1;
        model.scalar(all, weights, "=", worth).post();
        return worth;
    }
}
