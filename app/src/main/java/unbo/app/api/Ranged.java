package unbo.app.api;

import java.util.List;

import com.fasterxml.jackson.annotation.JsonInclude;
import org.jspecify.annotations.Nullable;

import unbo.core.answer.Answer;

/**
 * How far figures may be off, where inputs were written with ±; nothing where none was.
 *
 * @param range of the first figure that hangs on them
 * @param measureNext what each input has of that range, the largest first
 * @param ranges of all figures
 */
@JsonInclude(JsonInclude.Include.NON_EMPTY)
record Ranged(@Nullable FigureRange range, List<Share> measureNext, List<FigureRange> ranges) {

    static final Ranged NONE = new Ranged(null, List.of(), List.of());

    /**
     * What a figure may be.
     *
     * @param figure what it is, as printed
     * @param unit of all its numbers; empty where it has none
     * @param low, high by chance: root of the sum of squares
     * @param worstLow, worstHigh where all inputs are off the same way
     */
    record FigureRange(String figure, String unit, double low, double high, double worstLow, double worstHigh) {

        private static FigureRange of(Answer.Figure figure) {
            Answer.Within within = figure.within();
            return new FigureRange(
                    figure.what(), figure.unit(), within.low(), within.high(), within.worstLow(), within.worstHigh());
        }
    }

    /** What one input has of a range, 0 to 1. */
    record Share(String input, double share) {}

    static Ranged of(Answer answer) {
        List<Answer.Figure> ranged = answer.figures().stream()
                .filter(figure -> figure.within() != null)
                .toList();
        return ranged.isEmpty()
                ? NONE
                : new Ranged(
                        FigureRange.of(ranged.get(0)),
                        ranged.get(0).within().shares().stream()
                                .map(share -> new Share(share.input(), share.share()))
                                .toList(),
                        ranged.stream().map(FigureRange::of).toList());
    }
}
