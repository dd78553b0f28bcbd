package unbo.core.motion;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;

import unbo.core.answer.Answer;
import unbo.core.answer.Question;
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
 * Road speed through wheel and ratio to a bearing's speed, the cage's and an element's, against the guides; and a second
 * bearing of the same place beside it.
 *
 * @param other null where only one is asked
 */
public record SpeedQuestion(Input input, double rpm, SpeedGuide guide, double cageRpm, SpeedGuide other) {

    /** @param ratio bearing rpm over wheel rpm */
    public record Input(double speedKmh, double rollingRadiusM, double ratio, Turning turning, SpeedGuide.Build build, BearingGeometry geometry, SpeedGuide.Lubricant lubricant, BearingGeometry otherGeometry) {
    }

    private static final List<Field.Choice> TURNING = List.of(new Field.Choice("inner", "the inner ring"), new Field.Choice("outer", "the outer ring"));
    private static final List<Field.Choice> IN = List.of(new Field.Choice("grease", "grease"), new Field.Choice("oil", "oil at the right level"));
    private static final List<Field.Choice> BUILDS = List.of(new Field.Choice("deep-groove-ball", "deep groove balls"), new Field.Choice("angular-contact-ball", "angular contact balls"), new Field.Choice("tapered-roller", "tapered rollers"), new Field.Choice("cylindrical-roller", "cylindrical rollers"), new Field.Choice("machined-needle-roller", "needles"));

    public static final FieldList<Input> LIST = FieldList.of(List.of(
            Field.quantity("speedKmh", "Road speed", Quantity.SPEED, "km/h", 0.5, 500).usually(10, 200).must(), Field.quantity("rollingRadiusM", "Rolling radius", Quantity.LENGTH, "m", 0.03, 1.5).usually(0.15, 0.6).must(),
            Field.quantity("ratio", "Bearing turns a turn of the wheel", Quantity.RATIO, "", 0.01, 200).usually(0.2, 30).orElse("1", "a wheel bearing"), Field.choice("turning", "Turning", TURNING).orElse("inner", null),
            Field.choice("kind", "Bearing", BUILDS).orElse("deep-groove-ball", null), Field.whole("elements", "Elements", 3, 80).must(), mm("elementMm", "Element's diameter").must(), mm("pitchMm", "Pitch diameter").must(),
            Field.quantity("contactDeg", "Contact angle", Quantity.ANGLE, "°", 0, 60).orElse("0", null), Field.yesNo("contactSeals", "Contact seals"), Field.yesNo("fullComplement", "Full complement"), Field.yesNo("hybrid", "Ceramic balls"),
            Field.choice("lubricant", "Runs in", IN).orElse("grease", null), Field.whole("otherElements", "The other: elements", 3, 80), mm("otherElementMm", "The other: element's diameter"), mm("otherPitchMm", "The other: pitch diameter")),
            SpeedQuestion::rules, SpeedQuestion::make);

    public static final Question<Input> QUESTION = new Question<>("speed", "Speed", "Is it too fast for the bearing, and how does another one stand beside it?", LIST,
            Map.ofEntries(Map.entry("speedKmh", "60"), Map.entry("rollingRadiusM", "0.3"), Map.entry("ratio", "13.2"), Map.entry("elements", "9"), Map.entry("elementMm", "7.97"), Map.entry("pitchMm", "38.5"), Map.entry("otherElements", "18"), Map.entry("otherElementMm", "4"), Map.entry("otherPitchMm", "38.5")), in -> of(in).answer());

    private static Field mm(String name, String label) {
        return Field.quantity(name, label, Quantity.LENGTH, "mm", 0.5, 500).usually(1, 150);
    }

    private static List<Problem> rules(Values v) {
        List<Problem> problems = new ArrayList<>();
        fits(v, "elements", "elementMm", "pitchMm", problems);
        if (v.has("otherElementMm") && v.has("otherPitchMm")) {
            fits(v, "otherElements", "otherElementMm", "otherPitchMm", problems);
        }
        return problems;
    }

    private static void fits(Values v, String elements, String element, String pitch, List<Problem> problems) {
        if (v.number(element) >= v.number(pitch)) {
            problems.add(Problem.impossible(element, "An element of " + Show.number(v.number(element), 2) + " mm does not fit on a pitch circle of " + Show.number(v.number(pitch), 2) + " mm."));
        } else if (v.has(elements) && v.whole(elements) * v.number(element) > Math.PI * v.number(pitch)) {
            problems.add(Problem.impossible(elements, v.whole(elements) + " elements of " + Show.number(v.number(element), 2) + " mm do not stand side by side on " + Show.number(v.number(pitch), 2) + " mm."));
        }
    }

