package unbo.core.mount;

import org.jspecify.annotations.Nullable;

import unbo.core.arrange.Arrangement;

/**
 * What a job's Fit asks: how a bearing goes in, and where an arrangement is picked, whether the shaft is then located
 * once each way and free to grow.
 *
 * @param arrangement null where none was picked
 */
public record FittedShaft(Mounting mounting, @Nullable Arrangement arrangement) {

    /** @param arrangement null where none was picked */
    public record Input(Mounting.Input mounting, Arrangement.@Nullable Input arrangement) {}

    public static FittedShaft of(Input in) {
        return new FittedShaft(
                Mounting.of(in.mounting()), in.arrangement() == null ? null : Arrangement.of(in.arrangement()));
    }
}
