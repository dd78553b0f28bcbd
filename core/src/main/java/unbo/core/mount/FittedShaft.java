package unbo.core.mount;

import java.util.List;
import java.util.stream.Stream;

import org.jspecify.annotations.Nullable;

import unbo.core.arrange.Arrangement;
import unbo.core.bearing.Bearing;
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

    /** Who made the bearing that goes in, its batch, and where it was bought, as typed. */
    public record Made(String maker, String batch, String from) {}

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
