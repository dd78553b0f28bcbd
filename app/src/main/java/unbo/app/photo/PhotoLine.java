package unbo.app.photo;

import java.time.Instant;

/** A photo without its picture, for lists. */
public record PhotoLine(long id, String words, Instant addedAt, int width, int height) {
}
