package unbo.app.job;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

import org.springframework.stereotype.Component;
import org.springframework.ui.Model;

import unbo.app.catalogue.KnowledgeService;
import unbo.app.race.RaceView;
import unbo.core.assembly.BearingPlaces;
import unbo.core.assembly.KindPlace;
import unbo.core.damage.Brush;
import unbo.core.damage.RaceMapInput;
import unbo.core.inspect.Inspection;
import unbo.core.sheet.Sheet;
import unbo.core.stage.RouteStage;
import unbo.core.tools.strip.PartsLookedFields;

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
    public Optional<PlaceRow.Asks> byPlace() {
        return Optional.of(PlaceRow.Asks.INSPECT);
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
        return LookedRow.about(texts) ? LookedRow.lines(sent) : Brush.touched(texts, sent);
    }

    @Override
    public boolean chosen(String name, String text) {
        return name.equals(BearingPlaces.NAME) && text.equals(PartsLookedFields.WHICH);
    }

    @Override
    public Set<String> apart(Showing shown) {
        return LookedRow.about(shown.typed().texts())
                ? Set.of(PartsLookedFields.LOOKED, BearingPlaces.NAME)
                : Set.of("inner", "outer");
    }

    @Override
    public List<StageCard.Group> groups(Showing shown) {
        if (LookedRow.about(shown.typed().texts())) {
            return List.of(new StageCard.Group("The spacer, measured", List.of("spacerNow")));
        }
        return List.of(
                new StageCard.Group(
                        "The seat it sat on, measured",
                        List.of(
                                "seatRing",
                                "plane1",
                                "plane2",
                                "seatSymbol",
                                "seatSize",
                                "seatMaterial",
                                "creep",
                                "remedy",
                                "cureAt")),
                new StageCard.Group(
                        "How it stood and turned",
                        List.of("which", "designation", "kind", "turning", "elements", "up", "load")));
    }

    @Override
    public boolean wide() {
        return true;
    }

    @Override
    public void show(Showing shown, Model model) {
        if (LookedRow.about(shown.typed().texts())) {
            model.addAttribute("looked", LookedRow.of(shown, knowledge.current().bearings()));
        } else {
            RaceMapInput map = shown.work().ok()
                    ? ((Inspection.Input) shown.work().reading().record()).races()
                    : null;
            model.addAttribute("race", RaceView.of(map));
        }
        model.addAttribute("joint", PairRead.of(shown.view(), knowledge.current()));
    }
}
