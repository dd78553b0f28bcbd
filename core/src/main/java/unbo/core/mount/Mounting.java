package unbo.core.mount;

import static java.util.Objects.requireNonNull;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.stream.Stream;

import org.jspecify.annotations.Nullable;

import unbo.core.answer.Answer;
import unbo.core.answer.Step;
import unbo.core.bearing.Bearing;
import unbo.core.bearing.BearingKind;
import unbo.core.drawing.Drawing;
import unbo.core.drawing.ValueTable;
import unbo.core.finding.Finding;
import unbo.core.fit.Fit;
import unbo.core.fit.FitFields;
import unbo.core.fit.FitInput;
import unbo.core.fit.FitWords;
import unbo.core.fit.Material;
import unbo.core.form.BearingInput;
import unbo.core.heat.HeatInput;
import unbo.core.heat.HeatPlan;
import unbo.core.heat.HeatWords;
import unbo.core.input.Field;
import unbo.core.input.FieldList;
import unbo.core.input.Problem;
import unbo.core.input.Values;
import unbo.core.measure.Quantity;
import unbo.core.measure.Show;
import unbo.core.worksheet.Worksheet;

/**
 * How a bearing goes in: its fit, what heat or force that takes, and the steps in order, each with its number, its tool
 * and its caution; with what has to be measured now because it cannot be measured once it is closed.
 *
 * @param heat null where nothing has to be heated: a sliding fit, or a steel housing
 */
public record Mounting(Input input, Fit fit, @Nullable HeatPlan heat) {

    /** @param bothTight true where the other ring is pressed in as well @param way heat, press or what suits */
    public record Input(
            Bearing bearing,
            FitInput fit,
            boolean bothTight,
            @Nullable Double limitC,
            double ambientC,
            @Nullable Double chilledC,
            @Nullable Double massKg,
            String way) {}

    private static final double SEALED_C = 80;
    private static final double OPEN_C = 120;
    private static final Set<String> NOT_HERE = Set.of("rough");
    private static final List<Field.Choice> WAYS = List.of(
            new Field.Choice("suits", "what suits"),
            new Field.Choice("heat", "heat"),
            new Field.Choice("press", "press"));

    /** The fit's fields and what mounting needs besides. */
    public static final FieldList<Input> LIST = FieldList.of(
            Stream.concat(
                            FitFields.LIST.fields().stream().filter(f -> !NOT_HERE.contains(f.name())),
                            Stream.of(
                                    Field.yesNo("bothTight", "Other ring goes in tight as well"),
                                    Field.choice("way", "By", WAYS).orElse("suits", null),
                                    Field.quantity("ambient", "Workshop", Quantity.TEMPERATURE, "°C", -20, 50)
                                            .usually(5, 35)
                                            .orElse("20", null),
                                    Field.quantity(
                                                    "chilled",
                                                    "Other part chilled to",
                                                    Quantity.TEMPERATURE,
                                                    "°C",
                                                    -100,
                                                    40)
                                            .usually(-80, 20),
                                    Field.quantity("limit", "Heat limit", Quantity.TEMPERATURE, "°C", 40, 150)
                                            .usually(60, 150)
                                            .hint("empty: sealed 80, open 120, a housing by its metal"),
                                    Field.quantity("massKg", "Mass of the ring", Quantity.MASS, "kg", 0.001, 50)
                                            .usually(0.01, 5)
                                            .hint("for the seconds; estimated when empty"),
                                    Field.yesNo("rough", "Rough, turned seat")))
                    .toList(),
            Mounting::rules,
            Mounting::make);

    private static final BearingInput BEARING =
            BearingInput.numbered("designation").sized("bore", "outside", "width");

    private static List<Problem> rules(Values v) {
        List<Problem> problems = new ArrayList<>(FitFields.LIST.rules().apply(v));
        Bearing d = BEARING.of(v);
        if (!v.text("ring").equals("outer")
                && d.suffixes().sealed()
                && v.has("limit")
                && v.number("limit") > SEALED_C) {
            problems.add(Problem.impossible(
                    "limit",
                    "A sealed or greased bearing takes 80 °C, not " + Show.number(v.number("limit"), 0)
                            + " °C: its seal and its grease are cooked."));
        }
        return problems;
    }

    private static Input make(Values v) {
        return new Input(
                BEARING.of(v),
                FitFields.LIST.make().apply(v),
                v.yes("bothTight"),
                v.maybe("limit"),
                v.number("ambient"),
                v.maybe("chilled"),
                v.maybe("massKg"),
                v.text("way"));
    }

    public static Mounting of(Input in) {
        Fit fit = Fit.of(in.fit());
        FitInput f = in.fit();
        double most = fit.interference().maxUm();
        boolean opens = f.inner() || f.material().perK() > Material.STEEL.perK();
        if (most <= 0 || !opens || in.way().equals("press")) {
            return new Mounting(in, fit, null);
        }
        double limit = in.limitC() != null
                ? in.limitC()
                : !f.inner()
                        ? Math.min(OPEN_C, f.material().ovenC())
                        : in.bearing().suffixes().sealed() ? SEALED_C : OPEN_C;
        Material heated = f.inner() ? Material.STEEL : f.material();
        Material other = f.inner() ? f.material() : Material.STEEL;
        return new Mounting(
                in,
                fit,
                HeatPlan.of(new HeatInput(
                        !f.inner(),
                        new HeatInput.Ring(f.boreMm(), f.outsideMm(), f.widthMm(), in.massKg()),
                        new HeatInput.Hold(most, null),
                        in.ambientC(),
                        new HeatInput.Parts(heated, other, in.chilledC() == null ? in.ambientC() : in.chilledC()),
                        limit,
                        in.bearing().suffixes().sealed(),
                        "none")));
    }

