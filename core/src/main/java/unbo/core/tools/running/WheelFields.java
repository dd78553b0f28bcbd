package unbo.core.tools.running;

import static java.util.Objects.requireNonNull;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;

import unbo.core.bearing.Bearing;
import unbo.core.bearing.BearingKind;
import unbo.core.bearing.Inside;
import unbo.core.bearing.Ratings;
import unbo.core.fact.FactKey;
import unbo.core.form.BearingInput;
import unbo.core.input.Field;
import unbo.core.input.FieldList;
import unbo.core.input.Problem;
import unbo.core.input.Values;
import unbo.core.life.LifeFactor;
import unbo.core.life.WheelInput;
import unbo.core.life.WheelSweep;
import unbo.core.measure.Quantity;
import unbo.core.measure.Show;

/** What is asked of the two bearings of a wheel. */
public final class WheelFields {

    /** A wheel, and what it is changed to. @param impact times the load when it strikes a kerb */
    public record Asked(WheelInput wheel, WheelInput changed, double impact, WheelSweep sweep) {

        /** True where anything is changed. */
        public boolean changes() {
            return !wheel.equals(changed);
        }
    }

    private static final List<Field.Choice> VEHICLES = List.of(
            new Field.Choice("car", "car"),
            new Field.Choice("van", "van"),
            new Field.Choice("trailer", "trailer"),
            new Field.Choice("motorcycle", "motorcycle (leans)"),
            new Field.Choice("bicycle", "bicycle (leans)"));
    /** Cleanliness ec of ISO 281, in words. */
    public static final List<Field.Choice> CLEAN = List.of(
            new Field.Choice("1", "very clean, 1"),
            new Field.Choice("0.7", "clean, sealed, 0.7"),
            new Field.Choice("0.55", "normal, 0.55"),
            new Field.Choice("0.4", "slight dirt, 0.4"),
            new Field.Choice("0.2", "dirty, 0.2"),
            new Field.Choice("0.05", "very dirty, 0.05"));

