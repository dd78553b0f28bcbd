package unbo.core.running;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;

import unbo.core.answer.Answer;
import unbo.core.bearing.BearingKind;
import unbo.core.bearing.Turning;
import unbo.core.drawing.Chart;
import unbo.core.drawing.Drawing;
import unbo.core.finding.Finding;
import unbo.core.finding.Level;
import unbo.core.input.Field;
import unbo.core.input.FieldList;
import unbo.core.input.Values;
import unbo.core.measure.Quantity;
import unbo.core.measure.Show;
import unbo.core.motion.Friction;
import unbo.core.worksheet.Worksheet;

/**
 * What a bearing drags at a speed, under a load, with its seals: torque, watts, and as a guide how warm that makes its
 * hub. In an oil bath the level counts: at the middle of the lowest element the lubricant's part is the least; from
 * there it grows, as a guide in a straight line, to twice as much where the oil stands at the shaft.
 *
 * @param warmK power over the hub's conductance
 */
public record FrictionQuestion(Input input, Friction friction, double powerW, double warmK) {

    static final double GUIDE_W_K = 0.5;
    static final double GUIDE_BORE_MM = 25;
    private static final double HOT_K = 60;

    /** */
    public record Input(Candidate bearing, boolean grease, Load load, double rpm, double nu, Made made, Set set) {
        /** Loads. */
        public record Load(double radialN, double axialN) {}

        /** Seals and balls. */
        public record Made(Friction.Seals seals, boolean hybrid) {}

        /**
         * Its static rating, how its housing cools, and the oil it stands in.
         *
         * @param staticN C0, estimated from the inside
         * @param oilMm level of the oil over the middle of the lowest element, mm; 0 in grease
         */
        public record Set(double staticN, double conductance, double oilMm) {}

        Input level(double mm) {
            return new Input(
                    bearing,
                    grease,
                    new Input.Load(radialN(), axialN()),
                    rpm,
                    nu,
                    new Input.Made(seals(), hybrid()),
                    new Input.Set(staticN(), conductance(), mm));
        }

        Input thick(double mm2s) {
            return new Input(
                    bearing,
                    grease,
                    new Input.Load(radialN(), axialN()),
                    rpm,
                    mm2s,
                    new Input.Made(seals(), hybrid()),
                    new Input.Set(staticN(), conductance(), oilMm()));
        }

        Input running(double turns) {
            return new Input(
                    bearing,
                    grease,
                    new Input.Load(radialN(), axialN()),
                    turns,
                    nu,
                    new Input.Made(seals(), hybrid()),
                    new Input.Set(staticN(), conductance(), oilMm()));
        }

        /** A bearing of the same proportions, so many times as large, in a hub that sheds with its bore. */
        Input sized(double times) {
            Candidate b = bearing.sized(times);
            return new Input(
                    b,
                    grease,
                    new Input.Load(radialN(), axialN()),
                    rpm,
                    nu,
                    new Input.Made(seals(), hybrid()),
                    new Input.Set(b.ratings().c0N(), conductance() * times, oilMm() * times));
        }

        Input with(Friction.Seals others, boolean ceramic) {
            return new Input(
                    bearing,
                    grease,
                    new Input.Load(radialN(), axialN()),
                    rpm,
                    nu,
                    new Input.Made(others, ceramic),
                    new Input.Set(staticN(), conductance(), oilMm()));
        }

        public double radialN() {
            return load.radialN();
        }

        public double axialN() {
            return load.axialN();
        }

        public Friction.Seals seals() {
            return made.seals();
        }

        public boolean hybrid() {
            return made.hybrid();
        }

        public double staticN() {
            return set.staticN();
        }

        public double conductance() {
            return set.conductance();
        }

        public double oilMm() {
            return set.oilMm();
        }
    }

    private static final List<Field.Choice> SEALS = List.of(
            new Field.Choice("none", "none"),
            new Field.Choice("low-drag", "low drag"),
            new Field.Choice("light", "light contact"),
            new Field.Choice("contact", "full contact"));
    private static final List<Field.Choice> IN =
            List.of(new Field.Choice("grease", "grease"), new Field.Choice("oil", "oil"));

    /** Boxes that the upgrade comparison asks as well. */
    static List<Field> duty() {
        return List.of(
                Field.quantity("loadN", "Radial load", Quantity.FORCE, "N", 0, 500_000)
                        .usually(10, 50_000)
                        .must(),
                Field.quantity("axialN", "Axial load", Quantity.FORCE, "N", 0, 500_000)
                        .orElse("0", null),
                Field.quantity("rpm", "Speed", Quantity.ROTATION, "rpm", 0, 60_000)
                        .usually(20, 15_000)
                        .must(),
                Field.quantity("nu", "Oil at running temperature", Quantity.VISCOSITY, "mm²/s", 1, 10_000)
                        .usually(5, 500)
                        .must()
                        .hint("see Viscosity"),
                Field.choice("lubricant", "Runs in", IN).orElse("grease", null));
    }

