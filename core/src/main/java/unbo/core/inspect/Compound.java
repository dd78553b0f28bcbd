package unbo.core.inspect;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

import unbo.core.table.Table;
import unbo.core.table.TableRow;

/**
 * A family of retaining compounds by the diametral gap it bridges. Full cure takes a day at 20 °C and about twice as
 * long for each 10 °C colder. It fills, it does not centre: eccentric by up to half the gap.
 */
public record Compound(double mostGapMm, String name) {

    private static final double DAY_H = 24;
    private static final double USUAL_C = 20;
    private static final double DOUBLES_K = 10;
    private static final List<Compound> ALL = read();

    /** The thinnest that bridges a gap; empty over 0.5 mm. */
    public static Optional<Compound> of(double gapMm) {
        return ALL.stream().filter(c -> gapMm <= c.mostGapMm() + 1e-9).findFirst();
    }

    /** Hours to full cure; warmer than 20 °C counts as 20. */
    public static double cureHours(double celsius) {
        return DAY_H * Math.pow(2, Math.max(0, USUAL_C - celsius) / DOUBLES_K);
    }

    private static List<Compound> read() {
        List<Compound> all = new ArrayList<>();
        for (TableRow row : Table.read(Compound.class, "compounds.csv")) {
            all.add(new Compound(row.number("gap_mm"), row.get("name")));
        }
        return List.copyOf(all);
    }
}
