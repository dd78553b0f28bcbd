package unbo.core.life;

import java.util.Arrays;
import java.util.List;
import java.util.function.BiFunction;
import java.util.function.Function;

import unbo.core.drawing.Chart;
import unbo.core.input.Field;
import unbo.core.measure.Show;

/** What the life of a wheel's bearings is drawn over, everything else held. */
public enum WheelSweep {
    OFFSET("offset", "offset, mm", new Span(-60, 100, false), WheelInput::offsetMm, WheelInput::offset),
    LATERAL("lateral", "bends, times the g", new Span(0, 3, false), w -> 1.0, WheelInput::lateral),
    LOAD("load", "load, times", new Span(0.5, 3, false), w -> 1.0, WheelInput::load),
    KAPPA("kappa", "viscosity ratio κ", new Span(0.1, 4, true), WheelInput::kappa, WheelInput::film),
    CLEAN("clean", "cleanliness ec", new Span(0.05, 1, false), WheelInput::contamination, WheelInput::clean);

    /** What the chart goes over. @param log true where the axis is logarithmic */
    private record Span(double from, double to, boolean log) {}

    /** Thousands of km: more than any wheel goes. */
    private static final double MOST = 1e6;

    private final String code;
    private final String label;
    private final double from;
    private final double to;
    private final boolean log;
    private final Function<WheelInput, Double> now;
    private final BiFunction<WheelInput, Double, WheelInput> changed;

    WheelSweep(
            String code,
            String label,
            Span span,
            Function<WheelInput, Double> now,
            BiFunction<WheelInput, Double, WheelInput> changed) {
        this.code = code;
        this.label = label;
        this.from = span.from();
        this.to = span.to();
        this.log = span.log();
        this.now = now;
        this.changed = changed;
    }

    /** @throws java.util.NoSuchElementException for an unknown code */
    public static WheelSweep of(String code) {
        return Arrays.stream(values())
                .filter(s -> s.code.equals(code))
                .findFirst()
                .orElseThrow();
    }

    static List<Field.Choice> choices() {
        return Arrays.stream(values())
                .map(s -> new Field.Choice(s.code, s.label))
                .toList();
    }

    /** The wheel with this quantity at {@code value}. */
    WheelInput at(WheelInput wheel, double value) {
        return changed.apply(wheel, value);
    }

    /** Modified life of both bearings and of the pair over the quantity; the present value marked. */
    Chart chart(WheelInput wheel) {
        List<Chart.Line> lines = List.of(
                new Chart.Line("pair", v -> thousands(WheelLife.of(at(wheel, v)).systemLifeKm())),
                new Chart.Line(
                        "outer",
                        v -> thousands(WheelLife.of(at(wheel, v)).outer().lifeKm())),
                new Chart.Line(
                        "inner",
                        v -> thousands(WheelLife.of(at(wheel, v)).inner().lifeKm())));
        Chart.Axis x = new Chart.Axis(label, from, to, log);
        double present = now.apply(wheel);
        double pair = thousands(WheelLife.of(wheel).systemLifeKm());
        return new Chart(
                "life-over-" + code,
                "Life of outer, inner and pair over " + label,
                x,
                Chart.decades("1000 km", x, lines, 0.01, MOST),
                lines,
                List.of(new Chart.Spot(present, pair, Show.number(pair, pair < 10 ? 1 : 0) + " now")),
                List.of());
    }

    private static double thousands(double km) {
        return Math.max(0.001, Math.min(MOST, km / 1000));
    }
}
