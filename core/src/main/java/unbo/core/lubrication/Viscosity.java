package unbo.core.lubrication;

import java.util.ArrayList;
import java.util.List;

import unbo.core.answer.Answer;
import unbo.core.drawing.Drawing;
import unbo.core.drawing.Known;
import unbo.core.drawing.Point;
import unbo.core.drawing.Role;
import unbo.core.drawing.Shape;
import unbo.core.drawing.ValueTable;
import unbo.core.fact.FactKey;
import unbo.core.finding.Finding;
import unbo.core.finding.Level;
import unbo.core.input.Field;
import unbo.core.input.FieldList;
import unbo.core.input.Problem;
import unbo.core.input.Values;
import unbo.core.measure.Quantity;
import unbo.core.measure.Show;
import unbo.core.worksheet.Worksheet;

/**
 * Base oil at its running temperature against what the bearing needs: ν by ASTM D341 from ν40 and ν100, ν1 by ISO 281
 * (45 000·n^−0.83·dm^−0.5 under 1000 rpm, 4500·n^−0.5·dm^−0.5 from there), κ = ν/ν1.
 *
 * @param nu at the temperature, mm²/s
 * @param nuRequired ν1, mm²/s
 */
public record Viscosity(Input input, double nu, double nuRequired, double kappa) {

    private static final double KELVIN = 273.15;
    private static final double SLOW_RPM = 1000;

    public record Input(double nu40, double nu100, double celsius, double rpm, double pitchMm) {}

    public static final FieldList<Input> LIST = FieldList.of(
            List.of(
                    Field.quantity("nu40", "Base oil at 40 °C", Quantity.VISCOSITY, "mm²/s", 2, 5000)
                            .usually(10, 1000)
                            .must()
                            .hint("from the grease's or oil's sheet"),
                    Field.quantity("nu100", "Base oil at 100 °C", Quantity.VISCOSITY, "mm²/s", 1, 500)
                            .usually(2, 60)
                            .must(),
                    Field.quantity("temperature", "Runs at", Quantity.TEMPERATURE, "°C", -40, 200)
                            .from(FactKey.HUB_HEAT)
                            .usually(20, 110)
                            .orElse("70", "a warm hub"),
                    Field.quantity("rpm", "Speed", Quantity.ROTATION, "rpm", 1, 60_000)
                            .usually(20, 15_000)
                            .must(),
                    Field.quantity("pitchMm", "Pitch diameter", Quantity.LENGTH, "mm", 3, 500)
                            .usually(10, 150)
                            .must()),
            Viscosity::rules,
            v -> new Input(
                    v.number("nu40"),
                    v.number("nu100"),
                    v.number("temperature"),
                    v.number("rpm"),
                    v.number("pitchMm")));

    private static List<Problem> rules(Values v) {
        return v.number("nu100") < v.number("nu40")
                ? List.of()
                : List.of(Problem.impossible(
                        "nu100",
                        "Oil is thinner when hot: at 100 °C it must be under the " + Show.number(v.number("nu40"), 1)
                                + " mm²/s of 40 °C."));
    }

    public static Viscosity of(Input in) {
        double nu = at(in.nu40(), in.nu100(), in.celsius());
        double needed = required(in.rpm(), in.pitchMm());
        return new Viscosity(in, nu, needed, nu / needed);
    }

    /** ν at a temperature: log10 log10(ν + 0.7) is a straight line over log10 T. */
    public static double at(double nu40, double nu100, double celsius) {
        double x40 = Math.log10(40 + KELVIN);
        double x100 = Math.log10(100 + KELVIN);
        double y40 = Math.log10(Math.log10(nu40 + 0.7));
        double b = (y40 - Math.log10(Math.log10(nu100 + 0.7))) / (x100 - x40);
        return Math.pow(10, Math.pow(10, y40 - b * (Math.log10(celsius + KELVIN) - x40))) - 0.7;
    }

    /** ν1, mm²/s. */
    public static double required(double rpm, double pitchMm) {
        return rpm < SLOW_RPM ? 45_000 * Math.pow(rpm, -0.83) / Math.sqrt(pitchMm) : 4500 / Math.sqrt(rpm * pitchMm);
    }

