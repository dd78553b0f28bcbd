package unbo.core.arrange;

import java.util.ArrayList;
import java.util.List;

import unbo.core.answer.Answer;
import unbo.core.finding.Finding;
import unbo.core.finding.Level;
import unbo.core.fit.Material;
import unbo.core.input.Field;
import unbo.core.input.FieldList;
import unbo.core.measure.Quantity;
import unbo.core.measure.Show;
import unbo.core.worksheet.Worksheet;

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

    public static final FieldList<Input> LIST = FieldList.of(
            List.of(
                    mm("outerRace", "Outer cup, mean raceway diameter").must(),
                    angle("outerAngle", "Outer half cup angle"),
                    mm("innerRace", "Inner cup, mean raceway diameter").must(),
                    angle("innerAngle", "Inner half cup angle"),
                    Field.quantity("between", "Between raceway centres", Quantity.LENGTH, "mm", 5, 400)
                            .usually(20, 150)
                            .must(),
                    Field.choice("hub", "Hub of", Material.choices()).orElse("steel", null),
                    kelvin("hubWarmer", "Hub and cups warmer by").orElse("40", "after braking"),
                    kelvin("conesWarmer", "Spindle and cones warmer by").orElse("0", null),
                    Field.quantity("endPlay", "End play set cold", Quantity.LENGTH, "mm", -0.3, 1)
                            .usually(0, 0.15)
                            .orElse("0.05", "a usual setting")),
            v -> new Input(
                    new Input.Pair(
                            v.number("outerRace"),
                            v.number("outerAngle"),
                            v.number("innerRace"),
                            v.number("innerAngle"),
                            v.number("between")),
                    new Input.Warmth(Material.of(v.text("hub")), v.number("hubWarmer"), v.number("conesWarmer")),
                    v.number("endPlay")));

    private static Field mm(String name, String label) {
        return Field.quantity(name, label, Quantity.LENGTH, "mm", 8, 400).usually(20, 150);
    }

    private static Field angle(String name, String label) {
        return Field.quantity(name, label, Quantity.ANGLE, "°", 5, 45)
                .usually(9, 30)
                .orElse("14", "a middling taper");
    }

    private static Field kelvin(String name, String label) {
        return Field.quantity(name, label, Quantity.TEMPERATURE_DIFFERENCE, "K", -60, 200)
                .usually(-10, 80);
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

    /** It in print. */
    public Answer answer() {
        boolean one = Math.abs(changeSteelMm - changeHubMm) < 5e-4;
        String hot = one ? Show.fixed(leastHotMm(), 3) : Show.fixed(leastHotMm(), 3) + "–" + Show.fixed(mostHotMm(), 3);
        List<Finding> findings = new ArrayList<>();
        if (leastHotMm() < 0) {
            findings.add(new Finding(
                    "hot-preload",
                    Level.SOON,
                    "Hot it comes to preload: " + Show.fixed(leastHotMm(), 3) + " mm. Set it with "
                            + Show.fixed(input.setMm() - leastHotMm(), 3) + " mm or more."));
        } else {
            findings.add(new Finding("hot-play", Level.RIGHT, "Hot it keeps some play."));
        }
        return new Answer(
                List.of(
                        new Answer.Figure("end play hot", hot, "mm", "cold " + Show.fixed(input.setMm(), 3) + " mm"),
                        new Answer.Figure(
                                changeSteelMm < 0 ? "tightens by" : "loosens by",
                                Show.fixed(Math.abs(changeSteelMm), 3),
                                "mm",
                                one ? "" : "to " + Show.fixed(changeHubMm, 3) + " mm where the cups follow the hub")),
                findings,
                List.of("A hub warmed by its brake loosens; cones warmer than the hub tighten: 15 K "
                        + "take about 0.026 mm on a 50 mm cup."),
                new Worksheet(
                        "What does warmth do to the end play?",
                        List.of(
                                Worksheet.computed(
                                        "",
                                        "bracket",
                                        "Go/(2·tan αo) + Gi/(2·tan αi) − L",
                                        Show.number(bracketMm, 1) + " mm"),
                                Worksheet.computed(
                                        "Δ",
                                        "change, cups as steel",
                                        "(α·ΔT)cups·radial − αh·ΔTh·L − αs·ΔTs·bracket",
                                        Show.fixed(changeSteelMm, 4) + " mm"),
                                Worksheet.computed(
                                        "",
                                        "change, cups as the hub",
                                        "the same with αh for the cups",
                                        Show.fixed(changeHubMm, 4) + " mm"),
                                Worksheet.judged("", "end play hot", "cold + Δ", hot + " mm", "not under 0")),
                        List.of("Geometry of tapered pairs, free thermal expansion. In an alloy hub the truth "
                                + "lies between both bounds.")),
                List.of());
    }
}
