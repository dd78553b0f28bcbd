package unbo.core.route;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.stream.Collectors;

import unbo.core.assembly.AssemblyKind;
import unbo.core.assembly.KindPlace;
import unbo.core.fact.FactKey;
import unbo.core.fact.PlaceProperty;
import unbo.core.input.Field;
import unbo.core.input.Typed;
import unbo.core.inspect.Inspection;
import unbo.core.inspect.Seat;
import unbo.core.sheet.Facts;
import unbo.core.sheet.How;
import unbo.core.sheet.Sheet;
import unbo.core.stage.RouteStage;
import unbo.core.tools.strip.InspectionFields;
import unbo.core.tools.strip.InspectionWords;

/** What Inspect does with its input: an entry for each place, its races and one of its seats. */
final class InspectRule {

    private static final Set<String> TAKEN = Set.of("past", "vehicle");
    private static final String SEAT_RING = "seatRing";

    static final StageRule<Inspection.Input> RULE = new StageRule<>(
                    RouteStage.INSPECT,
                    InspectionFields.LIST,
                    InspectionFields.LIST.fields().stream()
                            .map(Field::name)
                            .filter(name -> !TAKEN.contains(name))
                            .toList(),
                    StageRule.from("vehicle", FactKey.VEHICLE_KIND, "past", FactKey.PAST_DAMAGE),
                    input -> outcome(Inspection.of(input)))
            .usually(InspectRule::usual)
            .named(EntryNames::inspected);

    private InspectRule() {}

    /** The place's own number, the ring that turns, and the fit that its seat is meant to have. */
    private static List<Fill> usual(Sheet sheet, Typed typed) {
        List<Fill> fills = new ArrayList<>();
        KindPlace place = sheet.place();
        fills.add(new Fill(
                "designation",
                sheet.found(FactKey.HERE),
                List.of(PlaceProperty.CONE.here(), PlaceProperty.CUP.here())));
        fills.add(new Fill(
                "turning",
                sheet.kind().map(AssemblyKind::housing).orElse(false) ? "outer" : "inner",
                List.of(FactKey.HUB_TYPE)));
        KindPlace.Hold hold = typed.text(SEAT_RING).equals("inner") ? place.inner() : place.outer();
        if (hold.seat() && sheet.kind().isPresent()) {
            fills.add(new Fill("seatSymbol", hold.fit(), List.of()));
        }
        return fills;
    }

    private static StageRule.Outcome outcome(Inspection inspection) {
        String place = inspection.input().which().isEmpty()
                ? FactKey.FIRST
                : inspection.input().which();
        Facts facts = new Facts(RouteStage.INSPECT);
        facts.words(
                PlaceProperty.DAMAGE.at(place),
                inspection.map().likely().stream().map(r -> r.mode().id()).collect(Collectors.joining(", ")),
                How.COMPUTED);
        Seat seat = inspection.seat();
        if (seat != null) {
            boolean shaft = seat.input().fit().inner();
            facts.words(
                    (shaft ? PlaceProperty.SHAFT_STATE : PlaceProperty.HOUSING_STATE).at(place),
                    seat.verdict().name().toLowerCase(Locale.ROOT),
                    How.MEASURED);
            facts.number(
                    (shaft ? PlaceProperty.SHAFT_MIN : PlaceProperty.HOUSING_MIN).at(place),
                    seat.leastMm(),
                    How.MEASURED);
            facts.number(
                    (shaft ? PlaceProperty.SHAFT_MAX : PlaceProperty.HOUSING_MAX).at(place),
                    seat.mostMm(),
                    How.MEASURED);
            facts.words(
                    (shaft ? PlaceProperty.SHAFT_REMEDY : PlaceProperty.HOUSING_REMEDY).at(place),
                    inspection.remedy(),
                    How.TYPED);
            facts.number(PlaceProperty.CURE_HOURS.at(place), inspection.cureHours(), How.COMPUTED);
        }
        return new StageRule.Outcome(
                InspectionWords.answer(inspection),
                facts.list(),
                !inspection.map().empty() || seat != null);
    }
}
