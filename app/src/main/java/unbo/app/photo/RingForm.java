package unbo.app.photo;

import java.util.ArrayList;
import java.util.List;

import unbo.core.geometry.RingUnroll;
import unbo.core.input.Field;
import unbo.core.input.FieldList;
import unbo.core.input.Problem;
import unbo.core.input.Values;
import unbo.core.measure.Quantity;

/** Where a photo shows a ring: three places touched, in hundredths of the photo's width. */
final class RingForm {

    private static final double WHOLE = 100;

    private static final List<Field.Choice> RINGS =
            List.of(new Field.Choice("outer", "outer race"), new Field.Choice("inner", "inner race"));

    static final FieldList<Shown> LIST = FieldList.of(
            List.of(
                    Field.choice("ring", "It shows", RINGS).orElse("outer", null),
                    spot("centreX", "Centre, across"),
                    spot("centreY", "Centre, down"),
                    spot("outboardX", "Outboard edge, across"),
                    spot("outboardY", "Outboard edge, down"),
                    spot("inboardX", "Other edge, across"),
                    spot("inboardY", "Other edge, down"),
                    Field.yesNo("mirrored", "Seen from inboard"),
                    Field.quantity("edgeMm", "The larger edge measures", Quantity.LENGTH, "mm", 3, 600)
                            .hint("for its scale; may stay empty")),
            RingForm::rules,
            v -> new Shown(v.text("ring"), seen(v), v.maybe("edgeMm")));

    /** @param ring {@code outer inner} @param edgeMm diameter of the larger edge; null where nobody measured */
    record Shown(String ring, RingUnroll seen, Double edgeMm) {}

    private RingForm() {}

    private static Field spot(String name, String label) {
        return Field.quantity(name, label, Quantity.RATIO, "", 0, 400).must();
    }

    private static RingUnroll seen(Values v) {
        return RingUnroll.of(at(v, "centre"), at(v, "outboard"), at(v, "inboard"), v.yes("mirrored"));
    }

    private static RingUnroll.Spot at(Values v, String name) {
        return new RingUnroll.Spot(v.number(name + "X") / WHOLE, v.number(name + "Y") / WHOLE);
    }

    private static List<Problem> rules(Values v) {
        List<Problem> problems = new ArrayList<>();
        if (!seen(v).sound()) {
            problems.add(Problem.impossible(
                    "inboardX", "Touch the centre, then two edges that lie apart: these are one and the same circle."));
        }
        return problems;
    }
}
