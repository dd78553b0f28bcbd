package unbo.core.tools.identify;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;

import com.google.auto.service.AutoService;
import org.jspecify.annotations.Nullable;

import unbo.core.answer.Answer;
import unbo.core.bearing.Bearing;
import unbo.core.bearing.Tolerances;
import unbo.core.drawing.Drawing;
import unbo.core.drawing.LimitScale;
import unbo.core.drawing.Role;
import unbo.core.fact.FactKey;
import unbo.core.fact.PlaceProperty;
import unbo.core.finding.Finding;
import unbo.core.finding.Level;
import unbo.core.form.BearingInput;
import unbo.core.input.Field;
import unbo.core.input.FieldList;
import unbo.core.input.Problem;
import unbo.core.input.Values;
import unbo.core.inspect.Incoming;
import unbo.core.measure.Quantity;
import unbo.core.measure.Show;
import unbo.core.tool.About;
import unbo.core.tool.Call;
import unbo.core.tool.Offered;
import unbo.core.tool.Shape;
import unbo.core.tool.Tool;
import unbo.core.tool.Work;
import unbo.core.worksheet.Worksheet;

/** Is this new bearing what it is sold as? */
@AutoService(Offered.class)
public final class IncomingTool implements Tool<Incoming.Input, Incoming> {

    private static final int MOST = 12;

    private static final BearingInput BEARING = BearingInput.numbered("designation");
    private static final List<Field.Choice> CLASSES = List.of(
            new Field.Choice("P0", "P0, normal"),
            new Field.Choice("P6", "P6"),
            new Field.Choice("P5", "P5"),
            new Field.Choice("P4", "P4"),
            new Field.Choice("P2", "P2"));

    private static final FieldList<Incoming.Input> FIELDS = FieldList.of(
            List.of(
                    Field.bearing("designation", "Sold as")
                            .from(PlaceProperty.FITTED.at(FactKey.HERE), FactKey.OUTER_CONE)
                            .must(),
                    Field.choice("tolerance", "In class", CLASSES).orElse("P0", "no class is stamped on it"),
                    length("boreMm", "Bore, turned between readings"),
                    length("outsideMm", "Outside, the same"),
                    Field.quantity("runoutUm", "Runout of the inner ring (TIR)", Quantity.LENGTH, "µm", 0, 500)
                            .usually(1, 40)
                            .hint("outer held, inner turned by hand"),
                    Field.quantity("goodForUm", "A reading is good for ±", Quantity.LENGTH, "µm", 0.1, 100)
                            .usually(0.5, 10)
                            .orElse("5", "outside micrometer; bore gauge set on a ring 2")),
            IncomingTool::rules,
            v -> new Incoming.Input(
                    BEARING.of(v),
                    v.text("tolerance"),
                    v.list("boreMm"),
                    v.list("outsideMm"),
                    v.maybe("runoutUm"),
                    v.number("goodForUm")));

    /** @param verdict {@code accept hold send-back} */
    public record SizeChecked(
            String what, double meanUm, double lowUm, double highUm, double spreadUm, String verdict) {}

    /** @param notExcluded the narrowest class that no reading excludes; null where even P0 is */
    public record IncomingChecked(String verdict, @Nullable String notExcluded, List<SizeChecked> checks) {}

    private static Field length(String name, String label) {
        return Field.list(name, label, Quantity.LENGTH, "mm", 0.5, 500).many(1, MOST);
    }

    private static List<Problem> rules(Values v) {
        List<Problem> problems = new ArrayList<>();
        Bearing bearing = BEARING.of(v);
        Double bore = bearing.boreMm();
        Double outside = bearing.outsideMm();
        if (bore == null || outside == null) {
            problems.add(new Problem(
                    "designation",
                    "Its bore and outside are not known: write its number, or bore x outside x " + "width.",
                    false));
        } else if (!Tolerances.cover(bearing)) {
            problems.add(Problem.impossible(
                    "designation",
                    "The bands here are those of radial bearings with both rings: tapers (ISO 492), thrust bearings "
                            + "(ISO "
                            + "199), drawn cups (ISO 3245, in a ring gauge) and heads have others."));
        } else if (Tolerances.bore(bore).isEmpty()
                || Tolerances.outside(outside).isEmpty()) {
            problems.add(Problem.impossible("designation", "No classes are listed for its size."));
        } else {
            near(problems, "boreMm", v.list("boreMm"), bore);
            near(problems, "outsideMm", v.list("outsideMm"), outside);
        }
        if (v.list("boreMm").isEmpty() && v.list("outsideMm").isEmpty() && !v.has("runoutUm")) {
            problems.add(new Problem("boreMm", "Write what was measured: bore, outside or runout.", false));
        }
        return problems;
    }

    private static void near(List<Problem> problems, String box, List<Double> readings, double nominal) {
        readings.stream()
                .filter(mm -> Math.abs(mm - nominal) > 0.5)
                .findFirst()
                .ifPresent(mm -> problems.add(Problem.impossible(
                        box,
                        Show.number(mm, 3) + " mm is no reading of " + Show.number(nominal, 3)
                                + " mm: another bearing, or a slip.")));
    }

    @Override
    public About about() {
        return new About(
                "incoming",
                "A new bearing measured",
                "Is it what it is sold as: accept, hold or send back?",
                Work.IDENTIFY,
                90);
    }

    @Override
    public FieldList<Incoming.Input> fields() {
        return FIELDS;
    }

