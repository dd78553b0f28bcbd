package unbo.core.life;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.HashMap;
import java.util.List;
import java.util.Map;

import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

import unbo.core.Shipped;
import unbo.core.input.Reading;
import unbo.core.input.UnitSystem;
import unbo.core.tools.running.ShaftFields;
import unbo.core.tools.running.ShaftWords;

class ShaftLifeTest {

    private static final WheelInput.Bearing BALL = new WheelInput.Bearing("ball", 14_000, 7_900, 0, false, false, 13.9);
    private static final WheelInput.Bearing TAPER =
            new WheelInput.Bearing("taper", 35_000, 40_000, 14, true, false, 14);

    private static ShaftLife shaft(WheelInput.Bearing both, ShaftLife.Locates locates, ShaftLife.Load... loads) {
        return ShaftLife.of(new ShaftLife.Input(
                100, List.of(loads), both, both, locates, 1500, new ShaftLife.Input.Oil(1, 0.5, 0)));
    }

    private static Reading<ShaftLife.Input> read(String... pairs) {
        Map<String, String> texts = new HashMap<>(Map.of(
                "leftDesignation",
                "6305",
                "rightDesignation",
                "6205",
                "spreadMm",
                "90",
                "at",
                "-38 55",
                "vertical",
                "-900 420",
                "rpm",
                "1800"));
        for (int i = 0; i < pairs.length; i += 2) {
            texts.put(pairs[i], pairs[i + 1]);
        }
        return Shipped.read(ShaftFields.LIST, texts, UnitSystem.METRIC);
    }

    @Test
    void whatHasNoRuleAsOneOfAPairIsRefused() {
        assertThat(read("leftDesignation", "3205").sentences("leftDesignation")).isNotEmpty();
        assertThat(read("leftDesignation", "DAC34640037").sentences("leftDesignation"))
                .isNotEmpty();
        assertThat(read("kappa", "0.05").sentences("kappa")).isNotEmpty();
        assertThat(read("kappa", "1").ok()).isTrue();
    }

    @Test
    void aLoadInTheMiddleIsSharedAndOneOutsideLiftsTheFarEnd() {
        ShaftLife middle = shaft(BALL, ShaftLife.Locates.LEFT, new ShaftLife.Load(50, -1000, 0, 0));
        assertThat(middle.left().verticalN()).isCloseTo(500, within(1e-9));
        assertThat(middle.right().verticalN()).isCloseTo(500, within(1e-9));
        ShaftLife outside = shaft(BALL, ShaftLife.Locates.LEFT, new ShaftLife.Load(-40, -1000, 0, 0));
        assertThat(outside.left().verticalN()).isCloseTo(1400, within(1e-9));
        assertThat(outside.right().verticalN()).isCloseTo(-400, within(1e-9));
        assertThat(outside.right().radialN()).isCloseTo(400, within(1e-9));
    }

    @Property(tries = 200)
    void forcesAndMomentsBalance(
            @ForAll @DoubleRange(min = -80, max = 180) double at,
            @ForAll @DoubleRange(min = -5000, max = 5000) double up,
            @ForAll @DoubleRange(min = -5000, max = 5000) double away) {
        ShaftLife s = shaft(
                BALL, ShaftLife.Locates.LEFT, new ShaftLife.Load(at, up, away, 0), new ShaftLife.Load(30, 100, 0, 0));
        assertThat(s.left().verticalN() + s.right().verticalN() + up + 100).isCloseTo(0, within(1e-6));
        assertThat(s.left().horizontalN() + s.right().horizontalN() + away).isCloseTo(0, within(1e-6));
        assertThat(s.right().verticalN() * 100 + up * at + 100 * 30).isCloseTo(0, within(1e-5));
    }

    @Property(tries = 100)
    void lifeFallsWithTheLoads(@ForAll @DoubleRange(min = 0.3, max = 3) double times) {
        ShaftLife.Input in = shaft(BALL, ShaftLife.Locates.RIGHT, new ShaftLife.Load(40, -1500, 300, 200))
                .input();
        assertThat(ShaftLife.of(in.times(times * 1.1)).systemHours())
                .isLessThan(ShaftLife.of(in.times(times)).systemHours());
    }

    @Test
    void thrustGoesWhereTheShaftIsLocated() {
        ShaftLife.Load gear = new ShaftLife.Load(50, -1000, 0, 400);
        assertThat(shaft(BALL, ShaftLife.Locates.LEFT, gear).left().axialN()).isEqualTo(400);
        assertThat(shaft(BALL, ShaftLife.Locates.LEFT, gear).right().axialN()).isZero();
        assertThat(shaft(BALL, ShaftLife.Locates.RIGHT, gear).right().axialN()).isEqualTo(400);
        ShaftLife pair = shaft(TAPER, ShaftLife.Locates.PAIR, gear);
        assertThat(pair.left().axialN() - pair.right().axialN()).isCloseTo(400, within(1e-9));
        ShaftLife back = shaft(TAPER, ShaftLife.Locates.PAIR, new ShaftLife.Load(50, -1000, 0, -400));
        assertThat(back.right().axialN() - back.left().axialN()).isCloseTo(400, within(1e-9));
    }

    @Test
    void basicLifeIsTheRatingOverTheLoadCubed() {
        ShaftLife s = shaft(BALL, ShaftLife.Locates.LEFT, new ShaftLife.Load(50, -2000, 0, 0));
        assertThat(s.left().basicHours()).isCloseTo(Math.pow(14, 3) * 1e6 / 60 / 1500, within(1e-6));
        assertThat(s.systemHours()).isLessThan(s.left().hours());
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "vertical|-900|vertical|1 forces at 2 places",
                "vertical|0 0|vertical|No force is written",
                "leftDesignation|yard|leftDesignation|write C and C0",
                "spreadMm|0|spreadMm|cannot be 0 mm"
            })
    void whatCannotBeIsASentence(String field, String value, String at, String says) {
        assertThat(read(field, value).sentences(at)).singleElement().asString().contains(says);
    }

    @Test
    void theAnswerHasForcesDrawnAndAChartWithItsValues() {
        var answer = ShaftWords.answer(
                ShaftLife.of(read("horizontal", "0 -1150", "axial", "0 260").record()));
        assertThat(answer.drawings()).extracting(d -> d.name()).containsExactly("shaft-forces", "shaft-life-over-load");
        assertThat(answer.behind(answer.drawings().get(1)).rows()).hasSize(21);
        assertThat(answer.figures())
                .extracting(f -> f.what())
                .containsExactly("life of the pair", "left bearing", "right bearing");
        assertThat(ShaftWords.answer(ShaftLife.of(read("loadFactor", "10").record()))
                        .findings()
                        .get(0)
                        .code())
                .isEqualTo("shaft-short");
    }

    /** 0.04 % about half, 0.1 % a quarter. */
    @ParameterizedTest
    @CsvSource({"0,1", "100,1", "400,0.435", "1000,0.251"})
    void waterInTheOilTakesLife(double ppm, double left) {
        assertThat(ShaftLife.dilution(ppm)).isCloseTo(left, within(0.001));
        double dry = ShaftLife.of(read().record()).systemHours();
        ShaftLife wet = ShaftLife.of(read("waterPpm", String.valueOf(ppm)).record());
        assertThat(wet.systemHours()).isCloseTo(dry * ShaftLife.dilution(ppm), within(dry * 1e-9));
        assertThat(ShaftWords.answer(wet).findings().stream()
                        .anyMatch(f -> f.code().equals("water")))
                .isEqualTo(ppm > 100);
    }
}
