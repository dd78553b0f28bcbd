package unbo.core.running;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.HashMap;
import java.util.Map;

import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

import unbo.core.Shipped;
import unbo.core.answer.Answer;
import unbo.core.bearing.BearingGeometry;
import unbo.core.finding.Level;
import unbo.core.input.FieldList;
import unbo.core.input.Reading;
import unbo.core.input.UnitSystem;
import unbo.core.tools.running.BearingDragFields;
import unbo.core.tools.running.BearingDragWords;
import unbo.core.tools.running.BearingSpeedFields;
import unbo.core.tools.running.BearingSpeedWords;

class SpeedAndFrictionTest {

    private static final Map<String, String> WHEEL =
            Map.of("speedKmh", "60", "rollingRadiusM", "0.3", "elements", "9", "elementMm", "7.97", "pitchMm", "38.5");
    private static final Map<String, String> DRAG =
            Map.of("elements", "9", "elementMm", "7.97", "pitchMm", "38.5", "loadN", "400", "rpm", "300", "nu", "100");

    private static <T> Reading<T> read(FieldList<T> list, Map<String, String> base, String... pairs) {
        Map<String, String> texts = new HashMap<>(base);
        for (int i = 0; i < pairs.length; i += 2) {
            texts.put(pairs[i], pairs[i + 1]);
        }
        return Shipped.read(list, texts, UnitSystem.METRIC);
    }

    private static BearingSpeed speed(String... pairs) {
        return BearingSpeed.of(read(BearingSpeedFields.LIST, WHEEL, pairs).record());
    }

    private static BearingDrag friction(String... pairs) {
        return BearingDrag.of(read(BearingDragFields.LIST, DRAG, pairs).record());
    }

    @Test
    void roadSpeedComesToTheBearingThroughItsRatio() {
        double wheel = 60_000 / 60.0 / (2 * Math.PI * 0.3);
        assertThat(speed().rpm()).isCloseTo(wheel, within(1e-9));
        assertThat(speed("ratio", "3.7").rpm()).isCloseTo(3.7 * wheel, within(1e-9));
        assertThat(speed("speedKmh", "37.28 mph").rpm()).isCloseTo(wheel, within(0.2));
    }

    @Test
    void theCageGoesSlowerThanHalfAndFasterWhereTheOuterRingTurns() {
        BearingSpeed inner = speed();
        BearingSpeed outer = speed("turning", "outer");
        assertThat(inner.cageRpm()).isLessThan(inner.rpm() / 2);
        assertThat(outer.cageRpm()).isGreaterThan(outer.rpm() / 2);
        assertThat(inner.cageRpm() + outer.cageRpm()).isCloseTo(inner.rpm(), within(1e-9));
    }

    @Test
    void twoCandidatesStandSideBySideWithTheirSpin() {
        Answer answer = BearingSpeedWords.answer(
                speed("ratio", "13.2", "otherElements", "18", "otherElementMm", "4", "otherPitchMm", "38.5"));
        assertThat(answer.figures().get(0).what()).isEqualTo("the other's elements spin");
        assertThat(Double.parseDouble(answer.figures().get(0).value().replace(" times", "")))
                .isBetween(1.9, 2.2);
        assertThat(answer.findings()).extracting(f -> f.level()).containsExactly(Level.RIGHT, Level.STOP);
        assertThat(BearingSpeedWords.answer(speed()).findings()).hasSize(1);
    }

    @ParameterizedTest
    @CsvSource({"elementMm,40,elementMm,does not fit", "elements,20,elements,side by side", "speedKmh,900,speedKmh,500"
    })
    void bearingsThatCannotBeAreSentences(String field, String value, String at, String words) {
        assertThat(read(BearingSpeedFields.LIST, WHEEL, field, value).sentences(at))
                .singleElement()
                .asString()
                .contains(words);
    }

    @Property(tries = 200)
    void elementsSpinFasterTheSmallerTheyAre(
            @ForAll @DoubleRange(min = 2, max = 9) double ball,
            @ForAll @DoubleRange(min = 100, max = 9000) double rpm) {
        BearingGeometry large = BearingGeometry.of(7, ball * 1.2, 38.5, 0);
        BearingGeometry small = BearingGeometry.of(7, ball, 38.5, 0);
        assertThat(small.elementOrder() * rpm).isGreaterThan(large.elementOrder() * rpm);
    }

    @Test
    void wattsAreTorqueTimesSpeed() {
        BearingDrag f = friction("seals", "contact");
        assertThat(f.powerW()).isCloseTo(f.friction().totalNmm() / 1000 * 300 * 2 * Math.PI / 60, within(1e-9));
        assertThat(f.warmK()).isCloseTo(f.powerW() / f.input().conductance(), within(1e-9));
        assertThat(friction("seals", "contact", "conductance", "2").warmK()).isCloseTo(f.powerW() / 2, within(1e-9));
    }

