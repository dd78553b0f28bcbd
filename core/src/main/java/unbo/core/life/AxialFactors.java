package unbo.core.life;

import java.util.List;

import unbo.core.table.Table;

/** e and Y of ISO 281 over f0·Fa/C0, linear between the rows of a table, the ends held. */
record AxialFactors(List<Row> rows) {

    /**
     * One row.
     *
     * @param relative f0·Fa/C0, a plain number
     * @param e a plain number
     */
    record Row(double relative, double e, double y) {

        private Row to(Row next, double value) {
            double t = (value - relative) / (next.relative - relative);
            return new Row(value, e + t * (next.e - e), y + t * (next.y - y));
        }
    }

    static AxialFactors read(String file) {
        return new AxialFactors(Table.read(AxialFactors.class, file).stream()
                .map(r -> new Row(r.number("f0fa_c0"), r.number("e"), r.number("y")))
                .toList());
    }

    Row at(double relative) {
        Row before = rows.get(0);
        for (Row row : rows) {
            if (relative <= row.relative()) {
                return row == before ? row : before.to(row, relative);
            }
            before = row;
        }
        return before;
    }

    /** P = Fr where Fa/Fr ≤ e, else x·Fr + Y·Fa. @param perN f0/C0, 1/N */
    double equivalentN(double x, double radialN, double axialN, double perN) {
        double axial = Math.abs(axialN);
        Row row = at(perN * axial);
        return axial <= row.e() * radialN ? radialN : Math.max(radialN, x * radialN + row.y() * axial);
    }
}
