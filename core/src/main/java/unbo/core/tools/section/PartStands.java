package unbo.core.tools.section;

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

/** Where the parts of a job stand: bad as they were found, going in new, not looked at yet. */
public final class PartStands {

    /** A mode of damage that is none. */
    private static final String NORMAL = "normal";

    private PartStands() {}

    /**
     * By the code of the part; what is not said of one is not in it. A bearing is marked once, at its first part, and
     * each ring whose seat is bad.
     *
     * @param asFound true while what was found is still what stands there
     * @param unseen codes of the places that are to be looked at and were not
     */
    public static Map<String, PartMark> of(List<Part> parts, Sheet sheet, boolean asFound, Set<String> unseen) {
        Map<String, PartMark> marks = new LinkedHashMap<>();
        Set<String> told = new HashSet<>();
        for (Part part : parts) {
            mark(part, sheet, asFound, unseen)
                    .filter(mark -> part.place() == null
                            || seatBad(part, sheet) && mark == PartMark.BAD
                            || told.add(part.place() + mark))
                    .ifPresent(mark -> marks.put(part.code(), mark));
        }
        return marks;
    }

    private static Optional<PartMark> mark(Part part, Sheet sheet, boolean asFound, Set<String> unseen) {
        boolean renewed = renewed(part, sheet);
        if (seatBad(part, sheet) || damaged(part, sheet) && (asFound || !renewed)) {
            return Optional.of(PartMark.BAD);
        }
        if (renewed) {
            return Optional.of(PartMark.NEW);
        }
        return ring(part) && part.place() != null && unseen.contains(part.place())
                ? Optional.of(PartMark.UNSEEN)
                : Optional.empty();
    }

    /** True for a bearing whose races were read as anything but run as they should. */
    private static boolean damaged(Part part, Sheet sheet) {
        return part.place() != null
                && ring(part)
                && Arrays.stream(sheet.text(PlaceProperty.DAMAGE.at(part.place()))
                                .split(","))
                        .map(String::strip)
                        .anyMatch(mode -> !mode.isEmpty() && !mode.equals(NORMAL));
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
        String put = sheet.text(remedy.at(place));
        return !found.isEmpty() && !found.equals("right") && (put.isEmpty() || put.equals(Inspection.AS_IT_IS));
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

    /** What was measured of the seat of a ring, with its unit; empty where nothing was. */
    public static Optional<String> seat(Part part, Sheet sheet) {
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
