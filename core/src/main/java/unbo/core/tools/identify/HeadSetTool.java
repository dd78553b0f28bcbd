package unbo.core.tools.identify;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;

import com.google.auto.service.AutoService;

import unbo.core.answer.Answer;
import unbo.core.drawing.Drawing;
import unbo.core.drawing.Known;
import unbo.core.drawing.Point;
import unbo.core.drawing.Role;
import unbo.core.drawing.ValueTable;
import unbo.core.finding.Finding;
import unbo.core.finding.Level;
import unbo.core.identify.HeadSet;
import unbo.core.identify.Interchange;
import unbo.core.input.Field;
import unbo.core.input.FieldList;
import unbo.core.measure.Quantity;
import unbo.core.measure.Show;
import unbo.core.tool.About;
import unbo.core.tool.Call;
import unbo.core.tool.Offered;
import unbo.core.tool.Shape;
import unbo.core.tool.Tool;
import unbo.core.tool.Work;
import unbo.core.worksheet.Worksheet;

/** Which set goes into a head that ran on loose balls? */
@AutoService(Offered.class)
public final class HeadSetTool implements Tool<HeadSet, HeadSet> {

    private static final int MOST = 8;
    /** A head grows by so much before lock stops, cables and the thread of the nut are short of it. */
    private static final double TALL_MM = 2;

    private static final FieldList<HeadSet> FIELDS = FieldList.of(
            List.of(
                    length("stemMm", "Seat on the stem", 8, 120).must(),
                    length("cupMm", "Bore of the head", 15, 200).must().hint("its old cup driven out"),
                    length("heightMm", "Old cup, balls and cone together", 4, 60)
                            .must()
                            .hint("put together, pressed by hand")),
            v -> HeadSet.of(
                    new HeadSet.Seat(v.number("stemMm"), v.number("cupMm"), v.number("heightMm")),
                    Interchange.every(v.book()),
                    MOST));

    /** @param ringMm outside it, in diameter; 0 where it goes in as it is @param higherMm than what was there */
    public record HeadBearingJson(String designation, String kind, double ringMm, double sleeveMm, double higherMm) {}

    /** The nearest first. */
    public record HeadSetJson(List<HeadBearingJson> bearings) {}

    private static Field length(String name, String label, double min, double max) {
        return Field.quantity(name, label, Quantity.LENGTH, "mm", min, max);
    }

    @Override
    public About about() {
        return new About(
                "head-set",
                "From loose balls to a set",
                "Which taper or cartridge goes into this head?",
                Work.IDENTIFY,
                87);
    }

    @Override
    public FieldList<HeadSet> fields() {
        return FIELDS;
    }

    @Override
    public Map<String, String> sample() {
        return Map.of("stemMm", "30", "cupMm", "55", "heightMm", "16");
    }

    @Override
    public HeadSet compute(HeadSet in) {
        return in;
    }

    @Override
    public List<Finding> findings(HeadSet set) {
        if (set.found().isEmpty()) {
            return List.of(new Finding(
                    "head-none",
                    Level.OPEN,
                    "None of the listed fits, not even with a ring: new balls by their count, or caged ones of the "
                            + "same ball."));
        }
        HeadSet.Found first = set.found().get(0);
        List<Finding> findings = new ArrayList<>();
        findings.add(
                first.asItIs()
                        ? new Finding("head-fits", Level.RIGHT, first.bearing().designation() + " goes in as it is.")
                        : new Finding(
                                "head-turned",
                                Level.WATCH,
                                first.bearing().designation() + " wants a ring or sleeve turned for it: by a "
                                        + "machinist, of steel, a press fit on both faces."));
        if (Math.abs(first.higherMm()) > TALL_MM) {
            findings.add(new Finding(
                    "head-tall",
                    Level.WATCH,
                    "It is " + Show.number(Math.abs(first.higherMm()), 1) + " mm "
                            + (first.higherMm() > 0 ? "higher" : "lower")
                            + " than what was there, at each end: is the thread long enough, do lock stops and "
                            + "cables still reach?"));
        }
        return findings;
    }

    @Override
    public Answer print(HeadSet set) {
        List<Answer.Figure> figures = new ArrayList<>();
        if (set.found().isEmpty()) {
            figures.add(new Answer.Figure("goes in", "none that is listed", "", ""));
        } else {
            HeadSet.Found first = set.found().get(0);
            figures.add(new Answer.Figure(
                    "goes in",
                    first.bearing().designation(),
                    "",
                    first.asItIs() ? first.bearing().kind().words() : "with what is turned for it"));
            figures.add(Answer.Figure.number("height changes by", first.higherMm(), 1, "mm", "at this end"));
        }
        return new Answer(
                        figures,
                        findings(set),
                        List.of(
                                "Tapers steer heavier for the same play than balls: set to a little drag, and set "
                                        + "again "
                                        + "after some 500 km, when the cups have settled.",
                                "Both ends are asked apart: upper and lower seats are often two sizes.",
                                "Caged balls take the place of loose ones where ball and track are the same: one ball "
                                        + "or two fewer, the closed side of the cage to the cone.",
                                "A head of another kind may need leave of the vehicle's maker or of the law where it "
                                        + "is driven on the road."),
                        worksheet(set),
                        drawing(set))
                .with(table(set));
    }

