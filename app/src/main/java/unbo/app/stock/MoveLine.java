package unbo.app.stock;

import java.time.Instant;

/** A movement as the page prints it. */
public record MoveLine(String name, Instant at, double by, String words) {
}
