package unbo.core.arrange;

import unbo.core.fit.Material;

/**
 * End play of an adjusted pair of tapers, cold and hot. Δ = (αh·ΔTh − αs·ΔTs)·[Go/(2·tan αo) + Gi/(2·tan αi) − L]: a
 * hub warmed by its brake loosens, cones warmer than the hub tighten. In an alloy hub the steel cups follow the hub
 * only in part: both bounds are given, cups that grow like steel and cups that grow like the hub.
 *
 * @param bracketMm what the radial growth of cups and the length between them come to
 * @param changeSteelMm with cups that grow like steel
 * @param changeHubMm with cups that grow like the hub; the same where the hub is steel
 */
public record EndPlayHeat(Input input, double bracketMm, double changeSteelMm, double changeHubMm) {

    /** What is asked. */
    public record Input(Pair pair, Warmth warmth, double setMm) {
        /**
         * The pair: raceways, half cup angles, length between.
         *
         * @param outerRaceMm mean diameter of a cup's raceway
         * @param betweenMm between raceway centres
         */
        public record Pair(
                double outerRaceMm, double outerDeg, double innerRaceMm, double innerDeg, double betweenMm) {}

        /** What warms by how much. */
        public record Warmth(Material hub, double hubK, double conesK) {}

        public double outerRaceMm() {
            return pair.outerRaceMm();
        }

        public double outerDeg() {
            return pair.outerDeg();
        }

        public double innerRaceMm() {
            return pair.innerRaceMm();
        }

        public double innerDeg() {
            return pair.innerDeg();
        }

        public double betweenMm() {
            return pair.betweenMm();
        }

        public Material hub() {
            return warmth.hub();
        }

        public double hubK() {
            return warmth.hubK();
        }

        public double conesK() {
            return warmth.conesK();
        }
    }

    public static EndPlayHeat of(Input in) {
        double radial = in.outerRaceMm() / (2 * Math.tan(Math.toRadians(in.outerDeg())))
                + in.innerRaceMm() / (2 * Math.tan(Math.toRadians(in.innerDeg())));
        double steel = Material.STEEL.perK();
        double cones = steel * in.conesK() * (radial - in.betweenMm());
        double hubLength = in.hub().perK() * in.hubK() * in.betweenMm();
        double followsSteel = steel * in.hubK() * radial - hubLength - cones;
        double followsHub = in.hub().perK() * in.hubK() * radial - hubLength - cones;
        return new EndPlayHeat(in, radial - in.betweenMm(), followsSteel, followsHub);
    }

    public double leastHotMm() {
        return input.setMm() + Math.min(changeSteelMm, changeHubMm);
    }

    public double mostHotMm() {
        return input.setMm() + Math.max(changeSteelMm, changeHubMm);
    }
}
