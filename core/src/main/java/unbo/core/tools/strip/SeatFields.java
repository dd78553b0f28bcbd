package unbo.core.tools.strip;

import static java.util.Objects.requireNonNull;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

import org.jspecify.annotations.Nullable;

import unbo.core.bearing.Bearing;
import unbo.core.fact.FactKey;
import unbo.core.fit.FitInput;
import unbo.core.fit.Material;
import unbo.core.fit.SeatBands;
import unbo.core.form.BearingInput;
import unbo.core.input.Field;
import unbo.core.input.FieldList;
import unbo.core.input.FieldReader;
import unbo.core.input.Problem;
import unbo.core.input.Reading;
import unbo.core.input.UnitSystem;
import unbo.core.input.Values;
import unbo.core.inspect.Seat;
import unbo.core.measure.Quantity;
import unbo.core.measure.Show;
import unbo.core.tools.setting.FitFields;

/** What is asked for Seat. */
public final class SeatFields {
    private static final List<Field.Choice> RINGS = List.of(
            new Field.Choice("outer", "housing or hub, for the outer ring or cup"),
            new Field.Choice("inner", "shaft or spindle, for the inner ring or cone"));
    private static final List<Field.Choice> VEHICLES = List.of(
            new Field.Choice("car", "car"),
            new Field.Choice("van", "van"),
            new Field.Choice("motorcycle", "motorcycle"),
            new Field.Choice("bicycle", "bicycle"),
            new Field.Choice("trailer", "trailer"),
            new Field.Choice("none", "not on a road"));
    static final List<Field> FIELDS = List.of(
            Field.bearing("designation", "Bearing or cup, as stamped")
                    .from(FactKey.OUTER_CONE)
                    .hint("or its size below"),
            Field.choice("seatRing", "Seat", RINGS).orElse("outer", null),
            Field.quantity("seatSize", "Nominal size", Quantity.LENGTH, "mm", 3, 400)
                    .usually(6, 180)
                    .hint("where the number does not tell it"),
            Field.text("seatSymbol", "Fit wanted", 4)
                    .hint("empty: usual for a wheel, N7 in the hub, h6 on its spindle"),
            Field.list("plane1", "First plane, three angles", Quantity.LENGTH, "mm", 3, 400)
                    .many(0, 8),
            Field.list("plane2", "Second plane, three angles", Quantity.LENGTH, "mm", 3, 400)
                    .many(0, 8),
            Field.choice("seatMaterial", "Of", Material.choices()).orElse("steel", null),
            Field.yesNo("creep", "Creep marks: polished, scored or rust-red"),
            Field.choice("vehicle", "On a", VEHICLES).from(FactKey.VEHICLE_KIND).orElse("trailer", null),
            Field.quantity("cureAt", "Workshop temperature", Quantity.TEMPERATURE, "°C", -10, 60)
                    .usually(5, 30)
                    .orElse("20", "compound cures slower when cold"));

    /** Asked alone: at least one plane must be there. */
    public static final FieldList<Seat.Input> LIST = FieldList.of(FIELDS, SeatFields::rules, SeatFields::make);

    private static final BearingInput BEARING = BearingInput.numbered("designation");

    private SeatFields() {}

    /** True where a seat was measured or its marks were noted. */
    public static boolean asked(Values v) {
        return !v.list("plane1").isEmpty() || !v.list("plane2").isEmpty();
    }

    private static @Nullable Double size(Values v) {
        if (v.has("seatSize")) {
            return v.maybe("seatSize");
        }
        Bearing d = BEARING.of(v);
        return v.text("seatRing").equals("inner") ? d.boreMm() : d.outsideMm();
    }

    /** Rules of the seat, wherever it is asked. */
    public static List<Problem> rules(Values v) {
        List<Problem> problems = new ArrayList<>();
        Double size = size(v);
        boolean inner = v.text("seatRing").equals("inner");
        if (!asked(v)) {
            return List.of(new Problem("plane1", "Write the seat as measured, three angles in a plane.", false));
        }
        if (size == null) {
            return List.of(new Problem(
                    v.text("designation").isBlank() ? "designation" : "seatSize",
                    "Write the bearing's number, or the nominal size of the seat.",
                    false));
        }
        if ((inner ? SeatBands.shaft(symbol(v), size) : SeatBands.hole(symbol(v), size)).isEmpty()) {
            problems.add(Problem.impossible(
                    "seatSymbol",
                    "“" + symbol(v) + "” is no "
                            + (inner
                                    ? "shaft seat (a small letter, such as h6)"
                                    : "housing seat (a capital, such as N7)")
                            + " listed for " + Show.number(size, 2) + " mm."));
        }
        for (String plane : List.of("plane1", "plane2")) {
            for (double reading : v.list(plane)) {
                if (Math.abs(reading - size) > 0.01 * size + 0.5) {
                    problems.add(Problem.impossible(
                            plane,
                            Show.number(reading, 3) + " mm does not belong to a seat of " + Show.number(size, 3)
                                    + " mm: measure again."));
                    break;
                }
            }
        }
        if (problems.isEmpty()) {
            fit(v).problems()
                    .forEach(p -> problems.add(Problem.impossible("designation", requireNonNull(p.sentence()))));
        }
        return problems;
    }

    /** The ring on this seat, as the fit asks it. */
    private static Reading<FitInput> fit(Values v) {
        boolean inner = v.text("seatRing").equals("inner");
        double size = requireNonNull(size(v));
        Bearing d = BEARING.of(v);
        Map<String, String> texts = new HashMap<>();
        texts.put("designation", d.recognised() ? v.text("designation") : "");
        texts.put(inner ? "bore" : "outside", size + " mm");
        if (d.outsideMm() == null && inner || d.boreMm() == null && !inner) {
            texts.put(inner ? "outside" : "bore", (inner ? size * 2 : size / 2) + " mm");
        }
        texts.put("ring", inner ? "inner" : "outer");
        texts.put("seat", symbol(v));
        texts.put("material", v.text("seatMaterial"));
        return FieldReader.read(FitFields.LIST, texts, UnitSystem.METRIC, v.book());
    }

    /** Makes the input of values that passed {@link #rules}. */
    public static Seat.Input make(Values v) {
        return new Seat.Input(
                fit(v).get().orElseThrow(),
                v.list("plane1"),
                v.list("plane2"),
                v.yes("creep"),
                v.text("vehicle"),
                v.number("cureAt"));
    }
    /** The fields, for a stage that asks more than the seat. */
    public static List<Field> fields() {
        return FIELDS;
    }

    static String symbol(Values v) {
        return !v.text("seatSymbol").isBlank()
                ? v.text("seatSymbol")
                : v.text("seatRing").equals("inner") ? "h6" : "N7";
    }
}
