package unbo.core.tools.practice;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.SplittableRandom;
import java.util.stream.Collectors;
import java.util.stream.IntStream;

import org.jspecify.annotations.Nullable;

import unbo.core.assembly.KindPlace;
import unbo.core.bearing.Bearing;
import unbo.core.damage.RaceMapInput;
import unbo.core.designation.Decoder;
import unbo.core.diagnosis.Observation;
import unbo.core.drawing.Drawing;
import unbo.core.measure.Show;
import unbo.core.practice.ReaderTable;
import unbo.core.stage.RouteStage;
import unbo.core.tools.practice.Work.Group;
import unbo.core.tools.practice.Work.Move;
import unbo.core.tools.strip.RaceMapDrawing;

/** What was done on a hidden hub at each stage of its job, and what came of it. */
final class HubAtStage {

    private static final int RING_MIN = 1;
    private static final int CALIPER_MIN = 3;
    private static final int LOOK_MIN = 3;
    private static final int ZERO_MIN = 1;
    private static final int BORE_MIN = 5;
    private static final int SOUND_MIN = 30;
    private static final int RUN_MIN = 15;
    private static final int HEAT_MIN = 2;
    private static final int PLAY_MIN = 4;
    private static final int READINGS = 3;
    private static final double CALIPER_MM = 0.05;
    private static final double WARM_C = 34;
    private static final double HOT_C = 62;
    private static final double AIR_C = 18;
    /** Where the indicator stands while the hub is pushed in. */
    private static final double PUSHED_MM = 0.412;

    private static final int BEARING_PLAY_UM = 12;
    private static final String SOUND = "sound:";

    private final HiddenHub hub;
    private final DiagnoseWork.State checks;
    private final ApartWork.Task task;
    private final ApartWork.State apart;
    private final NutWork.@Nullable State nut;
    private final Map<RouteStage, List<String>> logs = new LinkedHashMap<>();
    private final Map<String, List<String>> read = new LinkedHashMap<>();
    private double minutes;
    private String looked = "";

    private HubAtStage(HiddenHub hub) {
        this.hub = hub;
        this.checks = new DiagnoseWork.State(hub.cause());
        long seed = hub.drawn().seed();
        int level = hub.drawn().level();
        this.task = ApartWork.task(List.of(hub.kind().code()), hub.numbers(), seed, level);
        this.apart = new ApartWork.State(task);
        this.nut = nuts(hub) ? new NutWork.State(NutWork.Hub.of(seed, level)) : null;
    }

    private static boolean nuts(HiddenHub hub) {
        return hub.kind().code().equals("adjustable-taper");
    }

    /** After some moves, each behind its stage's code and a stroke; those that cannot be made are passed over. */
    static HubAtStage after(HiddenHub hub, List<String> moves) {
        HubAtStage at = new HubAtStage(hub);
        for (String move : moves) {
            int cut = move.indexOf('/');
            RouteStage.of(move.substring(0, Math.max(0, cut)))
                    .filter(stage -> Work.among(at.groups(stage, hub.position()), move.substring(cut + 1))
                            || move.substring(cut + 1).startsWith(SOUND))
                    .ifPresent(stage -> at.make(stage, move.substring(cut + 1)));
        }
        return at;
    }

    private void make(RouteStage stage, String move) {
        int cut = move.indexOf(':');
        String what = move.substring(0, Math.max(0, cut));
        String place = move.substring(cut + 1);
        switch (stage) {
            case DIAGNOSE -> checks.make(move);
            case STRIP -> {
                if (move.startsWith(SOUND)) {
                    said(RouteStage.STRIP, "Taken apart: all of it is sound, nothing here makes that noise", SOUND_MIN);
                } else {
                    apart.make(move);
                }
            }
            case SET -> {
                if (nut != null) {
                    nut.make(move);
                }
            }
            case IDENTIFY -> identify(what, place);
            case INSPECT -> inspect(what, place);
            default -> prove(move);
        }
    }

    private void said(RouteStage stage, String words, int took) {
        minutes += took;
        logs.computeIfAbsent(stage, of -> new ArrayList<>()).add(words + ", " + Show.number(took, 0) + " min");
    }

    private String at(String place) {
        return KindPlace.find(hub.kind().code(), place).orElseThrow().title();
    }

    private void identify(String what, String place) {
        if (what.equals("ring")) {
            String worn = hub.ring(place).worn().replace("?", "·");
            said(RouteStage.IDENTIFY, at(place) + ", on its ring: " + worn, RING_MIN);
            return;
        }
        Bearing there = Decoder.SHIPPED.decode(hub.ring(place).number());
        SplittableRandom random = new SplittableRandom(hub.drawn().seed() * 43 + place.hashCode());
        double off = CALIPER_MM * hub.drawn().level();
        said(
                RouteStage.IDENTIFY,
                at(place) + ", by caliper: bore " + by(there.boreMm(), off, random) + ", outside "
                        + by(there.outsideMm(), off, random) + ", width " + by(there.widthMm(), off, random) + " mm",
                CALIPER_MIN);
    }

