package unbo.app.job;

import org.springframework.stereotype.Component;
import org.springframework.ui.Model;

import unbo.core.lubrication.HubGreaseInput;
import unbo.core.stage.RouteStage;

/** Grease shows what the shelf has for the place. */
@Component
class GreaseFace implements StageFace {

    private final ShelfOffers shelf;

    GreaseFace(ShelfOffers shelf) {
        this.shelf = shelf;
    }

    @Override
    public RouteStage stage() {
        return RouteStage.GREASE;
    }

    @Override
    public void show(Showing shown, Model model) {
        if (shown.work().ok()) {
            shelf.greases(
                    shown.view().job().id(),
                    (HubGreaseInput) shown.work().reading().record(),
                    model);
        }
    }
}
