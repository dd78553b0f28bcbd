package unbo.core.signal;

/**
 * The rate of a wheel from lines at its low multiples: the rate whose first eight multiples stand highest; of those
 * nearly as high, the lowest.
 */
final class WheelRate {

    private static final int MULTIPLES = 8;
    private static final double MOST_DB = 14;
    private static final double LEAST_DB = 5;
    private static final double NEARLY = 0.85;

    private WheelRate() {}

    /** @return turns a second; 0 when nothing stands out */
    static double find(Lines lines, double fromHz, double toHz) {
        double step = lines.stepHz() / MULTIPLES;
        double most = 0;
        for (double f = fromHz; f <= toHz; f += step) {
            most = Math.max(most, height(lines, f));
        }
        if (most < LEAST_DB) {
            return 0;
        }
        for (double f = fromHz; f <= toHz; f += step) {
            if (height(lines, f) >= NEARLY * most) {
                return top(lines, f, step);
            }
        }
        return 0;
    }

    private static double top(Lines lines, double from, double step) {
        double best = from;
        for (double f = from; f < from * 1.03; f += step) {
            best = height(lines, f) > height(lines, best) ? f : best;
        }
        double last = best;
        while (height(lines, last + step) >= height(lines, best)) {
            last += step;
        }
        return (best + last) / 2;
    }

    private static double height(Lines lines, double hz) {
        double sum = 0;
        for (int k = 1; k <= MULTIPLES; k++) {
            double near = lines.near(k * hz);
            sum += Double.isNaN(near) ? 0 : Math.min(MOST_DB, near);
        }
        return sum / MULTIPLES;
    }
}
