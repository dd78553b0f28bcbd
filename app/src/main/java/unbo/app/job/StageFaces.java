package unbo.app.job;

import java.util.Arrays;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;

import org.springframework.stereotype.Component;

import unbo.core.stage.RouteStage;

/** The faces of the stations, by station. */
@Component
class StageFaces {

    private final Map<RouteStage, StageFace> faces = new EnumMap<>(RouteStage.class);

    StageFaces(List<StageFace> own) {
        Arrays.stream(RouteStage.values()).forEach(stage -> faces.put(stage, () -> stage));
        own.forEach(face -> faces.put(face.stage(), face));
    }

    StageFace of(RouteStage stage) {
        return faces.get(stage);
    }
}
