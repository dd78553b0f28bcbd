package unbo.core.tools.identify;

import java.util.List;

import unbo.core.bearing.BearingKind;
import unbo.core.catalogue.KindChoices;
import unbo.core.identify.SeriesLadder;
import unbo.core.input.Field;
import unbo.core.input.FieldList;
import unbo.core.measure.Quantity;

/** What is asked of the series of one bore. */
public final class SeriesLadderFields {

    private static final List<BearingKind> KINDS = List.of(
            BearingKind.DEEP_GROOVE_BALL,
            BearingKind.ANGULAR_CONTACT_BALL,
            BearingKind.DOUBLE_ROW_ANGULAR_CONTACT_BALL,
            BearingKind.SELF_ALIGNING_BALL,
            BearingKind.CYLINDRICAL_ROLLER,
            BearingKind.TAPERED_ROLLER,
            BearingKind.MACHINED_NEEDLE_ROLLER,
            BearingKind.DRAWN_CUP_NEEDLE_ROLLER,
            BearingKind.THRUST_BALL,
            BearingKind.SPHERICAL_ROLLER);

    public static final FieldList<SeriesLadder.Rung> LIST = FieldList.of(
            List.of(
                    Field.quantity("bore", "Bore", Quantity.LENGTH, "mm", 1, 120)
                            .usually(5, 80)
                            .must(),
                    Field.choice("kind", "Kind", KindChoices.of(KINDS)).orElse("deep-groove-ball", null)),
            v -> new SeriesLadder.Rung(
                    v.number("bore"), BearingKind.of(v.text("kind")).orElseThrow()));

    private SeriesLadderFields() {}
}
