package unbo.core.motion;

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

import unbo.core.answer.Answer;
import unbo.core.finding.Level;
import unbo.core.input.FieldList;
import unbo.core.input.FieldReader;
import unbo.core.input.Reading;
import unbo.core.input.UnitSystem;

class SpeedAndFrictionTest {

    private static final Map<String, String> WHEEL = Map.of("speedKmh", "60", "rollingRadiusM", "0.3", "elements", "9", "elementMm", "7.97", "pitchMm", "38.5");
    private static final Map<String, String> DRAG = Map.of("elements", "9", "elementMm", "7.97", "pitchMm", "38.5", "loadN", "400", "rpm", "300", "nu", "100");

    private static <T> Reading<T> read(FieldList<T> list, Map<String, String> base, String... pairs) {
        Map<String, String> texts = new HashMap<>(base);
        for (int i = 0; i < pairs.length; i += 2) {
            texts.put(pairs[i], pairs[i + 1]);
        }
        return FieldReader.read(list, texts, UnitSystem.METRIC);
    }

    private static SpeedQuestion speed(String... pairs) {
        return SpeedQuestion.of(read(SpeedQuestion.LIST, WHEEL, pairs).record());
    }

    private static FrictionQuestion friction(String... pairs) {
        return FrictionQuestion.of(read(FrictionQuestion.LIST, DRAG, pairs).record());
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
        SpeedQuestion inner = speed();
        SpeedQuestion outer = speed("turning", "outer");
        assertThat(inner.cageRpm()).isLessThan(inner.rpm() / 2);
        assertThat(outer.cageRpm()).isGreaterThan(outer.rpm() / 2);
        assertThat(inner.cageRpm() + outer.cageRpm()).isCloseTo(inner.rpm(), within(1e-9));
    }

    @Test
    void twoCandidatesStandSideBySideWithTheirSpin() {
        Answer answer = speed("ratio", "13.2", "otherElements", "18", "otherElementMm", "4", "otherPitchMm", "38.5").answer();
        assertThat(answer.figures().get(0).what()).isEqualTo("the other's elements spin");
        assertThat(Double.parseDouble(answer.figures().get(0).value().replace(" times", ""))).isBetween(1.9, 2.2);
        assertThat(answer.findings()).extracting(f -> f.level()).containsExactly(Level.RIGHT, Level.STOP);
        assertThat(speed().answer().findings()).hasSize(1);
    }

    @ParameterizedTest
    @CsvSource({"elementMm,40,elementMm,does not fit", "elements,20,elements,side by side", "speedKmh,900,speedKmh,500"})
    void bearingsThatCannotBeAreSentences(String field, String value, String at, String words) {
        assertThat(read(SpeedQuestion.LIST, WHEEL, field, value).sentences(at)).singleElement().asString().contains(words);
    }

    @Property(tries = 200)
    void elementsSpinFasterTheSmallerTheyAre(@ForAll @DoubleRange(min = 2, max = 9) double ball, @ForAll @DoubleRange(min = 100, max = 9000) double rpm) {
        BearingGeometry large = BearingGeometry.of(7, ball * 1.2, 38.5, 0);
        BearingGeometry small = BearingGeometry.of(7, ball, 38.5, 0);
        assertThat(small.elementOrder() * rpm).isGreaterThan(large.elementOrder() * rpm);
    }

    @Test
    void wattsAreTorqueTimesSpeed() {
        FrictionQuestion f = friction("seals", "contact");
        assertThat(f.powerW()).isCloseTo(f.friction().totalNmm() / 1000 * 300 * 2 * Math.PI / 60, within(1e-9));
        assertThat(f.warmK()).isCloseTo(f.powerW() / f.input().conductance(), within(1e-9));
        assertThat(friction("seals", "contact", "conductance", "2").warmK()).isCloseTo(f.powerW() / 2, within(1e-9));
    }

    @Test
    void sealsThatTouchDragMostAndHybridsSaveOnlyTheLoadsPart() {
        FrictionQuestion sealed = friction("seals", "contact");
        FrictionQuestion light = friction("seals", "light");
        FrictionQuestion hybrid = friction("seals", "low-drag", "hybrid", "yes");
        assertThat(sealed.powerW()).isGreaterThan(light.powerW());
        assertThat(light.powerW()).isGreaterThan(hybrid.powerW());
        assertThat(hybrid.friction().lubricantNmm()).isEqualTo(sealed.friction().lubricantNmm());
        assertThat(sealed.answer().figures().get(0).other()).contains("seals 4");
    }

    @ParameterizedTest
    @CsvSource({"deep-groove-ball", "angular-contact-ball", "tapered-roller", "cylindrical-roller", "machined-needle-roller"})
    void everyKindDragsSomethingInGreaseAndNoMoreInOil(String kind) {
        FrictionQuestion grease = friction("kind", kind, "contactDeg", "15", "axialN", "200");
        FrictionQuestion oil = friction("kind", kind, "contactDeg", "15", "axialN", "200", "lubricant", "oil");
        assertThat(grease.friction().loadNmm()).isPositive();
        assertThat(oil.friction().lubricantNmm()).isLessThanOrEqualTo(grease.friction().lubricantNmm());
        assertThat(oil.friction().loadNmm()).isEqualTo(grease.friction().loadNmm());
    }

    @Test
    void aThrustLoadedBallBearingDragsMore() {
        assertThat(friction("axialN", "600").friction().loadNmm()).isGreaterThan(friction().friction().loadNmm());
        assertThat(read(FrictionQuestion.LIST, DRAG, "elementMm", "50").sentences("elementMm")).isNotEmpty();
        assertThat(friction("rpm", "15000", "nu", "400", "seals", "contact").answer().level()).isEqualTo(Level.WATCH);
    }
}
