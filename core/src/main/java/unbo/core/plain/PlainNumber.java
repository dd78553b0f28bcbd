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
 * @param size null where the standard's series are not told apart, or leave it out
 * @param film {@code dry greased unknown}
 */
public record PlainNumber(
        PlainForm form,
        boolean leftHand,
        double boreMm,
        @Nullable PlainSize size,
        String film,
        boolean sealed) {

    private static final Pattern NUMBERED =
            Pattern.compile("(GE|SI|SA)([A-Z]{0,4}?)\\s*[- " + "]?\\s*(\\d{1,3})(?!\\d)\\s*(.*)");
    private static final Pattern DRY = Pattern.compile("E?[CT]|TX[A-Z0-9]*");
    private static final Pattern BUSH =
            Pattern.compile("(\\d+(?:\\.\\d+)?)\\s*[xX×/]\\s*(\\d+(?:\\.\\d+)?)\\s*[xX×/]\\s*(\\d+(?:\\.\\d+)?)");

    /** Of the outer ring; null where neither the text nor the standard tells. */
    public @Nullable Double outsideMm() {
        return size == null ? null : size.outsideMm();
    }

    /** Of the sliding face; null where neither tells. */
    public @Nullable Double widthMm() {
        return size == null ? null : Double.valueOf(size.outerMm());
    }

    /** Diameter that it slides on, sphere or bore; null where the sphere is not known. */
    public @Nullable Double slidingMm() {
        return size == null ? null : Double.valueOf(size.ballMm());
    }

    /** Empty where it is none of them. */
    public static Optional<PlainNumber> read(String text) {
        String upper = text.strip().toUpperCase(Locale.ROOT).replace('_', ' ');
        Matcher bush = BUSH.matcher(upper);
        if (bush.matches()) {
            double bore = Double.parseDouble(bush.group(1));
            double outside = Double.parseDouble(bush.group(2));
            double width = Double.parseDouble(bush.group(3));
            return bore > 0 && outside > bore
                    ? Optional.of(new PlainNumber(
                            PlainForm.BUSH,
                            false,
                            bore,
                            new PlainSize(PlainForm.BUSH, "", bore, outside, width, width, bore, ""),
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
        return new PlainNumber(
                form,
                form.threaded() && before.startsWith("L"),
                bore,
                series(form, before, behind)
                        .flatMap(series -> PlainSize.of(form, series, bore))
                        .orElse(null),
                film(behind),
                behind.contains("2RS"));
    }

    /** K before the bore or E behind it; a rod end without either may be of both, whose widths differ. */
    private static Optional<String> series(PlainForm form, String before, String behind) {
        return form == PlainForm.SPHERICAL || behind.startsWith("E")
                ? Optional.of("E")
                : before.contains("K") ? Optional.of("K") : Optional.empty();
    }

    /** By the marks behind the bore: letters before it are a series' or a maker's. */
    private static String film(String behind) {
        for (String mark : behind.split("\\s+")) {
            if (DRY.matcher(mark).matches()) {
                return "dry";
            }
            if (mark.matches("E?S")) {
                return "greased";
            }
        }
        return "unknown";
    }
}
