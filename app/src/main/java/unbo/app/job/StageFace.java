package unbo.app.job;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

import org.springframework.ui.Model;

import unbo.core.assembly.BearingPlaces;
import unbo.core.drawing.Drawing;
import unbo.core.input.Typed;
import unbo.core.route.StageRule;
import unbo.core.sheet.Sheet;
import unbo.core.stage.RouteStage;

/**
 * What one station has on its page beyond its boxes and its answer. A station without anything of its own has none; its
 * template is named after it and holds the fragments {@code before}, {@code answer}, {@code boxes} (what it asks by
 * means of its own), {@code after} and {@code folds}.
 */
interface StageFace {

    RouteStage stage();

    /** What is shown of a stage. */
    record Showing(JobView view, RouteStage stage, StageRule<?> rule, StageRule.Work work, Typed typed, Sheet sheet) {}

    /** Names of the texts that choose how it is asked, beside its boxes. */
    default Set<String> chooses() {
        return byPlace().map(asks -> Set.of(BearingPlaces.NAME, asks.box())).orElse(Set.of());
    }

    /** Texts that an entry begins with, beside what the sheet fills in. */
    default Map<String, String> begins(JobView view) {
        return Map.of();
    }

    /** True for a text that chooses something there is. */
    default boolean chosen(String name, String text) {
        return false;
    }

    /** The entry that an address asks for otherwise than by its code. */
    default Optional<StageEntry> entry(JobView view, Map<String, String> sent) {
        Sheet sheet = view.sheetFor(stage());
        return byPlace()
                .flatMap(asks ->
                        PlaceRow.entry(view.station(stage()), PlaceRow.About.of(sent, asks, sheet), asks, sheet));
    }

    /** True where an entry for another bearing, ring or way may stand beside those that are there. */
    default boolean several() {
        return byPlace().isPresent();
    }

    /** The same texts after a touch of the page: something painted, noted, taken back. */
    default Map<String, String> touched(Map<String, String> texts, Map<String, String> sent) {
        return Map.of();
    }

    /** What the workshop puts into the boxes of an entry that nobody has kept yet. */
    default Typed begun(StageRule<?> rule, Typed typed) {
        return typed;
    }

    /** Boxes that are asked first where they are empty, whatever hangs on them. */
    default List<String> asksFirst(Showing shown) {
        return List.of();
    }

    /** Boxes that are played like steps: one at a time, each answered by a touch. */
    default List<String> plays(Showing shown) {
        return List.of();
    }

    /** How what is not asked folds away. */
    default List<StageCard.Group> groups(Showing shown) {
        return List.of();
    }

    /** Boxes that its own template prints. */
    default Set<String> apart(Showing shown) {
        return Set.of();
    }

    /** What it asks of one place at a time; empty where it asks about the whole. */
    default Optional<PlaceRow.Asks> byPlace() {
        return Optional.empty();
    }

    /** Its own section, where it shows another than what the job knows. */
    default Optional<Drawing> section(Showing shown) {
        return Optional.empty();
    }

    /** True where its answer takes the whole width, without a section beside it. */
    default boolean wide() {
        return false;
    }

    /** Ids of what else on its page changes with what is typed, each behind a comma; empty where nothing does. */
    default String also() {
        return "";
    }

    /** True where results are noted by touches of the page. */
    default boolean notes() {
        return false;
    }

    /** What its fragments print. */
    default void show(Showing shown, Model model) {}
}
