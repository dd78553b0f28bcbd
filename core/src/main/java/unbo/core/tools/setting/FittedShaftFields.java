package unbo.core.tools.setting;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;

import unbo.core.assembly.BearingPlaces;
import unbo.core.fact.PlaceProperty;
import unbo.core.input.Field;
import unbo.core.input.FieldList;
import unbo.core.input.Problem;
import unbo.core.input.Values;
import unbo.core.measure.Quantity;
import unbo.core.mount.FittedShaft;

/** What a job's Fit asks. */
public final class FittedShaftFields {

    /** Name of the bearing that was found at the place: taken from the sheet. */
    public static final String FOUND = "found";

    /** Radial clearance of the one that goes in, measured before. */
    public static final String CLEARANCE = "radialClearance";

    public static final FieldList<FittedShaft.Input> LIST = FieldList.of(
            Stream.of(
                            Stream.of(BearingPlaces.field()),
                            MountingFields.LIST.fields().stream(),
                            Stream.of(
                                    Field.text("maker", "Maker of the new one", 60),
                                    Field.text("batch", "Its batch", 60),
                                    Field.text("bought", "Bought from", 60),
                                    Field.quantity(CLEARANCE, "Its radial clearance", Quantity.LENGTH, "mm", 0, 0.5)
                                            .usually(0.002, 0.12)
                                            .hint("lifted by an indicator before it goes in; empty where the "
                                                    + "number tells its class"),
                                    Field.bearing(FOUND, "Found there").from(PlaceProperty.CONE.here())),
                            ArrangementFields.fields(false).stream())
                    .flatMap(s -> s)
                    .toList(),
            FittedShaftFields::rules,
            v -> new FittedShaft.Input(
                    v.text(BearingPlaces.NAME),
                    MountingFields.LIST.make().apply(v),
                    v.text(FOUND).isBlank() ? null : v.book().find(v.text(FOUND)),
                    new FittedShaft.Made(v.text("maker"), v.text("batch"), v.text("bought"), v.maybe(CLEARANCE)),
                    v.has("arrangement") ? ArrangementFields.make(v) : null));

    private FittedShaftFields() {}

    private static List<Problem> rules(Values v) {
        List<Problem> problems = new ArrayList<>(MountingFields.LIST.rules().apply(v));
        if (v.has("arrangement")) {
            problems.addAll(ArrangementFields.rules(v));
        }
        return problems;
    }
}
