package unbo.app.job;

import org.springframework.stereotype.Component;
import org.springframework.ui.Model;

import unbo.core.input.Field;
import unbo.core.stage.RouteStage;
import unbo.core.tools.setting.ArrangementFields;

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
                "arranged",
                ArrangementFields.fields(false).stream().map(Field::name).toList());
    }
}
