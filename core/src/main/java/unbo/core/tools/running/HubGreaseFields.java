package unbo.core.tools.running;

import java.util.ArrayList;
import java.util.List;

import unbo.core.catalogue.KindChoices;
import unbo.core.fact.FactKey;
import unbo.core.input.Field;
import unbo.core.input.FieldList;
import unbo.core.input.Problem;
import unbo.core.input.Values;
import unbo.core.lubrication.HubGreaseInput;
import unbo.core.lubrication.Mixing;
import unbo.core.measure.Quantity;
import unbo.core.measure.Show;
import unbo.core.sheet.Fact;
import unbo.core.sheet.How;
import unbo.core.sheet.Sheet;
import unbo.core.vehicle.Usage;

/** What is asked to grease a hub with two bearings. */
public final class HubGreaseFields {

    public static final FieldList<HubGreaseInput> LIST = FieldList.of(
            List.of(
                    mm("outerBore", "Outer bearing, bore", 4, 300).from(FactKey.OUTER_BORE),
                    mm("outerOutside", "Outer bearing, outside", 8, 400).from(FactKey.OUTER_OUTSIDE),
                    mm("outerWidth", "Outer bearing, width", 3, 150).from(FactKey.OUTER_WIDTH),
                    mm("innerBore", "Inner bearing, bore", 4, 300).from(FactKey.INNER_BORE),
                    mm("innerOutside", "Inner bearing, outside", 8, 400).from(FactKey.INNER_OUTSIDE),
                    mm("innerWidth", "Inner bearing, width", 3, 150).from(FactKey.INNER_WIDTH),
                    mm("betweenCups", "Between the cups", 0, 400).from(FactKey.BETWEEN_CUPS),
                    mm("hubBore", "Hub bore between", 10, 400).from(FactKey.HUB_BORE),
                    mm("spindle", "Spindle between", 5, 300).from(FactKey.SPINDLE),
                    Field.choice("kind", "New grease", Mixing.choices())
                            .from(FactKey.GREASE_KIND)
                            .must(),
                    Field.choice("oldKind", "Grease that was in", oldChoices())
                            .from(FactKey.GREASE_KIND)
                            .orElse("unknown", "washing out is always right"),
                    Field.quantity("cavityShare", "Share of the cavity", Quantity.RATIO, "", 0.2, 0.5)
                            .usually(0.3, 0.5)
                            .orElse("0.333", "a third; never over a half"),
                    Field.quantity("hubTemperature", "The hub's heat", Quantity.TEMPERATURE, "°C", -30, 250)
                            .from(FactKey.HUB_HEAT)
                            .usually(20, 140)
                            .orElse("70", "a braked wheel, expected"),
                    Field.choice(
                                    "method",
                                    "Greased",
                                    List.of(
                                            new Field.Choice("hand", "by hand"),
                                            new Field.Choice("packer", "with a packer"),
                                            new Field.Choice("gun", "by gun, through its nipple")))
                            .orElse("hand", null),
                    Field.quantity("strokeGrams", "One stroke of the gun", Quantity.MASS, "g", 0.05, 20)
                            .usually(0.5, 3)
                            .hint("ten strokes on a scale, divided by ten"),
                    Field.choice("use", "Use", Usage.USES).from(FactKey.USE).orElse("wet", "when not said"),
                    Field.choice("outerKind", "Outer bearing, kind", KindChoices.all())
                            .from(FactKey.OUTER_KIND)
                            .orElse("tapered-roller", "packed by hand"),
                    Field.choice("innerKind", "Inner bearing, kind", KindChoices.all())
                            .from(FactKey.INNER_KIND)
                            .orElse("tapered-roller", "packed by hand")),
            HubGreaseFields::rules,
            HubGreaseFields::make);

    /** The tool as it stands on the bench. */
    private HubGreaseFields() {}

    /** What the hub's section is drawn from when there is no job. */
    public static Sheet sheet(HubGreaseInput in) {
        return Sheet.of(List.of(
                size(FactKey.OUTER_BORE, in.outer().boreMm()),
                size(FactKey.OUTER_OUTSIDE, in.outer().outsideMm()),
                size(FactKey.OUTER_WIDTH, in.outer().widthMm()),
                size(FactKey.INNER_BORE, in.inner().boreMm()),
                size(FactKey.INNER_OUTSIDE, in.inner().outsideMm()),
                size(FactKey.INNER_WIDTH, in.inner().widthMm()),
                size(FactKey.BETWEEN_CUPS, in.betweenCupsMm()),
                size(FactKey.HUB_BORE, in.hubBoreMm()),
                size(FactKey.SPINDLE, in.spindleMm()),
                Fact.words(FactKey.GREASE_KIND, in.kind(), How.TYPED, "bench"),
                size(FactKey.GREASE_CAVITY_SHARE, in.cavityShare()),
                Fact.words(
                        FactKey.OUTER_KIND,
                        in.outer().taper() ? "tapered-roller" : "deep-groove-ball",
                        How.TYPED,
                        "bench"),
                Fact.words(
                        FactKey.INNER_KIND,
                        in.inner().taper() ? "tapered-roller" : "deep-groove-ball",
                        How.TYPED,
                        "bench")));
    }

    private static Fact size(FactKey key, double value) {
        return Fact.number(key, value, How.TYPED, "bench");
    }

    private static Field mm(String name, String label, double min, double max) {
        return Field.quantity(name, label, Quantity.LENGTH, "mm", min, max)
                .usually(Math.max(min, 8), 200)
                .must();
    }

    private static List<Field.Choice> oldChoices() {
        List<Field.Choice> choices = new ArrayList<>();
        choices.add(new Field.Choice("unknown", "not known, all washed out"));
        choices.addAll(Mixing.choices());
        return choices;
    }

    private static List<Problem> rules(Values v) {
        List<Problem> problems = new ArrayList<>();
        larger(v, "outerOutside", "outerBore", problems);
        larger(v, "innerOutside", "innerBore", problems);
        larger(v, "hubBore", "spindle", problems);
        return problems;
    }

    private static void larger(Values v, String large, String small, List<Problem> problems) {
        if (v.number(large) <= v.number(small)) {
            problems.add(Problem.impossible(
                    large,
                    Show.number(v.number(large), 3) + " mm must be more than " + Show.number(v.number(small), 3)
                            + " mm inside it: measure both again."));
        }
    }

    private static HubGreaseInput make(Values v) {
        String old = v.text("oldKind");
        return new HubGreaseInput(
                envelope(v, "outer"),
                envelope(v, "inner"),
                new HubGreaseInput.Cavity(v.number("betweenCups"), v.number("hubBore"), v.number("spindle")),
                new HubGreaseInput.Filling(v.text("kind"), old.equals("unknown") ? "" : old, v.number("cavityShare")),
                new HubGreaseInput.Duty(v.text("use").equals("immersed"), v.number("hubTemperature")),
                new HubGreaseInput.By(v.text("method"), v.maybe("strokeGrams")));
    }

    private static HubGreaseInput.Envelope envelope(Values v, String place) {
        return new HubGreaseInput.Envelope(
                v.number(place + "Bore"),
                v.number(place + "Outside"),
                v.number(place + "Width"),
                v.text(place + "Kind").contains("taper")
                        || v.text(place + "Kind").isEmpty());
    }
}
