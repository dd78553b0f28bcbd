package unbo.app.api;

import java.util.Map;
import java.util.TreeMap;

import io.swagger.v3.oas.models.info.Info;
import io.swagger.v3.oas.models.media.Content;
import io.swagger.v3.oas.models.media.MediaType;
import io.swagger.v3.oas.models.parameters.RequestBody;
import org.springdoc.core.customizers.OpenApiCustomizer;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

import unbo.core.inspect.BearingCheck;
import unbo.core.inspect.Seat;
import unbo.core.lubrication.BearingGreaseFields;
import unbo.core.lubrication.HubGreaseFields;
import unbo.core.parts.Rebuild;
import unbo.core.proof.ProofFields;
import unbo.core.runout.RimRock;
import unbo.core.runout.RunoutFields;
import unbo.core.service.DueFields;
import unbo.core.setting.CastleNutFields;
import unbo.core.strip.RemovalFields;

/**
 * Describes the bodies of calls from the very shapes and field lists that judge and read them: limits, defaults and
 * units are never written twice.
 */
@Configuration
class OpenApiFields {

    private static final Map<String, BodyShape> BODIES = Map.ofEntries(
            Map.entry("/api/v1/castle-nut", BodyShape.of(CastleNutFields.LIST)),
            Map.entry("/api/v1/grease", BodyShape.of(BearingGreaseFields.LIST)),
            Map.entry("/api/v1/hub-grease", BodyShape.of(HubGreaseFields.LIST)),
            Map.entry("/api/v1/end-play", BodyShape.of(ProofFields.LIST)),
            Map.entry("/api/v1/service-due", BodyShape.of(DueFields.LIST)),
            Map.entry("/api/v1/diagnose", DiagnosisApi.DIAGNOSE),
            Map.entry("/api/v1/runout", BodyShape.of(RunoutFields.LIST)),
            Map.entry("/api/v1/rim-rock", BodyShape.of(RimRock.LIST)),
            Map.entry("/api/v1/rebuild", BodyShape.of(Rebuild.LIST)),
            Map.entry("/api/v1/removal", BodyShape.of(RemovalFields.LIST)),
            Map.entry("/api/v1/bearing-check", BodyShape.of(BearingCheck.LIST)),
            Map.entry("/api/v1/seat", BodyShape.of(Seat.LIST)),
            Map.entry("/api/v1/fit", FitApi.FIT));

    @Bean
    OpenApiCustomizer bodies() {
        return api -> {
            api.setInfo(new Info()
                    .title("Unbo")
                    .version("1")
                    .description("The computations of the pages, stateless. Every quantity may also be a text "
                            + "with a unit."));
            Map<String, BodyShape> bodies = new TreeMap<>(BODIES);
            bodies.putAll(SettingUpApi.bodies());
            bodies.putAll(LifeApi.bodies());
            bodies.put("/api/v1/race-map", InspectApi.RACES);
            bodies.put("/api/v1/parts", PartsApi.PARTS);
            bodies.forEach((path, shape) -> api.getPaths()
                    .get(path)
                    .getPost()
                    .setRequestBody(new RequestBody()
                            .required(true)
                            .content(new Content()
                                    .addMediaType("application/json", new MediaType().schema(shape.schema())))));
        };
    }
}