    public static final FieldList<Input> LIST = FieldList.of(
            Stream.of(
                            InsideFields.fields(),
                            duty(),
                            List.of(
                                    Field.quantity(
                                                            "oilLevel",
                                                            "Oil over the middle of the lowest element",
                                                            Quantity.LENGTH,
                                                            "mm",
                                                            -60,
                                                            300)
                                                    .usually(-10, 40)
                                                    .orElse("0", "the right level"),
                                            Field.choice("seals", "Seals", SEALS)
                                                    .hint("as the number says, else none"),
                                    Field.yesNo("hybrid", "Ceramic balls"),
                                            Field.quantity(
                                                            "conductance",
                                                            "Its hub sheds, W a kelvin",
                                                            Quantity.RATIO,
                                                            "",
                                                            0.01,
                                                            100)
                                                    .hint("empty: 0.5 for a 25 mm bore, with the bore: a guide")))
                    .flatMap(List::stream)
                    .toList(),
            v -> InsideFields.rules(v, false),
            FrictionQuestion::make);

    private static Input make(Values v) {
        Candidate b = InsideFields.candidate(v);
        return input(
                v,
                b,
                InsideFields.seals(v.text("seals")).orElse(b.seals()),
                v.yes("hybrid") || b.build().hybrid(),
                v.number("oilLevel"),
                v.number("conductance", GUIDE_W_K * b.boreMm() / GUIDE_BORE_MM));
    }

    static Input input(Values v, Candidate b, Friction.Seals seals, boolean hybrid, double oilMm, double conductance) {
        boolean grease = !v.text("lubricant").equals("oil");
        return new Input(
                b,
                grease,
                new Input.Load(v.number("loadN"), v.number("axialN")),
                v.number("rpm"),
                v.number("nu"),
                new Input.Made(seals, hybrid),
                new Input.Set(b.ratings().c0N(), conductance, grease ? 0 : oilMm));
    }

    public static FrictionQuestion of(Input in) {
        BearingKind kind = in.bearing().kind();
        boolean angular = kind.angular();
        double p0 = kind.ball() ? Math.max(in.radialN(), 0.6 * in.radialN() + 0.5 * in.axialN()) : in.radialN();
        double p1 = kind.taper()
                ? Math.max(
                        in.radialN(),
                        2
                                * 0.4
                                / Math.tan(Math.toRadians(
                                        Math.max(8, in.bearing().geometry().contactDeg())))
                                * in.axialN())
                : angular
                        ? Math.max(in.radialN(), in.axialN() - 0.1 * in.radialN())
                        : kind.ball() ? Math.max(in.radialN(), 3 * in.axialN() - 0.1 * in.radialN()) : in.radialN();
        Friction still = Friction.of(
                new Friction.Turned(
                        kind, in.bearing().geometry().pitchMm(), in.bearing().boreMm(), in.seals(), in.hybrid()),
                new Friction.Oil(in.grease(), in.nu(), in.rpm()),
                new Friction.Pressed(p1, p0 / in.staticN()));
        Friction f = new Friction(still.lubricantNmm() * (1 + churned(in)), still.loadNmm(), still.sealsNmm());
        return new FrictionQuestion(in, f, f.powerW(in.rpm()), f.powerW(in.rpm()) / in.conductance());
    }

    /** How far from the right level to the shaft's middle the oil stands, 0 to 1. */
    private static double churned(Input in) {
        return in.grease()
                ? 0
                : Math.max(0, Math.min(1, in.oilMm() / (in.bearing().geometry().pitchMm() / 2)));
    }

    /** It in print. */
    public Answer answer() {
        List<Finding> findings = new ArrayList<>(List.of(
                warmK > HOT_K
                        ? new Finding(
                                "friction-hot",
                                Level.WATCH,
                                "It would run hot: less grease, a thinner one, or seals that drag less.")
                        : new Finding("friction-fine", Level.RIGHT, "No more warmth than a hub sheds.")));
        List<String> sentences =
                new ArrayList<>(List.of("Seals are a guide, a factor of two either way; a box of grease filled too "
                        + "full drags a multiple until it has cleared."));
        if (!input.grease()) {
            FrictionQuestion right = of(input.level(0));
            if (input.oilMm() > input.bearing().geometry().elementMm() / 2) {
                findings.add(new Finding(
                        "oil-high",
                        Level.SOON,
                        "The oil stands " + Show.number(input.oilMm(), 0) + " mm too high: churning makes "
                                + Show.number(powerW - right.powerW(), 2)
                                + " W more of heat. Drain it to the middle of the lowest element, standing still "
                                + "and level."));
            } else if (input.oilMm() < -input.bearing().geometry().elementMm() / 2) {
                findings.add(new Finding(
                        "oil-low",
                        Level.STOP,
                        "The oil does not reach the lowest element: it runs dry. Fill it to the middle "
                                + "of the lowest element."));
            }
            sentences.add("Level: the middle of the lowest element, standing still. Thick oil, small "
                    + "elements and a deep bath together are the classic hot box; oil that flows "
                    + "through needs its drain ports open.");
        }
        Answer answer = new Answer(
                List.of(
                        new Answer.Figure(
                                "drag",
                                Show.number(friction.totalNmm(), 1),
                                "N·mm",
                                "seals " + Show.number(friction.sealsNmm(), 1) + ", lubricant "
                                        + Show.number(friction.lubricantNmm(), 1) + ", load "
                                        + Show.number(friction.loadNmm(), 1)),
                        new Answer.Figure("takes", Show.number(powerW, 2), "W", ""),
                        new Answer.Figure("warms its hub by about", Show.number(warmK, 0), "K", "a guide")),
                findings,
                sentences,
                worksheet(),
                input.grease() ? List.of() : List.of(level()));
        Answer charted = input.grease() ? answer : answer.with(levels());
        return charted.with(thickness()).with(speeds()).with(sizes());
    }