    @Test
    void sealsThatTouchDragMostAndHybridsSaveOnlyTheLoadsPart() {
        BearingDrag sealed = friction("seals", "contact");
        BearingDrag light = friction("seals", "light");
        BearingDrag hybrid = friction("seals", "low-drag", "hybrid", "yes");
        assertThat(sealed.powerW()).isGreaterThan(light.powerW());
        assertThat(light.powerW()).isGreaterThan(hybrid.powerW());
        assertThat(hybrid.friction().lubricantNmm()).isEqualTo(sealed.friction().lubricantNmm());
        assertThat(BearingDragWords.answer(sealed).figures().get(0).other()).contains("seals 4");
    }

    @ParameterizedTest
    @CsvSource({
        "deep-groove-ball",
        "angular-contact-ball",
        "tapered-roller",
        "cylindrical-roller",
        "machined-needle-roller"
    })
    void everyKindDragsSomethingInGreaseAndNoMoreInOil(String kind) {
        BearingDrag grease = friction("kind", kind, "contactDeg", "15", "axialN", "200");
        BearingDrag oil = friction("kind", kind, "contactDeg", "15", "axialN", "200", "lubricant", "oil");
        assertThat(grease.friction().loadNmm()).isPositive();
        assertThat(oil.friction().lubricantNmm())
                .isLessThanOrEqualTo(grease.friction().lubricantNmm());
        assertThat(oil.friction().loadNmm()).isEqualTo(grease.friction().loadNmm());
    }

    @Test
    void aThrustLoadedBallBearingDragsMore() {
        assertThat(friction("axialN", "600").friction().loadNmm())
                .isGreaterThan(friction().friction().loadNmm());
        assertThat(read(BearingDragFields.LIST, DRAG, "elementMm", "50").sentences("elementMm"))
                .isNotEmpty();
        assertThat(BearingDragWords.answer(friction("rpm", "15000", "nu", "400", "seals", "contact"))
                        .level())
                .isEqualTo(Level.WATCH);
    }

    @Test
    void theBearingMayBeNamedAndCountedElementsGoFirst() {
        BearingSpeed named = BearingSpeed.of(read(
                        BearingSpeedFields.LIST,
                        Map.of(
                                "speedKmh",
                                "60",
                                "rollingRadiusM",
                                "0.3",
                                "designation",
                                "6205-2RS",
                                "otherDesignation",
                                "16005"))
                .record());
        assertThat(named.input().bearing().geometry().estimated()).isTrue();
        assertThat(named.input().build().contactSeals()).isTrue();
        assertThat(named.guide().nDmLimit()).isEqualTo(300_000);
        assertThat(named.other().nDmLimit()).isEqualTo(500_000);
        assertThat(named.spinRatio()).isGreaterThan(1);
        BearingSpeed counted = BearingSpeed.of(read(
                        BearingSpeedFields.LIST,
                        Map.of(
                                "speedKmh",
                                "60",
                                "rollingRadiusM",
                                "0.3",
                                "designation",
                                "6205",
                                "elements",
                                "8",
                                "elementMm",
                                "7.94"))
                .record());
        assertThat(counted.input().bearing().geometry().elements()).isEqualTo(8);
        assertThat(counted.input().bearing().geometry().estimated()).isFalse();
        assertThat(counted.input().bearing().geometry().pitchMm()).isEqualTo(38.5);
    }

