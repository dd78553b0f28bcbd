package unbo.core.runout;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.stream.Collectors;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

import unbo.core.Shipped;
import unbo.core.answer.Answer;
import unbo.core.finding.Level;
import unbo.core.input.Reading;
import unbo.core.input.UnitSystem;
import unbo.core.tools.proving.RunoutFields;
import unbo.core.tools.proving.RunoutTool;
import unbo.core.tools.proving.RunoutWords;

class RunoutTest {

    private static final int RINGS = 1000;

    private static List<Double> turn(int n, double amplitude, double high, double noise, Random random) {
        List<Double> readings = new ArrayList<>();
        for (int k = 0; k < n; k++) {
            readings.add(amplitude * Math.cos(Math.toRadians(360.0 * k / n - high)) + noise * random.nextGaussian());
        }
        return readings;
    }

    private static void dent(List<Double> readings, double angle, double by) {
        int k = (int) Math.round(angle / 360 * readings.size()) % readings.size();
        readings.set(k, readings.get(k) + by);
    }

    private static Runout of(List<Double> readings) {
        return Runout.of(new RunoutInput(readings, Surface.find("disc").orElseThrow(), 0.10, false, List.of(), 180));
    }

    private static Reading<RunoutInput> read(String... pairs) {
        Map<String, String> texts = new HashMap<>();
        for (int i = 0; i < pairs.length; i += 2) {
            texts.put(pairs[i], pairs[i + 1]);
        }
        return Shipped.read(RunoutFields.LIST, texts, UnitSystem.METRIC);
    }

    private static String written(List<Double> readings) {
        return readings.stream()
                .map(r -> String.format(java.util.Locale.ROOT, "%.4f", r))
                .collect(Collectors.joining(" "));
    }

    @Test
    void anEccentricDiscWithADentIsReadForBoth() {
        Random random = new Random(4);
        int named = 0;
        for (int i = 0; i < 100; i++) {
            List<Double> readings = turn(24, 0.06, 130, 0.003, random);
            dent(readings, 250, -0.03);
            Runout runout = of(readings);
            assertThat(runout.first().highSpotDeg()).isCloseTo(130, within(5.0));
            assertThat(runout.first().amplitudeMm()).isCloseTo(0.06, within(0.004));
            named += runout.worstSpike() != null
                            && Math.abs(runout.worstSpike().angleDeg() - 250) <= 15
                            && Math.abs(runout.worstSpike().residualMm() + 0.03) < 0.015
                    ? 1
                    : 0;
            assertThat(runout.tirMm())
                    .isCloseTo(
                            readings.stream().mapToDouble(r -> r).max().orElseThrow()
                                    - readings.stream()
                                            .mapToDouble(r -> r)
                                            .min()
                                            .orElseThrow(),
                            within(1e-12));
            assertThat(runout.within()).isFalse();
        }
        assertThat(named).isGreaterThanOrEqualTo(97);
    }

    @Test
    void withoutNoiseEveryNumberIsExact() {
        List<Double> readings = new ArrayList<>();
        for (int k = 0; k < 16; k++) {
            double a = Math.toRadians(22.5 * k);
            readings.add(0.5 + 0.04 * Math.cos(a - Math.toRadians(35)) + 0.01 * Math.cos(2 * a - Math.toRadians(200)));
        }
        Runout runout = of(readings);
        assertThat(runout.meanMm()).isCloseTo(0.5, within(1e-9));
        assertThat(runout.first().highSpotDeg()).isCloseTo(35, within(1e-6));
        assertThat(runout.second().amplitudeMm()).isCloseTo(0.01, within(1e-9));
        assertThat(runout.second().highSpotDeg()).isCloseTo(100, within(1e-6));
        assertThat(runout.spikes()).isEmpty();
    }

    @ParameterizedTest
    @ValueSource(ints = {12, 24, 48})
    void pureNoiseHasNoSpots(int n) {
        for (double noise : new double[] {0.002, 0.003, 0.02}) {
            Random random = new Random(n);
            int named = 0;
            for (int i = 0; i < RINGS; i++) {
                named += of(turn(n, 0, 0, noise, random)).spikes().isEmpty() ? 0 : 1;
            }
            assertThat(named)
                    .as("of " + RINGS + " rings of " + n + " readings, noise " + noise)
                    .isLessThan(RINGS / 50);
        }
    }

    @Test
    void tenSigmasAtTwentyFourReadingsAreFound() {
        Random random = new Random(24);
        int found = 0;
        for (int i = 0; i < RINGS; i++) {
            List<Double> readings = turn(24, 0.03, 360 * random.nextDouble(), 0.003, random);
            int at = random.nextInt(24);
            readings.set(at, readings.get(at) + (random.nextBoolean() ? 0.03 : -0.03));
            found += of(readings).spikes().stream().anyMatch(s -> s.reading() == at) ? 1 : 0;
        }
        assertThat(found).isGreaterThan(RINGS * 95 / 100);
    }

    @Test
    void twoDentsAreBothNamed() {
        List<Double> readings = turn(36, 0.05, 80, 0.002, new Random(9));
        dent(readings, 200, 0.04);
        dent(readings, 300, -0.05);
        assertThat(of(readings).spikes())
                .extracting(s -> Math.round(s.angleDeg()))
                .containsExactlyInAnyOrder(200L, 300L);
    }

