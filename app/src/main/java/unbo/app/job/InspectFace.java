package unbo.app.job;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

import org.springframework.stereotype.Component;
import org.springframework.ui.Model;

import unbo.app.catalogue.KnowledgeService;
import unbo.app.race.RaceView;
import unbo.core.assembly.AssemblyKind;
import unbo.core.assembly.BearingPlaces;
import unbo.core.assembly.KindPlace;
import unbo.core.damage.Brush;
import unbo.core.damage.RaceMap;
import unbo.core.damage.RaceMapInput;
import unbo.core.inspect.Inspection;
import unbo.core.inspect.JointReading;
import unbo.core.route.StageRule;
import unbo.core.sheet.Sheet;
import unbo.core.stage.RouteStage;

/** Inspect paints races, an entry for each place. */
@Component
class InspectFace implements StageFace {

    private final KnowledgeService knowledge;

    InspectFace(KnowledgeService knowledge) {
        this.knowledge = knowledge;
    }

    @Override
    public RouteStage stage() {
        return RouteStage.INSPECT;
    }

    @Override
    public boolean several() {
        return true;
    }

    @Override
    public Set<String> chooses() {
        return Set.of(BearingPlaces.NAME, PlaceRow.Asks.INSPECT.box());
    }

    @Override
    public Optional<StageEntry> entry(JobView view, Map<String, String> sent) {
        Sheet sheet = view.sheetFor(stage());
        return PlaceRow.entry(
                view.station(stage()),
                PlaceRow.About.of(sent, PlaceRow.Asks.INSPECT, sheet),
                PlaceRow.Asks.INSPECT,
                sheet);
    }

    /** The first place that nobody has looked at yet. */
    @Override
    public Map<String, String> begins(JobView view) {
        Sheet sheet = view.sheetFor(stage());
        if (sheet.kind().isEmpty()) {
            return Map.of();
        }
        for (KindPlace place : sheet.places()) {
            PlaceRow.About about = new PlaceRow.About(place.code(), "outer");
            if (PlaceRow.entry(view.station(stage()), about, PlaceRow.Asks.INSPECT, sheet)
                    .isEmpty()) {
                return Map.of(BearingPlaces.NAME, place.code(), PlaceRow.Asks.INSPECT.box(), "outer");
            }
        }
        return Map.of();
    }

    @Override
    public Map<String, String> touched(Map<String, String> texts, Map<String, String> sent) {
        return Brush.touched(texts, sent);
    }

    @Override
    public boolean wide() {
        return true;
    }

    @Override
    public void show(Showing shown, Model model) {
        RaceMapInput map =
                shown.work().ok() ? ((Inspection.Input) shown.work().reading().record()).races() : null;
        model.addAttribute("race", RaceView.of(map));
        model.addAttribute("places", PlaceRow.of(shown, PlaceRow.Asks.INSPECT, "not looked at"));
        model.addAttribute("joint", joint(shown));
    }

    /** What the first two bearings say together, where both were looked at and kept. */
    private List<JointReading.Said> joint(Showing shown) {
        List<JointReading.Bearing> looked = new ArrayList<>();
        Sheet sheet = shown.sheet();
        for (KindPlace place : sheet.places().stream().limit(2).toList()) {
            PlaceRow.About about = new PlaceRow.About(place.code(), "outer");
            PlaceRow.entry(shown.view().station(stage()), about, PlaceRow.Asks.INSPECT, sheet)
                    .map(entry -> shown.rule().work(entry.typed(), sheet, knowledge.current()))
                    .filter(StageRule.Work::ok)
                    .map(work -> ((Inspection.Input) work.reading().record()).races())
                    .ifPresent(races -> looked.add(new JointReading.Bearing(place.label(), RaceMap.of(races))));
        }
        boolean turns = sheet.kind().map(AssemblyKind::housing).orElse(true);
        return looked.size() < 2
                ? List.of()
                : JointReading.of(turns, looked.get(0), looked.get(1)).said();
    }
}
