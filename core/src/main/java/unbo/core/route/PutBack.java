package unbo.core.route;

import java.util.HashMap;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;

import org.jspecify.annotations.Nullable;

import unbo.core.apart.ApartInput;
import unbo.core.apart.Together;
import unbo.core.apart.WholePlan;
import unbo.core.assembly.KindPlace;
import unbo.core.assembly.PlaceFit;
import unbo.core.bearing.Bearing;
import unbo.core.fact.FactKey;
import unbo.core.fact.PlaceProperty;
import unbo.core.fit.Band;
import unbo.core.input.FieldReader;
import unbo.core.input.Typed;
import unbo.core.inspect.Inspection;
import unbo.core.sheet.Sheet;
import unbo.core.stage.RouteStage;
import unbo.core.tools.strip.ApartFields;

/**
 * How a job's assembly goes together: what differs in it as Strip said, each place with the bearing that goes in, each
 * seat as it was measured, where it stays, else as it is fitted, else as usual for its kind.
 */
public final class PutBack {

    private PutBack() {}

    /**
     * The plan; empty where the kind is not known.
     *
     * @param sheet all that the job knows
     * @param strip what was typed at Strip; may be empty
     */
    public static Optional<WholePlan> of(Sheet sheet, Typed strip, Knowledge known) {
        if (sheet.kind().isEmpty()) {
            return Optional.empty();
        }
        Map<String, String> texts =
                new TreeMap<>(StageRules.of(RouteStage.STRIP).prefill(sheet));
        if (strip.text(ApartFields.KIND).equals(texts.get(ApartFields.KIND))) {
            texts.putAll(strip.texts());
        }
        sheet.each(PlaceProperty.FITTED)
                .forEach(fitted -> fitted.key().place().ifPresent(texts::remove)); // whole or not: its number tells
        texts.put(ApartFields.NUMBERS, numbers(sheet));
        ApartInput input = FieldReader.read(ApartFields.LIST, texts, Typed.of(texts, strip.units()), known.bearings())
                .get()
                .orElse(null);
        if (input == null) {
            return Optional.empty();
        }
        Map<String, Together.Seats> seats = new HashMap<>();
        for (KindPlace place : sheet.places()) {
            Bearing bearing = input.assembly().bearings().get(place.code());
            seats.put(
                    place.code(),
                    new Together.Seats(seat(place, bearing, true, sheet), seat(place, bearing, false, sheet)));
        }
        return Optional.of(WholePlan.of(input, seats));
    }

    private static String numbers(Sheet sheet) {
        StringBuilder lines = new StringBuilder();
        for (KindPlace place : sheet.places()) {
            String number = sheet.now(place.code());
            if (!number.isEmpty()) {
                lines.append(new ApartFields.Numbered(place.code(), number).line())
                        .append('\n');
            }
        }
        return lines.toString().strip();
    }

    private static PlaceFit.@Nullable Seat seat(
            KindPlace place, @Nullable Bearing bearing, boolean inner, Sheet sheet) {
        KindPlace.Hold hold = inner ? place.inner() : place.outer();
        if (!hold.seat()) {
            return null;
        }
        String remedy =
                sheet.text((inner ? PlaceProperty.SHAFT_REMEDY : PlaceProperty.HOUSING_REMEDY).at(place.code()));
        Double least = sheet.number((inner ? PlaceProperty.SHAFT_MIN : PlaceProperty.HOUSING_MIN).at(place.code()));
        Double most = sheet.number((inner ? PlaceProperty.SHAFT_MAX : PlaceProperty.HOUSING_MAX).at(place.code()));
        if (least != null && most != null && Inspection.stays(remedy)) {
            double size = PlaceFit.sizeMm(place, bearing, inner);
            return new PlaceFit.Seat("", new Band((least - size) * 1000, (most - size) * 1000));
        }
        FactKey fit = (inner ? PlaceProperty.SHAFT_FIT : PlaceProperty.HOUSING_FIT).at(place.code());
        return sheet.has(fit)
                ? new PlaceFit.Seat(sheet.text(fit), null)
                : PlaceFit.usual(place, inner).orElse(null);
    }
}
