package unbo.core.route;

import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;

import unbo.core.assembly.AssemblyKind;
import unbo.core.bearing.BearingKind;
import unbo.core.damage.Mode;
import unbo.core.diagnosis.HubType;
import unbo.core.fact.FactKey;
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
import unbo.core.vehicle.Place;
import unbo.core.vehicle.Usage;

/** A fact in words: no code, no number without its unit. What is not known to a table is printed as it stands. */
public final class FactWords {

    private static final String NONE = "none";

    private FactWords() {}

    /**
     * The fact's value as people read it; empty where it says nothing. @param sheet that it stands on, which tells
     * vehicle and counter
     */
    public static String value(Fact fact, Sheet sheet) {
        String text = fact.text();
        return switch (fact.key()) {
            case GREASE_KIND ->
                Mixing.thickener(text).map(Mixing.Thickener::name).orElse(text);
            case CAUSE, VERDICT_CAUSE -> Causes.known(text) ? Causes.label(text) : text;
            case USE -> label(Usage.USES, text);
            case COUNTER_UNIT -> text.equals(NONE) ? "" : label(Usage.COUNTERS, text);
            case HUB_TYPE -> HubType.find(text).map(HubType::label).orElse(text);
            case ASSEMBLY -> AssemblyKind.find(text).map(AssemblyKind::label).orElse(text);
            case OUTER_KIND, INNER_KIND ->
                BearingKind.of(text).map(BearingKind::words).orElse(text);
            case VEHICLE_KIND -> label(DiagnosisFields.VEHICLES, text);
            case POSITION, WHERE, VERDICT_AT -> place(text, sheet);
            case CIRCUMSTANCES -> each(text, "[\\s,;]+", code -> label(DiagnosisFields.circumstances(), code));
            case FAILURES ->
                each(
                        text,
                        "[\\s;]+",
                        failure ->
                                place(failure.replaceFirst("=.*", ""), sheet) + ": " + failure.replaceFirst(".*=", ""));
            case DAMAGE -> each(text, ",", FactWords::mode);
            case PAST_DAMAGE ->
                each(text, ";", past -> mode(past.replaceFirst(" .*", "")) + past.replaceFirst("^\\S+", ""));
            case TOOLS -> each(text, "\\s+", Tools::label);
            case SCHOOL -> school(text);
            case ARRANGEMENT -> label(ArrangementFields.choices(), text);
            case COUNTER, LAST_COUNTER, DUE_COUNTER -> counted(text, sheet, "");
            case YEARLY -> counted(text, sheet, " a year");
            case PROOFS_LEFT ->
                each(
                        text,
                        "\\s+",
                        code -> FollowUp.find(code).map(FollowUp::words).orElse(code));
            case PIN_HOLES -> each(text, ";", hole -> hole + "°");
            default -> fact.shown();
        };
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
