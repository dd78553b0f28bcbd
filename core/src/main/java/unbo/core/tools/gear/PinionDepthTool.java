package unbo.core.tools.gear;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;

import com.google.auto.service.AutoService;
import org.jspecify.annotations.Nullable;

import unbo.core.answer.Answer;
import unbo.core.drawing.Drawing;
import unbo.core.drawing.Known;
import unbo.core.drawing.Point;
import unbo.core.drawing.Role;
import unbo.core.finding.Finding;
import unbo.core.finding.Level;
import unbo.core.form.TypedRows;
import unbo.core.gear.PinionDepth;
import unbo.core.input.Field;
import unbo.core.input.FieldList;
import unbo.core.measure.Quantity;
import unbo.core.measure.Show;
import unbo.core.stack.StackInput;
import unbo.core.tool.About;
import unbo.core.tool.Call;
import unbo.core.tool.Offered;
import unbo.core.tool.Shape;
import unbo.core.tool.Tool;
import unbo.core.tool.Work;
import unbo.core.tools.setting.LinkFields;
import unbo.core.worksheet.Worksheet;

/** Which shim puts the pinion at its depth? */
@AutoService(Offered.class)
public final class PinionDepthTool implements Tool<PinionDepth.Input, PinionDepth> {

    private static final double THIN_MM = 0.2;
    private static final double TEXT = 9;

    private static final TypedRows<StackInput.Shim> STOCK =
            new TypedRows<>("stock", LinkFields.SHIM, 0, StackInput.MOST_SHIMS);

    private static final FieldList<PinionDepth.Input> FIELDS = FieldList.of(
            List.of(
                    length("mountingMm", "Mounting distance, by the book", 10, 500)
                            .must()
                            .hint("gear's axis to the pinion's back"),
                    length("etchedMm", "Etched on the pinion", -2, 2)
                            .orElse("0", null)
                            .hint("+ stands farther out; sets in inches are etched in thou"),
                    length("radiusMm", "Gauge disc: radius, or the whole distance", 1, 500)
                            .must()
                            .hint("gear's axis outward to the seat of the head bearing"),
                    length("gapMm", "Gap to the block", 0, 50).orElse("0", null).hint("feeler or indicator"),
                    length("blockMm", "Block on the bearing's seat", 0, 300).orElse("0", null),
                    length("bearingMm", "Head bearing, set-up height", 2, 150)
                            .must()
                            .hint("pressed and turned: back of cup to back of cone"),
                    length("fittedMm", "Shim that is in it", 0, 20).hint("then the change is told"),
                    Field.rows("stock", "Shims that are here", LinkFields.SHIM.fields())),
            STOCK::problems,
            v -> new PinionDepth.Input(
                    v.number("mountingMm"),
                    v.number("etchedMm"),
                    new PinionDepth.Gauge(v.number("radiusMm"), v.number("gapMm"), v.number("blockMm")),
                    v.number("bearingMm"),
                    v.maybe("fittedMm"),
                    STOCK.records(v)));

    private static final Shape SHAPE = Shape.of(
                    FIELDS, "mountingMm", "etchedMm", "radiusMm", "gapMm", "blockMm", "bearingMm", "fittedMm")
            .andLines("stock", Shape.of(LinkFields.SHIM));

    /** @param changeMm null where nothing is fitted yet @param shims null where none stand for it */
    public record DepthJson(
            double shimMm,
            @Nullable Double changeMm,
            double wantedMm,
            double caseMm,
            @Nullable List<Double> shims) {}

    private static Field length(String name, String label, double min, double max) {
        return Field.quantity(name, label, Quantity.LENGTH, "mm", min, max);
    }

    @Override
    public About about() {
        return new About("pinion-depth", "Pinion depth", "Which shim puts the pinion at its depth?", Work.SET, 70);
    }

    @Override
    public FieldList<PinionDepth.Input> fields() {
        return FIELDS;
    }

