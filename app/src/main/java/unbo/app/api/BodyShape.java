package unbo.app.api;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import java.util.stream.StreamSupport;

import com.fasterxml.jackson.databind.JsonNode;
import io.swagger.v3.oas.models.media.ArraySchema;
import io.swagger.v3.oas.models.media.BooleanSchema;
import io.swagger.v3.oas.models.media.ComposedSchema;
import io.swagger.v3.oas.models.media.IntegerSchema;
import io.swagger.v3.oas.models.media.NumberSchema;
import io.swagger.v3.oas.models.media.ObjectSchema;
import io.swagger.v3.oas.models.media.Schema;
import io.swagger.v3.oas.models.media.StringSchema;
import io.swagger.v3.oas.models.parameters.Parameter;

import unbo.core.input.Field;
import unbo.core.input.Problem;
import unbo.core.tool.Shape;

/**
 * Judges bodies of calls by their shape, reads them into the boxes of a form, and describes them. A body is judged
 * before anything is read, each fault named by its path; limits of the trade stay the fields'.
 */
final class BodyShape {

    private static final int MOST_NAMED = 5;
    private static final int LONGEST_NAME = 40;

    private final Shape shape;

    BodyShape(Shape shape) {
        this.shape = shape;
    }

    /** What is not there or not what it must be, by its path. */
    List<Problem> problems(JsonNode body) {
        List<Problem> problems = new ArrayList<>();
        judge(shape, "", body, problems);
        return problems;
    }

    private static void judge(Shape shape, String path, JsonNode object, List<Problem> problems) {
        List<String> unknown = new ArrayList<>();
        object.properties().forEach(entry -> {
            Shape.Member member = shape.members().get(entry.getKey());
            if (member == null) {
                unknown.add(path + shortened(entry.getKey()));
            } else if (!entry.getValue().isNull()) {
                judge(member, path + entry.getKey(), entry.getValue(), problems);
            }
        });
        if (!unknown.isEmpty()) {
            problems.add(unknown(shape, unknown));
        }
    }

    private static void judge(Shape.Member member, String path, JsonNode value, List<Problem> problems) {
        if (member instanceof Shape.Leaf leaf) {
            if (!fits(leaf, value)) {
                problems.add(new Problem(path, leaf.field().label() + " is " + words(leaf) + ".", false));
            }
        } else if (member instanceof Shape.Inner inner) {
            object(inner.shape(), path, value, problems);
        } else if (member instanceof Shape.Rows rows && !(rows.lines() != null && value.isTextual())) {
            if (!value.isArray()) {
                problems.add(new Problem(path, "Write a list of " + words(rows.item()) + ".", false));
            }
            for (int i = 0; value.isArray() && i < value.size(); i++) {
                object(rows.item(), path + "[" + i + "]", value.get(i), problems);
            }
        }
    }

    private static void object(Shape of, String path, JsonNode value, List<Problem> problems) {
        if (value.isObject()) {
            judge(of, path + ".", value, problems);
            missing(of, path + ".", value, problems);
        } else {
            problems.add(new Problem(path, "Write " + words(of) + ".", false));
        }
    }

    /** Members that an object within a body cannot do without; those of the body itself are its fields' to ask for. */
    private static void missing(Shape of, String path, JsonNode object, List<Problem> problems) {
        of.members().forEach((name, member) -> {
            if (member instanceof Shape.Leaf leaf && leaf.field().required() && !object.hasNonNull(name)) {
                problems.add(new Problem(path + name, leaf.field().label() + " is needed.", false));
            }
        });
    }

    /** All members that are none, in one sentence: their number is not bounded, an answer is. */
    private static Problem unknown(Shape shape, List<String> names) {
        String all = names.stream().limit(MOST_NAMED).collect(Collectors.joining(", "))
                + (names.size() > MOST_NAMED ? " and " + (names.size() - MOST_NAMED) + " more" : "");
        return new Problem(
                names.get(0),
                (names.size() == 1 ? "There is no field " : "There are no fields ") + all + " here; there are "
                        + String.join(", ", shape.members().keySet()) + ".",
                false);
    }

    private static String shortened(String name) {
        return name.length() <= LONGEST_NAME ? name : name.substring(0, LONGEST_NAME) + "…";
    }

    private static String words(Shape of) {
        return "{" + String.join(", ", of.members().keySet()) + "}";
    }

    /**
     * What a body fills.
     *
     * @param texts by box
     * @param paths where each of them stands in the body, by box
     */
    record Filled(Map<String, String> texts, Map<String, String> paths) {

        private void put(String box, String text, String path) {
            texts.put(box, text);
            paths.put(box, path);
        }

        /** A problem of a box, named by where it stands in the body. */
        Problem at(Problem problem) {
            return new Problem(
                    paths.getOrDefault(problem.field(), problem.field()), problem.sentence(), problem.readable());
        }
    }

    /** The boxes that a body fills; what is not of this shape is left out. */
    Filled filled(JsonNode body) {
        Filled filled = new Filled(new LinkedHashMap<>(), new LinkedHashMap<>());
        gather(shape, "", body, filled);
        return filled;
    }

