package unbo.core.tools.setting;

import static java.util.Objects.requireNonNull;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

import org.jspecify.annotations.Nullable;

import unbo.core.bearing.Bearing;
import unbo.core.bearing.BearingKind;
import unbo.core.bearing.Boundary;
import unbo.core.catalogue.Catalogue;
import unbo.core.fact.FactKey;
import unbo.core.fact.PlaceProperty;
import unbo.core.fit.Band;
import unbo.core.fit.FitInput;
import unbo.core.fit.FitPlace;
import unbo.core.fit.Material;
import unbo.core.fit.SeatBands;
import unbo.core.form.BearingInput;
import unbo.core.input.Field;
import unbo.core.input.FieldList;
import unbo.core.input.Problem;
import unbo.core.input.Values;
import unbo.core.measure.Quantity;
import unbo.core.measure.Show;

/** What is asked of a ring on its seat. */
public final class FitFields {

    private static final List<Field.Choice> RINGS = List.of(
            new Field.Choice("inner", "inner ring on its shaft"),
            new Field.Choice("outer", "outer ring in its housing"));
    private static final List<Field.Choice> TOLERANCES = choices("P0", "P6", "P5", "P4", "P2");
    private static final List<Field.Choice> CLEARANCES = choices("C2", "CN", "C3", "C4", "C5");

    public static final FieldList<FitInput> LIST = FieldList.of(
            List.of(
                    Field.bearing("designation", "Bearing, as stamped")
                            .from(FactKey.OUTER_CONE)
                            .hint("or its sizes below"),
                    size("bore", "Bore"),
                    size("outside", "Outside"),
                    Field.quantity("width", "Width", Quantity.LENGTH, "mm", 1, 200)
                            .usually(3, 80),
                    Field.choice("ring", "Ring", RINGS).orElse("inner", null),
                    Field.choice("where", "Where it sits", FitPlace.choices())
                            .hint("tells which seats are usual there"),
                    Field.text("seat", "Seat by symbol", 4)
                            .from(PlaceProperty.SHAFT_FIT.at(FactKey.FIRST))
                            .hint("k5, N7 …; or measured below"),
                    size("measuredMinMm", "Seat measured, smallest"),
                    size("measuredMaxMm", "Seat measured, largest"),
                    Field.quantity("shaftBoreMm", "Bore of the shaft", Quantity.LENGTH, "mm", 0, 300)
                            .orElse("0", "solid"),
                    Field.quantity("housingOutsideMm", "Outside of the housing", Quantity.LENGTH, "mm", 5, 1000)
                            .hint("empty: heavy"),
                    Field.choice("material", "Shaft or housing of", Material.choices())
                            .orElse("steel", null),
                    Field.quantity("otherRingUm", "Interference of the other ring", Quantity.LENGTH, "µm", -500, 500)
                            .usually(0, 100)
                            .orElse("0", "free")
                            .alwaysMetric(),
                    Field.quantity(
                                    "deltaT",
                                    "Inner ring warmer than outer",
                                    Quantity.TEMPERATURE_DIFFERENCE,
                                    "K",
                                    -80,
                                    150)
                            .usually(0, 40)
                            .orElse("10", "as it runs; 0 on the bench"),
                    Field.choice("toleranceClass", "Tolerance class", TOLERANCES)
                            .orElse("P0", "unless the number says another"),
                    Field.choice("clearanceClass", "Clearance class", CLEARANCES)
                            .orElse("CN", "unless the number says another"),
                    Field.yesNo("rough", "Rough, turned seat")),
            FitFields::rules,
            FitFields::make);

    private static final BearingInput BEARING =
            BearingInput.numbered("designation").sized("bore", "outside", "width");

    private static final double CONE_OF_T = 0.95;
    private static final double CUP_OF_T = 0.75;

    private FitFields() {}

    private static List<Field.Choice> choices(String... codes) {
        return java.util.Arrays.stream(codes).map(c -> new Field.Choice(c, c)).toList();
    }

    private static Field size(String name, String label) {
        return Field.quantity(name, label, Quantity.LENGTH, "mm", 3, 500).usually(5, 180);
    }

    /** Kind and sizes, as told by number or by hand; what is missing taken from the 62 series of the same bore. */
    private record Sizes(
            BearingKind kind,
            @Nullable Double bore,
            @Nullable Double outside,
            @Nullable Double width,
            Bearing told,
            boolean estimated) {}

