package unbo.core.route;

import static java.util.Objects.requireNonNull;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

import org.jspecify.annotations.Nullable;

import unbo.core.assembly.AssemblyKind;
import unbo.core.designation.SealSize;
import unbo.core.fact.FactKey;
import unbo.core.fact.PlaceProperty;
import unbo.core.identify.HubInput;
import unbo.core.identify.IdentifiedBearing;
import unbo.core.identify.IdentifiedHub;
import unbo.core.identify.Size;
import unbo.core.input.Field;
import unbo.core.input.FieldList;
import unbo.core.measure.Show;
import unbo.core.sheet.Facts;
import unbo.core.sheet.How;
import unbo.core.sheet.Sheet;
import unbo.core.stage.RouteStage;
import unbo.core.tools.identify.HubFields;
import unbo.core.tools.identify.HubWords;

/** What Identify does with its input, one rule for each kind of assembly, and one where nobody said the kind. */
final class IdentifyRule {

    private static final StageRule<HubInput> UNSAID = rule(HubFields.LIST);
    private static final Map<String, StageRule<HubInput>> RULES = rules();

    private IdentifyRule() {}

    /** @param kind null where nobody said it, and the numbers may tell */
    static StageRule<HubInput> of(@Nullable AssemblyKind kind) {
        return kind == null ? UNSAID : requireNonNull(RULES.get(kind.code()));
    }

    /** The kind that Identify asks by: as its texts say, else as the sheet tells; null where that only guesses. */
    static @Nullable AssemblyKind kind(Sheet sheet, Map<String, String> texts) {
        return AssemblyKind.find(texts.getOrDefault(HubFields.KIND, ""))
                .or(() -> sheet.guessed() ? Optional.<AssemblyKind>empty() : sheet.kind())
                .orElse(null);
    }

    private static Map<String, StageRule<HubInput>> rules() {
        Map<String, StageRule<HubInput>> rules = new HashMap<>();
        AssemblyKind.all().forEach(kind -> rules.put(kind.code(), rule(HubFields.of(kind))));
        return Map.copyOf(rules);
    }

    private static StageRule<HubInput> rule(FieldList<HubInput> fields) {
        Map<String, List<FactKey>> from = new HashMap<>();
        fields.fields().stream()
                .filter(field -> !field.from().isEmpty())
                .forEach(field -> from.put(field.name(), field.from()));
        return new StageRule<>(
                RouteStage.IDENTIFY,
                fields,
                fields.fields().stream().map(Field::name).toList(),
                from,
                (input, known) -> {
                    IdentifiedHub hub = IdentifiedHub.of(input, known.bearings());
                    return new StageRule.Outcome(
                            HubWords.answer(hub), facts(hub).list(), true);
                });
    }

    private static Facts facts(IdentifiedHub hub) {
        Facts facts = new Facts(RouteStage.IDENTIFY);
        AssemblyKind kind = hub.input().kind();
        facts.words(FactKey.ASSEMBLY, kind == null || !hub.input().said() ? "" : kind.code(), How.TYPED);
        facts.words(FactKey.HUB_TYPE, hub.hubType(), How.COMPUTED);
        for (IdentifiedHub.Placed placed : hub.bearings()) {
            bearing(facts, placed);
        }
        for (HubInput.Placed placed : hub.input().places()) {
            String place = placed.place().code();
            facts.words(PlaceProperty.MAKER.at(place), placed.made().maker(), How.TYPED);
            facts.words(PlaceProperty.BATCH.at(place), placed.made().batch(), How.TYPED);
            HubInput.Balls balls = placed.balls();
            if (balls != null) {
                facts.words(PlaceProperty.BALLS.at(place), String.valueOf(balls.count()), How.MEASURED);
                facts.number(PlaceProperty.BALL_SIZE.at(place), balls.mm(), How.MEASURED);
            }
        }
        if (hub.inner() != null) {
            size(facts, FactKey.BETWEEN_CUPS, requireNonNull(hub.betweenCups()));
            size(facts, FactKey.HUB_BORE, requireNonNull(hub.hubBore()));
            size(facts, FactKey.SPINDLE, requireNonNull(hub.spindle()));
        }
        return facts.words(FactKey.SEAL, hub.seal().map(IdentifyRule::seal).orElse(""), How.TYPED);
    }

    private static void bearing(Facts facts, IdentifiedHub.Placed placed) {
        String place = placed.at().place().code();
        IdentifiedBearing bearing = placed.bearing();
        facts.words(PlaceProperty.CONE.at(place), bearing.cone().marking(), How.TYPED);
        facts.words(
                PlaceProperty.CUP.at(place),
                placed.at().cup().isBlank() ? "" : bearing.cup().marking(),
                How.TYPED);
        facts.words(PlaceProperty.KIND.at(place), bearing.cone().kind().code(), How.COMPUTED);
        size(facts, PlaceProperty.BORE.at(place), bearing.bore());
        size(facts, PlaceProperty.OUTSIDE.at(place), bearing.outside());
        size(facts, PlaceProperty.WIDTH.at(place), bearing.width());
        size(facts, PlaceProperty.HALF_ANGLE.at(place), bearing.halfAngleDeg());
        facts.words(PlaceProperty.GREASED.at(place), bearing.cone().greasedForLife() ? "yes" : "", How.COMPUTED);
    }

    private static void size(Facts facts, FactKey key, Size size) {
        facts.number(key, size.mm(), size.how());
    }

    private static String seal(SealSize seal) {
        return Show.number(seal.shaftMm(), 2) + "x" + Show.number(seal.outsideMm(), 2) + "x"
                + Show.number(seal.widthMm(), 2);
    }
}
