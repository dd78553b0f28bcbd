package unbo.core.arrange;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.HashMap;
import java.util.Map;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

import unbo.core.Shipped;
import unbo.core.answer.Answer;
import unbo.core.finding.Level;
import unbo.core.input.UnitSystem;
import unbo.core.tools.setting.ArrangementFields;
import unbo.core.tools.setting.ArrangementWords;
import unbo.core.tools.setting.SpacerHubFields;
import unbo.core.tools.setting.SpacerHubWords;

class ArrangementTableTest {

    private static Arrangement of(String... pairs) {
        Map<String, String> texts = new HashMap<>();
        for (int i = 0; i < pairs.length; i += 2) {
            texts.put(pairs[i], pairs[i + 1]);
        }
        return Arrangement.of(
                Shipped.read(ArrangementFields.LIST, texts, UnitSystem.METRIC).record());
    }

    /**
     * Left bearing, its outer ring, right bearing, its outer ring; how often the shaft is held from going left and
     * right.
     */
    @ParameterizedTest
    @CsvSource({
        "6205,both,6205,both,2,2",
        "6205,both,6205,none,1,1",
        "6205,left,6205,right,1,1",
        "6205,none,6205,none,0,0",
        "6205,both,NU205,both,1,1",
        "NUP205,both,NU205,both,1,1",
        "NU205,both,N205,both,0,0",
        "32008X,both,32008X,both,1,1",
        "7205B,both,7205B,both,1,1",
        "6205,right,NU205,both,0,1",
        "2205,both,6205,none,1,1"
    })
    void aBearingHoldsTheShaftWhereRingsAndKindLetIt(
            String left, String leftOuter, String right, String rightOuter, int toLeft, int toRight) {
        Arrangement a =
                of("leftBearing", left, "leftOuter", leftOuter, "rightBearing", right, "rightOuter", rightOuter);
        assertThat(a.toLeft()).isEqualTo(toLeft);
        assertThat(a.toRight()).isEqualTo(toRight);
        assertThat(a.floating()).isEqualTo(toLeft == 0 || toRight == 0);
    }

    /** A ready arrangement, its bearings, and how often the shaft is held from going left and right. */
    @ParameterizedTest
    @CsvSource({
        "o-pair,32008X,32010X,1,1",
        "x-pair,32008X,32008X,1,1",
        "locating-floating,6305,6305,1,1",
        "locating-floating,6305,NU305,1,1",
        "two-tight,6305,6305,2,2",
        "two-tight,6305,NU305,1,1",
        "two-tight,NU305,NU305,0,0",
        "pinion,32008X,32010X,1,1",
        "steering-head,32008X,32008X,1,1",
        "needle-pivot,HK2520,HK2520,1,1"
    })
    void aReadyArrangementIsJudgedByItsRings(String code, String left, String right, int toLeft, int toRight) {
        Arrangement a = of("arrangement", code, "leftBearing", left, "rightBearing", right);
        assertThat(a.toLeft()).isEqualTo(toLeft);
        assertThat(a.toRight()).isEqualTo(toRight);
        assertThat(ArrangementWords.answer(a).sentences())
                .first()
                .isEqualTo(a.input().note());
    }

    /** Small roller ends facing each other: the left cone wedges into its cup as the shaft goes right. */
    @Test
    void inABackToBackPairEachBearingHoldsTheShaftFromGoingTowardsTheOther() {
        Arrangement pair = of("arrangement", "o-pair", "leftBearing", "32008X", "rightBearing", "32010X");
        assertThat(pair.input().left().holds(true)).isTrue();
        assertThat(pair.input().left().holds(false)).isFalse();
        assertThat(pair.input().right().holds(false)).isTrue();
        assertThat(pair.adjusted()).isTrue();
    }

