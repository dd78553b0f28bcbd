package unbo.core.tools.practice;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.SplittableRandom;
import java.util.TreeMap;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

import unbo.core.designation.Decoder;
import unbo.core.fact.FactKey;
import unbo.core.fact.PlaceProperty;
import unbo.core.finding.Finding;
import unbo.core.input.Typed;
import unbo.core.input.UnitSystem;
import unbo.core.route.Knowledge;
import unbo.core.route.StageRule;
import unbo.core.route.StageRules;
import unbo.core.sheet.Fact;
import unbo.core.sheet.How;
import unbo.core.sheet.Sheet;
import unbo.core.stage.RouteStage;

/** A job on a hidden hub, through the very rules of the stages, from what its instruments show. */
class PracticeJobTest {

    private static final int SEEDS = 14;
    private static final Pattern MM = Pattern.compile("\\d+\\.\\d+");

    /** What the stages know, kept one after the other. */
    private static final class Paper {
        private final PracticeJob job;
        private Sheet sheet;

        Paper(PracticeJob job, String position) {
            this.job = job;
            List<Fact> facts = new ArrayList<>(
                    List.of(fact(FactKey.VEHICLE_KIND, job.vehicle().kind()), fact(FactKey.AXLES, "1")));
            if (!position.isEmpty()) {
                facts.add(fact(FactKey.WHERE, position));
            }
            sheet = Sheet.of(facts);
        }

        private static Fact fact(FactKey key, String text) {
            return Fact.words(key, text, How.TYPED, "vehicle");
        }

        /** Keeps what was typed at a stage, with what the stage fills in itself. */
        void keep(RouteStage stage, Map<String, String> typed) {
            StageRule<?> rule = StageRules.of(stage, sheet, typed);
            Map<String, String> texts = new TreeMap<>(rule.prefill(sheet, typed));
            texts.putAll(typed);
            StageRule.Work work = rule.work(Typed.of(texts, UnitSystem.METRIC), sheet, Knowledge.SHIPPED);
            assertThat(work.reading().problems()).as("%s %s", stage, typed).isEmpty();
            sheet = sheet.with(work.outcome().facts());
        }

        Map<String, String> boxes(RouteStage stage) {
            return new LinkedHashMap<>(job.at(stage, "").boxes());
        }

        List<String> log(RouteStage stage) {
            return job.at(stage, "").log();
        }
    }

    /** The number of a place by its ring, and by caliper where the ring does not tell. */
    private static String number(HiddenHub hub, Paper paper, String place) {
        String title = unbo.core.assembly.KindPlace.find(hub.kind().code(), place)
                .orElseThrow()
                .title();
        List<String> log = paper.log(RouteStage.IDENTIFY).stream()
                .filter(line -> line.startsWith(title))
                .toList();
        String ring = log.get(0).replaceAll(".*on its ring: ([^,]*),.*", "$1").replace('·', '?');
        if (!ring.contains("?")) {
            return ring;
        }
        List<Double> mm = new ArrayList<>();
        for (Matcher found = MM.matcher(log.get(1)); found.find(); ) {
            mm.add(Double.valueOf(found.group()));
        }
        double bore = mm.subList(0, 3).stream().sorted().toList().get(1);
        double outside = mm.subList(3, 6).stream().sorted().toList().get(1);
        return Decoder.SHIPPED.decode(ring).completions().stream()
                .filter(one -> {
                    var b = Decoder.SHIPPED.decode(one);
                    return b.boreMm() != null
                            && b.outsideMm() != null
                            && Math.abs(b.boreMm() - bore) < 0.4
                            && Math.abs(b.outsideMm() - outside) < 0.4;
                })
                .findFirst()
                .orElse("");
    }

    /** All stages by the best hand, from what it saw; one of them as {@code instead} says. */
    private static Paper kept(long seed, int level, List<String> moves) {
        HiddenHub hub = HiddenHub.of(seed, level);
        Paper paper = new Paper(PracticeJob.of(seed, level, moves), hub.position());
        Map<String, String> diagnosed = paper.boxes(RouteStage.DIAGNOSE);
        diagnosed.put("verdict", DiagnoseWork.named(DiagnoseWork.way(hub.cause())));
        diagnosed.put("initials", "AB");
        paper.keep(RouteStage.DIAGNOSE, diagnosed);
        if (hub.own()) {
            Map<String, String> identified =
                    new LinkedHashMap<>(Map.of("assembly", hub.kind().code()));
            List<String> boxes = List.of("outerCone", "innerCone", "thirdCone", "fourthCone");
            int n = 0;
            for (String place : hub.rings().keySet()) {
                identified.put(boxes.get(n++), number(hub, paper, place));
            }
            paper.keep(RouteStage.IDENTIFY, identified);
            String place = hub.failing().place();
            Map<String, String> inspected = new LinkedHashMap<>(hub.boxes(place));
            inspected.put("which", place);
            Map<String, String> seat = new LinkedHashMap<>();
            if (hub.seat() != null) {
                seat.putAll(gauged(paper));
            }
            inspected.putAll(seat);
            paper.keep(RouteStage.INSPECT, inspected);
        }
        String cause = hub.cause().truth().cause().code();
        paper.sheet = paper.sheet.with(List.of(Paper.fact(FactKey.CAUSE, cause)));
        return paper;
    }