    private static ValueTable table(HeadSet set) {
        return new ValueTable(
                "head-set-list",
                "What may go in, the nearest first",
                List.of("Bearing", "Kind", "ring outside, mm", "sleeve inside, mm", "higher by, mm"),
                set.found().stream()
                        .map(f -> List.of(
                                f.bearing().designation(),
                                f.bearing().kind().words(),
                                f.ringMm() == 0 ? "none" : Show.number(f.ringMm() / 2, 2) + " a side",
                                f.sleeveMm() == 0 ? "none" : Show.number(f.sleeveMm() / 2, 2) + " a side",
                                Show.number(f.higherMm(), 1)))
                        .toList());
    }

    private static Worksheet worksheet(HeadSet set) {
        return new Worksheet(
                "Which goes into this head?",
                List.of(
                        Worksheet.given(
                                "", "seat on the stem", Show.number(set.seat().stemMm(), 2) + " mm"),
                        Worksheet.given(
                                "", "bore of the head", Show.number(set.seat().cupMm(), 2) + " mm"),
                        Worksheet.judged(
                                "",
                                "a ring to be turned",
                                "difference in diameter",
                                "from " + Show.number(HeadSet.THINNEST_RING_MM, 0) + " mm",
                                "thinner is not pressed")),
                List.of("Boundary dimensions by ISO 355 and ISO 15, and the workshop's own list."));
    }

    /** The nearest one in its head, cut through on one side, to scale. */
    private static List<Drawing> drawing(HeadSet set) {
        if (set.found().isEmpty()) {
            return List.of();
        }
        HeadSet.Found f = set.found().get(0);
        double stem = set.seat().stemMm() / 2;
        double cup = set.seat().cupMm() / 2;
        double bore = f.bearing().boreMm() / 2;
        double out = f.bearing().outsideMm() / 2;
        double high = f.bearing().widthMm();
        double wall = Math.max(2.5, cup * 0.1);
        List<unbo.core.drawing.Shape> shapes = new ArrayList<>();
        double least = Math.min(0, high - set.seat().heightMm());
        shapes.add(unbo.core.drawing.Shape.rectangle(Role.BEHIND, Known.TABLE, 0, least - 4, stem, high + 6));
        shapes.add(unbo.core.drawing.Shape.rectangle(Role.SOLID, Known.TABLE, cup, high * 0.15, cup + wall, high + 6));
        double mid = (bore + out) / 2;
        double lean = (out - bore) * 0.09;
        shapes.add(unbo.core.drawing.Shape.area(
                Role.SOLID_TWIN,
                Known.TABLE,
                Point.of(bore, 0),
                Point.of(mid - (out - bore) * 0.12 - lean, 0),
                Point.of(mid - (out - bore) * 0.12 + lean, high),
                Point.of(bore, high)));
        shapes.add(unbo.core.drawing.Shape.area(
                Role.SOLID,
                Known.TABLE,
                Point.of(mid + (out - bore) * 0.2 - lean, high * 0.15),
                Point.of(out, high * 0.15),
                Point.of(out, high),
                Point.of(mid + (out - bore) * 0.2 + lean, high)));
        shapes.add(unbo.core.drawing.Shape.area(
                Role.PART,
                Known.TABLE,
                Point.of(mid - (out - bore) * 0.1 - lean * 0.8, high * 0.14),
                Point.of(mid + (out - bore) * 0.18 - lean * 0.8, high * 0.14),
                Point.of(mid + (out - bore) * 0.18 + lean * 0.8, high * 0.86),
                Point.of(mid - (out - bore) * 0.1 + lean * 0.8, high * 0.86)));
        if (f.ringMm() > 0) {
            shapes.add(unbo.core.drawing.Shape.rectangle(Role.ANSWER, Known.TABLE, out, high * 0.15, cup, high));
        }
        if (f.sleeveMm() > 0) {
            shapes.add(unbo.core.drawing.Shape.rectangle(Role.ANSWER, Known.TABLE, stem, 0, bore, high));
        }
        shapes.add(unbo.core.drawing.Shape.line(Role.CENTRE, Point.of(0, least - 6), Point.of(0, high + 8)));
        double text = Math.max(2, cup * 0.09);
        shapes.add(new unbo.core.drawing.Shape.Label(
                Point.of(cup + wall + text, high / 2), f.bearing().designation(), "start", text, Role.ANSWER));
        shapes.add(new unbo.core.drawing.Shape.Label(Point.of(text * 0.5, high / 2), "stem", "start", text, Role.MARK));
        return List.of(new Drawing(
                "head-set",
                f.bearing().designation() + " on the stem and in the head, one side cut through",
                -3,
                least - 7,
                cup + wall + text * 8 + 6,
                high - least + 16,
                shapes));
    }

    @Override
    public List<Call<HeadSet>> calls() {
        return List.of(Call.post(
                "head-set",
                "Tapered or angular contact bearings for a steering head that ran on loose balls",
                Shape.of(FIELDS),
                HeadSetJson.class,
                set -> new HeadSetJson(set.found().stream()
                        .map(f -> new HeadBearingJson(
                                f.bearing().designation(),
                                f.bearing().kind().code(),
                                f.ringMm(),
                                f.sleeveMm(),
                                f.higherMm()))
                        .toList())));
    }
}
