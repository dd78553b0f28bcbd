package unbo.app.day;

import static org.assertj.core.api.Assertions.assertThat;
import static org.hamcrest.Matchers.allOf;
import static org.hamcrest.Matchers.containsString;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.flash;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.ZoneId;
import java.util.List;
import java.util.Map;
import java.util.TimeZone;
import java.util.stream.Collectors;

import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.transaction.support.TransactionTemplate;

import unbo.app.Served;
import unbo.app.demo.LoadedDemo;
import unbo.core.plan.Oven;

/**
 * A day planned from the jobs under way: in order, by hands that are there, with few changes when it is planned anew.
 */
@Served
@ExtendWith(LoadedDemo.class)
@Transactional
class DayTest {

    private static final LocalDate TODAY = LocalDate.now();

    @Autowired
    private MockMvc web;

    @Autowired
    private DayRows rows;

    @Autowired
    private JdbcTemplate jdbc;

    @Autowired
    private DayJobs jobs;

    @Autowired
    private TransactionTemplate whole;

    private DayService morning;

    @BeforeEach
    void atEight() {
        morning = at(8);
    }

    private DayService at(int hour) {
        return new DayService(
                rows,
                jobs,
                whole,
                Clock.fixed(TODAY.atTime(hour, 0).atZone(ZoneId.systemDefault()).toInstant(), ZoneId.systemDefault()));
    }

    private List<PlannedStep> planned() {
        morning.plan(TODAY);
        return morning.shown(TODAY).steps();
    }

    private static PlannedStep step(List<PlannedStep> steps, String code) {
        return steps.stream().filter(s -> s.code().equals(code)).findFirst().orElseThrow();
    }

    @Test
    void oneHandDoesOneThingAtATimeAndEachJobInItsOrder() {
        List<PlannedStep> hands =
                planned().stream().filter(step -> !step.waits()).toList();
        assertThat(hands).hasSizeGreaterThan(15);
        for (int i = 1; i < hands.size(); i++) {
            assertThat(hands.get(i).span().begins())
                    .as(hands.get(i).code())
                    .isGreaterThanOrEqualTo(hands.get(i - 1).span().ends());
        }
        Map<Long, List<String>> byJob = hands.stream()
                .filter(step -> !step.code().contains(" into the oven"))
                .collect(Collectors.groupingBy(
                        PlannedStep::job, Collectors.mapping(PlannedStep::code, Collectors.toList())));
        jobs.under(rows.jobs(), Oven.USUAL).stream()
                .filter(job -> !job.stands())
                .forEach(job -> assertThat(byJob.get(job.id()))
                        .containsExactlyElementsOf(job.left().stream()
                                .map(left -> "#" + job.id() + " " + left.stage().title()
                                        + (left.piece().what().isEmpty()
                                                ? ""
                                                : ", " + left.piece().what()))
                                .toList()));
    }

    @Test
    void nobodyIsThereAtNight() {
        planned().stream().filter(step -> !step.waits()).forEach(step -> {
            assertThat(step.span().begins() % Clocks.DAY_MIN).as(step.code()).isGreaterThanOrEqualTo(8 * 60);
            assertThat((step.span().ends() - 1) % Clocks.DAY_MIN)
                    .as(step.code())
                    .isLessThan(17 * 60);
        });
    }

    /** What is warm is fitted within its minute, and never shares the oven with what takes another warmth. */
    @Test
    void aHotRingWaitsForNobody() {
        List<PlannedStep> steps = planned();
        List<PlannedStep> ovens = steps.stream()
                .filter(step -> step.code().contains(" in the oven, "))
                .toList();
        assertThat(ovens).isNotEmpty();
        for (PlannedStep oven : ovens) {
            assertThat(steps.stream()
                            .filter(step ->
                                    oven.job().equals(step.job()) && step.code().contains("Fit, hot"))
                            .map(step -> step.span().begins() - oven.span().ends()))
                    .as(oven.code())
                    .anyMatch(wait -> wait == 0 || wait == 1);
            assertThat(oven.uses()).containsExactly(Oven.CODE);
            for (PlannedStep other : ovens) {
                String warmth = other.code().substring(other.code().lastIndexOf(','));
                if (!oven.code().endsWith(warmth)) {
                    assertThat(oven.span().ends() <= other.span().begins()
                                    || other.span().ends() <= oven.span().begins())
                            .as(oven.code() + " and " + other.code())
                            .isTrue();
                }
            }
        }
    }

