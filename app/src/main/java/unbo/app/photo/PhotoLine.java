package unbo.app.photo;

import java.time.Instant;

import unbo.core.stage.RouteStage;

/** A photo without its picture, for lists. @param stage code of the stage at which it was taken */
public record PhotoLine(long id, String stage, String words, Instant addedAt, int width, int height) {

    /** The stage in words. */
    public String at() {
        return RouteStage.of(stage).map(RouteStage::title).orElse(stage);
    }
}
