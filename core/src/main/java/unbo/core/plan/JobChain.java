package unbo.core.plan;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Map;

import org.jspecify.annotations.Nullable;

import unbo.core.stage.RouteStage;

/**
 * What is left of a job as steps of a day: one piece after the other; what goes in hot is warmed meanwhile, and fitted
 * as soon as it leaves the oven. All minutes from the midnight that the day begins with.
 */
public final class JobChain {

    /** Minutes within which somebody fits what left the oven. */
    public static final int IN_HAND_MIN = 1;

    private static final int INTO_OVEN_MIN = 2;

    private JobChain() {}

    /** A piece of a stage that is left. */
    public record Left(RouteStage stage, HubWork.Piece piece) {}

    /**
     * Its times; null where nobody says.
     *
     * @param free nothing of it begins sooner
     * @param parts nothing from fitting on begins sooner
     */
    public record Told(
            @Nullable Integer free,
            @Nullable Integer parts,
            @Nullable Integer promised) {}

    /**
     * @param resources how many there are of each, the oven in {@value Oven#SHARES} shares: what is not there is not
     *     asked for
     * @param horizon what cannot begin by then is left out, with all that follows it
     */
    public static List<DayWork.Task> of(
            long job, List<Left> left, Told told, Map<String, Integer> resources, int horizon) {
        Chain chain = new Chain("#" + job + " ", resources);
        Integer parts = told.parts();
        Integer notBefore = told.free();
        for (int i = 0; i < left.size(); i++) {
            Left one = left.get(i);
            if (parts != null && one.stage().compareTo(RouteStage.FIT) >= 0) {
                notBefore = notBefore == null ? parts : Integer.valueOf(Math.max(notBefore, parts));
                parts = null;
            }
            if (notBefore != null && notBefore >= horizon) {
                break;
            }
            chain.add(one, notBefore, i == left.size() - 1 ? told.promised() : null);
            notBefore = null;
        }
        return chain.tasks;
    }

    private static final class Chain {
        private final String job;
        private final Map<String, Integer> resources;
        private final List<DayWork.Task> tasks = new ArrayList<>();
        /** What the next piece follows. */
        private String before = "";
        /** What its stage follows, and when that may begin: rings can be warmed beside the stage's cold pieces. */
        private String beforeThat = "";

        private @Nullable Integer beganAfter;
        private @Nullable RouteStage stage;
        private int loads;

        Chain(String job, Map<String, Integer> resources) {
            this.job = job;
            this.resources = resources;
        }

        void add(Left one, @Nullable Integer notBefore, @Nullable Integer promised) {
            HubWork.Piece piece = one.piece();
            if (one.stage() != stage) {
                beforeThat = before;
                beganAfter = notBefore;
                stage = one.stage();
            }
            String what = piece.what().isEmpty() ? "" : ", " + piece.what();
            String code = job + one.stage().title() + what;
            for (int n = 2; has(code); n++) {
                code = job + one.stage().title() + what + " " + n;
            }
            List<String> uses = new ArrayList<>(
                    piece.uses().stream().filter(resources::containsKey).toList());
            List<String> after = new ArrayList<>(before.isEmpty() ? List.of() : List.of(before));
            HubWork.Load load = piece.load();
            String oven = load == null || !resources.containsKey(Oven.CODE) ? null : warm(load, notBefore);
            Integer setting = null;
            if (oven != null && load != null) {
                after.add(oven);
                if (load.several()) {
                    // the others stay in it until they are taken
                    uses.addAll(shares(load));
                    setting = setting(load);
                }
            }
            tasks.add(new DayWork.Task(
                    code,
                    Math.max(1, (int) Math.round(piece.minutes())),
                    uses,
                    new DayWork.Order(after, 0, oven == null ? null : Integer.valueOf(IN_HAND_MIN), oven),
                    new DayWork.Times(notBefore, null, promised),
                    false,
                    setting));
            before = code;
        }

        /** It is put in while the piece before goes on, and is warm when that has ended. */
        private String warm(HubWork.Load load, @Nullable Integer notBefore) {
            loads++;
            String which = load.what() + (loads > 1 ? " " + loads : "");
            String into = job + which + " into the oven";
            String oven = job + which + " in the oven, " + load.limitC() + " °C";
            List<String> after = beforeThat.isEmpty() ? List.of() : List.of(beforeThat);
            Integer least = notBefore != null ? notBefore : beganAfter;
            tasks.add(new DayWork.Task(
                    into,
                    INTO_OVEN_MIN,
                    List.of(),
                    new DayWork.Order(after, 0, null),
                    new DayWork.Times(least, null, null),
                    false));
            tasks.add(new DayWork.Task(
                    oven,
                    Math.max(1, (int) Math.ceil(load.minutes())),
                    shares(load),
                    new DayWork.Order(List.of(into), 0, IN_HAND_MIN),
                    new DayWork.Times(null, null, null),
                    true,
                    setting(load)));
            return oven;
        }

        /** Where there are several ovens, each load has one of its own. */
        private boolean several() {
            return resources.getOrDefault(Oven.CODE, 0) > Oven.SHARES;
        }

        private List<String> shares(HubWork.Load load) {
            return Collections.nCopies(several() ? Oven.SHARES : load.shares(), Oven.CODE);
        }

        private @Nullable Integer setting(HubWork.Load load) {
            return several() ? null : Integer.valueOf(load.limitC());
        }

        private boolean has(String code) {
            return tasks.stream().anyMatch(task -> task.code().equals(code));
        }
    }
}
