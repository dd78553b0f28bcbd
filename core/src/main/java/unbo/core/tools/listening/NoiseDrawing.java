package unbo.core.tools.listening;

import java.util.ArrayList;
import java.util.List;

import unbo.core.drawing.Drawing;
import unbo.core.drawing.Known;
import unbo.core.drawing.Point;
import unbo.core.drawing.Role;
import unbo.core.drawing.Shape;
import unbo.core.drawing.ValueTable;
import unbo.core.measure.Show;
import unbo.core.signal.Family;
import unbo.core.signal.Lines;
import unbo.core.signal.Noise;
import unbo.core.signal.SoundSpectrum;

/**
 * The envelope's line spectrum over its floor, with the bearing's lines above it, one row a family, each told by its
 * letter: a full mark where a line was counted, a hollow one where it falls on an integer order. Tyre and gear lines
 * hang from the top. To scale in both directions.
 */
final class NoiseDrawing {

    private static final double WIDTH = 640;
    private static final double HEIGHT = 190;
    private static final double SOUND_HEIGHT = 110;
    private static final double SOUND_DB = -80;
    private static final double ROW = 15;
    private static final double LEFT = 42;
    private static final double LETTERS = 11;
    private static final int ROWS = 120;

    private NoiseDrawing() {}

    private static double shownHz(Noise noise) {
        return Math.min(
                noise.lines().toHz(),
                5.3
                        * noise.standings().stream()
                                .mapToDouble(Noise.Standing::byGeometryHz)
                                .max()
                                .orElseThrow());
    }

    /** The envelope's spectrum in rows: the most of each. */
    static ValueTable table(Noise noise) {
        double wide = shownHz(noise) / ROWS;
        List<List<String>> rows = new ArrayList<>();
        for (int r = 0; r < ROWS; r++) {
            double most = Double.NEGATIVE_INFINITY;
            int end = Math.min(noise.lines().overDb().length, (int)
                    ((r + 1) * wide / noise.lines().stepHz()));
            for (int i = Math.max(2, (int) (r * wide / noise.lines().stepHz())); i < end; i++) {
                most = Math.max(most, noise.lines().overDb()[i]);
            }
            if (most > Double.NEGATIVE_INFINITY) {
                rows.add(List.of(
                        Show.number(r * wide, 1) + " to " + Show.number((r + 1) * wide, 1), Show.number(most, 1)));
            }
        }
        return new ValueTable("noise", "The envelope's spectrum", List.of("Hz", "most in it, dB over the floor"), rows);
    }

    static List<Drawing> of(Noise noise) {
        double to = shownHz(noise);
        double top = top(noise.lines(), to);
        List<Shape> shapes = new ArrayList<>();
        axes(to, top, shapes);
        spectrum(noise.lines(), to, top, shapes);
        for (Noise.Standing s : noise.standings()) {
            row(noise, s, to, top, shapes);
        }
        orders(noise, to, shapes);
        return List.of(
                new Drawing(
                        "noise",
                        title(noise),
                        -LEFT - 34,
                        -4 * ROW - 46,
                        LEFT + 34 + WIDTH + 20,
                        4 * ROW + 46 + HEIGHT + 34,
                        shapes),
                sound(noise));
    }

