package unbo.app.api;

import java.util.Arrays;
import java.util.Map;
import java.util.stream.Collectors;

import io.swagger.v3.core.converter.AnnotatedType;
import io.swagger.v3.core.converter.ModelConverters;
import io.swagger.v3.core.converter.ResolvedSchema;
import io.swagger.v3.oas.models.OpenAPI;
import io.swagger.v3.oas.models.Operation;
import io.swagger.v3.oas.models.PathItem;
import io.swagger.v3.oas.models.info.Info;
import io.swagger.v3.oas.models.media.ArraySchema;
import io.swagger.v3.oas.models.media.Content;
import io.swagger.v3.oas.models.media.MediaType;
import io.swagger.v3.oas.models.media.ObjectSchema;
import io.swagger.v3.oas.models.media.Schema;
import io.swagger.v3.oas.models.media.StringSchema;
import io.swagger.v3.oas.models.parameters.RequestBody;
import io.swagger.v3.oas.models.responses.ApiResponse;
import io.swagger.v3.oas.models.responses.ApiResponses;
import org.springdoc.core.customizers.OpenApiCustomizer;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

import unbo.core.finding.Level;
import unbo.core.tool.Call;
import unbo.core.tool.Shape;
import unbo.core.tool.Tool;
import unbo.core.tool.Tools;

/**
 * Describes the calls from the very tools, shapes and field lists that judge and read them: limits, defaults and units
 * are never written twice.
 */
@Configuration
class OpenApiFields {

    private static final String JSON = "application/json";
    private static final String PROBLEM = "Problem";
    private static final String JUDGED = "Finding";

    /** Bodies of the calls that are no tool's. */
    private static final Map<String, Shape> BODIES = Map.of(
            "diagnose", DiagnosisApi.DIAGNOSE,
            "race-map", RaceApi.RACES,
            "stack", StackApi.STACK,
            "parts", PartsApi.PARTS);

    @Bean
    OpenApiCustomizer calls() {
        return api -> {
            api.setInfo(new Info()
                    .title("Unbo")
                    .version("1")
                    .description("The computations of the pages, stateless. Every quantity may also be a text "
                            + "with a unit."));
            BODIES.forEach((path, shape) ->
                    api.getPaths().get(ToolCalls.BASE + path).getPost().setRequestBody(body(shape)));
            Tools.all().forEach(tool -> describe(tool, api));
            api.schema(JUDGED, judged());
            api.schema(PROBLEM, problem());
            api.getPaths().values().forEach(path -> path.readOperations().forEach(OpenApiFields::refuses));
        };
    }

    private static <R> void describe(Tool<?, R> tool, OpenAPI api) {
        for (Call<R> call : tool.calls()) {
            Operation operation = new Operation()
                    .operationId(name(call.path()))
                    .summary(call.summary())
                    .responses(new ApiResponses().addApiResponse("200", answer(call, api)));
            PathItem path = new PathItem();
            if (call.posted()) {
                path.post(operation.requestBody(body(call.shape())));
            } else {
                call.shape().members().forEach((name, member) -> {
                    if (member instanceof Shape.Leaf leaf) {
                        operation.addParametersItem(BodyShape.parameter(name, leaf));
                    }
                });
                path.get(operation);
            }
            api.path(ToolCalls.BASE + call.path(), path);
        }
    }

    /** A path as the name of an operation: end-play-heat is endPlayHeat. */
    private static String name(String path) {
        String[] words = path.split("[-/]");
        return words[0]
                + Arrays.stream(words)
                        .skip(1)
                        .map(word -> Character.toUpperCase(word.charAt(0)) + word.substring(1))
                        .collect(Collectors.joining());
    }

    private static RequestBody body(Shape shape) {
        return new RequestBody().required(true).content(content(JSON, new BodyShape(shape).schema()));
    }

    private static Content content(String type, Schema<?> schema) {
        return new Content().addMediaType(type, new MediaType().schema(schema));
    }

    /** What a call answers: its record, and what is judged. */
    private static ApiResponse answer(Call<?> call, OpenAPI api) {
        ResolvedSchema resolved = ModelConverters.getInstance()
                .resolveAsResolvedSchema(new AnnotatedType(call.answer()).resolveAsRef(false));
        named(resolved.referencedSchemas).forEach(api::schema);
        Schema<?> record = resolved.schema;
        ObjectSchema whole = new ObjectSchema();
        named(record.getProperties()).forEach(whole::addProperty);
        whole.addProperty("level", level());
        whole.addProperty("findings", new ArraySchema().items(new Schema<>().$ref(JUDGED)));
        ResolvedSchema ranged = ModelConverters.getInstance()
                .resolveAsResolvedSchema(new AnnotatedType(Ranged.class).resolveAsRef(false));
        named(ranged.referencedSchemas).forEach(api::schema);
        Schema<?> ranges = ranged.schema;
        named(ranges.getProperties()).forEach(whole::addProperty);
        String name = call.answer().getSimpleName();
        api.schema(name, whole);
        return new ApiResponse().description("The answer").content(content(JSON, new Schema<>().$ref(name)));
    }

    @SuppressWarnings("unchecked")
    private static Map<String, Schema<?>> named(Map<String, ?> schemas) {
        return (Map<String, Schema<?>>) schemas;
    }

    private static Schema<?> level() {
        StringSchema level = new StringSchema();
        Arrays.stream(Level.values()).map(Level::code).forEach(level::addEnumItem);
        return level;
    }

    private static Schema<?> judged() {
        return new ObjectSchema()
                .addProperty("code", new StringSchema())
                .addProperty("level", level())
                .addProperty("sentence", new StringSchema());
    }

    private static Schema<?> problem() {
        return new ObjectSchema()
                .addProperty("title", new StringSchema())
                .addProperty("detail", new StringSchema())
                .addProperty(
                        "errors",
                        new ArraySchema()
                                .items(new ObjectSchema()
                                        .addProperty("field", new StringSchema())
                                        .addProperty("message", new StringSchema())));
    }

    private static void refuses(Operation operation) {
        operation
                .getResponses()
                .addApiResponse("400", refused("Cannot be read; an unknown or wrongly typed member too"))
                .addApiResponse("422", refused("Was read, but cannot be"));
    }

    private static ApiResponse refused(String words) {
        return new ApiResponse()
                .description(words)
                .content(content("application/problem+json", new Schema<>().$ref(PROBLEM)));
    }
}
