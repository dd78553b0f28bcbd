package unbo.core.tools.parts;

import java.util.List;
import java.util.Locale;

import unbo.core.input.Field;
import unbo.core.input.FieldList;
import unbo.core.measure.Quantity;
import unbo.core.parts.PartLine;

/** What is asked of one line of a parts list. */
public final class PartLineFields {

    public static final List<Field.Choice> KINDS = List.of(
            new Field.Choice("bearing", "bearing"),
            new Field.Choice("cup", "cup"),
            new Field.Choice("seal", "seal"),
            new Field.Choice("pin", "pin"),
            new Field.Choice("nut", "nut"),
            new Field.Choice("washer", "washer"),
            new Field.Choice("clip", "clip"),
            new Field.Choice("grease", "grease"),
            new Field.Choice("compound", "compound"),
            new Field.Choice("other", "other"));
    private static final List<Field.Choice> UNITS =
            List.of(new Field.Choice("pieces", "pieces"), new Field.Choice("g", "g"), new Field.Choice("ml", "ml"));
    private static final List<Field.Choice> FROM =
            List.of(new Field.Choice("cheaper", "cheaper"), new Field.Choice("a", "A"), new Field.Choice("b", "B"));

    private static final List<Field.Choice> STATES = List.of(
            new Field.Choice("wanted", "to order"),
            new Field.Choice("ordered", "ordered"),
            new Field.Choice("here", "here"),
            new Field.Choice("fitted", "fitted"));

    public static final FieldList<PartLine> LIST = FieldList.of(
            List.of(
                    Field.choice("kind", "Kind", KINDS).orElse("other", null),
                    Field.text("what", "Part", 80).must(),
                    Field.text("place", "Where", 60),
                    Field.quantity("count", "How many", Quantity.RATIO, "", 0.1, 10_000)
                            .usually(1, 500)
                            .orElse("1", null),
                    Field.choice("unit", "of", UNITS).orElse("pieces", null),
                    Field.yesNo("alwaysNew", "Always new"),
                    price("priceA", "Price at A"),
                    price("priceB", "Price at B"),
                    Field.choice("from", "Buy from", FROM).orElse("cheaper", null),
                    Field.choice("state", "How far", STATES).orElse("wanted", null),
                    Field.text("old", "Old one", 80)),
            v -> new PartLine(
                    v.text("kind"),
                    v.text("what"),
                    v.text("place"),
                    v.number("count"),
                    v.text("unit"),
                    v.yes("alwaysNew"),
                    new PartLine.Prices(
                            v.maybe("priceA"),
                            v.maybe("priceB"),
                            PartLine.From.valueOf(v.text("from").toUpperCase(Locale.ROOT))),
                    new PartLine.Progress(
                            PartLine.State.valueOf(v.text("state").toUpperCase(Locale.ROOT)), v.text("old"))));

    private PartLineFields() {}

    /** A state in words. */
    public static String words(PartLine.State state) {
        return STATES.get(state.ordinal()).label();
    }

    public static Field price(String name, String label) {
        return Field.quantity(name, label, Quantity.RATIO, "", 0, 100_000);
    }
}