    /** The sound itself, with the band of the envelope, and where gear and tread have lines. */
    private static Drawing sound(Noise noise) {
        SoundSpectrum spectrum = SoundSpectrum.of(noise.recording());
        double to = noise.recording().rateHz() / 2;
        List<Shape> shapes = new ArrayList<>();
        double lo = noise.band().loHz() / to * WIDTH;
        double hi = noise.band().hiHz() / to * WIDTH;
        shapes.add(Shape.area(
                Role.BAND,
                Known.TABLE,
                Point.of(lo, 0),
                Point.of(hi, 0),
                Point.of(hi, SOUND_HEIGHT),
                Point.of(lo, SOUND_HEIGHT)));
        shapes.add(new Shape.Label(Point.of((lo + hi) / 2, -10), "band of the envelope", "middle", LETTERS, Role.MARK));
        shapes.add(Shape.line(Role.MARK, Point.of(0, 0), Point.of(0, SOUND_HEIGHT), Point.of(WIDTH, SOUND_HEIGHT)));
        for (double db = 0; db >= SOUND_DB; db -= 20) {
            double y = db / SOUND_DB * SOUND_HEIGHT;
            shapes.add(Shape.line(Role.THIN, Point.of(-4, y), Point.of(0, y)));
            shapes.add(new Shape.Label(Point.of(-8, y), Show.number(db, 0), "end", LETTERS, Role.MARK));
        }
        frequencies(to, SOUND_HEIGHT, "Hz, of the sound; dB under the loudest", shapes);
        List<Point> points = new ArrayList<>();
        for (int i = 1; i < spectrum.levelDb().length; i++) {
            points.add(Point.of(
                    i * spectrum.stepHz() / to * WIDTH, Math.min(1, spectrum.levelDb()[i] / SOUND_DB) * SOUND_HEIGHT));
        }
        shapes.add(new Shape.Outline(points, false, Role.MARK, Known.TABLE));
        mesh(noise.input().treadBlocks() * noise.shaftHz(), to, "tread", shapes);
        mesh(noise.input().gearTeeth() * noise.shaftHz(), to, "gear", shapes);
        return new Drawing(
                "sound",
                "Spectrum of the sound, with the band from "
                        + NoiseWords.hz(noise.band().loHz()) + " to "
                        + NoiseWords.hz(noise.band().hiHz()) + " that the envelope was taken from",
                -LEFT - 34,
                -24,
                LEFT + 34 + WIDTH + 20,
                SOUND_HEIGHT + 24 + 34,
                shapes);
    }

    private static void mesh(double hz, double to, String name, List<Shape> shapes) {
        for (int k = 1; k <= 3 && hz > 0 && k * hz < to; k++) {
            double x = k * hz / to * WIDTH;
            shapes.add(Shape.line(Role.BEHIND, Point.of(x, 0), Point.of(x, SOUND_HEIGHT)));
            if (k == 1) {
                shapes.add(new Shape.Label(Point.of(x + 3, 6), name, "start", LETTERS, Role.THIN));
            }
        }
    }

    private static double top(Lines lines, double to) {
        double most = 12;
        for (int i = 2; i < Math.min(lines.overDb().length, to / lines.stepHz()); i++) {
            most = Math.max(most, lines.overDb()[i]);
        }
        return 10 * Math.ceil(most / 10);
    }

    private static void axes(double to, double top, List<Shape> shapes) {
        shapes.add(Shape.line(Role.MARK, Point.of(0, 0), Point.of(0, HEIGHT), Point.of(WIDTH, HEIGHT)));
        for (double db = 0; db <= top; db += 10) {
            double y = y(db, top);
            shapes.add(Shape.line(Role.THIN, Point.of(-4, y), Point.of(0, y)));
            shapes.add(new Shape.Label(Point.of(-8, y), Show.number(db, 0), "end", LETTERS, Role.MARK));
        }
        shapes.add(new Shape.Label(Point.of(-8, -12), "dB over the floor", "start", LETTERS, Role.THIN));
        frequencies(to, HEIGHT, "Hz, of the envelope", shapes);
    }

    private static void frequencies(double to, double height, String words, List<Shape> shapes) {
        double step = step(to);
        for (double hz = 0; hz <= to; hz += step) {
            shapes.add(Shape.line(Role.THIN, Point.of(hz / to * WIDTH, height), Point.of(hz / to * WIDTH, height + 5)));
            shapes.add(new Shape.Label(
                    Point.of(hz / to * WIDTH, height + 15), Show.number(hz, 0), "middle", LETTERS, Role.MARK));
        }
        shapes.add(new Shape.Label(Point.of(WIDTH, height + 28), words, "end", LETTERS, Role.THIN));
    }