    @Override
    public Map<String, String> sample() {
        return Map.of(
                "mountingMm",
                "105",
                "etchedMm",
                "0.05",
                "radiusMm",
                "40",
                "gapMm",
                "0.42",
                "blockMm",
                "89.20",
                "bearingMm",
                "23.25",
                "fittedMm",
                "1.20",
                "stock",
                "1.00; 1\n0.30; 2\n0.33; 1");
    }

    @Override
    public PinionDepth compute(PinionDepth.Input in) {
        return PinionDepth.of(in);
    }

    @Override
    public List<Finding> findings(PinionDepth d) {
        List<Finding> findings = new ArrayList<>();
        if (d.shimMm() < 0) {
            findings.add(new Finding(
                    "depth-impossible",
                    Level.STOP,
                    "There is no room for a shim: bearing, case or mounting distance is not the one of this set, or a "
                            + "figure is off. Measure again before anything is pressed."));
        } else if (d.shimMm() < THIN_MM) {
            findings.add(new Finding(
                    "depth-thin",
                    Level.WATCH,
                    "So thin a shim is unusual: look whether the cup is home and the block is square."));
        } else {
            Double change = d.changeMm();
            findings.add(
                    change == null
                            ? new Finding("depth-shim", Level.RIGHT, "Fit " + Show.play(d.shimMm()) + " of shim.")
                            : Math.abs(change) <= PinionDepth.CLOSE_MM
                                    ? new Finding("depth-right", Level.RIGHT, "What is in it is right: leave it.")
                                    : new Finding(
                                            "depth-change",
                                            Level.SOON,
                                            (change > 0 ? "Put " : "Take ")
                                                    + Show.play(Math.abs(change))
                                                    + (change > 0
                                                            ? " in: the pinion moves in."
                                                            : " out: it moves out.")));
        }
        return findings;
    }

    @Override
    public Answer print(PinionDepth d) {
        List<Answer.Figure> figures = new ArrayList<>();
        figures.add(Answer.Figure.fixed("shim", d.shimMm(), 3, "mm", Show.inches(d.shimMm())));
        Double change = d.changeMm();
        if (change != null) {
            figures.add(Answer.Figure.fixed(
                    change < 0 ? "take out" : "put in", Math.abs(change), 3, "mm", Show.inches(Math.abs(change))));
        }
        List<Double> shims = d.shims();
        if (shims != null) {
            figures.add(new Answer.Figure(
                    "off the shelf",
                    shims.stream().map(mm -> Show.number(mm, 3)).collect(Collectors.joining(" + ")),
                    "mm",
                    shims.size() == 1 ? "one shim" : shims.size() + " shims"));
        }
        return new Answer(
                figures,
                findings(d),
                List.of(
                        "Under the cone or under the cup: the sum is the same, the shim goes where the maker has it.",
                        "Then preload of the pinion, backlash, and the pattern on the teeth: each again after every "
                                + "change before it. A crush sleeve that was overshot is renewed, never slackened.",
                        "The vehicle maker's gauge and figures come first."),
                worksheet(d),
                List.of(drawing(d)));
    }

    private static Worksheet worksheet(PinionDepth d) {
        PinionDepth.Input in = d.input();
        return new Worksheet(
                "Which shim puts the pinion at its depth?",
                List.of(
                        Worksheet.given("A", "mounting distance by the book", Show.play(in.mountingMm())),
                        Worksheet.given("e", "etched on the pinion", Show.play(in.etchedMm())),
                        Worksheet.computed(
                                "C", "gear's axis to the bearing's seat", "disc + gap + block", Show.play(d.caseMm())),
                        Worksheet.given("T", "head bearing, set-up height", Show.play(in.bearingMm())),
                        Worksheet.computed("s", "shim", "C − (A + e) − T", Show.play(d.shimMm()))),
                List.of("Dimension chain along the pinion's axis."));
    }