    private static Input make(Values v) {
        BearingGeometry g = BearingGeometry.of(v.whole("elements"), v.number("elementMm"), v.number("pitchMm"), v.number("contactDeg"));
        BearingGeometry other = v.has("otherElementMm") && v.has("otherPitchMm") ? BearingGeometry.of(v.has("otherElements") ? v.whole("otherElements") : 9, v.number("otherElementMm"), v.number("otherPitchMm"), v.number("contactDeg")) : null;
        return new Input(v.number("speedKmh"), v.number("rollingRadiusM"), v.number("ratio"), v.text("turning").equals("outer") ? Turning.OUTER : Turning.INNER,
                new SpeedGuide.Build(v.text("kind"), v.yes("contactSeals"), v.yes("fullComplement"), v.yes("hybrid")), g, v.text("lubricant").equals("oil") ? SpeedGuide.Lubricant.OIL : SpeedGuide.Lubricant.GREASE, other);
    }

    public static SpeedQuestion of(Input in) {
        double rpm = in.speedKmh() * 1000 / 60 / (2 * Math.PI * in.rollingRadiusM()) * in.ratio();
        return new SpeedQuestion(in, rpm, SpeedGuide.of(in.build(), rpm, in.geometry().pitchMm(), in.geometry(), in.lubricant()), rpm * in.geometry().cageOrder(in.turning()),
                in.otherGeometry() == null ? null : SpeedGuide.of(in.build(), rpm, in.otherGeometry().pitchMm(), in.otherGeometry(), in.lubricant()));
    }

    /** It in print. */
    public Answer answer() {
        List<Answer.Figure> figures = new ArrayList<>();
        List<Finding> findings = new ArrayList<>(List.of(judged("This one", guide)));
        if (other != null) {
            figures.add(new Answer.Figure("the other's elements spin", Show.number(other.elementRpm() / guide.elementRpm(), 2) + " times", "", Show.number(other.elementRpm(), 0) + " against " + Show.number(guide.elementRpm(), 0) + " rpm"));
            findings.add(judged("The other", other));
        }
        figures.add(new Answer.Figure("bearing", Show.number(rpm, 0), "rpm", "cage " + Show.number(cageRpm, 0) + ", element " + Show.number(guide.elementRpm(), 0) + " rpm"));
        figures.add(new Answer.Figure("n·dm", Show.number(guide.nDm(), 0), "mm/min", "guide limit " + (guide.nDmLimit() == null ? "–" : Show.number(guide.nDmLimit(), 0))));
        return new Answer(figures, findings, List.of("Guides, not promises: a maker's own limit comes first."), new Worksheet("Is it too fast?", List.of(
                Worksheet.computed("n", "bearing", "v/(2πR)·ratio", Show.number(rpm, 1) + " rpm"), Worksheet.computed("", "cage", input.turning() == Turning.INNER ? "n/2·(1 − γ)" : "n/2·(1 + γ)", Show.number(cageRpm, 1) + " rpm"),
                Worksheet.judged("", "element", "n·dm/(2·Dw)·(1 − γ²)", Show.number(guide.elementRpm(), 0) + " rpm", "watch " + Show.number(guide.elementWatch(), 0) + ", wrong " + Show.number(guide.elementWrong(), 0)),
                Worksheet.judged("n·dm", "speed factor", "n·dm", Show.number(guide.nDm(), 0), guide.nDmLimit() == null ? "–" : Show.number(guide.nDmLimit(), 0))),
                List.of("Kinematics of rolling bearings: Harris and Kotzalas. Limits of n·dm: textbooks; of the element's spin: this bench's own guide.")), List.of());
    }

    private static Finding judged(String name, SpeedGuide g) {
        String why = g.spinDecides() ? "its elements spin at " + Show.number(g.elementRpm(), 0) + " rpm" : "n·dm " + Show.number(g.nDm(), 0);
        return switch (g.verdict()) {
            case FINE -> new Finding("speed-fine", Level.RIGHT, name + ": no trouble, " + why + ".");
            case WATCH -> new Finding("speed-watch", Level.WATCH, name + ": it runs hot, " + why + ".");
            case WRONG -> new Finding("speed-wrong", Level.STOP, name + ": too fast, " + why + ".");
        };
    }
}
