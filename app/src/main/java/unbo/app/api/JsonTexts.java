package unbo.app.api;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.StreamSupport;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import com.fasterxml.jackson.databind.node.ObjectNode;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Component;

import unbo.app.catalogue.OwnCatalogue;
import unbo.core.answer.Answer;
import unbo.core.input.FieldList;
import unbo.core.input.FieldReader;
import unbo.core.input.Problem;
import unbo.core.input.Reading;
import unbo.core.input.Typed;
import unbo.core.input.UnitSystem;
import unbo.core.tool.Ranges;
import unbo.core.tool.Shape;
import unbo.core.tool.Tool;

/**
 * Turns a JSON body into the named texts that the one reader reads; bare numbers are metric here, whatever the
 * workshop.
 */
@Component
class JsonTexts {

    private final OwnCatalogue own;

    JsonTexts(OwnCatalogue own) {
        this.own = own;
    }

    /** The input record of a call. @throws ApiProblem 400 or 422, with all problems */
    <T> T read(FieldList<T> list, JsonNode body) {
        return read(list, new BodyShape(Shape.of(list)), body);
    }

    /** The same of a body of another shape. @throws ApiProblem 400 or 422, with all problems by their paths */
    <T> T read(FieldList<T> list, BodyShape shape, JsonNode body) {
        return reading(list, shape, body).get().orElseThrow();
    }

    /** The same with how each field was understood. @throws ApiProblem 400 or 422, with all problems by their paths */
    <T> Reading<T> reading(FieldList<T> list, BodyShape shape, JsonNode body) {
        List<Problem> problems = new ArrayList<>(faults(shape, body));
        BodyShape.Filled filled = shape.filled(body);
        Reading<T> reading = FieldReader.read(list, filled.texts(), UnitSystem.METRIC, own.book());
        Set<String> named = problems.stream().map(Problem::field).collect(Collectors.toSet());
        reading.problems().stream()
                .map(filled::at)
                .filter(problem -> !named.contains(problem.field()))
                .forEach(problems::add);
        if (!problems.isEmpty()) {
            throw ApiProblem.of(problems);
        }
        return reading;
    }

    /** An answer of a tool with ranges where something in the body was written with ±. */
    <I, R> Answer ranged(Tool<I, R> tool, Reading<I> reading, Answer answer) {
        Map<String, String> texts = reading.fields().entrySet().stream()
                .collect(Collectors.toMap(Map.Entry::getKey, e -> e.getValue().typed()));
        return Ranges.of(tool, reading, Typed.of(texts, UnitSystem.METRIC), own.book(), answer);
    }

    /** Refuses a body that is not of a shape. @throws ApiProblem 400, with every fault by its path */
    static void judge(BodyShape shape, JsonNode body) {
        List<Problem> faults = faults(shape, body);
        if (!faults.isEmpty()) {
            throw ApiProblem.of(faults);
        }
    }

    private static List<Problem> faults(BodyShape shape, JsonNode body) {
        if (!body.isObject()) {
            throw new ApiProblem(
                    HttpStatus.BAD_REQUEST, "The body must be one JSON object with named fields.", List.of());
        }
        return shape.problems(body);
    }

    /** The input record of a call whose fields stand in the address. */
    <T> T read(FieldList<T> list, Map<String, String> fields) {
        ObjectNode body = JsonNodeFactory.instance.objectNode();
        fields.forEach(body::put);
        return read(list, body);
    }

    /**
     * The members of a list of objects, each read by the same fields. @throws ApiProblem with every problem, named by
     * its place in the list
     */
    <T> List<T> readAll(FieldList<T> list, String name, JsonNode members, int most) {
        if (members == null || !members.isArray() || members.isEmpty() || members.size() > most) {
            throw new ApiProblem(
                    HttpStatus.BAD_REQUEST,
                    name + " must be a list of 1 to " + most + " objects.",
                    List.of(new Problem(name, "Write a list of 1 to " + most + " objects.", false)));
        }
        List<T> records = new ArrayList<>();
        List<Problem> problems = new ArrayList<>();
        for (int i = 0; i < members.size(); i++) {
            try {
                records.add(read(list, members.get(i)));
            } catch (ApiProblem one) {
                String here = name + "[" + i + "]";
                if (one.problems().isEmpty()) {
                    problems.add(new Problem(here, one.getMessage(), false));
                }
                one.problems()
                        .forEach(p -> problems.add(new Problem(here + "." + p.field(), p.sentence(), p.readable())));
            }
        }
        if (!problems.isEmpty()) {
            throw ApiProblem.of(problems);
        }
        return records;
    }

    /** A body without some of its fields, which are read by themselves. */
    static ObjectNode without(JsonNode body, String... names) {
        if (!body.isObject()) {
            throw new ApiProblem(
                    HttpStatus.BAD_REQUEST, "The body must be one JSON object with named fields.", List.of());
        }
        return ((ObjectNode) body.deepCopy()).without(List.of(names));
    }

    /** A number as text. Its point is a decimal sign, whatever a person would mean by three figures behind one. */
    private static String plain(BigDecimal number) {
        return number.scale() == 3 ? number.setScale(4).toString() : number.toString();
    }

    static String text(JsonNode value) {
        if (value.isNull()) {
            return "";
        }
        if (value.isNumber()) {
            return plain(value.decimalValue());
        }
        if (value.isArray()) {
            return String.join(
                    "; ",
                    StreamSupport.stream(value.spliterator(), false)
                            .map(JsonTexts::text)
                            .toList());
        }
        return value.isValueNode() ? value.asText() : value.toString();
    }
}
