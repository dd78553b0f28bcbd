package unbo.core.tools.setting;

import java.util.List;

import unbo.core.fact.FactKey;
import unbo.core.input.Field;
import unbo.core.input.FieldList;
import unbo.core.input.Problem;
import unbo.core.input.Values;
import unbo.core.measure.Quantity;
import unbo.core.measure.Show;
import unbo.core.setting.CastleNutInput;
import unbo.core.setting.EndPlayBand;
import unbo.core.setting.School;

/** What is asked about a castellated nut, with the limits of the trade. */
public final class CastleNutFields {

    /** Also the names of the JSON call. */
    public static final FieldList<CastleNutInput> LIST = FieldList.of(
            List.of(
                    Field.quantity("pitch", "Thread pitch", Quantity.PITCH, "mm", 0.35, 6)
                            .from(FactKey.NUT_PITCH)
                            .usually(0.75, 4)
                            .alwaysMetric()
                            .must()
                            .hint("1.5 mm, 16 tpi, M20x1.5 or 3/4-16"),
                    Field.whole("slots", "Slots in the nut", 3, 36)
                            .from(FactKey.NUT_SLOTS)
                            .must()
                            .hint("places of a retainer count as slots"),
                    Field.list("pinHolesDeg", "Pin hole openings", Quantity.ANGLE, "°", -360, 720)
                            .many(1, 12)
                            .from(FactKey.PIN_HOLES)
                            .must()
                            .hint("a through hole has two: 0, 180"),
                    Field.quantity("freeAngleDeg", "Slot 0 at zero end play", Quantity.ANGLE, "°", -360, 720)
                            .from(FactKey.FREE_ANGLE)
                            .must()
                            .hint("turn the drawn nut, or type the angle"),
                    Field.quantity("endPlayMin", "End play, least", Quantity.LENGTH, "mm", 0, 0.5)
                            .from(FactKey.BAND_MIN)
                            .usually(0.005, 0.2)
                            .orElse("0.025", "usual wheel hub; the vehicle maker's figure wins"),
                    Field.quantity("endPlayMax", "End play, most", Quantity.LENGTH, "mm", 0.005, 1)
                            .from(FactKey.BAND_MAX)
                            .usually(0.02, 0.4)
                            .orElse("0.125", "usual wheel hub; the vehicle maker's figure wins"),
                    Field.choice("school", "Rule to set by", SchoolWords.choices())
                            .from(FactKey.SCHOOL)
                            .orElse("A", "the common rule for wheel hubs")),
            CastleNutFields::rules,
            CastleNutFields::make);

    private CastleNutFields() {}

    private static List<Problem> rules(Values v) {
        return v.number("endPlayMin") < v.number("endPlayMax")
                ? List.of()
                : List.of(Problem.impossible(
                        "endPlayMax",
                        "The most end play, " + Show.play(v.number("endPlayMax")) + ", must be above the least, "
                                + Show.play(v.number("endPlayMin")) + "."));
    }

    private static CastleNutInput make(Values v) {
        return new CastleNutInput(
                v.number("pitch"),
                v.whole("slots"),
                v.list("pinHolesDeg"),
                v.number("freeAngleDeg"),
                new EndPlayBand(v.number("endPlayMin"), v.number("endPlayMax")),
                School.valueOf(v.text("school")));
    }
}
