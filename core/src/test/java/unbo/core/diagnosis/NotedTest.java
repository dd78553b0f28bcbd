package unbo.core.diagnosis;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Map;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

import unbo.core.finding.Level;
import unbo.core.tools.diagnosing.DiagnosisWords;

class NotedTest {

    @Test
    void aSecondResultOfACheckTakesThePlaceOfTheFirst() {
        assertThat(Observations.with(
                        "listen-probe@front-left=quiet noise-surface=same", "listen-probe@front-left=rumble"))
                .isEqualTo("noise-surface=same listen-probe@front-left=rumble");
        assertThat(Observations.with("listen-probe@front-left=quiet", "listen-probe@front-right=rumble"))
                .isEqualTo("listen-probe@front-left=quiet listen-probe@front-right=rumble");
    }

    @Test
    void anythingIsTakenBack() {
        assertThat(Observations.without("a@p=1 b=2 c@q=3", "b")).isEqualTo("a@p=1 c@q=3");
        assertThat(Observations.without("a@p=1", "a@q")).isEqualTo("a@p=1");
        assertThat(Observations.without("", "a")).isEmpty();
    }

    @Test
    void oneTouchNotesTakesBackOrToggles() {
        Map<String, String> after = Observations.touched(
                Map.of("checks", "noise-surface=same", "circumstances", "salt-water"),
                Map.of(
                        "note",
                        "noise-follows=road-speed listen-probe@front-left=quiet",
                        "undo",
                        "noise-surface",
                        "toggle",
                        "salt-water"));
        assertThat(after)
                .containsEntry("checks", "noise-follows=road-speed listen-probe@front-left=quiet")
                .containsEntry("circumstances", "");
        assertThat(Observations.touched(Map.of(), Map.of("toggle", "salt-water")))
                .containsEntry("circumstances", "salt-water");
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "car|ear=loud|There is no check",
                "car|noise-surface=loud|is no result of noise-surface",
                "car|listen-probe=rumble|is done at one position",
                "car|listen-probe@bow=rumble|has no position",
                "trailer|steering-notch=centre-notch|is not done on a trailer",
                "bicycle|heat-after-run@jockey=hot-90|is not done on a bicycle"
            })
    void whatCannotBeNotedIsSaid(String vehicle, String checks, String words) {
        assertThat(Asked.read(vehicle, checks).problems())
                .anyMatch(p -> p.sentence().contains(words));
    }

    @ParameterizedTest
    @CsvSource({
        "It clunks over kerbs,true",
        "smells hot after the hill,true",
        "wobbles at the front,true",
        "A hum on smooth tar,false",
        "'',false",
        "whole set of tyres,false"
    })
    void wordsOfAComplaintAskForSafetyFirst(String complaint, boolean asks) {
        assertThat(SafetyFirst.named(complaint).isPresent()).isEqualTo(asks);
    }

    @ParameterizedTest
    @CsvSource({
        "car,rock-12-6@front-left=play-stays-with-brake,STOP",
        "car,heat-after-run@front-left=hot-90,STOP",
        "car,heat-after-run@front-left=warmer-15,SOON",
        "car,spin-by-hand@rear-left=tick-once-a-turn,SOON",
        "motorcycle,steering-notch=slack-braking,STOP",
        "motorcycle,spin-by-hand@front=rough,STOP",
        "motorcycle,spin-by-hand@rear=rough,SOON",
        "car,recording@front-left=bearing-line,SOON",
        "car,recording@front-left=no-line,RIGHT",
        "car,listen-probe@front-left=quiet,RIGHT"
    })
    void urgencyComesFromTheResults(String vehicle, String checks, Level level) {
        assertThat(Asked.of(vehicle, checks).urgency()).isEqualTo(level);
    }

    @Test
    void theWorstResultCounts() {
        Diagnosis both = Asked.of("car", "listen-probe@front-left=rumble rock-12-6@rear-right=play-stays-with-brake");
        assertThat(both.urgency()).isEqualTo(Level.STOP);
        assertThat(DiagnosisWords.of(both).reasons().get(0)).contains("rear right");
    }

    @Test
    void aRecordingWithABearingsLineSpeaksForThatHub() {
        Diagnosis heard = Asked.of("car", "recording@rear-left=bearing-line");
        assertThat(heard.leader().hypothesis().key()).isEqualTo("wheel-bearing@rear-left");
        assertThat(heard.probability("wheel-bearing", "rear-left"))
                .isGreaterThan(Asked.of("car", "").probability("wheel-bearing", "rear-left") * 3);
    }
}
