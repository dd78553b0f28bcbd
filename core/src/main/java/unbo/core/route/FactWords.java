package unbo.core.route;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.BiFunction;
import java.util.stream.Collectors;
import java.util.stream.Stream;

import unbo.core.assembly.AssemblyKind;
import unbo.core.assembly.KindOption;
import unbo.core.assembly.PartChange;
import unbo.core.bearing.BearingKind;
import unbo.core.damage.Mode;
import unbo.core.diagnosis.HubType;
import unbo.core.fact.FactKey;
import unbo.core.fact.PlaceProperty;
import unbo.core.input.Field;
import unbo.core.lubrication.Mixing;
import unbo.core.proof.FollowUp;
import unbo.core.service.Causes;
import unbo.core.setting.School;
import unbo.core.sheet.Fact;
import unbo.core.sheet.Sheet;
import unbo.core.stage.RouteStage;
import unbo.core.strip.Tools;
import unbo.core.tools.diagnosing.DiagnosisFields;
import unbo.core.tools.setting.ArrangementFields;
import unbo.core.tools.setting.SchoolWords;
import unbo.core.tools.strip.ApartFields;
import unbo.core.vehicle.Place;
import unbo.core.vehicle.Usage;
import unbo.core.vehicle.VehicleKind;

/** A fact in words: no code, no number without its unit. What is not known to a table is printed as it stands. */
public final class FactWords {

    private static final String NONE = "none";
    private static final Map<PlaceProperty, BiFunction<String, Sheet, String>> BY_PROPERTY = Map.of(
            PlaceProperty.KIND,
                    (text, sheet) ->
                            BearingKind.of(text).map(BearingKind::words).orElse(text),
            PlaceProperty.DAMAGE, (text, sheet) -> each(text, ",", FactWords::mode));
    private static final Map<FactKey, BiFunction<String, Sheet, String>> BY_KEY = byKey();

    private FactWords() {}

    /**
     * The fact's value as people read it; empty where it says nothing. @param sheet that it stands on, which tells
     * vehicle and counter
     */
    public static String value(Fact fact, Sheet sheet) {
        Optional<BiFunction<String, Sheet, String>> words =
                fact.key().property().map(BY_PROPERTY::get).or(() -> Optional.ofNullable(BY_KEY.get(fact.key())));
        return words.map(found -> found.apply(fact.text(), sheet)).orElseGet(fact::shown);
    }

