package unbo.core.tools.running;

import java.util.List;
import java.util.Map;
import java.util.Optional;

import com.google.auto.service.AutoService;

import unbo.core.answer.Answer;
import unbo.core.fact.FactKey;
import unbo.core.fact.PlaceProperty;
import unbo.core.finding.Finding;
import unbo.core.input.FieldList;
import unbo.core.lubrication.HubGrease;
import unbo.core.lubrication.HubGreaseInput;
import unbo.core.sheet.Fact;
import unbo.core.sheet.Facts;
import unbo.core.sheet.How;
import unbo.core.stage.RouteStage;
import unbo.core.tool.About;
import unbo.core.tool.Call;
import unbo.core.tool.Offered;
import unbo.core.tool.Shape;
import unbo.core.tool.Stand;
import unbo.core.tool.Tool;
import unbo.core.tool.Work;
import unbo.core.tools.identify.HubSection;

/** How many grams go into each bearing and into the cavity? */
@AutoService(Offered.class)
public final class HubGreaseTool implements Tool<HubGreaseInput, HubGrease> {

    /**
     * Least and most grams of each bearing, and what goes into the cavity.
     *
     * @param innerGrams empty where there is but one bearing
     */
    public record HubGrams(
            List<Double> outerGrams,
            List<Double> innerGrams,
            double cavityCm3,
            double cavityGrams,
            double totalGrams,
            List<PlaceGrams> places) {}

    /** Least and most grams of the bearing at a place; both zero where it is greased for life. */
    public record PlaceGrams(String place, List<Double> grams) {}

    @Override
    public About about() {
        return new About(
                "hub-grease",
                "Grease for a hub",
                "How many grams go into each bearing and into the cavity?",
                Work.RUN,
                10);
    }

    @Override
    public FieldList<HubGreaseInput> fields() {
        return HubGreaseFields.LIST;
    }

    @Override
    public Map<String, String> sample() {
        return Map.ofEntries(
                Map.entry("outerBore", "26.988"),
                Map.entry("outerOutside", "50.292"),
                Map.entry("outerWidth", "14.224"),
                Map.entry("innerBore", "31.75"),
                Map.entry("innerOutside", "59.131"),
                Map.entry("innerWidth", "15.875"),
                Map.entry("betweenCups", "42"),
                Map.entry("hubBore", "44"),
                Map.entry("spindle", "30"),
                Map.entry("kind", "CaS"),
                Map.entry("oldKind", "LiX"));
    }

    @Override
    public HubGrease compute(HubGreaseInput in) {
        return HubGrease.of(in);
    }

    @Override
    public Answer print(HubGrease result) {
        Answer answer = HubGreaseWords.answer(result);
        return result.input().cavity() == null
                ? answer
                : answer.with(HubSection.of(HubGreaseFields.sheet(result.input())));
    }

    @Override
    public List<Call<HubGrease>> calls() {
        return List.of(Call.post(
                "hub-grease",
                "Grease for the bearings of a hub and its cavity",
                Shape.of(HubGreaseFields.LIST),
                HubGrams.class,
                HubGreaseTool::grams));
    }

    private static HubGrams grams(HubGrease g) {
        List<PlaceGrams> places = g.portions().stream()
                .map(portion -> new PlaceGrams(
                        portion.bearing().place(),
                        List.of(portion.grams().least(), portion.grams().most())))
                .toList();
        return new HubGrams(
                places.get(0).grams(),
                places.size() > 1 ? places.get(1).grams() : List.of(),
                g.cavityCm3(),
                g.cavityGrams(),
                g.totalGrams(),
                places);
    }

    @Override
    public List<Finding> findings(HubGrease grease) {
        return grease.findings();
    }

    @Override
    public Optional<Stand> stand() {
        return Optional.of(Stand.at(RouteStage.GREASE));
    }

    @Override
    public List<Fact> gives(HubGrease grease) {
        HubGreaseInput in = grease.input();
        boolean gun = in.method().equals("gun");
        Facts facts = new Facts(RouteStage.GREASE).words(FactKey.GREASE_KIND, in.kind(), How.TYPED);
        if (in.cavity() != null) {
            facts.number(FactKey.GREASE_CAVITY_SHARE, in.cavity().share(), How.TYPED);
        }
        if (!gun) {
            grease.open()
                    .forEach(portion -> facts.number(
                            PlaceProperty.GREASE_GRAMS.at(portion.bearing().place()),
                            portion.grams().most(),
                            How.COMPUTED));
        }
        return facts.number(FactKey.GREASE_TOTAL, gun ? grease.replenishG() : grease.totalGrams(), How.COMPUTED)
                .list();
    }

    @Override
    public Answer printInStage(HubGrease grease) {
        return HubGreaseWords.answer(grease);
    }
}
