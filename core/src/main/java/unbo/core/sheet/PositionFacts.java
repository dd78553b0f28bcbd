package unbo.core.sheet;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;

import unbo.core.assembly.KindPlace;
import unbo.core.fact.FactKey;
import unbo.core.fact.PlaceProperty;

/**
 * What a position keeps of a job's sheet: the facts that outlive it, and at each place the bearing that is in it now.
 * Where another number went in, the sizes and the maker of the one that came out are let go.
 */
public final class PositionFacts {

    private static final Set<PlaceProperty> OF_THE_OLD = EnumSet.of(
            PlaceProperty.CONE,
            PlaceProperty.CUP,
            PlaceProperty.KIND,
            PlaceProperty.BORE,
            PlaceProperty.OUTSIDE,
            PlaceProperty.WIDTH,
            PlaceProperty.HALF_ANGLE);
    private static final Set<PlaceProperty> OF_ITS_MAKER = EnumSet.of(PlaceProperty.MAKER, PlaceProperty.BATCH);

    private PositionFacts() {}

    public static List<Fact> of(Sheet sheet) {
        List<Fact> facts = new ArrayList<>(sheet.all().stream()
                .filter(fact -> fact.key().outlives())
                .filter(fact -> !gone(fact.key(), sheet))
                .toList());
        for (KindPlace place : sheet.places()) {
            now(place.code(), PlaceProperty.FITTED, PlaceProperty.CONE, sheet, facts);
            now(place.code(), PlaceProperty.FITTED_GREASED, PlaceProperty.GREASED, sheet, facts);
            now(place.code(), PlaceProperty.FITTED_MAKER, PlaceProperty.MAKER, sheet, facts);
            now(place.code(), PlaceProperty.FITTED_BATCH, PlaceProperty.BATCH, sheet, facts);
        }
        return facts;
    }

    private static void now(String place, PlaceProperty fitted, PlaceProperty kept, Sheet sheet, List<Fact> facts) {
        String text = sheet.text(fitted.at(place));
        if (text.isEmpty()) {
            return;
        }
        int slash = fitted == PlaceProperty.FITTED ? text.indexOf('/') : -1;
        boolean set = slash > 0 && text.substring(slash + 1).matches("[A-Z]*\\d{4,}.*");
        facts.add(Fact.words(kept.at(place), set ? text.substring(0, slash) : text, How.TYPED, "fit"));
        if (set) {
            facts.add(Fact.words(PlaceProperty.CUP.at(place), text.substring(slash + 1), How.TYPED, "fit"));
        }
    }

    /** True for what was known of a bearing that came out. */
    private static boolean gone(FactKey key, Sheet sheet) {
        return key.place()
                .filter(place -> key.property()
                        .filter(property -> OF_THE_OLD.contains(property) && sheet.has(PlaceProperty.FITTED.at(place))
                                || OF_ITS_MAKER.contains(property)
                                        && (sheet.has(PlaceProperty.FITTED.at(place))
                                                || sheet.has(PlaceProperty.FITTED_MAKER.at(place))
                                                || sheet.has(PlaceProperty.FITTED_BATCH.at(place))))
                        .isPresent())
                .isPresent();
    }
}
