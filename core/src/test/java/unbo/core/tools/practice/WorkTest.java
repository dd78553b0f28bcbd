package unbo.core.tools.practice;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.SplittableRandom;
import java.util.stream.Stream;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** The machine passes all work at every level, a random hand fails, a careless one fails for safety. */
class WorkTest {

    private static final int SEEDS = 8;

    static Stream<Work> all() {
        return Work.all().stream();
    }

    private static Work.Marks marks(Work work, long seed, int level, List<String> moves) {
        return work.turn(seed, level, moves).marks();
    }

    @ParameterizedTest
    @MethodSource("all")
    void theBestWayPasses(Work work) {
        for (int level = 1; level <= Work.LEVELS; level++) {
            int passed = 0;
            for (long seed = 1; seed <= SEEDS; seed++) {
                Work.Marks marks = marks(work, seed, level, work.best(seed, level));
                passed += marks != null && marks.passed() ? 1 : 0;
            }
            System.out.printf("%s, level %d: best passes %d of %d%n", work.code(), level, passed, SEEDS);
            assertThat(passed).as("%s, level %d", work.code(), level).isEqualTo(SEEDS);
        }
    }

    @ParameterizedTest
    @MethodSource("all")
    void aRandomHandFails(Work work) {
        SplittableRandom random = new SplittableRandom(3);
        int passed = 0;
        for (long seed = 1; seed <= SEEDS; seed++) {
            List<String> moves = new ArrayList<>();
            Work.Turn turn = work.turn(seed, 1, moves);
            for (int i = 0; i < 60 && !turn.over(); i++) {
                moves.add(work.any(turn, random));
                turn = work.turn(seed, 1, moves);
            }
            passed += turn.over() && turn.marks().passed() ? 1 : 0;
        }
        assertThat(passed).as(work.code()).isLessThanOrEqualTo(SEEDS / 10);
    }

    /** One seed is one thing, whoever asks; before the end nothing of what is shown holds the truth. */
    @ParameterizedTest
    @MethodSource("all")
    void oneSeedIsOneThing(Work work) {
        for (long seed = 1; seed <= 5; seed++) {
            List<String> moves = work.best(seed, 2);
            List<String> half = moves.subList(0, moves.size() / 2);
            assertThat(work.turn(seed, 2, half).toString())
                    .isEqualTo(work.turn(seed, 2, half).toString());
            assertThat(work.turn(seed, 2, half).marks()).isNull();
            assertThat(work.turn(seed, 2, List.of("nothing", "of the", "sort")).log())
                    .isEmpty();
        }
    }

    private static boolean unsafe(Work work, List<String> moves) {
        return marks(work, 1, 1, moves).findings().stream()
                .anyMatch(f -> f.code().equals("practice-unsafe"));
    }

    /** Without stands, without what comes before, by an old pin: it fails for that, and is right else. */
    @Test
    void aCarelessHandFailsForSafety() {
        for (Work work : Work.all()) {
            List<String> careless = work.best(1, 1).stream()
                    .filter(move -> !move.equals("stands") && !move.equals("held") && !move.startsWith("before:"))
                    .map(move -> move.equals("new-pin") ? "old-pin" : move)
                    .toList();
            careless = careless.stream()
                    .filter(move -> !move.endsWith("/stands") && !move.contains("/before:"))
                    .toList();
            boolean lifted = !careless.equals(work.best(1, 1));
            assertThat(unsafe(work, careless)).as(work.code()).isEqualTo(lifted);
            assertThat(marks(work, 1, 1, careless).passed()).as(work.code()).isEqualTo(!lifted);
            assertThat(unsafe(work, work.best(1, 1))).as(work.code()).isFalse();
        }
        Work apart = new ApartWork();
        assertThat(marks(
                                apart,
                                1,
                                1,
                                apart.best(1, 1).stream()
                                        .filter(move -> !move.startsWith("before:"))
                                        .toList())
                        .findings()
                        .get(0)
                        .sentence())
                .contains("Work began without this")
                .contains("whatever else");
    }

    /** A nut tightened on a hub that stands still is read too small: what is right then is not afterwards. */
    @Test
    void rollersThatWereNotTurnedSettleLater() {
        Work nut = new NutWork();
        List<String> still = nut.best(1, 1).stream()
                .map(move -> move.equals("tight") ? "tight-still" : move)
                .toList();
        Work.Marks marks = marks(nut, 1, 1, still);
        assertThat(marks.passed()).isFalse();
        assertThat(marks.findings()).anyMatch(f -> f.code().equals("practice-unsettled"));
    }

    /** The crudest way on every part: it is apart in the end, and something is spoiled that was to be kept. */
    @Test
    void whatIsSpoiledStaysSpoiled() {
        Work apart = new ApartWork();
        int spoiled = 0;
        for (long seed = 1; seed <= SEEDS; seed++) {
            List<String> moves = new ArrayList<>();
            Work.Turn turn = apart.turn(seed, 2, moves);
            SplittableRandom random = new SplittableRandom(seed);
            for (int i = 0; i < 300 && !turn.over(); i++) {
                moves.add(apart.any(turn, random));
                turn = apart.turn(seed, 2, moves);
            }
            assertThat(turn.over()).as("seed %d", seed).isTrue();
            spoiled += turn.marks().findings().stream().anyMatch(f -> f.code().equals("practice-spoiled")) ? 1 : 0;
        }
        assertThat(spoiled).isGreaterThanOrEqualTo(SEEDS / 6);
    }

    private static long sum(byte[] bytes) {
        java.util.zip.CRC32 sum = new java.util.zip.CRC32();
        sum.update(bytes);
        return sum.getValue();
    }

    private static long sum(Object what) {
        return sum(what.toString().getBytes(java.nio.charset.StandardCharsets.UTF_8));
    }

    /** One seed is one truth on every machine: a recording, a painting, a cause with what its checks find, a plan. */
    @Test
    void oneSeedIsTheSameOnEveryMachine() {
        unbo.core.diagnosis.HiddenCause hidden = unbo.core.diagnosis.HiddenCause.of(7, 3);
        List<String> found = unbo.core.diagnosis.Checks.on(hidden.told().vehicle()).stream()
                .filter(check -> !check.positioned())
                .map(check -> hidden.look(check, null).key())
                .toList();
        assertThat(List.of(
                        sum(new HearLesson().sound(7, 2, 0)),
                        sum(new RacesLesson().things(7, 2)),
                        sum(hidden.truth().key() + found),
                        sum(new ApartWork().best(7, 3)),
                        sum(new SeatLesson().things(7, 4))))
                .containsExactly(1338167182L, 3662282560L, 607539565L, 3840872883L, 190316418L);
    }
}
