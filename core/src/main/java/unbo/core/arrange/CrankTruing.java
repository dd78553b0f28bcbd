package unbo.core.arrange;

import java.util.List;

/**
 * Truing of a built-up crankshaft: runout of both mains by the webs and where each is high, seen from the crankpin,
 * round by round until both are inside the limit. Supports at the outer ends. Both high at the pin: the webs stand too
 * close opposite the pin, wedge there. Both high opposite the pin: squeeze there. High about square to the pin, on
 * opposite sides: twisted at the pin, strike the high web at its rim. With supports by the webs the first two change
 * over.
 *
 * @param move what the last round asks for
 */
public record CrankTruing(Input input, Move move, boolean inside) {

    /** What to do next. */
    public enum Move {
        NONE,
        WEDGE_OPPOSITE_PIN,
        SQUEEZE_OPPOSITE_PIN,
        STRIKE_LEFT,
        STRIKE_RIGHT,
        ONE_SIDE
    }

    /** Runout of one side in one round, mm, and the angle of its high spot from the pin. */
    public record High(double tirMm, double fromPinDeg) {

        double along() {
            return tirMm * Math.cos(Math.toRadians(fromPinDeg));
        }

        double square() {
            return tirMm * Math.sin(Math.toRadians(fromPinDeg));
        }
    }

    /**
     * What was read.
     *
     * @param limitMm truing ends here
     * @param workMm work is needed over this; between the two it may run, watched
     */
    public record Input(List<High> left, List<High> right, boolean byTheWebs, double limitMm, double workMm) {

        public Input {
            left = List.copyOf(left);
            right = List.copyOf(right);
        }
    }

    public static CrankTruing of(Input in) {
        High left = last(in.left());
        High right = last(in.right());
        boolean inside = left.tirMm() <= in.limitMm() + 1e-9 && right.tirMm() <= in.limitMm() + 1e-9;
        return new CrankTruing(in, inside ? Move.NONE : move(in, left, right), inside);
    }

    private static Move move(Input in, High left, High right) {
        double bend = (left.along() + right.along()) / 2;
        double twist = (left.square() - right.square()) / 2;
        if (Math.abs(bend) < 0.3 * in.limitMm() && Math.abs(twist) < 0.3 * in.limitMm()) {
            return Move.ONE_SIDE;
        }
        if (Math.abs(twist) > Math.abs(bend)) {
            return left.tirMm() >= right.tirMm() ? Move.STRIKE_LEFT : Move.STRIKE_RIGHT;
        }
        boolean atPin = bend > 0 != in.byTheWebs();
        return atPin ? Move.WEDGE_OPPOSITE_PIN : Move.SQUEEZE_OPPOSITE_PIN;
    }

    public static High last(List<High> highs) {
        return highs.get(highs.size() - 1);
    }

    /** True where no work is needed, though it is not as true as truing would make it: it may run, watched. */
    public boolean mayRun() {
        return !inside && largestMm() <= input.workMm() + 1e-9;
    }

    /** The larger runout of the last round, mm. */
    public double largestMm() {
        return Math.max(last(input.left()).tirMm(), last(input.right()).tirMm());
    }
}