    private Worksheet worksheet() {
        return new Worksheet(
                "What does it drag?",
                List.of(
                        Worksheet.given(
                                "Dw, dm, Z",
                                input.bearing().name(),
                                Show.number(input.bearing().geometry().elementMm(), 2) + " mm, "
                                        + Show.number(input.bearing().geometry().pitchMm(), 1) + " mm, "
                                        + input.bearing().geometry().elements()
                                        + (input.bearing().geometry().estimated() ? " (estimated)" : "")),
                        Worksheet.computed(
                                "M0",
                                "lubricant",
                                "f0·10⁻⁷·(ν·n)^(2/3)·dm³; under ν·n 2000: f0·160·10⁻⁷·dm³"
                                        + (churned(input) > 0
                                                ? "; ·" + Show.number(1 + churned(input), 2) + " by its level"
                                                : ""),
                                Show.number(friction.lubricantNmm(), 2) + " N·mm"),
                        Worksheet.computed("M1", "load", "f1·P1·dm", Show.number(friction.loadNmm(), 2) + " N·mm"),
                        Worksheet.computed(
                                "",
                                "seals",
                                "guide, with the bore squared",
                                Show.number(friction.sealsNmm(), 2) + " N·mm"),
                        Worksheet.computed("P", "power", "M·ω", Show.number(powerW, 3) + " W"),
                        Worksheet.computed(
                                "ΔT",
                                "warmth",
                                "P/conductance, " + Show.number(input.conductance(), 2) + " W/K",
                                Show.number(warmK, 1) + " K")),
                List.of("Palmgren, Ball and Roller Bearing Engineering. Seals, ceramic balls (load's "
                        + "part times 0.7), oil level and conductance are guides."));
    }

    private Drawing level() {
        return FaceDrawing.of(
                "oil-level",
                "Oil standing " + Show.number(Math.abs(input.oilMm()), 0) + " mm "
                        + (input.oilMm() > 0 ? "over" : "under") + " the middle of the lowest element",
                List.of(new FaceDrawing.View(input.bearing(), Show.number(powerW, 2) + " W")),
                Turning.INNER,
                input.oilMm());
    }

    private Chart levels() {
        return chart(
                "warmth-over-level",
                "Warmth over the oil's level",
                new Chart.Axis(
                        "oil over the lowest element's middle, mm",
                        0,
                        Math.max(1, Math.floor(input.bearing().geometry().pitchMm() / 2)),
                        false),
                input::level,
                Math.max(0, input.oilMm()));
    }

    private Chart thickness() {
        return chart(
                "warmth-over-viscosity",
                "Warmth over the oil's thickness",
                new Chart.Axis("mm²/s at running temperature", 5, 500, true),
                input::thick,
                input.nu());
    }

    /** Bearings of the same proportions under the same load, in hubs of their size. */
    private Chart sizes() {
        double pitch = input.bearing().geometry().pitchMm();
        return chart(
                "warmth-over-size",
                "Warmth over the bearing's size, its proportions kept",
                new Chart.Axis("pitch diameter, mm", pitch / 2, pitch * 2, false),
                mm -> input.sized(mm / pitch),
                pitch);
    }

    private Chart speeds() {
        return chart(
                "warmth-over-speed",
                "Warmth over speed",
                new Chart.Axis("rpm", 0, Math.max(100, input.rpm() * 2), false),
                input::running,
                input.rpm());
    }

    private Chart chart(
            String name, String title, Chart.Axis x, java.util.function.DoubleFunction<Input> at, double now) {
        List<Chart.Line> lines = List.of(new Chart.Line("", v -> of(at.apply(v)).warmK()));
        return new Chart(
                name,
                title,
                x,
                Chart.upTo("K over its surroundings", x, lines),
                lines,
                List.of(new Chart.Spot(now, warmK, Show.number(warmK, warmK < 10 ? 1 : 0) + " K")),
                List.of());
    }
}
