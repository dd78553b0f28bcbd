package unbo.core.signal;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.HashMap;
import java.util.Map;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

import unbo.core.Shipped;
import unbo.core.answer.Answer;
import unbo.core.bearing.BearingGeometry;
import unbo.core.bearing.Turning;
import unbo.core.finding.Level;
import unbo.core.input.Reading;
import unbo.core.input.UnitSystem;
import unbo.core.simulation.RecordedHub;
import unbo.core.simulation.RecordedHub.Fault;
import unbo.core.tools.listening.NoiseFields;
import unbo.core.tools.listening.NoiseWords;

class NoiseTest {

    private static final BearingGeometry BEARING = BearingGeometry.of(9, 7.94, 39.0, 0);
    private static final int RATE = 16_000;

    private static RecordedHub hub(Fault fault, double rpm, double end, long seed) {
        return new RecordedHub(
                BEARING,
                Turning.INNER,
                fault,
                new RecordedHub.Speed(rpm, end),
                new RecordedHub.Sound(0.8, 0.6, 0.3, 0.4, 0.007),
                14,
                RATE,
                seed);
    }

    private static Noise heard(Fault fault, double rpm, double end, Speed speed) {
        NoiseInput in = new NoiseInput(BEARING, Turning.INNER, speed, null, 23, 64);
        return Noise.of(in, Recording.mono(RATE, hub(fault, rpm, end, 3).recorded()))
                .noise();
    }

    private static Reading<NoiseInput> read(String... pairs) {
        Map<String, String> texts = new HashMap<>();
        for (int i = 0; i < pairs.length; i += 2) {
            texts.put(pairs[i], pairs[i + 1]);
        }
        return Shipped.read(NoiseFields.LIST, texts, UnitSystem.METRIC);
    }

    @Test
    void aBearingMayBeNamed() {
        NoiseInput cartridge = read("rpm", "600", "designation", "DAC34640037").record();
        assertThat(cartridge.geometry().elements()).isEqualTo(12);
        assertThat(cartridge.geometry().contactDeg()).isEqualTo(36);
        NoiseInput counted = read(
                        "rpm",
                        "600",
                        "designation",
                        "DAC34640037",
                        "elements",
                        "14",
                        "elementMm",
                        "10",
                        "pitchMm",
                        "49")
                .record();
        assertThat(counted.geometry().elements()).isEqualTo(14);
        assertThat(read("rpm", "600", "designation", "6234").sentences("designation"))
                .singleElement()
                .asString()
                .contains("count its elements");
        assertThat(read("rpm", "600").sentences("elements")).isNotEmpty();
    }

    @Test
    void linesAreFoundWithinTheSlip() {
        Noise noise = heard(Fault.OUTER, 600, 600, Speed.steady(600));
        assertThat(noise.finding()).isEqualTo(Family.OUTER_RACE);
        assertThat(noise.standing(Family.OUTER_RACE).byGeometryHz()).isCloseTo(35.84, within(0.01));
        assertThat(noise.standing(Family.OUTER_RACE).foundHz()).isCloseTo(35.84 / 1.007, within(0.1));
        assertThat(noise.lines().stepHz()).isLessThanOrEqualTo(0.5);
    }

    @Test
    void theSpeedIsFoundFromTheWheelsLinesWhenAsked() {
        Noise noise = heard(Fault.INNER, 732, 732, Speed.found());
        assertThat(noise.shaftHz() * 60).isCloseTo(732, within(2.0));
        assertThat(noise.finding()).isEqualTo(Family.INNER_RACE);
    }

    @Test
    void alongARampLinesStandAtTheMeanSpeed() {
        Noise noise = heard(Fault.OUTER, 500, 700, Speed.ramp(500, 700));
        assertThat(noise.resampled()).isTrue();
        assertThat(noise.shaftHz() * 60).isCloseTo(600, within(1.0));
        assertThat(noise.finding()).isEqualTo(Family.OUTER_RACE);
        assertThat(heard(Fault.OUTER, 500, 700, Speed.steady(600)).finding()).isNull();
    }

    @Test
    void aTachoOnTheRightChannelTellsTheSpeed() {
        float[] sound = hub(Fault.OUTER, 480, 640, 8).recorded();
        float[] pulses = new float[sound.length];
        for (int i = 0; i < pulses.length; i++) {
            double t = i / (double) RATE;
            double turns = (480 * t + 160 * t * t / 28) / 60;
            pulses[i] = turns - Math.floor(turns) < 0.05 ? 0.8f : 0;
        }
        NoiseInput in = new NoiseInput(BEARING, Turning.INNER, Speed.tacho(), null, 0, 0);
        Noise noise = Noise.of(in, new Recording(RATE, sound, pulses, false)).noise();
        assertThat(noise.shaftHz() * 60).isCloseTo(560, within(2.0));
        assertThat(noise.finding()).isEqualTo(Family.OUTER_RACE);
        assertThat(Noise.of(in, Recording.mono(RATE, sound)).refusal()).contains("one channel");
        assertThat(Noise.of(in, new Recording(RATE, sound, new float[sound.length], false))
                        .refusal())
                .contains("no pulses");
    }

