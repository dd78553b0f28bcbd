package unbo.core.tools.setting;

import static java.util.Objects.requireNonNull;

import java.util.List;

import unbo.core.arrange.SpacerHub;
import unbo.core.bearing.Bearing;
import unbo.core.bearing.BearingKind;
import unbo.core.bearing.Clearances;
import unbo.core.bearing.Inside;
import unbo.core.fact.FactKey;
import unbo.core.form.BearingInput;
import unbo.core.input.Field;
import unbo.core.input.FieldList;
import unbo.core.input.Problem;
import unbo.core.input.Values;
import unbo.core.measure.Quantity;
import unbo.core.measure.Show;

/** What is asked of a hub on a spacer. */
public final class SpacerHubFields {

    private static final List<Field.Choice> LAYOUTS = List.of(
            new Field.Choice("both", "both outer rings on shoulders"),
            new Field.Choice("one", "one shoulder, the other bearing driven to the spacer"));
    private static final List<Field.Choice> CLASSES = java.util.stream.Stream.of("C2", "CN", "C3", "C4", "C5")
            .map(c -> new Field.Choice(c, c))
            .toList();
    public static final FieldList<SpacerHub.Input> LIST = FieldList.of(
            List.of(
                    Field.bearing("designation", "Bearing, as stamped")
                            .from(FactKey.OUTER_CONE)
                            .must(),
                    Field.choice("layout", "Hub", LAYOUTS).must(),
                    Field.quantity("spacer", "Spacer, length", Quantity.LENGTH, "mm", 1, 300)
                            .from(FactKey.SPACER)
                            .usually(5, 150),
                    Field.quantity("shoulders", "Between the shoulders", Quantity.LENGTH, "mm", 1, 300)
                            .usually(5, 150),
                    Field.choice("clearanceClass", "Clearance class", CLASSES)
                            .orElse("CN", "unless the number says another"),
                    Field.quantity("lost", "Clearance lost to the fits", Quantity.LENGTH, "µm", 0, 60)
                            .usually(0, 25)
                            .alwaysMetric()
                            .orElse("3", "a light hub fit"),
                    Field.quantity("radialN", "Radial load on one bearing", Quantity.FORCE, "N", 1, 100_000)
                            .usually(50, 10_000)
                            .orElse("500", "a wheel of a bicycle or light motorcycle")),
            SpacerHubFields::rules,
            SpacerHubFields::make);

    private static final BearingInput BEARING = BearingInput.numbered("designation");

    private SpacerHubFields() {}

    private static List<Problem> rules(Values v) {
        Bearing d = BEARING.of(v);
        if (d.kind() != BearingKind.DEEP_GROOVE_BALL || d.inside().isEmpty()) {
            return List.of(Problem.impossible(
                    "designation",
                    "“" + v.text("designation")
                            + "” is no single-row ball bearing with known sizes: this sum is for those."));
        }
        if (v.text("layout").equals("both") && (!v.has("spacer") || !v.has("shoulders"))) {
            return List.of(new Problem(
                    v.has("spacer") ? "shoulders" : "spacer",
                    "With both rings on shoulders the spacer's length and the shoulders' distance are needed.",
                    false));
        }
        if (v.has("spacer") && v.has("shoulders") && Math.abs(v.number("spacer") - v.number("shoulders")) > 3) {
            return List.of(Problem.impossible(
                    "spacer",
                    "Spacer and shoulders differ by "
                            + Show.number(Math.abs(v.number("spacer") - v.number("shoulders")), 2)
                            + " mm: measure both again."));
        }
        return List.of();
    }

    private static SpacerHub.Input make(Values v) {
        Bearing d = BEARING.of(v);
        Inside inside = d.inside().orElseThrow();
        String clearance = v.defaulted("clearanceClass") && d.suffixes().clearance() != null
                ? d.suffixes().clearance()
                : v.text("clearanceClass");
        double made = Clearances.of(d.kind(), requireNonNull(d.boreMm()), clearance)
                .map(Clearances.Band::meanUm)
                .orElse(10.0);
        boolean both = v.text("layout").equals("both");
        return new SpacerHub.Input(
                d.designation(),
                v.maybe("spacer"),
                inside.geometry(),
                d.ratings().orElseThrow().c0N(),
                both ? v.number("spacer") - v.number("shoulders") : 0,
                Math.max(0.5, made - v.number("lost")),
                v.number("radialN"),
                both);
    }
}