    /** The seat, less what the gauge read too large in its own ring. */
    private static Map<String, String> gauged(Paper paper) {
        List<List<Double>> read = paper.log(RouteStage.INSPECT).stream()
                .filter(line -> line.contains("Bore gauge in its") || line.contains("two planes"))
                .map(line -> {
                    List<Double> mm = new ArrayList<>();
                    for (Matcher found = MM.matcher(line); found.find(); ) {
                        mm.add(Double.valueOf(found.group()));
                    }
                    return mm;
                })
                .toList();
        double ring = read.get(0).get(0);
        double zero = ring - Math.rint(ring);
        List<String> right = read.get(1).stream()
                .map(mm -> String.format(java.util.Locale.ROOT, "%.3f", mm - zero))
                .toList();
        return Map.of(
                "seatRing",
                "outer",
                "plane1",
                String.join(" ", right.subList(0, 3)),
                "plane2",
                String.join(" ", right.subList(3, 6)));
    }

    private static String words(Work.Marks marks) {
        return marks.findings().stream()
                .map(f -> f.level() + " " + f.sentence())
                .collect(Collectors.joining("\n"));
    }

    @ParameterizedTest
    @ValueSource(ints = {1, 2, 3, 4})
    void theBestHandPasses(int level) {
        Set<String> kinds = new HashSet<>();
        for (long seed = 1; seed <= SEEDS; seed++) {
            List<String> moves = PracticeJob.best(seed, level);
            Paper paper = kept(seed, level, moves);
            Work.Marks marks = paper.job.marks(paper.sheet, List.of());
            assertThat(marks.passed()).as("seed %d: %s", seed, words(marks)).isTrue();
            kinds.add(HiddenHub.of(seed, level).kind().code());
        }
        System.out.printf("jobs, level %d: best passes %d of %d, kinds %s%n", level, SEEDS, SEEDS, kinds);
    }

    /** Every kind comes up, and what is no bearing at all comes up where it may. */
    @Test
    void everyKindComesUp() {
        Set<String> kinds = new HashSet<>();
        int others = 0;
        for (long seed = 1; seed <= 120; seed++) {
            HiddenHub hub = HiddenHub.of(seed, 2);
            kinds.add(hub.kind().code());
            others += hub.own() ? 0 : 1;
        }
        assertThat(kinds).hasSize(HubKind.ALL.size()).hasSizeGreaterThanOrEqualTo(8);
        assertThat(others).isBetween(15, 50);
    }

    /** What was never done, or was said wrong, fails: each by itself. */
    @Test
    void eachThingThatIsWrongFails() {
        long seed = 1;
        while (!HiddenHub.of(seed, 2).kind().code().equals("adjustable-taper")
                || !HiddenHub.of(seed, 2).own()) {
            seed++;
        }
        HiddenHub hub = HiddenHub.of(seed, 2);
        List<String> moves = PracticeJob.best(seed, 2);
        Paper right = kept(seed, 2, moves);
        assertThat(right.job.marks(right.sheet, List.of()).passed()).isTrue();
        assertThat(right.job.marks(right.sheet, List.of("Prove is not done.")).passed())
                .isFalse();
        String place = hub.failing().place();
        Map<FactKey, String> wrong = Map.of(
                FactKey.VERDICT_CAUSE,
                "tyre",
                FactKey.VERDICT_AT,
                "axle3-left",
                FactKey.CAUSE,
                "coupling",
                FactKey.ASSEMBLY,
                "ball-pair",
                PlaceProperty.CONE.at(place),
                "30208",
                PlaceProperty.DAMAGE.at(place),
                "normal");
        wrong.forEach((key, text) -> {
            Sheet sheet = right.sheet.with(List.of(Paper.fact(key, text)));
            assertThat(right.job.marks(sheet, List.of()).passed())
                    .as(key.name())
                    .isFalse();
        });
        for (String without : List.of("strip/", "set/", "prove/run", "prove/heat", "prove/play")) {
            List<String> less =
                    moves.stream().filter(move -> !move.startsWith(without)).toList();
            PracticeJob job = PracticeJob.of(seed, 2, less);
            assertThat(job.marks(right.sheet, List.of()).passed()).as(without).isFalse();
        }
    }

    /** No stands, the old pin, nothing of what comes before: it fails for safety, with the reason. */
    @Test
    void aCarelessHandFailsForSafety() {
        for (long seed = 1; seed <= SEEDS; seed++) {
            List<String> best = PracticeJob.best(seed, 1);
            List<String> careless = best.stream()
                    .filter(move -> !move.endsWith("/stands") && !move.contains("before:"))
                    .map(move -> move.replace("new-pin", "old-pin"))
                    .toList();
            Paper paper = kept(seed, 1, best);
            Work.Marks marks = PracticeJob.of(seed, 1, careless).marks(paper.sheet, List.of());
            Finding first = marks.findings().get(0);
            assertThat(first.code().equals("practice-unsafe"))
                    .as("seed %d", seed)
                    .isEqualTo(!careless.equals(best));
            assertThat(marks.passed()).isEqualTo(careless.equals(best));
        }
    }

