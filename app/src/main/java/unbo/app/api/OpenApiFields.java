package unbo.app.api;

import java.math.BigDecimal;
import java.util.List;
import java.util.Map;

import io.swagger.v3.oas.models.info.Info;
import io.swagger.v3.oas.models.media.ArraySchema;
import io.swagger.v3.oas.models.media.BooleanSchema;
import io.swagger.v3.oas.models.media.ComposedSchema;
import io.swagger.v3.oas.models.media.Content;
import io.swagger.v3.oas.models.media.IntegerSchema;
import io.swagger.v3.oas.models.media.MediaType;
import io.swagger.v3.oas.models.media.NumberSchema;
import io.swagger.v3.oas.models.media.ObjectSchema;
import io.swagger.v3.oas.models.media.Schema;
import io.swagger.v3.oas.models.media.StringSchema;
import io.swagger.v3.oas.models.parameters.RequestBody;
import org.springdoc.core.customizers.OpenApiCustomizer;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

import unbo.core.diagnosis.DiagnosisFields;
import unbo.core.fit.FitFields;
import unbo.core.input.Field;
import unbo.core.input.FieldList;
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
 * Describes the bodies of calls from the very field lists that read them: limits, defaults and units are never written
 * twice.
 */
@Configuration
class OpenApiFields {

    private static final Map<String, FieldList<?>> BODIES = Map.ofEntries(
            Map.entry("/api/v1/castle-nut", CastleNutFields.LIST),
            Map.entry("/api/v1/grease", BearingGreaseFields.LIST),
            Map.entry("/api/v1/hub-grease", HubGreaseFields.LIST),
            Map.entry("/api/v1/end-play", ProofFields.LIST),
            Map.entry("/api/v1/service-due", DueFields.LIST),
            Map.entry("/api/v1/diagnose", DiagnosisFields.LIST),
            Map.entry("/api/v1/runout", RunoutFields.LIST),
            Map.entry("/api/v1/rim-rock", RimRock.LIST),
            Map.entry("/api/v1/rebuild", Rebuild.LIST),
            Map.entry("/api/v1/removal", RemovalFields.LIST),
            Map.entry("/api/v1/bearing-check", BearingCheck.LIST),
            Map.entry("/api/v1/seat", Seat.LIST),
            Map.entry("/api/v1/fit", FitFields.LIST));

    @Bean
    OpenApiCustomizer bodies() {
        return api -> {
            api.setInfo(new Info()
                    .title("Unbo")
                    .version("1")
                    .description("The computations of the pages, stateless. Every quantity may also be a text "
                            + "with a unit."));
            Map<String, FieldList<?>> bodies = new java.util.TreeMap<>(BODIES);
            bodies.putAll(SettingUpApi.bodies());
            bodies.putAll(LifeApi.bodies());
            bodies.forEach((path, list) -> api.getPaths()
                    .get(path)
                    .getPost()
                    .setRequestBody(new RequestBody()
                            .required(true)
                            .content(new Content()
                                    .addMediaType("application/json", new MediaType().schema(body(list))))));
        };
    }

    private static Schema<?> body(FieldList<?> list) {
        ObjectSchema body = new ObjectSchema();
        body.setAdditionalProperties(false);
        for (Field field : list.fields()) {
            body.addProperty(field.name(), schema(field));
            if (field.required()) {
                body.addRequiredItem(field.name());
            }
        }
        return body;
    }

    private static Schema<?> schema(Field field) {
        Schema<?> schema = switch (field.kind()) {
            case QUANTITY -> quantity(field);
            case LIST ->
                new ArraySchema()
                        .items(quantity(field))
                        .minItems(field.fewest())
                        .maxItems(field.longest());
            case COUNTER -> quantity(field);
            case WHOLE ->
                new IntegerSchema().minimum(BigDecimal.valueOf(field.min())).maximum(BigDecimal.valueOf(field.max()));
            case YES_NO -> new BooleanSchema();
            case DATE -> new StringSchema().format("date");
            case CHOICE -> choice(field);
            case BEARING -> new StringSchema().maxLength(field.longest());
            case TEXT, LINES ->
                field.name().equals("checks") ? checks() : new StringSchema().maxLength(field.longest());
        };
        schema.setDescription(field.label()
                + (field.unit() == null || field.unit().symbol().isEmpty()
                        ? ""
                        : ", " + field.unit().symbol())
                + (field.hint().isEmpty() ? "" : ": " + field.hint())
                + (field.defaultText() == null ? "" : ". Default " + field.defaultText()));
        return schema;
    }

    /** Results of checks: a list of id, position and result, as {@link DiagnosisApi} takes it. */
    private static Schema<?> checks() {
        ObjectSchema entry = new ObjectSchema();
        entry.setAdditionalProperties(false);
        List.of("id", "position", "result").forEach(name -> entry.addProperty(name, new StringSchema()));
        entry.setRequired(List.of("id", "result"));
        return new ArraySchema().items(entry);
    }

    private static Schema<?> quantity(Field field) {
        return new ComposedSchema()
                .oneOf(List.of(
                        new NumberSchema()
                                .minimum(BigDecimal.valueOf(field.min()))
                                .maximum(BigDecimal.valueOf(field.max())),
                        new StringSchema()));
    }

    private static Schema<?> choice(Field field) {
        StringSchema schema = new StringSchema();
        field.choices().forEach(c -> schema.addEnumItem(c.code()));
        return schema;
    }
}
