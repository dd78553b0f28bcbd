package unbo.core.tools.running;

import java.util.ArrayList;
import java.util.List;

import unbo.core.drawing.Drawing;
import unbo.core.drawing.Known;
import unbo.core.drawing.Point;
import unbo.core.drawing.Role;
import unbo.core.drawing.Shape;
import unbo.core.drawing.ValueTable;
import unbo.core.lubrication.Mixing;
import unbo.core.lubrication.Mixture;

/**
 * All thickeners against all as a board: a disc where they mix, a triangle where it is doubtful, a cross where they do
 * not; the pair asked for is framed.
 */
final class MixDrawing {

    private static final double CELL = 38;
    private static final String NAME = "mixing";
    private static final String TITLE = "Which thickeners mix";

    private MixDrawing() {}

    static Drawing of(Mixture.Pair asked) {
        List<Mixing.Thickener> all = Mixing.thickeners();
        double size = all.size() * CELL;
        List<Shape> shapes = new ArrayList<>();
        for (int row = 0; row < all.size(); row++) {
            double y = row * CELL;
            shapes.add(new Shape.Label(
                    Point.of(-10, y + CELL / 2),
                    all.get(row).name(),
                    "end",
                    14,
                    all.get(row).code().equals(asked.a()) ? Role.ANSWER : Role.MARK));
            shapes.add(new Shape.Label(
                    Point.of(y + CELL / 2, -12),
                    all.get(row).code(),
                    "middle",
                    14,
                    all.get(row).code().equals(asked.b()) ? Role.ANSWER : Role.MARK));
            for (int column = 0; column < all.size(); column++) {
                cell(
                        shapes,
                        column * CELL,
                        y,
                        Mixing.of(all.get(row).code(), all.get(column).code()));
            }
        }
        for (int i = 0; i <= all.size(); i++) {
            shapes.add(Shape.line(Role.THIN, Point.of(i * CELL, 0), Point.of(i * CELL, size)));
            shapes.add(Shape.line(Role.THIN, Point.of(0, i * CELL), Point.of(size, i * CELL)));
        }
        frame(shapes, index(all, asked.b()) * CELL, index(all, asked.a()) * CELL);
        double legend = size + 26;
        String[] words = {"compatible", "doubtful: wash out", "incompatible: wash out"};
        Mixing.Verdict[] verdicts = Mixing.Verdict.values();
        for (int i = 0; i < verdicts.length; i++) {
            cell(shapes, i * 150 - 185, legend - CELL / 2, verdicts[i]);
            shapes.add(new Shape.Label(Point.of(i * 150 - 185 + CELL - 4, legend), words[i], "start", 12, Role.MARK));
        }
        return new Drawing(
                NAME,
                TITLE + ": " + asked.a() + " on " + asked.b() + " is "
                        + Mixing.of(asked.a(), asked.b()).word(),
                -190,
                -34,
                size + 230,
                size + 82,
                shapes);
    }

    /** The same in words. */
    static ValueTable table() {
        List<Mixing.Thickener> all = Mixing.thickeners();
        List<String> heads = new ArrayList<>(List.of("on"));
        all.forEach(t -> heads.add(t.code()));
        List<List<String>> rows = new ArrayList<>();
        for (Mixing.Thickener a : all) {
            List<String> row = new ArrayList<>(List.of(a.name()));
            all.forEach(b -> row.add(Mixing.of(a.code(), b.code()).word()));
            rows.add(row);
        }
        return new ValueTable(NAME, TITLE, heads, rows);
    }

    private static int index(List<Mixing.Thickener> all, String code) {
        return all.stream().map(Mixing.Thickener::code).toList().indexOf(code);
    }

    private static void cell(List<Shape> shapes, double x, double y, Mixing.Verdict verdict) {
        double cx = x + CELL / 2;
        double cy = y + CELL / 2;
        switch (verdict) {
            case COMPATIBLE -> shapes.add(new Shape.Circle(Point.of(cx, cy), 8, Role.BAND, Known.TABLE));
            case DOUBTFUL ->
                shapes.add(Shape.area(
                        Role.PAPER,
                        Known.TABLE,
                        Point.of(cx, cy - 9),
                        Point.of(cx + 9, cy + 7),
                        Point.of(cx - 9, cy + 7)));
            case INCOMPATIBLE -> {
                shapes.add(new Shape.Outline(
                        List.of(Point.of(cx - 8, cy - 8), Point.of(cx + 8, cy + 8)), false, Role.OUT, Known.MEASURED));
                shapes.add(new Shape.Outline(
                        List.of(Point.of(cx + 8, cy - 8), Point.of(cx - 8, cy + 8)), false, Role.OUT, Known.MEASURED));
            }
        }
    }

    private static void frame(List<Shape> shapes, double x, double y) {
        Point[] corners = {
            Point.of(x + 1.5, y + 1.5),
            Point.of(x + CELL - 1.5, y + 1.5),
            Point.of(x + CELL - 1.5, y + CELL - 1.5),
            Point.of(x + 1.5, y + CELL - 1.5)
        };
        for (int i = 0; i < corners.length; i++) {
            shapes.add(new Shape.Outline(
                    List.of(corners[i], corners[(i + 1) % corners.length]), false, Role.ANSWER, Known.MEASURED));
        }
    }
}