    @Override
    public Map<String, String> sample() {
        return Map.of(
                "designation",
                "6205",
                "boreMm",
                "24.996; 24.995; 24.997",
                "outsideMm",
                "51.993; 51.994; 51.992",
                "runoutUm",
                "7",
                "goodForUm",
                "2");
    }

    @Override
    public Incoming compute(Incoming.Input in) {
        return Incoming.of(in);
    }

    @Override
    public List<Finding> findings(Incoming r) {
        List<Finding> findings = new ArrayList<>();
        for (Incoming.Check check : r.checks()) {
            if (check.verdict() == Incoming.Verdict.SEND_BACK) {
                findings.add(new Finding(
                        "incoming-out",
                        Level.STOP,
                        "The " + check.what() + " is out of " + r.input().code() + " beyond what the measuring is good "
                                + "for: send it back, it is not fitted."));
            } else if (check.verdict() == Incoming.Verdict.HOLD) {
                findings.add(new Finding(
                        "incoming-hold",
                        Level.OPEN,
                        "The " + check.what() + " lies so near a limit that the measuring does not tell: hold it, "
                                + "let it "
                                + "come to 20 °C beside the gauge, measure with something finer."));
            }
        }
        if (findings.isEmpty()) {
            findings.add(new Finding(
                    "incoming-accept",
                    Level.RIGHT,
                    "Nothing that was measured speaks against " + r.input().code() + ": accept it."));
        }
        return findings;
    }

    @Override
    public Answer print(Incoming r) {
        List<Answer.Figure> figures = new ArrayList<>();
        figures.add(new Answer.Figure(
                "it is",
                switch (r.verdict()) {
                    case ACCEPT -> "accepted";
                    case HOLD -> "held";
                    case SEND_BACK -> "sent back";
                },
                "",
                r.notExcluded() == null ? "no class fits" : r.notExcluded() + " is not excluded, never proved"));
        for (Incoming.Check check : r.checks()) {
            figures.add(Answer.Figure.number(
                    check.what().equals("runout") ? "runout" : check.what() + ", off its size in the mean",
                    check.meanUm(),
                    1,
                    "µm",
                    "allowed " + Show.number(check.lowUm(), 1) + " to " + Show.number(check.highUm(), 1)
                            + (check.spreadUm() > 0
                                    ? ", readings differ by " + Show.number(check.spreadUm(), 1)
                                    : "")));
        }
        return new Answer(
                figures,
                findings(r),
                List.of(
                        "Ring and gauge at one temperature: 25 mm of steel grow by 0.3 µm a kelvin.",
                        "Print this sheet with maker, batch and source written on it and let it go with the part. Box, "
                                + "print and price tell of a counterfeit before a micrometer does."),
                worksheet(r),
                r.checks().stream().map(check -> scale(r, check)).toList());
    }

    private static Drawing scale(Incoming r, Incoming.Check check) {
        double margin = (check.highUm() - check.lowUm()) * 0.6 + r.input().goodForUm();
        double from = Math.min(check.lowUm() - (check.lowUm() < 0 ? margin : 0), check.meanUm() - margin * 0.2);
        double to = Math.max(check.highUm() + margin, check.meanUm() + margin * 0.2);
        return LimitScale.of(
                "incoming-" + check.what(),
                "The " + check.what() + " against " + r.input().code(),
                check.what() + ", µm",
                new LimitScale.Range(from, to),
                new LimitScale.Range(check.lowUm(), check.highUm()),
                List.of(new LimitScale.Marker(
                        check.meanUm(),
                        Show.number(check.meanUm(), 1) + " µm",
                        check.verdict() == Incoming.Verdict.ACCEPT ? Role.ANSWER : Role.OUT)));
    }

    private static Worksheet worksheet(Incoming r) {
        List<Worksheet.Line> lines = new ArrayList<>();
        lines.add(Worksheet.given(
                "u", "a reading is good for", "± " + Show.number(r.input().goodForUm(), 1) + " µm"));
        for (Incoming.Check check : r.checks()) {
            lines.add(Worksheet.judged(
                    "",
                    check.what(),
                    check.what().equals("runout") ? "as read" : "mean − nominal",
                    Show.number(check.meanUm(), 1) + " µm",
                    "back outside " + Show.number(check.lowUm(), 1) + " to " + Show.number(check.highUm(), 1)
                            + " ± u, hold within u of either"));
        }
        return new Worksheet(
                "Is it what it is sold as?",
                lines,
                List.of(
                        "ISO 492, radial bearings except tapered: deviation of the mean bore and outside, radial "
                                + "runout.",
                        "Accepting and rejecting with a measuring uncertainty after ISO 14253-1."));
    }

    @Override
    public List<Call<Incoming>> calls() {
        return List.of(Call.post(
                "incoming",
                "A new bearing's bore, outside and runout against its class: accept, hold or send back",
                Shape.of(FIELDS),
                IncomingChecked.class,
                r -> new IncomingChecked(
                        code(r.verdict()),
                        r.notExcluded(),
                        r.checks().stream()
                                .map(c -> new SizeChecked(
                                        c.what(), c.meanUm(), c.lowUm(), c.highUm(), c.spreadUm(), code(c.verdict())))
                                .toList())));
    }

    private static String code(Incoming.Verdict verdict) {
        return verdict.name().toLowerCase(Locale.ROOT).replace('_', '-');
    }
}
