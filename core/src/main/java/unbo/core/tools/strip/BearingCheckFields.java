package unbo.core.tools.strip;

import java.util.ArrayList;
import java.util.List;

import unbo.core.bearing.Bearing;
import unbo.core.fact.FactKey;
import unbo.core.form.BearingInput;
import unbo.core.input.Field;
import unbo.core.input.FieldList;
import unbo.core.input.Problem;
import unbo.core.input.Values;
import unbo.core.inspect.BearingCheck;
import unbo.core.measure.Quantity;

/** What is asked of a bearing in the hand. */
public final class BearingCheckFields {

    private static final List<Field.Choice> CLASSES =
            choices("C2", "C2", "CN", "CN", "C3", "C3", "C4", "C4", "C5", "C5");
    public static final FieldList<BearingCheck.Input> LIST = FieldList.of(
            List.of(
                    Field.bearing("designation", "Bearing, as stamped")
                            .from(FactKey.OUTER_CONE)
                            .must(),
                    Field.choice("clearanceClass", "Clearance class", CLASSES)
                            .orElse("CN", "unless the number says another"),
                    Field.quantity("shake", "Axial shake, push and pull", Quantity.LENGTH, "mm", 0, 3)
                            .usually(0.01, 0.6)
                            .hint("by a dial on the inner ring, outer held"),
                    Field.choice(
                                    "radial",
                                    "Radial shake, up and down",
                                    choices("none", "none to feel", "felt", "can be felt"))
                            .orElse("none", null),
                    Field.choice(
                                    "feel",
                                    "Turned slowly, oiled",
                                    choices("smooth", "smooth", "ticks", "ticks or grit", "rough", "rough or notched"))
                            .orElse("smooth", null),
                    Field.choice(
                                    "colour",
                                    "Colour of the races",
                                    choices(
                                            "none",
                                            "bright",
                                            "wiped",
                                            "stain, wiped off with solvent",
                                            "straw",
                                            "straw, does not wipe off",
                                            "brown",
                                            "brown",
                                            "blue",
                                            "blue"))
                            .orElse("none", null),
                    Field.choice(
                                    "rust",
                                    "Rust",
                                    choices(
                                            "none",
                                            "none",
                                            "stain",
                                            "stain, not to be felt",
                                            "felt",
                                            "felt with a fingernail"))
                            .orElse("none", null),
                    Field.choice(
                                    "cage",
                                    "Cage",
                                    choices(
                                            "sound",
                                            "sound",
                                            "polished",
                                            "polished in its pockets",
                                            "bent",
                                            "worn or bent"))
                            .orElse("sound", null),
                    Field.yesNo("hurt", "Any spall, dent or crack"),
                    Field.yesNo("road", "Works on a public road")),
            BearingCheckFields::rules,
            BearingCheckFields::make);

    private static final BearingInput BEARING = BearingInput.numbered("designation");

    private BearingCheckFields() {}

    private static List<Field.Choice> choices(String... pairs) {
        List<Field.Choice> choices = new ArrayList<>();
        for (int i = 0; i < pairs.length; i += 2) {
            choices.add(new Field.Choice(pairs[i], pairs[i + 1]));
        }
        return choices;
    }

    private static List<Problem> rules(Values v) {
        return BEARING.of(v).recognised()
                ? List.of()
                : List.of(Problem.impossible(
                        "designation", "“" + v.text("designation") + "” is not known here: read the number again."));
    }

    private static BearingCheck.Input make(Values v) {
        Bearing d = BEARING.of(v);
        String clearance = v.defaulted("clearanceClass") && d.suffixes().clearance() != null
                ? d.suffixes().clearance()
                : v.text("clearanceClass");
        return new BearingCheck.Input(
                d,
                clearance,
                v.maybe("shake"),
                new BearingCheck.Input.Looks(
                        v.text("radial"), v.text("feel"), v.text("colour"), v.text("rust"), v.text("cage")),
                v.yes("hurt"),
                v.yes("road"));
    }
}
