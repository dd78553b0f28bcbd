package unbo.core.mount;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;

import org.jspecify.annotations.Nullable;

import unbo.core.answer.Answer;
import unbo.core.arrange.Arrangement;
import unbo.core.assembly.BearingPlaces;
import unbo.core.input.FieldList;
import unbo.core.input.Problem;
import unbo.core.input.Values;

/**
 * What a job's Fit asks: how a bearing goes in, and where an arrangement is picked, whether the shaft is then located
 * once each way and free to grow.
 *
 * @param arrangement null where none was picked
 */
public record FittedShaft(Mounting mounting, @Nullable Arrangement arrangement) {

    /** @param arrangement null where none was picked */
    public record Input(Mounting.Input mounting, Arrangement.@Nullable Input arrangement) {}

    public static final FieldList<Input> LIST = FieldList.of(
            Stream.of(
                            Stream.of(BearingPlaces.field()),
                            Mounting.LIST.fields().stream(),
                            Arrangement.fields(false).stream())
                    .flatMap(s -> s)
                    .toList(),
            FittedShaft::rules,
            v -> new Input(Mounting.LIST.make().apply(v), v.has("arrangement") ? Arrangement.make(v) : null));

    private static List<Problem> rules(Values v) {
        List<Problem> problems = new ArrayList<>(Mounting.LIST.rules().apply(v));
        if (v.has("arrangement")) {
            problems.addAll(Arrangement.rules(v));
        }
        return problems;
    }

    public static FittedShaft of(Input in) {
        return new FittedShaft(
                Mounting.of(in.mounting()), in.arrangement() == null ? null : Arrangement.of(in.arrangement()));
    }

    /** Both in print, the arrangement behind the mounting. */
    public Answer answer() {
        return arrangement == null ? mounting.answer() : mounting.answer().and(arrangement.answer());
    }
}
