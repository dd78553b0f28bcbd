package unbo.app.api;

import java.util.List;
import java.util.stream.Collectors;

import com.fasterxml.jackson.databind.DeserializationFeature;
import com.fasterxml.jackson.databind.JsonMappingException;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.MapperFeature;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.exc.UnrecognizedPropertyException;
import com.fasterxml.jackson.databind.json.JsonMapper;
import org.springframework.http.HttpStatus;

import unbo.core.input.Problem;

/** Binds bodies to records; an unknown or wrongly typed member at any depth is named by its path. */
final class TypedBody {

    private static final ObjectMapper STRICT = JsonMapper.builder()
            .enable(DeserializationFeature.FAIL_ON_UNKNOWN_PROPERTIES)
            .enable(DeserializationFeature.FAIL_ON_NULL_FOR_PRIMITIVES)
            .disable(MapperFeature.ALLOW_COERCION_OF_SCALARS)
            .build();

    private TypedBody() {}

    /** @throws ApiProblem 400, with the member by its path */
    static <T> T read(JsonNode body, Class<T> type) {
        if (!body.isObject()) {
            throw new ApiProblem(
                    HttpStatus.BAD_REQUEST, "The body must be one JSON object with named fields.", List.of());
        }
        try {
            return STRICT.treeToValue(body, type);
        } catch (UnrecognizedPropertyException unknown) {
            throw refused(path(unknown), "There is no such member: leave it out, or look its name up.");
        } catch (JsonMappingException wrong) {
            throw refused(path(wrong), "This is not of the type that it must be.");
        } catch (com.fasterxml.jackson.core.JsonProcessingException wrong) {
            throw refused("", "The body cannot be read.");
        }
    }

    private static String path(JsonMappingException fault) {
        return fault.getPath().stream()
                .map(step -> step.getFieldName() == null ? "[" + step.getIndex() + "]" : "." + step.getFieldName())
                .collect(Collectors.joining())
                .replaceFirst("^\\.", "");
    }

    private static ApiProblem refused(String path, String sentence) {
        return ApiProblem.of(List.of(new Problem(path, (path + ": " + sentence).replaceFirst("^: ", ""), false)));
    }
}