    @Test
    void aBallHubOnASpacerSendsToItsSpacer() {
        Answer hub =
                ArrangementWords.answer(of("arrangement", "spacer-hub", "leftBearing", "6005", "rightBearing", "6005"));
        assertThat(hub.findings()).extracting(f -> f.code()).containsExactly("on-a-spacer");
    }

    @Test
    void whatIsTypedGoesBeforeTheReadyArrangement() {
        assertThat(of(
                                "arrangement",
                                "locating-floating",
                                "leftBearing",
                                "6305",
                                "rightBearing",
                                "6305",
                                "rightOuter",
                                "both")
                        .toLeft())
                .isEqualTo(2);
    }

    @Test
    void aTightRingCountsAsStopped() {
        assertThat(of(
                                "leftBearing",
                                "6205",
                                "leftOuter",
                                "none",
                                "leftOuterTight",
                                "yes",
                                "rightBearing",
                                "6205",
                                "rightOuter",
                                "none")
                        .floating())
                .isFalse();
    }

    @Test
    void tapersTheSameWayRoundDoNotLocateTheShaft() {
        Arrangement same =
                of("leftBearing", "32008X", "leftWay", "right", "rightBearing", "32008X", "rightWay", "right");
        assertThat(same.floating()).isTrue();
        assertThat(ArrangementWords.answer(same).level()).isEqualTo(Level.STOP);
        assertThat(ArrangementWords.answer(same).findings().get(0).sentence()).contains("from going left");
    }

    @Test
    void aCaseOfSteelGrowsWithItsShaft() {
        assertThat(of("leftBearing", "6205", "rightBearing", "6205", "housing", "steel")
                        .growsMm())
                .isZero();
        assertThat(of("leftBearing", "6205", "rightBearing", "6205", "housing", "cast-iron", "between", "200")
                        .growsMm())
                .isNegative();
    }

    @Test
    void theDrawingSaysHowOftenItIsHeldEachWay() {
        Answer answer = ArrangementWords.answer(of("leftBearing", "6305", "rightBearing", "6305"));
        assertThat(answer.drawings())
                .singleElement()
                .satisfies(d -> assertThat(d.shapes()).hasSizeGreaterThan(15));
        assertThat(answer.worksheet().lines().get(0).value()).isEqualTo("left 6305 and right 6305");
        assertThat(answer.figures().get(0).value()).isEqualTo("twice");
    }

    @ParameterizedTest
    @CsvSource({"60.00,60.00,false", "60.05,60.00,false", "60.30,60.00,true", "59.70,60.00,true"})
    void aSpacerSideLoadsBeyondTheClearanceEitherWay(String spacer, String shoulders, boolean loaded) {
        Map<String, String> texts =
                Map.of("designation", "6005", "layout", "both", "spacer", spacer, "shoulders", shoulders);
        SpacerHub hub = SpacerHub.of(
                Shipped.read(SpacerHubFields.LIST, texts, UnitSystem.METRIC).record());
        assertThat(hub.sideLoaded()).isEqualTo(loaded);
        assertThat(SpacerHubWords.answer(hub).level()).isEqualTo(loaded ? Level.SOON : Level.RIGHT);
        assertThat(hub.lifeShare()).isLessThanOrEqualTo(1);
    }

    @Test
    void moreClearanceForgivesMoreErrorOfTheSpacer() {
        Map<String, String> base =
                Map.of("designation", "6005", "layout", "both", "spacer", "59.85", "shoulders", "60.00");
        Map<String, String> c4 = new HashMap<>(base);
        c4.put("clearanceClass", "C4");
        SpacerHub cn = SpacerHub.of(
                Shipped.read(SpacerHubFields.LIST, base, UnitSystem.METRIC).record());
        SpacerHub loose = SpacerHub.of(
                Shipped.read(SpacerHubFields.LIST, c4, UnitSystem.METRIC).record());
        assertThat(loose.axialMm()).isGreaterThan(cn.axialMm());
        assertThat(loose.sideN()).isLessThan(cn.sideN());
    }
}
