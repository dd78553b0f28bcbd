package unbo.app.record;

import java.time.LocalDate;

import unbo.core.assembly.AssemblyKind;
import unbo.core.assembly.BearingPlaces;
import unbo.core.logbook.PlayBand;
import unbo.core.logbook.Run;
import unbo.core.vehicle.Place;
import unbo.core.vehicle.Usage;

/**
 * A run of a bearing as it is recorded.
 *
 * @param to where it came out; its day null while it runs
 * @param seen where it was last seen sound before it was found failed
 * @param at what it is in
 * @param counted what it is grouped by
 */
record RunRow(
        long fromJob, String place, String number, boolean fitted, Run.Ended ended, Span span, At at, Counted counted) {

    /** A day and a counter. @param counter null where it was not read */
    record Point(LocalDate day, Double counter) {}

    /** @param to null while it runs @param seen null unless it was found failed */
    record Span(Point from, Point to, Point seen) {}

    /** @param position code @param kind of the vehicle */
    record At(long vehicleId, String vehicle, long positionId, String position, String kind, String use, String unit) {}

    /**
     * @param endPlay it was set to, mm; null where it was not @param nth bearing in its place
     * @param cause code of what the job turned out to be that took it out; empty while it runs
     */
    record Counted(String kind, String grease, String seals, Double endPlay, String person, int nth, String cause) {}

    /** The group it is counted in; empty where that is not known. */
    String group(String by) {
        return switch (by) {
            case "kind" ->
                AssemblyKind.find(counted.kind()).map(AssemblyKind::label).orElse("");
            case "place" -> where();
            case "vehicle" -> at.kind();
            case "use" -> Usage.words(at.use());
            case "number" -> number;
            case "seals" -> counted.seals().replace('-', ' ');
            case "grease" -> counted.grease();
            case "play" -> counted.endPlay() == null ? "" : PlayBand.of(counted.endPlay());
            case "person" -> counted.person();
            case "life" -> counted.nth() == 1 ? "first life" : "later lives";
            default -> "";
        };
    }

    /** The place of the bearing in words. */
    public String where() {
        String words = BearingPlaces.words(place);
        return words.isEmpty() ? place : words.replaceFirst("^the ", "");
    }

    /** Its position in words. */
    public String positionLabel() {
        return Place.of(at.kind(), at.position()).map(Place::label).orElse(at.position());
    }

    /** How it ended, in words. */
    public String endedWords() {
        return switch (ended) {
            case FAILED -> "failed";
            case FOUND -> "found failed";
            case SOUND -> "taken out sound";
            case RUNNING -> "runs";
        };
    }
}
