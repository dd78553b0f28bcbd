package unbo.core.heat;

import org.jspecify.annotations.Nullable;

import unbo.core.fit.Material;

/**
 * A heated lump of metal that warms a ring set on it: what both come to, and how hot or heavy it must be for a wanted
 * temperature. T = (mb·cb·Tb + mr·cr·Tr)/(mb·cb + mr·cr), without losses. The face that touches takes the block's
 * temperature at once: the block stays under the ring's limit, and what is missing is made up by its mass.
 *
 * @param finalC both, once they are even
 * @param blockC temperature of this block for the wanted one; null where none is wanted
 * @param massKg mass of a block at the limit for the wanted one; null where none is wanted or the limit is too low
 */
public record HeatBlock(
        Input input,
        double finalC,
        @Nullable Double blockC,
        @Nullable Double massKg) {

    /** @param wantedC of the ring; null where none is wanted */
    public record Input(
            Material blockMaterial,
            double blockMassKg,
            double blockC,
            double ringMassKg,
            double ringC,
            @Nullable Double wantedC,
            double limitC) {}

    public static HeatBlock of(Input in) {
        double block = in.blockMassKg() * in.blockMaterial().heatJPerKgK();
        double ring = in.ringMassKg() * Material.STEEL.heatJPerKgK();
        double both = (block * in.blockC() + ring * in.ringC()) / (block + ring);
        Double hot = in.wantedC() == null ? null : in.wantedC() + ring / block * (in.wantedC() - in.ringC());
        Double mass = in.wantedC() == null || in.wantedC() >= in.limitC()
                ? null
                : ring
                        * (in.wantedC() - in.ringC())
                        / (in.blockMaterial().heatJPerKgK() * (in.limitC() - in.wantedC()));
        return new HeatBlock(in, both, hot, mass);
    }
}