    /** 7000 rpm, dm 38.5 mm, balls of 7.97 and of 4 mm in grease. */
    @Test
    void halfTheBallSpinsTwiceAsFastAndTheVerdictsDiffer() {
        double wheel = 60_000 / 60.0 / (2 * Math.PI * 0.3);
        BearingSpeed s = speed(
                "ratio",
                String.valueOf(7000 / wheel),
                "otherElements",
                "18",
                "otherElementMm",
                "4",
                "otherPitchMm",
                "38.5");
        assertThat(s.rpm()).isCloseTo(7000, within(0.01));
        assertThat(s.guide().verdict()).isEqualTo(unbo.core.motion.SpeedGuide.Verdict.FINE);
        assertThat(s.other().verdict()).isEqualTo(unbo.core.motion.SpeedGuide.Verdict.WRONG);
        assertThat(s.other().spinDecides()).isTrue();
        assertThat(s.spinRatio()).isCloseTo(2.06, within(0.02));
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "43:15 chain|2.8667",
                "43:15; 28/13 gear|6.1744",
                "120:80 mm pulley|1.5",
                "4.1 final drive|4.1",
                "| 1"
            })
    void theWayFromTheWheelIsMultiplied(String through, double ratio) {
        assertThat(speed("through", through == null ? "" : through).input().ratio())
                .isCloseTo(ratio, within(0.001));
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {"chain|is no ratio", "43:0|cannot be", "43:15; by feel|“by feel” is no ratio", "9999:1|cannot be"})
    void aWayThatIsNoneIsASentence(String through, String says) {
        assertThat(read(BearingSpeedFields.LIST, WHEEL, "through", through).sentences("through"))
                .singleElement()
                .asString()
                .contains(says);
    }

    @Test
    void whatTurnsIsDrawnAtItsTrueShareOfTheSpeed() {
        var faces = BearingSpeedWords.answer(
                        speed("otherElements", "18", "otherElementMm", "4", "otherPitchMm", "38.5"))
                .drawings()
                .get(0);
        var spins = turns(faces.shapes());
        assertThat(spins).hasSize(2 * 2 + 9 + 18).contains(1.0);
        double cage = speed().input().bearing().geometry().cageOrder(unbo.core.bearing.Turning.INNER);
        assertThat(spins).contains(cage, -speed().input().bearing().geometry().elementOrder());
    }

    private static java.util.List<Double> turns(java.util.List<unbo.core.drawing.Shape> shapes) {
        java.util.List<Double> found = new java.util.ArrayList<>();
        for (unbo.core.drawing.Shape s : shapes) {
            if (s instanceof unbo.core.drawing.Shape.Moved moved) {
                found.addAll(turns(moved.shapes()));
            } else if (s instanceof unbo.core.drawing.Shape.Spinning spinning) {
                found.add(spinning.turns());
                found.addAll(turns(spinning.shapes()));
            }
        }
        return found;
    }

    @Test
    void oilThatStandsTooHighMakesHeatAndTooLowRunsDry() {
        BearingDrag right = friction("lubricant", "oil");
        BearingDrag high = friction("lubricant", "oil", "oilLevel", "12");
        assertThat(high.friction().lubricantNmm())
                .isCloseTo(right.friction().lubricantNmm() * (1 + 12 / 19.25), within(1e-9));
        assertThat(high.friction().loadNmm()).isEqualTo(right.friction().loadNmm());
        assertThat(BearingDragWords.answer(high).findings())
                .extracting(f -> f.code())
                .contains("oil-high");
        assertThat(friction("lubricant", "oil", "oilLevel", "40").friction().lubricantNmm())
                .isCloseTo(2 * right.friction().lubricantNmm(), within(1e-9));
        assertThat(BearingDragWords.answer(friction("lubricant", "oil", "oilLevel", "-6"))
                        .level())
                .isEqualTo(Level.STOP);
        assertThat(BearingDragWords.answer(right).drawings().get(0).title()).contains("middle of the lowest element");
        assertThat(friction("oilLevel", "12").friction()).isEqualTo(friction().friction());
    }

    @Test
    void sealsFollowTheNumberUnlessTyped() {
        Map<String, String> sealed = Map.of("designation", "6205-2RS", "loadN", "400", "rpm", "300", "nu", "100");
        assertThat(BearingDrag.of(read(BearingDragFields.LIST, sealed).record())
                        .friction()
                        .sealsNmm())
                .isCloseTo(40, within(1e-9));
        assertThat(BearingDrag.of(read(BearingDragFields.LIST, sealed, "seals", "none")
                                .record())
                        .friction()
                        .sealsNmm())
                .isZero();
        assertThat(read(
                                BearingDragFields.LIST,
                                Map.of("designation", "yard", "loadN", "400", "rpm", "300", "nu", "100"))
                        .sentences("designation"))
                .singleElement()
                .asString()
                .contains("count its elements");
    }

    @Test
    void warmthIsChartedOverSpeedAndThickness() {
        Answer answer = BearingDragWords.answer(friction());
        assertThat(answer.tables())
                .extracting(t -> t.name())
                .containsExactly("warmth-over-viscosity", "warmth-over-speed", "warmth-over-size");
        assertThat(BearingDragWords.answer(friction("lubricant", "oil")).tables())
                .extracting(t -> t.name())
                .contains("warmth-over-level", "warmth-over-viscosity");
        assertThat(answer.drawings())
                .allSatisfy(d -> assertThat(answer.behind(d)).isNotNull());
    }

    @Test
    void aLargerBearingOfTheSameProportionsDragsMoreByTheCubeOfItsSize() {
        BearingDrag one = friction();
        BearingDrag twice = BearingDrag.of(one.input().sized(2));
        assertThat(twice.friction().lubricantNmm()).isCloseTo(8 * one.friction().lubricantNmm(), within(1e-9));
        assertThat(twice.input().conductance()).isEqualTo(2 * one.input().conductance());
        assertThat(BearingDrag.of(one.input().sized(1)).powerW()).isCloseTo(one.powerW(), within(1e-12));
    }
}
