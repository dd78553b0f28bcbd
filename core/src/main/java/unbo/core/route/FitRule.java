package unbo.core.route;

import static java.util.Objects.requireNonNull;

import java.util.ArrayList;
import java.util.List;

import unbo.core.arrange.Arrangement;
import unbo.core.assembly.AssemblyKind;
import unbo.core.assembly.KindPlace;
import unbo.core.fact.FactKey;
import unbo.core.fact.PlaceProperty;
import unbo.core.input.Field;
import unbo.core.input.Typed;
import unbo.core.inspect.Inspection;
import unbo.core.measure.Show;
import unbo.core.mount.FittedShaft;
import unbo.core.mount.Mounting;
import unbo.core.sheet.Fact;
import unbo.core.sheet.Facts;
import unbo.core.sheet.How;
import unbo.core.sheet.Sheet;
import unbo.core.stage.RouteStage;
import unbo.core.tools.setting.FittedShaftFields;
import unbo.core.tools.setting.FittedShaftWords;
import unbo.core.tools.setting.MountTool;
import unbo.core.vehicle.Place;

/** What Fit does with its input: an entry for each ring of each place. */
final class FitRule {

    private static final String OUTER = "outer";
    private static final MountTool MOUNT = new MountTool();

    static final StageRule<FittedShaft.Input> RULE = new StageRule<>(
                    RouteStage.FIT,
                    FittedShaftFields.LIST,
                    FittedShaftFields.LIST.fields().stream()
                            .map(Field::name)
                            .filter(name -> !name.equals(FittedShaftFields.FOUND))
                            .toList(),
                    StageRule.from(
                            "found",
                            PlaceProperty.CONE.here(),
                            "arrangement",
                            FactKey.ARRANGEMENT,
                            "leftBearing",
                            FactKey.LEFT_BEARING,
                            "rightBearing",
                            FactKey.RIGHT_BEARING),
                    input -> outcome(FittedShaft.of(input)))
            .usually(FitRule::usual)
            .named(EntryNames::ring);

    private FitRule() {}

    /** What is known of a ring's seat. */
    private record Told(
            PlaceProperty fit, PlaceProperty least, PlaceProperty most, PlaceProperty remedy, PlaceProperty other) {

        private static final Told HOUSING = new Told(
                PlaceProperty.HOUSING_FIT,
                PlaceProperty.HOUSING_MIN,
                PlaceProperty.HOUSING_MAX,
                PlaceProperty.HOUSING_REMEDY,
                PlaceProperty.SHAFT_INTERFERENCE);
        private static final Told SHAFT = new Told(
                PlaceProperty.SHAFT_FIT,
                PlaceProperty.SHAFT_MIN,
                PlaceProperty.SHAFT_MAX,
                PlaceProperty.SHAFT_REMEDY,
                PlaceProperty.HOUSING_INTERFERENCE);
    }

    /**
     * The place's own number; the ring that turns against its load; its seat as Inspect measured it, where it stays,
     * else as it was fitted before, else as usual there; what the other ring's fit takes of its clearance.
     */
    private static List<Fill> usual(Sheet sheet, Typed typed) {
        List<Fill> fills = new ArrayList<>();
        boolean housing = typed.text("ring").isEmpty()
                ? housing(sheet)
                : typed.text("ring").equals(OUTER);
        List<FactKey> numbers = List.of(PlaceProperty.CONE.here(), PlaceProperty.CUP.here());
        String set = sheet.found(FactKey.HERE);
        String cup = sheet.text(PlaceProperty.CUP.here());
        fills.add(new Fill("designation", housing && !cup.isEmpty() ? cup : set, numbers));
        fills.add(new Fill(FittedShaftFields.FOUND, set, numbers));
        fills.add(new Fill("ring", housing ? OUTER : "inner", List.of()));
        KindPlace place = sheet.place();
        KindPlace.Hold hold = housing ? place.outer() : place.inner();
        Told told = housing ? Told.HOUSING : Told.SHAFT;
        FactKey fitted = told.fit().here();
        String before = sheet.typed(fitted);
        boolean right = !before.isEmpty() && Character.isUpperCase(before.charAt(0)) == housing;
        boolean known = sheet.kind().isPresent();
        fills.add(new Fill("seat", right ? before : known && hold.seat() ? hold.fit() : "", List.of(fitted)));
        if (known && housing) {
            fills.add(new Fill("material", place.material(), List.of()));
        }
        if (Inspection.stays(sheet.text(told.remedy().here()))) {
            fills.add(measured("measuredMinMm", told.least().here(), told, sheet));
            fills.add(measured("measuredMaxMm", told.most().here(), told, sheet));
        }
        sheet.get(told.other().here())
                .map(Fact::value)
                .filter(mm -> mm > 0)
                .ifPresent(mm -> fills.add(new Fill(
                        "otherRingUm",
                        Show.number(mm * 1000, 1),
                        List.of(told.other().here()))));
        return fills;
    }