    /** True where heat alone, or with the chill that was typed, does it. */
    public boolean byHeat() {
        return heat != null && heat.withinLimit();
    }

    /** It in print: the fit's answer, the heat's behind it, then the steps. */
    public Answer answer() {
        Answer fitted = FitWords.answer(fit);
        List<Answer.Figure> figures = new ArrayList<>(fitted.figures());
        List<Finding> findings = new ArrayList<>(fitted.findings());
        List<Worksheet.Line> lines = new ArrayList<>(fitted.worksheet().lines());
        List<String> sources = new ArrayList<>(fitted.worksheet().sources());
        List<Drawing> drawings = new ArrayList<>(fitted.drawings());
        List<String> sentences = new ArrayList<>(fitted.sentences());
        List<ValueTable> tables = new ArrayList<>();
        if (heat != null) {
            Answer warm = HeatWords.answer(heat);
            figures.addAll(0, warm.figures());
            findings.addAll(warm.findings());
            lines.addAll(warm.worksheet().lines());
            sources.addAll(warm.worksheet().sources());
            drawings.addAll(0, warm.drawings());
            tables.addAll(warm.tables());
        }
        drawings.add(WayRound.of(this));
        return new Answer(
                figures,
                findings,
                sentences,
                new Worksheet("How does it go in?", lines, sources),
                drawings,
                steps(),
                tables);
    }

    private List<Step> steps() {
        FitInput f = input.fit();
        List<Step> steps = new ArrayList<>();
        steps.add(new Step(
                "check",
                "Number on the new ring against the job's: "
                        + (input.bearing().designation().isEmpty()
                                ? "by its sizes"
                                : input.bearing().designation()) + "; unwrap it only now.",
                ""));
        steps.add(new Step(
                "seat",
                "Seat clean, no burr on its edge; " + (f.seat() == null ? "measured" : f.seat()) + ", " + interference()
                        + ". Wipe it with thin oil.",
                ""));
        steps.add(new Step("now", "Measure now what is closed in later: " + now() + ".", ""));
        steps.add(new Step("way", "Which way round: " + orientation() + ".", ""));
        if (byHeat()) {
            HeatWords.answer(requireNonNull(heat)).steps().stream()
                    .filter(s -> !s.code().equals("cool"))
                    .forEach(steps::add);
        } else if (fit.interference().maxUm() > 0) {
            steps.add(new Step(
                    "press",
                    "Press it with about " + Show.number(fit.pressN() / 1000, 1) + " kN (oiled) by its "
                            + (f.inner() ? "inner" : "outer") + " ring"
                            + (input.bothTight() ? ", through a plate on both rings" : "")
                            + "; square from the first millimetre.",
                    "Never through the balls or rollers: it dents them. Under a press: guard down, "
                            + "hands and face away, eye protection."));
        } else {
            steps.add(new Step(
                    "slide", "It slides on by hand: a thin film of grease on the seat against creep and rust.", ""));
        }
        if (input.bothTight() && byHeat()) {
            steps.add(new Step("plate", "The other ring is tight as well: finish through a plate on both rings.", ""));
        }
        if (input.bearing().kind() == BearingKind.HUB_CARTRIDGE) {
            steps.add(new Step(
                    "cartridge",
                    "Into the knuckle by its outer ring; then, for the flange, its INNER ring is "
                            + "supported from behind.",
                    "Pressed against the outer ring the two inner rings part and the seals are "
                            + "torn: support the inner ring."));
        }
        steps.add(new Step(
                "shoulder", "Against its shoulder: the note goes solid, and a 0.04 mm feeler does not go in.", ""));
        if (byHeat()) {
            steps.add(new Step(
                    "cool",
                    "When it has cooled, push or nut it home again: it creeps off the shoulder as it shrinks.",
                    ""));
        }
        steps.add(new Step("turns", "Turn it by hand: even, no tight place.", ""));
        return steps;
    }

    private String interference() {
        double mean = fit.interference().meanUm();
        return (mean < 0 ? "gap " : "interference ") + Show.number(Math.abs(mean), 0) + " µm on the mean";
    }

    private String now() {
        return input.bearing().kind().taper()
                ? "spindle and hub lengths for the end play, seat depth for the seal"
                : input.bothTight()
                        ? "the spacer's length, the depth of both shoulders, seat depth for the seal"
                        : "depth from the case's face to the shoulder, the spacer's length where there "
                                + "is one, seat depth for the seal";
    }

    private String orientation() {
        Bearing d = input.bearing();
        if (d.kind() == BearingKind.HUB_CARTRIDGE) {
            return "the magnetic encoder's side to the sensor; test it with a viewing card, keep it from magnets";
        }
        if (d.kind().taper()) {
            return "large roller ends outward in a hub (back to back), the cup's thick edge against its shoulder";
        }
        if (d.suffixes().sealing().startsWith("one")) {
            return "the open side faces the grease or oil, the shielded side the weather";
        }
        return "the stamped side where it can be read again; snap ring or flange to its face";
    }
}
