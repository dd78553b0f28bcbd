package unbo.core.tools.strip;

import java.util.Map;
import java.util.Optional;

import com.google.auto.service.AutoService;

import unbo.core.answer.Answer;
import unbo.core.damage.RaceMap;
import unbo.core.damage.RaceMapInput;
import unbo.core.input.FieldList;
import unbo.core.stage.RouteStage;
import unbo.core.tool.About;
import unbo.core.tool.Offered;
import unbo.core.tool.Stand;
import unbo.core.tool.Tool;
import unbo.core.tool.Work;

/** Why did it fail? Paint what you see on its races. */
@AutoService(Offered.class)
public final class RaceMapTool implements Tool<RaceMapInput, RaceMap> {

    @Override
    public About about() {
        return new About("race-map", "Race map", "Why did it fail? Paint what you see on its races.", Work.STRIP, 5);
    }

    @Override
    public FieldList<RaceMapInput> fields() {
        return RaceMapFields.LIST;
    }

    @Override
    public Map<String, String> sample() {
        return RaceMapFields.SAMPLE;
    }

    @Override
    public RaceMap compute(RaceMapInput in) {
        return RaceMap.of(in);
    }

    @Override
    public Answer print(RaceMap result) {
        return RaceMapWords.answer(result);
    }

    @Override
    public Optional<Stand> stand() {
        return Optional.of(Stand.at(RouteStage.INSPECT));
    }
}
