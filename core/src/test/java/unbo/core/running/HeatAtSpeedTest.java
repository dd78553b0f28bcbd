package unbo.core.running;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.HashMap;
import java.util.List;
import java.util.Map;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

import unbo.core.Shipped;
import unbo.core.answer.Answer;
import unbo.core.finding.Level;
import unbo.core.input.Reading;
import unbo.core.input.UnitSystem;
import unbo.core.lubrication.Viscosity;
import unbo.core.tools.running.HeatAtSpeedFields;
import unbo.core.tools.running.HeatAtSpeedTool;

/** Bearings run warm at one road speed. */
class HeatAtSpeedTest {

    /** 1.8 m round, so that 1 km/h is 9.259 rpm; 540 km/h are 5000 rpm. */
    private static Reading<HeatAtSpeed.Input> read(String... pairs) {
        Map<String, String> texts = new HashMap<>(Map.of(
                "speedKmh", "54", "rollingRadiusM", "0.28648", "through", "10", "designation", "6205", "loadN", "0"));
        for (int i = 0; i < pairs.length; i += 2) {
            texts.put(pairs[i], pairs[i + 1]);
        }
        return Shipped.read(HeatAtSpeedFields.LIST, texts, UnitSystem.METRIC);
    }

    private static HeatAtSpeed heat(String... pairs) {
        Reading<HeatAtSpeed.Input> reading = read(pairs);
        assertThat(reading.problems()).isEmpty();
        return HeatAtSpeed.of(reading.record());
    }

    /**
     * Solved apart by hand: without load and seals M = f0·1e-7·(ν·n)^(2/3)·38.5³ at 5000 rpm, 0.5 W/K over 20 °C. In
     * grease of 110 and 12 mm²/s (f0 2) 61.48 °C, 20.74 W, κ 3.99; 49.38 and 77.02 °C where the hub sheds twice and
     * half as much. In oil of 32 and 5.4 (f0 1.5) 43.79 °C. In oil of 100 and 11 that stands 12 mm too high, a share of
     * 12/19.25 more, 64.20 °C.
     */
    @ParameterizedTest
    @CsvSource({
        "grease 110 12,61.48,49.38,77.02,20.74,3.987",
        "oil 32 5.4,43.79,,,11.89,2.666",
        "oil 100 11 +12,64.20,,,22.10,3.264"
    })
    void itIsAsWarmAsItsHubShedsWhatItDrags(
            String lubricant, double celsius, Double least, Double most, double watts, double kappa) {
        HeatAtSpeed heat = heat("lubricants", lubricant);
        HeatAtSpeed.Row row = heat.rows().get(0);
        assertThat(heat.input().rpm()).isCloseTo(5000, within(0.2));
        assertThat(row.warmth().celsius()).isCloseTo(celsius, within(0.02));
        if (least != null) {
            assertThat(row.warmth().least()).isCloseTo(least, within(0.02));
            assertThat(row.warmth().most()).isCloseTo(most, within(0.02));
        }
        assertThat(row.watts()).isCloseTo(watts, within(0.02));
        assertThat(row.kappa()).isCloseTo(kappa, within(0.005));
    }

    /** The parts never say other than the whole: friction at that temperature's viscosity, and its film. */
    @Test
    void frictionFilmAndWarmthAreOfOneTemperature() {
        HeatAtSpeed heat = heat("loadN", "900", "axialN", "150", "others", "6205-2RS\nNU205\n30205");
        for (HeatAtSpeed.Row row : heat.rows()) {
            double t = row.warmth().celsius();
            double nu = Viscosity.at(row.lubricant().nu40(), row.lubricant().nu100(), t);
            double shed = 0.5 * row.bearing().boreMm() / 25 * (t - 20);
            assertThat(row.watts()).as(row.bearing().name()).isCloseTo(shed, within(1e-6));
            assertThat(row.kappa())
                    .isCloseTo(
                            nu
                                    / Viscosity.required(
                                            heat.input().rpm(),
                                            row.bearing().geometry().pitchMm()),
                            within(1e-9));
        }
    }