    /** Somebody who comes at ten does nothing before; somebody who is alone does one thing at a time. */
    @Test
    void peopleHaveTheirHours() {
        morning.keep(new DaySetup(
                DaySetup.USUAL.begins(),
                DaySetup.USUAL.ends(),
                DaySetup.USUAL.resources(),
                DaySetup.USUAL.oven(),
                List.of(
                        new DaySetup.Person("A.K.", LocalTime.of(8, 0), LocalTime.of(12, 0)),
                        new DaySetup.Person("B.M.", LocalTime.of(10, 0), LocalTime.of(15, 0)))));
        assertThat(morning.setup().people()).hasSize(2);
        List<PlannedStep> hands =
                planned().stream().filter(step -> !step.waits()).toList();
        assertThat(morning.shown(TODAY).made().fits()).isTrue();
        for (PlannedStep step : hands) {
            for (int minute = step.span().begins(); minute < step.span().ends(); minute++) {
                int of = minute % Clocks.DAY_MIN;
                int there = (of >= 8 * 60 && of < 12 * 60 ? 1 : 0) + (of >= 10 * 60 && of < 15 * 60 ? 1 : 0);
                int now = minute;
                assertThat(hands.stream()
                                .filter(other -> other.span().begins() <= now
                                        && other.span().ends() > now))
                        .as(step.code() + " at " + of)
                        .hasSizeLessThanOrEqualTo(there);
            }
        }
    }

    @Test
    void aJobThatWaitsForPartsIsPlannedOnceTheyAreKnownToCome() {
        DayJobs.Listed waiting = morning.shown(TODAY).jobs().stream()
                .filter(DayJobs.Listed::stands)
                .findFirst()
                .orElseThrow();
        long id = waiting.line().id();
        assertThat(planned()).noneMatch(step -> Long.valueOf(id).equals(step.job()));
        morning.told(id, null, TODAY.atTime(13, 0));
        assertThat(planned())
                .filteredOn(step ->
                        Long.valueOf(id).equals(step.job()) && step.code().endsWith("Prove"))
                .allSatisfy(step -> assertThat(step.span().begins()).isGreaterThan(13 * 60));
        assertThat(planned()).anyMatch(step -> Long.valueOf(id).equals(step.job()));
    }

    @Test
    void aPinHoldsAndThePlanStaysNearToWhatItWas() {
        List<PlannedStep> before = planned();
        PlannedStep first = before.get(0);
        morning.pin(TODAY, first.code(), 10 * 60);
        List<PlannedStep> after = planned();
        assertThat(step(after, first.code()).span().begins()).isEqualTo(10 * 60);
        List<String> order = before.stream()
                .filter(step -> !step.waits() && !first.job().equals(step.job()))
                .map(PlannedStep::code)
                .limit(6)
                .toList();
        assertThat(after.stream().map(PlannedStep::code).filter(order::contains))
                .containsExactlyElementsOf(order);
    }

    @Test
    void whatIsPromisedTooSoonIsLateAndSaysSo() {
        long job = morning.shown(TODAY).jobs().stream()
                .filter(listed -> !listed.waits())
                .findFirst()
                .orElseThrow()
                .line()
                .id();
        morning.told(job, TODAY.atTime(8, 10), null);
        assertThat(planned()).anyMatch(step -> step.late() && step.job() == job);
        morning.told(job, TODAY.plusDays(4).atTime(8, 10), null);
        assertThat(planned()).noneMatch(PlannedStep::late).noneMatch(PlannedStep::atRisk);
        assertThat(morning.ready().get(job)).contains("promised for", "by the plan at");
    }

    @Test
    void aTaskInOneLineIsPlannedWhereItWasPinned() {
        assertThat(morning.add(TODAY, "nothing, by noon")).contains("for instance");
        assertThat(morning.add(TODAY, "11:15 test drive, 20 min")).isEmpty();
        assertThat(morning.add(TODAY, "sweep, 10 min")).isEmpty();
        List<PlannedStep> steps = planned();
        assertThat(step(steps, "test drive").span()).isEqualTo(new PlannedStep.Span(11 * 60 + 15, 20));
        assertThat(step(steps, "sweep").job()).isNull();
    }

    @Test
    void planningLaterInTheDayBeginsThen() {
        at(14).plan(TODAY);
        assertThat(morning.shown(TODAY).steps())
                .allSatisfy(step -> assertThat(step.span().begins()).isGreaterThanOrEqualTo(14 * 60));
    }

    @Test
    void thePageShowsWhatNowAndTheCalendarHasIt() throws Exception {
        web.perform(get("/day")).andExpect(content().string(containsString("Not planned yet")));
        web.perform(post("/day/plan").with(csrf())).andExpect(status().is3xxRedirection());
        web.perform(get("/day"))
                .andExpect(status().isOk())
                .andExpect(content()
                        .string(allOf(
                                containsString("Plan anew from now"),
                                containsString("data-drawing=\"day\""),
                                containsString("Step by step"))));
        web.perform(get("/day.ics"))
                .andExpect(content().string(allOf(containsString("BEGIN:VEVENT"), containsString("SUMMARY:#"))));
        web.perform(post("/day/pins").with(csrf()).param("code", "x").param("at", "noon"))
                .andExpect(flash().attributeExists("bad"));
        web.perform(post("/day/tasks").with(csrf()).param("line", "drive, by noon"))
                .andExpect(flash().attribute("line", "drive, by noon"));
        web.perform(post("/day/setup")
                        .with(csrf())
                        .param("begins", "17:00")
                        .param("ends", "8:00")
                        .param("resources", "person; 1"))
                .andExpect(flash().attributeExists("bad"));
    }

