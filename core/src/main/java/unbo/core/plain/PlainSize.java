package unbo.core.plain;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

import org.jspecify.annotations.Nullable;

import unbo.core.table.Table;
import unbo.core.table.TableRow;

/**
 * Sizes of spherical plain bearings (ISO 12240-1, series E) and rod ends (ISO 12240-4, series E and K), mm.
 *
 * @param outsideMm of the outer ring; null for rod ends, whose head is the maker's
 * @param innerMm width of the ball ring
 * @param outerMm width of the outer ring or of the head's race
 * @param ballMm diameter of the sphere it slides on
 * @param thread of the shank; empty where it has none
 */
public record PlainSize(
        PlainForm form,
        String series,
        double boreMm,
        @Nullable Double outsideMm,
        double innerMm,
        double outerMm,
        double ballMm,
        String thread) {

    private static final List<PlainSize> ALL = read();

    public static List<PlainSize> all() {
        return ALL;
    }

    /** Of a form, a series and a bore; empty where the series leaves it out. @param series {@code E} or {@code K} */
    public static Optional<PlainSize> of(PlainForm form, String series, double boreMm) {
        PlainForm listed = form.threaded() ? PlainForm.ROD_END_FEMALE : form;
        return ALL.stream()
                .filter(s -> s.form == listed && s.series.equals(series) && s.boreMm == boreMm)
                .findFirst()
                .map(s -> new PlainSize(form, s.series, boreMm, s.outsideMm, s.innerMm, s.outerMm, s.ballMm, s.thread));
    }

    private static List<PlainSize> read() {
        List<PlainSize> all = new ArrayList<>();
        for (TableRow row : Table.read(PlainSize.class, "sizes.csv")) {
            all.add(new PlainSize(
                    row.get("form").equals("rod-end") ? PlainForm.ROD_END_FEMALE : PlainForm.SPHERICAL,
                    row.get("series"),
                    row.number("bore"),
                    row.maybe("outside"),
                    row.number("inner_width"),
                    row.number("outer_width"),
                    row.number("ball"),
                    row.get("thread")));
        }
        return List.copyOf(all);
    }
}
