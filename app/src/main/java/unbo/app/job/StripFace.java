package unbo.app.job;

import org.springframework.stereotype.Component;

import unbo.core.stage.RouteStage;

/** Strip keeps an entry for each bearing. */
@Component
class StripFace implements StageFace {

    @Override
    public RouteStage stage() {
        return RouteStage.STRIP;
    }

    @Override
    public boolean several() {
        return true;
    }
}