    public static final FieldList<Asked> LIST = FieldList.of(
            List.of(
                    Field.choice("vehicle", "Vehicle", VEHICLES)
                            .from(FactKey.VEHICLE_KIND)
                            .orElse("car", "one that does not lean"),
                    Field.quantity("wheelLoadN", "Load on this wheel", Quantity.FORCE, "N", 10, 100_000)
                            .from(FactKey.LOAD)
                            .usually(200, 20_000)
                            .must(),
                    Field.quantity("rollingRadiusM", "Rolling radius", Quantity.LENGTH, "m", 0.05, 1.5)
                            .usually(0.15, 0.6)
                            .must(),
                    Field.quantity("spreadMm", "Between pressure centres", Quantity.LENGTH, "mm", 5, 400)
                            .from(FactKey.SPREAD)
                            .usually(20, 150)
                            .hint("empty for a hub cartridge: by its two rows"),
                    Field.quantity("offsetMm", "Load line outboard of their middle", Quantity.LENGTH, "mm", -200, 200)
                            .usually(-60, 60)
                            .hint("empty: by flange, spacer and ET below, else 0"),
                    Field.bearing("outerDesignation", "Outer bearing").from(FactKey.OUTER_CONE),
                    Field.bearing("innerDesignation", "Inner bearing").from(FactKey.INNER_CONE),
                    Field.quantity("newOffset", "Changed to: offset", Quantity.LENGTH, "mm", -250, 250)
                            .usually(-80, 80)
                            .hint("a spacer of 25 mm adds 25")
                            .slides("offsetMm"),
                    Field.quantity("loadFactor", "Changed to: load times", Quantity.RATIO, "", 0.1, 10)
                            .from(FactKey.LOAD_TIMES)
                            .usually(0.5, 3)
                            .orElse("1", null)
                            .slides(""),
                    Field.quantity("lateralFactor", "Changed to: bends, times the g", Quantity.RATIO, "", 0, 5)
                            .usually(0, 3)
                            .orElse("1", null)
                            .slides(""),
                    Field.quantity("newKappa", "Changed to: κ", Quantity.RATIO, "", 0.05, 20)
                            .usually(0.1, 4)
                            .slides("kappa"),
                    Field.quantity("newContamination", "Changed to: cleanliness ec", Quantity.RATIO, "", 0.01, 1)
                            .usually(0.05, 1)
                            .slides("contamination"),
                    Field.choice("over", "Chart over", WheelSweep.choices()).orElse("offset", null),
                    Field.quantity("flangeMm", "Flange outboard of their middle", Quantity.LENGTH, "mm", -200, 300)
                            .usually(0, 120)
                            .hint("where the wheel is bolted on"),
                    Field.quantity("spacerMm", "Wheel spacer", Quantity.LENGTH, "mm", 0, 150)
                            .usually(3, 60)
                            .hint("beside the wheel that is judged now"),
                    Field.quantity("etMm", "The wheel's ET", Quantity.LENGTH, "mm", -100, 150)
                            .usually(0, 70)
                            .hint("stamped on the rim; + the flange stands outboard of the rim's middle"),
                    Field.quantity("kappa", "Viscosity ratio κ", Quantity.RATIO, "", 0.05, 20)
                            .usually(0.2, 4)
                            .orElse("1", "see Viscosity"),
                    Field.choice("contamination", "Cleanliness ec", CLEAN).orElse("0.55", "normal"),
                    Field.yesNo("ep", "Proven EP additives").seldom(),
                    Field.quantity("exactContamination", "Cleanliness ec, to a figure", Quantity.RATIO, "", 0, 1)
                            .from(FactKey.CLEANLINESS)
                            .usually(0.01, 1)
                            .hint("where it is known better (ISO 281): goes before the word")
                            .seldom(),
                    Field.list("shares", "Shares of the distance", Quantity.RATIO, "", 0, 1)
                            .many(0, 8)
                            .hint("straight, this wheel outside, this wheel inside; empty: 0.8 0.1 0.1"),
                    Field.list("lateralGs", "Lateral acceleration, g", Quantity.RATIO, "", -1.5, 1.5)
                            .many(0, 8)
                            .hint("+ this wheel outside in the bend; empty: 0 0.25 −0.25"),
                    Field.quantity("impact", "Kerb strike, times the load", Quantity.RATIO, "", 1, 10)
                            .from(FactKey.BLOW_TIMES)
                            .usually(3, 5)
                            .orElse("4", "a kerb; 3 to 5"),
                    Field.quantity("trackMm", "Track", Quantity.LENGTH, "mm", 300, 3000)
                            .usually(900, 2000)
                            .hint("with the height: load moves over in bends")
                            .seldom(),
                    Field.quantity("cgHeightMm", "Height of the centre of gravity", Quantity.LENGTH, "mm", 50, 3000)
                            .usually(250, 1500)
                            .seldom(),
                    rating("outerCN", "Outer: C from the catalogue"),
                    rating("outerC0N", "Outer: C0"),
                    rating("innerCN", "Inner: C from the catalogue"),
                    rating("innerC0N", "Inner: C0"),
                    angle("outerContactDeg", "Outer: contact or half cup angle"),
                    angle("innerContactDeg", "Inner: contact or half cup angle"),
                    Field.yesNo("outerRollers", "Outer: rollers").seldom(),
                    Field.yesNo("innerRollers", "Inner: rollers").seldom()),
            WheelFields::rules,
            WheelFields::make);

    /** Under this a roller bearing of a wheel hub is taken to be a taper of the usual angle. */
    private static final double LEAST_ROLLER_DEG = 5;

    private static final double USUAL_ROLLER_DEG = 14;
    /** Kinds of which the equivalent load is none of those that are computed here, as one of a pair. */
    private static final Set<BearingKind> NO_SHARING = EnumSet.of(
            BearingKind.DOUBLE_ROW_ANGULAR_CONTACT_BALL,
            BearingKind.HUB_CARTRIDGE,
            BearingKind.SELF_ALIGNING_BALL,
            BearingKind.SPHERICAL_ROLLER,
            BearingKind.FOUR_POINT_BALL,
            BearingKind.THRUST_BALL,
            BearingKind.THRUST_NEEDLE_ROLLER,
            BearingKind.THRUST_CYLINDRICAL_ROLLER);

    /** f0 of ISO 76 where the inside is not known. */
    private static final double USUAL_STATIC_FACTOR = 14;

    private WheelFields() {}

    static Field rating(String name, String label) {
        return Field.quantity(name, label, Quantity.FORCE, "N", 50, 3_000_000)
                .usually(1000, 300_000)
                .seldom();
    }

    static Field angle(String name, String label) {
        return Field.quantity(name, label, Quantity.ANGLE, "°", 0, 60)
                .usually(9, 45)
                .seldom();
    }

