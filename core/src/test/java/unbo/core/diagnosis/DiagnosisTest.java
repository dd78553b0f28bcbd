package unbo.core.diagnosis;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;

import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Nested;
import org.junit.jupiter.api.Test;

import unbo.core.finding.Level;
import unbo.core.tools.diagnosing.DiagnosisWords;

class DiagnosisTest {

    private static final String GROWL_TURNING_LEFT =
            "noise-follows=road-speed noise-coasting-neutral=stays noise-turning=louder-left noise-character=growl";

    private static double right(Diagnosis diagnosis) {
        return diagnosis.probability("wheel-bearing", "front-right")
                + diagnosis.probability("wheel-bearing", "rear-right");
    }

    @Nested
    @DisplayName("A car growls with road speed, louder while turning left")
    class RightSide {

        private final Diagnosis heard = Asked.of("car", GROWL_TURNING_LEFT);

        @Test
        void theWheelBearingsOnTheRightLeadTogether() {
            assertThat(right(heard)).isGreaterThan(0.6);
            assertThat(heard.ranked().subList(0, 2))
                    .allMatch(r -> r.hypothesis().cause().code().equals("wheel-bearing")
                            && r.hypothesis().position().endsWith("right"));
            assertThat(heard.leader().probability()).isLessThan(0.6);
        }

        @Test
        void theNextCheckPartsFrontFromRear() {
            NextCheck next = heard.nextChecks().get(0);
            List<Double> frontShare = heard.peek(next).results().stream()
                    .map(peek -> {
                        Diagnosis then = Diagnosis.of(
                                heard.input().with(new Observation(next.check(), next.position(), peek.result())));
                        return then.probability("wheel-bearing", "front-right") / right(then);
                    })
                    .toList();
            assertThat(frontShare).anyMatch(share -> share > 0.75).anyMatch(share -> share < 0.25);
        }

        @Test
        void rumbleAtTheFrontRightSettlesIt() {
            Diagnosis probed = Asked.of("car", GROWL_TURNING_LEFT + " listen-probe@front-right=rumble");
            assertThat(probed.probability("wheel-bearing", "front-right")).isGreaterThan(0.85);
            assertThat(probed.urgency()).isEqualTo(Level.SOON);
        }

        @Test
        void playInItStopsTheCar() {
            Diagnosis rocked = Asked.of(
                    "car",
                    GROWL_TURNING_LEFT + " listen-probe@front-right=rumble "
                            + "rock-12-6@front-right=play-gone-with-brake");
            assertThat(rocked.urgency()).isEqualTo(Level.STOP);
            assertThat(rocked.holdsRoad()).isTrue();
            assertThat(rocked.nextChecks()).noneMatch(n -> n.way().road());
        }
    }

    @Test
    void aCuppedTyreThatChangesWithTheSurfaceIsATyre() {
        Diagnosis tyre = Asked.of(
                "car",
                "noise-follows=road-speed noise-coasting-neutral=stays noise-character=growl "
                        + "noise-surface=changes noise-turning=no-change tread@rear-left=cupped");
        assertThat(tyre.leader().hypothesis().key()).isEqualTo("tyre@rear-left");
        assertThat(tyre.leader().probability()).isGreaterThan(0.6);
    }

    @Test
    void whatFollowsTheEngineAndStopsCoastingIsNoWheelBearing() {
        assertThat(Asked.of("car", "noise-follows=engine-speed noise-coasting-neutral=stops")
                        .probability("wheel-bearing", null))
                .isLessThan(0.05);
    }

    @Test
    void aNotchAtStraightAheadIsTheSteeringHead() {
        Diagnosis notch = Asked.of("motorcycle", "steering-notch=centre-notch");
        assertThat(notch.leader().hypothesis().key()).isEqualTo("steering-head-bearing@steering-head");
        assertThat(DiagnosisWords.of(notch).reasons()).anyMatch(r -> r.contains("false brinelling"));
    }

    @Test
    void grittyWithTheChainOffIsThatHub() {
        assertThat(Asked.of("bicycle", "drive-removed=stays spin-by-hand@rear=rough seal-lip@rear=loose")
                        .leader()
                        .hypothesis()
                        .key())
                .isEqualTo("wheel-bearing@rear");
        assertThat(Asked.of("bicycle", "drive-removed=stays spin-by-hand@front=rough seal-lip@front=loose")
                        .leader()
                        .hypothesis()
                        .key())
                .isEqualTo("wheel-bearing@front");
    }

