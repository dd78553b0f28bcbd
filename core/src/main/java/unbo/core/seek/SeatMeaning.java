package unbo.core.seek;

import java.util.List;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

import unbo.core.fit.Band;
import unbo.core.fit.SeatBands;
import unbo.core.measure.Show;
import unbo.core.seek.Meaning.Kind;
import unbo.core.seek.Meaning.Lead;

/** A seat by its symbol, such as {@code 25 k6} or {@code 52H7}: its limits of size. Source: ISO 286-2. */
final class SeatMeaning {

    private static final Pattern SEAT =
            Pattern.compile("[øØ]?\\s*(\\d{1,3}(?:[.,]\\d{1,3})?)\\s*(?:mm)?\\s*([a-z]{1,2}|[A-Z]{1,2})(\\d{1,2})");

    private SeatMeaning() {}

    static List<Meaning> of(String text) {
        Matcher seat = SEAT.matcher(text);
        if (!seat.matches()) {
            return List.of();
        }
        double mm = Double.parseDouble(seat.group(1).replace(',', '.'));
        String symbol = seat.group(2) + seat.group(3);
        boolean hole = Character.isUpperCase(symbol.charAt(0));
        Optional<Band> band = hole ? SeatBands.hole(symbol, mm) : SeatBands.shaft(symbol, mm);
        return band.map(b -> List.of(new Meaning(
                        Kind.TOOL,
                        Show.number(mm, 3) + " " + symbol + ": " + signed(b.upperUm()) + " / " + signed(b.lowerUm())
                                + " µm",
                        0.98,
                        List.of(
                                (hole ? "A housing bore of " : "A shaft of ") + Show.fixed(mm + b.lowerUm() / 1000, 3)
                                        + " to " + Show.fixed(mm + b.upperUm() / 1000, 3) + " mm.",
                                "Limits of ISO 286-2."),
                        List.of(new Lead(
                                "What a bearing does on this seat",
                                "fit",
                                Meanings.inputs(
                                        hole ? "outside" : "bore",
                                        Show.number(mm, 3) + " mm",
                                        "seat",
                                        symbol,
                                        "ring",
                                        hole ? "outer" : "inner"))))))
                .orElse(List.of());
    }

    private static String signed(double um) {
        return (um > 0 ? "+" : "") + Show.number(um, 0);
    }
}