    private static Map<FactKey, BiFunction<String, Sheet, String>> byKey() {
        Map<FactKey, BiFunction<String, Sheet, String>> words = new HashMap<>();
        words.put(
                FactKey.GREASE_KIND,
                (text, sheet) ->
                        Mixing.thickener(text).map(Mixing.Thickener::name).orElse(text));
        for (FactKey key : List.of(FactKey.CAUSE, FactKey.VERDICT_CAUSE)) {
            words.put(key, (text, sheet) -> Causes.known(text) ? Causes.label(text) : text);
        }
        words.put(FactKey.USE, (text, sheet) -> label(Usage.USES, text));
        words.put(FactKey.COUNTER_UNIT, (text, sheet) -> text.equals(NONE) ? "" : label(Usage.COUNTERS, text));
        words.put(
                FactKey.HUB_TYPE,
                (text, sheet) -> HubType.find(text).map(HubType::label).orElse(text));
        words.put(
                FactKey.ASSEMBLY,
                (text, sheet) ->
                        AssemblyKind.find(text).map(AssemblyKind::label).orElse(text));
        words.put(FactKey.VEHICLE_KIND, (text, sheet) -> label(VehicleKind.choices(), text));
        for (FactKey key : List.of(FactKey.POSITION, FactKey.WHERE, FactKey.VERDICT_AT)) {
            words.put(key, FactWords::place);
        }
        words.put(
                FactKey.CIRCUMSTANCES,
                (text, sheet) -> each(text, "[\\s,;]+", code -> label(DiagnosisFields.circumstances(), code)));
        words.put(
                FactKey.FAILURES,
                (text, sheet) -> each(
                        text,
                        "[\\s;]+",
                        failure -> place(failure.replaceFirst("=.*", ""), sheet) + ": "
                                + failure.replaceFirst(".*=", "")));
        words.put(
                FactKey.PAST_DAMAGE,
                (text, sheet) ->
                        each(text, ";", past -> mode(past.replaceFirst(" .*", "")) + past.replaceFirst("^\\S+", "")));
        words.put(FactKey.TOOLS, (text, sheet) -> each(text, "\\s+", Tools::label));
        words.put(FactKey.SCHOOL, (text, sheet) -> school(text));
        words.put(FactKey.ARRANGEMENT, (text, sheet) -> label(ArrangementFields.choices(), text));
        for (FactKey key : List.of(FactKey.COUNTER, FactKey.LAST_COUNTER, FactKey.DUE_COUNTER)) {
            words.put(key, (text, sheet) -> counted(text, sheet, ""));
        }
        words.put(FactKey.YEARLY, (text, sheet) -> counted(text, sheet, " a year"));
        words.put(
                FactKey.PROOFS_LEFT,
                (text, sheet) -> each(
                        text,
                        "\\s+",
                        code -> FollowUp.find(code).map(FollowUp::words).orElse(code)));
        words.put(FactKey.BUILT, (text, sheet) -> built(text, sheet));
        words.put(FactKey.PARTS, (text, sheet) -> parts(text));
        words.put(FactKey.PIN_HOLES, (text, sheet) -> each(text, ";", hole -> hole + "°"));
        return Map.copyOf(words);
    }

    private static String built(String text, Sheet sheet) {
        String kind = sheet.kind().map(AssemblyKind::code).orElse("");
        List<String> said = new ArrayList<>();
        ApartFields.built(text)
                .forEach((code, value) -> said.add(KindOption.find(kind, code)
                        .map(option -> option.label() + ": " + label(option.values(), value))
                        .orElse(code + ": " + value)));
        return String.join("; ", said);
    }

    private static String parts(String text) {
        return PartChange.all(text).stream()
                .map(change -> change instanceof PartChange.With with
                        ? with.label()
                        : change instanceof PartChange.Without without
                                ? "no " + without.part().replace('-', ' ')
                                : ((PartChange.Called) change).label())
                .collect(Collectors.joining("; "));
    }

    /** Where it comes from, in words. */
    public static String source(Fact fact) {
        return RouteStage.of(fact.stage()).map(RouteStage::title).orElse(fact.stage());
    }

    private static String label(List<Field.Choice> choices, String code) {
        return choices.stream()
                .filter(choice -> choice.code().equals(code))
                .map(Field.Choice::label)
                .findFirst()
                .orElse(code);
    }

    private static String place(String code, Sheet sheet) {
        String vehicle = sheet.text(FactKey.VEHICLE_KIND);
        return Place.of(vehicle, code).map(Place::label).orElse(code);
    }

    private static String mode(String id) {
        return Mode.all().stream()
                .filter(mode -> mode.id().equals(id))
                .map(Mode::name)
                .findFirst()
                .orElse(id);
    }

    private static String school(String code) {
        Optional<School> school = Arrays.stream(School.values())
                .filter(known -> known.name().equals(code))
                .findFirst();
        return school.map(known -> code + " · " + SchoolWords.of(known).name()).orElse(code);
    }

    private static String counted(String text, Sheet sheet, String per) {
        String unit = sheet.text(FactKey.COUNTER_UNIT);
        return text.isBlank() ? "" : text + " " + (unit.isEmpty() || unit.equals(NONE) ? "km" : unit) + per;
    }

    private static String each(String text, String between, java.util.function.UnaryOperator<String> words) {
        return Stream.of(text.split(between))
                .map(String::strip)
                .filter(part -> !part.isEmpty())
                .map(words)
                .collect(Collectors.joining(", "));
    }
}
