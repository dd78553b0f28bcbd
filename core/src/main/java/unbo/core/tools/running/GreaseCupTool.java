package unbo.core.tools.running;

import static java.util.Objects.requireNonNull;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;

import com.google.auto.service.AutoService;
import org.jspecify.annotations.Nullable;

import unbo.core.answer.Answer;
import unbo.core.bearing.Bearing;
import unbo.core.drawing.Drawing;
import unbo.core.drawing.Known;
import unbo.core.drawing.Point;
import unbo.core.drawing.Role;
import unbo.core.finding.Finding;
import unbo.core.finding.Level;
import unbo.core.input.Field;
import unbo.core.input.FieldList;
import unbo.core.input.Problem;
import unbo.core.input.Values;
import unbo.core.lubrication.FreeVolume;
import unbo.core.lubrication.GreaseCup;
import unbo.core.measure.Quantity;
import unbo.core.measure.Show;
import unbo.core.tool.About;
import unbo.core.tool.Call;
import unbo.core.tool.Offered;
import unbo.core.tool.Shape;
import unbo.core.tool.Tool;
import unbo.core.tool.Work;
import unbo.core.worksheet.Worksheet;

/** How far is the cup turned, and how often? */
@AutoService(Offered.class)
public final class GreaseCupTool implements Tool<GreaseCupTool.CupAsked, GreaseCupTool.Turned> {

    /** Oftener than so many turns a week the cup is too small for its bearing. */
    private static final double OFTEN = 7;

    private static final FieldList<CupAsked> FIELDS = FieldList.of(
            List.of(
                    length("cupMm", "Bore of the cup", 3, 100).must(),
                    length("threadPitchMm", "Pitch of its thread", 0.3, 6).must(),
                    length("depthMm", "From full to empty", 2, 120).must(),
                    Field.bearing("designation", "Bearing it feeds").hint("or grams a week below"),
                    Field.quantity("intervalH", "Greased again after, hours", Quantity.RATIO, "", 1, 30_000)
                            .hint("by Grease for one bearing"),
                    Field.quantity("hoursAWeek", "Runs a week, hours", Quantity.RATIO, "", 0.1, 168)
                            .orElse("20", null),
                    Field.quantity("weekG", "or: wanted a week", Quantity.MASS, "g", 0.001, 1000)),
            GreaseCupTool::rules,
            v -> {
                double week = v.has("weekG") ? v.number("weekG") : week(v);
                return new CupAsked(
                        v.number("cupMm"),
                        v.number("threadPitchMm"),
                        v.number("depthMm"),
                        week,
                        GreaseCup.of(v.number("cupMm"), v.number("threadPitchMm"), v.number("depthMm"), week));
            });

    /** A cup and what its bearing wants. */
    public record CupAsked(double cupMm, double threadPitchMm, double depthMm, double weekG, GreaseCup cup) {}

    /** As it is turned. */
    public record Turned(CupAsked asked) {}

    /** @param weeks that a full cup lasts; null where nothing is wanted */
    public record GreaseCupJson(
            double turnG,
            double turnsAWeek,
            double turnsFull,
            @Nullable Double weeks) {}

    private static Field length(String name, String label, double min, double max) {
        return Field.quantity(name, label, Quantity.LENGTH, "mm", min, max);
    }

    private static double week(Values v) {
        Bearing b = v.book().find(v.text("designation"));
        double outside = requireNonNull(b.outsideMm());
        double width = requireNonNull(b.widthMm());
        double free = FreeVolume.cm3(
                FreeVolume.envelopeCm3(requireNonNull(b.boreMm()), outside, width),
                null,
                b.kind().ball());
        return GreaseCup.weekG(
                FreeVolume.replenishG(outside, width, free), v.number("intervalH"), v.number("hoursAWeek"));
    }

    private static List<Problem> rules(Values v) {
        if (v.has("weekG")) {
            return List.of();
        }
        if (!v.has("designation") || !v.has("intervalH")) {
            return List.of(new Problem(
                    v.has("designation") ? "intervalH" : "designation",
                    "Write the bearing and its interval, or the grams it wants a week.",
                    false));
        }
        Bearing b = v.book().find(v.text("designation"));
        if (b.boreMm() == null || b.outsideMm() == null || b.widthMm() == null) {
            return List.of(
                    Problem.impossible("designation", "Its sizes are not known: write the grams it wants a week."));
        }
        return b.greasedForLife()
                ? List.of(Problem.impossible(
                        "designation", "It is closed on both sides and greased for its life: no cup reaches it."))
                : List.of();
    }

    @Override
    public About about() {
        return new About("grease-cup", "Grease cup", "How far is it turned, and how often?", Work.RUN, 35);
    }

    @Override
    public FieldList<CupAsked> fields() {
        return FIELDS;
    }

    @Override
    public Map<String, String> sample() {
        return Map.of(
                "cupMm",
                "20",
                "threadPitchMm",
                "1.5",
                "depthMm",
                "18",
                "designation",
                "6304",
                "intervalH",
                "400",
                "hoursAWeek",
                "30");
    }

    @Override
    public Turned compute(CupAsked in) {
        return new Turned(in);
    }

