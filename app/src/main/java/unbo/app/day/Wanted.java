package unbo.app.day;

import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.LocalTime;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Collections;
import java.util.HashSet;
import java.util.List;
import java.util.Set;

import unbo.core.plan.DayWork;
import unbo.core.plan.JobChain;
import unbo.core.plan.Oven;
import unbo.core.tools.deciding.TaskLine;

/** What is to be done: stages of jobs one after the other, rings warmed before they are fitted, tasks of one's own. */
final class Wanted {

    /** What cannot begin within a week is not planned: it would hold up all the rest. */
    private static final int HORIZON_MIN = 7 * Clocks.DAY_MIN;

    private Wanted() {}

    /** A step, its minutes from the midnight that the day begins with. @param job null where it is nobody's */
    record Task(DayWork.Task step, Long job) {}

    static List<Task> of(LocalDate day, List<DayJobs.Under> jobs, List<DayRows.OwnTask> own, DaySetup setup) {
        List<Task> tasks = new ArrayList<>();
        for (DayJobs.Under job : jobs) {
            if (!job.stands()) {
                JobChain.Told told = new JobChain.Told(
                        minute(job.free(), day),
                        minute(job.told().parts(), day),
                        minute(job.told().promised(), day));
                JobChain.of(job.id(), job.left(), told, setup.capacity(), HORIZON_MIN)
                        .forEach(step -> tasks.add(new Task(step, job.id())));
            }
        }
        Set<String> codes = new HashSet<>();
        tasks.forEach(task -> codes.add(task.step().code()));
        for (DayRows.OwnTask one : own) {
            TaskLine line = TaskLine.read(
                            one.line(), List.copyOf(setup.resources().keySet()))
                    .task();
            if (line != null) {
                tasks.add(new Task(own(line, codes), line.job()));
            }
        }
        return tasks;
    }

    private static DayWork.Task own(TaskLine line, Set<String> codes) {
        String code = line.what();
        for (int n = 2; !codes.add(code); n++) {
            code = line.what() + " (" + n + ")";
        }
        Integer at = minute(line.at());
        return new DayWork.Task(
                code,
                line.minutes(),
                line.uses().stream()
                        .flatMap(use -> Collections.nCopies(use.equals(Oven.CODE) ? Oven.SHARES : 1, use).stream())
                        .toList(),
                new DayWork.Order(List.of(), 0, null),
                new DayWork.Times(
                        at != null ? at : minute(line.from()),
                        at == null ? null : Integer.valueOf(at + line.minutes()),
                        minute(line.by())),
                line.waits());
    }

    private static Integer minute(LocalTime time) {
        return time == null ? null : Integer.valueOf(Clocks.minute(time));
    }

    private static Integer minute(LocalDateTime moment, LocalDate day) {
        return moment == null ? null : Integer.valueOf((int) ChronoUnit.MINUTES.between(day.atStartOfDay(), moment));
    }
}
