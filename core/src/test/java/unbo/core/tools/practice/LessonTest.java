package unbo.core.tools.practice;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.SplittableRandom;
import java.util.stream.Stream;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** The machine passes every lesson at every level, a hand that guesses fails most; one seed is one lesson. */
class LessonTest {

    private static final int SEEDS = 60;

    static Stream<Lesson<?>> lessons() {
        return Lesson.all().stream();
    }

    private static <O> long passed(Lesson<O> lesson, int level, boolean best) {
        SplittableRandom random = new SplittableRandom(level);
        long passed = 0;
        for (long seed = 1; seed <= SEEDS; seed++) {
            List<String> answers = lesson.things(seed, level).stream()
                    .map(thing -> best ? lesson.best(thing) : lesson.guess(thing, random))
                    .toList();
            passed += lesson.judge(seed, level, answers).stream()
                                    .filter(Lesson.Judged::right)
                                    .count()
                            >= Lesson.PASSED
                    ? 1
                    : 0;
        }
        return passed;
    }

    @ParameterizedTest
    @MethodSource("lessons")
    void theBestWayPassesAndAGuessFails(Lesson<?> lesson) {
        for (int level = 1; level <= Lesson.LEVELS; level++) {
            long best = passed(lesson, level, true);
            long guessed = passed(lesson, level, false);
            System.out.printf(
                    "%s, level %d: best passes %d, a guess %d of %d%n", lesson.code(), level, best, guessed, SEEDS);
            assertThat(best).as("%s, level %d", lesson.code(), level).isGreaterThanOrEqualTo(SEEDS * 95 / 100);
            assertThat(guessed)
                    .as("%s, level %d, guessed", lesson.code(), level)
                    .isLessThan(SEEDS / 10);
        }
    }

    @ParameterizedTest
    @MethodSource("lessons")
    void oneSeedIsOneLesson(Lesson<?> lesson) {
        assertThat(lesson.seen(7, 2).toString()).isEqualTo(lesson.seen(7, 2).toString());
        assertThat(lesson.seen(7, 2).toString()).isNotEqualTo(lesson.seen(8, 2).toString());
        assertThat(lesson.judge(7, 2, List.of())).noneMatch(Lesson.Judged::right);
    }

    /** What is seen does not hold the truth, unless it is one of the choices that all are offered. */
    @ParameterizedTest
    @MethodSource("lessons")
    void whatIsSeenDoesNotTellTheTruth(Lesson<?> lesson) {
        for (long seed = 1; seed <= 20; seed++) {
            List<Lesson.Judged> judged = lesson.judge(seed, 2, List.of());
            for (Lesson.Judged one : judged) {
                assertThat(one.seen().says() + one.seen().drawings().toString()).doesNotContain(one.truth());
            }
        }
    }
}