    /** However much there is, a plan that fits is found: nights and pins are laid down first. */
    @Test
    void muchWorkIsPlannedOverTheNight() {
        for (int i = 0; i < 12; i++) {
            assertThat(morning.add(TODAY, "order and sort shelf " + i + ", 45 min"))
                    .isEmpty();
        }
        List<PlannedStep> steps = planned();
        assertThat(morning.shown(TODAY).made().fits()).isTrue();
        assertThat(steps).anyMatch(step -> step.span().begins() > Clocks.DAY_MIN);
    }

    /** In the evening the next day is planned, with what was promised for it. */
    @Test
    void anEveningPlansTheNextDay() {
        morning.shown(TODAY)
                .jobs()
                .forEach(job -> morning.told(
                        job.line().id(),
                        TODAY.plusDays(1).atTime(15, 0),
                        job.waits() ? TODAY.plusDays(1).atTime(10, 0) : null));
        morning.add(TODAY, "phone the harbour master, 10 min");
        at(19).plan(TODAY);
        assertThat(morning.shown(TODAY).made().fits()).isTrue();
        assertThat(morning.shown(TODAY).steps())
                .filteredOn(step -> !step.waits())
                .allSatisfy(step -> assertThat(step.span().begins()).isGreaterThanOrEqualTo(Clocks.DAY_MIN + 8 * 60));
    }

    @Test
    void timesAreTypedAsTheyArePrinted() {
        for (String text : List.of("10:05", "2031-01-02 09:30")) {
            assertThat(Clocks.typed(Clocks.moment(text, TODAY).orElseThrow(), TODAY))
                    .isEqualTo(text);
        }
        LocalDate later = TODAY.plusDays(3);
        assertThat(Clocks.moment(Clocks.typed(later.atTime(7, 15), TODAY), TODAY))
                .contains(later.atTime(7, 15));
        assertThat(Clocks.moment("soon", TODAY)).isEmpty();
    }

    /** Moments are kept in UTC as all others are, wherever the workshop lies. */
    @Test
    void whatWasDoneAfterThePlanIsSeenInAnyZone() {
        TimeZone here = TimeZone.getDefault();
        try {
            TimeZone.setDefault(TimeZone.getTimeZone("Pacific/Auckland"));
            Instant past = Instant.parse("2199-01-01T12:00:00Z");
            rows.keep(TODAY, new DayRows.Made(past, 480, 0, 500, true, true), List.of());
            assertThat(rows.made(TODAY).orElseThrow().made()).isEqualTo(past);
            assertThat(rows.workedOnSince(past)).isFalse();
            jdbc.update("update stage set saved_at = '2199-01-01 12:00:01' limit 1");
            assertThat(rows.workedOnSince(past)).isTrue();
        } finally {
            TimeZone.setDefault(here);
        }
    }

    @Test
    void whatIsRefusedStaysTyped() throws Exception {
        long job = morning.shown(TODAY).jobs().get(0).line().id();
        web.perform(post("/day/jobs/" + job).with(csrf()).param("promised", "noon"))
                .andExpect(flash().attribute("typed", Map.of("job", job, "promised", "noon", "parts", "")));
        web.perform(post("/day/jobs/999999").with(csrf()).param("promised", "16:00"))
                .andExpect(status().isNotFound());
        web.perform(post("/day/pins").with(csrf()).param("code", "x").param("at", "3:00"))
                .andExpect(flash().attribute("bad", containsString("Nobody is there at 03:00")))
                .andExpect(flash().attribute("typedPin", Map.of("x", "3:00")));
        assertThat(morning.add(TODAY, "x".repeat(201))).contains("200 letters");
    }

    /** One thing that no plan can hold does not take the plan from all the others. */
    @Test
    void whatCannotBePlannedHoldsNothingUp() {
        assertThat(morning.add(TODAY, "20:30 test drive, 10 min")).contains("Nobody is there at 20:30");
        assertThat(morning.add(TODAY, "stocktaking, 12 h")).contains("part it");
        assertThat(morning.add(TODAY, "paint dries, 12 h, waits")).isEmpty();
        long waiting = morning.shown(TODAY).jobs().stream()
                .filter(DayJobs.Listed::stands)
                .findFirst()
                .orElseThrow()
                .line()
                .id();
        morning.told(waiting, null, TODAY.plusDays(20).atTime(10, 0));
        assertThat(planned()).anyMatch(step -> step.code().equals("paint dries"));
        assertThat(morning.shown(TODAY).made().fits()).isTrue();
    }

    @Test
    void aTaskOfTheNightIsATaskLikeAnother() {
        morning.add(TODAY, "night watch handed over, 10 min");
        assertThat(planned()).anyMatch(step -> step.code().equals("night watch handed over"));
    }

    @Test
    void moreHandsAreSoonerDone() {
        int alone =
                planned().stream().mapToInt(step -> step.span().ends()).max().orElseThrow();
        morning.keep(new DaySetup(
                DaySetup.USUAL.begins(),
                DaySetup.USUAL.ends(),
                Map.of("person", 2, "stand", 3, "oven", 1),
                Oven.USUAL,
                List.of()));
        assertThat(planned().stream().mapToInt(step -> step.span().ends()).max().orElseThrow())
                .isLessThan(alone);
    }
}