    private static String by(@Nullable Double mm, double off, SplittableRandom random) {
        return mm == null
                ? "?"
                : IntStream.range(0, READINGS)
                        .mapToObj(i -> Numbers.mm(Numbers.read(mm, off, random)))
                        .collect(Collectors.joining(" · "));
    }

    private void inspect(String what, String place) {
        HiddenHub.Seat seat = hub.seat();
        if (what.equals("races")) {
            looked = place;
            said(
                    RouteStage.INSPECT,
                    at(place) + ": its races, as drawn; "
                            + hub.ring(place).races().elements() + " rolling elements in a row",
                    LOOK_MIN);
        } else if (seat != null && what.equals("zero")) {
            int zero = seat.zeroUm();
            said(
                    RouteStage.INSPECT,
                    "Bore gauge in its " + Show.number(seat.nominalMm(), 0) + " mm ring: "
                            + Show.fixed(seat.nominalMm() + zero / 1000.0, 3) + " mm",
                    ZERO_MIN);
        } else if (seat != null) {
            List<String> readings = IntStream.range(0, 2 * READINGS)
                    .mapToObj(n -> Show.fixed(seat.reading(n, hub.drawn()), 3))
                    .toList();
            read.put("seat", readings);
            said(
                    RouteStage.INSPECT,
                    "Its housing's seat in two planes: " + String.join(" · ", readings) + " mm",
                    BORE_MIN);
        }
    }

    /** Play that is there once all has settled, µm; negative where it is preloaded. */
    int playUm() {
        return nut == null ? BEARING_PLAY_UM : nut.playUm();
    }

    private void prove(String move) {
        SplittableRandom random = new SplittableRandom(hub.drawn().seed() * 47);
        if (move.equals("run")) {
            said(RouteStage.PROVE, "Run ten kilometres, or as long by hand", RUN_MIN);
            read.put("run", List.of());
        } else if (move.equals("heat")) {
            double over = random.nextInt(10 * hub.drawn().level()) / 10.0;
            double warm = !read.containsKey("run") ? AIR_C : playUm() < 0 ? HOT_C : WARM_C;
            String here = Show.number(warm + over, 0);
            String twin = Show.number(Math.min(warm, WARM_C), 0);
            read.put("heat", List.of(here, twin));
            said(
                    RouteStage.PROVE,
                    "By the infrared thermometer: " + here + " °C, its other side, or the frame, " + twin + " °C",
                    HEAT_MIN);
        } else {
            List<String> all = IntStream.range(0, READINGS)
                    .mapToObj(n -> Show.fixed(PUSHED_MM + (random.nextInt(5) - 2) / 1000.0, 3))
                    .toList();
            List<String> pulled = IntStream.range(0, READINGS)
                    .mapToObj(n -> Show.fixed(PUSHED_MM + (Math.max(0, playUm()) + random.nextInt(5) - 2) / 1000.0, 3))
                    .toList();
            read.put("push", all);
            read.put("pull", pulled);
            said(
                    RouteStage.PROVE,
                    "By the indicator, pushed " + String.join(" · ", all) + ", pulled " + String.join(" · ", pulled)
                            + " mm",
                    PLAY_MIN);
        }
    }

    /** What can be done on it at a stage. @param position at which the job is; what is not there is sound */
    List<Group> groups(RouteStage stage, String position) {
        if (stage == RouteStage.DIAGNOSE) {
            return DiagnoseWork.checks(checks);
        }
        if (stage != RouteStage.STRIP && !(hub.own() && position.equals(hub.position()))) {
            return List.of();
        }
        return switch (stage) {
            case IDENTIFY -> List.of(each("Read its ring", "ring"), each("Measure it by caliper", "caliper"));
            case STRIP ->
                hub.own() && position.equals(hub.position())
                        ? apart.over() ? List.of() : ApartWork.groups(apart)
                        : List.of(new Group("", List.of(new Move(SOUND + position, "Take it apart")), true));
            case INSPECT -> inspecting();
            case SET -> nut == null || nut.over() ? List.of() : NutWork.GROUPS;
            case PROVE ->
                List.of(new Group(
                        "Prove it",
                        List.of(
                                new Move("run", "Run it"),
                                new Move("heat", "Thermometer: this one and the other side"),
                                new Move("play", "Indicator: push and pull, three pairs")),
                        true));
            default -> List.of();
        };
    }

    private List<Group> inspecting() {
        if (!apart.over()) {
            return List.of();
        }
        List<Group> groups = new ArrayList<>(List.of(each("Look at its races", "races")));
        if (hub.seat() != null) {
            String place = hub.failing().place();
            groups.add(new Group(
                    "Its housing's seat, " + at(place).toLowerCase(java.util.Locale.ROOT),
                    List.of(
                            new Move("zero:" + place, "Try the bore gauge in its ring"),
                            new Move("bore:" + place, "Bore gauge, two planes, three angles")),
                    true));
        }
        return groups;
    }

