package unbo.core.tools.strip;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

import unbo.core.answer.Answer;
import unbo.core.drawing.Drawing;
import unbo.core.drawing.Known;
import unbo.core.drawing.LimitScale;
import unbo.core.drawing.Point;
import unbo.core.drawing.Role;
import unbo.core.drawing.Shape;
import unbo.core.finding.Finding;
import unbo.core.finding.Level;
import unbo.core.fit.Interference;
import unbo.core.inspect.Compound;
import unbo.core.inspect.Seat;
import unbo.core.measure.Show;
import unbo.core.worksheet.Worksheet;

/** A measured seat in print. */
public final class SeatWords {

    private SeatWords() {}

    public static Answer answer(Seat s) {
        boolean gap = s.found().meanUm() < 0;
        List<Answer.Figure> figures = List.of(
                new Answer.Figure(
                                gap ? "gap, mean" : "interference, mean",
                                um(Math.abs(s.found().meanUm())),
                                "µm",
                                um(s.found().minUm()) + " to " + um(s.found().maxUm()) + " µm; wanted "
                                        + um(s.wanted().minUm()) + " to "
                                        + um(s.wanted().maxUm()))
                        .of(Math.abs(s.found().meanUm())),
                Answer.Figure.fixed("mean size", s.meanMm(), 3, "mm", Show.inches(s.meanMm())),
                new Answer.Figure("oval", um(s.ovalMm() * 1000), "µm", "largest less smallest in one plane")
                        .of(s.ovalMm() * 1000),
                new Answer.Figure("taper", um(Math.abs(s.taperMm()) * 1000), "µm", "between the planes")
                        .of(Math.abs(s.taperMm()) * 1000));
        return new Answer(figures, findings(s), options(s), worksheet(s), List.of(shape(s), scale(s)));
    }

    private static List<Finding> findings(Seat s) {
        List<Finding> findings = new ArrayList<>();
        String fit = s.input().fit().seat();
        findings.add(
                switch (s.verdict()) {
                    case RIGHT -> new Finding("seat-right", Level.RIGHT, "The seat holds as " + fit + " should.");
                    case TIGHT ->
                        new Finding(
                                "seat-tight",
                                Level.WATCH,
                                "It is tighter than " + fit
                                        + ": clearance goes, and a ring can crack. Measure again, ask the fit what is "
                                        + "left.");
                    case LOOSE ->
                        new Finding("seat-loose", Level.SOON, "It holds less than the loosest corner of " + fit + ".");
                    case SPUN ->
                        new Finding(
                                "seat-spun",
                                Level.SOON,
                                (s.input().creep()
                                                ? "Creep marks: the ring has turned on its seat. "
                                                : "The ring has room to turn: it will creep. ")
                                        + "Gap up to " + Show.fixed(s.gapMm(), 3) + " mm.");
                });
        if (!s.round()) {
            findings.add(new Finding(
                    "seat-oval",
                    Level.WATCH,
                    "Oval by " + um(s.ovalMm() * 1000) + " µm, tapered by " + um(Math.abs(s.taperMm()) * 1000)
                            + " µm: more than half the band of " + fit + ". The ring takes this shape."));
        }
        return findings;
    }

    /** What can be done, in the order in which it is to be tried. */
    public static List<String> options(Seat s) {
        List<String> options = new ArrayList<>();
        if (s.verdict() == Seat.Verdict.RIGHT || s.verdict() == Seat.Verdict.TIGHT) {
            return options;
        }
        boolean housing = !s.input().fit().inner();
        String part = housing ? "hub or housing" : "shaft or spindle";
        boolean car = s.input().vehicle().equals("car") || s.input().vehicle().equals("van");
        options.add("Renew the " + part
                + (car ? ": on a " + s.input().vehicle() + " the hub renewed is the right repair." : "."));
        options.add("Sleeve it: bored (or ground) round, a sleeve shrunk in, finished to "
                + s.input().fit().seat() + ".");
        Optional<Compound> compound = Compound.of(s.gapMm());
        if (s.gapMm() > 0 && compound.isPresent()) {
            options.add("Retaining compound: " + compound.get().name() + " for a gap of " + Show.fixed(s.gapMm(), 3)
                    + " mm; full cure "
                    + Show.number(Compound.cureHours(s.input().celsius()), 0) + " h at "
                    + Show.number(s.input().celsius(), 0)
                    + " °C (24 h at 20 °C). Oil-free surfaces; it fills and does not centre: eccentric by up to "
                    + Show.fixed(s.gapMm() / 2, 3)
                    + " mm; holds to 150 °C. To undo it, 250 °C: steel that is scrap anyway, never "
                    + "aluminium, magnesium or carbon.");
        } else if (s.gapMm() > 0) {
            options.add("No compound: over 0.5 mm it holds nothing.");
        }
        options.add("Punch marks round the seat (peening): known in old workshops. Refused here"
                + (s.input().vehicle().equals("none") ? "" : ", above all for anything on a public road")
                + ": the ring sits on points, runs out of true and comes loose again.");
        return options;
    }

