package unbo.core.bearing;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

import org.jspecify.annotations.Nullable;

import unbo.core.table.Table;
import unbo.core.table.TableRow;

/** Size and runout by tolerance class, radial bearings except tapered (ISO 492), µm; the upper deviation is 0. */
public final class Tolerances {

    /**
     * One class. @param lowerUm lower deviation, as a positive number @param runoutUm radial runout of the inner ring;
     * null for the outside
     */
    public record Band(
            String code, double lowerUm, @Nullable Double runoutUm) {}

    private record Row(boolean bore, double overMm, double toMm, Band band) {}

    private static final List<Row> ROWS = read();

    private Tolerances() {}

    /** True where these bands are a bearing's: radial, no taper, no drawn cup, none that is made to a head's angles. */
    public static boolean cover(Bearing bearing) {
        return !bearing.kind().taper()
                && !bearing.kind().axial()
                && !bearing.plusTolerances()
                && bearing.kind() != BearingKind.DRAWN_CUP_NEEDLE_ROLLER
                && bearing.kind() != BearingKind.NEEDLE_CAGE
                && bearing.kind() != BearingKind.HEADSET_ANGULAR_CONTACT;
    }

    /** The classes of a bore, P0 first; empty where none are listed. */
    public static List<Band> bore(double mm) {
        return of(true, mm);
    }

    /** The classes of an outside diameter, P0 first. */
    public static List<Band> outside(double mm) {
        return of(false, mm);
    }

    public static Optional<Band> bore(double mm, String code) {
        return bore(mm).stream().filter(b -> b.code().equals(code)).findFirst();
    }

    private static List<Band> of(boolean bore, double mm) {
        return ROWS.stream()
                .filter(r -> r.bore() == bore && mm > r.overMm() && mm <= r.toMm())
                .map(Row::band)
                .toList();
    }

    private static List<Row> read() {
        List<Row> rows = new ArrayList<>();
        for (TableRow row : Table.read(Tolerances.class, "tolerances.csv")) {
            rows.add(new Row(
                    row.get("of").equals("bore"),
                    row.number("over"),
                    row.number("to"),
                    new Band(row.get("class"), row.number("lower"), row.maybe("runout"))));
        }
        return List.copyOf(rows);
    }
}