    /** Anything at random, anywhere, and nothing said: it never passes. */
    @Test
    void aRandomHandFails() {
        SplittableRandom random = new SplittableRandom(5);
        for (long seed = 1; seed <= SEEDS; seed++) {
            HiddenHub hub = HiddenHub.of(seed, 1);
            List<String> moves = new ArrayList<>();
            for (int i = 0; i < 60; i++) {
                PracticeJob job = PracticeJob.of(seed, 1, moves);
                List<String> all = Arrays.stream(RouteStage.values())
                        .flatMap(stage -> job.at(stage, hub.position()).groups().stream()
                                .flatMap(group -> group.moves().stream())
                                .map(move -> stage.code() + "/" + move.code()))
                        .toList();
                moves.add(all.get(random.nextInt(all.size())));
            }
            Paper paper = new Paper(PracticeJob.of(seed, 1, moves), hub.position());
            assertThat(paper.job.marks(paper.sheet, List.of()).passed()).isFalse();
        }
    }

    /** A job at a place where nothing is wrong takes its time, and finds nothing. */
    @Test
    void whatIsSoundShowsNothing() {
        HiddenHub hub = HiddenHub.of(3, 1);
        PracticeJob job = PracticeJob.of(3, 1, List.of());
        assertThat(job.at(RouteStage.INSPECT, "elsewhere").groups()).isEmpty();
        assertThat(job.at(RouteStage.STRIP, "elsewhere").may("sound:elsewhere")).isTrue();
        PracticeJob opened = PracticeJob.of(3, 1, List.of("strip/sound:elsewhere"));
        assertThat(opened.at(RouteStage.STRIP, "elsewhere").minutes()).isEqualTo(30);
        assertThat(opened.at(RouteStage.STRIP, "elsewhere").log().get(0)).contains("sound");
        assertThat(hub.numbers()).isNotEmpty();
    }

    /** The same seed is the same hub, and nothing of it is told before somebody looks. */
    @Test
    void oneSeedIsOneHub() {
        List<String> half = PracticeJob.best(2, 3).subList(0, 2);
        assertThat(PracticeJob.of(2, 3, half).at(RouteStage.DIAGNOSE, "").toString())
                .isEqualTo(
                        PracticeJob.of(2, 3, half).at(RouteStage.DIAGNOSE, "").toString());
        for (long seed = 1; seed <= SEEDS; seed++) {
            HiddenHub hub = HiddenHub.of(seed, 3);
            PracticeJob job = PracticeJob.of(seed, 3, List.of());
            String told = job.story() + job.papers();
            for (RouteStage stage : RouteStage.values()) {
                told += "" + job.at(stage, hub.position()).log()
                        + job.at(stage, hub.position()).boxes();
            }
            assertThat(told)
                    .doesNotContain(hub.failing().mode().name())
                    .doesNotContain(hub.cause().truth().words(job.vehicle().kind()));
            hub.numbers().values().forEach(number -> assertThat(job.story()).doesNotContain(number));
        }
    }

    /** It sounds as what it is: of its own bearing there are ticks, of a tyre there are none. */
    @Test
    void itSoundsAsWhatItIs() {
        int ticking = 0;
        int bearings = 0;
        int sounding = 0;
        for (long seed = 1; seed <= 40; seed++) {
            HiddenHub hub = HiddenHub.of(seed, 2);
            byte[] sound = PracticeJob.of(seed, 2, List.of()).sound().orElse(null);
            if (sound == null) {
                continue;
            }
            sounding++;
            bearings += hub.own() ? 1 : 0;
            ticking += spikes(sound) > 4 == hub.own() ? 1 : 0;
            assertThat(PracticeJob.of(seed, 2, List.of()).sound()).contains(sound);
        }
        assertThat(bearings).isBetween(10, sounding - 3);
        assertThat(ticking).isGreaterThanOrEqualTo(sounding * 9 / 10);
    }

    /** Kurtosis of the second difference of a recording of 16 bit behind its head of 44 bytes. */
    private static double spikes(byte[] wav) {
        double two = 0;
        double four = 0;
        int n = (wav.length - 44) / 2;
        for (int i = 2; i < n; i++) {
            double fast = at(wav, i) - 2 * at(wav, i - 1) + at(wav, i - 2);
            two += fast * fast;
            four += fast * fast * fast * fast;
        }
        return four / (n - 2) / (two / (n - 2) * two / (n - 2));
    }

    private static double at(byte[] wav, int i) {
        return (short) (wav[44 + 2 * i] & 0xff | wav[45 + 2 * i] << 8);
    }
}
