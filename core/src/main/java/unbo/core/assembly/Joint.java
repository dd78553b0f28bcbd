package unbo.core.assembly;

import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;

import org.jspecify.annotations.Nullable;

import unbo.core.fit.PressFit;

/**
 * How a part is held.
 *
 * @param part code of the part
 * @param hold what its seat is; NONE where it is no seat
 */
public record Joint(String part, Kind kind, Way way, Turn turn, Order order, Hold hold, Words words) {
    /**
     * What is done, each empty where the method's own words do.
     *
     * @param says taking it off, in a sentence
     * @param caution before that
     * @param refit putting it back, in sentences
     */
    public record Words(String says, String caution, String refit) {

        public static final Words NONE = new Words("", "", "");
    }

    /** How a part is held. */
    public enum Kind {
        SLIDES,
        LIGHT_PRESS,
        PRESS,
        THREAD,
        PIN,
        CLIP,
        BOLTS,
        COMPOUND,
        RUSTED;

        public String code() {
            return name().toLowerCase(Locale.ROOT).replace('_', '-');
        }

        public static Optional<Kind> of(String code) {
            return Arrays.stream(values())
                    .filter(kind -> kind.code().equals(code))
                    .findFirst();
        }
    }

    /**
     * The way it leaves.
     *
     * @param exit ends that it can leave by
     * @param shoulder ends where a shoulder stands against it
     * @param roomMm room behind the ring for the edges of a splitter
     */
    public record Way(Side exit, Side shoulder, Behind behind, double roomMm) {

        /** Ends that it can leave by, no shoulder in the way. */
        public List<Side> exits() {
            return exit.ends().stream().filter(end -> !shoulder.has(end)).toList();
        }
    }

    /** What can be reached of a ring from its far side. */
    public enum Behind {
        /** Its whole far face: no shoulder stands there. */
        FULL,
        /** Its edge: the shoulder is lower than the ring. */
        LIP,
        /** Its edge, through notches in the shoulder. */
        NOTCH,
        /** The inner ring's face only: the shoulder hides the outer ring. */
        INNER,
        /** Nothing: closed, or hidden. */
        NONE;

        public static Optional<Behind> of(String code) {
            return Arrays.stream(values())
                    .filter(behind -> behind.name().toLowerCase(Locale.ROOT).equals(code))
                    .findFirst();
        }

        /** True where the tight outer ring itself can be reached. */
        public boolean ring() {
            return this == FULL || this == LIP || this == NOTCH;
        }
    }

    /**
     * Its thread.
     *
     * @param lock plain, staked, self-locking or torque-to-yield; empty where it is no thread
     * @param hand right or left; look where it may be either
     */
    public record Turn(String lock, String hand) {

        public static final Turn NONE = new Turn("", "");

        /** True for a nut or bolt that is never used twice. */
        public boolean renewed() {
            return !lock.isEmpty() && !lock.equals("plain");
        }
    }

    /**
     * What it hangs together with.
     *
     * @param after parts that are off before it can be opened
     * @param with parts that come away by the same movement
     * @param takes the bearing that comes along, by the end it leaves by
     * @param crosses parts that the force of any method crosses
     */
    public record Order(List<String> after, List<String> with, Map<Side, String> takes, List<String> crosses) {

        public Order {
            after = List.copyOf(after);
            with = List.copyOf(with);
            takes = Map.copyOf(takes);
            crosses = List.copyOf(crosses);
        }

        public static final Order FREE = new Order(List.of(), List.of(), Map.of(), List.of());
    }

    /**
     * What a tight seat is.
     *
     * @param material of the part that it sits in or on
     * @param seatMm diameter; null where it is not known
     * @param mostUm largest interference; null where it is not known
     * @param force to take it off; null where it is not known
     */
    public record Hold(
            String material,
            @Nullable Double seatMm,
            @Nullable Double mostUm,
            PressFit.@Nullable Force force) {

        public static final Hold NONE = new Hold("steel", null, null, null);
    }

    public String says() {
        return words.says();
    }

    public String caution() {
        return words.caution();
    }
}