    private static Sizes sizes(Values v) {
        Bearing told = BEARING.of(v);
        Double bore = told.boreMm();
        Double outside = told.outsideMm();
        Double width = told.widthMm();
        boolean estimated = bore == null || outside == null || width == null;
        if (estimated && (bore != null || outside != null)) {
            Double wantedBore = bore;
            Double wantedOutside = outside;
            Optional<Boundary> usual = Catalogue.metricAll().stream()
                    .filter(b -> b.series().equals("62"))
                    .filter(b -> wantedBore != null
                            ? Math.abs(b.boreMm() - wantedBore) < 0.6
                            : Math.abs(b.outsideMm() - requireNonNull(wantedOutside)) < 0.6)
                    .findFirst();
            bore = bore != null ? bore : usual.map(Boundary::boreMm).orElse(requireNonNull(outside) / 2);
            outside = outside != null ? outside : usual.map(Boundary::outsideMm).orElse(bore * 2);
            width = width != null ? width : usual.map(Boundary::widthMm).orElse((outside - bore) * 0.55);
        }
        return new Sizes(told.kind(), bore, outside, width, told, estimated);
    }

    private static List<Problem> rules(Values v) {
        List<Problem> problems = new ArrayList<>();
        Sizes s = sizes(v);
        boolean inner = !v.text("ring").equals("outer");
        if (s.bore() == null) {
            return List.of(
                    !BEARING.named(v)
                            ? new Problem(
                                    inner ? "bore" : "outside",
                                    "Write the bearing's number, or its " + (inner ? "bore." : "outside."),
                                    false)
                            : Problem.impossible(
                                    "designation",
                                    "“" + v.text("designation") + "” tells no size: write bore and outside."));
        }
        double seat = requireNonNull(inner ? s.bore() : s.outside());
        if (requireNonNull(s.outside()) <= s.bore() + 1) {
            return List.of(Problem.impossible(
                    v.has("outside") ? "outside" : "bore",
                    "An outside of " + Show.number(s.outside(), 3) + " mm leaves no rings over a bore of "
                            + Show.number(s.bore(), 3) + " mm."));
        }
        Optional<FitPlace> place = FitPlace.of(v.text("where"));
        if (place.isPresent() && place.get().inner() != inner) {
            return List.of(Problem.impossible(
                    "where",
                    "That place is a " + (place.get().inner() ? "shaft" : "housing") + ", the ring chosen sits "
                            + (inner ? "on a shaft." : "in a housing.")));
        }
        boolean measured = v.has("measuredMinMm") || v.has("measuredMaxMm");
        if (s.told().cup() && inner && !v.has("bore") || s.told().cone() && !inner && !v.has("outside")) {
            return List.of(Problem.impossible(
                    "ring",
                    inner
                            ? "A cup alone has no bore: it sits in a housing, or write the set CONE/CUP."
                            : "A cone alone has no outside: it sits on a shaft, or write the set CONE/CUP."));
        }
        if (s.kind().axial()) {
            return List.of(Problem.impossible(
                    "designation",
                    "The washers of a thrust bearing have tolerances of their own (ISO 199), not listed here: the one "
                            + "with the ground bore sits on the shaft at j6, the other has room in its housing."));
        }
        if (s.kind() == BearingKind.NEEDLE_CAGE && !inner) {
            return List.of(Problem.impossible(
                    "ring",
                    "A needle cage has no rings and is never pressed: the housing is its raceway, G6, hard and ground; "
                            + "ask for its clearance on the shaft."));
        }
        if (bearing(v, s, inner).bearingBand().isEmpty()) {
            problems.add(Problem.impossible(
                    inner ? "bore" : "outside",
                    "No tolerance is listed for " + Show.number(seat, 2) + " mm in class " + v.text("toleranceClass")
                            + "."));
        }
        if (measured) {
            measured(v, seat, problems);
        } else if (v.text("seat").isBlank()) {
            problems.add(new Problem(
                    "seat",
                    "Write the seat's symbol, such as " + (inner ? "k5" : "N7") + ", or its measured size.",
                    false));
        } else if ((inner ? SeatBands.shaft(v.text("seat"), seat) : SeatBands.hole(v.text("seat"), seat)).isEmpty()) {
            problems.add(Problem.impossible(
                    "seat",
                    inner
                            ? "“" + v.text("seat") + "” is no shaft seat listed for " + Show.number(seat, 2)
                                    + " mm: f, g, h, js, k, m, n, p, r with 5 to 8, j5 and j6 are; "
                                    + "a small letter is a shaft."
                            : "“" + v.text("seat") + "” is no housing seat listed for " + Show.number(seat, 2)
                                    + " mm: G, H and JS with 6 to 8, J, K, M, N, P, R with 6 or 7 are; "
                                    + "a capital is a housing."));
        }
        if (inner && v.number("shaftBoreMm") >= s.bore() - 0.5) {
            problems.add(Problem.impossible(
                    "shaftBoreMm",
                    "A shaft of " + Show.number(s.bore(), 2) + " mm with a bore of "
                            + Show.number(v.number("shaftBoreMm"), 2) + " mm has no wall."));
        }
        if (!inner && v.has("housingOutsideMm") && v.number("housingOutsideMm") <= s.outside() + 0.5) {
            problems.add(Problem.impossible(
                    "housingOutsideMm",
                    "A housing of " + Show.number(v.number("housingOutsideMm"), 2) + " mm is smaller than the bearing, "
                            + Show.number(s.outside(), 2) + " mm, and its wall."));
        }
        return problems;
    }

