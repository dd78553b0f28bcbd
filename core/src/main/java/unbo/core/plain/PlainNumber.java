package unbo.core.plain;

import java.util.Locale;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

import org.jspecify.annotations.Nullable;

/**
 * What is stamped on a spherical plain bearing, a rod end or a bush: GE 20 ES-2RS, SIL 12 C, 20x23x20. GE stands for a
 * spherical plain bearing, SI and SA for a rod end with its thread inside or outside, L behind them for a left-hand
 * thread (ISO 12240). Behind the bore: S a groove to grease through, C or T a dry sliding film, 2RS seals; without a
 * mark of either it is taken as greased, and that is told.
 *
 * @param outsideMm null where neither the text nor the standard tells
 * @param widthMm of the sliding face; null where neither tells
 * @param slidingMm diameter it slides on: sphere or bore; null where the sphere is not known
 * @param film {@code dry greased unknown}
 */
public record PlainNumber(
        PlainForm form,
        boolean leftHand,
        double boreMm,
        @Nullable Double outsideMm,
        @Nullable Double widthMm,
        @Nullable Double slidingMm,
        String film,
        boolean sealed) {

    private static final Pattern NUMBERED =
            Pattern.compile("(GE|SI|SA)([A-Z]{0,4}?)\\s*[- " + "]?\\s*(\\d{1,3})(?!\\d)\\s*(.*)");
    private static final Pattern BUSH =
            Pattern.compile("(\\d+(?:\\.\\d+)?)\\s*[xX×/]\\s*(\\d+(?:\\.\\d+)?)\\s*[xX×/]\\s*(\\d+(?:\\.\\d+)?)");

    /** Empty where it is none of them. */
    public static Optional<PlainNumber> read(String text) {
        String upper = text.strip().toUpperCase(Locale.ROOT).replace('_', ' ');
        Matcher bush = BUSH.matcher(upper);
        if (bush.matches()) {
            double bore = Double.parseDouble(bush.group(1));
            double outside = Double.parseDouble(bush.group(2));
            return bore > 0 && outside > bore
                    ? Optional.of(new PlainNumber(
                            PlainForm.BUSH,
                            false,
                            bore,
                            outside,
                            Double.parseDouble(bush.group(3)),
                            bore,
                            "unknown",
                            false))
                    : Optional.empty();
        }
        Matcher m = NUMBERED.matcher(upper);
        return m.matches() ? Optional.of(numbered(m)) : Optional.empty();
    }

    private static PlainNumber numbered(Matcher m) {
        PlainForm form = switch (m.group(1)) {
            case "GE" -> PlainForm.SPHERICAL;
            case "SI" -> PlainForm.ROD_END_FEMALE;
            default -> PlainForm.ROD_END_MALE;
        };
        double bore = Double.parseDouble(m.group(3));
        String before = m.group(2);
        String behind = m.group(4).replaceAll("[^A-Z0-9]", " ").strip();
        Optional<PlainSize> size = PlainSize.of(form, bore);
        return new PlainNumber(
                form,
                form.threaded() && before.startsWith("L"),
                bore,
                size.map(PlainSize::outsideMm).orElse(null),
                size.map(PlainSize::outerMm).orElse(null),
                size.map(PlainSize::ballMm).orElse(null),
                film(before, behind),
                behind.contains("2RS"));
    }

    private static String film(String before, String behind) {
        String marks = before + " " + behind.replace("2RS", " ");
        if (marks.matches(".*[CT].*")) {
            return "dry";
        }
        return behind.matches("(?:[A-Z]*S)\\b.*") || behind.startsWith("ES") ? "greased" : "unknown";
    }
}