    private static Fill measured(String box, FactKey key, Told told, Sheet sheet) {
        return new Fill(box, sheet.typed(key), List.of(key, told.remedy().here()));
    }

    /** True where the outer ring goes in tight: where the housing turns, and in every wheel. */
    private static boolean housing(Sheet sheet) {
        return sheet.kind().map(AssemblyKind::housing).orElse(false)
                || Place.of(sheet.text(FactKey.VEHICLE_KIND), sheet.text(FactKey.WHERE))
                        .map(Place::wheel)
                        .orElse(false);
    }

    private static StageRule.Outcome outcome(FittedShaft fitted) {
        Mounting mounting = fitted.mounting();
        String place = fitted.input().which().isEmpty()
                ? FactKey.FIRST
                : fitted.input().which();
        boolean shaft = mounting.input().fit().inner();
        Facts facts = new Facts(RouteStage.FIT);
        if (fitted.other()) {
            facts.words(
                    PlaceProperty.FITTED.at(place), mounting.input().bearing().designation(), How.TYPED);
            boolean sealed = mounting.input().bearing().greasedForLife();
            if (sealed != requireNonNull(fitted.input().found()).greasedForLife()) {
                facts.words(PlaceProperty.FITTED_GREASED.at(place), sealed ? "yes" : "no", How.COMPUTED);
            }
        }
        FittedShaft.Made made = fitted.input().made();
        facts.words(PlaceProperty.FITTED_MAKER.at(place), made.maker(), How.TYPED);
        facts.words(PlaceProperty.FITTED_BATCH.at(place), made.batch(), How.TYPED);
        facts.words(PlaceProperty.FITTED_FROM.at(place), made.from(), How.TYPED);
        facts.number(PlaceProperty.FITTED_CLEARANCE.at(place), made.clearanceMm(), How.MEASURED);
        String seat = mounting.input().fit().seat();
        facts.words(
                (shaft ? PlaceProperty.SHAFT_FIT : PlaceProperty.HOUSING_FIT).at(place),
                seat == null ? "" : seat,
                How.TYPED);
        facts.number(
                (shaft ? PlaceProperty.SHAFT_INTERFERENCE : PlaceProperty.HOUSING_INTERFERENCE).at(place),
                mounting.fit().interference().meanUm() / 1000,
                How.COMPUTED);
        facts.number(
                (shaft ? PlaceProperty.SHAFT_HEAT : PlaceProperty.HOUSING_HEAT).at(place),
                mounting.byHeat()
                        ? Double.valueOf(requireNonNull(mounting.heat()).ringC())
                        : null,
                How.COMPUTED);
        Arrangement.Input arrangement = fitted.input().arrangement();
        if (arrangement != null) {
            facts.words(FactKey.ARRANGEMENT, arrangement.code(), How.TYPED);
            facts.words(FactKey.LEFT_BEARING, arrangement.left().bearing().designation(), How.TYPED);
            facts.words(FactKey.RIGHT_BEARING, arrangement.right().bearing().designation(), How.TYPED);
        }
        return new StageRule.Outcome(FittedShaftWords.answer(fitted), facts.list(), true, MOUNT.seconds(mounting));
    }
}
