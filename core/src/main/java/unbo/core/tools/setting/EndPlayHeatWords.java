package unbo.core.tools.setting;

import java.util.ArrayList;
import java.util.List;

import unbo.core.answer.Answer;
import unbo.core.arrange.EndPlayHeat;
import unbo.core.finding.Finding;
import unbo.core.finding.Level;
import unbo.core.measure.Show;
import unbo.core.worksheet.Worksheet;

/** End play hot, in print. */
public final class EndPlayHeatWords {

    private EndPlayHeatWords() {}

    public static Answer answer(EndPlayHeat heat) {
        boolean one = Math.abs(heat.changeSteelMm() - heat.changeHubMm()) < 5e-4;
        String hot = one
                ? Show.fixed(heat.leastHotMm(), 3)
                : Show.fixed(heat.leastHotMm(), 3) + "–" + Show.fixed(heat.mostHotMm(), 3);
        List<Finding> findings = new ArrayList<>();
        if (heat.leastHotMm() < 0) {
            findings.add(new Finding(
                    "hot-preload",
                    Level.SOON,
                    "Hot it comes to preload: " + Show.fixed(heat.leastHotMm(), 3) + " mm. Set it with "
                            + Show.fixed(heat.input().setMm() - heat.leastHotMm(), 3) + " mm or more."));
        } else {
            findings.add(new Finding("hot-play", Level.RIGHT, "Hot it keeps some play."));
        }
        return new Answer(
                List.of(
                        new Answer.Figure(
                                "end play hot",
                                hot,
                                "mm",
                                "cold " + Show.fixed(heat.input().setMm(), 3) + " mm"),
                        Answer.Figure.fixed(
                                heat.changeSteelMm() < 0 ? "tightens by" : "loosens by",
                                Math.abs(heat.changeSteelMm()),
                                3,
                                "mm",
                                one
                                        ? ""
                                        : "to " + Show.fixed(heat.changeHubMm(), 3)
                                                + " mm where the cups follow the hub")),
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
                                        Show.number(heat.bracketMm(), 1) + " mm"),
                                Worksheet.computed(
                                        "Δ",
                                        "change, cups as steel",
                                        "(α·ΔT)cups·radial − αh·ΔTh·L − αs·ΔTs·bracket",
                                        Show.fixed(heat.changeSteelMm(), 4) + " mm"),
                                Worksheet.computed(
                                        "",
                                        "change, cups as the hub",
                                        "the same with αh for the cups",
                                        Show.fixed(heat.changeHubMm(), 4) + " mm"),
                                Worksheet.judged("", "end play hot", "cold + Δ", hot + " mm", "not under 0")),
                        List.of("Geometry of tapered pairs, free thermal expansion. In an alloy hub the truth "
                                + "lies between both bounds.")),
                List.of());
    }
}