    private Group each(String title, String what) {
        return new Group(
                title,
                hub.rings().keySet().stream()
                        .map(place -> new Move(what + ":" + place, at(place)))
                        .toList(),
                true);
    }

    /** What was done at a stage and came of it, the first first. */
    List<String> log(RouteStage stage) {
        return switch (stage) {
            case DIAGNOSE -> checks.log();
            case STRIP ->
                java.util.stream.Stream.concat(logs.getOrDefault(stage, List.of()).stream(), apart.log().stream())
                        .toList();
            case SET -> nut == null ? List.of() : nut.log();
            default -> logs.getOrDefault(stage, List.of());
        };
    }

    double minutes() {
        return minutes + checks.minutes() + apart.minutes() + (nut == null ? 0 : nut.minutes());
    }

    /** What was unsafe, the first of it; empty where nothing was. */
    String unsafe() {
        return List.of(checks.unsafe(), apart.unsafe(), nut == null ? "" : nut.unsafe()).stream()
                .filter(what -> !what.isEmpty())
                .findFirst()
                .orElse("");
    }

    @Nullable
    Drawing drawing(RouteStage stage) {
        return switch (stage) {
            case STRIP -> ApartWork.drawing(task, apart);
            case INSPECT -> looked.isEmpty() ? null : RaceMapDrawing.bare(races());
            case SET -> nut == null ? null : nut.drawing();
            default -> null;
        };
    }

    private RaceMapInput races() {
        return ReaderTable.input(hub.ring(looked).races());
    }

    /** What was read at a stage as its boxes take it; empty where nothing was, or it has to be typed. */
    Map<String, String> boxes(RouteStage stage) {
        Map<String, String> boxes = new LinkedHashMap<>();
        if (stage == RouteStage.DIAGNOSE && !checks.seen().isEmpty()) {
            boxes.put("checks", checks.seen().stream().map(Observation::key).collect(Collectors.joining(" ")));
        } else if (stage == RouteStage.INSPECT) {
            if (!looked.isEmpty()) {
                boxes.put("which", looked);
            }
            if (!looked.isEmpty() && hub.drawn().level() == 1) {
                boxes.putAll(hub.boxes(looked));
            }
            List<String> seat = read("seat");
            if (!seat.isEmpty()
                    && (looked.isEmpty() || looked.equals(hub.failing().place()))) {
                boxes.put("which", hub.failing().place());
                boxes.put("seatRing", "outer");
                boxes.put("plane1", String.join(" ", seat.subList(0, READINGS)));
                boxes.put("plane2", String.join(" ", seat.subList(READINGS, seat.size())));
            }
        } else if (stage == RouteStage.PROVE) {
            for (String hand : List.of("push", "pull")) {
                List<String> readings = read(hand);
                if (!readings.isEmpty()) {
                    boxes.put(hand, String.join(" ", readings));
                }
            }
            List<String> heat = read("heat");
            if (!heat.isEmpty()) {
                boxes.put("hubTemperature", heat.get(0));
                boxes.put("twinTemperature", heat.get(1));
            }
        }
        return boxes;
    }

    private List<String> read(String what) {
        return read.getOrDefault(what, List.of());
    }

    boolean settled() {
        return nut == null || nut.settled();
    }

    /** True where its nut was locked, or it has none. */
    boolean locked() {
        return nut == null || nut.over();
    }

    boolean nutted() {
        return nut != null;
    }

    boolean apart() {
        return apart.over();
    }

    List<String> lost() {
        return apart.lostParts();
    }

    boolean measured() {
        return read.containsKey("heat") && read.containsKey("push") && read.containsKey("run");
    }

    boolean gauged() {
        return read.containsKey("seat");
    }

    /** The moves of the best hand, from what is seen alone. */
    static List<String> best(HiddenHub hub) {
        List<String> best = new ArrayList<>();
        DiagnoseWork.way(hub.cause()).stream()
                .filter(move -> !move.startsWith("cause:"))
                .forEach(move -> best.add("diagnose/" + move));
        if (!hub.own()) {
            return best;
        }
        HubAtStage fresh = new HubAtStage(hub);
        for (String place : hub.rings().keySet()) {
            best.add("identify/ring:" + place);
            if (hub.ring(place).worn().contains("?")) {
                best.add("identify/caliper:" + place);
            }
        }
        ApartWork.way(fresh.task).forEach(move -> best.add("strip/" + move));
        hub.rings().keySet().forEach(place -> best.add("inspect/races:" + place));
        if (hub.seat() != null) {
            best.add("inspect/zero:" + hub.failing().place());
            best.add("inspect/bore:" + hub.failing().place());
        }
        if (nuts(hub)) {
            NutWork.way(NutWork.Hub.of(hub.drawn().seed(), hub.drawn().level()))
                    .forEach(move -> best.add("set/" + move));
        }
        best.addAll(List.of("prove/run", "prove/heat", "prove/play"));
        return best;
    }
}
