package unbo.core.tools.running;

import static java.util.Objects.requireNonNull;

import java.util.ArrayList;
import java.util.List;

import unbo.core.bearing.Bearing;
import unbo.core.bearing.BearingKind;
import unbo.core.fact.FactKey;
import unbo.core.form.BearingInput;
import unbo.core.input.Field;
import unbo.core.input.FieldList;
import unbo.core.input.Problem;
import unbo.core.input.Values;
import unbo.core.lubrication.BearingGreaseInput;
import unbo.core.lubrication.FreeVolume;
import unbo.core.measure.Quantity;
import unbo.core.measure.Show;

/** What is asked to grease one bearing: its designation, or its sizes. */
public final class BearingGreaseFields {

    private static final List<Field.Choice> KINDS = List.of(
            new Field.Choice("ball", "ball bearing"),
            new Field.Choice("tapered", "tapered roller"),
            new Field.Choice("cylindrical", "cylindrical roller"),
            new Field.Choice("needle", "needle roller"),
            new Field.Choice("spherical", "spherical roller"));

    public static final FieldList<BearingGreaseInput> LIST = FieldList.of(
            List.of(
                    Field.bearing("designation", "Bearing, as stamped")
                            .from(FactKey.OUTER_CONE)
                            .hint("or the three sizes below"),
                    size("boreMm", "Bore").from(FactKey.OUTER_BORE),
                    size("outsideMm", "Outside").from(FactKey.OUTER_OUTSIDE),
                    size("widthMm", "Width").from(FactKey.OUTER_WIDTH),
                    Field.quantity("massKg", "Mass", Quantity.MASS, "kg", 0.001, 100)
                            .hint("weigh it, or leave it to the estimate"),
                    Field.choice("kind", "Kind", KINDS).hint("taken from the designation where that tells"),
                    Field.quantity("rpm", "Speed", Quantity.ROTATION, "rpm", 0, 60_000),
                    Field.choice(
                                    "use",
                                    "Use",
                                    List.of(
                                            new Field.Choice("wheel", "wheel"),
                                            new Field.Choice("race", "clean race wheel, short service"),
                                            new Field.Choice("pivot", "pivot, turns under 45°"),
                                            new Field.Choice("pulley", "belt pulley"),
                                            new Field.Choice("general", "general")))
                            .orElse("general", "share by speed"),
                    Field.quantity("temperature", "Temperature", Quantity.TEMPERATURE, "°C", -40, 250)
                            .from(FactKey.HUB_HEAT)
                            .orElse("70", "where the interval formula stands"),
                    Field.quantity(
                                    "speedFactor",
                                    "Its grease's speed factor, n·dm",
                                    Quantity.RATIO,
                                    "",
                                    10_000,
                                    5_000_000)
                            .usually(100_000, 2_000_000)
                            .hint("of the grease's sheet, mm/min")
                            .seldom(),
                    Field.quantity("strokeGrams", "One stroke of the gun", Quantity.MASS, "g", 0.05, 20)
                            .usually(0.5, 3)
                            .hint("ten strokes on a scale, divided by ten"),
                    Field.quantity("cavityCm3", "Cavity beside it", Quantity.VOLUME, "cm³", 0, 10_000),
                    Field.yesNo("vertical", "Shaft stands upright").seldom(),
                    Field.choice(
                                    "dirt",
                                    "Dirt",
                                    List.of(
                                            new Field.Choice("1", "kept out"),
                                            new Field.Choice("0.7", "some, 0.7"),
                                            new Field.Choice("0.4", "much, 0.4"),
                                            new Field.Choice("0.1", "heavy, 0.1")))
                            .orElse("1", null),
                    Field.choice(
                                    "water",
                                    "Water",
                                    List.of(
                                            new Field.Choice("1", "kept out"),
                                            new Field.Choice("0.5", "some, 0.5"),
                                            new Field.Choice("0.1", "goes in, 0.1")))
                            .orElse("1", null),
                    Field.quantity("meanSpeed", "Mean speed while it runs", Quantity.SPEED, "km/h", 0.5, 300)
                            .usually(5, 120)
                            .hint("for the interval in km"),
                    Field.quantity("yearly", "Goes a year", Quantity.DISTANCE, "km", 1, 500_000)
                            .from(FactKey.YEARLY)
                            .usually(200, 60_000)
                            .hint("for the day it is due"),
                    Field.date("greased", "Greased on").from(FactKey.DAY).hint("for the day it is due")),
            BearingGreaseFields::rules,
            BearingGreaseFields::make);

