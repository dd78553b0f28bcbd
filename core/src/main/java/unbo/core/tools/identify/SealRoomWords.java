package unbo.core.tools.identify;

import static java.util.Objects.requireNonNull;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

import unbo.core.answer.Answer;
import unbo.core.designation.SealSize;
import unbo.core.drawing.Drawing;
import unbo.core.drawing.Known;
import unbo.core.drawing.Point;
import unbo.core.drawing.Role;
import unbo.core.drawing.Shape;
import unbo.core.finding.Finding;
import unbo.core.finding.Level;
import unbo.core.identify.SealRoom;
import unbo.core.measure.Show;
import unbo.core.table.Table;
import unbo.core.worksheet.Worksheet;

/** A shaft seal on its seat, in print. */
public final class SealRoomWords {

    private static final double SHIFT_MM = 1;
    private static final double GROOVE_MM = 0.1;
    private static final Map<String, String> LIPS = lips();

    private SealRoomWords() {}

    public static Answer answer(SealRoom.Input in) {
        SealSize s = in.size();
        List<Finding> findings = new ArrayList<>();
        Double room = SealRoom.room(in);
        boolean worn = in.grooveMm() != null && in.grooveMm() >= GROOVE_MM;
        if (room != null && room < 0) {
            findings.add(new Finding(
                    "seal-deep",
                    Level.STOP,
                    "Driven flush it would come within " + Show.number(SealRoom.FREE_MM, 1)
                            + " mm of the bearing: leave it standing out, or take a narrower one."));
        } else if (worn && room != null) {
            findings.add(
                    room >= SHIFT_MM
                            ? new Finding(
                                    "seal-shift",
                                    Level.RIGHT,
                                    "It can be driven " + Show.number(Math.min(2, room), 1)
                                            + " mm deeper, off the worn track.")
                            : new Finding(
                                    "seal-sleeve",
                                    Level.SOON,
                                    "There is no room to move it by " + Show.number(SHIFT_MM, 0)
                                            + " mm: fit a repair sleeve, or renew the shaft."));
        } else if (worn) {
            findings.add(new Finding(
                    "seal-worn",
                    Level.WATCH,
                    "A groove of " + Show.number(requireNonNull(in.grooveMm()), 2)
                            + " mm leaks: measure the seat's depth to see whether the seal can be moved."));
        }
        String lip = LIPS.get(in.type());
        List<String> sentences = new ArrayList<>();
        sentences.add(
                in.type().isEmpty()
                        ? "No type is stamped: look whether there is a second, springless lip, for dust."
                        : in.type() + ": " + (lip == null ? "not known here; compare the old one" : lip) + ".");
        sentences.add("The lip with the spring faces what is to be kept in (or out, where dirt is "
                + "the trouble). Spring in place, lip greased; start it by thumb, drive it flat "
                + "on its full face.");
        return new Answer(
                List.of(
                        new Answer.Figure(
                                "shaft × outside × width",
                                Show.number(s.shaftMm(), 2) + "×" + Show.number(s.outsideMm(), 2) + "×"
                                        + Show.number(s.widthMm(), 2),
                                "mm",
                                ""),
                        new Answer.Figure(
                                "room to move it",
                                room == null ? "not measured" : Show.number(room, 1),
                                room == null ? "" : "mm",
                                "")),
                findings,
                sentences,
                new Worksheet(
                        "Which seal, and is there room to move it?",
                        List.of(
                                Worksheet.given(
                                        "d × D × b",
                                        "size",
                                        Show.number(s.shaftMm(), 2) + " × " + Show.number(s.outsideMm(), 2) + " × "
                                                + Show.number(s.widthMm(), 2) + " mm"),
                                Worksheet.judged(
                                        "",
                                        "room to move",
                                        "seat depth − width − " + Show.number(SealRoom.FREE_MM, 1) + " mm",
                                        room == null ? "–" : Show.number(room, 2) + " mm",
                                        "1 to 2 mm take it off the track"),
                                Worksheet.judged(
                                        "",
                                        "groove in the shaft",
                                        "",
                                        in.grooveMm() == null ? "–" : Show.number(in.grooveMm(), 2) + " mm",
                                        "under 0.1 mm may run")),
                        List.of("Sizes and lip types: ISO 6194-1.")),
                List.of(drawing(in, LIPS.getOrDefault(in.type(), "").contains("dust"))));
    }

