package unbo.core.decide;

import org.jspecify.annotations.Nullable;

/**
 * The same rebuild again and again: a batch of cores of which a share can be used, against as many new ones. Minutes of
 * looking at a core are spent on those that cannot be used as well.
 *
 * @param good rebuilt ones that come of it, in the mean
 * @param each cost of a rebuilt one
 * @param per1000 cost of 1000 of what its life is counted in, rebuilt and new
 * @param evenAt share of usable cores at which a rebuilt one costs per 1000 what a new one does; null where none does
 */
public record RebuildBatch(
        Input input,
        double good,
        double each,
        Per1000 per1000,
        @Nullable Double evenAt) {

    private static final double MINUTES = 60;

    /**
     * What is asked.
     *
     * @param cores old ones in the batch
     * @param usable share of them, over 0 to 1
     * @param corePrice what a core costs
     */
    public record Input(int cores, double usable, double corePrice, Work work, Against against) {}

    /**
     * What one takes.
     *
     * @param parts price of the parts of a rebuilt one
     * @param looking minutes of looking at each core
     * @param building minutes of each that is rebuilt
     * @param hourRate price of an hour
     */
    public record Work(double parts, double looking, double building, double hourRate) {}

    /** @param price of a new one @param life of a new one @param rebuilt life of a rebuilt one, in the same counter */
    public record Against(double price, double life, double rebuilt) {}

    /** Cost of 1000 km, hours or runs. */
    public record Per1000(double rebuilt, double fresh) {}

    public static RebuildBatch of(Input in) {
        double good = in.cores() * in.usable();
        double each = each(in, in.usable());
        double rebuilt = each / in.against().rebuilt() * 1000;
        double fresh = in.against().price() / in.against().life() * 1000;
        return new RebuildBatch(in, good, each, new Per1000(rebuilt, fresh), even(in, fresh));
    }

    private static double each(Input in, double usable) {
        Work work = in.work();
        double core = in.corePrice() + work.looking() / MINUTES * work.hourRate();
        return core / usable + work.parts() + work.building() / MINUTES * work.hourRate();
    }

    /**
     * The share of usable cores at which both cost the same: core/(a − parts − building), a what a rebuilt may cost.
     */
    private static @Nullable Double even(Input in, double fresh) {
        Work work = in.work();
        double core = in.corePrice() + work.looking() / MINUTES * work.hourRate();
        double may = fresh / 1000 * in.against().rebuilt() - work.parts() - work.building() / MINUTES * work.hourRate();
        double share = core / may;
        return may > 0 && share <= 1 ? Double.valueOf(share) : null;
    }

    /** True where a rebuilt one costs less per 1000. */
    public boolean pays() {
        return per1000.rebuilt() < per1000.fresh();
    }
}
