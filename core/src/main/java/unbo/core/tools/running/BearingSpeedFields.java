package unbo.core.tools.running;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;

import unbo.core.bearing.Turning;
import unbo.core.input.Field;
import unbo.core.input.FieldList;
import unbo.core.input.Problem;
import unbo.core.input.Values;
import unbo.core.measure.Quantity;
import unbo.core.motion.SpeedGuide;
import unbo.core.running.BearingSpeed;
import unbo.core.running.Candidate;
import unbo.core.running.DriveLine;

/** What is asked of speed. */
public final class BearingSpeedFields {

    private static final List<Field.Choice> TURNING =
            List.of(new Field.Choice("inner", "the inner ring"), new Field.Choice("outer", "the outer ring"));
    private static final List<Field.Choice> IN =
            List.of(new Field.Choice("grease", "grease"), new Field.Choice("oil", "oil at the right level"));

    public static final FieldList<BearingSpeed.Input> LIST = FieldList.of(
            Stream.of(
                            List.of(
                                    road(),
                                    radius(),
                                    Field.quantity(
                                                    "ratio",
                                                    "Bearing turns a turn of the wheel",
                                                    Quantity.RATIO,
                                                    "",
                                                    0.01,
                                                    200)
                                            .usually(0.2, 30)
                                            .orElse("1", "a wheel bearing"),
                                    through(),
                                    Field.choice("turning", "Turning", TURNING).orElse("inner", null)),
                            InsideFields.fields(),
                            List.of(
                                    Field.yesNo("contactSeals", "Contact seals"),
                                    Field.yesNo("fullComplement", "Full complement"),
                                    Field.yesNo("hybrid", "Ceramic balls"),
                                    Field.choice("lubricant", "Runs in", IN).orElse("grease", null)),
                            InsideFields.others())
                    .flatMap(List::stream)
                    .toList(),
            BearingSpeedFields::rules,
            BearingSpeedFields::make);

    private BearingSpeedFields() {}

    /** How fast the vehicle goes. */
    static Field road() {
        return Field.quantity("speedKmh", "Road speed", Quantity.SPEED, "km/h", 0.5, 500)
                .usually(10, 200)
                .must();
    }

    /** How large its wheel is. */
    static Field radius() {
        return Field.quantity("rollingRadiusM", "Rolling radius", Quantity.LENGTH, "m", 0.03, 1.5)
                .usually(0.15, 0.6)
                .must();
    }

    /** What stands between the wheel and the bearing. */
    static Field through() {
        return Field.text("through", "And through", 120)
                .hint("from the wheel, driven:driving each: " + "43:15 chain; 28:13 gear; 120:80 pulley");
    }

    private static List<Problem> rules(Values v) {
        List<Problem> problems = new ArrayList<>(InsideFields.rules(v, false));
        if (InsideFields.otherAsked(v)) {
            problems.addAll(InsideFields.rules(v, true));
        }
        DriveLine.refusal(v.text("through"))
                .ifPresent(sentence -> problems.add(Problem.impossible("through", sentence)));
        return problems;
    }

    private static BearingSpeed.Input make(Values v) {
        Candidate bearing = InsideFields.candidate(v);
        Candidate other = InsideFields.otherAsked(v) ? InsideFields.other(v) : null;
        DriveLine drive = DriveLine.of(v.text("through"));
        return new BearingSpeed.Input(
                new BearingSpeed.Input.Road(
                        v.number("speedKmh"), v.number("rollingRadiusM"), drive, v.number("ratio") * drive.ratio()),
                v.text("turning").equals("outer") ? Turning.OUTER : Turning.INNER,
                BearingSpeed.build(v, bearing),
                bearing,
                v.text("lubricant").equals("oil") ? SpeedGuide.Lubricant.OIL : SpeedGuide.Lubricant.GREASE,
                other,
                other == null ? null : BearingSpeed.build(v, other));
    }
}
