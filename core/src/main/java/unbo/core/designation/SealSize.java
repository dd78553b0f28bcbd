package unbo.core.designation;

import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

import org.jspecify.annotations.Nullable;

import unbo.core.measure.Quantity;
import unbo.core.measure.QuantityReader;
import unbo.core.measure.Units;

/** Size of a shaft seal, mm: inner (shaft) × outside (housing) × width. */
public record SealSize(double shaftMm, double outsideMm, double widthMm) {

    private static final Pattern TRIPLE =
            Pattern.compile("(.+?)\\s*[x×*/]\\s*(.+?)\\s*[x×*/]\\s*(.+)", Pattern.CASE_INSENSITIVE);

    /** Reads {@code 45x65x10}; empty when it is no seal size. */
    public static Optional<SealSize> read(String text) {
        Matcher match = TRIPLE.matcher(text.strip());
        if (!match.matches()) {
            return Optional.empty();
        }
        Double shaft = mm(match.group(1));
        Double outside = mm(match.group(2));
        Double width = mm(match.group(3));
        if (shaft == null || outside == null || width == null) {
            return Optional.empty();
        }
        boolean seal = shaft > 3 && outside > shaft && outside < 400 && width > 1 && width < 60;
        return seal ? Optional.of(new SealSize(shaft, outside, width)) : Optional.empty();
    }

    private static @Nullable Double mm(String text) {
        QuantityReader.Outcome outcome = QuantityReader.read(text, Units.of(Quantity.LENGTH, "mm"));
        return outcome.amount() == null ? null : outcome.amount().base();
    }
}
