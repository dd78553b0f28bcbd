package unbo.app.job;

import java.util.Arrays;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;

import unbo.core.assembly.Part;
import unbo.core.fact.FactKey;
import unbo.core.fact.PlaceProperty;
import unbo.core.inspect.Inspection;
import unbo.core.measure.Show;
import unbo.core.sheet.Fact;
import unbo.core.sheet.Sheet;
import unbo.core.stage.RouteStage;
import unbo.core.tools.section.PartMark;

/** Where the parts of a job stand: bad as they were found, going in new, not looked at yet. */
final class PartStands {

    /** Stations at which what was found is still what stands there. */
    private static final Set<RouteStage> OLD = Set.of(RouteStage.STRIP, RouteStage.INSPECT);

    private PartStands() {}

    /** By the code of the part; what is not said of one is not in it. A bearing is marked once, at its first part. */
    static Map<String, PartMark> of(List<Part> parts, StageFace.Showing shown) {
        Sheet sheet = shown.view().sheet();
        Map<String, PartMark> marks = new LinkedHashMap<>();
        Set<String> told = new HashSet<>();
        for (Part part : parts) {
            mark(part, shown, sheet)
                    .filter(mark -> part.place() == null
                            || seatBad(part, sheet) && mark == PartMark.BAD
                            || told.add(part.place() + mark))
                    .ifPresent(mark -> marks.put(part.code(), mark));
        }
        return marks;
    }

    private static Optional<PartMark> mark(Part part, StageFace.Showing shown, Sheet sheet) {
        boolean old = OLD.contains(shown.stage());
        if (old && bad(part, sheet)) {
            return Optional.of(PartMark.BAD);
        }
        if (!old && (seatBad(part, sheet) || bad(part, sheet) && !renewed(part, sheet))) {
            return Optional.of(PartMark.BAD);
        }
        if (renewed(part, sheet)) {
            return Optional.of(PartMark.NEW);
        }
        return shown.stage() == RouteStage.INSPECT && unseen(part, shown)
                ? Optional.of(PartMark.UNSEEN)
                : Optional.empty();
    }

    private static boolean bad(Part part, Sheet sheet) {
        return part.place() != null
                && (seatBad(part, sheet)
                        || ring(part)
                                && !sheet.text(PlaceProperty.DAMAGE.at(part.place()))
                                        .isBlank());
    }

    /** True for a ring whose seat was measured bad, and was not put right. */
    private static boolean seatBad(Part part, Sheet sheet) {
        if (part.place() == null) {
            return false;
        }
        return switch (part.ring()) {
            case OUTER, DRAWN ->
                seatBad(sheet, part.place(), PlaceProperty.HOUSING_STATE, PlaceProperty.HOUSING_REMEDY);
            case INNER -> seatBad(sheet, part.place(), PlaceProperty.SHAFT_STATE, PlaceProperty.SHAFT_REMEDY);
            case NONE, WHOLE, BALLS -> false;
        };
    }

    private static boolean seatBad(Sheet sheet, String place, PlaceProperty state, PlaceProperty remedy) {
        String found = sheet.text(state.at(place));
        return !found.isEmpty() && !found.equals("right") && Inspection.stays(sheet.text(remedy.at(place)));
    }

    private static boolean ring(Part part) {
        return switch (part.ring()) {
            case OUTER, DRAWN, INNER, WHOLE, BALLS -> true;
            case NONE -> false;
        };
    }

    /** True for what is never used twice, what was seen to be renewed, and a bearing whose fit is kept. */
    private static boolean renewed(Part part, Sheet sheet) {
        if (part.place() != null && ring(part)) {
            return sheet.has(PlaceProperty.FITTED.at(part.place()))
                    || sheet.has(PlaceProperty.HOUSING_INTERFERENCE.at(part.place()))
                    || sheet.has(PlaceProperty.SHAFT_INTERFERENCE.at(part.place()));
        }
        return part.upkeep().renewed() || named(sheet).contains(part.label());
    }

    private static Set<String> named(Sheet sheet) {
        return Stream.of(FactKey.ALWAYS_NEW, FactKey.PARTS_RENEWED)
                .flatMap(key -> Arrays.stream(sheet.text(key).split(";")))
                .map(String::strip)
                .collect(Collectors.toUnmodifiableSet());
    }

    /** True for a bearing's ring that nobody has looked at in this job. */
    private static boolean unseen(Part part, StageFace.Showing shown) {
        JobView.Station inspect = shown.view().station(RouteStage.INSPECT);
        Sheet sheet = shown.view().sheetFor(RouteStage.INSPECT);
        return part.place() != null
                && ring(part)
                && PlaceRow.entry(
                                inspect,
                                new PlaceRow.About(part.place(), PlaceRow.Asks.INSPECT.usual()),
                                PlaceRow.Asks.INSPECT,
                                sheet)
                        .isEmpty();
    }

    /** What was measured of the seat of a ring, with its unit; empty where nothing was. */
    static Optional<String> seat(Part part, Sheet sheet) {
        if (part.place() == null) {
            return Optional.empty();
        }
        return switch (part.ring()) {
            case OUTER, DRAWN -> seat(sheet, part.place(), PlaceProperty.HOUSING_MIN, PlaceProperty.HOUSING_MAX);
            case INNER -> seat(sheet, part.place(), PlaceProperty.SHAFT_MIN, PlaceProperty.SHAFT_MAX);
            case NONE, WHOLE, BALLS -> Optional.empty();
        };
    }

    private static Optional<String> seat(Sheet sheet, String place, PlaceProperty least, PlaceProperty most) {
        Optional<Double> low = sheet.get(least.at(place)).map(Fact::value);
        Optional<Double> high = sheet.get(most.at(place)).map(Fact::value);
        return low.flatMap(from -> high.map(to ->
                "measured " + Show.number(from, 3) + (from.equals(to) ? "" : " to " + Show.number(to, 3)) + " mm"));
    }
}
