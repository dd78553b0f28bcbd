package unbo.core.bearing;

import java.util.ArrayList;
import java.util.List;

import unbo.core.table.Table;
import unbo.core.table.TableRow;

/** A factor of ISO 281 over Dw/dm, linear between the rows of its table, the ends held. */
record Factors(List<Row> rows) {

    /**
     * One row.
     *
     * @param gamma Dw·cos α/dm, a plain number
     * @param fc of ISO 281, for newtons and millimetres
     */
    record Row(double gamma, double fc) {}

    static Factors read(String file) {
        List<Row> rows = new ArrayList<>();
        for (TableRow row : Table.read(Factors.class, file)) {
            rows.add(new Row(row.number("gamma"), row.number("fc")));
        }
        return new Factors(List.copyOf(rows));
    }

    double at(double gamma) {
        Row before = rows.get(0);
        for (Row row : rows) {
            if (gamma <= row.gamma()) {
                return row == before
                        ? row.fc()
                        : before.fc()
                                + (row.fc() - before.fc()) * (gamma - before.gamma()) / (row.gamma() - before.gamma());
            }
            before = row;
        }
        return before.fc();
    }
}