    /** It in print. */
    public Answer answer() {
        Finding finding = kappa < 0.4
                ? new Finding(
                        "kappa-low",
                        Level.SOON,
                        "κ " + Show.number(kappa, 2)
                                + ": metal touches metal. EP additives are needed, and wear is to be expected: a "
                                + "thicker base oil.")
                : kappa < 1
                        ? new Finding(
                                "kappa-mixed",
                                Level.WATCH,
                                "κ " + Show.number(kappa, 2) + ": mixed film. EP is advised.")
                        : kappa <= 4
                                ? new Finding(
                                        "kappa-good", Level.RIGHT, "κ " + Show.number(kappa, 2) + ": a full film.")
                                : new Finding(
                                        "kappa-thick",
                                        Level.WATCH,
                                        "κ " + Show.number(kappa, 2)
                                                + ": thicker than of use: more drag, no more life.");
        return new Answer(
                        List.of(
                                new Answer.Figure("κ", Show.number(kappa, 2), "", "1 to 4 is good"),
                                new Answer.Figure(
                                        "at " + Show.number(input.celsius(), 0) + " °C",
                                        Show.number(nu, 1),
                                        "mm²/s",
                                        ""),
                                new Answer.Figure("needed", Show.number(nuRequired, 1), "mm²/s", "")),
                        List.of(finding),
                        List.of(),
                        new Worksheet(
                                "Is the oil film thick enough?",
                                List.of(
                                        Worksheet.given(
                                                "ν40, ν100",
                                                "base oil",
                                                Show.number(input.nu40(), 1) + ", " + Show.number(input.nu100(), 1)
                                                        + " mm²/s"),
                                        Worksheet.computed(
                                                "ν",
                                                "at running temperature",
                                                "log log(ν + 0.7) = A − B·log T",
                                                Show.number(nu, 2) + " mm²/s"),
                                        Worksheet.computed(
                                                "ν1",
                                                "needed",
                                                input.rpm() < SLOW_RPM
                                                        ? "45000·n^−0.83·dm^−0.5"
                                                        : "4500·n^−0.5·dm^−0.5",
                                                Show.number(nuRequired, 2) + " mm²/s"),
                                        Worksheet.judged("κ", "ratio", "ν/ν1", Show.number(kappa, 3), "0.4 / 1 / 4")),
                                List.of("ASTM D341; ISO 281.")),
                        List.of(chart()))
                .with(ValueTable.over(
                        "viscosity",
                        "Viscosity over temperature",
                        List.of("°C", "mm²/s"),
                        0,
                        120,
                        List.of(t -> at(input.nu40(), input.nu100(), t))));
    }

    /** The oil's straight line on log log ν over log T, with what is needed and where it runs. */
    private Drawing chart() {
        double width = 420;
        double high = 230;
        double low = Math.log10(Math.log10(2.7));
        double top = Math.log10(Math.log10(Math.max(1000, at(input.nu40(), input.nu100(), 0)) + 0.7));
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
                        Point.of(x(0, width), y(at(input.nu40(), input.nu100(), 0), low, top, high)),
                        Point.of(x(120, width), y(at(input.nu40(), input.nu100(), 120), low, top, high))),
                false,
                Role.MARK,
                Known.MEASURED));
        double yNeed = y(nuRequired, low, top, high);
        shapes.add(Shape.line(Role.CENTRE, Point.of(0, yNeed), Point.of(width, yNeed)));
        shapes.add(new Shape.Label(
                Point.of(width + 6, yNeed), "needed " + Show.number(nuRequired, 0), "start", 12, Role.MARK));
        double px = x(Math.max(0, Math.min(120, input.celsius())), width);
        double py = y(nu, low, top, high);
        shapes.add(new Shape.Circle(Point.of(px, py), 5, Role.ANSWER, Known.MEASURED));
        shapes.add(new Shape.Label(
                Point.of(px + 9, py - 12),
                Show.number(nu, 1) + " mm²/s, κ " + Show.number(kappa, 2),
                "start",
                14,
                Role.ANSWER));
        return new Drawing(
                "viscosity",
                "Viscosity over temperature on the axes of ASTM D341; κ " + Show.number(kappa, 2),
                -48,
                -24,
                width + 170,
                high + 60,
                shapes);
    }

    private static double x(double celsius, double width) {
        double from = Math.log10(KELVIN);
        return (Math.log10(celsius + KELVIN) - from) / (Math.log10(120 + KELVIN) - from) * width;
    }

    private static double y(double nuAt, double low, double top, double high) {
        return high - (Math.log10(Math.log10(nuAt + 0.7)) - low) / (top - low) * high;
    }
}
