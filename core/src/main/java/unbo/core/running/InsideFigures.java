package unbo.core.running;

import unbo.core.bearing.BearingGeometry;
import unbo.core.bearing.Ratings;
import unbo.core.life.LifeFactor;

/**
 * What is inside a bearing, estimated from its boundary or counted and measured through its open side, and what that
 * carries: basic ratings by ISO 281 and ISO 76, or the catalogue's where they are typed.
 *
 * @param ratings what counts: typed, else worked out
 * @param byRule worked out by ISO 281 and ISO 76 from this inside
 */
public record InsideFigures(Input input, Ratings ratings, Ratings byRule) {

    public record Input(Candidate bearing) {}

    public static InsideFigures of(Input in) {
        return new InsideFigures(in, in.bearing().ratings(), in.bearing().byRule());
    }

    public BearingGeometry geometry() {
        return input.bearing().geometry();
    }

    /** Cu, N. */
    public double fatigueLimitN() {
        return LifeFactor.fatigueLimitN(ratings.c0N(), ratings.rollers());
    }
}
