package unbo.core.tools.vehicle;

import java.util.ArrayList;
import java.util.List;

import unbo.core.drawing.Point;
import unbo.core.table.Table;
import unbo.core.table.TableRow;

/**
 * Where a position stands in the drawing of its vehicle, from {@code spots.csv}; lengths in the drawing's unit.
 *
 * @param plan what is drawn: a kind of vehicle, of a trailer by its axles
 * @param at its middle
 * @param words where what is said of it stands
 * @param asked true where Diagnose knows it
 */
public record Spot(String plan, String position, Point at, double width, double height, Words words, boolean asked) {

    /**
     * Where it is said.
     *
     * @param reach how far from its middle a figure stands beside it
     * @param side −1 left, 1 right
     * @param row height at the sheet's edge where its name stands
     */
    public record Words(double reach, int side, double row) {}

    private static final List<Spot> ALL = read();

    /** Those of a vehicle, in the order of the file. @param axles of a trailer; of others it does not matter */
    public static List<Spot> of(String kind, int axles) {
        String plan = kind.equals("trailer") && axles > 1 ? kind + "-" + axles : kind;
        return ALL.stream().filter(spot -> spot.plan.equals(plan)).toList();
    }

    private static List<Spot> read() {
        List<Spot> all = new ArrayList<>();
        for (TableRow row : Table.read(Spot.class, "spots.csv")) {
            all.add(new Spot(
                    row.word("plan"),
                    row.word("position"),
                    Point.of(row.number("x"), row.number("y")),
                    row.number("width"),
                    row.number("height"),
                    new Words(row.number("reach"), row.word("side").equals("left") ? -1 : 1, row.number("row")),
                    row.yes("asked")));
        }
        return List.copyOf(all);
    }
}
