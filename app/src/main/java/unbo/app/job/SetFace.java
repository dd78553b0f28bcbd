package unbo.app.job;

import java.util.Map;
import java.util.Optional;
import java.util.Set;

import org.springframework.stereotype.Component;
import org.springframework.ui.Model;

import unbo.app.setting.NutAnswer;
import unbo.core.drawing.Drawing;
import unbo.core.input.FieldReader;
import unbo.core.input.Typed;
import unbo.core.input.UnitSystem;
import unbo.core.route.SetWay;
import unbo.core.route.StageRule;
import unbo.core.setting.CastleNut;
import unbo.core.setting.CastleNutInput;
import unbo.core.stack.StackInput;
import unbo.core.stage.RouteStage;
import unbo.core.tools.setting.CastleNutDrawing;
import unbo.core.tools.setting.CastleNutFields;

/** Set is done by one of its ways; a stack begins with the shims of the shelf, a nut is turned by hand. */
@Component
class SetFace implements StageFace {

    private static final String SHIMS = "shims";
    private static final String ANGLE = "freeAngleDeg";

    private final ShelfOffers shelf;

    SetFace(ShelfOffers shelf) {
        this.shelf = shelf;
    }

    @Override
    public RouteStage stage() {
        return RouteStage.SET;
    }

    @Override
    public Set<String> chooses() {
        return Set.of(SetWay.BY);
    }

    @Override
    public boolean chosen(String name, String text) {
        return SetWay.of(text).isPresent();
    }

    @Override
    public Optional<StageEntry> entry(JobView view, Map<String, String> sent) {
        return view.station(stage()).entries().stream()
                .filter(entry -> entry.of().equals(sent.get(SetWay.BY)))
                .findFirst();
    }

    @Override
    public Typed begun(StageRule<?> rule, Typed typed) {
        return rule.asked().contains(SHIMS) && typed.text(SHIMS).isBlank()
                ? typed.with(SHIMS, shelf.shims(), UnitSystem.METRIC)
                : typed;
    }

    @Override
    public void show(Showing shown, Model model) {
        model.addAttribute("ways", SetWay.all());
        model.addAttribute("way", SetWay.of(shown.typed().text(SetWay.BY)).orElse(SetWay.usual(shown.sheet())));
        Object input = shown.work().ok() ? shown.work().reading().record() : null;
        if (input instanceof StackInput stack) {
            shelf.shims(shown.view().job().id(), stack, model);
        }
        if (input instanceof CastleNutInput nut) {
            model.addAttribute("nut", NutAnswer.of(CastleNut.of(nut)));
        }
        if (input == null && shown.rule().fields() == CastleNutFields.LIST) {
            model.addAttribute("toTurn", toTurn(shown.typed()));
        }
    }

    /** The nut to be turned by hand, where all but its angle is known; null otherwise. */
    private static Drawing toTurn(Typed typed) {
        if (!typed.text(ANGLE).isBlank()) {
            return null;
        }
        return FieldReader.read(CastleNutFields.LIST, typed.with(ANGLE, "0", UnitSystem.METRIC))
                .get()
                .map(CastleNut::of)
                .map(CastleNutDrawing::face)
                .orElse(null);
    }
}