    private static final BearingInput BEARING =
            BearingInput.numbered("designation").sized("boreMm", "outsideMm", "widthMm");

    private BearingGreaseFields() {}

    private static Field size(String name, String label) {
        return Field.quantity(name, label, Quantity.LENGTH, "mm", 1, 1000).usually(4, 300);
    }

    private static boolean sized(Bearing b) {
        return b.boreMm() != null && b.outsideMm() != null && b.widthMm() != null;
    }

    private static List<Problem> rules(Values v) {
        List<Problem> problems = new ArrayList<>();
        Bearing b = BEARING.of(v);
        if (BEARING.named(v) && !sized(b)) {
            problems.add(Problem.impossible(
                    "designation",
                    "“" + v.text("designation") + "” is not in the tables: write bore, outside and width instead."));
        } else if (!sized(b)) {
            problems.add(new Problem(
                    v.has("boreMm") ? v.has("outsideMm") ? "widthMm" : "outsideMm" : "boreMm",
                    "Write a designation, or bore, outside and width.",
                    false));
        }
        problems.addAll(BEARING.problems(v));
        if (b.suffixes().maybeSealed()) {
            problems.add(Problem.impossible(
                    "designation",
                    "A mark of “" + v.text("designation")
                            + "” looks like a seal's and is not known: look whether it is "
                            + "open or closed, and write the number with 2RS, ZZ or nothing behind it."));
        }
        if (problems.isEmpty() && v.has("massKg")) {
            BearingGreaseInput in = make(v);
            double envelope = FreeVolume.envelopeCm3(in.boreMm(), in.outsideMm(), in.widthMm());
            if (FreeVolume.cm3(envelope, in.massKg(), in.ball()) <= 0) {
                problems.add(Problem.impossible(
                        "massKg",
                        Show.number(requireNonNull(in.massKg()), 3) + " kg of steel do not fit into "
                                + Show.number(envelope, 1) + " cm³: weigh it again."));
            }
        }
        return problems;
    }

    private static BearingGreaseInput make(Values v) {
        Bearing b = BEARING.of(v);
        String kind = !v.text("kind").isEmpty() ? v.text("kind") : kindOf(b.kind());
        boolean ball = kind.equals("ball");
        double life = ball ? 10 : kind.equals("cylindrical") || kind.equals("needle") ? 5 : 1;
        return new BearingGreaseInput(
                new BearingGreaseInput.Size(
                        requireNonNull(b.boreMm()),
                        requireNonNull(b.outsideMm()),
                        requireNonNull(b.widthMm()),
                        v.maybe("massKg")),
                new BearingGreaseInput.Made(ball, kind.equals("tapered"), b.greasedForLife()),
                new BearingGreaseInput.Duty(
                        life, v.maybe("rpm"), v.text("use"), v.number("temperature"), v.maybe("speedFactor")),
                v.maybe("strokeGrams"),
                v.maybe("cavityCm3"),
                (v.yes("vertical") ? 0.5 : 1)
                        * Double.parseDouble(v.text("dirt"))
                        * Double.parseDouble(v.text("water")),
                v.has("meanSpeed")
                        ? new BearingGreaseInput.Service(
                                v.number("meanSpeed"),
                                v.date("greased") == null ? null : v.maybe("yearly"),
                                v.date("greased"))
                        : null);
    }

    private static String kindOf(BearingKind kind) {
        return switch (kind.element()) {
            case BALL, UNKNOWN -> "ball";
            case TAPER -> "tapered";
            case NEEDLE -> "needle";
            case CYLINDER -> kind.axial() ? "spherical" : "cylindrical";
            case BARREL -> "spherical";
        };
    }
}
