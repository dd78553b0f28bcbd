package unbo.core.tools.setting;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;

import unbo.core.assembly.BearingPlaces;
import unbo.core.input.FieldList;
import unbo.core.input.Problem;
import unbo.core.input.Values;
import unbo.core.mount.FittedShaft;

/** What a job's Fit asks. */
public final class FittedShaftFields {

    public static final FieldList<FittedShaft.Input> LIST = FieldList.of(
            Stream.of(
                            Stream.of(BearingPlaces.field()),
                            MountingFields.LIST.fields().stream(),
                            ArrangementFields.fields(false).stream())
                    .flatMap(s -> s)
                    .toList(),
            FittedShaftFields::rules,
            v -> new FittedShaft.Input(
                    MountingFields.LIST.make().apply(v), v.has("arrangement") ? ArrangementFields.make(v) : null));

    private FittedShaftFields() {}

    private static List<Problem> rules(Values v) {
        List<Problem> problems = new ArrayList<>(MountingFields.LIST.rules().apply(v));
        if (v.has("arrangement")) {
            problems.addAll(ArrangementFields.rules(v));
        }
        return problems;
    }
}
