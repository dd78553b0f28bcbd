package unbo.core.service;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.tuple;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;

import org.junit.jupiter.api.Test;

class SeasonTest {

    private static final LocalDate FROM = LocalDate.parse("2026-04-01");

    private static Season.Event race(int week, double km) {
        return new Season.Event(
                FROM.plusWeeks(week), "race " + week, Map.of(Season.Counter.RACES, 1.0, Season.Counter.KM, km));
    }

    private static Season of(Map<Season.Counter, Double> every, Map<Season.Counter, Double> already, double km) {
        return Season.of(new Season.Input(
                FROM,
                IntStream.rangeClosed(1, 6).mapToObj(week -> race(week, km)).toList(),
                List.of(new Season.Place("front", every, already))));
    }

    /** Every two races: before the third and before the fifth. */
    @Test
    void everyTwoRaces() {
        assertThat(of(Map.of(Season.Counter.RACES, 2.0), Map.of(), 100).services())
                .extracting(s -> s.before().name(), Season.Service::by, Season.Service::would)
                .containsExactly(
                        tuple("race 3", Season.Counter.RACES, 3.0), tuple("race 5", Season.Counter.RACES, 3.0));
    }

    /** Every two races or 350 km, 100 a race: the races come first; with 200 a race the distance does. */
    @Test
    void whicheverComesFirst() {
        Map<Season.Counter, Double> both = Map.of(Season.Counter.RACES, 2.0, Season.Counter.KM, 350.0);
        assertThat(of(both, Map.of(), 100).services()).hasSize(2).allMatch(s -> s.by() == Season.Counter.RACES);
        assertThat(of(both, Map.of(), 200).services()).hasSize(5).allMatch(s -> s.by() == Season.Counter.KM);
    }

    @Test
    void whatIsAlreadyOnItCounts() {
        assertThat(of(Map.of(Season.Counter.RACES, 2.0), Map.of(Season.Counter.RACES, 2.0), 100)
                        .services())
                .extracting(s -> s.before().name())
                .containsExactly("race 1", "race 3", "race 5");
    }

    /** One event alone that is longer than the interval is run: it is fresh before it. */
    @Test
    void anEventLongerThanTheIntervalIsRun() {
        assertThat(of(Map.of(Season.Counter.KM, 50.0), Map.of(), 100).services())
                .hasSize(5);
    }

    /** Eleven and a half months old when it begins, every twelve: before the race of the third week. */
    @Test
    void monthsCountFromTheLastService() {
        assertThat(of(Map.of(Season.Counter.MONTHS, 12.0), Map.of(Season.Counter.MONTHS, 11.5), 100)
                        .services())
                .extracting(s -> s.before().name())
                .containsExactly("race 3");
        assertThat(of(Map.of(), Map.of(), 100).services()).isEmpty();
    }
}