    private static Worksheet worksheet(Seat s) {
        Seat.Input in = s.input();
        return new Worksheet(
                "Is the seat still good?",
                List.of(
                        Worksheet.given("", "first plane", readings(in.first())),
                        Worksheet.given("", "second plane", readings(in.second())),
                        Worksheet.computed("", "mean", "of all readings", Show.fixed(s.meanMm(), 4) + " mm"),
                        Worksheet.judged(
                                "",
                                "oval",
                                "largest − smallest in one plane",
                                um(s.ovalMm() * 1000) + " µm",
                                "half the band of " + in.fit().seat()),
                        Worksheet.judged(
                                "",
                                "taper",
                                "difference of the planes' means",
                                um(s.taperMm() * 1000) + " µm",
                                "half the band of " + in.fit().seat()),
                        Worksheet.computed(
                                "",
                                "interference found",
                                in.fit().inner() ? "shaft − bore" : "outside − housing",
                                three(s.found())),
                        Worksheet.judged(
                                "",
                                "interference wanted",
                                in.fit().seat() + ", " + in.fit().tolerance(),
                                three(s.wanted()),
                                "found mean inside it"),
                        Worksheet.computed(
                                "",
                                "cure of a compound",
                                "24 h · 2^((20 − T)/10)",
                                Show.number(Compound.cureHours(in.celsius()), 0) + " h at "
                                        + Show.number(in.celsius(), 0) + " °C")),
                List.of("Seats: ISO 286-1, ISO 286-2; bearing: ISO 492, ISO 578. Compound families by "
                        + "gap are usual ones: the maker's sheet comes first."));
    }

    private static String readings(List<Double> plane) {
        return plane.isEmpty()
                ? "–"
                : String.join(", ", plane.stream().map(r -> Show.fixed(r, 3)).toList()) + " mm";
    }

    private static String three(Interference i) {
        return um(i.minUm()) + ", " + um(i.meanUm()) + ", " + um(i.maxUm()) + " µm";
    }

    private static String um(double um) {
        return Show.number(um, 1);
    }

    /**
     * Both planes, each reading off a circle of the nominal size, the departure enlarged so that the largest is a
     * quarter of the radius.
     */
    private static Drawing shape(Seat s) {
        List<Shape> shapes = new ArrayList<>();
        double nominal = s.input().fit().seatMm();
        double most = 1e-6;
        for (List<Double> plane : List.of(s.input().first(), s.input().second())) {
            for (double r : plane) {
                most = Math.max(most, Math.abs(r - nominal));
            }
        }
        double radius = 70;
        double enlarged = radius * 0.25 / most;
        int at = 0;
        for (List<Double> plane : List.of(s.input().first(), s.input().second())) {
            double x = at++ * 210;
            shapes.add(new Shape.Circle(Point.of(x, 0), radius, Role.BEHIND, Known.ESTIMATED));
            shapes.add(Shape.line(Role.CENTRE, Point.of(x - 90, 0), Point.of(x + 90, 0)));
            if (plane.size() >= 3) {
                List<Point> outline = new ArrayList<>();
                for (int a = 0; a < 360; a += 4) {
                    double r = radius + enlarged * (between(plane, a) - nominal);
                    outline.add(Point.of(x + r * Math.sin(Math.toRadians(a)), -r * Math.cos(Math.toRadians(a))));
                }
                outline.add(outline.get(0));
                shapes.add(new Shape.Outline(outline, false, Role.MARK, Known.MEASURED));
            }
            shapes.add(new Shape.Label(
                    Point.of(x, 108), (at == 1 ? "first" : "second") + " plane", "middle", 12, Role.MARK));
        }
        shapes.add(new Shape.Label(
                Point.of(105, 126),
                "dashed: " + Show.number(nominal, 3) + " mm; departures drawn ×"
                        + Show.number(Math.round(enlarged / (radius / (nominal / 2))), 0),
                "middle",
                11,
                Role.THIN));
        return new Drawing(
                "seat-shape",
                "The seat in both planes, departures from the nominal circle enlarged",
                -190,
                -105,
                590,
                240,
                shapes);
    }

    /** The diameter between readings taken at even steps over half a turn. */
    private static double between(List<Double> plane, double angle) {
        double step = 180.0 / plane.size();
        double at = angle % 180 / step;
        int i = (int) Math.floor(at) % plane.size();
        double t = (1 - Math.cos(Math.PI * (at - Math.floor(at)))) / 2;
        return plane.get(i) * (1 - t) + plane.get((i + 1) % plane.size()) * t;
    }

    private static Drawing scale(Seat s) {
        double from = Math.min(s.found().minUm(), s.wanted().minUm()) - 8;
        double to = Math.max(s.found().maxUm(), s.wanted().maxUm()) + 8;
        boolean in = s.verdict() == Seat.Verdict.RIGHT;
        return LimitScale.of(
                "seat-hold",
                "Interference found against the fit wanted",
                "interference, µm (under 0: gap)",
                new LimitScale.Range(from, to),
                new LimitScale.Range(s.wanted().minUm(), s.wanted().maxUm()),
                List.of(new LimitScale.Marker(
                        s.found().meanUm(), um(s.found().meanUm()) + " µm", in ? Role.ANSWER : Role.OUT)));
    }
}
