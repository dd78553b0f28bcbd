package unbo.core.tools.identify;

import java.util.List;

import unbo.core.bearing.Bearing;
import unbo.core.bearing.BearingBook;
import unbo.core.catalogue.CaliperFind;
import unbo.core.fact.FactKey;
import unbo.core.identify.Suitability;
import unbo.core.input.Field;
import unbo.core.input.FieldList;
import unbo.core.input.Problem;
import unbo.core.input.Values;
import unbo.core.measure.Quantity;

/** Which bearing has these sizes, and what may go in its place: asked on the bench. */
public final class IdentifyFields {

    /** A marking at a place. @param place empty where none was named */
    public record AtPlace(Bearing bearing, BearingBook book, String place, boolean immersed, Suitability.Duty duty) {}

    public static final FieldList<CaliperFind> SIZES = new FieldList<>(
            List.of(
                    Field.quantity("bore", "Bore", Quantity.LENGTH, "mm", 1, 500)
                            .usually(3, 200),
                    Field.quantity("outside", "Outside", Quantity.LENGTH, "mm", 2, 800)
                            .usually(6, 300),
                    Field.quantity("width", "Width", Quantity.LENGTH, "mm", 0.5, 300)
                            .usually(2, 80)
                            .hint("of a taper: cone and cup together"),
                    Field.quantity("uncertainty", "Measured to", Quantity.LENGTH, "mm", 0.001, 2)
                            .orElse("0.05", "caliper; micrometer 0.01, rule 0.5")),
            IdentifyFields::two,
            v -> List.of(),
            v -> CaliperFind.of(
                    new CaliperFind.Measured(
                            v.maybe("bore"), v.maybe("outside"), v.maybe("width"), v.number("uncertainty")),
                    v.book().own()));

    public static final FieldList<AtPlace> PLACE = FieldList.of(
            List.of(
                    Field.bearing("marking", "As stamped")
                            .from(FactKey.OUTER_CONE)
                            .must(),
                    Field.choice("place", "Place", Suitability.places()),
                    Field.yesNo("immersed", "Goes under water"),
                    Field.quantity("rpm", "Speed of the turning ring", Quantity.ROTATION, "rpm", 1, 60000)
                            .usually(20, 20000)
                            .hint("only where known: held against its limit"),
                    Field.quantity("loadN", "Radial load on it", Quantity.FORCE, "N", 1, 500000)
                            .usually(50, 50000)
                            .hint("only where known: held against its static rating")),
            v -> new AtPlace(
                    v.book().find(v.text("marking")),
                    v.book(),
                    v.text("place"),
                    v.yes("immersed"),
                    new Suitability.Duty(v.maybe("rpm"), v.maybe("loadN"))));

    private IdentifyFields() {}

    private static List<Problem> two(Values v) {
        long there = List.of("bore", "outside", "width").stream().filter(v::has).count();
        return there >= 2
                ? List.of()
                : List.of(new Problem(
                        v.has("bore") ? "outside" : "bore", "Write at least two of bore, outside and width.", false));
    }
}
