package unbo.core.life;

import java.util.Arrays;
import java.util.List;
import java.util.function.BiFunction;
import java.util.function.Function;

import unbo.core.input.Field;

/** What the life of a wheel's bearings is drawn over, everything else held. */
public enum WheelSweep {
    OFFSET("offset", "offset, mm", new Span(-60, 100, false), WheelInput::offsetMm, WheelInput::offset),
    LATERAL("lateral", "bends, times the g", new Span(0, 3, false), w -> 1.0, WheelInput::lateral),
    LOAD("load", "load, times", new Span(0.5, 3, false), w -> 1.0, WheelInput::load),
    KAPPA("kappa", "viscosity ratio κ", new Span(0.1, 4, true), WheelInput::kappa, WheelInput::film),
    CLEAN("clean", "cleanliness ec", new Span(0.05, 1, false), WheelInput::contamination, WheelInput::clean);

    /**
     * What the chart goes over.
     *
     * @param log true where the axis is logarithmic
     * @param from in the unit of what is varied
     * @param to the same
     */
    public record Span(double from, double to, boolean log) {}

    private final String code;
    private final String label;
    private final Span span;
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
        this.span = span;
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

    public static List<Field.Choice> choices() {
        return Arrays.stream(values())
                .map(s -> new Field.Choice(s.code, s.label))
                .toList();
    }

    /** The wheel with this quantity at {@code value}. */
    public WheelInput at(WheelInput wheel, double value) {
        return changed.apply(wheel, value);
    }

    public String code() {
        return code;
    }

    public String label() {
        return label;
    }

    /** What the chart goes over. */
    public Span span() {
        return span;
    }

    /** The quantity as the wheel has it. */
    public double present(WheelInput wheel) {
        return now.apply(wheel);
    }
}
