package unbo.core.apart;

import java.util.Map;

import org.jspecify.annotations.Nullable;

/**
 * How an assembly comes apart and goes together, or why it does not.
 *
 * @param apart null where a part cannot come out
 * @param together null where it does not come apart
 * @param stuck what cannot come out, and why; null where everything does
 */
public record WholePlan(
        ApartInput input,
        @Nullable Apart apart,
        @Nullable Together together,
        @Nullable Stuck stuck) {

    /** A part that cannot come out. @param why in a sentence */
    public record Stuck(String part, String why) {}

    /** Seats are those of the kind where none is given. */
    public static WholePlan of(ApartInput input, Map<String, Together.Seats> seats) {
        try {
            Apart apart = Apart.of(input);
            return new WholePlan(input, apart, Together.of(apart, seats), null);
        } catch (NoWayOut no) {
            return new WholePlan(input, null, null, new Stuck(no.part(), no.why()));
        }
    }
}