    @Override
    public List<Finding> findings(Turned turned) {
        GreaseCup cup = turned.asked().cup();
        return List.of(
                cup.turnsAWeek() > OFTEN
                        ? new Finding(
                                "cup-small", Level.WATCH, "More than a turn a day: a larger cup, or a gun at a nipple.")
                        : new Finding(
                                "cup-turns",
                                Level.RIGHT,
                                "A full cup lasts " + Show.number(cup.weeks(), 0) + " weeks."));
    }

    @Override
    public Answer print(Turned turned) {
        CupAsked in = turned.asked();
        GreaseCup cup = in.cup();
        boolean seldom = cup.turnsAWeek() < 1;
        return new Answer(
                List.of(
                        seldom
                                ? Answer.Figure.number("one turn every", 7 / cup.turnsAWeek(), 0, "days", "")
                                : Answer.Figure.number("turn it", cup.turnsAWeek(), 1, "turns a week", ""),
                        Answer.Figure.number("a turn gives", cup.turnG(), 2, "g", ""),
                        Answer.Figure.number("filled again after", cup.weeks(), 0, "weeks", "")),
                findings(turned),
                List.of(
                        "Turned while the shaft turns by hand or slowly; stop when it goes hard: grease that cannot "
                                + "get "
                                + "away pushes the seal out.",
                        "Filled without air: grease to the rim, the cap on by a turn, until it shows at the bearing."),
                new Worksheet(
                        "How far and how often?",
                        List.of(
                                Worksheet.computed("", "a turn", "π/4·d²·P·0.90", Show.number(cup.turnG(), 3) + " g"),
                                Worksheet.computed(
                                        "",
                                        "wanted a week",
                                        "0.005·D·B, at most its free room; ·hours/interval",
                                        Show.number(in.weekG(), 3) + " g"),
                                Worksheet.judged(
                                        "",
                                        "turns a week",
                                        "",
                                        Show.number(cup.turnsAWeek(), 2),
                                        "over " + Show.number(OFTEN, 0) + " watch")),
                        List.of("Volume of a piston; 0.005·D·B grams each interval is a usual makers' rule.")),
                List.of(drawing(in)));
    }

    /** The cup cut through, full, its cap as far out as it goes. */
    private static Drawing drawing(CupAsked in) {
        double half = in.cupMm() / 2;
        double wall = Math.max(1.5, in.cupMm() * 0.1);
        double deep = in.depthMm();
        List<unbo.core.drawing.Shape> shapes = new ArrayList<>();
        shapes.add(unbo.core.drawing.Shape.area(
                Role.GREASE,
                Known.MEASURED,
                Point.of(-half, 0),
                Point.of(half, 0),
                Point.of(half, deep),
                Point.of(-half, deep)));
        for (int side : new int[] {-1, 1}) {
            shapes.add(unbo.core.drawing.Shape.area(
                    Role.SOLID,
                    Known.MEASURED,
                    Point.of(side * half, -wall),
                    Point.of(side * (half + wall), -wall),
                    Point.of(side * (half + wall), deep),
                    Point.of(side * half, deep)));
            shapes.add(unbo.core.drawing.Shape.area(
                    Role.SOLID_TWIN,
                    Known.TABLE,
                    Point.of(side * half, deep),
                    Point.of(side * half * 0.2, deep),
                    Point.of(side * half * 0.2, deep * 1.6),
                    Point.of(side * half * 0.5, deep * 1.6),
                    Point.of(side * half * 0.5, deep * 1.15),
                    Point.of(side * half, deep * 1.15)));
        }
        shapes.add(unbo.core.drawing.Shape.area(
                Role.SOLID,
                Known.MEASURED,
                Point.of(-half - wall, -wall),
                Point.of(half + wall, -wall),
                Point.of(half + wall, 0),
                Point.of(-half - wall, 0)));
        shapes.add(unbo.core.drawing.Shape.area(
                Role.ANSWER,
                Known.MEASURED,
                Point.of(-half, 0),
                Point.of(half, 0),
                Point.of(half, in.threadPitchMm()),
                Point.of(-half, in.threadPitchMm())));
        double text = Math.max(1.6, deep * 0.09);
        shapes.add(new unbo.core.drawing.Shape.Label(
                Point.of(half + wall + text, in.threadPitchMm() + text * 0.4),
                "a turn, " + Show.number(in.cup().turnG(), 2) + " g",
                "start",
                text,
                Role.ANSWER));
        return new Drawing(
                "grease-cup",
                "The cup full, and what a turn pushes out",
                -half - wall - 2,
                -wall - 2,
                in.cupMm() + 2 * wall + 4 + text * 10,
                deep * 1.6 + wall + 4,
                shapes);
    }

    @Override
    public List<Call<Turned>> calls() {
        return List.of(Call.post(
                "grease-cup",
                "Turns of a grease cup for what its bearing wants",
                Shape.of(FIELDS),
                GreaseCupJson.class,
                turned -> {
                    GreaseCup cup = turned.asked().cup();
                    return new GreaseCupJson(
                            cup.turnG(),
                            cup.turnsAWeek(),
                            cup.turnsFull(),
                            Double.isFinite(cup.weeks()) ? Double.valueOf(cup.weeks()) : null);
                }));
    }
}
