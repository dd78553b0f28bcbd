package unbo.core.mount;

import java.util.List;
import java.util.stream.Stream;

import org.jspecify.annotations.Nullable;

import unbo.core.arrange.Arrangement;
import unbo.core.bearing.Bearing;
import unbo.core.bearing.Clearances;
import unbo.core.fit.Fit;
import unbo.core.identify.Interchange;

/**
 * What a job's Fit asks: how a bearing goes in at its place, what is other than in the one that was found there, and
 * where an arrangement is picked, whether the shaft is then located once each way and free to grow.
 *
 * @param arrangement null where none was picked
 */
public record FittedShaft(
        Input input, Mounting mounting, @Nullable Arrangement arrangement) {

    /**
     * @param which code of the place; empty where it was not said
     * @param found the bearing that was found there; null where it is not known
     * @param arrangement null where none was picked
     */
    public record Input(
            String which,
            Mounting.Input mounting,
            @Nullable Bearing found,
            Made made,
            Arrangement.@Nullable Input arrangement) {}

    /**
     * Who made the bearing that goes in, its batch, and where it was bought, as typed.
     *
     * @param clearanceMm its radial clearance as it was measured before it was fitted; null where nobody did
     */
    public record Made(
            String maker,
            String batch,
            String from,
            @Nullable Double clearanceMm) {}

    /**
     * What a measured clearance says.
     *
     * @param classes that it lies in, tightest first; empty where it lies in none
     * @param marked the class of its number
     * @param leftUm mean of what is left of it on its seats, cold; null where its fit tells none
     */
    public record Measured(
            double um,
            List<String> classes,
            String marked,
            @Nullable Double leftUm) {

        /** True where its number tells another class. */
        public boolean other() {
            return !classes.contains(marked);
        }
    }

    /** What its measured clearance says; null where it was not measured, or its kind has no listed classes. */
    public @Nullable Measured measured() {
        Double mm = input.made().clearanceMm();
        Bearing bearing = input.mounting().bearing();
        Double bore = bearing.boreMm();
        if (mm == null || bore == null || !Clearances.listed(bearing.kind())) {
            return null;
        }
        double um = mm * 1000;
        Fit.Left left = mounting.fit().chosen();
        return new Measured(
                um,
                Clearances.of(bearing.kind(), bore).stream()
                        .filter(band -> um >= band.minUm() && um <= band.maxUm())
                        .map(Clearances.Band::code)
                        .toList(),
                mounting.input().fit().clearance(),
                left == null ? null : um - left.made().meanUm() + left.cold().meanUm());
    }

    public static FittedShaft of(Input in) {
        return new FittedShaft(
                in, Mounting.of(in.mounting()), in.arrangement() == null ? null : Arrangement.of(in.arrangement()));
    }

    /** True where another number goes in than was found; a cone or a cup of the set that was found is no other. */
    public boolean other() {
        Bearing found = input.found();
        Bearing now = input.mounting().bearing();
        if (found == null
                || !found.recognised()
                || !now.recognised()
                || found.designation().equals(now.designation())) {
            return false;
        }
        return !found.kind().taper()
                || Stream.of(found.marking().split("/"))
                        .map(String::strip)
                        .noneMatch(part -> part.equalsIgnoreCase(now.marking()));
    }

    /** What is other than in the bearing that was found, each in a clause. */
    public List<String> changes() {
        Bearing found = input.found();
        return found == null || !other()
                ? List.of()
                : Interchange.changes(found, input.mounting().bearing());
    }
}
