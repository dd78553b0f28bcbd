package unbo.core.logbook;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.LocalDateTime;
import java.util.List;

import org.junit.jupiter.api.Test;

class StepTimesTest {

    private static StepTimes.Ticked at(String code, String minute) {
        return new StepTimes.Ticked(code, 5.0, LocalDateTime.parse("2026-03-02T" + minute));
    }

    @Test
    void aStepTookTheMinutesSinceTheOneBefore() {
        List<StepTimes.Took> took =
                StepTimes.of(List.of(at("pull", "10:12"), at("support", "10:00"), at("nut", "10:05")));
        assertThat(took).extracting(one -> one.step().code()).containsExactly("support", "nut", "pull");
        assertThat(took).extracting(StepTimes.Took::minutes).containsExactly(null, 5.0, 7.0);
    }

    /** All ticked at the end: the half hour since the first is shared by the plan, and the first tells nothing. */
    @Test
    void stepsThatAreTickedTogetherShareTheirTime() {
        LocalDateTime end = LocalDateTime.parse("2026-03-02T10:30");
        List<StepTimes.Took> took = StepTimes.of(List.of(
                at("support", "10:00"), new StepTimes.Ticked("nut", 2.0, end), new StepTimes.Ticked("pull", 4.0, end)));
        assertThat(took).extracting(StepTimes.Took::minutes).containsExactly(null, 10.0, 20.0);
        assertThat(StepTimes.of(List.of(at("nut", "10:00"), at("pull", "10:00"))))
                .extracting(StepTimes.Took::minutes)
                .containsOnlyNulls();
    }

    @Test
    void aBreakTellsNothingOfTheStepBehindIt() {
        assertThat(StepTimes.of(List.of(at("nut", "10:00"), at("pull", "12:01"), at("clean", "14:01"))))
                .extracting(StepTimes.Took::minutes)
                .containsExactly(null, null, 120.0);
    }

    /** Ten steps of 6 planned minutes that took 9: (90 + 30) / (60 + 30). One such step hardly moves it: 39 / 36. */
    @Test
    void thePaceIsHeldToThePlanByFiveSteps() {
        StepTimes.Seen slow = new StepTimes.Seen(9, 6);
        assertThat(StepTimes.pace(java.util.Collections.nCopies(10, slow)).factor())
                .isCloseTo(120.0 / 90, within(1e-12));
        assertThat(StepTimes.pace(List.of(slow)).factor()).isCloseTo(39.0 / 36, within(1e-12));
        assertThat(StepTimes.pace(List.of()).factor()).isEqualTo(1);
    }

    /** Of twelve draws the last ten count, 1.1 to 2.0 of the plan: their median is 1.55; two tell nothing. */
    @Test
    void eachMethodHasThePaceOfItsLastTen() {
        List<StepTimes.SeenOf> seen = new java.util.ArrayList<>();
        for (int i = -1; i <= 10; i++) {
            seen.add(new StepTimes.SeenOf("drift", new StepTimes.Seen(i < 1 ? 100 : 10 + i, 10)));
        }
        seen.add(new StepTimes.SeenOf("clip", new StepTimes.Seen(9, 2)));
        seen.add(new StepTimes.SeenOf("clip", new StepTimes.Seen(9, 2)));
        java.util.Map<String, Double> paces = StepTimes.paces(seen);
        assertThat(paces).containsOnlyKeys("drift");
        assertThat(paces.get("drift")).isCloseTo(1.55, within(1e-12));
    }
}
