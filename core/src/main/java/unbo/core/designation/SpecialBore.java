package unbo.core.designation;

import java.util.List;

import org.jspecify.annotations.Nullable;

import unbo.core.bearing.Boundary;
import unbo.core.measure.Show;

/**
 * A bore that differs from the number's own, written behind it: 6202-5/8 in inches, 6204-12 in sixteenths. Whole
 * figures of 8, 10 and 12 are sixteenths of an inch by custom, 14 and 16 where that lies within 2 mm of the number's
 * bore, all others millimetres.
 *
 * @param text as written
 * @param mm the bore
 * @param inch true where it was told in inches
 * @param chunks how many marks behind the number it takes
 */
record SpecialBore(String text, double mm, boolean inch, int chunks) {

    private static final double INCH_MM = 25.4;
    private static final double NEAR_MM = 2;
    /** Farther from the number's own bore the ring would have no room for its track. */
    private static final double MOST_OFF_MM = 8;

    private static final double LEAST_ROOM = 0.6;

    /** Null where the marks tell no bore. @param text the whole marking, which tells a slash from a hyphen */
    static @Nullable SpecialBore of(List<String> chunks, Boundary row, String text) {
        if (chunks.isEmpty() || !row.kind().deepGroove() || !chunks.get(0).matches("\\d{1,2}")) {
            return null;
        }
        String first = chunks.get(0);
        int figure = Integer.parseInt(first);
        if (chunks.size() > 1 && chunks.get(1).matches("\\d{1,2}") && text.contains(first + "/" + chunks.get(1))) {
            double under = Integer.parseInt(chunks.get(1));
            return near(new SpecialBore(first + "/" + chunks.get(1), rounded(figure / under * INCH_MM), true, 2), row);
        }
        double sixteenths = rounded(figure / 16.0 * INCH_MM);
        boolean custom = figure == 8 || figure == 10 || figure == 12;
        boolean inch = custom || (figure == 14 || figure == 16) && Math.abs(sixteenths - row.boreMm()) <= NEAR_MM;
        return near(new SpecialBore(first, inch ? sixteenths : figure, inch, 1), row);
    }

    private static double rounded(double mm) {
        return Math.round(mm * 1000) / 1000.0;
    }

    private static @Nullable SpecialBore near(SpecialBore bore, Boundary row) {
        boolean room = row.outsideMm() - bore.mm() >= LEAST_ROOM * (row.outsideMm() - row.boreMm());
        return Math.abs(bore.mm() - row.boreMm()) <= MOST_OFF_MM && bore.mm() > 0 && room ? bore : null;
    }

    /** Its size in words. */
    String words() {
        return Show.number(mm, 3) + " mm" + (inch ? " (" + fraction() + " in)" : ", read as millimetres");
    }

    private String fraction() {
        return text.contains("/") ? text : text + "/16";
    }
}
