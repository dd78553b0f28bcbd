package unbo.core.stage;

import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;

/** The stations of a job, in the order in which practitioners work. */
public enum RouteStage {
    INTAKE("Intake", "What vehicle, which position, what is the complaint, how is it loaded?"),
    DIAGNOSE("Diagnose", "Is it the bearing, which one, how urgent?"),
    IDENTIFY("Identify", "Exactly which bearing and seal?"),
    STRIP("Strip", "How does it come out without wrecking what stays?"),
    INSPECT("Inspect", "Why did it fail, are shaft and housing still good?"),
    FIT("Fit", "How hot, how cold, how hard, which way round?"),
    GREASE("Grease", "Which grease, how many grams, where?"),
    SET("Set", "Where is the nut pinned, and what end play does that leave?"),
    PROVE("Prove", "Is it set right, and does it stay cool?"),
    LOG("Log", "What was it, and when is it due again?");

    private final String title;
    private final String asks;

    RouteStage(String title, String asks) {
        this.title = title;
        this.asks = asks;
    }

    public String title() {
        return title;
    }

    public String asks() {
        return asks;
    }

    /**
     * True for a station that is passed over without a word when the work goes on after it: a service needs no
     * diagnosis, and a bearing that stays in is not stripped.
     */
    public boolean optional() {
        return this == DIAGNOSE || this == STRIP || this == INSPECT || this == FIT;
    }

    /** True for a station that is worked at a place: until that is known, nothing is kept there. */
    public boolean atPlace() {
        return compareTo(DIAGNOSE) > 0 && this != LOG;
    }

    /** True for the station that is never skipped while there is work at a hub. */
    public boolean needed() {
        return this == PROVE;
    }

    /** True for a station that judges what came out: what it stops for is settled by the new part, and by Prove. */
    public boolean judgesTheOld() {
        return this == DIAGNOSE || this == STRIP || this == INSPECT;
    }

    /** As it stands in addresses and documents. */
    public String code() {
        return name().toLowerCase(Locale.ROOT);
    }

    public static Optional<RouteStage> of(String code) {
        return Arrays.stream(values()).filter(s -> s.code().equals(code)).findFirst();
    }

    /** All of them, in order. */
    public static List<RouteStage> route() {
        return List.of(values());
    }

    /** The station after this one; empty at the end. */
    public Optional<RouteStage> next() {
        return Arrays.stream(values()).filter(s -> s.ordinal() > ordinal()).findFirst();
    }
}