    @Test
    void belowTwelveReadingsNoSpotIsNamedAndItIsSaid() {
        List<Double> readings = turn(8, 0.02, 90, 0.001, new Random(1));
        dent(readings, 180, 0.1);
        assertThat(of(readings).spikes()).isEmpty();
        assertThat(RunoutWords.answer(of(readings)).sentences()).anyMatch(s -> s.contains("fewer than 12"));
    }

    @ParameterizedTest
    @CsvSource({"180", "144", "72", "-90", "300"})
    void turningTheDiscPartsItFromTheHub(double index) {
        Random random = new Random(7);
        for (int i = 0; i < 50; i++) {
            double growth = 1 / Indexing.parts(index);
            List<Double> first = both(0, 0.05, 40, 0.03, 300, random);
            List<Double> second = both(index, 0.05, 40, 0.03, 300, random);
            Indexing parted = Runout.of(
                            new RunoutInput(first, Surface.find("disc").orElseThrow(), 0.1, false, second, index))
                    .indexing();
            assertThat(parted.disc().amplitudeMm()).isCloseTo(0.05, within(0.006 * growth + 0.001));
            assertThat(parted.hub().amplitudeMm()).isCloseTo(0.03, within(0.006 * growth + 0.001));
            assertThat(parted.disc().highSpotDeg()).isCloseTo(40, within(10 * growth + 1));
            assertThat(parted.hub().highSpotDeg()).isCloseTo(300, within(16 * growth + 1));
        }
    }

    private static List<Double> both(
            double index, double disc, double discHigh, double hub, double hubHigh, Random random) {
        List<Double> readings = turn(24, disc, discHigh + index, 0.002, random);
        List<Double> ofHub = turn(24, hub, hubHigh, 0, random);
        for (int k = 0; k < 24; k++) {
            readings.set(k, readings.get(k) + ofHub.get(k));
        }
        return readings;
    }

    @Test
    void oneStudOfFivePartsAsWellAsHalfATurn() {
        assertThat(1 / Indexing.parts(144)).isCloseTo(1 / Indexing.parts(180), within(0.03));
    }

    @Test
    void theUsualLimitCountsUnlessTheVehiclesDataSayOtherwise() {
        String readings = written(turn(12, 0.04, 90, 0.001, new Random(3)));
        assertThat(Runout.of(read("readings", readings, "surface", "disc").record())
                        .within())
                .isTrue();
        assertThat(Runout.of(read("readings", readings, "surface", "hub-face").record())
                        .within())
                .isFalse();
        assertThat(Runout.of(read("readings", readings, "surface", "disc", "maxMm", "0.06")
                                .record())
                        .within())
                .isFalse();
        assertThat(Runout.of(read("readings", readings, "surface", "disc", "maxMm", "4 thou")
                                .record())
                        .input()
                        .limitMm())
                .isCloseTo(0.1016, within(1e-9));
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "0.1 0.2 0.3|disc||8",
                "0.1 0.1 0.1 0.1 0.1 0.1 0.1 0.1|disc||does not move",
                "0.1 0.2 0.1 0.1 0.1 0.1 0.1 0.1|other||write the most runout",
                "0.1 0.2 0.1 0.1 0.1 0.1 0.1 99|disc||20"
            })
    void whatCannotBeATurnIsSaid(String readings, String surface, String most, String words) {
        assertThat(read("readings", readings, "surface", surface, "maxMm", most == null ? "" : most)
                        .problems())
                .anyMatch(p -> p.sentence().contains(words));
    }

    @Test
    void tooSmallATurnOfTheDiscIsRefused() {
        String readings = written(turn(12, 0.04, 90, 0.001, new Random(3)));
        assertThat(read("readings", readings, "indexed", readings, "indexDeg", "20")
                        .problems())
                .singleElement()
                .satisfies(p -> assertThat(p.sentence()).contains("by 30°"));
    }

    @Test
    void theAnswerSaysWhatToChalkAndDrawsIt() {
        Answer answer = new RunoutTool()
                .answer(read("readings", new RunoutTool().sample().get("readings"), "surface", "disc")
                        .record());
        assertThat(answer.figures().get(0).what()).contains("TIR");
        assertThat(answer.level()).isEqualTo(Level.SOON);
        assertThat(answer.findings())
                .anyMatch(f -> f.code().equals("runout-spike") && f.sentence().contains("255°"));
        assertThat(answer.drawings())
                .singleElement()
                .satisfies(d -> assertThat(d.title()).contains("local spot"));
        assertThat(answer.worksheet().lines()).anyMatch(l -> l.symbol().equals("φ1"));
    }

    @Test
    void rockAtTheRimIsAnEstimateOfTheEndPlay() {
        RimRock rock = RimRock.of(new RimRock.Input(0.50, 300, 60, 14));
        assertThat(rock.endPlayMm()).isCloseTo(0.20, within(0.005));
        assertThat(rock.lowMm()).isCloseTo(0.12, within(0.005));
        assertThat(rock.finding().level()).isEqualTo(Level.SOON);
        assertThat(RimRock.of(new RimRock.Input(2, 300, 60, 14)).finding().level())
                .isEqualTo(Level.STOP);
        assertThat(RimRock.of(new RimRock.Input(0.03, 300, 60, 14)).finding().level())
                .isEqualTo(Level.RIGHT);
    }
}