    /**
     * The seal in half section, to scale, on its shaft, spring side to the left; the seat dashed where it was measured.
     */
    private static Drawing drawing(SealRoom.Input in, boolean dust) {
        SealSize s = in.size();
        double k = Math.min(150 / (s.outsideMm() / 2), 26);
        double r = s.shaftMm() / 2;
        double out = s.outsideMm() / 2;
        double b = s.widthMm() / 2;
        double high = out - r;
        List<Shape> shapes = new ArrayList<>();
        shapes.add(area(Role.PART, k, -b * 4, 0, b * 4, 0, b * 4, r, -b * 4, r));
        shapes.add(area(
                Role.RUBBER,
                k,
                -b,
                out,
                b,
                out,
                b,
                r + high * 0.45,
                b * 0.4,
                r + high * 0.1,
                b * 0.1,
                r,
                -b * 0.1,
                r,
                -b * 0.5,
                r + high * 0.12,
                -b * 0.8,
                r + high * 0.42,
                -b * 0.55,
                r + high * 0.46,
                -b * 0.1,
                r + high * 0.2,
                b * 0.55,
                r + high * 0.6,
                b * 0.55,
                out - high * 0.16,
                -b,
                out - high * 0.16));
        shapes.add(new Shape.Circle(
                Point.of(-b * 0.42 * k, -(r + high * 0.32) * k), high * 0.075 * k, Role.PART, Known.ESTIMATED));
        if (dust) {
            shapes.add(area(Role.RUBBER, k, b * 0.6, r + high * 0.3, b, r + high * 0.38, b * 1.25, r, b * 1.1, r));
        }
        shapes.add(Shape.line(Role.CENTRE, Point.of(-b * 5 * k, 0), Point.of(b * 5 * k, 0)));
        if (in.seatMm() != null) {
            double end = b - in.seatMm();
            shapes.add(new Shape.Outline(
                    List.of(
                            Point.of(b * k, -(out + 0.02 * out) * k),
                            Point.of(end * k, -(out + 0.02 * out) * k),
                            Point.of(end * k, -(r + high * 0.5) * k)),
                    false,
                    Role.BEHIND,
                    Known.ESTIMATED));
            shapes.add(new Shape.Label(Point.of(end * k - 4, -(r + high * 0.75) * k), "bearing", "end", 10, Role.THIN));
        }
        double side = b * 4 * k;
        shapes.add(new Shape.Dimension(
                Point.of(b * 2 * k, 0),
                Point.of(b * 2 * k, -r * k),
                Point.of(side + 18, 0),
                Point.of(side + 18, -r * k),
                "",
                11,
                Known.TABLE));
        shapes.add(new Shape.Label(
                Point.of(side + 24, -r * k / 2), "Ø " + Show.number(s.shaftMm(), 2), "start", 13, Role.MARK));
        shapes.add(new Shape.Dimension(
                Point.of(b * k, 0),
                Point.of(b * k, -out * k),
                Point.of(side + 86, 0),
                Point.of(side + 86, -out * k),
                "",
                11,
                Known.TABLE));
        shapes.add(new Shape.Label(
                Point.of(side + 92, -out * k / 2), "Ø " + Show.number(s.outsideMm(), 2), "start", 13, Role.MARK));
        shapes.add(new Shape.Label(Point.of(0, -out * k - 12), Show.number(s.widthMm(), 2), "middle", 13, Role.MARK));
        shapes.add(new Shape.Label(Point.of(-side, -out * k - 12), "kept in", "start", 11, Role.ANSWER));
        double half = Math.max(side + 170, 260);
        return new Drawing(
                "seal",
                "The seal in half section on its shaft, to scale; the lip's section is usual, spring side to the left",
                -half,
                -out * k - 28,
                2 * half,
                out * k + 44,
                shapes);
    }

    private static Shape area(Role role, double k, double... xr) {
        List<Point> points = new ArrayList<>();
        for (int i = 0; i < xr.length; i += 2) {
            points.add(Point.of(xr[i] * k, -xr[i + 1] * k));
        }
        return new Shape.Outline(points, true, role, Known.TABLE);
    }

    private static Map<String, String> lips() {
        Map<String, String> lips = new LinkedHashMap<>();
        Table.read(SealSize.class, "lips.csv").forEach(row -> lips.put(row.get("type"), row.get("means")));
        return lips;
    }
}
