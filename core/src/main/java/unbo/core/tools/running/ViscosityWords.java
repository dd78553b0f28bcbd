package unbo.core.tools.running;

import java.util.ArrayList;
import java.util.List;

import unbo.core.answer.Answer;
import unbo.core.drawing.Drawing;
import unbo.core.drawing.Known;
import unbo.core.drawing.Point;
import unbo.core.drawing.Role;
import unbo.core.drawing.Shape;
import unbo.core.drawing.ValueTable;
import unbo.core.finding.Finding;
import unbo.core.finding.Level;
import unbo.core.lubrication.Viscosity;
import unbo.core.measure.Show;
import unbo.core.worksheet.Worksheet;

/** The oil film, in print. */
public final class ViscosityWords {

    private ViscosityWords() {}

    public static Answer answer(Viscosity viscosity) {
        Finding finding = viscosity.kappa() < 0.4
                ? new Finding(
                        "kappa-low",
                        Level.SOON,
                        "κ " + Show.number(viscosity.kappa(), 2)
                                + ": metal touches metal. EP additives are needed, and wear is to be expected: a "
                                + "thicker base oil.")
                : viscosity.kappa() < 1
                        ? new Finding(
                                "kappa-mixed",
                                Level.WATCH,
                                "κ " + Show.number(viscosity.kappa(), 2) + ": mixed film. EP is advised.")
                        : viscosity.kappa() <= 4
                                ? new Finding(
                                        "kappa-good",
                                        Level.RIGHT,
                                        "κ " + Show.number(viscosity.kappa(), 2) + ": a full film.")
                                : new Finding(
                                        "kappa-thick",
                                        Level.WATCH,
                                        "κ " + Show.number(viscosity.kappa(), 2)
                                                + ": thicker than of use: more drag, no more life.");
        return new Answer(
                        List.of(
                                Answer.Figure.number("κ", viscosity.kappa(), 2, "", "1 to 4 is good"),
                                Answer.Figure.number(
                                        "at " + Show.number(viscosity.input().celsius(), 0) + " °C",
                                        viscosity.nu(),
                                        1,
                                        "mm²/s",
                                        ""),
                                Answer.Figure.number("needed", viscosity.nuRequired(), 1, "mm²/s", "")),
                        List.of(finding),
                        List.of(),
                        new Worksheet(
                                "Is the oil film thick enough?",
                                List.of(
                                        Worksheet.given(
                                                "ν40, ν100",
                                                "base oil",
                                                Show.number(viscosity.input().nu40(), 1) + ", "
                                                        + Show.number(
                                                                viscosity
                                                                        .input()
                                                                        .nu100(),
                                                                1) + " mm²/s"),
                                        Worksheet.computed(
                                                "ν",
                                                "at running temperature",
                                                "log log(ν + 0.7) = A − B·log T",
                                                Show.number(viscosity.nu(), 2) + " mm²/s"),
                                        Worksheet.computed(
                                                "ν1",
                                                "needed",
                                                viscosity.input().rpm() < Viscosity.SLOW_RPM
                                                        ? "45000·n^−0.83·dm^−0.5"
                                                        : "4500·n^−0.5·dm^−0.5",
                                                Show.number(viscosity.nuRequired(), 2) + " mm²/s"),
                                        Worksheet.judged(
                                                "κ",
                                                "ratio",
                                                "ν/ν1",
                                                Show.number(viscosity.kappa(), 3),
                                                "0.4 / 1 / 4")),
                                List.of("ASTM D341; ISO 281.")),
                        List.of(chart(viscosity)))
                .with(ValueTable.over(
                        "viscosity",
                        "Viscosity over temperature",
                        List.of("°C", "mm²/s"),
                        0,
                        120,
                        List.of(t -> Viscosity.at(
                                viscosity.input().nu40(), viscosity.input().nu100(), t))));
    }

    /** The oil's straight line on log log ν over log T, with what is needed and where it runs. */
    private static Drawing chart(Viscosity viscosity) {
        double width = 420;
        double high = 230;
        double low = Math.log10(Math.log10(2.7));
        double top = Math.log10(Math.log10(Math.max(
                        1000,
                        Viscosity.at(viscosity.input().nu40(), viscosity.input().nu100(), 0))
                + 0.7));
        List<Shape> shapes = new ArrayList<>();
        for (double nuLine : new double[] {3, 5, 10, 20, 50, 100, 200, 500, 1000}) {
            double y = y(nuLine, low, top, high);
            shapes.add(Shape.line(Role.THIN, Point.of(0, y), Point.of(width, y)));
            shapes.add(new Shape.Label(Point.of(-6, y), Show.number(nuLine, 0), "end", 11, Role.THIN));
        }
        for (double t = 0; t <= 120; t += 20) {
            double x = x(t, width);
            shapes.add(Shape.line(Role.THIN, Point.of(x, 0), Point.of(x, high)));
            shapes.add(new Shape.Label(Point.of(x, high + 12), Show.number(t, 0), "middle", 11, Role.THIN));
        }
        shapes.add(new Shape.Label(Point.of(width, high + 27), "°C", "end", 11, Role.MARK));
        shapes.add(new Shape.Label(Point.of(0, -12), "mm²/s", "end", 11, Role.MARK));
        shapes.add(new Shape.Outline(
                List.of(
                        Point.of(
                                x(0, width),
                                y(
                                        Viscosity.at(
                                                viscosity.input().nu40(),
                                                viscosity.input().nu100(),
                                                0),
                                        low,
                                        top,
                                        high)),
                        Point.of(
                                x(120, width),
                                y(
                                        Viscosity.at(
                                                viscosity.input().nu40(),
                                                viscosity.input().nu100(),
                                                120),
                                        low,
                                        top,
                                        high))),
                false,
                Role.MARK,
                Known.MEASURED));
        double yNeed = y(viscosity.nuRequired(), low, top, high);
        shapes.add(Shape.line(Role.CENTRE, Point.of(0, yNeed), Point.of(width, yNeed)));
        shapes.add(new Shape.Label(
                Point.of(width + 6, yNeed),
                "needed " + Show.number(viscosity.nuRequired(), 0),
                "start",
                12,
                Role.MARK));
        double px = x(Math.max(0, Math.min(120, viscosity.input().celsius())), width);
        double py = y(viscosity.nu(), low, top, high);
        shapes.add(new Shape.Circle(Point.of(px, py), 5, Role.ANSWER, Known.MEASURED));
        shapes.add(new Shape.Label(
                Point.of(px + 9, py - 12),
                Show.number(viscosity.nu(), 1) + " mm²/s, κ " + Show.number(viscosity.kappa(), 2),
                "start",
                14,
                Role.ANSWER));
        return new Drawing(
                "viscosity",
                "Viscosity over temperature on the axes of ASTM D341; κ " + Show.number(viscosity.kappa(), 2),
                -48,
                -24,
                width + 170,
                high + 60,
                shapes);
    }

    private static double x(double celsius, double width) {
        double from = Math.log10(Viscosity.KELVIN);
        return (Math.log10(celsius + Viscosity.KELVIN) - from) / (Math.log10(120 + Viscosity.KELVIN) - from) * width;
    }

    private static double y(double nuAt, double low, double top, double high) {
        return high - (Math.log10(Math.log10(nuAt + 0.7)) - low) / (top - low) * high;
    }
}
