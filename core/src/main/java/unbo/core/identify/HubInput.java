package unbo.core.identify;

import java.util.List;

import org.jspecify.annotations.Nullable;

import unbo.core.assembly.AssemblyKind;
import unbo.core.assembly.KindPlace;

/**
 * What was read and measured on an assembly. Numbers as stamped; sizes in mm, null where not measured.
 *
 * @param kind null where nobody said it: then its numbers tell
 * @param said true where it was said here, and not known before
 * @param places one for each place of the kind, along its axis
 * @param lengths between its first two bearings
 */
public record HubInput(@Nullable AssemblyKind kind, boolean said, List<Placed> places, String seal, Lengths lengths) {

    public HubInput {
        places = List.copyOf(places);
    }

    /**
     * Lengths between the first two bearings, mm; null where not measured.
     *
     * @param betweenCups distance between the backs of the cups
     * @param hubBore bore of the hub between the cups
     * @param spindle diameter of the spindle between the cones
     */
    public record Lengths(
            @Nullable Double betweenCups,
            @Nullable Double hubBore,
            @Nullable Double spindle) {}

    /**
     * What was read at one place.
     *
     * @param cone its number, or that of its cone; sizes such as 25x52x15 where it has none
     * @param made by whom and in which batch, as typed
     * @param balls loose ones; null where the place has none, or they were not counted
     */
    public record Placed(
            KindPlace place,
            String cone,
            String cup,
            Measured measured,
            Made made,
            @Nullable Balls balls) {

        /** True where nothing is known of it. */
        public boolean unknown() {
            return cone.isBlank() && balls == null;
        }
    }

    /** Sizes by hand, mm; null where not measured. */
    public record Measured(
            @Nullable Double boreMm,
            @Nullable Double outsideMm,
            @Nullable Double widthMm) {}

    /** Who made it, as typed. */
    public record Made(String maker, String batch) {}

    /** Loose balls of one side. @param mm diameter */
    public record Balls(int count, @Nullable Double mm) {}
}