    /** The chain along the pinion's axis, to scale; the shim is drawn tenfold and says so. */
    private static Drawing drawing(PinionDepth d) {
        PinionDepth.Input in = d.input();
        double scale = 260 / d.caseMm();
        double back = d.wantedMm() * scale;
        double seat = d.caseMm() * scale;
        double thick = Math.max(0, Math.min(d.shimMm() * 10 * scale, (seat - back) * 0.6));
        List<unbo.core.drawing.Shape> shapes = new ArrayList<>();
        shapes.add(unbo.core.drawing.Shape.line(Role.CENTRE, Point.of(-14, 0), Point.of(seat + 60, 0)));
        shapes.add(unbo.core.drawing.Shape.line(Role.CENTRE, Point.of(0, -78), Point.of(0, 78)));
        double head = back * 0.55;
        shapes.add(area(Role.PART, Point.of(head, -20), Point.of(back, -44), Point.of(back, 44), Point.of(head, 20)));
        shapes.add(area(
                Role.PART, Point.of(back, -17), Point.of(seat + 50, -17), Point.of(seat + 50, 17), Point.of(back, 17)));
        for (int way : new int[] {-1, 1}) {
            shapes.add(area(
                    Role.SOLID,
                    Point.of(back + thick, way * 17),
                    Point.of(seat, way * 17),
                    Point.of(seat, way * 26),
                    Point.of(back + thick, way * 32)));
            shapes.add(area(
                    Role.ANSWER,
                    Point.of(back, way * 17),
                    Point.of(back + thick, way * 17),
                    Point.of(back + thick, way * 32),
                    Point.of(back, way * 32)));
            shapes.add(area(
                    Role.SOLID_TWIN,
                    Point.of(back + thick + (seat - back - thick) * 0.35, way * 33),
                    Point.of(seat, way * 28),
                    Point.of(seat, way * 46),
                    Point.of(back + thick + (seat - back - thick) * 0.35, way * 46)));
            shapes.add(area(
                    Role.SOLID,
                    Point.of(seat, way * 22),
                    Point.of(seat + 12, way * 22),
                    Point.of(seat + 12, way * 62),
                    Point.of(seat, way * 62)));
        }
        shapes.add(new unbo.core.drawing.Shape.Dimension(
                Point.of(0, 48),
                Point.of(back, 48),
                Point.of(0, 66),
                Point.of(back, 66),
                Show.play(d.wantedMm()),
                TEXT,
                Known.MEASURED));
        shapes.add(new unbo.core.drawing.Shape.Dimension(
                Point.of(0, -48),
                Point.of(seat, -62),
                Point.of(0, -70),
                Point.of(seat, -70),
                Show.play(d.caseMm()),
                TEXT,
                Known.MEASURED));
        shapes.add(new unbo.core.drawing.Shape.Label(
                Point.of(back + thick / 2, 84),
                "shim " + Show.play(d.shimMm()) + ", drawn × 10",
                "middle",
                TEXT,
                Role.ANSWER));
        shapes.add(new unbo.core.drawing.Shape.Label(Point.of(-4, -80), "gear's axis", "start", TEXT, Role.MARK));
        shapes.add(new unbo.core.drawing.Shape.Label(
                Point.of(seat + 2, 74), "bearing " + Show.number(in.bearingMm(), 2) + " mm", "start", TEXT, Role.MARK));
        return new Drawing("pinion-depth", "The chain along the pinion's axis", -30, -92, 400, 190, shapes);
    }

    private static unbo.core.drawing.Shape area(Role role, Point... points) {
        return unbo.core.drawing.Shape.area(role, Known.MEASURED, points);
    }

    @Override
    public List<Call<PinionDepth>> calls() {
        return List.of(Call.post(
                "pinion-depth",
                "The shim that puts a pinion at its mounting distance",
                SHAPE,
                DepthJson.class,
                d -> new DepthJson(d.shimMm(), d.changeMm(), d.wantedMm(), d.caseMm(), d.shims())));
    }
}
