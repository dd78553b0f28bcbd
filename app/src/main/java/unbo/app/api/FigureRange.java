package unbo.app.api;

import java.util.List;

import unbo.core.answer.Answer;

/**
 * What a figure may be, where inputs were written with ±.
 *
 * @param figure what it is, as printed
 * @param unit of all its numbers; empty where it has none
 * @param low, high by chance: root of the sum of squares
 * @param worstLow, worstHigh where all inputs are off the same way
 * @param shares what each input has of it, the largest first
 */
record FigureRange(
        String figure, String unit, double low, double high, double worstLow, double worstHigh, List<Share> shares) {

    /** What one input has of a range, 0 to 1. */
    record Share(String input, double share) {}

    static List<FigureRange> of(Answer answer) {
        return answer.figures().stream()
                .filter(figure -> figure.within() != null)
                .map(FigureRange::of)
                .toList();
    }

    private static FigureRange of(Answer.Figure figure) {
        Answer.Within within = figure.within();
        return new FigureRange(
                figure.what(),
                figure.unit(),
                within.low(),
                within.high(),
                within.worstLow(),
                within.worstHigh(),
                within.shares().stream()
                        .map(share -> new Share(share.input(), share.share()))
                        .toList());
    }
}
