package unbo.core.tools.setting;

import java.util.ArrayList;
import java.util.List;

import unbo.core.arrange.Preload;
import unbo.core.fact.FactKey;
import unbo.core.input.Field;
import unbo.core.input.FieldList;
import unbo.core.input.Problem;
import unbo.core.input.Values;
import unbo.core.measure.Quantity;

/** What is asked of preload. */
public final class PreloadFields {

    private static final List<Field.Choice> PLACES = List.of(
            new Field.Choice("pinion", "pinion of an axle"),
            new Field.Choice("wheel-hub", "wheel hub"),
            new Field.Choice("steering-head", "steering head"),
            new Field.Choice("gearbox", "gearbox shaft on tapers"),
            new Field.Choice("unit-hub", "unit or cartridge hub"));
    public static final FieldList<Preload.Input> LIST = FieldList.of(
            List.of(
                    Field.choice("place", "Place", PLACES)
                            .from(FactKey.WHERE, FactKey.ASSEMBLY)
                            .must(),
                    Field.yesNo("used", "Bearings run before"),
                    Field.quantity("torque", "Turning torque, steady", Quantity.TORQUE, "N·m", 0, 40)
                            .usually(0.05, 6)
                            .hint("by wrench; or by spring scale below"),
                    Field.quantity("scale", "Spring scale", Quantity.FORCE, "N", 0, 500)
                            .usually(2, 120),
                    Field.quantity("radius", "at a radius of", Quantity.LENGTH, "mm", 5, 500)
                            .usually(15, 400),
                    Field.quantity("seal", "Seal drag to take off", Quantity.TORQUE, "N·m", 0, 5)
                            .usually(0, 1)
                            .orElse("0", "measured before the seal is fitted"),
                    Field.quantity("pitch", "Mean pitch diameter", Quantity.LENGTH, "mm", 10, 300)
                            .usually(25, 120)
                            .orElse("55", "a middling pinion pair"),
                    Field.quantity("angle", "Half cup angle", Quantity.ANGLE, "°", 5, 45)
                            .usually(10, 30)
                            .orElse("15", null),
                    Field.quantity("wanted", "Axial preload wanted", Quantity.FORCE, "N", 1, 50_000)
                            .usually(100, 8000),
                    Field.quantity("makerMin", "Maker's least", Quantity.TORQUE, "N·m", 0, 40)
                            .usually(0.1, 6),
                    Field.quantity("makerMax", "Maker's most", Quantity.TORQUE, "N·m", 0, 40)
                            .usually(0.1, 6),
                    Field.yesNo("crushSleeve", "Set by a crush sleeve")),
            PreloadFields::rules,
            PreloadFields::make);

    private PreloadFields() {}

    private static List<Problem> rules(Values v) {
        List<Problem> problems = new ArrayList<>();
        if (v.has("scale") != v.has("radius")) {
            problems.add(new Problem(
                    v.has("scale") ? "radius" : "scale",
                    "A spring scale needs both: the force and the radius it pulls at.",
                    false));
        }
        if (!v.has("torque") && !v.has("scale") && !v.has("wanted")) {
            problems.add(new Problem(
                    "torque",
                    "Write the turning torque, or the spring scale's reading, or the preload that is wanted.",
                    false));
        }
        if (v.has("makerMin") && v.has("makerMax") && v.number("makerMin") > v.number("makerMax")) {
            problems.add(Problem.impossible("makerMax", "The maker's most is under the maker's least."));
        }
        return problems;
    }

    private static Preload.Input make(Values v) {
        Double torque = v.has("torque")
                ? v.maybe("torque")
                : v.has("scale") && v.has("radius")
                        ? Double.valueOf(v.number("scale") * v.number("radius") / 1000)
                        : null;
        return new Preload.Input(
                v.text("place"),
                v.yes("used"),
                torque,
                v.number("seal"),
                v.number("pitch"),
                v.number("angle"),
                new Preload.Input.Wanted(v.maybe("wanted"), v.maybe("makerMin"), v.maybe("makerMax")),
                v.yes("crushSleeve"));
    }
}
