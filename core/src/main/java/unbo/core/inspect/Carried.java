package unbo.core.inspect;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;

import unbo.core.assembly.KindPlace;
import unbo.core.damage.Mode;
import unbo.core.fact.PlaceProperty;
import unbo.core.sheet.Fact;
import unbo.core.sheet.Sheet;

/** What Inspect found, as the stages that follow must hear it. */
public final class Carried {

    private static final Map<String, List<String>> STAGES = Map.of(
            "grease",
            List.of("grease"),
            "setting",
            List.of("set"),
            "seat",
            List.of("fit", "set"),
            "seal",
            List.of("identify", "grease"),
            "method",
            List.of("fit"),
            "bond",
            List.of("fit", "log"));

    private Carried() {}

    /** Sentences for one stage, by its code; empty where nothing was found that it must heed. */
    public static List<String> to(String stage, Sheet sheet) {
        List<String> sentences = new ArrayList<>();
        sheet.each(PlaceProperty.DAMAGE)
                .forEach(found -> Stream.of(found.text().split(","))
                        .map(String::strip)
                        .filter(id -> !id.isEmpty())
                        .forEach(id -> {
                            Mode mode = Mode.of(id);
                            if (!mode.sets().isEmpty()
                                    && STAGES.getOrDefault(mode.sets(), List.of())
                                            .contains(stage)) {
                                sentences.add(at(found, sheet) + mode.name() + ": " + mode.remedy());
                            }
                        }));
        if (stage.equals("fit")) {
            seats(PlaceProperty.HOUSING_STATE, PlaceProperty.HOUSING_REMEDY, sheet, sentences);
            seats(PlaceProperty.SHAFT_STATE, PlaceProperty.SHAFT_REMEDY, sheet, sentences);
        }
        if (stage.equals("set") && !sheet.each(PlaceProperty.CURE_HOURS).isEmpty()) {
            sentences.add("A seat is set in compound: nothing is loaded or heated before it has cured.");
        }
        return sentences;
    }

    /** What a measured seat that is not right asks for, and whether it was chosen. */
    private static void seats(PlaceProperty state, PlaceProperty remedy, Sheet sheet, List<String> sentences) {
        for (Fact seat : sheet.each(state)) {
            if (!seat.text().equals("right")) {
                String chosen = sheet.text(seat.key().place().map(remedy::at).orElseThrow());
                String which = at(seat, sheet);
                sentences.add((which.isEmpty() ? "The measured seat" : which + "the measured seat") + " is "
                        + seat.text()
                        + (chosen.isEmpty()
                                ? ": put it right before anything is pressed."
                                : Inspection.stays(chosen)
                                        ? ", and stays: " + chosen + "."
                                        : ", put right by: " + chosen + "."));
            }
        }
    }

    /** The place that a fact is about, before a sentence; empty where the assembly has but one. */
    private static String at(Fact fact, Sheet sheet) {
        List<KindPlace> places = sheet.places();
        return places.size() < 2
                ? ""
                : places.stream()
                        .filter(place ->
                                fact.key().place().filter(place.code()::equals).isPresent())
                        .map(place -> place.title() + ": ")
                        .findFirst()
                        .orElse("");
    }
}
