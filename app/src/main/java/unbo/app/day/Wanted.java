package unbo.app.day;

import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.LocalTime;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;

import unbo.app.job.JobWork;
import unbo.core.plan.DayWork;
import unbo.core.plan.StageWork;
import unbo.core.stage.RouteStage;
import unbo.core.tools.deciding.TaskLine;

/** What is to be done: stages of jobs one after the other, rings warmed before they are fitted, tasks of one's own. */
final class Wanted {

    /** Code of the hours in which nobody is there; nothing that is typed begins so. */
    static final String NIGHT = "\u0001night";

    private static final int INTO_OVEN_MIN = 2;
    /** What cannot begin within a week is not planned: it would hold up all the rest. */
    private static final int HORIZON_MIN = 7 * Clocks.DAY_MIN;

    private Wanted() {}

    /**
     * A task; minutes from the midnight that the day begins with.
     *
     * @param after code of what it follows; empty where it follows nothing
     * @param inHand true where it may wait no more than a minute after that
     * @param notBefore null where it may begin at once
     * @param pinned null where it may move
     * @param promised null where nobody waits for it
     * @param job null where it is nobody's
     */
    record Task(String code, int minutes, List<String> uses, Follows follows, Times times, boolean waits, Long job) {

        record Follows(String after, boolean inHand) {

            static final Follows NOTHING = new Follows("", false);
        }

        record Times(Integer notBefore, Integer pinned, Integer promised) {

            static final Times ANY = new Times(null, null, null);
        }

        /** Counted from another minute on. @param pin null where nobody pinned it on the plan */
        DayWork.Task from(int minute, Integer pin) {
            Integer at = pin != null ? pin : times.pinned();
            Integer least = at != null ? at : times.notBefore();
            Integer begin = least == null ? null : Integer.valueOf(Math.max(0, least - minute));
            return new DayWork.Task(
                    code,
                    minutes,
                    uses,
                    new DayWork.Order(
                            follows.after().isEmpty() ? List.of() : List.of(follows.after()),
                            0,
                            follows.inHand() ? Integer.valueOf(StageWork.IN_HAND_MIN) : null),
                    new DayWork.Times(
                            begin,
                            at == null || begin == null ? null : Integer.valueOf(begin + minutes),
                            times.promised() == null ? null : Integer.valueOf(times.promised() - minute)),
                    waits);
        }
    }

    static List<Task> of(LocalDate day, List<DayJobs.Under> jobs, List<DayRows.OwnTask> own, DaySetup setup) {
        List<Task> tasks = new ArrayList<>();
        for (DayJobs.Under job : jobs) {
            if (!job.stands()) {
                ofJob(day, job, setup, tasks);
            }
        }
        Set<String> codes = new HashSet<>();
        tasks.forEach(task -> codes.add(task.code()));
        for (DayRows.OwnTask one : own) {
            TaskLine line = TaskLine.read(
                            one.line(), List.copyOf(setup.resources().keySet()))
                    .task();
            if (line != null) {
                tasks.add(own(line, codes));
            }
        }
        return tasks;
    }

    private static Task own(TaskLine line, Set<String> codes) {
        String code = line.what();
        for (int n = 2; !codes.add(code); n++) {
            code = line.what() + " (" + n + ")";
        }
        return new Task(
                code,
                line.minutes(),
                line.uses(),
                Task.Follows.NOTHING,
                new Task.Times(minute(line.from()), minute(line.at()), minute(line.by())),
                line.waits(),
                line.job());
    }

    private static Integer minute(LocalTime time) {
        return time == null ? null : Integer.valueOf(Clocks.minute(time));
    }

    private static Integer minute(LocalDateTime moment, LocalDate day) {
        return moment == null ? null : Integer.valueOf((int) ChronoUnit.MINUTES.between(day.atStartOfDay(), moment));
    }

    private static void ofJob(LocalDate day, DayJobs.Under job, DaySetup setup, List<Task> tasks) {
        String before = "";
        boolean parts = job.told().parts() != null;
        Integer free = minute(job.free(), day);
        for (int i = 0; i < job.left().size(); i++) {
            JobWork.Left left = job.left().get(i);
            boolean last = i == job.left().size() - 1;
            Integer notBefore = before.isEmpty() ? free : null;
            if (parts && left.stage().compareTo(RouteStage.FIT) >= 0) {
                notBefore = later(notBefore, minute(job.told().parts(), day));
                parts = false;
            }
            if (notBefore != null && notBefore >= HORIZON_MIN) {
                return;
            }
            Task.Times times =
                    new Task.Times(notBefore, null, last ? minute(job.told().promised(), day) : null);
            String code = "#" + job.id() + " " + left.stage().title();
            boolean hot = left.hot() && setup.resources().containsKey(StageWork.OVEN);
            if (hot) {
                String into = "#" + job.id() + " ring into the oven";
                tasks.add(new Task(
                        into,
                        INTO_OVEN_MIN,
                        List.of(),
                        new Task.Follows(before, false),
                        new Task.Times(notBefore, null, null),
                        false,
                        job.id()));
                String oven = "#" + job.id() + " ring in the oven";
                tasks.add(new Task(
                        oven,
                        StageWork.SOAK_MIN,
                        List.of(StageWork.OVEN),
                        new Task.Follows(into, true),
                        Task.Times.ANY,
                        true,
                        job.id()));
                before = oven;
            }
            tasks.add(new Task(
                    code,
                    left.minutes(),
                    left.uses().stream().filter(setup.resources()::containsKey).toList(),
                    new Task.Follows(before, hot),
                    times,
                    false,
                    job.id()));
            before = code;
        }
    }

    private static Integer later(Integer one, Integer other) {
        return one == null ? other : other == null ? one : Integer.valueOf(Math.max(one, other));
    }
}