    private static List<Problem> rules(Values v) {
        List<Problem> problems = cartridge(v).isPresent() ? new ArrayList<>() : unrated(v, List.of("outer", "inner"));
        if (!v.has("spreadMm") && cartridge(v).isEmpty()) {
            problems.add(new Problem("spreadMm", "Write the distance between the pressure centres.", false));
        }
        for (String box : List.of("kappa", "newKappa")) {
            if (v.has(box) && v.number(box) < LifeFactor.LEAST_KAPPA) {
                problems.add(outside(box));
            }
        }
        for (String side : List.of("outer", "inner")) {
            Bearing told = BearingInput.numbered(side + "Designation").of(v);
            boolean straight = told.kind() == BearingKind.CYLINDRICAL_ROLLER
                    || told.kind().needle() && !told.kind().axial();
            if (straight && !leaning(v)) {
                problems.add(Problem.impossible(
                        side + "Designation",
                        "“" + v.text(side + "Designation") + "” is a "
                                + told.kind().words()
                                + ": it takes no side force of a bend, so it cannot stand in the pair of a wheel that "
                                + "does not lean."));
            }
        }
        if (v.list("shares").size() != v.list("lateralGs").size()) {
            problems.add(Problem.impossible(
                    "lateralGs",
                    v.list("shares").size() + " shares and "
                            + v.list("lateralGs").size() + " accelerations: each running state has both."));
        } else if (!v.list("shares").isEmpty()
                && v.list("shares").stream().mapToDouble(Double::doubleValue).sum() <= 0) {
            problems.add(Problem.impossible("shares", "The shares come to nothing."));
        }
        if (v.number("exactContamination", 1) <= 0) {
            problems.add(Problem.impossible("exactContamination", "Cleanliness ec is over 0 and up to 1."));
        }
        if ((v.has("spacerMm") || v.has("etMm")) && !v.has("flangeMm") && !v.has("offsetMm")) {
            problems.add(new Problem(
                    "flangeMm",
                    "Spacer and ET tell where the load line runs only with the flange: measure it "
                            + "from the middle of the bearings.",
                    false));
        }
        return problems;
    }

    /** A viscosity ratio so low that the method says nothing. */
    static Problem outside(String box) {
        return Problem.impossible(
                box,
                "κ under " + Show.number(LifeFactor.LEAST_KAPPA, 1) + " is outside the method (ISO 281): metal touches "
                        + "metal, no life is told. A thicker oil.");
    }

    private static boolean leaning(Values v) {
        return v.text("vehicle").equals("motorcycle") || v.text("vehicle").equals("bicycle");
    }

    /**
     * A bearing of two angular rows that holds the wheel alone: a hub cartridge or a double-row angular contact
     * bearing, named for both sides or for one with nothing said of the other.
     */
    private static Optional<Bearing> cartridge(Values v) {
        String outer = v.text("outerDesignation").strip();
        String inner = v.text("innerDesignation").strip();
        boolean one = outer.isEmpty() != inner.isEmpty() || outer.equalsIgnoreCase(inner);
        Bearing told = BearingInput.numbered(outer.isEmpty() ? "innerDesignation" : "outerDesignation")
                .of(v);
        boolean rated =
                List.of("outerCN", "innerCN", "outerC0N", "innerC0N").stream().anyMatch(v::has);
        return one
                        && !rated
                        && told.kind().angular()
                        && told.kind().rows() == 2
                        && told.inside().isPresent()
                ? Optional.of(told)
                : Optional.empty();
    }

    /** One row of it. */
    private static WheelInput.Bearing row(Bearing cartridge, String side) {
        Inside inside = cartridge.inside().orElseThrow();
        Ratings both = cartridge.ratings().orElseThrow();
        Ratings byRule = Ratings.of(inside);
        Ratings row = Ratings.ofRow(inside);
        return new WheelInput.Bearing(
                cartridge.designation() + ", " + side + " row",
                both.cN() * row.cN() / byRule.cN(),
                both.c0N() * row.c0N() / byRule.c0N(),
                cartridge.contactDeg(),
                false,
                cartridge.rated() == null,
                Ratings.staticBallFactor(inside.geometry().gamma()));
    }

    /** Between the pressure centres of its two rows, back to back: half its width apart, and dm/2·tan α beyond each. */
    private static double spread(Bearing cartridge) {
        return requireNonNull(cartridge.widthMm()) / 2
                + cartridge.inside().orElseThrow().geometry().pitchMm()
                        * Math.tan(Math.toRadians(cartridge.contactDeg()));
    }

