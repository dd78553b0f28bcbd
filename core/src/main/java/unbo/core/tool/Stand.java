package unbo.core.tool;

import java.util.Set;

import unbo.core.stage.RouteStage;

/**
 * Where in a job a tool is asked by a stage of its own.
 *
 * @param way code of the stage's way; empty where the stage has but one
 * @param label of the way, in a few words
 * @param usual codes of the places and kinds of hub where it is the usual way
 */
public record Stand(RouteStage stage, String way, String label, Set<String> usual) {

    public static Stand at(RouteStage stage) {
        return new Stand(stage, "", "", Set.of());
    }

    /** A way of setting. */
    public static Stand set(String way, String label, String... usual) {
        return new Stand(RouteStage.SET, way, label, Set.of(usual));
    }
}
