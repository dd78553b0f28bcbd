package unbo.core.mount;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.HashMap;
import java.util.Map;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

import unbo.core.Shipped;
import unbo.core.answer.Answer;
import unbo.core.answer.Step;
import unbo.core.drawing.Drawing;
import unbo.core.drawing.Role;
import unbo.core.drawing.Shape;
import unbo.core.input.Reading;
import unbo.core.input.UnitSystem;
import unbo.core.tools.setting.MountingFields;
import unbo.core.tools.setting.MountingWords;

class MountingTest {

    private static Reading<Mounting.Input> read(String... pairs) {
        Map<String, String> texts = new HashMap<>();
        for (int i = 0; i < pairs.length; i += 2) {
            texts.put(pairs[i], pairs[i + 1]);
        }
        return Shipped.read(MountingFields.LIST, texts, UnitSystem.METRIC);
    }

    private static Mounting mount(String... pairs) {
        return Mounting.of(read(pairs).record());
    }

    @Test
    void anOpenRingIsHeatedWithinItsLimitAndASealedOneIsPressedOrChilled() {
        Mounting open = mount("designation", "6220", "ring", "inner", "seat", "k5");
        assertThat(open.byHeat()).isTrue();
        assertThat(MountingWords.answer(open).steps())
                .extracting(Step::code)
                .containsSubsequence("check", "seat", "now", "way", "heat", "push", "shoulder", "cool", "turns");
        Mounting sealed = mount("designation", "6205-2RS", "ring", "inner", "seat", "k5");
        assertThat(sealed.byHeat()).isFalse();
        assertThat(MountingWords.answer(sealed).steps())
                .extracting(Step::code)
                .contains("press")
                .doesNotContain("heat");
        assertThat(read("designation", "6205-2RS", "seat", "k5", "limit", "100").sentences("limit"))
                .singleElement()
                .asString()
                .contains("cooked");
    }

    @Test
    void theInterferenceOfTheFitIsTheOneThatIsHeatedFor() {
        Mounting m = mount("designation", "6210", "ring", "inner", "seat", "m5");
        assertThat(m.heat().input().interferenceUm())
                .isEqualTo(m.fit().interference().maxUm());
        assertThat(MountingWords.answer(m).figures().get(0).what()).isEqualTo("heat the ring to");
    }

    @Test
    void aSlidingSeatNeedsNeitherHeatNorForce() {
        Answer slides = MountingWords.answer(mount("designation", "L44643", "ring", "inner", "seat", "g6"));
        assertThat(slides.steps()).extracting(Step::code).contains("slide");
        assertThat(slides.steps()).anyMatch(s -> s.text().contains("back to back"));
    }

    @Test
    void anAlloyHousingIsHeatedASteelOnePressedInto() {
        assertThat(mount("designation", "6205", "ring", "outer", "seat", "N7", "material", "aluminium")
                        .byHeat())
                .isTrue();
        assertThat(mount("designation", "6205", "ring", "outer", "seat", "N7").heat())
                .isNull();
        assertThat(MountingWords.answer(mount("designation", "DAC40740036/34", "ring", "outer", "seat", "N7"))
                        .steps())
                .anyMatch(s -> s.code().equals("cartridge") && s.caution().contains("support the inner ring"));
        assertThat(MountingWords.answer(mount(
                                "designation",
                                "6205",
                                "ring",
                                "outer",
                                "seat",
                                "N7",
                                "material",
                                "aluminium",
                                "way",
                                "press"))
                        .steps())
                .anyMatch(s -> s.code().equals("press"));
    }

    private static Drawing wayRound(String... pairs) {
        return MountingWords.answer(mount(pairs)).drawings().stream()
                .filter(d -> d.name().equals("way-round"))
                .findFirst()
                .orElseThrow();
    }

    private static long labels(Drawing d, String text) {
        return d.shapes().stream()
                .filter(s -> s instanceof Shape.Label l && l.text().equals(text))
                .count();
    }

    @ParameterizedTest
    @CsvSource({
        "6205,inner,'stamped side, to be read again'",
        "6205-RS,inner,closed side: weather; open side: grease",
        "L44643,inner,small roller ends",
        "DAC40740036/34,outer,encoder: to the sensor"
    })
    void theDrawingSaysWhichSideStandsOutside(String number, String ring, String says) {
        assertThat(wayRound("designation", number, "ring", ring, "seat", ring.equals("inner") ? "k5" : "N7")
                        .title())
                .endsWith(says);
    }

    @Test
    void itIsPressedOnTheRingThatIsTight() {
        assertThat(labels(wayRound("designation", "6205", "seat", "k5"), "press on this ring"))
                .isEqualTo(1);
        assertThat(labels(wayRound("designation", "6205", "seat", "k5", "bothTight", "yes"), "press on this ring"))
                .isEqualTo(2);
    }

    @Test
    void sealsStandWhereTheNumberHasThem() {
        assertThat(rubber("6205")).isZero();
        assertThat(rubber("6205-RS")).isEqualTo(1);
        assertThat(rubber("6205-2RS")).isEqualTo(2);
    }

    private static long rubber(String number) {
        return wayRound("designation", number, "seat", "k5").shapes().stream()
                .filter(s -> s instanceof Shape.Outline o && o.role() == Role.RUBBER)
                .count();
    }

    @Test
    void aConesSmallEndsStandOutsideAndACupsInside() {
        assertThat(smallEnd("L44643", "inner")).isPositive();
        assertThat(smallEnd("L44610", "outer")).isNegative();
    }

    /** Where the roller is thinner: to the right, away from the shoulder, where positive. */
    private static double smallEnd(String number, String ring) {
        Shape.Outline roller = wayRound(
                        "designation",
                        number,
                        "ring",
                        ring,
                        "seat",
                        ring.equals("inner") ? "k5" : "N7",
                        "bore",
                        "25.4",
                        "outside",
                        "50.292",
                        "width",
                        "14.224")
                .shapes()
                .stream()
                .filter(s -> s instanceof Shape.Outline o
                        && o.role() == Role.PART
                        && o.points().size() == 4)
                .map(s -> (Shape.Outline) s)
                .findFirst()
                .orElseThrow();
        double left = thickness(
                roller, roller.points().stream().mapToDouble(p -> p.x()).min().orElseThrow());
        double right = thickness(
                roller, roller.points().stream().mapToDouble(p -> p.x()).max().orElseThrow());
        return left - right;
    }

    private static double thickness(Shape.Outline roller, double x) {
        var at = roller.points().stream()
                .filter(p -> p.x() == x)
                .mapToDouble(p -> p.y())
                .summaryStatistics();
        return at.getMax() - at.getMin();
    }

    @ParameterizedTest
    @CsvSource({
        "7205B,thick shoulder",
        "NJ205,lip of the inner ring",
        "HK2016,stepped pilot",
        "6205,stamped side",
        "32005X,back to back"
    })
    void whichWayRoundGoesByItsKind(String number, String says) {
        Answer answer = MountingWords.answer(mount("designation", number, "ring", "inner", "seat", "h5"));
        assertThat(answer.steps())
                .filteredOn(s -> s.code().equals("way"))
                .singleElement()
                .satisfies(s -> assertThat(s.text()).contains(says));
        assertThat(answer.steps())
                .anyMatch(s -> s.code().equals("halfway") && !s.caution().isEmpty());
    }
}