    @Test
    void oilDoesNotReachABearingThatIsGreasedForLife() {
        HeatAtSpeed heat = heat("others", "6205-2RS");
        assertThat(heat.rows())
                .filteredOn(row -> row.bearing().name().startsWith("6205-2RS"))
                .hasSize(1)
                .allMatch(row -> row.lubricant().grease());
        assertThat(new HeatAtSpeedTool().print(heat).sentences()).anyMatch(s -> s.contains("greased for life"));
        assertThat(read("designation", "6205-2RS", "lubricants", "oil 32 5.4").ok())
                .isFalse();
    }

    /** Thick oil, small elements, a deep bath: of the changes there are, the one that cools most is named. */
    @Test
    void theChangeThatHelpsMostIsOneChangeAndNoOtherDoesMore() {
        HeatAtSpeed heat = heat("lubricants", "oil 220 19.5 +12\noil 32 5.4 +12", "others", "16005", "loadN", "600");
        HeatAtSpeed.Row now = heat.rows().get(0);
        assertThat(heat.helps()).isNotNull();
        HeatAtSpeed.Row then = heat.helps().row();
        int changed = (then.bearing().equals(now.bearing()) ? 0 : 1)
                + (then.lubricant().name().equals(now.lubricant().name()) ? 0 : 1)
                + (then.lubricant().levelMm() == now.lubricant().levelMm() ? 0 : 1)
                + (then.seals() == now.seals() ? 0 : 1);
        assertThat(changed).isEqualTo(1);
        for (HeatAtSpeed.Row row : heat.rows()) {
            boolean single =
                    row.bearing().equals(now.bearing()) != row.lubricant().equals(now.lubricant());
            if (single) {
                assertThat(then.level()).isLessThanOrEqualTo(row.level());
            }
        }
        assertThat(heat("lubricants", "oil 32 5.4", "loadN", "50", "speedKmh", "5")
                        .helps())
                .as("cool already: nothing to name")
                .isNull();
    }

    @ParameterizedTest
    @ValueSource(strings = {"speedKmh:54:80", "loadN:100:4000", "ambientC:10:35"})
    void fasterLoadedOrInWarmAirItIsNeverCooler(String box) {
        String[] parts = box.split(":");
        List<HeatAtSpeed.Row> less =
                heat(parts[0], parts[1], "others", "NU205\n30205").rows();
        List<HeatAtSpeed.Row> more =
                heat(parts[0], parts[2], "others", "NU205\n30205").rows();
        for (int i = 0; i < less.size(); i++) {
            assertThat(more.get(i).warmth().celsius())
                    .isGreaterThan(less.get(i).warmth().celsius());
        }
    }

    @Test
    void oilThatDoesNotReachTheLowestElementStops() {
        HeatAtSpeed.Row dry = heat("lubricants", "oil 32 5.4 -8").rows().get(0);
        assertThat(dry.level()).isEqualTo(Level.STOP);
        assertThat(dry.verdict().why()).anyMatch(why -> why.contains("does not reach"));
    }

    @ParameterizedTest
    @CsvSource({
        "lubricants,butter 3 4",
        "lubricants,oil 5.4 32",
        "lubricants,grease 110 12 +4",
        "others,no such number",
        "through,abc"
    })
    void whatCannotBeReadIsSaidAtItsBox(String box, String text) {
        assertThat(read(box, text).problems())
                .isNotEmpty()
                .allMatch(problem -> problem.field().equals(box));
    }

    @Test
    void theTableHasARowForEachAndTheChartALine() {
        HeatAtSpeed heat = heat("others", "16005", "loadN", "600");
        Answer answer = new HeatAtSpeedTool().print(heat);
        assertThat(heat.rows()).hasSize(6);
        assertThat(answer.tables())
                .anyMatch(t -> t.name().equals("heat-rows") && t.rows().size() == 6);
        assertThat(answer.drawings()).anyMatch(d -> d.name().equals("heat-over-speed"));
    }
}
