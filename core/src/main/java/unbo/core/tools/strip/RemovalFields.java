package unbo.core.tools.strip;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;

import unbo.core.assembly.BearingPlaces;
import unbo.core.bearing.Bearing;
import unbo.core.fact.FactKey;
import unbo.core.fact.PlaceProperty;
import unbo.core.fit.FitInput;
import unbo.core.fit.Material;
import unbo.core.form.BearingInput;
import unbo.core.input.Field;
import unbo.core.input.FieldList;
import unbo.core.input.FieldReader;
import unbo.core.input.Problem;
import unbo.core.input.Reading;
import unbo.core.input.UnitSystem;
import unbo.core.input.Values;
import unbo.core.measure.Quantity;
import unbo.core.strip.RemovalInput;
import unbo.core.strip.Tools;
import unbo.core.tools.setting.FitFields;

/** What is asked of a bearing that has to come out. */
public final class RemovalFields {

    private static final List<Field.Choice> TIGHT = List.of(
            new Field.Choice("outer", "outer ring, in its housing or hub"),
            new Field.Choice("inner", "inner ring, on its shaft"),
            new Field.Choice("both", "both rings"));
    private static final List<Field.Choice> ACCESS = List.of(
            new Field.Choice("far", "its far face, through the bore"),
            new Field.Choice("own", "only the face it went in by"),
            new Field.Choice("none", "neither"));
    private static final List<Field.Choice> SPACERS = List.of(
            new Field.Choice("none", "none"),
            new Field.Choice("soft", "of aluminium"),
            new Field.Choice("steel", "of steel"));
    private static final List<Field.Choice> NUTS = List.of(
            new Field.Choice("none", "none"),
            new Field.Choice("plain", "plain, torqued"),
            new Field.Choice("staked", "staked into a groove"),
            new Field.Choice("locking", "self-locking or torqued to yield"),
            new Field.Choice("castle", "slotted with a split pin"),
            new Field.Choice("left-hand", "may be left-hand: look first"));
    private static final List<Field.Choice> CORROSION = List.of(
            new Field.Choice("none", "clean"),
            new Field.Choice("light", "light rust"),
            new Field.Choice("heavy", "rusted in"));

    public static final FieldList<RemovalInput> LIST = FieldList.of(
            List.of(
                    BearingPlaces.field(),
                    Field.bearing("designation", "Bearing, as stamped")
                            .from(FactKey.OUTER_CONE)
                            .hint("for force and temperature; may stay empty"),
                    Field.choice("tight", "Tight ring", TIGHT).must(),
                    Field.choice("access", "Can be reached", ACCESS).must(),
                    Field.yesNo("blind", "Blind: closed behind"),
                    Field.yesNo("shoulder", "Shoulder behind it"),
                    Field.yesNo("reuse", "To be used again"),
                    Field.choice("spacer", "Spacer tube", SPACERS).orElse("none", null),
                    Field.quantity("chamfer", "Chamfer of the spacer's end", Quantity.LENGTH, "mm", 0, 5)
                            .usually(0, 2)
                            .orElse("0", "flat end"),
                    Field.quantity("corner", "Corner of the inner ring", Quantity.LENGTH, "mm", 0, 4)
                            .usually(0.1, 1.5)
                            .orElse("0.3", "thin sections 0.2 to 0.3, others 0.6 to 1.0"),
                    Field.quantity("jaw", "What the puller's jaw needs", Quantity.LENGTH, "mm", 0.1, 5)
                            .usually(0.2, 2)
                            .orElse("0.5", "usual jaw"),
                    Field.yesNo("clip", "Clip ring fitted"),
                    Field.choice("nut", "Nut", NUTS).orElse("none", null),
                    Field.choice("corrosion", "Corrosion", CORROSION).orElse("none", null),
                    Field.yesNo("noHeat", "No heat: carbon, bonded, fuel, paint or sensor near"),
                    Field.choice("material", "Housing or shaft of", Material.choices())
                            .orElse("steel", null),
                    Field.text("seat", "Seat by symbol", 4)
                            .from(PlaceProperty.HOUSING_FIT.at(FactKey.FIRST))
                            .hint("empty: usual for a wheel, N7 in the hub, k5 on the shaft"),
                    Field.text("tools", "Tools here", 120)
                            .from(FactKey.TOOLS)
                            .orElse(Tools.USUAL, "set them once in Settings")),
            RemovalFields::rules,
            RemovalFields::make);

    private static final BearingInput BEARING = BearingInput.numbered("designation");

    private RemovalFields() {}

    private static Reading<FitInput> fit(Values v) {
        Map<String, String> texts = new HashMap<>();
        boolean inner = v.text("tight").equals("inner");
        texts.put("designation", v.text("designation"));
        texts.put("ring", inner ? "inner" : "outer");
        texts.put("seat", v.text("seat").isBlank() ? inner ? "k5" : "N7" : v.text("seat"));
        texts.put("material", v.text("material"));
        return FieldReader.read(FitFields.LIST, texts, UnitSystem.METRIC, v.book());
    }

    private static List<Problem> rules(Values v) {
        List<Problem> problems = new ArrayList<>();
        if (!v.text("seat").isBlank() && !v.text("designation").isBlank()) {
            fit(v).problems().stream().filter(p -> p.field().equals("seat")).forEach(problems::add);
        }
        if (v.text("spacer").equals("none") && v.number("chamfer") > 0 && !v.defaulted("chamfer")) {
            problems.add(Problem.impossible(
                    "chamfer", "A chamfer is typed but no spacer: say what the spacer is made of, or empty this."));
        }
        return problems;
    }

    private static RemovalInput make(Values v) {
        Bearing d = BEARING.of(v);
        FitInput fit =
                d.outsideMm() == null || d.boreMm() == null || v.text("tight").equals("both")
                        ? null
                        : fit(v).get().orElse(null);
        return new RemovalInput(
                v.text("designation"),
                new RemovalInput.Reach(
                        RemovalInput.Tight.valueOf(upper(v.text("tight"))),
                        RemovalInput.Access.valueOf(upper(v.text("access"))),
                        !v.yes("blind"),
                        v.yes("shoulder"),
                        v.yes("reuse")),
                new RemovalInput.Behind(
                        RemovalInput.Spacer.valueOf(upper(v.text("spacer"))),
                        v.number("chamfer"),
                        v.number("corner"),
                        v.number("jaw")),
                new RemovalInput.Held(
                        v.yes("clip"),
                        RemovalInput.Nut.valueOf(upper(v.text("nut"))),
                        RemovalInput.Corrosion.valueOf(upper(v.text("corrosion"))),
                        d.mindsHeat(),
                        !v.yes("noHeat"),
                        Material.of(v.text("material"))),
                Tools.read(v.text("tools")),
                fit);
    }

    private static String upper(String code) {
        return code.toUpperCase(Locale.ROOT).replace('-', '_');
    }
}
