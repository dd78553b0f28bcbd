package unbo.core.tools.running;

import java.util.List;
import java.util.stream.Stream;

import unbo.core.input.Field;
import unbo.core.input.FieldList;
import unbo.core.input.Problem;
import unbo.core.input.Values;
import unbo.core.measure.Quantity;
import unbo.core.motion.Friction;
import unbo.core.running.BearingDrag;
import unbo.core.running.Candidate;

/** What is asked of friction. */
public final class BearingDragFields {
    private static final List<Field.Choice> IN =
            List.of(new Field.Choice("grease", "grease"), new Field.Choice("oil", "oil"));

    private static final List<Field.Choice> SEALS = List.of(
            new Field.Choice("none", "none"),
            new Field.Choice("low-drag", "low drag"),
            new Field.Choice("light", "light contact"),
            new Field.Choice("contact", "full contact"));

    public static final FieldList<BearingDrag.Input> LIST = FieldList.of(
            Stream.of(
                            InsideFields.fields(),
                            duty(),
                            List.of(
                                    Field.quantity(
                                                            "oilLevel",
                                                            "Oil over the middle of the lowest element",
                                                            Quantity.LENGTH,
                                                            "mm",
                                                            -60,
                                                            300)
                                                    .usually(-10, 40)
                                                    .orElse("0", "the right level"),
                                            Field.choice("seals", "Seals", SEALS)
                                                    .hint("as the number says, else none"),
                                    Field.yesNo("hybrid", "Ceramic balls"),
                                            Field.quantity(
                                                            "conductance",
                                                            "Its hub sheds, W a kelvin",
                                                            Quantity.RATIO,
                                                            "",
                                                            0.01,
                                                            100)
                                                    .hint("empty: 0.5 for a 25 mm bore, with the bore: a guide")))
                    .flatMap(List::stream)
                    .toList(),
            BearingDragFields::rules,
            BearingDragFields::make);

    private BearingDragFields() {}

    /** What cannot be of the bearing and its duty. */
    static List<Problem> rules(Values v) {
        List<Problem> problems = InsideFields.rules(v, false);
        return problems.isEmpty() ? thrust(v, InsideFields.candidate(v)) : problems;
    }

    /** What a thrust bearing cannot do without. */
    private static List<Problem> thrust(Values v, Candidate b) {
        return b.kind().axial() && v.number("axialN") <= 0
                ? List.of(new Problem("axialN", "It carries thrust only: write the axial load.", false))
                : List.of();
    }

    private static BearingDrag.Input make(Values v) {
        Candidate b = InsideFields.candidate(v);
        return input(
                v,
                b,
                InsideFields.seals(v.text("seals")).orElse(b.seals()),
                v.yes("hybrid") || b.build().hybrid(),
                v.number("oilLevel"),
                v.number("conductance", BearingDrag.GUIDE_W_K * b.boreMm() / BearingDrag.GUIDE_BORE_MM));
    }

    /** Boxes that the upgrade comparison asks as well. */
    public static List<Field> duty() {
        return List.of(
                Field.quantity("loadN", "Radial load", Quantity.FORCE, "N", 0, 500_000)
                        .usually(10, 50_000)
                        .must(),
                Field.quantity("axialN", "Axial load", Quantity.FORCE, "N", 0, 500_000)
                        .orElse("0", null),
                Field.quantity("rpm", "Speed", Quantity.ROTATION, "rpm", 0, 60_000)
                        .usually(20, 15_000)
                        .must(),
                Field.quantity("nu", "Oil at running temperature", Quantity.VISCOSITY, "mm²/s", 1, 10_000)
                        .usually(5, 500)
                        .must()
                        .hint("see Viscosity"),
                Field.choice("lubricant", "Runs in", IN).orElse("grease", null));
    }

    static BearingDrag.Input input(
            Values v, Candidate b, Friction.Seals seals, boolean hybrid, double oilMm, double conductance) {
        boolean grease = !v.text("lubricant").equals("oil");
        return new BearingDrag.Input(
                b,
                grease,
                new BearingDrag.Input.Load(v.number("loadN"), v.number("axialN")),
                v.number("rpm"),
                v.number("nu"),
                new BearingDrag.Input.Made(seals, hybrid),
                new BearingDrag.Input.Set(b.ratings().c0N(), conductance, grease ? 0 : oilMm));
    }
}
