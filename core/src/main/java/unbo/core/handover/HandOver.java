package unbo.core.handover;

import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;

import unbo.core.assembly.KindPlace;
import unbo.core.fact.FactKey;
import unbo.core.fact.PlaceProperty;
import unbo.core.finding.Finding;
import unbo.core.finding.Level;
import unbo.core.inspect.Inspection;
import unbo.core.measure.Show;
import unbo.core.route.FactWords;
import unbo.core.sheet.Sheet;

/**
 * A job as its customer is told of it, in plain lines. Nothing is said that no stage has kept.
 *
 * @param found what was complained of, what it was and what was seen
 * @param done what was renewed, put right, greased and measured
 * @param due when it is to be looked after again
 */
public record HandOver(List<String> found, List<String> done, List<String> due) {

    private static final int MOST_FINDINGS = 4;
    /** None of them outlives its job: what an earlier one measured is not told as done by this one. */
    private static final List<FactKey> MEASURED =
            List.of(FactKey.END_PLAY, FactKey.RUNOUT, FactKey.TURNING_TORQUE, FactKey.HUB_WARMER, FactKey.NUT_LOCK);

    private static final List<FactKey> DUE =
            List.of(FactKey.DUE_ON, FactKey.DUE_COUNTER, FactKey.DUE_IMMERSIONS, FactKey.PROOFS_LEFT);

    public HandOver {
        found = List.copyOf(found);
        done = List.copyOf(done);
        due = List.copyOf(due);
    }

    /**
     * @param sheet all that the job knows
     * @param findings of its stages, in their order
     */
    public static HandOver of(Sheet sheet, List<Finding> findings) {
        return new HandOver(found(sheet, findings), done(sheet), lines(DUE, sheet));
    }

    private static List<String> found(Sheet sheet, List<Finding> findings) {
        Set<String> lines = new LinkedHashSet<>(lines(List.of(FactKey.COMPLAINT, FactKey.CAUSE), sheet));
        for (KindPlace place : sheet.places()) {
            line(PlaceProperty.DAMAGE.at(place.code()), sheet).forEach(lines::add);
        }
        findings.stream()
                .filter(f -> f.level() == Level.STOP || f.level() == Level.SOON)
                .map(Finding::sentence)
                .distinct()
                .limit(MOST_FINDINGS)
                .forEach(lines::add);
        return List.copyOf(lines);
    }

    private static List<String> done(Sheet sheet) {
        List<String> lines = new ArrayList<>();
        for (KindPlace place : sheet.places()) {
            String fitted = sheet.text(PlaceProperty.FITTED.at(place.code()));
            String old = sheet.found(place.code());
            if (!fitted.isEmpty()) {
                lines.add(place.title() + " renewed: " + fitted
                        + (old.isEmpty() || old.equals(fitted) ? "" : ", was " + old));
            }
            remedy("shaft", sheet.text(PlaceProperty.SHAFT_REMEDY.at(place.code())), place, lines);
            remedy("housing", sheet.text(PlaceProperty.HOUSING_REMEDY.at(place.code())), place, lines);
        }
        line(FactKey.PARTS_RENEWED, sheet).forEach(lines::add);
        Double grams = sheet.number(FactKey.GREASE_TOTAL);
        if (grams != null) {
            String kind = sheet.get(FactKey.GREASE_KIND)
                    .map(fact -> FactWords.value(fact, sheet))
                    .orElse("");
            lines.add("Grease: " + Show.number(grams, 0) + " g" + (kind.isEmpty() ? "" : ", " + kind));
        }
        lines.addAll(lines(MEASURED, sheet));
        return lines;
    }

    private static void remedy(String part, String remedy, KindPlace place, List<String> lines) {
        if (!remedy.isEmpty() && !remedy.equals(Inspection.AS_IT_IS)) {
            lines.add(place.title() + ", seat in the " + part + " put right: " + remedy);
        }
    }

    private static List<String> lines(List<FactKey> keys, Sheet sheet) {
        return keys.stream().flatMap(key -> line(key, sheet).stream()).toList();
    }

    private static List<String> line(FactKey key, Sheet sheet) {
        return sheet
                .get(key)
                .map(fact -> FactWords.value(fact, sheet))
                .filter(words -> !words.isBlank())
                .map(words -> upper(key.words()) + ": " + words)
                .stream()
                .toList();
    }

    private static String upper(String words) {
        return Character.toUpperCase(words.charAt(0)) + words.substring(1);
    }
}