    private static double step(double span) {
        double rough = span / 9;
        double power = Math.pow(10, Math.floor(Math.log10(rough)));
        double lead = rough / power;
        return power * (lead > 5 ? 10 : lead > 2 ? 5 : lead > 1 ? 2 : 1);
    }

    private static double y(double db, double top) {
        return HEIGHT - Math.max(0, Math.min(top, db)) / top * HEIGHT;
    }

    /** One point a pixel and a half: the highest bin there. */
    private static void spectrum(Lines lines, double to, double top, List<Shape> shapes) {
        List<Point> points = new ArrayList<>();
        double pixels = WIDTH / 1.5;
        for (int p = 0; p < pixels; p++) {
            int from = (int) (p / pixels * to / lines.stepHz());
            int end = Math.max(from + 1, (int) ((p + 1) / pixels * to / lines.stepHz()));
            double most = 0;
            for (int i = Math.max(2, from); i < Math.min(end, lines.overDb().length); i++) {
                most = Math.max(most, lines.overDb()[i]);
            }
            points.add(Point.of(p * 1.5, y(most, top)));
        }
        shapes.add(new Shape.Outline(points, false, Role.MARK, Known.TABLE));
    }

    private static void row(Noise noise, Noise.Standing s, double to, double top, List<Shape> shapes) {
        boolean found = s.family() == noise.finding();
        Role role = found ? Role.ANSWER : Role.MARK;
        double y = -4 * ROW - 20 + s.family().ordinal() * ROW;
        shapes.add(new Shape.Label(Point.of(-8, y), s.family().symbol(), "end", LETTERS, role));
        shapes.add(Shape.line(Role.THIN, Point.of(0, y), Point.of(WIDTH, y)));
        for (int k = 1; k <= Family.HARMONICS; k++) {
            double hz = k * s.foundHz();
            if (hz > to) {
                break;
            }
            double x = hz / to * WIDTH;
            double order = hz / noise.shaftHz();
            boolean counted = Math.abs(order - Math.rint(order)) * noise.shaftHz()
                    > 2 * noise.lines().stepHz();
            if (counted) {
                shapes.add(Shape.area(
                        role, Known.MEASURED, Point.of(x, y + 5), Point.of(x - 3.5, y - 4), Point.of(x + 3.5, y - 4)));
            } else {
                shapes.add(new Shape.Circle(Point.of(x, y), 3, Role.THIN, Known.TABLE));
            }
            if (found && counted) {
                shapes.add(Shape.line(
                        Role.ANSWER,
                        Point.of(x, y(noise.lines().near(hz), top) - 2),
                        Point.of(x, y(noise.lines().near(hz), top) - 9)));
            }
        }
    }

    /** Where the wheel, its tread and a gear have lines: integer orders. */
    private static void orders(Noise noise, double to, List<Shape> shapes) {
        List<Integer> orders = new ArrayList<>(List.of(1, 2, 3, 4));
        for (int lines : new int[] {noise.input().treadBlocks(), noise.input().gearTeeth()}) {
            if (lines > 0) {
                orders.addAll(List.of(lines - 1, lines, lines + 1));
            }
        }
        for (int order : orders) {
            double x = order * noise.shaftHz() / to * WIDTH;
            if (x <= WIDTH) {
                shapes.add(Shape.line(Role.BEHIND, Point.of(x, 0), Point.of(x, HEIGHT)));
            }
        }
        shapes.add(new Shape.Label(
                Point.of(WIDTH, -12),
                "dashed: orders of the wheel" + (noise.input().gearTeeth() > 0 ? ", gear" : "")
                        + (noise.input().treadBlocks() > 0 ? ", tread" : ""),
                "end",
                LETTERS,
                Role.THIN));
    }

    private static String title(Noise noise) {
        return "Spectrum of the envelope, " + NoiseWords.hz(noise.band().loHz()) + " to "
                + NoiseWords.hz(noise.band().hiHz()) + ": "
                + (noise.finding() == null
                        ? "no bearing line above the floor"
                        : "lines of the " + noise.finding().words() + " " + Show.number(noise.marginDb(), 1)
                                + " dB over chance");
    }
}