    /** What is missing of the bearings named by these sides. */
    static List<Problem> unrated(Values v, List<String> sides) {
        List<Problem> problems = new ArrayList<>();
        for (String side : sides) {
            Bearing told = BearingInput.numbered(side + "Designation").of(v);
            boolean rated = v.has(side + "CN") && v.has(side + "C0N") && v.has(side + "ContactDeg");
            if (NO_SHARING.contains(told.kind()) && !rated) {
                problems.add(Problem.impossible(
                        side + "Designation",
                        told.kind().axial()
                                ? "“" + v.text(side + "Designation")
                                        + "” carries thrust only: it cannot hold a shaft or wheel."
                                : "How a " + told.kind().words()
                                        + " shares thrust and radial load has no rule here: write "
                                        + "C, C0 and a contact angle from its catalogue."));
            } else if (bearing(v, side).isEmpty()) {
                problems.add(
                        v.text(side + "Designation").isBlank()
                                ? new Problem(
                                        side + "Designation",
                                        "Write the " + side + " bearing's number, or its C and C0.",
                                        false)
                                : Problem.impossible(
                                        side + "Designation",
                                        "“" + v.text(side + "Designation")
                                                + "” has no sizes or no rule for its ratings here: "
                                                + "write C and C0 from a "
                                                + "catalogue."));
            }
        }
        return problems;
    }

    /** The bearing of a side, by its number or by its ratings; empty where neither tells. */
    static Optional<WheelInput.Bearing> bearing(Values v, String side) {
        BearingInput input = BearingInput.numbered(side + "Designation")
                .angled(side + "ContactDeg")
                .rated(side + "CN", side + "C0N");
        Bearing told = input.of(v);
        boolean rollers =
                v.yes(side + "Rollers") || told.inside().map(Inside::rollers).orElse(false);
        boolean straight =
                told.kind() == BearingKind.CYLINDRICAL_ROLLER || told.kind().needle();
        double angle =
                rollers && !straight && told.contactDeg() < LEAST_ROLLER_DEG ? USUAL_ROLLER_DEG : told.contactDeg();
        return told.ratings()
                .map(ratings -> new WheelInput.Bearing(
                        input.named(v) ? v.text(side + "Designation") : side,
                        ratings.cN(),
                        ratings.c0N(),
                        angle,
                        rollers,
                        told.rated() == null,
                        told.inside()
                                .map(inside -> Ratings.staticBallFactor(
                                        inside.geometry().gamma()))
                                .orElse(USUAL_STATIC_FACTOR)));
    }

    /** s = flange + spacer − ET where it is not typed; without a flange 0. */
    private static double offset(Values v) {
        return v.has("offsetMm")
                ? v.number("offsetMm")
                : v.has("flangeMm") ? v.number("flangeMm") + v.number("spacerMm", 0) - v.number("etMm", 0) : 0;
    }

    private static Asked make(Values v) {
        List<WheelInput.State> states = new ArrayList<>();
        if (v.list("shares").isEmpty()) {
            states.addAll(List.of(
                    new WheelInput.State(0.8, 0), new WheelInput.State(0.1, 0.25), new WheelInput.State(0.1, -0.25)));
        }
        for (int i = 0; i < v.list("shares").size(); i++) {
            states.add(new WheelInput.State(
                    v.list("shares").get(i), v.list("lateralGs").get(i)));
        }
        Optional<Bearing> cartridge = cartridge(v);
        double spread = v.has("spreadMm") ? v.number("spreadMm") : spread(cartridge.orElseThrow());
        WheelInput wheel = new WheelInput(
                leaning(v),
                new WheelInput.Wheel(v.number("wheelLoadN"), v.number("rollingRadiusM"), spread, offset(v)),
                states,
                cartridge
                        .map(c -> row(c, "inner"))
                        .or(() -> bearing(v, "inner"))
                        .orElseThrow(),
                cartridge
                        .map(c -> row(c, "outer"))
                        .or(() -> bearing(v, "outer"))
                        .orElseThrow(),
                new WheelInput.Oil(
                        v.number("kappa"),
                        v.number("exactContamination", Double.parseDouble(v.text("contamination"))),
                        v.yes("ep")),
                new WheelInput.VehicleBody(v.maybe("trackMm"), v.maybe("cgHeightMm")));
        WheelInput changed = wheel.offset(v.number("newOffset", wheel.offsetMm()))
                .load(v.number("loadFactor"))
                .lateral(v.number("lateralFactor"))
                .film(v.number("newKappa", wheel.kappa()))
                .clean(v.number("newContamination", wheel.contamination()));
        return new Asked(wheel, changed, v.number("impact"), WheelSweep.of(v.text("over")));
    }
}
