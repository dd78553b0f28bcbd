package unbo.app.job;

import org.springframework.stereotype.Component;
import org.springframework.ui.Model;

import unbo.core.arrange.Arrangement;
import unbo.core.input.Field;
import unbo.core.stage.RouteStage;

/** Fit asks for one ring, and beside it for the whole shaft. */
@Component
class FitFace implements StageFace {

    @Override
    public RouteStage stage() {
        return RouteStage.FIT;
    }

    @Override
    public boolean several() {
        return true;
    }

    @Override
    public void show(Showing shown, Model model) {
        model.addAttribute(
                "arranged", Arrangement.fields(false).stream().map(Field::name).toList());
    }
}
