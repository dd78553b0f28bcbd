package unbo.app.job;

import java.util.List;
import java.util.Map;
import java.util.Optional;

import org.springframework.stereotype.Component;
import org.springframework.ui.Model;

import unbo.app.catalogue.KnowledgeService;
import unbo.core.assembly.AssemblyKind;
import unbo.core.assembly.BearingPlaces;
import unbo.core.assembly.KindPlace;
import unbo.core.input.Field;
import unbo.core.route.PutBack;
import unbo.core.sheet.Sheet;
import unbo.core.stage.RouteStage;
import unbo.core.tools.setting.ArrangementFields;
import unbo.core.tools.strip.ApartWords;

/** Fit asks for one ring of one place, and beside it for the whole shaft. */
@Component
class FitFace implements StageFace {

    private final KnowledgeService knowledge;

    FitFace(KnowledgeService knowledge) {
        this.knowledge = knowledge;
    }

    @Override
    public RouteStage stage() {
        return RouteStage.FIT;
    }

    @Override
    public Optional<PlaceRow.Asks> byPlace() {
        return Optional.of(PlaceRow.Asks.FIT);
    }

    /** The first ring that nobody has fitted yet, the tight ones before the others. */
    @Override
    public Map<String, String> begins(JobView view) {
        Sheet sheet = view.sheetFor(stage());
        if (sheet.kind().isEmpty()) {
            return Map.of();
        }
        boolean housing = sheet.kind().map(AssemblyKind::housing).orElse(true);
        List<String> order = housing ? PlaceRow.RINGS : List.of("inner", "outer");
        for (String ring : order) {
            for (KindPlace place : sheet.places()) {
                PlaceRow.About about = new PlaceRow.About(place.code(), ring);
                if (PlaceRow.asked(place, PlaceRow.Asks.FIT).contains(about)
                        && PlaceRow.entry(view.station(stage()), about, PlaceRow.Asks.FIT, sheet)
                                .isEmpty()) {
                    return Map.of(BearingPlaces.NAME, place.code(), PlaceRow.Asks.FIT.box(), ring);
                }
            }
        }
        return Map.of();
    }

    @Override
    public List<StageCard.Group> groups(Showing shown) {
        return List.of(
                new StageCard.Group(
                        "Its seat, measured",
                        List.of("measuredMinMm", "measuredMaxMm", "material", "shaftBoreMm", "housingOutsideMm")),
                new StageCard.Group(
                        "Heat, cold, mass", List.of("way", "deltaT", "ambient", "chilled", "limit", "massKg", "rough")),
                new StageCard.Group(
                        "What is left of its clearance",
                        List.of("clearanceClass", "radialClearance", "otherRingUm", "toleranceClass", "bothTight")),
                new StageCard.Group("The new one: maker, batch", List.of("maker", "batch", "bought")),
                new StageCard.Group(
                        "Which bearing and ring", List.of("where", "designation", "bore", "outside", "width")),
                new StageCard.Group("The whole shaft: free to grow?", arranged()));
    }

    private static List<String> arranged() {
        return ArrangementFields.fields(false).stream().map(Field::name).toList();
    }

    @Override
    public void show(Showing shown, Model model) {
        JobView view = shown.view();
        Sheet whole =
                shown.work().ok() ? view.sheet().with(shown.work().outcome().facts()) : view.sheet();
        model.addAttribute(
                "together",
                PutBack.of(whole, view.station(RouteStage.STRIP).typed(), knowledge.current())
                        .map(ApartWords::together)
                        .orElse(List.of()));
    }
}
