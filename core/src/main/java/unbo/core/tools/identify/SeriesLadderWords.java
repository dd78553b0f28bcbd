package unbo.core.tools.identify;

import java.util.ArrayList;
import java.util.List;

import unbo.core.answer.Answer;
import unbo.core.bearing.Boundary;
import unbo.core.drawing.Drawing;
import unbo.core.drawing.Known;
import unbo.core.drawing.Point;
import unbo.core.drawing.Role;
import unbo.core.drawing.Shape;
import unbo.core.finding.Finding;
import unbo.core.finding.Level;
import unbo.core.identify.SeriesLadder;
import unbo.core.measure.Show;
import unbo.core.worksheet.Worksheet;

/** The series of one bore, in print. */
public final class SeriesLadderWords {

    private static final double WIDE = 680;
    private static final double GAP = 10;
    private static final double LABEL = 10;

    private SeriesLadderWords() {}

    public static Answer answer(SeriesLadder.Rung of) {
        List<Boundary> rungs = SeriesLadder.rungs(of);
        Answer.Figure count = new Answer.Figure(
                "listed with this bore",
                String.valueOf(rungs.size()),
                "",
                of.kind().words());
        if (rungs.isEmpty()) {
            return new Answer(
                    List.of(count),
                    List.of(new Finding(
                            "ladder-none",
                            Level.OPEN,
                            "No " + of.kind().words()
                                    + " of this bore is listed: measure again, or choose another kind.")),
                    List.of(),
                    sheet(rungs),
                    List.of());
        }
        Boundary last = rungs.get(rungs.size() - 1);
        return new Answer(
                List.of(
                        count,
                        new Answer.Figure(
                                "outside, smallest to largest",
                                Show.number(rungs.get(0).outsideMm(), 2) + " to " + Show.number(last.outsideMm(), 2),
                                "mm",
                                "")),
                List.of(),
                List.of("Hold the ring's section against the picture: height over the bore, then width. Then measure."),
                sheet(rungs),
                List.of(drawing(rungs)));
    }

    private static Worksheet sheet(List<Boundary> rungs) {
        return new Worksheet(
                "Which series have this bore?",
                rungs.stream()
                        .map(b -> Worksheet.given(
                                b.designation(),
                                "series " + b.series(),
                                Show.number(b.boreMm(), 2) + " × " + Show.number(b.outsideMm(), 2) + " × "
                                        + Show.number(b.widthMm(), 2) + " mm"))
                        .toList(),
                List.of("ISO 15, ISO 355, ISO 104 dimension plans."));
    }

    /** True to scale in both directions; rows are begun anew where the sheet ends. */
    public static Drawing drawing(List<Boundary> rungs) {
        double high = rungs.stream()
                .mapToDouble(b -> (b.outsideMm() - b.boreMm()) / 2)
                .max()
                .orElseThrow();
        double widest = rungs.stream().mapToDouble(Boundary::widthMm).max().orElseThrow();
        double scale = Math.min(120 / high, 90 / widest);
        List<Shape> shapes = new ArrayList<>();
        double x = 0;
        double line = high * scale;
        double row = line + 3.6 * LABEL + 18;
        for (Boundary b : rungs) {
            double w = b.widthMm() * scale;
            double h = (b.outsideMm() - b.boreMm()) / 2 * scale;
            double room = Math.max(w, 5.4 * LABEL) + GAP;
            if (x + room > WIDE) {
                x = 0;
                line += row;
            }
            double middle = x + room / 2;
            shapes.add(Shape.area(
                    Role.SOLID,
                    Known.TABLE,
                    Point.of(middle - w / 2, line),
                    Point.of(middle + w / 2, line),
                    Point.of(middle + w / 2, line - h),
                    Point.of(middle - w / 2, line - h)));
            shapes.add(Shape.line(Role.THIN, Point.of(x, line), Point.of(x + room, line)));
            shapes.add(new Shape.Label(
                    Point.of(middle, line + LABEL * 1.1), b.designation(), "middle", LABEL * 1.15, Role.ANSWER));
            shapes.add(new Shape.Label(
                    Point.of(middle, line + LABEL * 2.3),
                    Show.number(b.outsideMm(), 2) + " × " + Show.number(b.widthMm(), 2),
                    "middle",
                    LABEL * 0.85,
                    Role.MARK));
            x += room;
        }
        return new Drawing(
                "ladder",
                "Sections of all series over one bore line, to one scale, under each its "
                        + "number, outside and width in mm",
                -4,
                -8,
                WIDE + 8,
                line + 3 * LABEL + 12,
                shapes);
    }
}
