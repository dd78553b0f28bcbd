package unbo.core.tools.strip;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

import com.google.auto.service.AutoService;

import unbo.core.answer.Answer;
import unbo.core.apart.Apart;
import unbo.core.apart.ApartInput;
import unbo.core.apart.Together;
import unbo.core.apart.WholePlan;
import unbo.core.assembly.Assembly;
import unbo.core.assembly.KindPlace;
import unbo.core.assembly.PartChange;
import unbo.core.assembly.PlaceFit;
import unbo.core.fact.FactKey;
import unbo.core.finding.Finding;
import unbo.core.input.FieldList;
import unbo.core.measure.Show;
import unbo.core.sheet.Fact;
import unbo.core.sheet.Facts;
import unbo.core.sheet.How;
import unbo.core.stage.RouteStage;
import unbo.core.strip.Tools;
import unbo.core.tool.About;
import unbo.core.tool.Offered;
import unbo.core.tool.Stand;
import unbo.core.tool.Tool;
import unbo.core.tool.Work;

/** In which order does the whole thing come apart, by what, and how does it go together again? */
@AutoService(Offered.class)
public final class ApartTool implements Tool<ApartInput, WholePlan> {

    @Override
    public About about() {
        return new About(
                "apart",
                "Take it apart, put it together",
                "In which order does the whole of it come apart, by what, what is spoiled, and how does it go back?",
                Work.STRIP,
                5);
    }

    @Override
    public FieldList<ApartInput> fields() {
        return ApartFields.LIST;
    }

    @Override
    public Map<String, String> sample() {
        return Map.of(
                ApartFields.TOOLS,
                Tools.USUAL,
                ApartFields.KIND,
                "adjustable-taper",
                "notches",
                "yes",
                ApartFields.NUMBERS,
                "outer 30204\ninner 30206");
    }

    /** Seats are those that the kind has usually. */
    @Override
    public WholePlan compute(ApartInput input) {
        return WholePlan.of(input, usualSeats(input.assembly()));
    }

    private static Map<String, Together.Seats> usualSeats(Assembly assembly) {
        Map<String, Together.Seats> seats = new HashMap<>();
        for (KindPlace place : KindPlace.of(assembly.kind())) {
            seats.put(
                    place.code(),
                    new Together.Seats(
                            PlaceFit.usual(place, true).orElse(null),
                            PlaceFit.usual(place, false).orElse(null)));
        }
        return seats;
    }

    @Override
    public Answer print(WholePlan plan) {
        return ApartWords.answer(plan);
    }

    /** Without its tables: the steps stand on the stage, and the way back after them. */
    @Override
    public Answer printInStage(WholePlan plan) {
        Answer whole = ApartWords.answer(plan);
        return new Answer(
                whole.figures(),
                whole.findings(),
                whole.sentences(),
                whole.worksheet(),
                whole.drawings(),
                whole.steps());
    }

    @Override
    public Optional<Stand> stand() {
        return Optional.of(Stand.at(RouteStage.STRIP));
    }

    @Override
    public List<Fact> gives(WholePlan plan) {
        Apart apart = plan.apart();
        Assembly built = plan.input().assembly();
        return apart == null
                ? List.of()
                : new Facts(RouteStage.STRIP)
                        .words(
                                FactKey.REMOVAL,
                                apart.steps().size() + " steps, about " + Show.number(apart.minutes(), 0) + " minutes",
                                How.COMPUTED)
                        .words(FactKey.SCRAP, ApartWords.scrapNumbers(apart), How.COMPUTED)
                        .words(FactKey.ALWAYS_NEW, String.join("; ", ApartWords.renew(apart)), How.COMPUTED)
                        .words(FactKey.BUILT, String.join(" ", built.said()), How.TYPED)
                        .words(FactKey.PARTS, PartChange.text(built.changes()), How.TYPED)
                        .list();
    }

    @Override
    public boolean complete(WholePlan plan) {
        return plan.apart() != null;
    }

    @Override
    public List<Finding> findings(WholePlan plan) {
        return ApartWords.findings(plan);
    }
}
