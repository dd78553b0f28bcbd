package unbo.core.lubrication;

import static java.util.Objects.requireNonNull;

import java.time.LocalDate;

import org.jspecify.annotations.Nullable;

/**
 * Grease for one bearing: how much to fill, how much to add and when.
 *
 * <p>Free volume from envelope and mass; share by use (a wheel 30–50 % whatever the speed, a pulley 25–35, a pivot
 * 80–90, otherwise by n·dm); mass at 0.90 g/cm³. Relubrication interval at 70 °C tf = K·(14·10⁶/(n·√d) − 4·d) hours,
 * halved for each started 15 K above, no gain below, times what shortens it (vertical shaft, dirt, water), capped at 30
 * 000 h; zero or less asks for oil. Adding: 0.005·D·B grams.
 *
 * @param nDm speed figure, mm/min; null without a speed
 */
public record BearingGrease(
        BearingGreaseInput input, double freeCm3, @Nullable Double nDm, Share share, Fill fill, Again again) {
    /**
     * Grams to begin with.
     *
     * @param handPacked 80–100 % for tapers packed by hand; null for others
     */
    public record Fill(Share.Range grams, Share.@Nullable Range handPacked, Share.@Nullable Range cavityGrams) {}

    /**
     * When and how much again.
     *
     * @param hours null without a speed; 0 where grease does not do
     * @param strokes rounded up to a half; null without a calibrated gun
     */
    public record Again(
            @Nullable Double hours,
            double replenishGrams,
            @Nullable Double strokes) {}

    private static final double CAP_H = 30_000;
    /** A clean race hub with little grease is opened again after so far. */
    private static final double RACE_KM = 1500;

    private static final double USUAL_RACE_KMH = 30;
    private static final double DAYS_A_YEAR = 365.25;
    private static final long MOST_DAYS = 36_525;

    public static BearingGrease of(BearingGreaseInput in) {
        double free = FreeVolume.cm3(
                FreeVolume.envelopeCm3(in.boreMm(), in.outsideMm(), in.widthMm()), in.massKg(), in.ball());
        Double nDm = in.rpm() == null ? null : in.rpm() * (in.boreMm() + in.outsideMm()) / 2;
        Share share = Share.of(in.use(), nDm);
        double density = FreeVolume.GREASE_G_PER_CM3;
        if (in.sealed()) {
            return new BearingGrease(
                    in, free, nDm, Share.NONE, new Fill(new Share.Range(0, 0), null, null), new Again(null, 0, null));
        }
        double replenish = FreeVolume.replenishG(in.outsideMm(), in.widthMm(), free);
        return new BearingGrease(
                in,
                free,
                nDm,
                share,
                new Fill(
                        share.grams(free),
                        in.taper() ? Share.PACKED_BY_HAND.grams(free) : null,
                        in.cavityCm3() == null
                                ? null
                                : new Share.Range(in.cavityCm3() / 3 * density, in.cavityCm3() / 2 * density)),
                new Again(
                        in.rpm() == null ? null : hours(in),
                        replenish,
                        in.strokeGrams() == null ? null : Math.ceil(replenish / in.strokeGrams() * 2 - 1e-9) / 2));
    }

    private static double hours(BearingGreaseInput in) {
        if (requireNonNull(in.rpm()) <= 0) {
            return CAP_H;
        }
        double at70 = in.life() * (14e6 / (in.rpm() * Math.sqrt(in.boreMm())) - 4 * in.boreMm());
        double shortest = in.use().equals("race") ? RACE_KM / meanKmh(in) : CAP_H;
        double halvings = Math.max(0, Math.ceil((in.temperature() - 70) / 15 - 1e-9));
        return Math.max(0, Math.min(shortest, Math.min(CAP_H, at70 / Math.pow(2, halvings) * in.factor())));
    }

    private static double meanKmh(BearingGreaseInput in) {
        return in.service() == null ? USUAL_RACE_KMH : in.service().meanKmh();
    }

    /** The interval as a distance, km; null without hours or a mean speed. */
    public @Nullable Double km() {
        return hours() == null || hours() <= 0 || input.service() == null
                ? null
                : hours() * input.service().meanKmh();
    }

    /** The day it is due by the distance of a year; null where that is not known. */
    public @Nullable LocalDate dueOn() {
        Double km = km();
        return km == null || requireNonNull(input.service()).yearlyKm() == null
                ? null
                : requireNonNull(input.service().from())
                        .plusDays(Math.min(
                                MOST_DAYS,
                                Math.round(km / requireNonNull(input.service().yearlyKm()) * DAYS_A_YEAR)));
    }

    /** Strokes of the gun in a year at this interval; null without a gun or a distance. */
    public @Nullable Double strokesAYear() {
        return strokes() == null
                        || km() == null
                        || requireNonNull(input.service()).yearlyKm() == null
                ? null
                : strokes() * requireNonNull(input.service().yearlyKm()) / km();
    }

    public Share.Range grams() {
        return fill.grams();
    }

    public Share.@Nullable Range handPacked() {
        return fill.handPacked();
    }

    public Share.@Nullable Range cavityGrams() {
        return fill.cavityGrams();
    }

    public @Nullable Double hours() {
        return again.hours();
    }

    public double replenishGrams() {
        return again.replenishGrams();
    }

    public @Nullable Double strokes() {
        return again.strokes();
    }
}
