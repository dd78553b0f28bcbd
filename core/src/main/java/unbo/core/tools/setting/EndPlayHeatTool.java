package unbo.core.tools.setting;

import java.util.List;
import java.util.Map;
import java.util.Optional;

import com.google.auto.service.AutoService;

import unbo.core.answer.Answer;
import unbo.core.arrange.EndPlayHeat;
import unbo.core.drawing.Drawing;
import unbo.core.input.FieldList;
import unbo.core.tool.About;
import unbo.core.tool.Call;
import unbo.core.tool.Offered;
import unbo.core.tool.Shape;
import unbo.core.tool.Tool;
import unbo.core.tool.Work;
import unbo.core.tools.Pictures;

/** What does warmth do to the end play of a tapered pair? */
@AutoService(Offered.class)
public final class EndPlayHeatTool implements Tool<EndPlayHeat.Input, EndPlayHeat> {

    /** Change and end play when hot, least and most. */
    public record PlayHot(double changeLeastMm, double changeMostMm, double hotLeastMm, double hotMostMm) {}

    @Override
    public About about() {
        return new About(
                "end-play-heat",
                "End play hot and cold",
                "What does warmth do to the end play of a tapered pair?",
                Work.SET,
                90);
    }

    @Override
    public FieldList<EndPlayHeat.Input> fields() {
        return EndPlayHeatFields.LIST;
    }

    @Override
    public Map<String, String> sample() {
        return Map.of(
                "outerRace",
                "50",
                "outerAngle",
                "14",
                "innerRace",
                "50",
                "innerAngle",
                "14",
                "between",
                "50",
                "hubWarmer",
                "40");
    }

    @Override
    public EndPlayHeat compute(EndPlayHeat.Input in) {
        return EndPlayHeat.of(in);
    }

    @Override
    public Optional<Drawing> picture() {
        return Pictures.assembly("adjustable-taper");
    }

    @Override
    public Answer print(EndPlayHeat result) {
        return EndPlayHeatWords.answer(result);
    }

    @Override
    public List<Call<EndPlayHeat>> calls() {
        return List.of(Call.post(
                "end-play-heat",
                "End play of a tapered pair, cold and hot, both bounds in an alloy hub",
                Shape.of(EndPlayHeatFields.LIST),
                PlayHot.class,
                EndPlayHeatTool::hot));
    }

    private static PlayHot hot(EndPlayHeat e) {
        return new PlayHot(
                Math.min(e.changeSteelMm(), e.changeHubMm()),
                Math.max(e.changeSteelMm(), e.changeHubMm()),
                e.leastHotMm(),
                e.mostHotMm());
    }
}