    private static void gather(Shape shape, String path, JsonNode object, Filled filled) {
        object.properties().forEach(entry -> {
            Shape.Member member = shape.members().get(entry.getKey());
            JsonNode value = entry.getValue();
            String here = path + entry.getKey();
            if (member instanceof Shape.Leaf leaf) {
                filled.put(leaf.box(), JsonTexts.text(value), here);
            } else if (member instanceof Shape.Inner inner) {
                gather(inner.shape(), here + ".", value, filled);
            } else if (member instanceof Shape.Rows rows && rows.lines() != null) {
                filled.put(rows.lines(), value.isArray() ? lines(rows.item(), value) : value.asText(), here);
            } else if (member instanceof Shape.Rows rows) {
                columns(rows.item(), here, value, filled);
            }
        });
    }

    private static String lines(Shape item, JsonNode rows) {
        return StreamSupport.stream(rows.spliterator(), false)
                .map(row -> cells(item, row).collect(Collectors.joining("; ")))
                .collect(Collectors.joining("\n"));
    }

    /** The values of an object in the order of its members, those of an object within it at its place. */
    private static Stream<String> cells(Shape item, JsonNode row) {
        return item.members().entrySet().stream()
                .flatMap(entry -> entry.getValue() instanceof Shape.Inner inner
                        ? cells(inner.shape(), row.path(entry.getKey()))
                        : Stream.of(JsonTexts.text(row.path(entry.getKey())).replaceAll("\\s*[;\\r\\n]+\\s*", ", ")));
    }

    /** Each member of the objects as the list of a box; what one leaves out is nought. */
    private static void columns(Shape item, String path, JsonNode rows, Filled filled) {
        item.members().forEach((name, member) -> {
            if (member instanceof Shape.Leaf leaf && !rows.isEmpty()) {
                filled.put(
                        leaf.box(),
                        StreamSupport.stream(rows.spliterator(), false)
                                .map(row -> row.hasNonNull(name) ? JsonTexts.text(row.get(name)) : "0")
                                .collect(Collectors.joining("; ")),
                        path);
            }
        });
    }

    private static boolean fits(Shape.Leaf leaf, JsonNode value) {
        if (leaf.bare()) {
            return value.isNumber();
        }
        return switch (leaf.field().kind()) {
            case QUANTITY, COUNTER, WHOLE, BEARING, CHOICE, DATE -> scalar(value);
            case YES_NO -> value.isBoolean() || value.isTextual();
            case LIST, TEXT, LINES ->
                scalar(value)
                        || value.isArray()
                                && StreamSupport.stream(value.spliterator(), false)
                                        .allMatch(one -> scalar(one) || one.isNull());
        };
    }

    private static boolean scalar(JsonNode value) {
        return value.isNumber() || value.isTextual();
    }

    private static String words(Shape.Leaf leaf) {
        if (leaf.bare()) {
            return "a number";
        }
        return switch (leaf.field().kind()) {
            case QUANTITY, COUNTER -> "a number, or a text with its unit";
            case WHOLE -> "a whole number";
            case YES_NO -> "true or false";
            case LIST -> "a list of numbers";
            case BEARING, CHOICE, DATE, TEXT, LINES -> "a text";
        };
    }

    /** Described as JSON schema. */
    Schema<?> schema() {
        return schema(shape);
    }

    private static Schema<?> schema(Shape of) {
        ObjectSchema body = new ObjectSchema();
        body.setAdditionalProperties(false);
        of.members().forEach((name, member) -> {
            body.addProperty(name, schema(member));
            if (member instanceof Shape.Leaf leaf && leaf.field().required()) {
                body.addRequiredItem(name);
            }
        });
        return body;
    }

    private static Schema<?> schema(Shape.Member member) {
        if (member instanceof Shape.Leaf leaf) {
            return described(leaf);
        }
        return member instanceof Shape.Inner inner
                ? schema(inner.shape())
                : new ArraySchema().items(schema(((Shape.Rows) member).item()));
    }

    /** A field of the address. */
    static Parameter parameter(String name, Shape.Leaf leaf) {
        return new Parameter()
                .in("query")
                .name(name)
                .required(leaf.field().required())
                .schema(described(leaf));
    }

    private static Schema<?> described(Shape.Leaf leaf) {
        Field field = leaf.field();
        Schema<?> schema = leaf.bare() ? number(field) : plain(field);
        schema.setDescription(field.label()
                + (field.unit() == null || field.unit().symbol().isEmpty()
                        ? ""
                        : ", " + field.unit().symbol())
                + (field.hint().isEmpty() ? "" : ": " + field.hint())
                + (field.defaultText() == null ? "" : ". Default " + field.defaultText()));
        return schema;
    }

    private static Schema<?> plain(Field field) {
        return switch (field.kind()) {
            case QUANTITY, COUNTER -> quantity(field);
            case LIST ->
                new ArraySchema()
                        .items(quantity(field))
                        .minItems(field.fewest())
                        .maxItems(field.longest());
            case WHOLE ->
                new IntegerSchema().minimum(BigDecimal.valueOf(field.min())).maximum(BigDecimal.valueOf(field.max()));
            case YES_NO -> new BooleanSchema();
            case DATE -> new StringSchema().format("date");
            case CHOICE -> choice(field);
            case TEXT, BEARING, LINES -> new StringSchema().maxLength(field.longest());
        };
    }

    private static Schema<?> quantity(Field field) {
        return new ComposedSchema().oneOf(List.of(number(field), new StringSchema()));
    }

    private static Schema<?> number(Field field) {
        return new NumberSchema().minimum(BigDecimal.valueOf(field.min())).maximum(BigDecimal.valueOf(field.max()));
    }

    private static Schema<?> choice(Field field) {
        StringSchema schema = new StringSchema();
        field.choices().forEach(c -> schema.addEnumItem(c.code()));
        return schema;
    }
}