    /** A cone's and a cup's own width is not in the tables: usual shares of the assembled one. */
    private static String ringWidth(Values v, Sizes s, boolean inner) {
        return v.has("width") || !s.kind().taper() ? "" : inner ? "cone 0.95 · T" : "cup 0.75 · T";
    }

    /** The ring on its seat as far as its band goes. */
    private static FitInput bearing(Values v, Sizes s, boolean inner) {
        double share = ringWidth(v, s, inner).isEmpty() ? 1 : inner ? CONE_OF_T : CUP_OF_T;
        return new FitInput(
                FitInput.Sizes.of(
                        s.told(),
                        requireNonNull(s.bore()),
                        requireNonNull(s.outside()),
                        requireNonNull(s.width()) * share),
                inner,
                null,
                null,
                new FitInput.Part(0, Double.POSITIVE_INFINITY, Material.STEEL),
                new FitInput.Run(0, 0),
                new FitInput.Classes(v.text("toleranceClass"), v.text("clearanceClass")),
                new FitInput.Seated(false, false, "", null));
    }

    private static void measured(Values v, double seat, List<Problem> problems) {
        double low = v.number("measuredMinMm", v.number("measuredMaxMm", 0));
        double high = v.number("measuredMaxMm", low);
        if (high < low) {
            problems.add(Problem.impossible(
                    "measuredMaxMm",
                    "The largest, " + Show.number(high, 4) + " mm, is under the smallest, " + Show.number(low, 4)
                            + " mm."));
        } else if (Math.abs((low + high) / 2 - seat) > 0.01 * seat + 0.3) {
            problems.add(Problem.impossible(
                    "measuredMinMm",
                    "A seat of " + Show.number((low + high) / 2, 3) + " mm does not belong to a bearing of "
                            + Show.number(seat, 3) + " mm: measure again."));
        }
    }

    private static FitInput make(Values v) {
        Sizes s = sizes(v);
        boolean inner = !v.text("ring").equals("outer");
        double seat = requireNonNull(inner ? s.bore() : s.outside());
        Band measured = null;
        if (v.has("measuredMinMm") || v.has("measuredMaxMm")) {
            double low = v.number("measuredMinMm", v.number("measuredMaxMm", 0));
            double high = v.number("measuredMaxMm", low);
            measured = new Band((low - seat) * 1000, (high - seat) * 1000);
        }
        String clearance = v.defaulted("clearanceClass") && s.told().suffixes().clearance() != null
                ? s.told().suffixes().clearance()
                : v.text("clearanceClass");
        String tolerance = v.defaulted("toleranceClass") && s.told().suffixes().tolerance() != null
                ? s.told().suffixes().tolerance()
                : v.text("toleranceClass");
        String ringWidth = ringWidth(v, s, inner);
        return new FitInput(
                bearing(v, s, inner).bearing(),
                inner,
                measured == null ? v.text("seat") : null,
                measured,
                new FitInput.Part(
                        v.number("shaftBoreMm"),
                        v.has("housingOutsideMm") ? v.number("housingOutsideMm") : Double.POSITIVE_INFINITY,
                        Material.of(v.text("material"))),
                new FitInput.Run(v.number("otherRingUm"), v.number("deltaT")),
                new FitInput.Classes(tolerance, clearance),
                new FitInput.Seated(
                        v.yes("rough"),
                        s.estimated(),
                        ringWidth,
                        FitPlace.of(v.text("where")).orElse(null)));
    }
}