    @Test
    void silentWithTheChainOffIsTheDrivetrain() {
        Diagnosis silent = Asked.of("bicycle", "drive-removed=stops");
        assertThat(silent.leader().hypothesis().cause().code()).isEqualTo("chain");
        assertThat(silent.probability("wheel-bearing", null)).isLessThan(0.05);
    }

    @Test
    void aHotMilkyTrailerHubWithoutBrakeDragIsThatHub() {
        Diagnosis hub = Asked.of(
                "trailer", "heat-after-run@axle1-left=warmer-15 brake-drag@axle1-left=no grease-out@axle1-left=milky");
        assertThat(hub.leader().hypothesis().key()).isEqualTo("wheel-bearing@axle1-left");
        assertThat(hub.leader().probability()).isGreaterThan(0.8);
        assertThat(hub.urgency()).isEqualTo(Level.SOON);
        assertThat(Asked.of("trailer", "grease-out@axle1-left=milky", "loaded", "yes")
                        .urgency())
                .isEqualTo(Level.STOP);
    }

    @Nested
    class Contradictions {

        private static final String ONE = "noise-turning=louder-left";

        @Test
        void theBendSaysRightTheProbeSaysLeft() {
            Diagnosis torn = Asked.of("car", ONE + " listen-probe@front-left=rumble");
            assertThat(torn.contradictions())
                    .contains(new Contradiction(
                            torn.input().seen().get(0), torn.input().seen().get(1)));
            assertThat(torn.probability("none-of-these", null))
                    .isGreaterThan(Asked.of("car", ONE).probability("none-of-these", null));
            assertThat(DiagnosisWords.of(torn).contradictions().get(0))
                    .contains("louder turning left")
                    .contains("rumble")
                    .contains("front left");
        }

        @Test
        void twoHubsRumble() {
            Diagnosis torn = Asked.of("car", "listen-probe@front-left=rumble listen-probe@rear-right=rumble");
            assertThat(torn.contradictions()).isNotEmpty();
            assertThat(torn.probability("none-of-these", null))
                    .isGreaterThan(
                            Asked.of("car", "listen-probe@front-left=rumble").probability("none-of-these", null));
        }

        @Test
        void bothAnswersToOneQuestion() {
            Diagnosis torn = Asked.of("car", "noise-turning=louder-left noise-turning=louder-right");
            assertThat(torn.contradictions()).isNotEmpty();
            assertThat(torn.probability("none-of-these", null))
                    .isGreaterThan(Asked.of("car", ONE).probability("none-of-these", null));
        }

        @Test
        void whatFitsTogetherIsNone() {
            assertThat(Asked.of(
                                    "car",
                                    GROWL_TURNING_LEFT + " listen-probe@front-right=rumble "
                                            + "rock-12-6@front-right=play-gone-with-brake")
                            .contradictions())
                    .isEmpty();
        }
    }

    @Nested
    class Groups {

        @Test
        void whatTellsTheSameCountsLess() {
            Diagnosis both = Asked.of("car", "spin-by-hand@front-left=rough listen-probe@front-left=rumble");
            assertThat(both.leader().evidence())
                    .extracting(Diagnosis.Evidence::weight)
                    .containsExactlyInAnyOrder(1.0, 0.5);
            assertThat(both.leader().evidence().stream()
                            .filter(e -> e.weight() == 0.5)
                            .findFirst()
                            .orElseThrow()
                            .likelihoodRatio())
                    .isLessThan(Asked.of("car", "listen-probe@front-left=rumble")
                            .leader()
                            .evidence()
                            .get(0)
                            .likelihoodRatio());
        }

        @Test
        void theOrderInWhichTheyWereNotedDoesNotMatter() {
            Diagnosis one = Asked.of(
                    "car", "noise-follows=road-speed noise-coasting-neutral=stops noise-drive-overrun=louder-driving");
            Diagnosis other = Asked.of(
                    "car", "noise-drive-overrun=louder-driving noise-coasting-neutral=stops noise-follows=road-speed");
            for (Diagnosis.Ranked ranked : one.ranked()) {
                assertThat(other.ranked())
                        .filteredOn(r -> r.hypothesis().equals(ranked.hypothesis()))
                        .singleElement()
                        .satisfies(r -> assertThat(r.probability()).isCloseTo(ranked.probability(), within(1e-12)));
            }
        }

