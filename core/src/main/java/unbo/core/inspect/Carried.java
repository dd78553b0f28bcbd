package unbo.core.inspect;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;

import unbo.core.damage.Mode;
import unbo.core.fact.FactKey;
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
        Stream.of(sheet.text(FactKey.DAMAGE).split(","))
                .map(String::strip)
                .filter(id -> !id.isEmpty())
                .forEach(id -> {
                    Mode mode = Mode.of(id);
                    if (!mode.sets().isEmpty()
                            && STAGES.getOrDefault(mode.sets(), List.of()).contains(stage)) {
                        sentences.add(mode.name() + ": " + mode.remedy());
                    }
                });
        if (stage.equals("fit")
                && !sheet.text(FactKey.SEAT_STATE).isEmpty()
                && !sheet.text(FactKey.SEAT_STATE).equals("right")) {
            sentences.add("The measured seat is " + sheet.text(FactKey.SEAT_STATE)
                    + ": put it right before anything is pressed.");
        }
        if (stage.equals("set") && sheet.has(FactKey.CURE_HOURS)) {
            sentences.add("A seat is set in compound: nothing is loaded or heated before it has cured.");
        }
        return sentences;
    }
}