    @ParameterizedTest
    @CsvSource({"100,is 0.1 s long", "1,s long", "160000,silent"})
    void whatCannotBeHeardIsSaid(int samples, String words) {
        NoiseInput in = new NoiseInput(BEARING, Turning.INNER, Speed.steady(600), null, 0, 0);
        int rate = samples == 100 ? 1000 : RATE;
        assertThat(Noise.of(in, Recording.mono(rate, new float[samples])).refusal())
                .contains(words);
    }

    @Test
    void aBandAboveTheRecordingIsRefused() {
        NoiseInput in = new NoiseInput(BEARING, Turning.INNER, Speed.steady(600), new Band(9000, 12_000), 0, 0);
        assertThat(Noise.of(
                                in,
                                Recording.mono(
                                        RATE, hub(Fault.NONE, 600, 600, 1).recorded()))
                        .refusal())
                .contains("lower one");
    }

    @Test
    void aTypedBandIsUsed() {
        NoiseInput in = new NoiseInput(BEARING, Turning.INNER, Speed.steady(600), new Band(2500, 5600), 0, 0);
        Noise noise = Noise.of(
                        in, Recording.mono(RATE, hub(Fault.OUTER, 600, 600, 2).recorded()))
                .noise();
        assertThat(noise.band()).isEqualTo(new Band(2500, 5600));
        assertThat(noise.finding()).isEqualTo(Family.OUTER_RACE);
    }

    @Test
    void oneMinuteAtFortyEightKilohertzIsAnalysedInParts() {
        RecordedHub minute = new RecordedHub(
                BEARING,
                Turning.INNER,
                Fault.OUTER,
                new RecordedHub.Speed(600, 600),
                new RecordedHub.Sound(0.8, 0.5, 0.2, 0.4, 0.006),
                60,
                48_000,
                5);
        Noise noise = Noise.of(
                        new NoiseInput(BEARING, Turning.INNER, Speed.steady(600), null, 0, 0),
                        Recording.mono(48_000, minute.recorded()))
                .noise();
        assertThat(noise.finding()).isEqualTo(Family.OUTER_RACE);
        assertThat(noise.marginDb()).isGreaterThan(6);
    }

    @Test
    void theAnswerNamesFamilyMarginAndLimit() {
        Answer answer = NoiseWords.answer(heard(Fault.OUTER, 600, 600, Speed.steady(600)));
        assertThat(answer.figures().get(0).value()).isEqualTo("outer race");
        assertThat(answer.level()).isEqualTo(Level.SOON);
        assertThat(answer.worksheet().lines())
                .anyMatch(l -> l.symbol().equals("BPFO") && l.value().startsWith("35.84 Hz"));
        assertThat(answer.drawings()).extracting(d -> d.name()).containsExactly("noise", "sound");
        assertThat(answer.drawings().get(0).title()).contains("outer race");
        assertThat(answer.behind(answer.drawings().get(0)).rows())
                .hasSizeBetween(100, 120)
                .anySatisfy(row -> assertThat(Double.parseDouble(row.get(1).replace('−', '-')))
                        .isGreaterThan(6));
        Answer none = NoiseWords.answer(heard(Fault.NONE, 600, 600, Speed.steady(600)));
        assertThat(none.figures().get(0).value()).isEqualTo("none");
        assertThat(none.findings().get(0).sentence()).contains("No bearing line above the floor", "clears no bearing");
    }

    @Test
    void speedAndGeometryAreReadInEitherForm() {
        NoiseInput byRoad = read("speedKmh", "60", "rollingRadiusM", "0.3", "bore", "25", "outside", "52")
                .record();
        assertThat(byRoad.speed().rpm()).isCloseTo(530.5, within(0.1));
        assertThat(byRoad.geometry().estimated()).isTrue();
        assertThat(read("rpm", "600", "elements", "9", "elementMm", "7.94", "pitchMm", "39", "turning", "outer")
                        .record()
                        .turning())
                .isEqualTo(Turning.OUTER);
        assertThat(read("speedBy", "found", "bore", "25", "outside", "52")
                        .record()
                        .speed()
                        .kind())
                .isEqualTo(Speed.Kind.FOUND);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "rpm=600|bore and outside diameter",
                "bore=25 outside=52|Write the speed",
                "rpm=600 elements=9|all three",
                "rpm=600 elements=30 elementMm=8 pitchMm=39|do not fit",
                "rpm=600 elements=9 elementMm=40 pitchMm=39|does not go",
                "rpm=600 bore=25 outside=25|greater than the bore",
                "rpm=600 bore=25 outside=52 bandLo=500|write both",
                "rpm=600 bore=25 outside=52 rpmEnd=3000|four to one"
            })
    void whatCannotBeIsSaid(String texts, String words) {
        assertThat(read(texts.split("[= ]")).problems())
                .anyMatch(p -> p.sentence().contains(words));
    }
}
