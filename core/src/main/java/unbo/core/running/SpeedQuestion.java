package unbo.core.running;

import static java.util.Objects.requireNonNull;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;

import org.jspecify.annotations.Nullable;

import unbo.core.answer.Answer;
import unbo.core.bearing.Build;
import unbo.core.bearing.Turning;
import unbo.core.finding.Finding;
import unbo.core.finding.Level;
import unbo.core.input.Field;
import unbo.core.input.FieldList;
import unbo.core.input.Problem;
import unbo.core.input.Values;
import unbo.core.measure.Quantity;
import unbo.core.measure.Show;
import unbo.core.motion.SpeedGuide;
import unbo.core.worksheet.Worksheet;

/**
 * Road speed through the wheel, final drive, gearbox, chain or pulleys to a bearing's speed, the cage's and an
 * element's, against the guides; and a second bearing of the same place beside it.
 *
 * @param other null where only one is asked
 */
public record SpeedQuestion(
        Input input,
        double rpm,
        SpeedGuide guide,
        double cageRpm,
        @Nullable SpeedGuide other) {

    /* */
    public record Input(
            Road road,
            Turning turning,
            Build build,
            Candidate bearing,
            SpeedGuide.Lubricant lubricant,
            @Nullable Candidate other,
            @Nullable Build otherBuild) {
        /**
         * How the road turns it.
         *
         * @param ratio bearing rpm over wheel rpm, everything between them taken together
         */
        public record Road(double speedKmh, double rollingRadiusM, DriveLine drive, double ratio) {}

        public double speedKmh() {
            return road.speedKmh();
        }

        public double rollingRadiusM() {
            return road.rollingRadiusM();
        }

        public DriveLine drive() {
            return road.drive();
        }

        public double ratio() {
            return road.ratio();
        }
    }

    private static final List<Field.Choice> TURNING =
            List.of(new Field.Choice("inner", "the inner ring"), new Field.Choice("outer", "the outer ring"));
    private static final List<Field.Choice> IN =
            List.of(new Field.Choice("grease", "grease"), new Field.Choice("oil", "oil at the right level"));

    public static final FieldList<Input> LIST = FieldList.of(
            Stream.of(
                            List.of(
                                    Field.quantity("speedKmh", "Road speed", Quantity.SPEED, "km/h", 0.5, 500)
                                            .usually(10, 200)
                                            .must(),
                                    Field.quantity("rollingRadiusM", "Rolling radius", Quantity.LENGTH, "m", 0.03, 1.5)
                                            .usually(0.15, 0.6)
                                            .must(),
                                    Field.quantity(
                                                    "ratio",
                                                    "Bearing turns a turn of the wheel",
                                                    Quantity.RATIO,
                                                    "",
                                                    0.01,
                                                    200)
                                            .usually(0.2, 30)
                                            .orElse("1", "a wheel bearing"),
                                    Field.text("through", "And through", 120)
                                            .hint("from the wheel, driven:driving each: "
                                                    + "43:15 chain; 28:13 gear; 120:80 pulley"),
                                    Field.choice("turning", "Turning", TURNING).orElse("inner", null)),
                            InsideFields.fields(),
                            List.of(
                                    Field.yesNo("contactSeals", "Contact seals"),
                                    Field.yesNo("fullComplement", "Full complement"),
                                    Field.yesNo("hybrid", "Ceramic balls"),
                                    Field.choice("lubricant", "Runs in", IN).orElse("grease", null)),
                            InsideFields.others())
                    .flatMap(List::stream)
                    .toList(),
            SpeedQuestion::rules,
            SpeedQuestion::make);

    private static List<Problem> rules(Values v) {
        List<Problem> problems = new ArrayList<>(InsideFields.rules(v, false));
        if (InsideFields.otherAsked(v)) {
            problems.addAll(InsideFields.rules(v, true));
        }
        DriveLine.refusal(v.text("through"))
                .ifPresent(sentence -> problems.add(Problem.impossible("through", sentence)));
        return problems;
    }

    private static Input make(Values v) {
        Candidate bearing = InsideFields.candidate(v);
        Candidate other = InsideFields.otherAsked(v) ? InsideFields.other(v) : null;
        DriveLine drive = DriveLine.of(v.text("through"));
        return new Input(
                new Input.Road(
                        v.number("speedKmh"), v.number("rollingRadiusM"), drive, v.number("ratio") * drive.ratio()),
                v.text("turning").equals("outer") ? Turning.OUTER : Turning.INNER,
                build(v, bearing),
                bearing,
                v.text("lubricant").equals("oil") ? SpeedGuide.Lubricant.OIL : SpeedGuide.Lubricant.GREASE,
                other,
                other == null ? null : build(v, other));
    }

    private static Build build(Values v, Candidate c) {
        Build stamped = c.build();
        return new Build(
                c.kind(),
                v.yes("contactSeals") || stamped.contactSeals(),
                v.yes("fullComplement") || stamped.fullComplement(),
                v.yes("hybrid") || stamped.hybrid());
    }

    public static SpeedQuestion of(Input in) {
        double rpm = in.speedKmh() * 1000 / 60 / (2 * Math.PI * in.rollingRadiusM()) * in.ratio();
        return new SpeedQuestion(
                in,
                rpm,
                SpeedGuide.of(
                        in.build(),
                        rpm,
                        in.bearing().geometry().pitchMm(),
                        in.bearing().geometry(),
                        in.lubricant()),
                rpm * in.bearing().geometry().cageOrder(in.turning()),
                in.other() == null
                        ? null
                        : SpeedGuide.of(
                                requireNonNull(in.otherBuild()),
                                rpm,
                                in.other().geometry().pitchMm(),
                                in.other().geometry(),
                                in.lubricant()));
    }

    /** Element spin of the other over that of the first; null where only one is asked. */
    public @Nullable Double spinRatio() {
        return other == null ? null : requireNonNull(other.elementRpm()) / requireNonNull(guide.elementRpm());
    }

    /** It in print. */
    public Answer answer() {
        List<Answer.Figure> figures = new ArrayList<>();
        List<Finding> findings = new ArrayList<>(List.of(judged("This one", guide)));
        List<FaceDrawing.View> views = new ArrayList<>(List.of(new FaceDrawing.View(
                input.bearing(), "element " + Show.number(requireNonNull(guide.elementRpm()), 0) + " rpm")));
        if (other != null) {
            figures.add(new Answer.Figure(
                    "the other's elements spin",
                    Show.number(requireNonNull(spinRatio()), 2) + " times",
                    "",
                    Show.number(requireNonNull(other.elementRpm()), 0) + " against "
                            + Show.number(guide.elementRpm(), 0) + " rpm"));
            findings.add(judged("The other", other));
            views.add(new FaceDrawing.View(
                    requireNonNull(input.other()), "element " + Show.number(other.elementRpm(), 0) + " rpm"));
        }
        figures.add(new Answer.Figure(
                "bearing",
                Show.number(rpm, 0),
                "rpm",
                "cage " + Show.number(cageRpm, 0) + ", element " + Show.number(guide.elementRpm(), 0) + " rpm"));
        figures.add(new Answer.Figure(
                "n·dm",
                Show.number(guide.nDm(), 0),
                "mm/min",
                "guide limit " + (guide.nDmLimit() == null ? "–" : Show.number(guide.nDmLimit(), 0))));
        return new Answer(
                figures,
                findings,
                List.of(
                        "Guides, not promises: a maker's own limit comes first.",
                        "Drawn to one scale, a turn of the shaft in twelve seconds; the marked ring turns."),
                worksheet(),
                List.of(FaceDrawing.of(
                        "running",
                        "Bearings face-on to scale; elements spin "
                                + (other == null
                                        ? Show.number(guide.elementRpm(), 0) + " rpm"
                                        : Show.number(requireNonNull(spinRatio()), 2) + " times as fast in the other"),
                        views,
                        input.turning(),
                        null)));
    }

    private Worksheet worksheet() {
        List<Worksheet.Line> lines = new ArrayList<>();
        input.drive()
                .steps()
                .forEach(step -> lines.add(Worksheet.given("i", step.words(), Show.number(step.ratio(), 4))));
        lines.add(Worksheet.computed(
                "n", "bearing", "v/(2πR)·" + Show.number(input.ratio(), 4), Show.number(rpm, 1) + " rpm"));
        lines.add(Worksheet.computed(
                "",
                "cage",
                input.turning() == Turning.INNER ? "n/2·(1 − γ)" : "n/2·(1 + γ)",
                Show.number(cageRpm, 1) + " rpm"));
        lines.add(spin("element", guide));
        lines.add(factor("speed factor", guide));
        if (other != null) {
            lines.add(spin("the other's element", other));
            lines.add(factor("the other's speed factor", other));
        }
        return new Worksheet(
                "Is it too fast?",
                lines,
                List.of("Kinematics of rolling bearings: Harris and Kotzalas. Limits of n·dm: "
                        + "textbooks; of the element's spin: this bench's own guide."));
    }

    private static Worksheet.Line spin(String name, SpeedGuide g) {
        return Worksheet.judged(
                "",
                name,
                "n·dm/(2·Dw)·(1 − γ²)",
                Show.number(requireNonNull(g.elementRpm()), 0) + " rpm",
                "watch " + Show.number(g.elementWatch(), 0) + ", wrong " + Show.number(g.elementWrong(), 0));
    }

    private static Worksheet.Line factor(String name, SpeedGuide g) {
        return Worksheet.judged(
                "n·dm",
                name,
                "n·dm",
                Show.number(g.nDm(), 0),
                g.nDmLimit() == null ? "–" : Show.number(g.nDmLimit(), 0));
    }

    private static Finding judged(String name, SpeedGuide g) {
        String why = g.spinDecides()
                ? "its elements spin at " + Show.number(requireNonNull(g.elementRpm()), 0) + " rpm"
                : "n·dm " + Show.number(g.nDm(), 0);
        return switch (g.verdict()) {
            case FINE -> new Finding("speed-fine", Level.RIGHT, name + ": no trouble, " + why + ".");
            case WATCH -> new Finding("speed-watch", Level.WATCH, name + ": it runs hot, " + why + ".");
            case WRONG -> new Finding("speed-wrong", Level.STOP, name + ": too fast, " + why + ".");
        };
    }
}