        @Test
        void hubsAreIndependentOfEachOther() {
            Diagnosis both = Asked.of("car", "listen-probe@front-left=quiet listen-probe@front-right=quiet");
            assertThat(both.leader().evidence()).allMatch(e -> e.weight() == 1);
        }
    }

    @Nested
    class SafetyComesFirst {

        @Test
        void aClunkAsksForNutsRockAndHeatBeforeAnyRoadTest() {
            Diagnosis clunk = Asked.of("car", "", "complaint", "Clunks over kerbs", "position", "front-left");
            assertThat(clunk.holdsRoad()).isTrue();
            assertThat(clunk.nextChecks().subList(0, 3))
                    .extracting(NextCheck::done)
                    .containsExactlyInAnyOrder(
                            "wheel-nuts@front-left", "rock-12-6@front-left", "heat-after-run@front-left");
            assertThat(clunk.roadCard().held()).isTrue();
            assertThat(clunk.roadCard().manoeuvres()).isEmpty();
        }

        @Test
        void theRoadIsFreeWhenTheyPass() {
            Diagnosis passed = Asked.of(
                    "car",
                    "wheel-nuts@front-left=tight rock-12-6@front-left=none heat-after-run@front-left=same-as-twin",
                    "complaint",
                    "Clunks over kerbs",
                    "position",
                    "front-left");
            assertThat(passed.holdsRoad()).isFalse();
            assertThat(passed.nextChecks()).anyMatch(n -> n.way().road());
        }

        @Test
        void aHumAsksForNothing() {
            assertThat(Asked.of("car", "noise-character=hum", "complaint", "It hums on the coast road")
                            .holdsRoad())
                    .isFalse();
        }
    }

    @Test
    void priorsFollowTheLifeOfTheVehicle() {
        double dry = Asked.of("trailer", "").probability("wheel-bearing", null);
        double wet = Asked.of("trailer", "", "circumstances", "salt-water").probability("wheel-bearing", null);
        double failed = Asked.of("trailer", "", "failures", "axle1-left=2").probability("wheel-bearing", "axle1-left");
        assertThat(wet).isGreaterThan(dry);
        assertThat(failed).isGreaterThan(dry / 2);
        assertThat(Asked.of("car", "", "distanceKm", "150000").probability("wheel-bearing", null))
                .isGreaterThan(Asked.of("car", "").probability("wheel-bearing", null));
    }

    @Test
    void gainIsNeverNegativeAndTheBestComesFirst() {
        for (String vehicle : List.of("car", "van", "motorcycle", "bicycle", "trailer")) {
            List<NextCheck> next = Asked.of(vehicle, "").nextChecks();
            assertThat(next).isNotEmpty().allMatch(n -> n.gainBits() >= 0);
            assertThat(next.get(0).rate())
                    .isGreaterThanOrEqualTo(next.get(next.size() - 1).rate());
        }
    }

    @Test
    void whatEachResultWouldDoAddsUp() {
        Diagnosis heard = Asked.of("car", GROWL_TURNING_LEFT);
        NextCheck probe = heard.nextChecks().stream()
                .filter(n -> n.done().equals("listen-probe@front-right"))
                .findFirst()
                .orElseThrow();
        List<NextCheck.Peek> peeks = heard.peek(probe).results();
        assertThat(peeks.stream().mapToDouble(NextCheck.Peek::chance).sum()).isCloseTo(1, within(1e-9));
        assertThat(peeks.get(1).leader().key()).isEqualTo("wheel-bearing@front-right");
        assertThat(peeks.get(1).urgency()).isEqualTo(Level.SOON);
    }

    @Test
    void theRoadCardIsShortAndSeparates() {
        RoadCard card = Asked.of("car", "").roadCard();
        assertThat(card.manoeuvres())
                .hasSizeBetween(2, RoadCard.MOST)
                .allMatch(m -> m.way().road() && m.addsBits() >= RoadCard.LEAST);
        assertThat(Asked.of("car", GROWL_TURNING_LEFT + " listen-probe@front-right=rumble")
                        .roadCard()
                        .manoeuvres()
                        .size())
                .isLessThan(card.manoeuvres().size());
    }
}
