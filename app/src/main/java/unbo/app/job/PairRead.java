package unbo.app.job;

import java.util.ArrayList;
import java.util.List;

import unbo.core.assembly.AssemblyKind;
import unbo.core.assembly.KindPlace;
import unbo.core.damage.RaceMap;
import unbo.core.inspect.Inspection;
import unbo.core.inspect.JointReading;
import unbo.core.route.Knowledge;
import unbo.core.route.StageRule;
import unbo.core.route.StageRules;
import unbo.core.sheet.Sheet;
import unbo.core.stage.RouteStage;

/** What the first two bearings of a job say together, where both were looked at and kept. */
final class PairRead {

    private PairRead() {}

    /** Empty where fewer than two were looked at, or nothing stands out. */
    static List<JointReading.Said> of(JobView view, Knowledge known) {
        List<JointReading.Bearing> looked = new ArrayList<>();
        Sheet sheet = view.sheetFor(RouteStage.INSPECT);
        JobView.Station station = view.station(RouteStage.INSPECT);
        for (KindPlace place : sheet.places().stream().limit(2).toList()) {
            PlaceRow.About about = new PlaceRow.About(place.code(), "outer");
            PlaceRow.entry(station, about, PlaceRow.Asks.INSPECT, sheet)
                    .map(entry -> StageRules.of(RouteStage.INSPECT).work(entry.typed(), sheet, known))
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
